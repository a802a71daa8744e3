using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Wording;

/// <summary>Says in a player's words where the tip meets the white and how hard.</summary>
internal static class StrokeWords
{
    /// <summary>Diameter of a tip, the unit of a player's offsets, in metres of the cue's axis (common practice, no source).</summary>
    private const double TipDiameter = 0.0095;

    /// <summary>Radius of the tip and of its dome in metres (common practice, no source).</summary>
    public const double TipRadius = TipDiameter / 2;

    /// <summary>The stroke with everything that follows from it.</summary>
    public static StrokeOutput Describe(in Strike strike, PlayingConditions conditions)
    {
        var radius = conditions.Balls.Radius;
        return new StrokeOutput(
            strike.DirectionRadians * 180 / Math.PI,
            Pace.FromSpeed(strike.WhiteSpeed),
            strike.WhiteSpeed,
            CueStrike.CueSpeedFor(strike.WhiteSpeed, strike.Offset, conditions.Balls.Mass, conditions.Cue.Mass),
            CueStrike.HardestPace(strike.Offset, conditions),
            CueStrike.PushOffRadians(strike.Side, conditions.Cue.EndMassRatio) * 180 / Math.PI,
            Clock(strike),
            ToTips(strike.Height, radius),
            ToTips(strike.Side, radius));
    }

    public static string Height(double tips) => Math.Abs(tips) < 0.06 ? "centre height" : $"{Tips(tips)} {(tips > 0 ? "high" : "low")}";

    public static string Side(double tips) => Math.Abs(tips) < 0.06 ? "no side" : $"{Tips(tips)} of {(tips > 0 ? "right" : "left")}";

    public static string PaceInWords(double pace)
    {
        var rounded = Math.Round(pace, 1);
        return rounded == Math.Round(rounded) ? $"pace {rounded:0}" : $"pace {rounded:0.0}";
    }

    /// <summary>Tips of the cue's axis for a contact point: a domed tip touches nearer the centre than its axis.</summary>
    public static double ToTips(double contactOffset, double radius) =>
        contactOffset * radius * AxisFactor(radius) / TipDiameter;

    /// <summary>Offset of the cue's axis over that of the contact point.</summary>
    public static double AxisFactor(double radius) => (radius + TipRadius) / radius;

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

    private static string Clock(in Strike strike)
    {
        if (strike.Offset < 0.02) return "centre";
        var hour = (int)Math.Round(Math.Atan2(strike.Side, strike.Height) * 6 / Math.PI);
        return $"{(hour <= 0 ? hour + 12 : hour)} o'clock";
    }
}
