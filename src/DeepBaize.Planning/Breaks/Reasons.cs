using DeepBaize.Planning.Sampling;

namespace DeepBaize.Planning.Breaks;

/// <summary>A part of the difference between the plan's stroke and another.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Worth">What it makes of the difference: above 0 where it speaks for the plan.</param>
/// <param name="Facts">What is true of the plan's stroke alone and stands behind it.</param>
public sealed record Reason(ReasonKind Kind, double Worth, IReadOnlyList<PlanFact> Facts);

/// <summary>The plan's stroke against another, by fresh draws that both met.</summary>
/// <param name="Ours">The plan's stroke.</param>
/// <param name="Theirs">The other.</param>
/// <param name="IsPlain">True for what most would play: the likeliest pot, plainly.</param>
/// <param name="Reasons">The parts of the difference, the largest first; they add up to it.</param>
public sealed record Versus(JudgedStroke Ours, JudgedStroke Theirs, bool IsPlain, IReadOnlyList<Reason> Reasons)
{
    /// <summary>By how much the plan's is worth more.</summary>
    public Estimate Lead => Ours.Over(Theirs);

    /// <summary>True when the draws tell the two apart.</summary>
    public bool IsTold => Lead.IsPositive || Theirs.Over(Ours).IsPositive;
}

/// <summary>Finds what decides between two strokes.</summary>
/// <param name="facts">Finds facts.</param>
internal sealed class ReasonFinder(FactFinder facts)
{
    /// <summary>Compares the plan's stroke with another.</summary>
    /// <param name="ours">The plan's stroke and what is true of it.</param>
    /// <param name="theirs">The other and what it leaves.</param>
    /// <param name="isPlain">True for what most would play.</param>
    public Versus Compare(
        (JudgedStroke Stroke, IReadOnlyList<PlanFact> Facts) ours, (JudgedStroke Stroke, PlanStep Step) theirs, bool isPlain)
    {
        var proper = facts.Proper(ours.Facts, theirs.Step);
        var parts = ours.Stroke.Parts.Less(theirs.Stroke.Parts);
        var reasons = parts
            .Select(part => new Reason(part.Kind, part.Worth, [.. proper.Where(fact => Behind(fact, parts) == part.Kind)]))
            .OrderByDescending(reason => Math.Abs(reason.Worth));
        return new Versus(ours.Stroke, theirs.Stroke, isPlain, [.. reasons]);
    }

    /// <summary>
    /// Which part of a difference a fact stands behind, among those that speak for the plan: what is said of the next pot behind that one,
    /// else behind what follows, and the other way round. Null where neither speaks for it.
    /// </summary>
    private static ReasonKind? Behind(PlanFact fact, IReadOnlyList<(ReasonKind Kind, double Worth)> parts)
    {
        var (own, other) = fact.Kind is FactKind.Opens or FactKind.Region
            ? (ReasonKind.Further, ReasonKind.Next) : (ReasonKind.Next, ReasonKind.Further);
        if (parts.Any(part => part.Kind == own && part.Worth > 0)) return own;
        return fact.Kind is FactKind.Angle or FactKind.Reach || !parts.Any(part => part.Kind == other && part.Worth > 0) ? null : other;
    }
}
