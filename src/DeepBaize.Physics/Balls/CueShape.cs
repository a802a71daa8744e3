namespace DeepBaize.Physics.Balls;

/// <summary>The shape of a cue (from memory): what it clears and where its domed tip touches.</summary>
public static class CueShape
{
    /// <summary>Diameter of the tip in metres: the unit of a player's offsets along the cue's axis (common practice, no source).</summary>
    public const double TipDiameter = 0.0095;

    /// <summary>Radius of the tip and of its dome in metres.</summary>
    public const double TipRadius = TipDiameter / 2;

    /// <summary>Usual length in metres.</summary>
    public const double UsualLength = 1.46;

    private const double ShaftAt = 0.3;
    private const double ShaftRadius = 0.006;
    private const double ButtRadius = 0.0145;

    /// <summary>Offset of the cue's axis over that of the contact point: a domed tip touches nearer the centre than its axis.</summary>
    /// <param name="ballRadius">Radius of the ball in metres.</param>
    public static double AxisFactor(double ballRadius) => (ballRadius + TipRadius) / ballRadius;

    /// <summary>Offset of the contact point in ball radii when the cue's axis is moved by a number of tips.</summary>
    /// <param name="tips">Tips of the axis.</param>
    /// <param name="ballRadius">Radius of the ball in metres.</param>
    public static double ContactOffset(double tips, double ballRadius) => tips * TipDiameter / (AxisFactor(ballRadius) * ballRadius);

    /// <summary>Height in metres of the middle of the tip's dome over the bed, with the tip on a white that lies there.</summary>
    /// <param name="side">Contact point right of centre seen along the cue, in ball radii.</param>
    /// <param name="height">Contact point above centre seen along the cue, in ball radii.</param>
    /// <param name="elevationRadians">How far the butt is raised.</param>
    /// <param name="ballRadius">Radius of the ball in metres.</param>
    public static double TipHeight(double side, double height, double elevationRadians, double ballRadius)
    {
        var (sin, cos) = Math.SinCos(elevationRadians);
        var back = Math.Sqrt(Math.Max(0, 1 - side * side - height * height));
        return ballRadius + (ballRadius + TipRadius) * (height * cos + back * sin);
    }

    /// <summary>Radius of the cue in metres at a distance behind its tip, 0 to the length.</summary>
    /// <param name="behindTip">Distance in metres.</param>
    /// <param name="length">Length of the cue in metres.</param>
    public static double RadiusAt(double behindTip, double length) => behindTip < ShaftAt
        ? TipRadius + (ShaftRadius - TipRadius) * behindTip / ShaftAt
        : ShaftRadius + (ButtRadius - ShaftRadius) * (behindTip - ShaftAt) / (length - ShaftAt);
}
