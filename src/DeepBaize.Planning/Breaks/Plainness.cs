using DeepBaize.Planning.Players;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// How plain a stroke is, so that of strokes which are as good the plainest is told: as the player wishes before otherwise; no side before
/// helping side before other side; nothing hard and no tip far from the centre; follow before screw before a stun; few balls moved, few
/// cushions, softer, by hand (common practice, no source). Less is plainer.
/// </summary>
/// <param name="IsUnwished">True when it does not do what the player wishes.</param>
/// <param name="Side">0 without side, 1 with helping side, 2 with other side.</param>
/// <param name="Extremes">1 for a tip far above or below the centre, 1 more for a hard stroke.</param>
/// <param name="Spin">0 for a follow, 1 for a screw, 2 for a stun.</param>
/// <param name="Moved">Balls that it moves beside white and object ball.</param>
/// <param name="Cushions">Cushions that the white meets.</param>
/// <param name="Pace">The pace.</param>
/// <param name="NeedsRest">True with a rest or the other hand.</param>
internal readonly record struct Plainness(
    bool IsUnwished, int Side, int Extremes, int Spin, int Moved, int Cushions, double Pace, bool NeedsRest) : IComparable<Plainness>
{
    /// <summary>Of a stroke of a kind.</summary>
    /// <param name="kind">The kind.</param>
    /// <param name="moved">Balls that it moves beside white and object ball.</param>
    /// <param name="isUnwished">True when it does not do what the player wishes.</param>
    public static Plainness Of(in StrokeKind kind, int moved, bool isUnwished) => new(
        isUnwished,
        kind.HasSide ? kind.IsHelping ? 1 : 2 : 0,
        (kind.IsExtreme ? 1 : 0) + (kind.IsHard ? 1 : 0),
        kind.IsStun ? 2 : kind.IsScrew ? 1 : 0,
        moved, kind.Cushions, kind.Pace, kind.NeedsRest);

    /// <inheritdoc/>
    public int CompareTo(Plainness other) =>
        (IsUnwished, Side, Extremes, Spin, Moved, Cushions, Pace, NeedsRest).CompareTo(
            (other.IsUnwished, other.Side, other.Extremes, other.Spin, other.Moved, other.Cushions, other.Pace, other.NeedsRest));
}
