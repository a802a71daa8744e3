using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>A stroke that a search found.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Kind">What kind of answer it is.</param>
/// <param name="Worth">What it is worth by the draws that chose it.</param>
public sealed record FoundSafety(PlannedStroke Stroke, SafetyKind Kind, double Worth);

/// <summary>
/// Finds the stroke that leaves least and brings most, over the striker's scatter. Strokes at every legal first contact are played once as
/// meant; those that promise most are tried with a few draws, then strokes near the best of them, and what is left is sampled by sequential
/// halving; all meet the same draws. The budget is counted in strokes simulated; the same question and budget give the same answer on any
/// number of threads. One instance serves one search at a time.
/// </summary>
public sealed class SafetySearch
{
    /// <summary>
    /// Shares of the budget: for looking at strokes as they are meant, for trying many with a few draws, for strokes near.
    /// </summary>
    private const double LookShare = 0.25;

    private const double ScreenShare = 0.2;

    private const double NearShare = 0.2;

    /// <summary>
    /// Draws with which many strokes are tried, round by round; half of them stay for the next. What is good when it is played as meant is
    /// often good by luck, and a stroke that never is very good may be so whatever happens.
    /// </summary>
    private static readonly int[] ScreenDraws = [2, 2, 4];

    /// <summary>Draws that it takes for each stroke that is tried, about.</summary>
    private const double PerScreened = 4;

    /// <summary>Share of the strokes that are tried which each kind of answer is sure of.</summary>
    private const double OfEachKind = 0.12;

    /// <summary>Strokes near which others are looked at, in each of two rounds.</summary>
    private const int NearRounds = 2;

    /// <summary>Strokes near one, about, that have not been looked at.</summary>
    private const int NearOne = 9;

    /// <summary>What is added to the seed for draws that did not choose a stroke.</summary>
    private const int FreshSeed = 515_151;

    private readonly SafetyQuestion _question;
    private readonly Workers<SafetyWorker> _workers;
    private readonly SafetyFinder _finder;

    /// <summary>Prepares searches.</summary>
    /// <param name="question">The question.</param>
    public SafetySearch(SafetyQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _question = question;
        _workers = SafetyWorker.Of(question);
        _finder = new SafetyFinder(question, _workers);
    }

    /// <summary>Strokes simulated so far, about.</summary>
    public int Played => _workers.All.Sum(worker => worker.Trials.Played + worker.Indirect.Played);

    /// <summary>Searches among strokes that pot nothing on purpose.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>
    /// The best strokes, the best first, then the best of each other kind of answer; empty when no legal stroke was found.
    /// </returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<FoundSafety> Run(FrameState frame, int budget, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        ArgumentOutOfRangeException.ThrowIfLessThan(budget, 1);
        if (LayoutOf(frame) is not { } layout) return [];
        var screened = Math.Max(8, (int)(ScreenShare * budget / PerScreened));
        var kept = Screened(Varied(_finder.Find(frame, layout, (int)(LookShare * budget), cancel), screened), cancel);
        if (kept.Count == 0) return [];
        var known = kept.Select(one => (one.Contact, one.Dials)).ToHashSet();
        var near = Math.Max(1, (int)(NearShare * budget / NearRounds / NearOne / (PerScreened + 1)));
        for (var round = 0; round < NearRounds; round++)
        {
            var strokes = kept.Take(near).SelectMany(one => SafetyFinder.Near(one, known)).ToList();
            kept = [.. kept.Concat(Screened(_finder.Look(frame, layout, strokes, cancel), cancel)).OrderByDescending(one => one.Worth)];
        }

        var (best, _) = SequentialHalving.Run(
            kept,
            (int)(budget * (1 - LookShare - ScreenShare - NearShare)),
            (all, draws) => _workers.Share(all.Count, (worker, i) => all[i].Sample(worker, draws, _question.Seed, cancel), cancel),
            one => one.Worth);
        var kinds = best.Select(one => one.Kind).ToHashSet();
        return [.. best.Concat(kept.Where(one => kinds.Add(one.Kind))).Select(one => one.Tell())];
    }

    /// <summary>
    /// What most would play: of the thinnest clips that are legal as they are meant the one that brings the white nearest to the baulk
    /// cushion (common practice, no source).
    /// </summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The stroke; null when no ball that is on can be clipped.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public FoundSafety? Plain(FrameState frame, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return LayoutOf(frame) is { } layout ? _finder.ThinClips(frame, layout, cancel).MinBy(one => one.White)?.Tell() : null;
    }

    /// <summary>What is played when no legal stroke was found: the stroke that loses least as it is meant, by a foul most likely.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The stroke; null when none can be played at all.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public PlannedStroke? LeastBad(FrameState frame, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return LayoutOf(frame) is { } layout ? _finder.LeastBad(frame, layout, cancel) : null;
    }

    /// <summary>The stroke that leaves least and brings most when it is played as meant: what a search without scatter finds.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The stroke; null when no legal stroke was found.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public FoundSafety? AsMeant(FrameState frame, int budget, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return LayoutOf(frame) is { } layout ? _finder.Find(frame, layout, budget, cancel).FirstOrDefault()?.Tell() : null;
    }

    /// <summary>Tries strokes with fresh draws, the same for all of them.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="strokes">The strokes, for a pot or for something else.</param>
    /// <param name="draws">Draws of each.</param>
    /// <param name="series">Which fresh draws: 0 and others have nothing to do with each other.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<JudgedExchange> Judge(
        FrameState frame, IReadOnlyList<PlannedStroke> strokes, int draws, int series = 0, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(strokes);
        if (LayoutOf(frame) is not { } layout) return [];
        var judged = new JudgedExchange[strokes.Count];
        _workers.Share(
            strokes.Count,
            (worker, i) => judged[i] = JudgedExchange.Try(
                worker, new TrialQuestion(frame, layout, strokes[i]), _question, _question.Seed + (series + 1) * FreshSeed, draws, cancel),
            cancel);
        return judged;
    }

    /// <summary>The strokes that promise most, and of each kind of answer some.</summary>
    private static IEnumerable<SafetyCandidate> Varied(List<SafetyCandidate> found, int count)
    {
        var sure = found.GroupBy(one => one.Kind).SelectMany(kind => kind.Take((int)Math.Ceiling(OfEachKind * count)));
        return sure.Concat(found).Distinct().Take(count);
    }

    /// <summary>Tries many strokes with a few draws; those that stay to the end met all of them, the best first.</summary>
    private List<SafetyCandidate> Screened(IEnumerable<SafetyCandidate> candidates, CancellationToken cancel)
    {
        var kept = candidates.ToList();
        for (var round = 0; round < ScreenDraws.Length; round++)
        {
            if (round > 0) kept = kept[..((kept.Count + 1) / 2)];
            var draws = ScreenDraws[round];
            _workers.Share(kept.Count, (worker, i) => kept[i].Sample(worker, draws, _question.Seed, cancel), cancel);
            kept = [.. kept.OrderByDescending(one => one.Worth)];
        }

        return kept;
    }

    private Layout? LayoutOf(FrameState frame) =>
        LayoutRules.TryBuild([.. frame.Balls], _question.Table.Outline, frame.Gauge, LayoutMode.Free, out _);
}
