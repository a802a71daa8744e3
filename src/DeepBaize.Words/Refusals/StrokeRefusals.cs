using System.Globalization;
using DeepBaize.Physics.Balls;

namespace DeepBaize.Words.Refusals;

/// <summary>Why a stroke, or what it is for, is refused.</summary>
public static class StrokeRefusals
{
    private const string NoAim = "What is it for?";

    /// <summary>A stroke that cannot be played.</summary>
    public const string CannotBePlayed = "This stroke cannot be played";

    /// <summary>A first motion that cannot be.</summary>
    public const string CannotMove = "This motion cannot be played";

    /// <summary>A butt that nobody can raise so far.</summary>
    public const string Elevation = "The butt is raised by 0 to 80 degrees.";

    /// <summary>A white that is only pressed down.</summary>
    public const string IntoTheBed = "The white is only pressed into the bed: it needs a velocity along the table, or upwards.";

    /// <summary>A tip that would touch the bed before the white.</summary>
    /// <param name="degrees">How far the butt is raised.</param>
    public static string TipOnTheBed(double degrees) =>
        string.Create(CultureInfo.InvariantCulture, $"With the butt up {degrees:0.#} degrees the tip would meet the bed first: ")
            + "play higher on the white.";

    /// <summary>No speed at all.</summary>
    public const string NoSpeed = "How hard? Name a pace, a white speed or a cue speed.";

    /// <summary>Several speeds.</summary>
    public const string SeveralSpeeds = "Name only one of pace, white speed and cue speed.";

    /// <summary>A tip that misses the ball.</summary>
    /// <param name="offset">How far off the centre, in radii.</param>
    public static string OffTheBall(double offset) =>
        $"The tip would miss the white: its offset is {offset:0.##} radii; at most 1 lies on the ball.";

    /// <summary>A speed out of range.</summary>
    public static string Speed(double most) => $"A speed is more than 0 and at most {most} m/s.";

    /// <summary>A number that is not finite.</summary>
    public static string NotFinite(string field) => $"{field} is not a finite number.";

    /// <summary>A vector without its three numbers.</summary>
    public static string NoVector(string field) => $"{field} has three numbers: x, y and z.";

    /// <summary>A vector that is too long.</summary>
    public static string TooLong(string field, double most, string unit) => $"{field} is finite and at most {most} {unit} in size.";

    /// <summary>Neither or both of a strike and a first motion.</summary>
    /// <param name="isNone">True for neither.</param>
    public static Refused StrikeOrMotion(bool isNone) => new(
        "Stroke or first motion",
        isNone
            ? "Say how the white is struck: a strike, or an initial velocity and spin."
            : "Send either a strike or an initial motion, not both.");

    /// <summary>A stroke that this player's cue does not reach.</summary>
    /// <param name="needed">The cue speed that it needs, in m/s.</param>
    /// <param name="delivered">The greatest that the player delivers.</param>
    /// <param name="hardestPace">The hardest pace with the tip where it is; may be off the scale.</param>
    public static Refused BeyondTheCue(double needed, double delivered, double hardestPace) => new(
        "Harder than this cue delivers",
        string.Create(CultureInfo.InvariantCulture,
            $"With the tip here the stroke needs a cue speed of {needed:0.0} m/s and this player delivers {delivered:0.0}: ")
        + (hardestPace >= Pace.Softest ? $"pace {Math.Floor(hardestPace * 10) / 10:0.0} is the hardest." : "play nearer the centre."));

    /// <summary>A stroke that is for two things.</summary>
    public static Refused TwoAims { get; } = new(NoAim, "A stroke is for one thing: a pot, a ball to hit or a place to reach.");

    /// <summary>A stroke that is for something unknown.</summary>
    public static Refused UnknownAim { get; } = new(NoAim, "A stroke that pots nothing is to hit a ball or to reach a place.");

    /// <summary>A stroke at a ball that is not named.</summary>
    public static Refused NoBall { get; } = new(NoAim, "Which ball is to be hit?");

    /// <summary>A stroke to a place that is not named.</summary>
    public static Refused NoPlace { get; } = new(NoAim, "Where is the white to stop?");
}
