using System.Runtime.CompilerServices;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <summary>One ball while a shot is played: its phase, what it meets next and since when its piece of path runs.</summary>
internal struct Body
{
    /// <summary>Stands for rubber where a ball would be named.</summary>
    public const int Rubber = -2;

    public BallId Ball;
    public MotionArc Arc;
    public double Since;

    /// <summary>What it meets next by itself.</summary>
    public Meeting Own;

    /// <summary>The ball that it meets next and when; -1 and infinity for none.</summary>
    public int Partner;

    /// <summary>When it meets that ball.</summary>
    public double PairTime;

    /// <summary>True when the two only lean on each other.</summary>
    public bool PairLeans;

    /// <summary>While its arc includes a push: the ball that pushes it, or <see cref="Rubber"/>; -1 for none.</summary>
    public int PushedBy;

    /// <summary>The pocket past whose edge it is; -1 for none.</summary>
    public int Pocket;

    /// <summary>How often it has met something since it passed that edge.</summary>
    public int MetInPocket;

    /// <summary>True when the present phase was set off by a tremble.</summary>
    public bool Trembles;

    /// <summary>The time of its next event.</summary>
    public readonly double NextTime => Math.Min(Own.Time, PairTime);

    public readonly bool IsGone => Arc.Phase is MotionPhase.Potted or MotionPhase.OffTable;

    /// <summary>True while nothing is under it: in the air or past the edge of a pocket.</summary>
    public readonly bool IsAirborne => Arc.Phase is MotionPhase.Airborne or MotionPhase.Falling;

    public readonly BallState StateAt(double now) => Arc.StateAt(Math.Min(now - Since, Arc.Duration));

    public readonly double Remaining(double now) => Math.Max(0, Since + Arc.Duration - now);

    /// <summary>How its centre moves over its height on the bed.</summary>
    public readonly Rise RiseAt(double now, double radius)
    {
        if (!IsAirborne) return default;
        var elapsed = now - Since;
        return new Rise(
            Arc.PositionAt(elapsed).Z - radius, Arc.Start.Velocity.Z + Arc.Acceleration.Z * elapsed, Arc.Acceleration.Z);
    }

    public readonly RelativeMotion MotionAt(double now)
    {
        if (!Arc.IsMoving) return new RelativeMotion(Arc.Start.Position.X, Arc.Start.Position.Y, 0, 0, 0, 0);
        var elapsed = now - Since;
        var (start, velocity, acceleration) = (Arc.Start.Position, Arc.Start.Velocity, Arc.Acceleration);
        return new RelativeMotion(
            start.X + (velocity.X + acceleration.X * elapsed / 2) * elapsed,
            start.Y + (velocity.Y + acceleration.Y * elapsed / 2) * elapsed,
            velocity.X + acceleration.X * elapsed,
            velocity.Y + acceleration.Y * elapsed,
            acceleration.X,
            acceleration.Y);
    }
}

/// <summary>The rectangle that a moving centre sweeps.</summary>
internal readonly record struct Sweep(double LowX, double HighX, double LowY, double HighY)
{
    /// <summary>The rectangle swept within a time from now.</summary>
    public static Sweep Of(in RelativeMotion motion, double time)
    {
        var (lowX, highX) = Range(motion.X, motion.Vx, motion.Ax, time);
        var (lowY, highY) = Range(motion.Y, motion.Vy, motion.Ay, time);
        return new Sweep(lowX, highX, lowY, highY);
    }

    /// <summary>True when a place lies within a margin of the rectangle.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public bool Reaches(double x, double y, double margin) =>
        x > LowX - margin && x < HighX + margin && y > LowY - margin && y < HighY + margin;

    /// <summary>True when another rectangle comes within a margin.</summary>
    public bool Reaches(in Sweep other, double margin) =>
        other.HighX > LowX - margin && other.LowX < HighX + margin && other.HighY > LowY - margin && other.LowY < HighY + margin;

    private static (double Low, double High) Range(double start, double speed, double rate, double time)
    {
        if (double.IsPositiveInfinity(time)) return (double.NegativeInfinity, double.PositiveInfinity);
        var end = start + (speed + rate * time / 2) * time;
        var low = Math.Min(start, end);
        var high = Math.Max(start, end);
        if (rate == 0) return (low, high);
        var turn = -speed / rate;
        if (turn <= 0 || turn >= time) return (low, high);
        var extreme = start + speed * turn / 2;
        return (Math.Min(low, extreme), Math.Max(high, extreme));
    }
}
