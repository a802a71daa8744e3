using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>What a search is about.</summary>
/// <param name="Table">The table, taken as it is.</param>
/// <param name="Player">The player.</param>
/// <param name="Worth">Makes the worth that the search follows, one for each thread.</param>
/// <param name="Wishes">What the player rules out.</param>
/// <param name="Seed">Seed of the draws.</param>
/// <param name="Threads">Threads at most; the answer does not depend on it.</param>
public sealed record BreakQuestion(TableInUse Table, PlayerProfile Player, Func<ILeaveWorth> Worth, BreakWishes Wishes, int Seed, int Threads = 1);

/// <summary>
/// Finds the stroke whose outcomes are worth most over the player's scatter. Many strokes are aimed and played once as they are meant; those that promise most are sampled in rounds, each
/// with half as many strokes and twice as many draws as the one before (sequential halving, Karnin, Koren and Somekh 2013), all strokes with the same draws. The budget is counted
/// in strokes simulated; the same question and budget give the same answer on any number of threads. One instance serves one search at a time.
/// </summary>
public sealed class BreakSearch
{
    /// <summary>Share of the budget with which strokes are aimed and played as meant.</summary>
    private const double GenerationShare = 0.6;

    private const int Rounds = 4;
    private const int LastKept = 2;

    private readonly BreakQuestion _question;
    private readonly SearchWorkers _workers;
    private readonly CandidateFinder _finder;

    /// <summary>Prepares searches.</summary>
    public BreakSearch(BreakQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        (_question, _workers) = (question, new SearchWorkers(question));
        _finder = new CandidateFinder(question, _workers);
    }

    /// <summary>Searches.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public BreakSearchResult Run(FrameState frame, int budget, CancellationToken cancel = default) => Run(frame, budget, null, cancel);

    /// <summary>Searches among pots that are known.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="known">
    /// The pots that are on, as <see cref="Solve"/> finds them; null to go by straight lines as far as they are to be trusted.
    /// </param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public BreakSearchResult Run(FrameState frame, int budget, IReadOnlyList<LeavePot>? known, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(frame);
        ArgumentOutOfRangeException.ThrowIfLessThan(budget, 1);
        if (_workers.First.Player.LayoutOf(frame) is not { } layout) return new BreakSearchResult([], 0);
        var (rated, played) = _finder.Find(frame, layout, (int)(budget * GenerationShare), known, cancel);
        if (rated.Count == 0) return new BreakSearchResult([], played);
        List<Pot> tried = [.. rated.Select(one => one.Pot.Pot).Distinct()];
        var perRound = Math.Max(LastKept, (int)(budget * (1 - GenerationShare)) / Rounds);
        for (var round = 0; round < Rounds; round++)
        {
            var kept = LastKept << (Rounds - 1 - round);
            rated = [.. rated.Take(kept)];
            var draws = Math.Max(1, perRound / rated.Count);
            _workers.Share(rated.Count, (worker, i) => rated[i].Sample(worker, frame, layout, draws, _question.Seed, cancel), cancel);
            played += draws * rated.Count;
            // The order is stable: of equals the one that was found first.
            rated = [.. rated.OrderByDescending(one => one.Marked)];
        }

        return new BreakSearchResult([.. rated.Select(one => one.Tell())], played) { Tried = tried };
    }

    /// <summary>
    /// Solves every pot of a frame that may be played, the likeliest first: which are on, and how often this player pots them.
    /// </summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="cancel">Stops between pots.</param>
    /// <returns>The pots and the strokes simulated.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public (IReadOnlyList<LeavePot> Pots, int Played) Solve(FrameState frame, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var played = 0;
        return (_workers.First.Player.LayoutOf(frame) is { } layout ? _finder.Solve(frame, layout, ref played, cancel) : [], played);
    }
}
