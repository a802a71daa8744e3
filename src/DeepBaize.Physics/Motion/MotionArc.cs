using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Motion;

/// <summary>
/// One phase of a ball's motion in closed form: position quadratic in time, spin linear. Valid for
/// <see cref="Duration"/> seconds from its start.
/// </summary>
public struct MotionArc
{
    /// <summary>What the ball is doing.</summary>
    public MotionPhase Phase;

    /// <summary>How long the phase lasts if nothing is met, in seconds; infinite when it never ends by itself.</summary>
    public double Duration;

    /// <summary>State at the start of the phase.</summary>
    public BallState Start;

    /// <summary>Constant acceleration of the centre in m/s^2.</summary>
    public Vec3 Acceleration;

    /// <summary>Constant rate of the horizontal spin in rad/s^2; vertical spin decays separately.</summary>
    public Vec3 SpinRate;

    /// <summary>Loss of vertical spin in rad/s^2.</summary>
    public double SpinDeceleration;

    /// <summary>True while the centre moves.</summary>
    public readonly bool IsMoving => Phase is MotionPhase.Sliding or MotionPhase.Rolling or MotionPhase.Airborne or MotionPhase.Falling;

    /// <summary>Centre of the ball a time after the start of the phase.</summary>
    /// <param name="elapsed">Seconds from the start, 0 to <see cref="Duration"/>.</param>
    public readonly Vec3 PositionAt(double elapsed) =>
        Start.Position + Start.Velocity * elapsed + Acceleration * (elapsed * elapsed / 2);

    /// <summary>Velocity a time after the start of the phase.</summary>
    public readonly Vec3 VelocityAt(double elapsed) => Start.Velocity + Acceleration * elapsed;

    /// <summary>Full state a time after the start of the phase.</summary>
    public readonly BallState StateAt(double elapsed)
    {
        var spin = Start.Spin + SpinRate * elapsed;
        var vertical = Math.CopySign(Math.Max(0, Math.Abs(Start.Spin.Z) - SpinDeceleration * elapsed), Start.Spin.Z);
        return new BallState(PositionAt(elapsed), VelocityAt(elapsed), spin with { Z = vertical });
    }
}
