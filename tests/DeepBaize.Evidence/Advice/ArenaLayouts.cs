using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Evidence.Advice;

/// <summary>
/// Seeded mid-frame layouts: 6 to 15 reds, each in the top half with a chance of 0.85, colours on their spots with 0.7 each, the white
/// anywhere, nothing overlapping.
/// </summary>
public static class ArenaLayouts
{
    private const double InTopHalf = 0.85;
    private const double OnSpot = 0.7;

    /// <summary>The layout of a seed, a red being on.</summary>
    public static FrameState Of(int seed)
    {
        var random = new Random(seed);
        var gauge = BallGauge.Standard;
        var balls = new List<PlacedBall>();
        foreach (var colour in BallSet.Colours)
        {
            if (random.NextDouble() < OnSpot) balls.Add(new PlacedBall(colour, Spots.Of(colour)!.Value));
        }

        foreach (var colour in BallSet.Colours.Where(colour => balls.TrueForAll(placed => placed.Ball != colour)))
            balls.Add(new PlacedBall(colour, Anywhere(0)));
        foreach (var red in BallSet.Reds.Take(random.Next(6, 16)))
            balls.Add(new PlacedBall(
                red, random.NextDouble() < InTopHalf ? Anywhere(Measurements.Length / 2) : Anywhere(0, Measurements.Length / 2)));
        balls.Add(new PlacedBall(BallId.Cue, Anywhere(0)));
        return new FrameState([.. balls.OrderBy(placed => placed.Ball)], gauge, BallOn.Red);

        Place Anywhere(double from, double to = Measurements.Length)
        {
            while (true)
            {
                var place = new Place(from + random.NextDouble() * (to - from), random.NextDouble() * Measurements.Width);
                if (TableOutline.Club.IsOnBed(place, gauge.CushionInset)
                    && balls.TrueForAll(other => other.Place.DistanceTo(place) > gauge.Diameter)) return place;
            }
        }
    }
}
