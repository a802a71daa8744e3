using System.Globalization;
using System.Text.Json;
using DeepBaize.Evidence;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Tests;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Versions of engine and planner, and the evidence that was recorded with them.</summary>
public sealed class VersionTests
{
    /// <summary>The long checks that were last run with an older engine or planner, in the order in which they are told.</summary>
    private static readonly string[] Waiting = [];

    /// <summary>
    /// Plain strokes, so that the last digits of a machine do not matter: when one ends elsewhere the engine is another, and
    /// <see cref="EngineVersion"/> must be raised.
    /// </summary>
    [Theory]
    [InlineData(0, 3, 0, 0, "3112.9 700.0")]
    [InlineData(30, 4, 0, 0.3, "2127.4 765.0")]
    [InlineData(-22, 5, 0.3, -0.2, "2519.4 162.3")]
    [InlineData(150, 6, 0, 0, "3404.3 557.1")]
    [InlineData(22.6, 6, 0, 0, "3383.4 229.3")]
    [InlineData(13.5, 7, 0, 0.35, "737.7 623.3")]
    [InlineData(15.4, 6, 0, 0.3, "3488.6 1346.3", 15)]
    public void The_engine_answers_as_its_version_did(
        double degrees, double pace, double side, double height, string expected, double butt = 0)
    {
        var layout = Lay((BallId.Cue, 1.1, 0.7), (BallId.Blue, 1.7845, 0.889), (BallId.Black, 3.245, 0.889));
        var result = new StrokeResult();
        var strike = new Strike(degrees * Math.PI / 180, Club.Conditions.Cue.Paces.ToSpeed(pace), side, height, butt * Math.PI / 180);
        new TableSimulation(Club.Conditions, Club.Outline).Run(layout, strike, result);
        var rest = result[BallId.Cue];
        var told = rest is { } place ? string.Create(CultureInfo.InvariantCulture, $"{1000 * place.X:0.0} {1000 * place.Y:0.0}") : "falls";
        Assert.True(told == expected,
            $"The white stops at {told} and not at {expected}: raise EngineVersion.Current and run the long checks again.");
    }

    /// <summary>When another stroke is chosen the planner is another, and <see cref="PlannerVersion"/> must be raised.</summary>
    [Theory]
    [InlineData(1, "Red3 TopGreenSide 3.5 0.00 0.15")]
    [InlineData(2, "Black TopGreenSide 4.5 0.00 0.31")]
    [InlineData(5, "Red1 TopGreenSide 8.0 -0.15 0.31")]
    public void The_planner_answers_as_its_version_did(int position, string expected)
    {
        var best = new BreakSearch(BreakPlanner.Ask(Club, HousePlayers.League, BreakWishes.Free, 1))
            .Run(PlainAnswer.All[position].Frame, 600).Best[0].Stroke;
        var told = string.Create(
            CultureInfo.InvariantCulture, $"{best.Pot.Ball} {best.Pot.Pocket} "
                + $"{Club.Conditions.Cue.Paces.FromSpeed(best.Strike.WhiteSpeed):0.0} {best.Strike.Side:0.00} {best.Strike.Height:0.00}");
        Assert.True(told == expected, $"It plays {told} and not {expected}: raise PlannerVersion.Current and run the long checks again.");
    }

    /// <summary>
    /// Figures of another engine or planner are no evidence of this one: <c>long name</c> makes them again. Those that wait for that are
    /// named here, and marked where they are told.
    /// </summary>
    [Fact]
    public void Recorded_evidence_is_of_this_engine_and_planner_or_named_as_waiting()
    {
        var docs = Path.Combine(Figures.Root(), "docs");
        var records = JsonSerializer.Deserialize<List<Recorded>>(
            File.ReadAllText(Path.Combine(docs, "long-checks.json")), JsonSerializerOptions.Web)!;
        Assert.All(records, record => Assert.NotEmpty(record.Figures));
        var older = records.Where(record => record.Engine != EngineVersion.Current
            || (record.Planner is { } planner && planner != VersionFor(record.Check))).Select(record => record.Check).ToList();
        Assert.Equal(Waiting, older);
        Assert.Equal(Waiting.Length, File.ReadAllText(Path.Combine(docs, "long-checks.md")).Split("to be run again").Length - 1);
        Assert.Contains(records, record => record.Engine == EngineVersion.Current);
    }

    /// <summary>Checks of plans have their own version; the others are of the search.</summary>
    private static int VersionFor(string check) =>
        check is "coach" or "reasons" || check.StartsWith("given-", StringComparison.Ordinal)
            ? PlannerVersion.Plans : PlannerVersion.Current;

    private sealed record Recorded(string Check, int Engine, int? Planner, string Date, IReadOnlyList<string> Figures);
}
