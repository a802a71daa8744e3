using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;

namespace DeepBaize.Evidence.Advice;

/// <summary>
/// What obeying the school costs: the stroke that the planner tells against the one that it would tell by points alone, both tried with
/// the same fresh draws.
/// </summary>
/// <param name="Player">Who plays.</param>
/// <param name="Worth">Mean worth of the strokes by points alone.</param>
/// <param name="Cost">By how much those that are told are worth less, in points.</param>
/// <param name="Same">Decisions in which both are the same stroke.</param>
/// <param name="Decisions">Decisions.</param>
public sealed record SchoolCost(string Player, double Worth, Estimate Cost, int Same, int Decisions)
{
    private const double TwoSided = 1.96;

    /// <summary>Upper end of the 95 % interval of the cost, as a share of the worth.</summary>
    public double High => (Cost.Mean + TwoSided * Cost.Error) / Worth;

    /// <summary>Compares decisions in visits on the arena's layouts.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays.</param>
    /// <param name="decisions">Decisions.</param>
    /// <param name="draws">Fresh draws of each stroke.</param>
    /// <param name="budget">Strokes simulated for a decision, about.</param>
    /// <param name="seed">Seed of the first layout.</param>
    public static SchoolCost Of(TableInUse table, PlayerProfile player, int decisions, int draws, int budget, int seed)
    {
        var found = Told.Decisions(table, player, decisions, budget, seed).AsParallel().AsOrdered()
            .Select(one => Compare(table, player, one, draws, budget)).OfType<Compared>().ToList();
        return new SchoolCost(
            player.Name, found.Average(one => one.Worth), Estimate.Of([.. found.Select(one => one.Cost)]), found.Count(one => one.IsSame),
            found.Count);
    }

    private static Compared? Compare(TableInUse table, PlayerProfile player, Decision told, int draws, int budget)
    {
        var question = BreakPlanner.Ask(table, player, BreakWishes.Free, told.Seed);
        if (new BreakSearch(question with { CountsSchool = false }).Run(told.Frame, budget).Best is not [var free, ..]) return null;
        var isSame = free.Stroke.Strike == told.Stroke.Strike && free.Stroke.Pot == told.Stroke.Pot;
        var judged = new BreakSearch(question).Judge(told.Frame, isSame ? [free.Stroke] : [free.Stroke, told.Stroke], draws);
        return new Compared(judged[0].Parts.Gain, judged[0].Worth - judged[^1].Worth, isSame);
    }

    private sealed record Compared(double Worth, double Cost, bool IsSame);

    /// <inheritdoc/>
    public override string ToString() => string.Create(
        CultureInfo.InvariantCulture,
        $"{Player}: obeying the school costs {100 * Cost.Mean / Worth:0.0} % of {Worth:0.0} points, at most {100 * High:0.0} % "
            + $"(95 %), {Decisions} decisions of which {Same} are the same");
}
