using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>Which part of a pocket a ball is sent to.</summary>
public enum PocketPart
{
    /// <summary>The pocket point: the corner of the nose lines, or the middle of a middle pocket.</summary>
    Middle,

    /// <summary>The side of the jaw that is nearer to the object ball.</summary>
    NearJaw,

    /// <summary>The side of the jaw that is farther from the object ball.</summary>
    FarJaw,

    /// <summary>The middle of the lines that drop at that angle: the most room on both sides.</summary>
    Opening,
}

/// <summary>A ball to pot, where to, and into which part of the pocket.</summary>
/// <param name="Ball">The object ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Part">The part of the pocket.</param>
public readonly record struct Pot(BallId Ball, PocketId Pocket, PocketPart Part = PocketPart.Middle)
{
    /// <summary>
    /// How far from the pocket's middle the jaw sides are aimed, in metres across the ball's way (common practice, no source).
    /// </summary>
    public const double JawOffset = 0.015;
}

/// <summary>Everything about a stroke but its direction, which the pot decides.</summary>
/// <param name="WhiteSpeed">Speed in m/s with which the white leaves the tip, above 0.</param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
/// <param name="ElevationRadians">How far the butt is raised at least.</param>
/// <param name="IsExact">
/// True when the butt is raised by just that, whatever is behind the white; false, as usual, when it is raised at least as far as the place
/// asks for, see <see cref="ButtRaise"/>.
/// </param>
public readonly record struct Dials(
    double WhiteSpeed, double Side, double Height, double ElevationRadians = 0, bool IsExact = false)
{
    /// <summary>Lowest and highest tip that is ever proposed, in ball radii: just inside the limit of a safe tip.</summary>
    public const double SafeHeight = 0.45;

    /// <summary>What a side leaves of it, up or down, in ball radii.</summary>
    /// <param name="side">The side in ball radii.</param>
    public static double SafeHeightWith(double side) => Math.Sqrt(Math.Max(0, SafeHeight * SafeHeight - side * side));

    /// <summary>The pace, also off the scale.</summary>
    public double Pace => Physics.Balls.Pace.FromSpeed(WhiteSpeed);

    /// <summary>Dials with a pace from 1 to 10.</summary>
    public static Dials AtPace(double pace, double side = 0, double height = 0) => new(Physics.Balls.Pace.ToSpeed(pace), side, height);

    /// <summary>The dials of a strike.</summary>
    public static Dials Of(in Strike strike) => new(strike.WhiteSpeed, strike.Side, strike.Height, strike.ElevationRadians);

    /// <summary>These dials as they are played along about a direction from where the white lies.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="directionRadians">The cue's line.</param>
    public Dials At(Layout layout, double directionRadians) => IsExact ? this
        : this with { ElevationRadians = ButtRaise.Lift(layout, Along(directionRadians)).ElevationRadians, IsExact = true };

    /// <summary>The stroke along a direction in radians, with the butt raised by what is said here.</summary>
    public Strike Along(double directionRadians) => new(directionRadians, WhiteSpeed, Side, Height, ElevationRadians);
}
