using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>
/// The least angle by which the butt is raised so that the cue clears the cushion and the balls behind the white: the cue's axis goes
/// through the centre of the tip's dome, its underside passes above the rail and above each ball under it.
/// </summary>
public sealed class ButtRaise
{
    /// <summary>A cue is never quite level: least elevation in degrees (common practice, no source).</summary>
    public const double LeastDegrees = 2;

    /// <summary>
    /// Elevation in degrees beyond which a stroke is no ordinary one any more and is not proposed (estimate, common practice, no source).
    /// </summary>
    public const double MostDegrees = 20;

    /// <summary>Depth of the rail behind the nose in metres (from memory).</summary>
    public const double RailDepth = 0.130;

    private const double Steepest = 80;
    private const int Halvings = 14;

    private readonly List<(double Behind, double Across)> _balls = [];
    private readonly double _radius;
    private readonly double _length;
    private readonly double _noseBehind;
    private readonly double _railBehind;

    /// <summary>Prepares the obstacles behind a white.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="directionRadians">The cue's line.</param>
    /// <param name="cueLength">Length of the cue in metres.</param>
    public ButtRaise(Layout layout, double directionRadians, double cueLength)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var white = layout[BallId.Cue] ?? throw new ArgumentException("The layout has no white.", nameof(layout));
        var (sin, cos) = Math.SinCos(directionRadians);
        (_radius, _length) = (layout.Gauge.Radius, cueLength);
        foreach (var other in layout.Balls)
        {
            if (other.Ball == BallId.Cue) continue;
            var (dx, dy) = (other.Place.X - white.X, other.Place.Y - white.Y);
            var behind = -(dx * cos + dy * sin);
            // To the right of the cue's line, seen along it.
            var across = dx * sin - dy * cos;
            if (behind > -_radius && Math.Abs(across) < 2.5 * _radius && behind < cueLength) _balls.Add((behind, across));
        }

        var (alongX, alongY) = Ways(white, cos, sin);
        _noseBehind = Math.Min(alongX, alongY);
        _railBehind = _noseBehind + RailDepth / Math.Abs(alongX < alongY ? cos : sin);
    }

    /// <summary>
    /// The least elevation in degrees with the tip at a point of the face; positive infinity when nothing short of upright clears.
    /// </summary>
    /// <param name="side">Contact point right of centre seen along the cue, in ball radii.</param>
    /// <param name="height">Contact point above centre seen along the cue, in ball radii.</param>
    public double Degrees(double side, double height)
    {
        if (side * side + height * height > 1) return double.PositiveInfinity;
        if (Clears(side, height, LeastDegrees)) return LeastDegrees;
        if (!Clears(side, height, Steepest)) return double.PositiveInfinity;
        var (low, high) = (LeastDegrees, Steepest);
        for (var i = 0; i < Halvings; i++)
        {
            var middle = (low + high) / 2;
            if (Clears(side, height, middle)) high = middle;
            else low = middle;
        }

        return high;
    }

    /// <summary>
    /// A strike as it is played where the white lies: the butt is raised at least as far as cushion and balls behind the white ask for, up
    /// to <see cref="MostDegrees"/>, and further when the strike says so.
    /// </summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="strike">The strike, with a level cue or a raised one.</param>
    public static Strike Lift(Layout layout, in Strike strike)
    {
        var least = new ButtRaise(layout, strike.DirectionRadians, CueShape.UsualLength).Degrees(strike.Side, strike.Height);
        return strike with { ElevationRadians = Math.Max(strike.ElevationRadians, Math.Min(least, MostDegrees) * Math.PI / 180) };
    }

    /// <summary>Metres along a cue's line from the white back to the first nose line.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="cos">Cosine of the cue's direction.</param>
    /// <param name="sin">Its sine.</param>
    internal static double NoseBehind(Place white, double cos, double sin)
    {
        var (alongX, alongY) = Ways(white, cos, sin);
        return Math.Min(alongX, alongY);
    }

    private static (double AlongX, double AlongY) Ways(Place white, double cos, double sin) =>
        (Way(white.X, Measurements.Length, cos), Way(white.Y, Measurements.Width, sin));

    private bool Clears(double side, double height, double degrees)
    {
        var raised = degrees * Math.PI / 180;
        var (sin, cos) = Math.SinCos(raised);
        var dome = _radius + CueShape.TipRadius;
        var back = Math.Sqrt(Math.Max(0, 1 - side * side - height * height));
        // Centre of the tip's dome: above the bed, and behind the white's centre.
        var up = CueShape.TipHeight(side, height, raised, _radius);
        var behind = dome * (back * cos - height * sin);
        if (up < CueShape.TipRadius) return false;
        if (!ClearsRail(up, behind, sin, cos)) return false;
        foreach (var (ballBehind, across) in _balls)
        {
            if (!ClearsBall(up, behind, sin, cos, ballBehind, across - side * dome)) return false;
        }

        return true;
    }

    private bool ClearsRail(double up, double behind, double sin, double cos)
    {
        return ClearsEdge(Math.Max(_noseBehind, behind)) && ClearsEdge(Math.Max(_railBehind, behind));

        bool ClearsEdge(double at)
        {
            var along = (at - behind) / cos;
            return along > _length || up + along * sin - CueShape.RadiusAt(along, _length) / cos >= Measurements.RailHeight;
        }
    }

    private bool ClearsBall(double up, double behind, double sin, double cos, double ballBehind, double across)
    {
        var along = Math.Max(0, (ballBehind - behind) * cos - (up - _radius) * sin);
        if (along > _length) return true;
        var apart = _radius + CueShape.RadiusAt(along, _length);
        var (dx, dz) = (behind + along * cos - ballBehind, up + along * sin - _radius);
        // Beside the ball there is room at any height; over it the cue must pass above.
        return Math.Abs(across) >= apart || (dz > 0 && dx * dx + dz * dz + across * across >= apart * apart);
    }

    /// <summary>Metres along the cue's line from the white back to the nose line of one pair of cushions.</summary>
    private static double Way(double place, double size, double share) => share switch
    {
        > 1e-9 => place / share,
        < -1e-9 => (size - place) / -share,
        _ => double.PositiveInfinity,
    };
}
