using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Reading;

/// <summary>Balls that a stroke moves.</summary>
public static class MovedBalls
{
    /// <summary>Metres by which a ball must move to count.</summary>
    private const double LeastMove = 0.001;

    /// <summary>How many balls lie elsewhere or are gone after a stroke, beside the white and the ball that it is played at.</summary>
    /// <param name="layout">The balls before it.</param>
    /// <param name="target">The ball that it is played at.</param>
    /// <param name="result">What came of it.</param>
    public static int Beside(Layout layout, BallId target, StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(result);
        var moved = 0;
        foreach (var placed in layout.Balls)
        {
            if (placed.Ball == BallId.Cue || placed.Ball == target) continue;
            if (!(result[placed.Ball]?.DistanceTo(placed.Place) <= LeastMove)) moved++;
        }

        return moved;
    }
}
