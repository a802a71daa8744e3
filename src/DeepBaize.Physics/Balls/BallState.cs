using DeepBaize.Table;

namespace DeepBaize.Physics.Balls;

/// <summary>What a ball is doing.</summary>
public enum MotionPhase
{
    /// <summary>Neither moving nor spinning.</summary>
    AtRest,

    /// <summary>Standing in place and spinning about the vertical.</summary>
    Spinning,

    /// <summary>Moving while its lowest point slips on the cloth.</summary>
    Sliding,

    /// <summary>Moving while its lowest point grips the cloth.</summary>
    Rolling,

    /// <summary>In the air.</summary>
    Airborne,

    /// <summary>Past the edge of a pocket and not yet lost in it.</summary>
    Falling,

    /// <summary>Fallen into a pocket.</summary>
    Potted,

    /// <summary>Gone over a cushion.</summary>
    OffTable,
}

/// <summary>A ball at one instant, SI units.</summary>
/// <param name="Position">Centre of the ball; z is the radius while it is on the bed and less in a pocket.</param>
/// <param name="Velocity">Velocity of the centre in m/s.</param>
/// <param name="Spin">Angular velocity in rad/s.</param>
public readonly record struct BallState(Vec3 Position, Vec3 Velocity, Vec3 Spin)
{
    /// <summary>A ball at rest on the bed.</summary>
    public static BallState AtRest(Place place, double radius) =>
        new(new Vec3(place.X, place.Y, radius), Vec3.Zero, Vec3.Zero);

    /// <summary>The centre seen from above.</summary>
    public Place Place => new(Position.X, Position.Y);

    /// <summary>
    /// Velocity of the ball's lowest point over the cloth, u = v + R (z x w): zero when the ball rolls.
    /// </summary>
    public Vec3 SlipOnCloth(double radius) => new(Velocity.X - radius * Spin.Y, Velocity.Y + radius * Spin.X, 0);

    /// <summary>Kinetic energy per unit mass, v^2/2 + R^2 w^2/5, in J/kg.</summary>
    public double SpecificEnergy(double radius) => Velocity.Dot(Velocity) / 2 + radius * radius * Spin.Dot(Spin) / 5;
}
