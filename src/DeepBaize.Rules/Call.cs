using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules;

/// <summary>What the player plays for in a stroke, and what follows from it.</summary>
internal sealed class Call
{
    private readonly FrameState _before;
    private readonly HashSet<BallId> _on;

    public Call(FrameState before, BallId? nominated)
    {
        _before = before;
        FreeBall = before.IsFreeBall && nominated is { } free
            && BallsOn.Nominations(before.On, true, before.Up).Contains(free) ? free : null;
        _on = [.. before.BallsThatAreOn(before.On == BallOn.Colour ? nominated : null)];
        // A colour of choice that nobody has named is none in particular: nothing that falls can be it.
        IsNamed = before.On != BallOn.Colour || nominated is not null;
        ValueOn = BallValue.Of(before.On, before.On == BallOn.Colour ? nominated : null);
    }

    /// <summary>The free ball that is nominated.</summary>
    public BallId? FreeBall { get; }

    /// <summary>What the ball on is worth.</summary>
    public int ValueOn { get; }

    private bool IsNamed { get; }

    /// <summary>True for a ball that may be hit first and potted.</summary>
    private bool IsOn(BallId ball) => ball == FreeBall || _on.Contains(ball);

    /// <summary>The balls that the player may hit.</summary>
    public IEnumerable<BallId> Targets => FreeBall is { } free ? [free] : _on;

    /// <summary>True when the white touches a ball that is on: playing away from it counts as having hit it.</summary>
    public bool TouchesOn => _before.White is { } white
        && _before.Balls.Any(
            placed => placed.Ball != BallId.Cue && IsOn(placed.Ball)
            && placed.Place.DistanceTo(white) - _before.Gauge.Diameter <= Layout.TouchingGap);

    /// <summary>Everything that is foul about a stroke but what it leaves.</summary>
    public IEnumerable<Foul> Fouls(StrokeFacts facts)
    {
        foreach (var foul in facts.OtherFouls) yield return foul;
        if (!IsNamed) yield return new Foul(FoulKind.NotDeclared);
        if (facts.MovedTouching is { } moved) yield return new Foul(FoulKind.Push, moved);
        else if (!TouchesOn && FirstHitFoul(facts.FirstHit) is { } first) yield return first;
        foreach (var ball in facts.Potted)
        {
            if (ball == BallId.Cue) yield return new Foul(FoulKind.InOff);
            else if (!IsOn(ball)) yield return new Foul(FoulKind.NotOnPotted, ball);
        }

        foreach (var ball in facts.OffTable) yield return new Foul(FoulKind.OffTable, ball);
        if (facts.Jumped.Any(jumped => jumped.IsFoul(facts.FirstHit))) yield return new Foul(FoulKind.Jump);
    }

    /// <summary>True when the fouls say that the ball on was not hit first.</summary>
    public static bool FailedToHit(IEnumerable<Foul> fouls) =>
        fouls.Any(foul => foul.Kind is FoulKind.MissedAll or FoulKind.NotOnHitFirst or FoulKind.HitAtOnce);

    /// <summary>Points of a stroke without a foul.</summary>
    public int Points(StrokeFacts facts)
    {
        var potted = facts.Potted.Where(ball => ball != BallId.Cue).Distinct().ToList();
        if (_before.On == BallOn.Red) return potted.Count;
        return potted.Count > 0 ? ValueOn : 0;
    }

    /// <summary>The colour that is not put back: one that was on in the order of the colours.</summary>
    public BallId? StaysDown(StrokeFacts facts) =>
        BallsOn.ToBall(_before.On) is { } colour && facts.Potted.Contains(colour) ? colour : null;

    /// <summary>What is on next.</summary>
    /// <param name="facts">What happened.</param>
    /// <param name="isFoul">True for a foul.</param>
    /// <param name="up">The balls that are up then.</param>
    /// <returns>What is on; null when nothing is left.</returns>
    public BallOn? OnNext(StrokeFacts facts, bool isFoul, IReadOnlyCollection<BallId> up) =>
        !isFoul && _before.On == BallOn.Red && Points(facts) > 0 ? BallOn.Colour : BallsOn.Infer(up);

    private Foul? FirstHitFoul(IReadOnlyList<BallId> first)
    {
        if (first.Count == 0) return new Foul(FoulKind.MissedAll);
        var wrong = first.Where(ball => !IsOn(ball)).ToList();
        if (wrong.Count > 0) return new Foul(first.Count > 1 ? FoulKind.HitAtOnce : FoulKind.NotOnHitFirst, wrong.MaxBy(BallValue.Of));
        // With a free ball that ball comes first, alone or at once with a ball that is on.
        return FreeBall is { } free && !first.Contains(free) ? new Foul(FoulKind.NotOnHitFirst) : null;
    }
}
