using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Breaks;

/// <summary>The strokes that are tried for a pot, the plainest first, so that a small budget looks at what players play most; and those near one.</summary>
public static class DialOrder
{
    /// <summary>How far near strokes are: a share of the pace, or ball radii of height or side; docs/planning.md.</summary>
    private const double Step = 0.15;

    private const double HardestPace = 9.5;

    /// <summary>Paces by which a stroke that goes in off is tried softer and harder.</summary>
    private static readonly double[] Apart = [-1.5, -0.75, 1, 2, 3];

    private static readonly (double Pace, double Height, double Side)[] Order =
    [
        (3.5, 0, 0), (3.5, 0.3, 0), (3.5, -0.3, 0), (5, 0, 0), (2.3, 0.1, 0), (5, -0.38, 0), (5, 0.38, 0), (4.2, -0.15, 0), (4.2, 0.15, 0), (2.6, -0.25, 0),
        (6.5, 0, 0), (6.5, 0.4, 0), (6.5, -0.42, 0), (1.7, 0.2, 0), (3, -0.4, 0), (4.2, 0.1, 0.3), (4.2, 0.1, -0.3), (8, 0, 0), (8, 0.42, 0), (3, -0.1, 0),
        (5.5, -0.2, 0), (5.5, 0.2, 0), (4.2, -0.2, 0.3), (4.2, -0.2, -0.3), (8, -0.42, 0), (4.5, -0.42, 0), (2.8, 0.4, 0), (5.5, 0.25, 0.3), (5.5, 0.25, -0.3), (7.2, -0.2, 0),
        (3, 0.05, 0.3), (3, 0.05, -0.3), (5.5, -0.25, 0.3), (5.5, -0.25, -0.3), (7.2, 0.2, 0), (4.5, 0.42, 0), (7, 0.2, 0.35), (7, 0.2, -0.35), (9, 0, 0), (2, -0.3, 0),
    ];

    /// <summary>How many strokes there are.</summary>
    public static int Count => Order.Length;

    /// <summary>A stroke of the order.</summary>
    /// <param name="number">Its number from 0.</param>
    public static Dials At(int number) => Dials.AtPace(Order[number].Pace, Order[number].Side, Order[number].Height);

    /// <summary>Strokes that differ from one in a single way: harder, softer, higher, lower, more to the left or to the right. Only such as can be played.</summary>
    /// <param name="dials">The stroke.</param>
    public static IEnumerable<Dials> Near(Dials dials)
    {
        var pace = dials.Pace;
        (double Pace, double Side, double Height)[] near =
        [
            (pace * (1 + Step), dials.Side, dials.Height), (pace / (1 + Step), dials.Side, dials.Height), (pace, dials.Side, dials.Height + Step), (pace, dials.Side, dials.Height - Step),
            (pace, dials.Side + Step, dials.Height), (pace, dials.Side - Step, dials.Height),
        ];
        return near
            .Where(one => one.Pace is >= 1 and <= HardestPace && one.Side * one.Side + one.Height * one.Height <= Strike.MiscueOffset * Strike.MiscueOffset)
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
        Math.Abs(one.Pace / other.Pace - 1) < Step / 2 && Math.Abs(one.Height - other.Height) < Step / 2 && Math.Abs(one.Side - other.Side) < Step / 2;
}
