using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Presets;

namespace DeepBaize.Web.Presets;

/// <summary>Finds the direction of a preset's stroke: no preset opens with a foul where the white can see a ball that is on.</summary>
internal static class PresetStrokes
{
    private static readonly double[] Hairs = [0, 0.04, -0.04, 0.08, -0.08];
    private static readonly double[] Thinner = [1, 0.75, 0.5, 0.25, 0.1];

    /// <summary>The stroke of a preset in its frame.</summary>
    /// <param name="laid">The preset.</param>
    /// <param name="layout">Its balls on the table in use.</param>
    /// <param name="frame">The frame; null when nothing can be on.</param>
    /// <param name="table">The table.</param>
    public static Strike Find(PresetLayout laid, Layout layout, FrameState? frame, TableInUse table)
    {
        var stroke = laid.Stroke;
        // The tip pushes the white off the line of the cue: the cue points as much to the other side.
        var pushOff = CueStrike.PushOffRadians(stroke.Side, table.Conditions.Cue.EndMassRatio);
        Strike Towards(double direction) => new(direction - pushOff, Pace.ToSpeed(stroke.Pace), stroke.Side, stroke.Height);
        if (laid.Pot is { } pot)
        {
            var answer = new PotSolver(table).Solve(
                layout, new Pot(pot.Ball, pot.Pocket), Dials.AtPace(stroke.Pace, stroke.Side, stroke.Height), withWindow: false);
            return answer.Solution?.Strike ?? answer.Towards ?? Towards(0);
        }

        if (frame is null || layout[BallId.Cue] is not { } white) return Towards(0);
        var referee = new Referee(null);
        var simulation = new TableSimulation(table.Conditions, table.Outline);
        return Directions(white, frame, stroke.Thickness).Select(Towards).Cast<Strike?>().FirstOrDefault(IsFair) ?? Towards(0);

        bool IsFair(Strike? strike)
        {
            var facts = SeenStroke.Of(layout, simulation.Play(layout, strike!.Value, new ShotRecord()));
            return !referee.Judge(frame, facts.FirstHit.Cast<BallId?>().FirstOrDefault(), facts).IsFoul;
        }
    }

    /// <summary>At the wanted thickness on the outer face of each ball on, outer ones first; then full, and thinner and thinner.</summary>
    private static IEnumerable<double> Directions(Place white, FrameState frame, double thickness)
    {
        var on = frame.Balls.Where(placed => frame.Playable.Contains(placed.Ball)).ToList();
        var middle = on.Average(placed => placed.Place.Y);
        // The ball that lies farthest out on the white's own side is met first, on its outer face.
        var outer = Math.Sign(white.Y - middle);
        foreach (var placed in on.OrderByDescending(placed => outer * placed.Place.Y).ThenByDescending(placed => placed.Place.X))
        {
            // A hair thicker or thinner when the stroke as it is wanted happens to go in-off.
            foreach (var hair in Hairs) yield return At(placed.Place, Math.Clamp(thickness + hair, 0.05, 1), outer);
        }

        foreach (var placed in on.OrderBy(placed => placed.Place.DistanceTo(white)))
        {
            foreach (var covered in Thinner.SelectMany(covered => new[] { (covered, 1), (covered, -1) }))
                yield return At(placed.Place, covered.Item1, covered.Item2);
        }

        double At(Place ball, double covered, int side) => Math.Atan2(ball.Y - white.Y, ball.X - white.X)
            + side * Math.Asin((1 - covered) * frame.Gauge.Diameter / white.DistanceTo(ball));
    }
}
