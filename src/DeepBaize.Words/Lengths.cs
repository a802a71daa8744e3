using System.Globalization;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>How distances are put into words.</summary>
public enum LengthUnits
{
    /// <summary>Metres and centimetres.</summary>
    Metric,

    /// <summary>Feet and inches.</summary>
    Imperial,
}

/// <summary>Distances in words.</summary>
public static class Lengths
{
    private const double Inch = 0.0254;

    /// <summary>How far the white ends from where it was struck; null when it is not on the table.</summary>
    public static string? Away(Layout layout, ShotOutcome outcome, LengthUnits units)
    {
        foreach (var ball in outcome.Final)
        {
            if (ball.Ball == BallId.Cue)
                return $"{Say(ball.State.Place.DistanceTo(layout[BallId.Cue]!.Value), units)} from where it was struck";
        }

        return null;
    }

    /// <summary>What a bare number means, in metres.</summary>
    public static double BareUnit(LengthUnits units) => units == LengthUnits.Metric ? 0.001 : Inch;

    /// <summary>
    /// A distance in metres as it is measured with a tape: to the half millimetre, or to the thirty-second of an inch in decimals.
    /// </summary>
    public static string Measured(double metres, LengthUnits units) => units == LengthUnits.Metric
        ? string.Create(CultureInfo.InvariantCulture, $"{Math.Round(metres * 2000) / 2:0.#} mm")
        : string.Create(CultureInfo.InvariantCulture, $"{metres / Inch:0.00} in");

    /// <summary>A distance in metres in words.</summary>
    public static string Say(double metres, LengthUnits units)
    {
        if (units == LengthUnits.Metric) return metres < 0.995 ? $"{metres * 100:0} cm" : $"{metres:0.00} m";
        var inches = (int)Math.Round(metres / Inch);
        return inches < 12 ? $"{inches} in" : inches % 12 == 0 ? $"{inches / 12} ft" : $"{inches / 12} ft {inches % 12} in";
    }
}
