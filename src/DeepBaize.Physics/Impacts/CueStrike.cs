using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Impacts;

/// <summary>Where and how the tip meets the white.</summary>
/// <param name="DirectionRadians">The cue's line seen from above, anticlockwise from straight up the table.</param>
/// <param name="WhiteSpeed">Speed in m/s with which the white leaves the tip, along the cue; above 0.</param>
/// <param name="Side">Contact point right of centre seen along the cue, in ball radii.</param>
/// <param name="Height">Contact point above centre seen along the cue, in ball radii.</param>
/// <param name="ElevationRadians">How far the butt is raised, from 0 for a level cue to <see cref="SteepestDegrees"/>.</param>
public readonly record struct Strike(
    double DirectionRadians, double WhiteSpeed, double Side, double Height, double ElevationRadians = 0)
{
    /// <summary>Steepest cue in degrees that is simulated: beyond it nobody stands (common practice, no source).</summary>
    public const double SteepestDegrees = 80;

    /// <summary>Offset beyond which the tip is likely to slip off the ball, in ball radii (practical limit, common experience).</summary>
    public const double MiscueOffset = 0.5;

    /// <summary>Distance of the contact point from the centre of the face, in ball radii.</summary>
    public double Offset => Math.Sqrt(Side * Side + Height * Height);

    /// <summary>True when the contact point lies outside half the radius.</summary>
    public bool IsMiscueRisk => Side * Side + Height * Height > (MiscueOffset * MiscueOffset) + 1e-12;
}

/// <summary>
/// The cue's blow on the white (Leckie and Greenspan 2006) for a lossless tip, with the push-off of a cue of finite end mass (Cross 2008;
/// Alciatore). Their bracket 1 + m/M + (5/(2 R^2)) (a^2 + b^2 cos^2 + c^2 sin^2 - 2 b c cos sin) is 1 + m/M + (5/2) times the squared
/// distance of the cue's line from the centre, and that distance is the offset seen along the cue, however the butt is raised.
/// </summary>
public static class CueStrike
{
    /// <summary>
    /// Cue speed in m/s that gives a white speed: V = v (1 + m/M + (5/2) offset^2) / 2.
    /// </summary>
    /// <param name="whiteSpeed">Wanted white speed in m/s.</param>
    /// <param name="offset">Distance of the contact point from the centre in ball radii, 0 to 1.</param>
    /// <param name="ballMass">Ball mass in kg.</param>
    /// <param name="cueMass">Cue mass in kg.</param>
    public static double CueSpeedFor(double whiteSpeed, double offset, double ballMass, double cueMass) =>
        whiteSpeed * Reaction(offset, ballMass, cueMass) / 2;

    /// <summary>White speed in m/s that a cue speed gives: v = 2 V / (1 + m/M + (5/2) offset^2).</summary>
    public static double WhiteSpeedFor(double cueSpeed, double offset, double ballMass, double cueMass) =>
        2 * cueSpeed / Reaction(offset, ballMass, cueMass);

    /// <summary>
    /// Hardest pace that a player's cue delivers with the tip at an offset, at most the top of the scale; below 1 when none is.
    /// </summary>
    /// <param name="offset">Distance of the contact point from the centre in ball radii, 0 to 1.</param>
    /// <param name="conditions">Ball and cue.</param>
    public static double HardestPace(double offset, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var fastest = WhiteSpeedFor(conditions.Cue.MaxSpeed, offset, conditions.Balls.Mass, conditions.Cue.Mass);
        return Math.Min(Pace.Hardest, Pace.FromSpeed(fastest));
    }

    /// <summary>
    /// Push-off (squirt) angle in radians, positive for right side, which turns the white to the left:
    /// tan(alpha) = (5/2) s sqrt(1 - s^2) / (1 + m/m_e + (5/2)(1 - s^2)).
    /// </summary>
    /// <param name="side">Side offset in ball radii, -1 to 1.</param>
    /// <param name="endMassRatio">Ball mass divided by the cue's effective end mass.</param>
    public static double PushOffRadians(double side, double endMassRatio)
    {
        var inner = 1 - side * side;
        return Math.Atan2(2.5 * side * Math.Sqrt(inner), 1 + endMassRatio + 2.5 * inner);
    }

    /// <summary>
    /// The state of the white just after the blow, before the bed answers: with a raised butt it has a downward velocity.
    /// </summary>
    /// <param name="strike">The strike; offset at most 1.</param>
    /// <param name="white">The white at rest on the bed.</param>
    /// <param name="conditions">Ball and cue.</param>
    public static BallState Apply(in Strike strike, in BallState white, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var (sin, cos) = Math.SinCos(strike.DirectionRadians);
        var (sinUp, cosUp) = Math.SinCos(strike.ElevationRadians);
        var forward = new Vec3(cos, sin, 0);
        var right = forward.Cross(Vec3.Up);
        var along = forward * cosUp - Vec3.Up * sinUp;
        var above = forward * sinUp + Vec3.Up * cosUp;
        // w = (r x m v d)/I, d along the cue, r = side R right + height R above and I = (2/5) m R^2; the push-off does not change it.
        var spin = (right * strike.Side + above * strike.Height).Cross(along) * (2.5 * strike.WhiteSpeed / conditions.Balls.Radius);
        var (sinOut, cosOut) = Math.SinCos(PushOffRadians(strike.Side, conditions.Cue.EndMassRatio));
        return new BallState(white.Position, (along * cosOut - right * sinOut) * strike.WhiteSpeed, spin);
    }

    private static double Reaction(double offset, double ballMass, double cueMass) =>
        1 + ballMass / cueMass + 2.5 * offset * offset;
}
