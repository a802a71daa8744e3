using DeepBaize.Evidence;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>What can be potted is seen by the planner, also along a cushion and past a ball, where straight lines see nothing.</summary>
public sealed class ListedPotsTests
{
    /// <summary>A share of the long check: layouts that tuned nothing, half of them with balls at or near cushions.</summary>
    [Fact]
    public void Every_pot_that_goes_three_times_in_ten_is_listed_with_its_chance_and_tried()
    {
        var report = ListedPots.Run(Club, first: 600_000, count: 3, draws: 2000, screenEvery: 3);
        Figures.Print($"Pots listed: {report}.");
        Assert.True(report.Pots > 6);
        Assert.Empty(report.Failures);
    }

    /// <summary>Layouts of the long check that once failed.</summary>
    [Theory]
    [InlineData("it goes at a hard pace only", 801_083)]
    [InlineData("the white on a cushion wants a tip above centre", 820_489)]
    [InlineData("a side of the pocket takes firm balls only", 821_643)]
    [InlineData("the likeliest stroke goes in off, a firmer one does not", 821_681)]
    [InlineData("the pocket point is open where the middle of what drops is shut", 840_047)]
    [InlineData("a colour goes down with the red, so that nothing is to be tried", 921_522)]
    [InlineData("three pots are as likely as each other, and the least budget looked at two", 881_294)]
    public void What_was_missed_once_is_listed_and_tried(string why, int seed)
    {
        var report = ListedPots.Run(Club, seed, count: 1, draws: 2000, screenEvery: 1_000_000);
        Assert.True(report.Pots > 0 && report.Failures.Count == 0, $"{why}: {string.Join("; ", report.Failures)}");
    }

    [Theory]
    [InlineData("within 16 mm of the cushion", 2.4, 0.25, 3.0, 0.04006, 0.5)]
    [InlineData("frozen to the cushion", 2.4, 0.1, 3.0, 0.02406, 0.35)]
    public void A_red_on_a_side_cushion_is_planned(string where, double x, double y, double redX, double redY, double least) =>
        AssertPlanned(where, PocketId.TopYellowSide, least, (BallId.Cue, x, y), (BallId.Red1, redX, redY), (BallId.Black, 3.245, 1.3));

    [Fact]
    public void A_red_past_a_ball_beside_its_line_is_planned() => AssertPlanned(
        "past the pink", PocketId.TopYellowSide, 0.6, (BallId.Cue, 2.4, 0.8), (BallId.Red1, 3.0, 0.45), (BallId.Pink, 3.3055, 0.2721),
        (BallId.Black, 3.245, 1.3));

    /// <summary>Width means how the ball may be sent, also where a cushion holds it to one line.</summary>
    [Theory]
    [InlineData(2.4, 0.1, 0.02406)]
    [InlineData(2.4, 0.25, 0.02406)]
    [InlineData(2.4, 0.25, 0.04006)]
    [InlineData(2.4, 0.8, 0.45)]
    public void The_width_of_a_pot_goes_with_the_window_of_the_cue(double x, double y, double redY)
    {
        var layout = Lay((BallId.Cue, x, y), (BallId.Red1, 3.0, redY));
        var solver = new PotSolver(Club);
        foreach (var pace in new[] { 3.0, 5, 8 })
        {
            var solution =
                solver.Solve(layout, new Pot(BallId.Red1, PocketId.TopYellowSide, PocketPart.Opening), Dials.AtPace(pace)).Solution!;
            // A turn of the cue moves the white at the contact by the way to it, and the line of centres by that over the diameter and the
            // cosine of the cut.
            var lever = solution.Line.WhiteDistance / Club.Diameter / Math.Cos(solution.CutRadians) * solution.Line.Distance;
            Assert.InRange(solution.Window!.WidthAtPocket / (solution.Window.WidthRadians * lever), 0.85, 1.15);
            Assert.True(solution.Window.WidthAtPocket > 0.002, $"{1000 * solution.Window.WidthAtPocket:0.0} mm at pace {pace}.");
        }
    }

    private static void AssertPlanned(string where, PocketId pocket, double least, params (BallId Ball, double X, double Y)[] balls)
    {
        var layout = Lay(balls);
        var plan = new BreakPlanner(BreakPlanner.Ask(Club, HousePlayers.Expert, BreakWishes.Free, 1))
            .Plan(new FrameState(layout.Balls, layout.Gauge, BallOn.Red), 4000);
        var listed = plan.Pots!.First(pot => pot.Pot.Ball == BallId.Red1 && pot.Pot.Pocket == pocket);
        Assert.True(listed.Chance > least, $"{where}: listed with {100 * listed.Chance:0} %.");
        Assert.NotEmpty(plan.Line);
        Assert.Equal((BallId.Red1, pocket), (plan.Line[0].Stroke.Pot.Ball, plan.Line[0].Stroke.Pot.Pocket));
        Assert.InRange(plan.Line[0].Pot.Share, listed.Chance - 0.2, 1);
        // At the least budget too: it is the only pot.
        Assert.Contains(
            new BreakSearch(BreakPlanner.Ask(Club, HousePlayers.Expert, BreakWishes.Free, 1)).Run(plan.Line[0].Before, 250).Best, one =>
                one.Stroke.Pot.Pocket == pocket);
    }
}
