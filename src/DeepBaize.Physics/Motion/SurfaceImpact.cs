using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Motion;

/// <summary>
/// A ball meets something that does not move at one place: the bed from the air, or the nose of a cushion in the air. It leaves along the
/// normal; friction opposes the slip u of its surface with min(mu P, 2 m u / 7), P the normal impulse and the second the impulse that just
/// ends the slip.
/// </summary>
internal static class SurfaceImpact
{
    /// <summary>The state after the impact.</summary>
    /// <param name="ball">The ball, moving into the surface.</param>
    /// <param name="into">Unit vector from the ball's centre to where it touches.</param>
    /// <param name="away">Speed with which it leaves along the normal, in m/s, 0 or more.</param>
    /// <param name="friction">Coefficient of friction at a speed of slip in m/s.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static BallState Resolve(in BallState ball, Vec3 into, double away, Friction friction, double radius)
    {
        var speed = ball.Velocity.Dot(into);
        var press = speed + away;
        var slip = ball.Velocity - into * speed + ball.Spin.Cross(into) * radius;
        var size = slip.Length;
        var rub = size > 0 ? slip * (-Math.Min(friction.At(size) * press, 2 * size / 7) / size) : Vec3.Zero;
        return ball with
        {
            Velocity = ball.Velocity - into * press + rub,
            Spin = ball.Spin + into.Cross(rub) * (2.5 / radius),
        };
    }
}

/// <summary>A friction mu0 / (1 + f u) that may fall with the slip u.</summary>
/// <param name="AtRest">The coefficient mu0 at vanishing slip.</param>
/// <param name="Fall">The fall f in s/m.</param>
internal readonly record struct Friction(double AtRest, double Fall = 0)
{
    /// <summary>The coefficient at a speed of slip in m/s.</summary>
    public double At(double slip) => AtRest / (1 + Fall * slip);
}
