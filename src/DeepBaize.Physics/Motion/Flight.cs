using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Motion;

/// <summary>
/// A ball in the air, and its landing. In the air only gravity acts, so the centre runs on a parabola and the spin stays. The bed gives
/// back a share of the downward speed; meanwhile the cloth rubs against the slip u of the lowest point with min(mu_s N, 2 m u / 7), N the
/// impulse of the bed and the second the impulse that just ends the slip.
/// </summary>
public static class Flight
{
    /// <summary>Upward speed in m/s up to which a ball stays on the bed: it would rise by a thousandth of a millimetre.</summary>
    public const double LeastRise = 0.005;

    /// <summary>
    /// Downward speed in m/s up to which the bed answers a ball that lies on it without rubbing it: the rub would be a fifth of that.
    /// </summary>
    public const double LeastFall = 0.001;

    /// <summary>Height in metres over its place on the bed up to which a ball counts as being on it, for cushions and referees.</summary>
    public const double BedHeight = 0.001;

    /// <summary>The flight that begins from a state.</summary>
    /// <param name="state">State with the ball in the air, or on the bed with an upward velocity.</param>
    /// <param name="table">The cloth.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static MotionArc Begin(in BallState state, TableCoefficients table, double radius)
    {
        ArgumentNullException.ThrowIfNull(table);
        return Until(radius, MotionPhase.Airborne, state, table);
    }

    /// <summary>The flight of a ball that is past the edge of a pocket.</summary>
    /// <param name="state">State there.</param>
    /// <param name="table">The cloth.</param>
    /// <param name="lost">Height in metres of the centre over the bed at which it is lost.</param>
    public static MotionArc Fall(in BallState state, TableCoefficients table, double lost)
    {
        ArgumentNullException.ThrowIfNull(table);
        return Until(lost, MotionPhase.Falling, state, table);
    }

    private static MotionArc Until(double level, MotionPhase phase, in BallState state, TableCoefficients table)
    {
        var (height, rise) = (Math.Max(0, state.Position.Z - level), state.Velocity.Z);
        return new MotionArc
        {
            Phase = phase,
            Duration = (rise + Math.Sqrt(rise * rise + 2 * table.Gravity * height)) / table.Gravity,
            Start = state,
            Acceleration = new Vec3(0, 0, -table.Gravity),
        };
    }

    /// <summary>
    /// The state after the bed has answered a downward velocity; the vertical velocity is 0 or more than <see cref="LeastRise"/>.
    /// </summary>
    /// <param name="state">The ball at the bed, moving down.</param>
    /// <param name="table">The cloth.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static BallState Land(in BallState state, TableCoefficients table, double radius)
    {
        ArgumentNullException.ThrowIfNull(table);
        var down = -state.Velocity.Z;
        var back = down * table.BedRestitution;
        var up = back > LeastRise ? back : 0;
        var landed = SurfaceImpact.Resolve(state, -Vec3.Up, up, new Friction(table.SlidingFriction), radius);
        return landed with { Position = state.Position with { Z = radius }, Velocity = landed.Velocity with { Z = up } };
    }
}
