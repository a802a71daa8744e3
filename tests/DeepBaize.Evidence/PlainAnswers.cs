using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Table.BallId;

namespace DeepBaize.Evidence;

/// <summary>
/// A position in which a player of any school names the same ball, laid by hand before there was a planner (common practice, no source).
/// </summary>
/// <param name="Name">What it is about.</param>
/// <param name="On">What is on.</param>
/// <param name="Balls">The balls.</param>
/// <param name="Answers">The balls that are right.</param>
public sealed record PlainAnswer(string Name, BallOn On, IReadOnlyList<PlacedBall> Balls, IReadOnlyList<BallId> Answers)
{
    /// <summary>The ten positions.</summary>
    public static IReadOnlyList<PlainAnswer> All { get; } =
    [
        new("The red that frees the black, as easy as another", BallOn.Red,
            [White(2.85, 0.95), Red(Red1, 3.37, 0.545), Red(Red2, 3.0, 1.5), Red(Red4, 3.365, 1.22), .. Spotted()], [Red1, Red4]),
        new("A red of those round the pink, not the one alone in baulk", BallOn.Red,
            [White(2.2, 0.6), Red(Red1, 2.85, 0.42), Red(Red2, 2.98, 0.62), Red(Red3, 2.95, 1.2), Red(Red4, 0.55, 0.35), .. Spotted()],
            [Red1, Red2, Red3]),
        new("Black, not yellow, when both are easy and the reds are at the top", BallOn.Colour,
            [White(2.95, 0.62), Red(Red1, 2.9, 1.25), Red(Red2, 3.02, 0.5), Red(Red3, 2.6, 0.55), .. Spotted()], [Black]),
        new("The blue at hand, not the black along the table", BallOn.Colour,
            [White(1.55, 0.78), Red(Red1, 1.95, 0.5), Red(Red2, 2.1, 1.3), Red(Red3, 2.3, 0.7), .. Spotted()], [Blue]),
        new("After the last red the blue, on the way to the yellow, not the black far away", BallOn.Colour,
            [White(1.95, 1.0), .. Spotted()], [Blue]),
        new("The red over the pocket, not the long one", BallOn.Red,
            [White(2.6, 1.0), Red(Red1, 3.48, 1.69), Red(Red2, 0.6, 0.3), Red(Red3, 3.1, 0.5), .. Spotted()], [Red1]),
        new("The black when the pink is shut in", BallOn.Colour,
            [White(2.95, 1.2), Red(Red1, 2.735, 0.8), Red(Red2, 2.735, 0.978), Red(Red3, 2.65, 0.835), Red(Red4, 2.65, 0.943),
                Red(Red5, 2.735, 0.889), .. Spotted()], [Black]),
        new("The pink when the black is shut in", BallOn.Colour,
            [White(2.35, 1.1), Red(Red1, 3.3, 0.83), Red(Red2, 3.3, 0.95), Red(Red3, 3.19, 0.84), Red(Red4, 3.19, 0.94), .. Spotted()],
            [Pink]),
        new("The yellow into the pocket beside it, with green and brown to come", BallOn.Yellow,
            [White(0.95, 0.78), .. Spotted()], [Yellow]),
        new("The last red near the black, not the one tight on the baulk cushion", BallOn.Red,
            [White(2.8, 0.55), Red(Red1, 3.2, 0.3), Red(Red2, 0.0245, 0.7), .. Spotted()], [Red1]),
    ];

    /// <summary>Every position, mirrored, and with its balls moved at random.</summary>
    /// <param name="shakes">How often balls are moved.</param>
    public static IReadOnlyList<PlainAnswer> Varied(int shakes) =>
        [.. All.SelectMany(one => new[] { one, one.Mirrored() }.Concat(Enumerable.Range(1, shakes).Select(one.Shaken)))];

    /// <summary>The frame.</summary>
    public FrameState Frame => new([.. Balls.OrderBy(placed => placed.Ball)], BallGauge.Standard, On);

    /// <summary>The same seen in the mirror: left is right, and the balls keep their names.</summary>
    public PlainAnswer Mirrored() =>
        this with { Name = Name + ", mirrored", Balls = [.. Balls.Select(placed => placed with { Place = placed.Place.Mirrored() })] };

    /// <summary>The same with every ball moved 15 mm one way or another where there is room.</summary>
    /// <param name="seed">Seed of the ways.</param>
    public PlainAnswer Shaken(int seed)
    {
        var random = new Random(seed);
        var balls = Balls.ToList();
        for (var i = 0; i < balls.Count; i++)
        {
            var (sin, cos) = Math.SinCos(random.NextDouble() * Math.Tau);
            var moved = balls[i] with { Place = balls[i].Place.Offset(0.015 * cos, 0.015 * sin) };
            var others = balls.Where((_, other) => other != i);
            if (IsOnBed(moved.Place) && others.All(other => other.Place.DistanceTo(moved.Place) >= BallGauge.Standard.Diameter))
                balls[i] = moved;
        }

        return this with { Name = $"{Name}, shaken {seed}", Balls = balls };
    }

    private static bool IsOnBed(Place place) => Table.Outline.TableOutline.Club.IsOnBed(place, BallGauge.Standard.CushionInset);

    private static PlacedBall White(double x, double y) => new(Cue, new Place(x, y));

    private static PlacedBall Red(BallId red, double x, double y) => new(red, new Place(x, y));

    private static IEnumerable<PlacedBall> Spotted() => BallSet.Colours.Select(colour => new PlacedBall(colour, Spots.Of(colour)!.Value));
}
