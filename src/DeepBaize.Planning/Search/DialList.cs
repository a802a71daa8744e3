using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Search;

/// <summary>
/// Which paces, heights and sides are tried, for each kind of question: the one place to change when a search is to look at others.
/// </summary>
public static class DialList
{
    /// <summary>Sides of a search for a place, the plain one first: the plain answer is there at once.</summary>
    public static IReadOnlyList<double> Sides { get; } = [0, -0.15, 0.15, -0.3, 0.3];

    /// <summary>
    /// Heights and paces that push a ball aside: the white has to leave in one direction, so heights lie closer than elsewhere.
    /// </summary>
    public static IReadOnlyList<Dials> Pushes { get; } =
        [.. new[] { 2.5, 3.5, 5, 6.5, 8 }.SelectMany(pace => Enumerable.Range(-5, 11).Select(step => Dials.AtPace(pace, 0, 0.09 * step)))];

    /// <summary>Paces into the reds.</summary>
    public static IReadOnlyList<double> PackPaces { get; } = [5, 7, 8.5];

    /// <summary>Sides into the reds.</summary>
    public static IReadOnlyList<double> PackSides { get; } = [0, -0.25, 0.25];

    /// <summary>Ways to a place with cushions and without, so close that some end near it.</summary>
    public static IReadOnlyList<Dials> WaysToAPlace { get; } =
    [
        .. from side in new[] { 0, -0.2, 0.2 }
           from height in Range(-0.4, 0.41, 0.1)
           where Math.Sqrt(side * side + height * height) <= Dials.SafeHeight
           from pace in Range(1.5, 7.5, 0.25)
           select Dials.AtPace(pace, side, height),
    ];

    /// <summary>How far near strokes are: a share of the pace, or ball radii of height or side; docs/planning-experiments.md.</summary>
    private const double Step = 0.15;

    private const double HardestPace = 9.5;

    private static readonly double[] GridHeights = [-0.42, -0.28, -0.14, 0, 0.14, 0.28, 0.42];

    /// <summary>Paces by which a stroke that goes in off is tried softer and harder.</summary>
    private static readonly double[] Apart = [-1.5, -0.75, 1, 2, 3];

    private static readonly (double Pace, double Height, double Side)[] Order =
    [
        (3.5, 0, 0), (3.5, 0.3, 0), (3.5, -0.3, 0), (5, 0, 0), (2.3, 0.1, 0), (5, -0.38, 0), (5, 0.38, 0), (4.2, -0.15, 0), (4.2, 0.15, 0),
        (2.6, -0.25, 0),
        (6.5, 0, 0), (6.5, 0.4, 0), (6.5, -0.42, 0), (1.7, 0.2, 0), (3, -0.4, 0), (4.2, 0.1, 0.3), (4.2, 0.1, -0.3), (8, 0, 0),
        (8, 0.42, 0), (3, -0.1, 0),
        (5.5, -0.2, 0), (5.5, 0.2, 0), (4.2, -0.2, 0.3), (4.2, -0.2, -0.3), (8, -0.42, 0), (4.5, -0.42, 0), (2.8, 0.4, 0), (5.5, 0.25, 0.3),
        (5.5, 0.25, -0.3), (7.2, -0.2, 0),
        (3, 0.05, 0.3), (3, 0.05, -0.3), (5.5, -0.25, 0.3), (5.5, -0.25, -0.3), (7.2, 0.2, 0), (4.5, 0.42, 0), (7, 0.2, 0.35),
        (7, 0.2, -0.35), (9, 0, 0), (2, -0.3, 0),
    ];

    /// <summary>How many strokes are tried for a pot in a break.</summary>
    public static int Count => Order.Length;

    /// <summary>
    /// A stroke that is tried for a pot in a break, the plainest first, so that a small budget looks at what players play most.
    /// </summary>
    /// <param name="number">Its number from 0.</param>
    public static Dials At(int number) => Dials.AtPace(Order[number].Pace, Order[number].Side, Order[number].Height);

    /// <summary>Every pace and height with a side that a tip can play safely.</summary>
    /// <param name="side">The side in ball radii.</param>
    /// <param name="conditions">Ball and cue.</param>
    public static IEnumerable<Dials> Grid(double side, PlayingConditions conditions) =>
        from height in GridHeights
        let offset = Math.Sqrt(side * side + height * height)
        where offset <= Dials.SafeHeight
        from pace in Range(1.5, Math.Min(8, CueStrike.HardestPace(offset, conditions)), 0.5)
        select Dials.AtPace(pace, side, height);

    /// <summary>
    /// Strokes that differ from one in a single way: harder, softer, higher, lower, more to the left or to the right. Only such as can be
    /// played.
    /// </summary>
    /// <param name="dials">The stroke.</param>
    public static IEnumerable<Dials> Near(Dials dials)
    {
        var pace = dials.Pace;
        (double Pace, double Side, double Height)[] near =
        [
            (pace * (1 + Step), dials.Side, dials.Height), (pace / (1 + Step), dials.Side, dials.Height),
            (pace, dials.Side, dials.Height + Step), (pace, dials.Side, dials.Height - Step),
            (pace, dials.Side + Step, dials.Height), (pace, dials.Side - Step, dials.Height),
        ];
        return near
            .Where(one => one.Pace is >= 1 and <= HardestPace
                && one.Side * one.Side + one.Height * one.Height <= Strike.MiscueOffset * Strike.MiscueOffset)
            .Select(one => Dials.AtPace(one.Pace, one.Side, one.Height));
    }

    /// <summary>What may still pot where a stroke goes in off: strokes near it, and softer and firmer ones.</summary>
    /// <param name="dials">The stroke.</param>
    public static IEnumerable<Dials> Around(Dials dials) =>
    [
        .. Near(dials),
        .. Apart.Select(apart => dials.Pace + apart).Where(pace => pace is >= 1 and <= HardestPace)
            .Select(pace => Dials.AtPace(pace, dials.Side, dials.Height)),
    ];

    /// <summary>True when two strokes are so near each other that one of them is enough.</summary>
    public static bool AreAlike(Dials one, Dials other) =>
        Math.Abs(one.Pace / other.Pace - 1) < Step / 2 && Math.Abs(one.Height - other.Height) < Step / 2
            && Math.Abs(one.Side - other.Side) < Step / 2;

    private static IEnumerable<double> Range(double from, double to, double step)
    {
        for (var value = from; value <= to; value += step) yield return value;
    }
}
