using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Motion;

/// <summary>
/// The nap lies from baulk to the top cushion and leans on a rolling ball: n g up the table, and n g s to the right as seen up the table, s
/// being R w_z in m/s and 1 at most. So a slow ball drifts with the nap; right side drifts to the right with the nap and, going against it,
/// to the left of its way. This is the simplest law that gives both orders; it is an estimate from common practice, no source.
/// </summary>
internal static class Nap
{
    /// <summary>Speed in m/s under which the cloth just holds the ball: there it stops in a straight line.</summary>
    private const double HoldSpeed = 0.01;

    /// <summary>Change of s after which its pull is looked at again.</summary>
    private const double SideStep = 0.1;

    /// <summary>Tangent of the angle, one degree, by which a piece of the path may turn.</summary>
    private const double Turn = 0.017455;

    /// <summary>Acceleration and length of the next piece of a rolling ball's path.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="slowing">Its acceleration without the nap, against its way.</param>
    /// <param name="duration">Seconds in which it would stop.</param>
    /// <param name="table">The cloth.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static (Vec3 Acceleration, double Duration) Bend(
        in BallState ball, Vec3 slowing, double duration, TableCoefficients table, double radius)
    {
        var speed = ball.Velocity.Length;
        if (speed < HoldSpeed) return (slowing, duration);
        var side = Math.Clamp(radius * ball.Spin.Z, -1, 1);
        var acceleration = slowing + new Vec3(1, -side, 0) * (table.Nap * table.Gravity);
        var along = acceleration.Dot(ball.Velocity) / speed;
        var across = (acceleration - ball.Velocity * (along / speed)).Length;
        // To where it has turned by so much, or has slowed down to where it is held.
        var turned = speed * Turn / (across - along * Turn);
        var slowed = along < 0 ? (speed - HoldSpeed / 2) / -along : double.PositiveInfinity;
        var spun = side != 0 ? SideStep / (radius * table.SpinDeceleration) : double.PositiveInfinity;
        return (acceleration, Math.Min(Math.Min(turned, slowed), spun));
    }
}
