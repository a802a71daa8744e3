using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>What a pocket takes: the interval of lines on which a rolling ball drops.</summary>
public static class PocketScan
{
    private const double Step = 0.0001;
    private const double Far = 0.06;

    /// <summary>
    /// The widest interval that drops, in mm across the ball's way at the middle of the throat, for a ball that rolls 0.6 m (less where a
    /// cushion is in the way) at an angle from the pocket's axis; and the width of all lines that drop.
    /// </summary>
    public static (double Left, double Right, double All) Interval(
        PlayingConditions conditions, PocketId pocket, double degrees, double speed)
    {
        var outline = new TableOutline(conditions.Pockets);
        var simulation = new TableSimulation(conditions, outline);
        var (best, from, all) = ((Left: double.NaN, Right: double.NaN), double.NaN, 0);
        for (var offset = -Far; offset <= Far; offset += Step)
        {
            if (!Drops(conditions, outline, simulation, pocket, degrees, speed, offset)) from = double.NaN;
            else if (double.IsNaN(from)) from = offset;
            if (!double.IsNaN(from)) all++;
            if (!double.IsNaN(from) && !(offset - from <= best.Right - best.Left)) best = (from, offset);
        }

        return (1000 * best.Left, 1000 * best.Right, 1000 * Step * all);
    }

    private static bool Drops(
        PlayingConditions conditions, TableOutline outline, TableSimulation simulation, PocketId pocket, double degrees, double speed,
        double offset)
    {
        var mouth = outline.Mouths[(int)pocket];
        var (sin, cos) = Math.SinCos(Radians(degrees));
        var way = new Place(mouth.Axis.X * cos - mouth.Axis.Y * sin, mouth.Axis.Y * cos + mouth.Axis.X * sin);
        for (var run = 0.6; run > 0.15; run -= 0.05)
        {
            var start = mouth.ThroatMiddle.Offset(-way.X * run - way.Y * offset, -way.Y * run + way.X * offset);
            var layout = LayoutRules.TryBuild([new PlacedBall(BallId.Cue, start)], outline, conditions.Gauge, LayoutMode.Free, out _);
            if (layout is null) continue;
            var velocity = new Vec3(way.X, way.Y, 0) * speed;
            return simulation.Play(layout, velocity, Spin(velocity, 1)).Potted.Any(potted => potted.Pocket == pocket);
        }

        return false;
    }
}
