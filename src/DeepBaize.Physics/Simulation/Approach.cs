namespace DeepBaize.Physics.Simulation;

/// <summary>
/// When a distance that changes with time first shrinks to a limit. Things that already touch are told apart: they meet
/// at once, they part, or they only lean on each other. A lean is let sink in by a tenth of a micrometre before
/// it is taken up again, so that a pressing contact makes a bounded number of events.
/// </summary>
internal static class Approach
{
    /// <summary>Gap in metres up to which two things count as in contact here and now.</summary>
    private const double ContactGap = 1e-9;

    /// <summary>Closing or parting speed in m/s up to which things in contact only lean on each other.</summary>
    public const double LeanSpeed = 1e-6;

    /// <summary>Depth in metres that a lean sinks in.</summary>
    private const double LeanDepth = 1e-7;

    /// <summary>Depth in metres, below any rounding that matters, by which things that part now must meet again.</summary>
    private const double MeetAgainDepth = 1e-12;

    /// <summary>Time from now at which a moving point comes within a distance of the origin, or infinity.</summary>
    public static double ToCircle(in RelativeMotion motion, double radius, double horizon, out bool leans)
    {
        leans = false;
        var distance = Math.Sqrt(motion.X * motion.X + motion.Y * motion.Y);
        var gap = distance - radius;
        if (gap > motion.Reach(horizon)) return double.PositiveInfinity;
        if (gap <= ContactGap)
        {
            var closing = -(motion.X * motion.Vx + motion.Y * motion.Vy) / distance;
            if (closing > LeanSpeed) return 0;
            leans = closing > -LeanSpeed;
            radius = Math.Min(radius, distance - (leans ? LeanDepth : MeetAgainDepth));
        }

        Span<double> c =
        [
            motion.X * motion.X + motion.Y * motion.Y - radius * radius,
            2 * (motion.X * motion.Vx + motion.Y * motion.Vy),
            motion.Vx * motion.Vx + motion.Vy * motion.Vy + motion.X * motion.Ax + motion.Y * motion.Ay,
            motion.Vx * motion.Ax + motion.Vy * motion.Ay,
            (motion.Ax * motion.Ax + motion.Ay * motion.Ay) / 4,
        ];
        return FirstDescent.OfQuartic(c, horizon);
    }

    /// <summary>Time from now at which a height over a line falls to zero, or infinity.</summary>
    /// <param name="height">Present height; slightly negative while in contact.</param>
    /// <param name="speed">Rate of the height.</param>
    /// <param name="acceleration">Rate of the speed.</param>
    /// <param name="isOverLine">True when the point is over the line itself, so that it may be in contact.</param>
    /// <param name="leans">True when it only leans on the line.</param>
    public static double ToLine(double height, double speed, double acceleration, bool isOverLine, out bool leans)
    {
        leans = false;
        if (isOverLine && height <= ContactGap)
        {
            if (speed < -LeanSpeed) return 0;
            leans = speed < LeanSpeed;
            height = Math.Max(height, leans ? LeanDepth : MeetAgainDepth);
        }

        return FirstDescent.OfQuadratic(height, speed, acceleration / 2);
    }
}

/// <summary>Position, velocity and acceleration of one thing relative to another, seen from above.</summary>
internal readonly record struct RelativeMotion(double X, double Y, double Vx, double Vy, double Ax, double Ay)
{
    /// <summary>This motion seen from another thing that moves.</summary>
    public RelativeMotion From(in RelativeMotion other) =>
        new(X - other.X, Y - other.Y, Vx - other.Vx, Vy - other.Vy, Ax - other.Ax, Ay - other.Ay);

    /// <summary>No further than this can it come within a time.</summary>
    public double Reach(double time) =>
        (Math.Sqrt(Vx * Vx + Vy * Vy) + Math.Sqrt(Ax * Ax + Ay * Ay) * time / 2) * time;
}
