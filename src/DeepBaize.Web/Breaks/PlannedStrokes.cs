using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Sampling;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Breaks;

/// <summary>Puts strokes that a planner found into answers.</summary>
internal static class PlannedStrokes
{
    /// <summary>A stroke. A plan raises the butt no further than it must: where it is played that is found again.</summary>
    /// <param name="stroke">The stroke.</param>
    /// <param name="conditions">The player's own paces.</param>
    public static StrokeInput ToStroke(PlannedStroke stroke, PlayingConditions conditions) => new(
        Shared.Degrees(stroke.Strike.DirectionRadians), Tidy(conditions.Cue.Paces.FromSpeed(stroke.Strike.WhiteSpeed)),
        Tidy(stroke.Strike.Side), Tidy(stroke.Strike.Height));

    /// <summary>No player sets a dial finer than this, and no rounding error is shown.</summary>
    private static double Tidy(double value) => Math.Round(value, 3);
}
