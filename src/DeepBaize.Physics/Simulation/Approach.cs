using DeepBaize.Table;

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

    /// <summary>Time from now at which a moving point comes within a distance of the origin, or infinity; seen from above.</summary>
    public static double ToCircle(in RelativeMotion motion, double radius, double horizon, out bool leans) =>
        ToSphere(motion, default, radius, horizon, out leans);

    /// <summary>As <see cref="ToCircle"/> in space.</summary>
    /// <param name="motion">The motion seen from above.</param>
    /// <param name="rise">The height beside it.</param>
    /// <param name="radius">The distance.</param>
    /// <param name="horizon">Seconds to look ahead.</param>
    /// <param name="leans">True when it only leans on what it touches.</param>
    public static double ToSphere(in RelativeMotion motion, in Rise rise, double radius, double horizon, out bool leans)
    {
        leans = false;
        var distance = Math.Sqrt(motion.X * motion.X + motion.Y * motion.Y + rise.Height * rise.Height);
        var gap = distance - radius;
        if (gap > motion.Reach(horizon) + rise.Reach(horizon)) return double.PositiveInfinity;
        if (gap <= ContactGap)
        {
            var closing = -(motion.X * motion.Vx + motion.Y * motion.Vy + rise.Height * rise.Speed) / distance;
            if (closing > LeanSpeed) return 0;
            leans = closing > -LeanSpeed;
            radius = Math.Min(radius, distance - (leans ? LeanDepth : MeetAgainDepth));
        }

        Span<double> c =
        [
            motion.X * motion.X + motion.Y * motion.Y + rise.Height * rise.Height - radius * radius,
            2 * (motion.X * motion.Vx + motion.Y * motion.Vy + rise.Height * rise.Speed),
            motion.Vx * motion.Vx + motion.Vy * motion.Vy + motion.X * motion.Ax + motion.Y * motion.Ay
                + rise.Speed * rise.Speed + rise.Height * rise.Rate,
            motion.Vx * motion.Ax + motion.Vy * motion.Ay + rise.Speed * rise.Rate,
            (motion.Ax * motion.Ax + motion.Ay * motion.Ay + rise.Rate * rise.Rate) / 4,
        ];
        return FirstDescent.OfQuartic(c, horizon);
    }

    /// <summary>
    /// Time from now at which a point in the air comes within a distance of a level ring about the origin, or infinity. It keeps its speed
    /// seen from above, so that the squared distance from the axis is quadratic in time and the condition has degree eight.
    /// </summary>
    /// <param name="motion">The motion seen from above, without acceleration.</param>
    /// <param name="rise">The height over the ring.</param>
    /// <param name="ring">Radius of the ring, more than the distance.</param>
    /// <param name="radius">The distance.</param>
    /// <param name="horizon">Seconds to look ahead.</param>
    /// <param name="leans">True when it only leans on the ring.</param>
    public static double ToRing(
        in RelativeMotion motion, in Rise rise, double ring, double radius, double horizon, out bool leans)
    {
        leans = false;
        var outwards = Math.Sqrt(motion.X * motion.X + motion.Y * motion.Y) - ring;
        var distance = Math.Sqrt(outwards * outwards + rise.Height * rise.Height);
        if (distance - radius <= ContactGap)
        {
            var speed = (motion.X * motion.Vx + motion.Y * motion.Vy) / (outwards + ring);
            var closing = -(outwards * speed + rise.Height * rise.Speed) / distance;
            if (closing > LeanSpeed) return 0;
            leans = closing > -LeanSpeed;
            radius = Math.Min(radius, distance - (leans ? LeanDepth : MeetAgainDepth));
        }

        // With p = x^2 + y^2 and s = p + ring^2 + z^2 - radius^2 the surface is s^2 = 4 ring^2 p.
        Span<double> p =
        [
            motion.X * motion.X + motion.Y * motion.Y,
            2 * (motion.X * motion.Vx + motion.Y * motion.Vy),
            motion.Vx * motion.Vx + motion.Vy * motion.Vy,
        ];
        Span<double> s =
        [
            p[0] + ring * ring + rise.Height * rise.Height - radius * radius,
            p[1] + 2 * rise.Height * rise.Speed,
            p[2] + rise.Speed * rise.Speed + rise.Height * rise.Rate,
            rise.Speed * rise.Rate,
            rise.Rate * rise.Rate / 4,
        ];
        Span<double> c = stackalloc double[9];
        c.Clear();
        for (var i = 0; i < 5; i++)
        {
            for (var j = 0; j < 5; j++) c[i + j] += s[i] * s[j];
        }

        for (var i = 0; i < 3; i++) c[i] -= 4 * ring * ring * p[i];
        return FirstDescent.OfPolynomial(c, horizon);
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

/// <summary>Height over a level, its speed and the rate of that: how a thing moves up and down.</summary>
internal readonly record struct Rise(double Height, double Speed, double Rate)
{
    /// <summary>This motion seen from another thing that moves.</summary>
    public Rise From(in Rise other) => new(Height - other.Height, Speed - other.Speed, Rate - other.Rate);

    /// <summary>This motion a time from now.</summary>
    public Rise After(double time) => new(At(time), Speed + Rate * time, Rate);

    /// <summary>The height a time from now.</summary>
    public double At(double time) => Height + (Speed + Rate * time / 2) * time;

    /// <summary>No further than this does it go up or down within a time.</summary>
    public double Reach(double time) => (Math.Abs(Speed) + Math.Abs(Rate) * time / 2) * time;
}

/// <summary>Position, velocity and acceleration of one thing relative to another, seen from above.</summary>
internal readonly record struct RelativeMotion(double X, double Y, double Vx, double Vy, double Ax, double Ay)
{
    /// <summary>This motion seen from another thing that moves.</summary>
    public RelativeMotion From(in RelativeMotion other) =>
        new(X - other.X, Y - other.Y, Vx - other.Vx, Vy - other.Vy, Ax - other.Ax, Ay - other.Ay);

    /// <summary>Where it is a time from now while it keeps its speed.</summary>
    public Place PlaceAfter(double time) => new(X + Vx * time, Y + Vy * time);

    /// <summary>No further than this can it come within a time.</summary>
    public double Reach(double time) =>
        (Math.Sqrt(Vx * Vx + Vy * Vy) + Math.Sqrt(Ax * Ax + Ay * Ay) * time / 2) * time;
}
