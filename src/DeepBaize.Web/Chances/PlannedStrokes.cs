using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Sampling;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Chances;

/// <summary>Puts strokes that a planner found into answers.</summary>
internal static class PlannedStrokes
{
    /// <summary>A stroke. A plan raises the butt no further than it must: where it is played that is found again.</summary>
    /// <param name="stroke">The stroke.</param>
    /// <param name="conditions">The player's own paces.</param>
    public static StrokeInput ToStroke(PlannedStroke stroke, PlayingConditions conditions) => ToStroke(stroke.Strike, conditions);

    /// <summary>The same for a strike.</summary>
    /// <param name="strike">The strike.</param>
    /// <param name="conditions">The player's own paces.</param>
    public static StrokeInput ToStroke(in Strike strike, PlayingConditions conditions) => new(
        Shared.Degrees(strike.DirectionRadians), Tidy(conditions.Cue.Paces.FromSpeed(strike.WhiteSpeed)), Tidy(strike.Side),
        Tidy(strike.Height));

    /// <summary>No player sets a dial finer than this, and no rounding error is shown.</summary>
    private static double Tidy(double value) => Math.Round(value, 3);
}
