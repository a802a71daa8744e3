using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;

namespace DeepBaize.Evidence.Advice;

/// <summary>What the reasons of plans came to.</summary>
/// <param name="Positions">Positions.</param>
/// <param name="Told">Strokes that the plans were compared with.</param>
/// <param name="Facts">Facts that stand behind reasons.</param>
/// <param name="Faults">What is wrong with them.</param>
public sealed record ReasonReport(int Positions, int Told, int Facts, IReadOnlyList<string> Faults)
{
    /// <inheritdoc/>
    public override string ToString() =>
        $"{Positions} positions, {Told} comparisons, {Facts} facts behind their reasons, {Faults.Count} faults";
}

/// <summary>
/// Holds the reasons of plans to what reasons must be: parts that add up to the difference, and facts that are not true of the other
/// stroke.
/// </summary>
public static class ReasonTrial
{
    private const double Rounding = 1e-9;

    /// <summary>Plans the arena's layouts.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays.</param>
    /// <param name="positions">Positions.</param>
    /// <param name="budget">Budget of a plan.</param>
    /// <param name="seed">Seed of the first layout; the others follow.</param>
    public static ReasonReport Run(TableInUse table, PlayerProfile player, int positions, int budget, int seed)
    {
        var (told, facts, faults) = (0, 0, new List<string>());
        var (finder, frames) = (new FactFinder(table, player), new FramePlayer(table, player));
        for (var i = seed; i < seed + positions; i++)
        {
            var frame = ArenaLayouts.Of(i);
            var question = BreakPlanner.Ask(table, player, BreakWishes.Free, i, Environment.ProcessorCount);
            var plan = new BreakPlanner(question).Plan(frame, budget);
            foreach (var versus in plan.Others.Select(other => other.Versus).Concat(plan.Plain is { } plain ? [plain] : []))
            {
                told++;
                if (Math.Abs(versus.Lead.Mean - versus.Reasons.Sum(reason => reason.Worth)) > Rounding)
                    faults.Add($"layout {i}, {versus.Theirs.Stroke.Pot.Ball}: the parts do not add up to {versus.Lead.Mean}");
                var theirs = finder.Of(frames.Step(frame, versus.Theirs.Stroke, versus.Theirs.Rated.Pot)!);
                foreach (var fact in versus.Reasons.SelectMany(reason => reason.Facts))
                {
                    facts++;
                    if (theirs.Any(known => SaysAsMuch(known, fact)))
                        faults.Add($"layout {i}, {versus.Theirs.Stroke.Pot.Ball}: {fact.Kind} is true of it as well");
                }
            }
        }

        return new ReasonReport(positions, told, facts, faults);
    }

    /// <summary>True when one fact says as much of its stroke as another: as many balls on, the same ball opened, or the like.</summary>
    private static bool SaysAsMuch(PlanFact one, PlanFact other) => one.Kind == other.Kind
        && (other.Kind != FactKind.Opens || one.Value == other.Value) && (other.Kind != FactKind.Alternates || one.Value >= other.Value);
}
