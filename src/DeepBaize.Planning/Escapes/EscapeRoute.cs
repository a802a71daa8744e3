using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Safety;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Escapes;

/// <summary>Where a way comes to its first cushion, by the white's centre.</summary>
/// <param name="Cushion">The cushion.</param>
/// <param name="Point">The white's centre there, from the middle of the window.</param>
/// <param name="From">The least metres along the cushion from which the ball is met: from the baulk end, or from the yellow's side.</param>
/// <param name="To">The most.</param>
public readonly record struct CushionPoint(CushionId Cushion, Place Point, double From, double To)
{
    /// <summary>Metres along the cushion.</summary>
    public double Along => Mirrors.Along(Point, Cushion);

    /// <summary>Width of the window on the cushion in metres.</summary>
    public double Width => To - From;
}

/// <summary>A way out of a snooker, or to a ball by a cushion.</summary>
/// <param name="Window">The directions that bring the white there, and how it is struck.</param>
/// <param name="Judged">What comes of it with the player's scatter.</param>
/// <param name="First">Where it comes to the first cushion; null on a straight or swerved way.</param>
/// <param name="SoftestPace">The softest pace of those tried at which the same way is about as wide.</param>
/// <param name="HardestPace">The hardest.</param>
/// <param name="Path">The white's way to the ball: where it lies, where it meets rubber, and where it meets the ball.</param>
public sealed record EscapeRoute(
    EscapeWindow Window, JudgedExchange Judged, CushionPoint? First, double SoftestPace, double HardestPace,
    IReadOnlyList<Place> Path)
{
    /// <summary>The same way at the softest pace that was tried with scatter; null when that is what is told.</summary>
    public EscapeRoute? Soft { get; init; }

    /// <summary>A grid of places of the white from which the same point on the cushion still brings it to a ball on.</summary>
    public IReadOnlyList<Place> Family { get; init; } = [];

    /// <summary>Chance of a legal stroke.</summary>
    public double GetsOut => 1 - Judged.Fouls.Share;

    /// <summary>What strokes are worth that come out to the right of where they are meant, less those to the left.</summary>
    public double BetterToTheRight => Judged.WhenRight - Judged.WhenLeft;
}

/// <summary>A ball that is on, and what of it can be hit straight.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Sight">What can be hit.</param>
/// <param name="IsTouched">True when the white touches it.</param>
/// <param name="Blockers">The balls in the way of some part of it.</param>
public sealed record SeenBall(BallId Ball, BallInSight Sight, bool IsTouched, IReadOnlyList<BallId> Blockers);

/// <summary>Ways to hit a ball that is on.</summary>
/// <param name="IsSnookered">True when no ball that is on can be hit on both its edges.</param>
/// <param name="Balls">The balls that are on.</param>
/// <param name="Routes">The ways, the best first; empty when none was found.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record EscapePlan(
    bool IsSnookered, IReadOnlyList<SeenBall> Balls, IReadOnlyList<EscapeRoute> Routes, int Played, bool IsFinal);
