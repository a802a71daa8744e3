using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words.Places;

/// <summary>
/// Names a place as a player would: in ball widths from the nearest ball or spot, or by the part of the table.
/// </summary>
public static class Landmarks
{
    private const double Reach = 6;

    /// <summary>Describes where a ball stands.</summary>
    /// <param name="place">The centre of the ball.</param>
    /// <param name="others">The other balls on the table.</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <returns>Words without a full stop, such as "two balls below the pink, on the green side".</returns>
    public static string Describe(Place place, IReadOnlyList<PlacedBall> others, BallGauge gauge)
    {
        ArgumentNullException.ThrowIfNull(others);
        var cushion = NearCushion(place, gauge);
        var near = NearestLandmark(place, others, gauge.Diameter);
        if (cushion is not null) return near is null ? $"{cushion}, {Part(place)}" : $"{cushion}, {near}";
        return near ?? Part(place);
    }

    private static string? NearestLandmark(Place place, IReadOnlyList<PlacedBall> others, double diameter)
    {
        var names = BallNames.Among(others.Select(other => other.Ball));
        var marks = others.Select(other => (other.Place, Name: names.The(other.Ball)))
            .Concat(BallSet.Colours
                .Where(colour => others.All(other => other.Place.DistanceTo(Spots.Of(colour)!.Value) > diameter))
                .Select(colour => (Place: Spots.Of(colour)!.Value, Name: $"the {NameWords.Of(colour)} spot")));
        var (mark, name) = marks.MinBy(candidate => candidate.Place.SquaredDistanceTo(place));
        var isSpot = name.EndsWith("spot", StringComparison.Ordinal);
        var gap = mark.DistanceTo(place) - (isSpot ? 0 : diameter);
        if (gap > Reach * diameter) return null;
        if (isSpot && gap < diameter / 4) return "on " + name;
        if (gap <= Layout.TouchingGap) return $"touching {name}";
        return gap < diameter / 4
            ? $"almost touching {name}, {Bearing(mark, place)}"
            : $"{BallWidths.Say(gap / diameter)} {Bearing(mark, place)} {name}";
    }

    private static string Bearing(Place from, Place to)
    {
        const double narrow = 0.4142; // tan 22.5 degrees: eight directions of equal width
        var up = to.X - from.X;
        var left = to.Y - from.Y;
        var vertical = up > 0 ? "above" : "below";
        var side = left > 0 ? "to the green side of" : "to the yellow side of";
        if (Math.Abs(left) < narrow * Math.Abs(up)) return vertical;
        return Math.Abs(up) < narrow * Math.Abs(left) ? side : $"{vertical} and {side}";
    }

    private static string? NearCushion(Place place, BallGauge gauge)
    {
        (double Gap, CushionId Cushion)[] gaps =
        [
            (place.X - gauge.CushionInset, CushionId.Baulk),
            (Measurements.Length - gauge.CushionInset - place.X, CushionId.Top),
            (place.Y - gauge.CushionInset, CushionId.YellowSide),
            (Measurements.Width - gauge.CushionInset - place.Y, CushionId.GreenSide),
        ];
        var (gap, cushion) = gaps.MinBy(candidate => candidate.Gap);
        var name = NameWords.Of(cushion);
        if (gap <= 0.001) return $"tight on the {name}";
        return gap < 1.75 * gauge.Diameter ? $"{BallWidths.Say(gap / gauge.Diameter)} off the {name}" : null;
    }

    private static string Part(Place place)
    {
        var across = place.Y < Measurements.Width / 3 ? "on the yellow side"
            : place.Y > Measurements.Width * 2 / 3 ? "on the green side"
            : "in the middle";
        var along = place.X switch
        {
            < Measurements.BaulkLine => "in baulk",
            < Measurements.Length / 2 => "between the baulk line and the blue spot",
            < Measurements.Length * 3 / 4 => "between the blue and pink spots",
            < Measurements.Length - Measurements.BlackSpotFromTop => "between the pink and black spots",
            _ => "above the black spot",
        };
        return $"{along}, {across}";
    }
}
