using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Words.Places;

/// <summary>Where a ball stands as a helper with a tape measure needs it.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="End">The nearer end cushion.</param>
/// <param name="FromEnd">Metres from its face to the ball's centre.</param>
/// <param name="Side">The nearer side cushion.</param>
/// <param name="FromSide">Metres from its face to the ball's centre.</param>
/// <param name="OnSpot">The spot that it stands on, to a tenth of a millimetre; null when it stands on none.</param>
/// <param name="Landmark">Where it stands in words.</param>
/// <param name="Frozen">Cushions that it touches.</param>
/// <param name="Touching">Balls that it touches.</param>
public sealed record MeasuredBall(
    BallId Ball,
    CushionId End,
    double FromEnd,
    CushionId Side,
    double FromSide,
    BallId? OnSpot,
    string Landmark,
    IReadOnlyList<CushionId> Frozen,
    IReadOnlyList<BallId> Touching);

/// <summary>Measures a layout so that it can be laid again by hand.</summary>
public static class Measuring
{
    private const double SpotSlack = 0.0001;

    /// <summary>Measures every ball of a layout, in the order of their ids.</summary>
    public static IReadOnlyList<MeasuredBall> Measure(Layout layout, TableOutline outline)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(outline);
        return [.. layout.Balls.Select(placed => Measure(placed, layout, outline))];
    }

    /// <summary>True when all fifteen reds stand in the triangle behind the pink spot.</summary>
    public static bool IsRacked(Layout layout)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var reds = layout.Balls.Where(placed => BallSet.IsRed(placed.Ball)).ToList();
        return Spots.Rack(layout.Gauge.Diameter).All(place => reds.Any(red => red.Place.DistanceTo(place) <= SpotSlack));
    }

    /// <summary>The nearer end cushion and the nearer side cushion of a place, with the distances to their faces.</summary>
    public static ((CushionId Cushion, double Distance) End, (CushionId Cushion, double Distance) Side) FromCushions(Place place) => (
        place.X <= Measurements.Length / 2 ? (CushionId.Baulk, place.X) : (CushionId.Top, Measurements.Length - place.X),
        place.Y <= Measurements.CentreLine ? (CushionId.YellowSide, place.Y) : (CushionId.GreenSide, Measurements.Width - place.Y));

    private static MeasuredBall Measure(PlacedBall placed, Layout layout, TableOutline outline)
    {
        var (end, side) = FromCushions(placed.Place);
        var others = layout.Balls.Where(other => other.Ball != placed.Ball).ToList();
        return new MeasuredBall(
            placed.Ball,
            end.Cushion,
            end.Distance,
            side.Cushion,
            side.Distance,
            BallSet.Colours.Where(colour => Spots.Of(colour)!.Value.DistanceTo(placed.Place) <= SpotSlack).Cast<BallId?>().FirstOrDefault(),
            Landmarks.Describe(placed.Place, others, layout.Gauge),
            Settling.FrozenTo(placed.Place, outline, layout.Gauge.CushionInset),
            [.. layout.Contacts.Where(contact => contact.First == placed.Ball).Select(contact => contact.Second),
             .. layout.Contacts.Where(contact => contact.Second == placed.Ball).Select(contact => contact.First)]);
    }
}
