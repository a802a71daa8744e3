using DeepBaize.Evidence;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Physics.Simulation;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Tests;
using DeepBaize.Words;
using static DeepBaize.Planning.Tests.Tables;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Planning.Tests;

/// <summary>Doubles, plants, cannons and in-offs: the solver, the gauge of leaves, and what is told of them.</summary>
public sealed class IndirectTests
{
    /// <summary>Two reds that touch and point at the top pocket on the yellow's side.</summary>
    private static readonly (BallId Ball, double X, double Y)[] Set = SetAt(3.0, 0.5);

    [Fact]
    public void The_solver_finds_what_a_brute_scan_of_all_contacts_finds_with_its_edges()
    {
        var report = IndirectTrial.Run(Club, 721_000, 2, 7);
        Figures.Print($"2 layouts, 7 balls each: {report}.");
        Assert.True(report.Windows.Values.Sum() >= 15, report.ToString());
        Assert.True(report.Share >= 0.9, $"{report}{Environment.NewLine}{string.Join(Environment.NewLine, report.Failures)}");
    }

    /// <summary>A set goes whatever part of the first ball is met (common practice, no source); the window is that wide.</summary>
    [Fact]
    public void A_set_that_points_at_a_pocket_goes_from_a_wide_window_and_the_gauge_knows_it()
    {
        var layout = Lay([(Cue, 2.2, 0.9), .. Set]);
        var solved = new IndirectSolver(Club).All(layout, Red1, Dials.AtPace(4)).First(one => one.Pot.Way == IndirectWay.Plant);
        Assert.Equal(PocketId.TopYellowSide, solved.Pot.Pocket);
        Assert.True(solved.Window.WidthRadians * solved.Run > 0.01, $"{solved.Window.WidthRadians * solved.Run}");
        var told = Gauged(layout, HousePlayers.Club)[0];
        Assert.Equal(solved.Pot, told.Pot);
        Assert.True(told.Chance > 0.7, $"{told.Chance}");
        Assert.Equal("a set: the marked red onto another red, which goes to the top pocket, yellow side", Say(told.Pot, layout));
    }

    /// <summary>The gauge's chances against strokes that are sampled, over seeded layouts: right in the mean.</summary>
    [Fact]
    public void The_gauge_tells_chances_that_are_right_in_the_mean()
    {
        List<(double Told, double Played)> pairs = [];
        foreach (var seed in Enumerable.Range(723_000, 16))
        {
            var (layout, _) = Frames.Draw(seed, Club);
            var solver = new IndirectSolver(Club);
            foreach (var leave in Gauged(layout, HousePlayers.Club).Where(one => one.Chance > 0.12).Take(3))
            {
                var best = new[] { 4.5, 6 }.Select(pace => Dials.AtPace(Math.Min(8.5, pace + Math.Floor(leave.Metres)))).Max(dials =>
                    solver.Solve(layout, leave.Pot, dials, leave.HeadingRadians) is { } solved ? Play(layout, solved) : 0);
                pairs.Add((leave.Chance, best));
            }
        }

        var (told, played) = (pairs.Average(pair => pair.Told), pairs.Average(pair => pair.Played));
        Figures.Print(
            $"Doubles, plants, cannons and in-offs: {100 * told:0} % by the gauge, {100 * played:0} % played, {pairs.Count} pots.");
        Assert.True(pairs.Count > 12);
        Assert.InRange(told - played, -0.06, 0.06);
    }

    /// <summary>Of two colours only one is on: a plant of them is foul whatever falls (official rules, section 3).</summary>
    [Fact]
    public void Plants_of_colours_are_not_told_in_a_frame()
    {
        var layout = Lay([(Cue, 2.2, 0.9), .. Set.Select((ball, i) => (i == 0 ? Black : Pink, ball.X, ball.Y))]);
        var frame = new FrameState(layout.Balls, layout.Gauge, BallOn.Colour);
        Assert.DoesNotContain(Read(isPractice: false), one => one.Solution.Pot.Way == IndirectWay.Plant);
        Assert.Contains(Read(isPractice: true), one => one.Solution.Pot.Way == IndirectWay.Plant);
        var gauge = new LeaveGauge(Club, HousePlayers.Club);
        Assert.DoesNotContain(
            new IndirectGauge(Club, HousePlayers.Club, gauge).All(
                layout[Cue]!.Value, gauge.LinesOf(frame.ObjectBalls), frame.Playable.ToHashSet()),
            one => one.Pot.Way is IndirectWay.Plant or IndirectWay.Cannon);

        IReadOnlyList<IndirectEntry> Read(bool isPractice) => IndirectReading.Read(Club, layout, frame, HousePlayers.Club, isPractice);
    }

    /// <summary>A set that is left is a pot that is left, and the player says so.</summary>
    [Fact]
    public void What_is_left_counts_a_set_as_a_pot()
    {
        // The set's second red has no straight line for this white: the first one covers it.
        var layout = Lay([(Cue, 2.2, 0.97), .. Set]);
        var frame = new FrameState(layout.Balls, layout.Gauge, BallOn.Red);
        var left = new LeftReader(Club, HousePlayers.Club).Read(frame);
        Assert.Equal(IndirectWay.Plant, left.Indirect?.Pot.Way);
        Assert.True(left.Pot > 0.6);
        Assert.Contains("has a set", SafetyWords.Finds(left, [], frame, "the opponent"), StringComparison.Ordinal);
    }

    /// <summary>What the eye errs about makes such a stroke come out wider than a straight one along the same line.</summary>
    [Fact]
    public void The_eye_errs_about_a_double_and_not_about_a_straight_hit()
    {
        var layout = Lay((Cue, 1.2, 0.5), (Black, 1.784, 1.4));
        var solved = new IndirectSolver(Club).All(layout, Black, Dials.AtPace(6.5)).First(one => one.Pot.Way == IndirectWay.OneCushion);
        var (straight, round) = (SpreadOf(new HitIntent(Black)), SpreadOf(new IndirectIntent(solved.Pot)));
        var byEye = IndirectEye.Spread(IndirectWay.OneCushion, CueingReader.DirectionSpread(Club, HousePlayers.Club))
            * Club.Diameter * Math.Cos(solved.CutRadians) / solved.Run;
        Assert.Equal(Math.Sqrt(straight * straight + byEye * byEye), round, 1e-4);

        double SpreadOf(Intent intent) =>
            CueingReader.Deliver(Club, layout, HousePlayers.Club, solved.Strike, intent).Delivery.DirectionSpread;
    }

    [Fact]
    public void A_white_that_touches_the_ball_or_a_ball_that_is_not_there_gives_nothing()
    {
        var layout = Lay((Cue, 2, 0.9), (Red1, 2 + Club.Diameter, 0.9));
        Assert.Empty(new IndirectSolver(Club).All(layout, Red1, Dials.AtPace(5)));
        Assert.Empty(new IndirectSolver(Club).All(layout, Black, Dials.AtPace(5)));
    }

    private static (BallId Ball, double X, double Y)[] SetAt(double x, double y)
    {
        var second = new Place(x, y);
        var heading = second.HeadingTo(PottingLine.PointOf(PocketId.TopYellowSide));
        var first = PottingLine.GhostAt(heading, second, Club.Diameter);
        return [(Red1, first.X, first.Y), (Red2, x, y)];
    }

    private static IReadOnlyList<IndirectLeave> Gauged(Layout layout, PlayerProfile player)
    {
        var gauge = new LeaveGauge(Club, player);
        List<PlacedBall> balls = [.. layout.Balls.Where(placed => placed.Ball != Cue)];
        return new IndirectGauge(Club, player, gauge).All(
            layout[Cue]!.Value, gauge.LinesOf(balls), balls.Select(placed => placed.Ball).Where(BallSet.IsRed).ToHashSet());
    }

    private static double Play(Layout layout, IndirectSolution solved)
    {
        const int strokes = 200;
        var intent = new IndirectIntent(solved.Pot);
        var delivery = CueingReader.Deliver(Club, layout, HousePlayers.Club, solved.Strike, intent).Delivery;
        var (simulation, result, good) = (new TableSimulation(Club.Conditions, Club.Outline), new StrokeResult(), 0);
        for (var i = 0; i < strokes; i++)
        {
            simulation.Run(layout, delivery.Play(solved.Strike, Draws.Even(i)), result);
            if (intent.IsServedBy(result)) good++;
        }

        return (double)good / strokes;
    }

    private static string Say(IndirectPot pot, Layout layout) =>
        IndirectWords.Say(pot, new FrameState(layout.Balls, layout.Gauge, BallOn.Red));
}
