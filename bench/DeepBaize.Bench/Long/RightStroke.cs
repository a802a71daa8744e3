using DeepBaize.Bench.Arena;
using DeepBaize.Evidence.Advice;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Bench.Long;

/// <summary>
/// Finds the best stroke of those that a coach would call right: every plain height and pace, with a touch of side and without.
/// </summary>
/// <param name="position">The position.</param>
/// <param name="question">The question of its plan.</param>
internal sealed class RightStroke(CoachPosition position, BreakQuestion question)
{
    private const int Pots = 8;
    private const int Draws = 200;
    private const int NextBudget = 600;

    private static readonly double[] Paces = [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8];
    private static readonly double[] Tips = [0, 0.5, -0.5, 1, -1, 1.5, -1.5];
    private static readonly double[] Sides = [0, -0.5, 0.5];

    private readonly FramePlayer _frames = new(ArenaMatch.Club, position.Striker);
    private readonly BreakSearch _search = new(question);

    /// <summary>The stroke; null when none is right.</summary>
    /// <param name="reader">Reads as the coach does.</param>
    public PlannedStroke? Find(CoachReader reader)
    {
        var strokes = Strokes().ToList();
        return _search.Judge(position.Frame, strokes, Draws).OrderByDescending(judged => judged.Worth)
            .FirstOrDefault(judged => judged.Good > 0 && reader.Read(Line(judged)).Count == 0)?.Stroke;
    }

    private IEnumerable<PlannedStroke> Strokes()
    {
        if (_frames.LayoutOf(position.Frame) is not { } layout) yield break;
        var balls = position.RightBalls.ToList();
        var pots = new LeaveGauge(ArenaMatch.Club, position.Striker).Read(position.Frame)
            .Where(pot => balls.Count == 0 || balls.Contains(pot.Pot.Ball)).Take(Pots);
        foreach (var pot in pots)
        {
            foreach (var dials in from side in Sides from tips in Tips from pace in Paces select Of(pace, side, tips))
            {
                if (_frames.Aim(layout, pot.Pot with { Part = PocketPart.Opening }, dials, BreakWishes.Free) is { } stroke)
                    yield return stroke;
            }
        }
    }

    private static Dials Of(double pace, double side, double tips) => Dials.AtPace(pace, Radii(side), Radii(tips));

    private static double Radii(double tips) => CueShape.ContactOffset(tips, BallGauge.Standard.Radius);

    /// <summary>The stroke and the best that follows it.</summary>
    private List<PlanStep> Line(JudgedStroke first)
    {
        var line = new List<PlanStep>();
        if (_frames.Step(position.Frame, first.Stroke, first.Rated.Pot) is not { } step) return line;
        line.Add(step);
        if (step.After is { } after && _search.Run(after, NextBudget).Best is [var next, ..]
            && _frames.Step(after, next.Stroke, next.Pot) is { } second) line.Add(second);
        return line;
    }
}
