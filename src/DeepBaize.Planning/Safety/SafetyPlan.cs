using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Safety;

/// <summary>A stroke that was judged, and what it leaves.</summary>
/// <param name="Judged">What it brings to both sides.</param>
/// <param name="Kind">What kind of answer it is.</param>
/// <param name="Meant">What comes of it as it is meant.</param>
public sealed record SafetyOption(JudgedExchange Judged, SafetyKind Kind, Caught Meant)
{
    /// <summary>Where a white in hand is put for it; null when it is not in hand.</summary>
    public Place? White { get; init; }
}

/// <summary>What comes of a stroke that is caught in one way.</summary>
/// <param name="Cover">How much of the ball is covered at the first contact, 0 to 1; NaN when none is met.</param>
/// <param name="Ball">The ball that is met first; null for none.</param>
/// <param name="Ruling">The ruling.</param>
/// <param name="Left">What the opponent finds; nothing when it is not his turn.</param>
/// <param name="Pots">His pots, the likeliest first.</param>
/// <param name="White">Where the white stops; null when it falls.</param>
/// <param name="Potted">The ball that is potted legally, and where; null for none.</param>
/// <param name="Balls">The frame as it lies then, seen by who plays next; a white in hand is put where it is worth most.</param>
public sealed record Caught(
    double Cover, BallId? Ball, Ruling Ruling, Left Left, IReadOnlyList<LeavePot> Pots, Place? White, Pot? Potted,
    FrameState Balls);

/// <summary>Which way a stroke errs.</summary>
public enum ErrSide
{
    /// <summary>More of the ball is hit.</summary>
    Thick,

    /// <summary>Less of it is hit.</summary>
    Thin,

    /// <summary>The white runs to the left of where it is meant; said where thick and thin mean nothing.</summary>
    Left,

    /// <summary>It runs to the right.</summary>
    Right,
}

/// <summary>A stroke that goes wrong by one of the player's own errors of direction.</summary>
/// <param name="Side">Which way.</param>
/// <param name="Caught">What comes of it.</param>
/// <param name="Worth">What strokes that err this way are worth in the mean.</param>
public sealed record Missed(ErrSide Side, Caught Caught, double Worth);

/// <summary>An aim that was moved to the side on which a miss costs less.</summary>
/// <param name="Towards">Which way it was moved.</param>
/// <param name="Metres">By how much, where the white meets the ball.</param>
/// <param name="Gains">Points that it brings.</param>
public sealed record AimShift(ErrSide Towards, double Metres, double Gains);

/// <summary>What to play when it is asked what to leave.</summary>
/// <param name="Best">The answer; null when no legal stroke was found.</param>
/// <param name="Others">Other kinds of answer, the best first.</param>
/// <param name="Misses">The two ways in which the answer goes wrong; empty until the last answer.</param>
/// <param name="Shift">How the aim was moved; null when it was not.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record SafetyPlan(
    SafetyOption? Best, IReadOnlyList<SafetyOption> Others, IReadOnlyList<Missed> Misses, AimShift? Shift, int Played, bool IsFinal)
{
    /// <summary>The stroke that the player has in mind; null when there is none, or it meets no ball.</summary>
    public SafetyOption? Mine { get; init; }

    /// <summary>True when the answer is a pot for its own sake: the question is for the Break section.</summary>
    public bool IsPot => Best?.Kind == SafetyKind.Pot;

    /// <summary>By how much the best pot, or the best safety when the answer is a pot, is worth less; null when there is none.</summary>
    public SafetyOption? Rival => Others.FirstOrDefault(other => (other.Kind == SafetyKind.Pot) != IsPot);
}
