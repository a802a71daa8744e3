using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Breaks;

/// <summary>One stroke of a line, as it is meant.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Pot">Chance of the pot, from samples.</param>
/// <param name="Points">Points that it scores.</param>
/// <param name="Break">The break with it.</param>
/// <param name="Before">The frame before it, as meant.</param>
/// <param name="After">The frame after it, as meant; null when the visit ends with it.</param>
public sealed record PlanStep(PlannedStroke Stroke, Chance Pot, int Points, int Break, FrameState Before, FrameState? After)
{
    /// <summary>Where the white is meant to stop; null when nothing more is to come.</summary>
    public Place? White => After?.White;
}

/// <summary>How likely a whole line is, from the chances of its strokes.</summary>
/// <param name="All">Chance that every stroke pots, each from where the one before is meant to leave the white: the product.</param>
/// <param name="Least">Chance of the hardest stroke.</param>
public readonly record struct LineOdds(double All, double Least)
{
    /// <summary>The odds of a line; 1 for an empty one.</summary>
    /// <param name="chances">Chances of its strokes, 0 to 1.</param>
    public static LineOdds Of(IEnumerable<double> chances)
    {
        ArgumentNullException.ThrowIfNull(chances);
        var odds = new LineOdds(1, 1);
        foreach (var chance in chances) odds = new LineOdds(odds.All * chance, Math.Min(odds.Least, chance));
        return odds;
    }
}

/// <summary>Reds that cannot be potted into any pocket where they lie.</summary>
/// <param name="Before">Before the first stroke.</param>
/// <param name="After">After it, as meant.</param>
public readonly record struct ClosedReds(int Before, int After);

/// <summary>What a fact of a plan is about.</summary>
public enum FactKind
{
    /// <summary>Pots that are on from where the white is meant to stop.</summary>
    Alternates,

    /// <summary>A colour that can be potted only once this ball has gone.</summary>
    Opens,

    /// <summary>The angle on the next ball: its value is the cut in degrees.</summary>
    Angle,

    /// <summary>The next ball is reached without a rest.</summary>
    Reach,

    /// <summary>The red belongs to the part of the table where most reds are: its value is how many there are left.</summary>
    Region,
}

/// <summary>A fact about a plan that can be computed again.</summary>
/// <param name="Kind">What it is about.</param>
/// <param name="Pots">The pots in it.</param>
/// <param name="Value">Its figure: a count, a share or degrees.</param>
public sealed record PlanFact(FactKind Kind, IReadOnlyList<LeavePot> Pots, double Value);

/// <summary>The best stroke at another ball, and what it costs.</summary>
/// <param name="Versus">The plan's stroke against it.</param>
public sealed record OtherBall(Versus Versus)
{
    /// <summary>The ball.</summary>
    public BallId Ball => Best.Stroke.Pot.Ball;

    /// <summary>Its best stroke, by fresh draws.</summary>
    public RatedStroke Best => Versus.Theirs.Rated;

    /// <summary>Worth by which it is behind the plan, 0 or more.</summary>
    public double Cost => Math.Max(0, Versus.Lead.Mean);
}

/// <summary>What the player's school gives up: a stroke that is worth more and that the school holds less of.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Worth">By how much it is worth more, by fresh draws.</param>
public sealed record GivenUp(PlannedStroke Stroke, double Worth);

/// <summary>A plan for the break.</summary>
/// <param name="Line">Up to four strokes; empty when nothing is on.</param>
/// <param name="Gain">Points that are expected of the visit, as the search sees it, or the chance that it wins the frame.</param>
/// <param name="Cost">
/// What misses of the first stroke cost in the mean, in the same unit: by how much they leave the other side more than usual; below 0 for
/// less.
/// </param>
/// <param name="Error">Standard error of the difference from the samples.</param>
/// <param name="White">Where the white in hand is put; null when it is not in hand.</param>
/// <param name="Others">The other balls that are on, the cheapest first; only in the last answer.</param>
/// <param name="Closed">Reds that are shut in, before and after the first stroke.</param>
/// <param name="Remedies">Ways on when only colours are left and one stands in the way; only in the last answer.</param>
/// <param name="MissLeaves">
/// The opponent's best pot when it is missed, as a mean chance over the misses that were sampled; null when none was.
/// </param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record BreakPlan(
    IReadOnlyList<PlanStep> Line,
    double Gain,
    double Cost,
    double Error,
    Place? White,
    IReadOnlyList<OtherBall> Others,
    ClosedReds Closed,
    IReadOnlyList<Remedy> Remedies,
    double? MissLeaves,
    int Played,
    bool IsFinal)
{
    /// <summary>Every pot that may be played, solved, the likeliest first; null while the budget is too small for it.</summary>
    public IReadOnlyList<LeavePot>? Pots { get; init; }

    /// <summary>The plan against what most would play: the likeliest pot, plainly; null when that is the plan.</summary>
    public Versus? Plain { get; init; }

    /// <summary>Why: against the second best ball and against what most would play; only in the last answer.</summary>
    public IEnumerable<Versus> Because => Others.Take(1).Select(other => other.Versus).Concat(Plain is null ? [] : [Plain]);

    /// <summary>True when the plan's first stroke is what most would play.</summary>
    public bool IsPlain { get; init; }

    /// <summary>What the school gives up; null when it gives up nothing to speak of.</summary>
    public GivenUp? GivenUp { get; init; }

    /// <summary>How likely the whole line is.</summary>
    public LineOdds Odds => LineOdds.Of(Line.Select(step => step.Pot.Share));

    /// <summary>Strokes of the line that need a rest or the other hand.</summary>
    public int Rests => Line.Count(step => step.Stroke.Way > Cueing.BridgeWay.Stretched);
}
