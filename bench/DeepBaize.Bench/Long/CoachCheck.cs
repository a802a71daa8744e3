using DeepBaize.Bench.Arena;
using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Breaks;

namespace DeepBaize.Bench.Long;

/// <summary>
/// Positions of which a coach wrote down what is right: how many plans are, and what the others come to in visits that are played out in
/// pairs with the same chance against the best stroke that the coach would call right.
/// </summary>
internal static class CoachCheck
{
    /// <summary>Visits that are played with each of two strokes.</summary>
    public const int Visits = 2000;

    /// <summary>The budget of the plans: what the screen asks for.</summary>
    public const int Budget = 16_000;

    /// <summary>Share of the positions that must be right.</summary>
    private const double LeastRight = 0.9;

    private const int Seed = 1;

    /// <summary>Plans all positions, as they are written and in the mirror.</summary>
    /// <param name="budget">Budget of a plan.</param>
    /// <param name="visits">Visits that are played out for each miss, 0 for none.</param>
    /// <param name="name">Part of the names of those that are asked; empty for all.</param>
    public static LongResult Run(int budget, int visits, string name = "")
    {
        var (right, figures) = (0, new List<string>());
        var asked = CoachPosition.All.SelectMany(one => new[] { one, one.Mirrored() })
            .Where(one => one.Name.Contains(name, StringComparison.OrdinalIgnoreCase)).ToList();
        foreach (var position in asked)
        {
            var reader = new CoachReader(ArenaMatch.Club, position);
            var line = new BreakPlanner(Ask(position)).Plan(position.Frame, budget).Line;
            var wrong = reader.Read(line);
            if (wrong.Count == 0) right++;
            else figures.Add($"{position.Kind}, {position.Name}: {string.Join("; ", wrong)}{Compare(position, reader, line, visits)}");
        }

        return new LongResult(right >= LeastRight * asked.Count, [$"{right} of {asked.Count} right", .. figures]);
    }

    private static BreakQuestion Ask(CoachPosition position) =>
        BreakPlanner.Ask(ArenaMatch.Club, position.Striker, BreakWishes.Free, Seed, Environment.ProcessorCount);

    /// <summary>The plan's stroke against the best that is right; nothing when none is found.</summary>
    private static string Compare(CoachPosition position, CoachReader reader, IReadOnlyList<PlanStep> line, int visits)
    {
        if (visits == 0 || line.Count == 0) return "";
        var theirs = new RightStroke(position, Ask(position)).Find(reader);
        if (theirs is null) return ". No stroke was found that is right.";
        var outlook = new BreakOutlook(Ask(position));
        var ours = outlook.Play(position.Frame, line[0].Stroke, 0, visits).Points;
        return $". {PairedVisits.Of(ours, outlook.Play(position.Frame, theirs, 0, visits).Points, theirs.Pot.Ball)}";
    }
}
