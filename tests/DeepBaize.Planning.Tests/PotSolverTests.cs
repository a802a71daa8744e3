using DeepBaize.Evidence;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>The solver of pots against a brute scan, and what it promises.</summary>
public sealed class PotSolverTests
{
    private static readonly Pot BlackTop = new(BallId.Black, PocketId.TopYellowSide);

    [Fact]
    public void The_solver_finds_the_pots_that_a_brute_scan_of_all_directions_finds_with_their_edges()
    {
        var report = PotTrial.Run(Club, first: 50_000, count: 5);
        Figures.Print($"5 layouts: {report}.");
        Assert.True(report.Windows > 30, report.ToString());
        Assert.True(report.Share >= 0.99, $"{report}{Environment.NewLine}{string.Join(Environment.NewLine, report.Failures)}");
        Assert.Equal(0, report.Silent);
    }

    /// <summary>The ball runs onto two that touch: one impact of three balls, in which it is the last by number.</summary>
    [Theory]
    [InlineData(BallId.Red1, BallId.Red2, BallId.Red3)]
    [InlineData(BallId.Red3, BallId.Red1, BallId.Red2)]
    [InlineData(BallId.Red2, BallId.Red1, BallId.Red3)]
    public void A_ball_that_runs_onto_two_which_touch_is_stopped_by_one_of_them(BallId ball, BallId left, BallId right)
    {
        var half = Club.Conditions.Gauge.Diameter / 2;
        var layout = Lay((BallId.Cue, 1.6, 0.889), (ball, 2.0, 0.889), (left, 2.4, 0.889 + half), (right, 2.4, 0.889 - half));
        var run = new PotSolver(Club).Watch(layout, new Pot(ball, PocketId.TopYellowSide), new Strike(0, 3, 0, 0));
        Assert.Equal((ObjectBallFate.MetBall, ball), (run.Fate, run.MetFirst));
        Assert.Contains(run.MetOnTheWay!.Value, new[] { left, right });
    }

    [Fact]
    public void The_middle_of_the_pocket_is_met_to_a_hundredth_of_a_millimetre_whatever_the_dials()
    {
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, 2.6, 1.2), (BallId.Black, 3.245, 0.889)));
        foreach (var height in new[] { -0.4, 0, 0.4 })
        {
            foreach (var side in new[] { -0.2, 0, 0.2 })
            {
                var solution = solver.Solve(layout, BlackTop, Dials.AtPace(6, side, height)).Solution!;
                Assert.Equal(0, solution.Offset, 1e-5);
                Assert.Equal(ObjectBallFate.Potted, solver.Watch(layout, BlackTop, solution.Strike).Fate);
                Assert.InRange(solution.ThickMargin, 1e-5, 0.1);
                Assert.InRange(solution.ThinMargin, 1e-5, 0.1);
            }
        }
    }

    /// <summary>
    /// The butt is never quite level, so that side curves a soft white on a long way: an aim at a cut that knows of the push-off only
    /// passes the ball by.
    /// </summary>
    [Fact]
    public void A_soft_long_stroke_with_side_is_aimed_past_its_swerve()
    {
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, 0.4, 0.9), (BallId.Black, 3.0, 1.2)));
        var pot = new Pot(BallId.Black, PocketId.TopGreenSide);
        var strike = solver.Solve(layout, pot, Dials.AtPace(5, 0.3)).Solution!.Strike;
        Assert.Equal(ObjectBallFate.Potted, solver.Watch(layout, pot, strike).Fate);
        var plain = solver.Solve(layout, pot, Dials.AtPace(5)).Solution!.Strike.DirectionRadians;
        var unaware = strike with { DirectionRadians = plain - CueStrike.PushOffRadians(0.3, Club.Conditions.Cue.EndMassRatio) };
        Assert.Equal(ObjectBallFate.NotMet, solver.Watch(layout, pot, unaware).Fate);
        Assert.NotNull(solver.Aim(layout, pot, Dials.AtPace(5, 0.3)));
    }

    [Fact]
    public void Just_inside_the_window_the_ball_drops_and_just_outside_it_does_not()
    {
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, 2.6, 1.2), (BallId.Black, 3.245, 0.889)));
        var solution = solver.Solve(layout, BlackTop, Dials.AtPace(6)).Solution!;
        foreach (var edge in new[] { solution.Window!.Thick, solution.Window.Thin })
        {
            var out1 = edge.DirectionRadians - solution.Strike.DirectionRadians;
            Assert.Equal(ObjectBallFate.Potted, Fate(edge.DirectionRadians));
            Assert.NotEqual(ObjectBallFate.Potted, Fate(edge.DirectionRadians + out1 * 0.01));
        }

        ObjectBallFate Fate(double direction) => solver.Watch(layout, BlackTop, solution.Strike with { DirectionRadians = direction }).Fate;
    }

    [Fact]
    public void The_parts_of_the_pocket_are_15_mm_to_its_sides_the_near_one_on_the_side_of_the_nearer_jaw()
    {
        // From this side of its axis the pocket opens to both.
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, 2.2, 0.95), (BallId.Red1, 2.9, 0.62)));
        var pot = new Pot(BallId.Red1, PocketId.TopYellowSide);
        var near = solver.Solve(layout, pot with { Part = PocketPart.NearJaw }, Dials.AtPace(6)).Solution!;
        var far = solver.Solve(layout, pot with { Part = PocketPart.FarJaw }, Dials.AtPace(6)).Solution!;
        Assert.Equal(0.015, Math.Abs(near.Offset), 2e-5);
        Assert.Equal(-near.Offset, far.Offset, 4e-5);
        // The long cushion's jaw is the nearer one; it lies to the right of the ball's way.
        Assert.True(near.Offset < 0);
    }

    [Fact]
    public void Pots_mirror_on_seeded_layouts()
    {
        var solver = new PotSolver(Club);
        var compared = 0;
        for (var seed = 0; seed < 12; seed++)
        {
            var (layout, dials) = Frames.Draw(seed, Club);
            var (mirrored, opposite) = (Mirror(layout), dials with { Side = -dials.Side });
            foreach (var ball in layout.Balls.Select(placed => placed.Ball).Where(ball => ball != BallId.Cue))
            {
                foreach (var pocket in Enum.GetValues<PocketId>())
                {
                    var one = solver.Solve(layout, new Pot(ball, pocket), dials);
                    var other = solver.Solve(mirrored, new Pot(ball, Mirror(pocket)), opposite);
                    Assert.Equal(one.Solution is null, other.Solution is null);
                    if (one.Solution is not { IsPartial: false } a || other.Solution is not { } b) continue;
                    compared++;
                    Assert.Equal(0, Math.IEEERemainder(a.Strike.DirectionRadians + b.Strike.DirectionRadians, Math.Tau), 1e-5);
                }
            }
        }

        Assert.True(compared > 30);
    }

    [Fact]
    public void Reasons_are_typed_and_a_partly_open_pocket_gives_both_a_stroke_and_the_reason()
    {
        var solver = new PotSolver(Club);
        var layout = Lay((BallId.Cue, 2.6, 1.2), (BallId.Black, 3.245, 0.889), (BallId.Red1, 3.52, 0.1));
        var answer = solver.Solve(layout, BlackTop, Dials.AtPace(6));
        Assert.Equal(NoPotReason.BallBlocked, answer.Refusal!.Reason);
        Assert.Equal(BallId.Red1, answer.Refusal.Blocker);

        // A red that stands beside the line takes away one side of the pocket only.
        var beside = Lay((BallId.Cue, 2.6, 1.2), (BallId.Black, 3.245, 0.889), (BallId.Red1, 3.46, 0.441));
        var partly = solver.Solve(beside, BlackTop, Dials.AtPace(6));
        Assert.True(partly.Solution!.IsPartial);
        Assert.Equal(ObjectBallFate.Potted, solver.Watch(beside, BlackTop, partly.Solution.Strike).Fate);
        Assert.Equal(BallId.Red1, partly.Refusal!.Blocker);
    }
}
