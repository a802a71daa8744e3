using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;

namespace DeepBaize.Words;

/// <summary>Says in a player's words where the tip meets the white and how hard.</summary>
public static class StrokeWords
{
    /// <summary>The hardest pace, in the player's own numbers and at most 10, that the cue delivers with the tip at an offset.</summary>
    public static double HardestPace(double offset, PlayingConditions conditions) => Math.Min(Pace.Hardest, conditions.Cue.Paces.FromSpeed(
        CueStrike.WhiteSpeedFor(conditions.Cue.MaxSpeed, offset, conditions.Balls.Mass, conditions.Cue.Mass)));

    /// <summary>Height of the tip and pace, in the player's own numbers.</summary>
    public static string Dial(Dials dials, PlayingConditions conditions) =>
        $"{Height(ToTips(dials.Height, conditions.Balls.Radius))}, {PaceInWords(conditions.Cue.Paces.FromSpeed(dials.WhiteSpeed))}";

    /// <summary>A stroke's dials: height and pace, and side where there is any to speak of.</summary>
    public static string Stroke(Dials dials, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        return EventWords.Capital(Dial(dials, conditions))
            + (Math.Abs(dials.Side) < 0.02 ? "" : $", {Side(ToTips(dials.Side, conditions.Balls.Radius))}");
    }

    /// <summary>The height of the tip; tips above centre are positive.</summary>
    public static string Height(double tips) => Math.Abs(tips) < 0.06 ? "centre height" : $"{Tips(tips)} {(tips > 0 ? "high" : "low")}";

    /// <summary>The side; tips to the right are positive.</summary>
    public static string Side(double tips) => Math.Abs(tips) < 0.06 ? "no side" : $"{Tips(tips)} of {(tips > 0 ? "right" : "left")}";

    /// <summary>How far the butt is raised; null for a cue as level as in a plain stroke.</summary>
    public static string? Butt(in Strike strike) => strike.ElevationRadians <= CueingAnswer.LevelDegrees * Math.PI / 180
        ? null : $"butt up {strike.ElevationRadians * 180 / Math.PI:0} degrees";

    /// <summary>A pace from 1 to 10 in words.</summary>
    public static string PaceInWords(double pace)
    {
        var rounded = Math.Round(pace, 1);
        return rounded == Math.Round(rounded) ? $"pace {rounded:0}" : $"pace {rounded:0.0}";
    }

    /// <summary>Tips of the cue's axis for a contact point: a domed tip touches nearer the centre than its axis.</summary>
    public static double ToTips(double contactOffset, double radius) =>
        contactOffset / CueShape.ContactOffset(1, radius);

    private static string Tips(double tips)
    {
        var quarters = (int)Math.Round(Math.Abs(tips) * 4, MidpointRounding.AwayFromZero);
        return quarters switch
        {
            0 => "a touch",
            1 => "a quarter of a tip",
            2 => "half a tip",
            3 => "three quarters of a tip",
            4 => "one tip",
            5 => "one and a quarter tips",
            6 => "a tip and a half",
            7 => "one and three quarter tips",
            8 => "two tips",
            _ => $"{quarters / 4.0:0.##} tips",
        };
    }

    /// <summary>Where the tip is on the clock face.</summary>
    public static string Clock(in Strike strike)
    {
        if (strike.Offset < 0.02) return "centre";
        var hour = (int)Math.Round(Math.Atan2(strike.Side, strike.Height) * 6 / Math.PI);
        return $"{(hour <= 0 ? hour + 12 : hour)} o'clock";
    }
}
