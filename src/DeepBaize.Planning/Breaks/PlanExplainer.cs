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

    private readonly BreakQuestion _question;
    private readonly BreakSearch _search;
    private readonly FramePlayer _frames;
    private readonly FactFinder _facts;
    private readonly ReasonFinder _reasons;
    private readonly PlainStroke _plain;

    /// <summary>Prepares for a plan.</summary>
    /// <param name="question">The question.</param>
    /// <param name="search">Its search.</param>
    /// <param name="frames">Plays strokes.</param>
    /// <param name="facts">Finds facts.</param>
    public PlanExplainer(BreakQuestion question, BreakSearch search, FramePlayer frames, FactFinder facts)
    {
        (_question, _search, _frames, _facts) = (question, search, frames, facts);
        (_reasons, _plain) = (new ReasonFinder(facts), new PlainStroke(frames));
    }

    /// <summary>Explains a plan.</summary>
    /// <param name="start">The frame; with the white on the table.</param>
    /// <param name="best">The strokes that were sampled to the end, the plan's first.</param>
    /// <param name="others">The best strokes at the other balls.</param>
    /// <param name="pots">What is on, the likeliest first.</param>
    /// <param name="budget">The budget of the plan.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>What is said; null when the balls cannot lie so.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Explained? Explain(
        FrameState start, IReadOnlyList<RatedStroke> best, IReadOnlyList<RatedStroke> others, IReadOnlyList<LeavePot> pots, int budget,
        CancellationToken cancel)
    {
        if (_frames.LayoutOf(start) is not { } layout) return null;
        var before = _frames.Played;
        var rival = best.MaxBy(one => one.Worth)!;
        // The best by points comes last: mostly it is the plan itself.
        List<RatedStroke> found = rival == best[0] ? [best[0], .. others] : [best[0], .. others, rival];
        var plain = _plain.Find(start, layout, pots, _question.Wishes);
        List<PlannedStroke> strokes = [.. found.Select(one => one.Stroke)];
        if (plain is not null) strokes.Add(plain);
        var draws = Math.Clamp(budget / DrawShare, LeastDraws, MostDraws);
        var judged = _search.Judge(start, strokes, draws, cancel);
        var liked = found.Zip(judged, (one, by) => by with { Liking = one.Liking }).ToList();
        var balls = liked.Take(1 + others.Count).ToList();
        // The search chose by draws that may have flattered it: where fresh ones tell that another ball is better, that is the plan.
        var ours = balls.Aggregate((chosen, other) => other.IsBetterThan(chosen) ? other : chosen);
        var facts = _facts.Of(StepOf(start, ours));
        var told = balls.Where(other => other != ours).Select(other => new OtherBall(Compare(other, false)));
        var isPlain = plain is not null && IsSame(plain, ours.Stroke);
        var against = plain is null || isPlain ? null : Compare(judged[^1], true);
        var lead = liked[rival == best[0] ? 0 : ^1].Over(ours);
        var least = _question.Wishes.Goal == BreakGoal.Score ? LeastPoints : LeastChance;
        var givenUp = lead.IsPositive && lead.Mean >= least ? new GivenUp(rival.Stroke, lead.Mean) : null;
        return new Explained(
            ours, [.. told.OrderBy(other => other.Cost)], against, isPlain, givenUp, judged.Count * draws + _frames.Played - before);

        Versus Compare(JudgedStroke theirs, bool isPlain) => _reasons.Compare((ours, facts), (theirs, StepOf(start, theirs)), isPlain);
    }

    private PlanStep StepOf(FrameState start, JudgedStroke judged) => _frames.Step(start, judged.Stroke, judged.Rated.Pot)!;

    private static bool IsSame(PlannedStroke one, PlannedStroke other) =>
        one.Pot.Ball == other.Pot.Ball && one.Pot.Pocket == other.Pot.Pocket
            && DialList.AreAlike(Dials.Of(one.Strike), Dials.Of(other.Strike));
}
