using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Windows of a dial, tip heights, cannons, dangers, regions.</summary>
public sealed class DialTests
{
    private static readonly Pot BlackTop = new(BallId.Black, PocketId.TopYellowSide);

    [Fact]
    public void A_window_through_many_tries_is_the_unbroken_row_about_the_nearest()
    {
        DialTry[] tries = [new(1, -0.3), new(2, -0.08), new(3, 0.02), new(4, 0.06), new(5, 0.2), new(6, 0.05)];
        var window = PaceWindow.Through(tries, 0.1)!;
        Assert.Equal(3, window.Best);
        Assert.Equal(2 - 0.02 / 0.22, window.Least, 1e-9);
        Assert.Equal(4 + 0.04 / 0.14, window.Most, 1e-9);
        Assert.Null(PaceWindow.Through(tries, 0.01));
        Assert.Null(PaceWindow.Between([new(1, -0.3), new(2, -0.1)], 0.05));
    }

    [Fact]
    public void A_try_that_fell_breaks_the_row()
    {
        var window = PaceWindow.Through([new(1, -0.05), new(2, double.NaN), new(3, 0.01), new(4, 0.02)], 0.1)!;
        Assert.Equal(3, window.Least);
        Assert.Equal(4, window.Most);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(0.5)]
    [InlineData(-0.3)]
    public void The_tip_height_that_is_found_brings_the_white_with_the_spin_that_was_wanted(double roll)
    {
        var (player, layout) = (new StrokePlayer(Club), Lay((BallId.Cue, 2.7, 1.1), (BallId.Black, 3.245, 0.889)));
        var strike = player.Solver.Solve(layout, BlackTop, Dials.AtPace(6.5)).Solution!.Strike;
        var height = TipHeights.For(player, layout, BallId.Black, strike, roll);
        Assert.NotNull(height);
        Assert.Equal(roll, player.Play(layout, BlackTop, strike with { Height = height.Value }).ContactRoll, 1e-3);
    }

    [Fact]
    public void No_height_is_found_where_none_is_safe()
    {
        var player = new StrokePlayer(Club);
        Assert.Null(TipHeights.ByDistance(player, 1.0, 0, [2.5])[0].Height);
        Assert.All(TipHeights.ByDistance(player, 3, 0, [0.1, 0.5, 1, 2]),
            found => Assert.InRange(found.Height ?? 0, -Dials.SafeHeight, Dials.SafeHeight));
    }

    [Fact]
    public void The_anchors_stand_apart_and_a_stun_that_needs_more_pace_gets_it()
    {
        var (player, layout) = (new StrokePlayer(Club), Lay((BallId.Cue, 2.2, 1.35), (BallId.Black, 3.245, 0.889)));
        var anchors = Anchors.Of(player, layout, BlackTop, Dials.AtPace(4));
        Assert.All(anchors, anchor => Assert.True(anchor.Stroke is { ObjectBall.Fate: ObjectBallFate.Potted }, anchor.Kind.ToString()));
        Assert.True(anchors[0].IsReached);
        Assert.True(anchors[0].Dials.Pace > 4);
        Assert.Equal(0, anchors[0].Stroke!.ContactRoll, 5e-3);
        Assert.Equal(1, anchors[1].Stroke!.ContactRoll, 0.02);
        Assert.True(anchors[2].Stroke!.ContactRoll < -0.01);
    }

    [Fact]
    public void A_stroke_and_its_neighbours_are_looked_at_for_in_offs()
    {
        var player = new StrokePlayer(Club);
        // Straight into the pocket behind the ball at a rolling pace: the white follows it in.
        var layout = Lay((BallId.Cue, 3.0, 0.569), (BallId.Red1, 3.35, 0.219));
        var pot = new Pot(BallId.Red1, PocketId.TopYellowSide);
        var solution = player.Solver.Solve(layout, pot, Dials.AtPace(5, 0, 0.4)).Solution!;
        var finder = new DangerFinder(player);
        var danger = finder.Find(layout, pot, solution.Strike).First(found => found.Kind == DangerKind.InOff);
        Assert.True(danger.IsExact);
        Assert.Equal(PocketId.TopYellowSide, danger.Pocket);
        Assert.Equal(27, danger.Of);
        var fixes = finder.Fixes(layout, pot, Dials.AtPace(5, 0, 0.4));
        Assert.NotEmpty(fixes);
        Assert.All(fixes, fix => Assert.True(player.PlayPot(layout, fix.Pot, fix.Dials)!.IsClean));
    }

    [Fact]
    public void Regions_that_overlap_or_are_empty_are_refused_with_a_sentence()
    {
        Assert.Null(RedsByRegion.Flaw(RedsByRegion.Usual));
        Assert.NotNull(RedsByRegion.Flaw([]));
        Assert.NotNull(RedsByRegion.Flaw([new Region("a", 0, 2), new Region("b", 1, 3)]));
        Assert.NotNull(RedsByRegion.Flaw([new Region("a", 2, 1)]));
    }

    [Fact]
    public void The_blues_group_may_be_spent_where_another_small_group_may_not()
    {
        var layout = Lay(
            (BallId.Cue, 0.5, 0.5), (BallId.Red1, 2.2, 0.6), (BallId.Red2, 3.4, 0.6), (BallId.Red3, 3.4, 0.9), (BallId.Red4, 2.9, 0.4),
            (BallId.Red5, 2.9, 0.6),
            (BallId.Red6, 2.9, 0.8), (BallId.Red7, 2.9, 1.0));
        var ranked = RedsByRegion.Rank(layout.Balls, RedsByRegion.Usual, [BallId.Red2, BallId.Red1, BallId.Red4], balance: true);
        Assert.Equal([BallId.Red4, BallId.Red1, BallId.Red2], ranked.Select(choice => choice.Red));
        Assert.Equal([false, false, true], ranked.Select(choice => choice.SpendsSmallGroup));
        Assert.Equal([BallId.Red2, BallId.Red1, BallId.Red4],
            RedsByRegion.Rank(layout.Balls, RedsByRegion.Usual, [BallId.Red2, BallId.Red1, BallId.Red4], balance: false)
            .Select(choice => choice.Red));
    }

    [Fact]
    public void Running_and_check_side_are_told_apart_at_a_cushion_and_flip_with_the_side()
    {
        var player = new StrokePlayer(Club);
        foreach (var mirror in new[] { false, true })
        {
            // The white leaves a thin red and meets the top cushion going to one side.
            var layout = Lay((BallId.Cue, 2.5, 0.889), (BallId.Red1, 2.9, 0.889 + 0.045));
            var (laid, sign) = mirror ? (Mirror(layout), -1) : (layout, 1);
            var right = Side(player.Play(laid, BlackTop with { Ball = BallId.Red1 }, new Physics.Impacts.Strike(0, 2.5, 0.35 * sign, 0)));
            var left = Side(player.Play(laid, BlackTop with { Ball = BallId.Red1 }, new Physics.Impacts.Strike(0, 2.5, -0.35 * sign, 0)));
            Assert.Equal(CushionSide.Running, right);
            Assert.Equal(CushionSide.Check, left);
        }

        static CushionSide Side(PlayedStroke played) => played.White.Meetings.First(meeting => meeting.Cushion == CushionId.Top).Side;
    }
}
