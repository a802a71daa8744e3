using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Evidence.Advice;

/// <summary>A decision of the planner.</summary>
/// <param name="Frame">The frame.</param>
/// <param name="Stroke">The stroke that it tells.</param>
/// <param name="Seed">Seed of its draws.</param>
public sealed record Decision(FrameState Frame, PlannedStroke Stroke, int Seed);

/// <summary>What the planner tells a player to play in visits on the arena's layouts.</summary>
public static class Told
{
    private const int MostLayouts = 10_000;
    private const int StrokesOfAVisit = 200;

    /// <summary>The first decisions, one visit a layout.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays.</param>
    /// <param name="decisions">How many.</param>
    /// <param name="budget">Strokes simulated for each, about.</param>
    /// <param name="seed">Seed of the first layout; the others follow.</param>
    public static IReadOnlyList<Decision> Decisions(TableInUse table, PlayerProfile player, int decisions, int budget, int seed)
    {
        var told = new List<Decision>();
        var block = 4 * Environment.ProcessorCount;
        for (var from = seed; told.Count < decisions && from < seed + MostLayouts; from += block)
        {
            var visits = new List<Decision>[block];
            var first = from;
            Parallel.For(0, block, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount },
                i => visits[i] = Visit(table, player, budget, first + i));
            told.AddRange(visits.SelectMany(visit => visit));
        }

        return [.. told.Take(decisions)];
    }

    /// <summary>What the decisions are, as a coach looks at them.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays.</param>
    /// <param name="decisions">How many.</param>
    /// <param name="budget">Strokes simulated for each, about.</param>
    /// <param name="seed">Seed of the first layout.</param>
    public static StrokesChosen Of(TableInUse table, PlayerProfile player, int decisions, int budget, int seed)
    {
        var reader = new ChosenReader(table, player);
        return new StrokesChosen([.. Decisions(table, player, decisions, budget, seed).Select(one => reader.Read(one.Frame, one.Stroke))]);
    }

    private static List<Decision> Visit(TableInUse table, PlayerProfile player, int budget, int layout)
    {
        var told = new List<Decision>();
        new Playout(table, player).Play(ArenaLayouts.Of(layout), (frame, stroke) =>
        {
            var seed = layout * StrokesOfAVisit + stroke;
            var question = BreakPlanner.Ask(table, player, BreakWishes.Free, seed);
            if (new BreakSearch(question).Run(frame, budget).Best is not [var best, ..]) return null;
            told.Add(new Decision(frame, best.Stroke, seed));
            return best.Stroke;
        }, layout);
        return told;
    }
}
