using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Breaks;

/// <summary>The strokes that are tried for a pot, the plainest first, so that a small budget looks at what players play most.</summary>
public static class DialOrder
{
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
}
