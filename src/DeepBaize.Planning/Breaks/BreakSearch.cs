using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>What a search is about.</summary>
/// <param name="Table">The table, taken as it is.</param>
/// <param name="Striker">Who is at the table.</param>
/// <param name="Opponent">Who comes to the table after a miss.</param>
/// <param name="Worth">Makes the worth that the search follows for a question, one for each thread.</param>
/// <param name="Wishes">What the striker rules out.</param>
/// <param name="Seed">Seed of the draws.</param>
/// <param name="Threads">Threads at most; the answer does not depend on it.</param>
/// <param name="LineUp">The rules of a line-up; null in a frame.</param>
/// <param name="CountsSchool">
/// True to mark strokes down by the striker's school and to take the plainest of those that are as good; false to go by worth alone.
/// </param>
/// <param name="Doubt">
/// How far the table may be from what it is taken to be, when a stroke that was found is judged; null for not at all. Searches take the
/// table as it is.
/// </param>
/// <param name="CountsMisses">
/// True to let what misses cost weigh in the search; strokes that are judged with fresh draws are always told it.
/// </param>
public sealed record BreakQuestion(
    TableInUse Table, PlayerProfile Striker, PlayerProfile Opponent, Func<BreakQuestion, IPotWorth> Worth, BreakWishes Wishes, int Seed,
    int Threads = 1, LineUp? LineUp = null, bool CountsSchool = true, TableDoubt? Doubt = null, bool CountsMisses = false);

/// <summary>
/// Finds the stroke whose outcomes are worth most over the player's scatter. Many strokes are aimed and played once as they are meant;
/// those that promise most are sampled by sequential halving, all strokes with the same draws. The budget is counted in strokes simulated;
/// the same question and budget give the same answer on any number of threads. One instance serves one search at a time.
/// </summary>
public sealed class BreakSearch
{
    /// <summary>Share of the budget with which strokes are aimed and played as meant.</summary>
    private const double GenerationShare = 0.6;

    /// <summary>What is added to the seed for draws that did not choose a stroke.</summary>
    private const int FreshSeed = 424_243;

    /// <summary>Balls beside white and object ball that a stroke moves which opens what lies together.</summary>
    private const int Several = 3;

    private const int MostApart = 2;

    private readonly BreakQuestion _question;
    private readonly Workers<SearchWorker> _workers;
    private readonly CandidateFinder _finder;

    /// <summary>Prepares searches.</summary>
    public BreakSearch(BreakQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        (_question, _workers) = (question, SearchWorker.Of(question));
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
        var (best, sampled) = SequentialHalving.Run(
            rated,
            (int)(budget * (1 - GenerationShare)),
            (kept, draws) => _workers.Share(kept.Count, (worker, i) => kept[i].Sample(worker, draws, _question, cancel), cancel),
            one => one.Marked);
        var told = _question.CountsSchool ? PlainestFirst(best) : best;
        var apart = Apart(rated, best[0]);
        return new BreakSearchResult([.. told.Select(one => one.Tell())], played + sampled) { Tried = tried, Apart = apart };
    }

    /// <summary>
    /// The strokes that promise most of those that move several balls where the best moves none, or none where it moves any.
    /// </summary>
    private static IReadOnlyList<RatedStroke> Apart(IEnumerable<StrokeCandidate> rated, StrokeCandidate best)
    {
        var movesAny = best.Plainness.Moved > 0;
        return [.. rated.Where(one => movesAny ? one.Plainness.Moved == 0 : one.Plainness.Moved >= Several)
            .OrderByDescending(one => one.Marked).Take(MostApart).Select(one => one.Tell())];
    }

    /// <summary>The plainest of the strokes that cannot be told from the best before it, the others as they were.</summary>
    private static IEnumerable<StrokeCandidate> PlainestFirst(IReadOnlyList<StrokeCandidate> best)
    {
        var plainest = best.Where(one => one == best[0] || best[0].IsNoBetterThan(one)).MinBy(one => one.Plainness)!;
        return best.Where(one => one != plainest).Prepend(plainest);
    }

    /// <summary>Tries strokes with fresh draws, the same for all of them.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="strokes">The strokes.</param>
    /// <param name="draws">Draws of each.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<JudgedStroke> Judge(
        FrameState frame, IReadOnlyList<PlannedStroke> strokes, int draws, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(strokes);
        if (_workers.First.Player.LayoutOf(frame) is not { } layout) return [];
        var judged = new JudgedStroke[strokes.Count];
        _workers.Share(
            strokes.Count,
            (worker, i) => judged[i] = JudgedStroke.Try(
                worker, new TrialQuestion(frame, layout, strokes[i]), _question, _question.Seed + FreshSeed, draws, cancel),
            cancel);
        return judged;
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
