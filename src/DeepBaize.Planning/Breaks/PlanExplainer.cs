using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>A plan's first stroke and what is said about it.</summary>
/// <param name="Stroke">The stroke, by fresh draws.</param>
/// <param name="Others">The other balls by the same draws, the cheapest first.</param>
/// <param name="Plain">The plan against what most would play.</param>
/// <param name="IsPlain">True when it is what most would play.</param>
/// <param name="GivenUp">What the player's school gives up.</param>
/// <param name="Played">Strokes simulated.</param>
internal sealed record Explained(
    JudgedStroke Stroke, IReadOnlyList<OtherBall> Others, Versus? Plain, bool IsPlain, GivenUp? GivenUp, int Played);

/// <summary>
/// Judges the strokes that a search found at each ball with draws that did not choose them, on tables as they may be, says which is the
/// plan, and finds what decides.
/// </summary>
internal sealed class PlanExplainer
{
    /// <summary>One stroke in so many of a budget is a fresh draw of a stroke.</summary>
    private const int DrawShare = 20;

    private const int LeastDraws = 100;
    private const int MostDraws = 800;

    /// <summary>Points, or chances, below which nothing is given up to speak of.</summary>
    private const double LeastPoints = 0.25;

    private const double LeastChance = 0.01;

    /// <summary>Share of what the plan brings from which on it is looked whether another stroke is better one stroke further.</summary>
    private const double Near = 0.7;

    /// <summary>Strokes beside the plan's that are looked at so.</summary>
    private const int MostLooked = 4;

    private readonly BreakQuestion _question;
    private readonly BreakSearch _search;
    private readonly FramePlayer _frames;
    private readonly FactFinder _facts;
    private readonly ReasonFinder _reasons;
    private readonly PlainStroke _plain;
    private readonly FurtherLook _look;

    /// <summary>Prepares for a plan.</summary>
    /// <param name="question">The question.</param>
    /// <param name="search">Its search.</param>
    /// <param name="frames">Plays strokes.</param>
    /// <param name="facts">Finds facts.</param>
    public PlanExplainer(BreakQuestion question, BreakSearch search, FramePlayer frames, FactFinder facts)
    {
        (_question, _search, _frames, _facts) = (question, search, frames, facts);
        (_reasons, _plain) = (new ReasonFinder(facts), new PlainStroke(frames));
        _look = new FurtherLook(question);
    }

    /// <summary>Explains a plan.</summary>
    /// <param name="start">The frame; with the white on the table.</param>
    /// <param name="found">What the search found, the plan's stroke first.</param>
    /// <param name="others">The best strokes at the other balls.</param>
    /// <param name="pots">What is on, the likeliest first.</param>
    /// <param name="budget">The budget of the plan.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>What is said; null when the balls cannot lie so.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Explained? Explain(
        FrameState start, BreakSearchResult found, IReadOnlyList<RatedStroke> others, IReadOnlyList<LeavePot> pots, int budget,
        CancellationToken cancel)
    {
        if (_frames.LayoutOf(start) is not { } layout) return null;
        var before = _frames.Played + _look.Played;
        var plain = _plain.Find(start, layout, pots, _question.Wishes);
        var judged = JudgeAll(start, found, others, plain, budget, cancel);
        var ours = Decide(start, judged, cancel);
        var facts = _facts.Of(StepOf(start, ours));
        var told = judged.Balls.Where(other => other.Stroke.Pot.Ball != ours.Stroke.Pot.Ball)
            .Select(other => new OtherBall(Compare(other, false)));
        var isPlain = plain is not null && IsSame(plain, ours.Stroke);
        var against = judged.Plain is null || isPlain ? null : Compare(judged.Plain, true);
        return new Explained(
            ours, [.. told.OrderBy(other => other.Cost)], against, isPlain, GivenUpFor(judged.Rival, ours),
            judged.Played + _frames.Played + _look.Played - before);

        Versus Compare(JudgedStroke theirs, bool isPlain) => _reasons.Compare((ours, facts), (theirs, StepOf(start, theirs)), isPlain);
    }

    /// <summary>Tries all strokes that are spoken of with the same fresh draws.</summary>
    private Judged JudgeAll(
        FrameState start, BreakSearchResult found, IReadOnlyList<RatedStroke> others, PlannedStroke? plain, int budget,
        CancellationToken cancel)
    {
        List<RatedStroke> rated = [found.Best[0], .. others, .. found.Apart, found.Best.MaxBy(one => one.Worth)!];
        List<PlannedStroke> strokes = [.. rated.Select(one => one.Stroke)];
        if (plain is not null) strokes.Add(plain);
        var distinct = strokes.Distinct().ToList();
        var draws = Math.Clamp(budget / DrawShare, LeastDraws, MostDraws);
        var judged = distinct.Zip(_search.Judge(start, distinct, draws, cancel)).ToDictionary(pair => pair.First, pair => pair.Second);
        var liked = rated.Select(one => judged[one.Stroke] with { Liking = one.Liking }).ToList();
        return new Judged
        {
            Balls = liked[..(1 + others.Count)],
            Apart = liked[(1 + others.Count)..^1],
            Rival = liked[^1],
            Plain = plain is null ? null : judged[plain],
            Played = distinct.Count * draws,
        };
    }

    /// <summary>
    /// The plan: what the search chose, unless fresh draws tell that another ball is better, or looks one stroke further that another
    /// stroke is. The search chose by draws that may have flattered it, and by estimates of leaves.
    /// </summary>
    private JudgedStroke Decide(FrameState start, Judged judged, CancellationToken cancel)
    {
        var ours = judged.Balls.Aggregate((chosen, other) => other.IsBetterThan(chosen) ? other : chosen);
        var least = ours.Marked - (1 - Near) * ours.Liking * ours.Parts.Gain;
        var near = judged.Balls.Concat(judged.Apart).Where(one => one != ours && one.Marked >= least)
            .DistinctBy(one => one.Stroke).OrderByDescending(one => one.Marked).Take(MostLooked).ToList();
        if (near.Count == 0) return ours;
        List<JudgedStroke> looked = [.. _look.After(start, [ours, .. near], cancel)];
        var best = looked.Aggregate((chosen, other) => other.IsBetterThan(chosen) ? other : chosen);
        if (best == looked[0]) return ours;
        // Only then do the looks count: they are few, and make every interval wider.
        judged.Balls = [.. judged.Balls.Select(one => looked.Find(other => other.Stroke == one.Stroke) ?? one)];
        if (judged.Plain is { } plain) judged.Plain = _look.After(start, [plain], cancel)[0];
        judged.Rival = looked.Find(one => one.Stroke == judged.Rival.Stroke) ?? best;
        return best;
    }

    private GivenUp? GivenUpFor(JudgedStroke rival, JudgedStroke ours)
    {
        var lead = rival.Over(ours);
        var least = _question.Wishes.Goal == BreakGoal.Score ? LeastPoints : LeastChance;
        return lead.IsPositive && lead.Mean >= least ? new GivenUp(rival.Stroke, lead.Mean) : null;
    }

    private PlanStep StepOf(FrameState start, JudgedStroke judged) => _frames.Step(start, judged.Stroke, judged.Rated.Pot)!;

    private static bool IsSame(PlannedStroke one, PlannedStroke other) =>
        one.Pot.Ball == other.Pot.Ball && one.Pot.Pocket == other.Pot.Pocket
            && DialList.AreAlike(Dials.Of(one.Strike), Dials.Of(other.Strike));

    /// <summary>Strokes that were tried with the same draws.</summary>
    private sealed class Judged
    {
        /// <summary>The plan's and the best at the other balls.</summary>
        public required List<JudgedStroke> Balls { get; set; }

        /// <summary>Those that treat the other balls differently.</summary>
        public required List<JudgedStroke> Apart { get; init; }

        /// <summary>The best by points alone.</summary>
        public required JudgedStroke Rival { get; set; }

        /// <summary>What most would play; null when nothing goes so.</summary>
        public required JudgedStroke? Plain { get; set; }

        /// <summary>Strokes simulated.</summary>
        public required int Played { get; init; }
    }
}
