using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Rules.Tests;

/// <summary>
/// When a foul is also a miss, and what counts towards losing the frame by misses (official rules, section 3, "Foul and a miss"; from
/// memory).
/// </summary>
public sealed class MissTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;
    private static readonly Referee Referee = new(new Sight(TableOutline.Club, Gauge));
    private static readonly Place Open = new(1.2, 0.5);

    private static FrameState Frame(BallOn on, params PlacedBall[] balls) => new(balls, Gauge, on);

    private static FrameState Reds(Place white) =>
        Frame(BallOn.Red, new(Cue, white), new(Red1, new Place(2.5, 0.5)), new(Red2, new Place(2.6, 1.2)), new(Black, Spots.Black),
        new(Pink, Spots.Pink));

    private static Ruling MissAll(FrameState frame) =>
        Referee.Judge(frame, null, new StrokeFacts { After = [.. frame.ObjectBalls, new PlacedBall(Cue, Open)] });

    [Fact]
    public void Misses_of_the_two_players_are_not_counted_together()
    {
        var first = MissAll(Reds(Open));
        var opponents = MissAll(first.Next);
        var again = MissAll(opponents.Next);
        Assert.Equal([MissCall.Called, MissCall.Called, MissCall.Called], new[] { first.Miss, opponents.Miss, again.Miss });
        Assert.Equal((0, FrameEnd.None), (again.Next.Misses, again.End));
    }

    [Fact]
    public void A_new_position_begins_a_new_count_and_balls_put_back_go_on_with_it()
    {
        var first = MissAll(Reds(Open));
        Assert.Equal(MissCall.Called, MissAll(first.PlayedAgain()).Miss);
        Assert.Equal(MissCall.CalledAndWarned, MissAll(first.PutBack(Reds(Open))).Miss);
    }

    [Fact]
    public void A_miss_that_the_referee_judges_can_be_put_back()
    {
        var frame = Frame(
            BallOn.Red, new(Cue, new Place(1.5, 0.889)), new(Red1, new Place(3.0, 0.889)), new(Blue, new Place(1.6, 0.889)),
            new(Black, Spots.Black));
        var ruling = MissAll(frame);
        Assert.Equal(MissCall.RefereeJudges, ruling.Miss);
        var back = ruling.PutBack(frame);
        Assert.Equal((frame.Balls, new Scores(0, 4), 0), (back.Balls, back.Scores, back.Misses));
    }

    /// <summary>A white in the jaws of the middle pocket cannot be sent along the cushion: its shoulder is in the way.</summary>
    [Fact]
    public void A_cushion_in_the_way_is_no_full_ball_that_was_missed()
    {
        var frame = Frame(
            BallOn.Red, new(Cue, new Place(1.7845, 0.012)), new(Red1, new Place(2.9, Gauge.Radius)), new(Black, Spots.Black),
            new(Pink, Spots.Pink));
        Assert.Equal(MissCall.RefereeJudges, MissAll(frame).Miss);
        // From just in front of the jaws the same red is there to be hit.
        var before = frame with { Balls = [new(Cue, new Place(1.7845, 0.06)), .. frame.ObjectBalls] };
        Assert.Equal((MissCall.Called, 1), (MissAll(before).Miss, MissAll(before).Misses));
    }

    [Fact]
    public void From_a_white_in_hand_a_total_miss_is_a_miss()
    {
        var reds = Reds(Open);
        var frame = reds with { Balls = reds.ObjectBalls, IsInHand = true };
        Assert.Equal((MissCall.Called, 1), (MissAll(frame).Miss, MissAll(frame).Misses));
        // It was put down where nothing could be hit: from elsewhere in the D something could.
        var placed = frame with
        {
            Balls = [
            new(Cue, new Place(0.6, 0.889)), .. reds.ObjectBalls, new(Brown, new Place(0.66, 0.889)), new(Green, new Place(0.65, 0.95)),
            new(Yellow, new Place(0.65, 0.83))]
        };
        Assert.Equal(MissCall.Called, MissAll(placed).Miss);
    }

    /// <summary>24 behind and four more: 28, with 27 left once the free ball has been played.</summary>
    [Fact]
    public void A_free_ball_that_was_played_is_no_longer_left()
    {
        var frame = new FrameState(
            [new(Cue, new Place(Measurements.BaulkLine, 0.2)),
            .. BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value))], Gauge, BallOn.Yellow, new Scores(10, 34),
            IsFreeBall: true);
        var ruling = MissAll(frame);
        Assert.Equal(MissCall.None, ruling.Miss);
        Assert.Equal(27, FrameArithmetic.PointsRemaining(ruling.PlayedAgain()));
    }
}
