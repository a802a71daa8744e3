using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;

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

    /// <summary>Steps that a hand can play: half a pace, a quarter of a tip (common practice, no source).</summary>
    private const double PaceStep = 0.5;

    private const double TipStep = 0.25;

    /// <summary>How far near strokes are: half a tip, and one step of the pace or two where it is firm.</summary>
    private const double NearTips = 2 * TipStep;

    private const double FirmPace = 5.5;

    private const double HardestPace = 9.5;

    /// <summary>What rounding may make of two strokes that are a step apart.</summary>
    private const double Hair = 1e-6;

    private static readonly double[] GridHeights = [-0.42, -0.28, -0.14, 0, 0.14, 0.28, 0.42];

    /// <summary>Paces by which a stroke that goes in off is tried softer and harder.</summary>
    private static readonly double[] Apart = [-1.5, -0.75, 1, 2, 3];

    /// <summary>Pace, tips above centre and tips to the right.</summary>
    private static readonly (double Pace, double High, double Right)[] Order =
    [
        (3.5, 0, 0), (3.5, 1, 0), (3.5, -1, 0), (5, 0, 0), (2.5, 0.25, 0), (5, -1, 0), (5, 1, 0), (4, -0.5, 0), (4, 0.5, 0),
        (2.5, -0.75, 0),
        (6, 0, 0), (6, 1, 0), (6, -1, 0), (1.5, 0.5, 0), (3, -1.25, 0), (4, 0.25, 0.5), (4, 0.25, -0.5), (8, 0, 0), (8, 1, 0),
        (3, -0.25, 0),
        (5.5, -0.5, 0), (5.5, 0.5, 0), (4, -0.5, 0.5), (4, -0.5, -0.5), (8, -1.25, 0), (4.5, -1.25, 0), (3, 0.75, 0), (5.5, 0.75, 0.5),
        (5.5, 0.75, -0.5), (7, -0.5, 0),
        (3, 0.25, 0.5), (3, 0.25, -0.5), (5.5, -0.75, 0.5), (5.5, -0.75, -0.5), (7, 0.5, 0), (4.5, 1.25, 0), (7, 0.5, 1), (7, 0.5, -1),
        (9, 0, 0), (2, -1, 0),
    ];

    /// <summary>Pace, tips above centre and tips to the right of strokes that are to leave something, the plainest first.</summary>
    private static readonly (double Pace, double High, double Right)[] SafetyOrder =
    [
        (3, 0, 0), (4, 0, 0), (2, 0, 0), (5, 0, 0), (1.5, 0.5, 0), (6, 0, 0), (7, 0, 0), (3.5, 0, 0.75), (3.5, 0, -0.75), (4.5, 0, 0.75),
        (4.5, 0, -0.75), (2.5, 0, 0), (3, -0.75, 0), (3, 0.75, 0), (2.5, 0, 0.75), (2.5, 0, -0.75), (4.5, -0.75, 0), (4.5, 0.75, 0),
        (5.5, 0, 0.75), (5.5, 0, -0.75), (1.5, -0.5, 0), (1, 0.5, 0), (7, 0, 0.75), (7, 0, -0.75), (8, 0, 0),
    ];

    /// <summary>Strokes that are tried at each contact for what they leave, the plainest first.</summary>
    public static IReadOnlyList<Dials> Safeties { get; } = [.. SafetyOrder.Select(dials => InTips(dials.Pace, dials.Right, dials.High))];

    /// <summary>How many strokes are tried for a pot in a break.</summary>
    public static int Count => Order.Length;

    /// <summary>
    /// A stroke that is tried for a pot in a break, the plainest first, so that a small budget looks at what players play most.
    /// </summary>
    /// <param name="number">Its number from 0.</param>
    public static Dials At(int number) => InTips(Order[number].Pace, Order[number].Right, Order[number].High);

    /// <summary>A stroke in the steps that a hand can play.</summary>
    /// <param name="dials">The stroke.</param>
    public static Dials Handy(Dials dials) => InTips(
        Math.Max(1, Math.Round(dials.Pace / PaceStep) * PaceStep), TipsOf(dials.Side), TipsOf(dials.Height));

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
        var (pace, tips) = (dials.Pace, Radii(NearTips));
        var step = pace < FirmPace ? PaceStep : 2 * PaceStep;
        (double Pace, double Side, double Height)[] near =
        [
            (pace + step, dials.Side, dials.Height), (pace - step, dials.Side, dials.Height),
            (pace, dials.Side, dials.Height + tips), (pace, dials.Side, dials.Height - tips),
            (pace, dials.Side + tips, dials.Height), (pace, dials.Side - tips, dials.Height),
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
        Math.Abs(one.Pace - other.Pace) < PaceStep - Hair && Math.Abs(one.Height - other.Height) < Radii(TipStep) - Hair
            && Math.Abs(one.Side - other.Side) < Radii(TipStep) - Hair;

    private static Dials InTips(double pace, double right, double high) => Dials.AtPace(pace, Radii(right), Radii(high));

    private static double Radii(double tips) => CueShape.ContactOffset(tips, BallGauge.Standard.Radius);

    private static double TipsOf(double radii) => Math.Round(radii / Radii(TipStep)) * TipStep;

    private static IEnumerable<double> Range(double from, double to, double step)
    {
        for (var value = from; value <= to; value += step) yield return value;
    }
}
