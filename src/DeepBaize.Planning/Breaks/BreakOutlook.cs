using DeepBaize.Physics.Work;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>What visits that begin with a stroke came to.</summary>
/// <param name="Points">Points of each visit, in the order in which they were played.</param>
public sealed record VisitPoints(IReadOnlyList<int> Points)
{
    /// <summary>Mean points.</summary>
    public double Mean => Points.Count == 0 ? 0 : Points.Average();

    /// <summary>Standard error of the mean.</summary>
    public double Error => Estimate.Of([.. Points.Select(points => (double)points)]).Error;

    /// <summary>How often at least a number of points was reached.</summary>
    /// <param name="target">Points.</param>
    public Chance Reach(int target) => new(Points.Count(points => points >= target), Points.Count);
}

/// <summary>
/// Plays whole visits that begin with a given stroke, with the player's scatter; the strokes after it are chosen by a small search, so that
/// a decision takes some milliseconds. The noise belongs to the number of the visit: two strokes that are compared meet the same chance.
/// </summary>
/// <param name="question">The table, the player, his wishes and the seed.</param>
public sealed class BreakOutlook(BreakQuestion question)
{
    /// <summary>
    /// Strokes that are simulated for each decision after the first, about: with fewer, visits come to less than a plan's do and take
    /// hardly less time, since more pots are in doubt.
    /// </summary>
    public const int FastBudget = 400;

    private const int SeedOfVisits = 7919;

    /// <summary>Plays visits.</summary>
    /// <param name="start">The frame, with the white on the table.</param>
    /// <param name="first">The stroke that each begins with; null to choose it as well.</param>
    /// <param name="from">Number of the first visit.</param>
    /// <param name="count">Visits.</param>
    /// <param name="cancel">Stops between strokes.</param>
    public VisitPoints Play(FrameState start, PlannedStroke? first, int from, int count, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(start);
        var points = new int[count];
        Parallel.For(0, count, Sharing.Options(Math.Max(1, question.Threads), cancel), () => new VisitPlayer(question), (i, _, player) =>
        {
            points[i] = player.Visit(start, first, question.Seed * SeedOfVisits + from + i, cancel);
            return player;
        }, _ => { });
        return new VisitPoints(points);
    }

    /// <summary>What one thread plays with.</summary>
    private sealed class VisitPlayer(BreakQuestion question)
    {
        private readonly Playout _playout = new(question.Table, question.Striker, question.LineUp);
        private readonly BreakSearch _search = new(question with { Threads = 1, Wishes = question.Wishes with { Only = null } });

        public int Visit(FrameState start, PlannedStroke? first, int seed, CancellationToken cancel) => _playout.Play(
            start,
            (frame, stroke) => stroke == 0
                && first is not null ? first : _search.Run(frame, FastBudget, cancel).Best is [var best, ..] ? best.Stroke : null,
            seed,
            cancel).Points;
    }
}
