using DeepBaize.Table;

namespace DeepBaize.Rules.Tests;

/// <summary>
/// What is on: the order of play of the official Rules of Snooker (section 3: reds and colours in turn, then the colours in rising value;
/// free ball after a foul), from memory.
/// </summary>
public sealed class BallsOnTests
{
    private static readonly BallId[] Colours = [.. BallSet.Colours];
    private static readonly BallId[] Frame = [BallId.Cue, BallId.Red1, BallId.Red2, .. Colours];

    [Fact]
    public void A_red_is_on_while_one_is_up_and_then_the_lowest_colour()
    {
        Assert.Equal(BallOn.Red, BallsOn.Infer(Frame));
        for (var down = 0; down < Colours.Length; down++)
            Assert.Equal(Colours[down], BallsOn.ToBall(BallsOn.Infer([BallId.Cue, .. Colours[down..]])!.Value));
        Assert.Null(BallsOn.Infer([BallId.Cue]));
        Assert.Null(BallsOn.Infer([]));
    }

    [Fact]
    public void After_a_red_any_colour_can_be_on_and_after_the_last_red_too()
    {
        Assert.Equal([BallOn.Red, BallOn.Colour], BallsOn.Possible(Frame));
        Assert.Equal([BallOn.Yellow, BallOn.Colour], BallsOn.Possible([BallId.Cue, .. Colours]));
        // Laid without yellow and green: in order, or a colour of choice after a red.
        Assert.Equal([BallOn.Brown, BallOn.Colour], BallsOn.Possible([BallId.Cue, .. Colours[2..]]));
        Assert.Equal([BallOn.Red], BallsOn.Possible([BallId.Cue, BallId.Red5]));
        Assert.Empty(BallsOn.Possible([BallId.Cue]));
    }

    [Fact]
    public void A_colour_is_nominated_after_a_red_and_another_ball_as_a_free_ball()
    {
        Assert.Equal(Colours, BallsOn.Nominations(BallOn.Colour, false, Frame));
        Assert.Empty(BallsOn.Nominations(BallOn.Red, false, Frame));
        Assert.Equal(Colours, BallsOn.Nominations(BallOn.Red, true, Frame));
        Assert.Equal(Colours[1..], BallsOn.Nominations(BallOn.Yellow, true, [BallId.Cue, .. Colours]));
    }

    [Fact]
    public void What_cannot_be_with_these_balls_is_taken_out_and_named()
    {
        var said = new PlayState(BallOn.Red, BallId.Pink, IsInHand: true, IsFreeBall: true, new Scores(40, 33), 12, 2);
        Assert.Equal(said, BallsOn.Clean(said, Frame, out var nothing));
        Assert.Empty(nothing);

        var clean = BallsOn.Clean(said, [BallId.Cue, BallId.Black], out var dropped);
        Assert.Equal(said with { On = null, Nominated = null }, clean);
        Assert.Equal([new(ChoiceKind.On, On: BallOn.Red), new(ChoiceKind.Nomination, Ball: BallId.Pink)], dropped);

        var colour = BallsOn.Clean(new PlayState(BallOn.Colour, BallId.Blue, IsFreeBall: true), Frame, out var notFree);
        Assert.False(colour.IsFreeBall);
        Assert.Equal(BallId.Blue, colour.Nominated);
        Assert.Equal(new DroppedChoice(ChoiceKind.FreeBall), Assert.Single(notFree));
    }

    /// <summary>A plan that plays the colours in order names the colour that is on anyway.</summary>
    [Fact]
    public void To_name_the_ball_that_alone_is_on_is_no_contradiction()
    {
        var clean = BallsOn.Clean(
            new PlayState(BallOn.Black, Nominated: BallId.Black), [BallId.Cue, BallId.Black], out var dropped);
        Assert.Null(clean.Nominated);
        Assert.Empty(dropped);
        BallsOn.Clean(new PlayState(BallOn.Pink, Nominated: BallId.Black), [BallId.Cue, BallId.Pink, BallId.Black], out dropped);
        Assert.Equal(ChoiceKind.Nomination, Assert.Single(dropped).Kind);
    }
}
