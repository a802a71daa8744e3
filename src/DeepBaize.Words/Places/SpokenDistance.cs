using System.Globalization;
using System.Text.RegularExpressions;

namespace DeepBaize.Words.Places;

/// <summary>Distances as players type them: "900", "900 mm", "35.4 in", "two balls", "a ball and a half", "a touch".</summary>
public static partial class SpokenDistance
{
    private const double Inch = 0.0254;
    private const double Touch = 0.125;

    /// <summary>A distance that was said, and whether it was said in balls.</summary>
    /// <param name="Metres">Metres.</param>
    /// <param name="InBalls">True when it was said in ball widths: a gap, not a distance between centres.</param>
    public readonly record struct Said(double Metres, bool InBalls);

    /// <summary>Reads a distance; null when it is none.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="unit">What a bare number means, in metres: 0.001 or 0.0254.</param>
    /// <param name="diameter">Ball diameter in metres.</param>
    public static Said? Read(string text, double unit, double diameter)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (Measured().Match(text) is { Success: true } measured)
        {
            var number = double.Parse(measured.Groups["number"].Value, CultureInfo.InvariantCulture);
            return new Said(number * UnitOf(measured.Groups["unit"].Value, unit), false);
        }

        return Balls(text) is { } widths ? new Said(widths * diameter, true) : null;
    }

    private static double UnitOf(string said, double bare) => said switch
    {
        "mm" => 0.001,
        "cm" => 0.01,
        "m" => 1,
        "in" or "inch" or "inches" or "\"" => Inch,
        _ => bare,
    };

    private static double? Balls(string text)
    {
        if (text == "a touch") return Touch;
        if (text is "half a ball") return 0.5;
        if (text is "a ball and a half") return 1.5;
        if (Widths().Match(text) is not { Success: true } match) return null;
        var count = match.Groups["count"].Value;
        var whole = count is "a" ? 1 : Array.IndexOf(BallWidths.Numbers, count);
        if (whole < 0) return double.TryParse(count, NumberStyles.Float, CultureInfo.InvariantCulture, out var typed) ? typed : null;
        return whole + (match.Groups["half"].Success ? 0.5 : 0);
    }

    [GeneratedRegex(@"^(?<number>-?\d+(\.\d+)?)\s*(?<unit>mm|cm|m|in|inch|inches|"")?$")]
    private static partial Regex Measured();

    [GeneratedRegex(@"^(?<count>[a-z]+|\d+(\.\d+)?)(?<half> and a half)? balls?( widths?)?$")]
    private static partial Regex Widths();
}
