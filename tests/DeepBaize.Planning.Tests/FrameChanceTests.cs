using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>How the score weighs points: common practice, no source, but for the arithmetic of the rules.</summary>
public sealed class FrameChanceTests
{
    [Fact]
    public void Early_and_level_it_is_about_the_points()
    {
        var start = FrameState.Start(BallGauge.Standard);
        foreach (var points in new[] { -8.0, -2, 2, 8 }) Assert.InRange(Weigh(start, points) / points, 0.97, 1.03);
        Assert.Equal(0.5, FrameChance.Of(0, 147), 12);
    }

    /// <summary>Who leads by much does not gamble, who is far behind does.</summary>
    [Fact]
    public void Who_leads_plays_safe_and_who_is_behind_goes_for_it()
    {
        Assert.True(Gamble(0) is > -0.2 and < 0.2);
        Assert.True(Gamble(35) < -0.5);
        Assert.True(Gamble(-35) > 0.5);

        // Eight points won or lost with even chances.
        double Gamble(int lead) =>
            (Weigh(Colours(lead, Yellow), 8) + Weigh(Colours(lead, Yellow), -8)) / 2;
    }

    /// <summary>30 behind with 27 left only penalties help: the yellow brings next to nothing, a foul of the other side much.</summary>
    [Fact]
    public void Who_needs_snookers_gains_by_fouls_and_not_by_pots()
    {
        var frame = Colours(-30, Yellow);
        var pot = FrameChance.Weigh(frame, Pot(frame), 2);
        var foul = Weigh(frame, 4);
        Assert.True(pot < foul / 3, $"{pot} and {foul}");
        Assert.True(FrameChance.After(frame, Pot(frame), 2) < 0.1);
    }

    [Fact]
    public void A_lead_of_more_than_is_left_is_nearly_the_frame()
    {
        Assert.True(FrameChance.Of(28, 27) > 0.9);
        Assert.True(FrameChance.Of(8, 7) > 0.75);
        Assert.Equal(1, FrameChance.Of(20, 7) + FrameChance.Of(-20, 7), 12);
    }

    /// <summary>The last black is weighed by itself: half of what the frame is worth lies between even chances and winning it.</summary>
    [Fact]
    public void The_last_black_is_the_frame()
    {
        var frame = Colours(0, Black);
        var missed = Ruled(frame);
        Assert.Equal(3, FrameChance.Weigh(frame, missed, 3));
        Assert.Equal(0.5 + 3.0 / 28, FrameChance.After(frame, missed, 3), 12);
        Assert.Equal(1, FrameChance.After(frame, missed with { End = FrameEnd.PlayerWins }, 0));
        Assert.Equal(0, FrameChance.After(frame, missed with { End = FrameEnd.OpponentWins }, 0));
    }

    /// <summary>What points are worth after a stroke that leaves the balls as they are.</summary>
    private static double Weigh(FrameState frame, double points) => FrameChance.Weigh(frame, Ruled(frame), points);

    private static FrameState Colours(int lead, BallId lowest) => new(
        [
            new PlacedBall(Cue, new Place(1, 1)),
            .. BallSet.Colours.Where(colour => colour >= lowest).Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value)),
        ],
        BallGauge.Standard, lowest == Black ? BallOn.Black : BallOn.Yellow, new Scores(Math.Max(0, lead), Math.Max(0, -lead)));

    private static Ruling Ruled(FrameState frame) => new(0, 0, [], false, MissCall.None, FrameEnd.None, [], frame.ForOpponent());

    private static Ruling Pot(FrameState frame) => new(2, 0, [], true, MissCall.None, FrameEnd.None, [], frame with
    {
        On = BallOn.Green,
        Balls = [.. frame.Balls.Where(placed => placed.Ball != Yellow)],
        Scores = new Scores(frame.Scores.Player + 2, frame.Scores.Opponent),
    });
}
