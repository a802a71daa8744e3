using System.Globalization;
using DeepBaize.Physics.Motion;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;

namespace DeepBaize.Words;

/// <summary>Says what a raised butt does beside a level cue.</summary>
public static class ButtWords
{
    /// <summary>Contact height in ball radii from which a stroke is meant to screw.</summary>
    private const double Low = -0.05;

    /// <summary>Degrees from which digging down is a danger at any pace.</summary>
    private const double Steep = 20;

    /// <summary>Pace from which it is at any height of the butt.</summary>
    private const double Hard = 7;

    /// <summary>Least way back in metres that anybody would call screw.</summary>
    private const double LeastBack = 0.02;

    /// <summary>Digging down hard (common practice, no source).</summary>
    public const string Caution = "Digging down hard can send the white off the table, tear the cloth or hit somebody.";

    /// <summary>The height of the butt, level being as level as a cue is in a plain stroke: "level", "butt up 15 degrees".</summary>
    public static string Title(ButtWay way)
    {
        ArgumentNullException.ThrowIfNull(way);
        return way.ElevationDegrees < CueingAnswer.LevelDegrees ? "Level" : $"Butt up {way.ElevationDegrees:0} degrees";
    }

    /// <summary>What the white does in the air.</summary>
    public static string Rise(ButtWay way)
    {
        ArgumentNullException.ThrowIfNull(way);
        return way.Stroke is not { } stroke ? ""
            : stroke.Rise <= Flight.BedHeight ? "stays on the bed"
            : $"hops {1000 * stroke.Rise:0} mm";
    }

    /// <summary>How far the white comes back; null for a stroke that is not meant to, and does not.</summary>
    public static string? Back(ButtWay way)
    {
        ArgumentNullException.ThrowIfNull(way);
        return way.Stroke is not { } stroke || (way.Back < LeastBack && stroke.Strike.Height >= Low) ? null
            : way.Back < LeastBack ? "does not come back"
            : string.Create(CultureInfo.InvariantCulture, $"comes back {way.Back:0.00} m");
    }

    /// <summary>Room for error at the pocket, in millimetres.</summary>
    public static string Room(double millimetres) => $"room for error {millimetres:0} mm";

    /// <summary>How to get the screw, and how to keep the pot.</summary>
    /// <param name="dials">The stroke.</param>
    public static string Recipe(Dials dials) => dials.Height < Low
        ? "For screw lower the bridge hand, not the tip alone: the cue stays level and goes through the ball."
        : "Keep the cue as level as the cushion and the balls behind the white allow, and go through the ball.";

    /// <summary>What to mind; null when there is nothing.</summary>
    /// <param name="raised">The stroke with the butt up.</param>
    /// <param name="pace">Its pace.</param>
    public static string? Mind(ButtWay raised, double pace)
    {
        ArgumentNullException.ThrowIfNull(raised);
        return raised.ElevationDegrees >= Steep || pace >= Hard ? Caution : null;
    }
}
