using DeepBaize.Physics.Balls;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <summary>What happens at an event.</summary>
public enum ShotEventKind
{
    /// <summary>The white sets off.</summary>
    Strike,

    /// <summary>A sliding ball begins to roll.</summary>
    Rolls,

    /// <summary>A ball stops moving; it may still spin on its place.</summary>
    Stops,

    /// <summary>Two balls meet.</summary>
    Ball,

    /// <summary>A ball meets a straight cushion.</summary>
    Cushion,

    /// <summary>A ball meets a jaw of a pocket.</summary>
    Jaw,

    /// <summary>A ball passes the edge at which a pocket's slate falls away; it may still come back.</summary>
    Drops,

    /// <summary>A ball past that edge meets it from within.</summary>
    Edge,

    /// <summary>A ball meets the back of a pocket.</summary>
    Back,

    /// <summary>A ball is lost in a pocket.</summary>
    Pocket,

    /// <summary>A ball comes down on the bed.</summary>
    Lands,

    /// <summary>A ball goes over a cushion.</summary>
    OffTable,
}

/// <summary>A ball just before and just after an event.</summary>
/// <param name="Ball">Which ball.</param>
/// <param name="Before">Its state before.</param>
/// <param name="After">Its state after.</param>
/// <param name="Phase">What it does afterwards.</param>
public readonly record struct BallAtEvent(BallId Ball, BallState Before, BallState After, MotionPhase Phase);

/// <summary>One event of a shot.</summary>
/// <param name="Time">Seconds after the strike.</param>
/// <param name="Kind">What happens.</param>
/// <param name="Balls">The balls that it concerns, one or two.</param>
/// <param name="Cushion">The cushion met, for cushions and jaws.</param>
/// <param name="Pocket">The pocket, for jaws and all that happens in a pocket.</param>
/// <param name="Trembles">True for the small repeated contacts of balls that press on each other, and what follows from them.</param>
public sealed record ShotEvent(
    double Time, ShotEventKind Kind, IReadOnlyList<BallAtEvent> Balls, CushionId? Cushion, PocketId? Pocket, bool Trembles);

/// <summary>
/// A piece of a ball's path on which its position is quadratic in time, as a quadratic Bezier curve.
/// </summary>
/// <param name="Ball">Which ball.</param>
/// <param name="Phase">What it does on this piece.</param>
/// <param name="StartTime">Seconds after the strike at which the piece begins.</param>
/// <param name="EndTime">Seconds at which it ends.</param>
/// <param name="Start">Where it begins.</param>
/// <param name="Control">The curve's middle control point.</param>
/// <param name="End">Where it ends.</param>
/// <param name="EndsInTremble">True when it ends in a mere tremble of balls that press on each other.</param>
/// <param name="Heights">How high the centre is over where it is on the bed, at the three points of the curve.</param>
public sealed record PathSegment(
    BallId Ball,
    MotionPhase Phase,
    double StartTime,
    double EndTime,
    Place Start,
    Place Control,
    Place End,
    bool EndsInTremble,
    PathHeights Heights = default);

/// <summary>Heights in metres of a ball's centre over where it is on the bed: the control points of a quadratic curve in time.</summary>
/// <param name="Start">At the beginning.</param>
/// <param name="Control">Of the middle control point; twice the greatest height of a whole flight.</param>
/// <param name="End">At the end.</param>
public readonly record struct PathHeights(double Start, double Control, double End)
{
    /// <summary>The greatest height on the piece.</summary>
    public double Greatest
    {
        get
        {
            // The curve a + 2 (c - a) t + (a - 2 c + b) t^2 turns at t = (c - a) / (2 c - a - b).
            var bend = 2 * Control - Start - End;
            var turn = bend > 0 ? (Control - Start) / bend : -1;
            return turn is > 0 and < 1 ? Start + (Control - Start) * turn : Math.Max(Start, End);
        }
    }
}

/// <summary>Everything that happened in a shot: filled by <see cref="TableSimulation"/> when it is asked to record.</summary>
public sealed class ShotRecord
{
    /// <summary>The events in order of time.</summary>
    public List<ShotEvent> Events { get; } = [];

    /// <summary>The pieces of the paths in the order in which they end.</summary>
    public List<PathSegment> Segments { get; } = [];
}
