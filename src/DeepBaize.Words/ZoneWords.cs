using DeepBaize.Planning.Leaves;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says where the white should stop, and why a place is none of those.</summary>
public static class ZoneWords
{
    /// <summary>How large a zone is, along the white's way and across it.</summary>
    /// <param name="zone">The zone.</param>
    /// <param name="along">Its depth in metres.</param>
    /// <param name="across">Its width in metres.</param>
    /// <param name="diameter">Of the balls, in metres.</param>
    public static string Size(Zone zone, double along, double across, double diameter)
    {
        ArgumentNullException.ThrowIfNull(zone);
        return zone.Best is null
            ? "There is no such place: allow more cut, more distance or the rest."
            : $"{BallWidths.Say(along / diameter)} deep along the white's way and {BallWidths.Say(across / diameter)} across.";
    }

    /// <summary>Why a place is not in the zone.</summary>
    public static string Say(ZoneReason reason)
    {
        var ball = reason.Pot is { } pot ? NameWords.Of(pot.Ball) : "";
        return reason.Fault switch
        {
            ZoneFault.Occupied => "A ball is in the way there.",
            ZoneFault.Cushion => "Too near a cushion.",
            ZoneFault.Shut when double.IsNaN(reason.Value) => $"The {ball} is not on the table.",
            ZoneFault.Shut => $"The {ball} cannot be potted from there: a ball is in the way.",
            ZoneFault.Cut => $"The {ball} is cut {reason.Value:0} degrees.",
            ZoneFault.Distance => $"The {ball} is {reason.Value:0.00} m away.",
            ZoneFault.Side => $"The wrong side of straight on the {ball}, {reason.Value:0} degrees.",
            _ => $"The {ball} needs the rest from there.",
        };
    }
}
