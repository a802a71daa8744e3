using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>Finds why a stroke is good, as facts that can be computed again. One instance serves one thread.</summary>
public sealed class FactFinder
{
    private const double LeastGain = 0.25;
    private const double StraightDegrees = 8;
    private const double ThinDegrees = 45;

    private readonly LeaveGauge _gauge;
    private readonly LeaveWorth _worth;
    private readonly OpenBalls _open;

    /// <summary>Prepares a player on a table.</summary>
    public FactFinder(TableInUse table, PlayerProfile player)
    {
        _gauge = new LeaveGauge(table, player);
        _worth = new LeaveWorth(table, player);
        _open = new OpenBalls(_gauge);
    }

    /// <summary>What is true of one stroke and not of another.</summary>
    /// <param name="ours">What is true of it.</param>
    /// <param name="other">The other.</param>
    public IReadOnlyList<PlanFact> Proper(IReadOnlyList<PlanFact> ours, PlanStep other)
    {
        ArgumentNullException.ThrowIfNull(ours);
        ArgumentNullException.ThrowIfNull(other);
        var theirs = Of(other);
        return [.. ours.Where(fact => !theirs.Any(known => IsAsGood(known, fact)))];
    }

    /// <summary>Facts about a stroke.</summary>
    /// <param name="step">The stroke; with what it leaves.</param>
    public IReadOnlyList<PlanFact> Of(PlanStep step)
    {
        ArgumentNullException.ThrowIfNull(step);
        var facts = new List<PlanFact>();
        if (step.After is { White: not null } next)
        {
            var on = _gauge.Read(next);
            facts.AddRange(Opened(step, next)
                .Select(ball => new PlanFact(FactKind.Opens, [.. on.Where(pot => pot.Pot.Ball == ball)], BallValue.Of(ball))));
            var good = on.Where(pot => pot.IsOn).ToList();
            if (good.Select(pot => pot.Pot.Ball).Distinct().Count() > 1)
                facts.Add(new PlanFact(FactKind.Alternates, good, good.Select(pot => pot.Pot.Ball).Distinct().Count()));
            if (on.Count > 0)
            {
                var chosen = on.MaxBy(pot => _worth.Promise(next, pot));
                var degrees = Math.Abs(chosen.CutRadians) * 180 / Math.PI;
                if (degrees is > StraightDegrees and < ThinDegrees) facts.Add(new PlanFact(FactKind.Angle, [chosen], degrees));
                if (chosen.Way <= BridgeWay.Stretched) facts.Add(new PlanFact(FactKind.Reach, [chosen], 0));
            }
        }

        if (FullestRegion(step) is { } left) facts.Add(new PlanFact(FactKind.Region, [], left));
        return facts;
    }

    /// <summary>True when a fact says as much of another stroke.</summary>
    private static bool IsAsGood(PlanFact theirs, PlanFact ours) => theirs.Kind == ours.Kind && ours.Kind switch
    {
        FactKind.Opens => theirs.Value == ours.Value,
        FactKind.Alternates => theirs.Value >= ours.Value,
        _ => true,
    };

    /// <summary>Reds that are shut in before the first stroke of a line and after it.</summary>
    /// <param name="line">The line.</param>
    public ClosedReds Closed(IReadOnlyList<PlanStep> line)
    {
        ArgumentNullException.ThrowIfNull(line);
        if (line.Count == 0) return default;
        return new ClosedReds(ShutIn(line[0].Before), ShutIn(line[0].After ?? line[0].Before));
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
