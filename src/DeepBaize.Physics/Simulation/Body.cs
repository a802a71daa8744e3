using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <summary>One ball while a shot is played: its phase, what it meets next and the piece of path it is on.</summary>
internal struct Body
{
    public BallId Ball;
    public MotionArc Arc;
    public double Since;
    public Meeting Next;

    /// <summary>True when the present phase was set off by a tremble.</summary>
    public bool Trembles;

    public readonly BallState StateAt(double now) => Arc.StateAt(Math.Min(now - Since, Arc.Duration));

    public readonly double Remaining(double now) => Math.Max(0, Since + Arc.Duration - now);

    public readonly RelativeMotion MotionAt(double now)
    {
        var elapsed = now - Since;
        var position = Arc.PositionAt(elapsed);
        var velocity = Arc.VelocityAt(elapsed);
        return new RelativeMotion(position.X, position.Y, velocity.X, velocity.Y, Arc.Acceleration.X, Arc.Acceleration.Y);
    }
}
