using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>Finds why a stroke is good, as facts that can be computed again. One instance serves one thread.</summary>
public sealed class FactFinder
{
    private const int Most = 3;
    private const double Sure = 0.9;
    private const double LeastGain = 0.25;
    private const double StraightDegrees = 8;
    private const double ThinDegrees = 45;

    private readonly LeaveGauge _gauge;
    private readonly OpenBalls _open;

    /// <summary>Prepares a player on a table.</summary>
    public FactFinder(TableInUse table, PlayerProfile player)
    {
        _gauge = new LeaveGauge(table, player);
        _open = new OpenBalls(_gauge);
    }

    /// <summary>At most three facts about the first stroke of a line, the weightiest first.</summary>
    /// <param name="line">The line.</param>
    /// <param name="best">Its first stroke as it was sampled.</param>
    public IReadOnlyList<PlanFact> Find(IReadOnlyList<PlanStep> line, RatedStroke best)
    {
        ArgumentNullException.ThrowIfNull(line);
        ArgumentNullException.ThrowIfNull(best);
        if (line.Count == 0) return [];
        var facts = new List<PlanFact>();
        var step = line[0];
        if (line.Count > 1)
        {
            var next = line[1].Before;
            var on = _gauge.Read(next);
            facts.AddRange(Opened(step, next)
                .Select(ball => new PlanFact(FactKind.Opens, [.. on.Where(pot => pot.Pot.Ball == ball)], BallValue.Of(ball))));
            var good = on.Where(pot => pot.IsOn).ToList();
            if (good.Select(pot => pot.Pot.Ball).Distinct().Count() > 1)
                facts.Add(new PlanFact(FactKind.Alternates, good, good.Select(pot => pot.Pot.Ball).Distinct().Count()));
            var chosen = on.Where(pot => pot.Pot.Ball == line[1].Stroke.Pot.Ball && pot.Pot.Pocket == line[1].Stroke.Pot.Pocket).ToList();
            if (chosen.Count > 0) facts.Add(new PlanFact(FactKind.Angle, chosen, Math.Abs(chosen[0].CutRadians) * 180 / Math.PI));
            if (chosen.Count > 0 && chosen[0].Way <= BridgeWay.Stretched) facts.Add(new PlanFact(FactKind.Reach, chosen, 0));
        }

        if (FullestRegion(step) is { } left) facts.Add(new PlanFact(FactKind.Region, [], left));
        if (best.Pot.Share >= Sure) facts.Add(new PlanFact(FactKind.SurePot, [], best.Pot.Share));
        if (step.Points > 1) facts.Add(new PlanFact(FactKind.Points, [], step.Points));
        return [.. facts.Where(IsWorthSaying).Take(Most)];
    }

    /// <summary>Reds that are shut in before the first stroke of a line and after it.</summary>
    /// <param name="line">The line.</param>
    public ClosedReds Closed(IReadOnlyList<PlanStep> line)
    {
        ArgumentNullException.ThrowIfNull(line);
        if (line.Count == 0) return default;
        var before = ShutIn(line[0].Before);
        return new ClosedReds(before, line.Count > 1 ? ShutIn(line[1].Before) : before);
    }

    private int ShutIn(FrameState frame)
    {
        var balls = frame.ObjectBalls;
        return Enumerable.Range(0, balls.Count).Count(i => BallSet.IsRed(balls[i].Ball) && _open.Of(balls, i) == 0);
    }

    /// <summary>Reds left in the region of the red that is played when it has more than any other; null otherwise.</summary>
    private static int? FullestRegion(PlanStep step)
    {
        if (!BallSet.IsRed(step.Stroke.Pot.Ball)) return null;
        var counts = RedsByRegion.Count(step.Before.ObjectBalls, RedsByRegion.Usual);
        var own = counts.FirstOrDefault(count => count.Reds.Contains(step.Stroke.Pot.Ball));
        return own is not null && own.Reds.Count > 1
            && counts.All(count => count == own || count.Reds.Count < own.Reds.Count) ? own.Reds.Count - 1 : null;
    }

    private static bool IsWorthSaying(PlanFact fact) => fact.Kind != FactKind.Angle || fact.Value is > StraightDegrees and < ThinDegrees;

    /// <summary>Colours that can be potted better once the ball has gone.</summary>
    private IEnumerable<BallId> Opened(PlanStep step, FrameState next)
    {
        var (before, after) = (step.Before.ObjectBalls, next.ObjectBalls);
        foreach (var colour in BallSet.Colours.Reverse())
        {
            var (was, becomes) = (Index(before, colour), Index(after, colour));
            if (was < 0 || becomes < 0 || colour == step.Stroke.Pot.Ball) continue;
            if (_open.Of(after, becomes) - _open.Of(before, was) > LeastGain) yield return colour;
        }
    }

    private static int Index(IReadOnlyList<PlacedBall> balls, BallId ball) => balls.ToList().FindIndex(placed => placed.Ball == ball);
}
