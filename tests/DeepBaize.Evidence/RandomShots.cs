using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Physics.Profiles;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence;

/// <summary>What many random shots came to.</summary>
/// <param name="Shots">How many.</param>
/// <param name="Events">Events told.</param>
/// <param name="Clusters">Impulses through more than two balls.</param>
/// <param name="Potted">Balls potted.</param>
/// <param name="OffTable">Balls that went over a cushion.</param>
/// <param name="MetInAir">Impacts of balls and cushions with a ball in the air.</param>
/// <param name="EnergyRise">Worst relative rise of energy at an event.</param>
/// <param name="MomentumChange">Worst relative change of momentum where balls meet.</param>
/// <param name="Overlap">Deepest overlap of two balls in metres.</param>
/// <param name="MostEvents">Most events that one shot took.</param>
/// <param name="Faults">What went wrong, with the seed; empty when nothing did.</param>
public sealed record ShotReport(
    int Shots,
    long Events,
    long Clusters,
    int Potted,
    int OffTable,
    int MetInAir,
    double EnergyRise,
    double MomentumChange,
    double Overlap,
    int MostEvents,
    IReadOnlyList<string> Faults)
{
    public override string ToString() =>
        $"{Shots} shots over {HouseProfiles.All.Count} profiles: {Events} events, {Clusters} cluster impacts, {Potted} balls potted, "
            + $"{OffTable} off the table, {MetInAir} met in the air, {Faults.Count} faults, "
        + $"most events {MostEvents} of {TableSimulation.EventBudget}, worst energy rise {EnergyRise:E2}, worst momentum change "
            + $"{MomentumChange:E2}, "
        + $"worst overlap {Overlap:E2} m";
}

/// <summary>Laws that hold at every event of every shot, on seeded random shots over all profiles of the house.</summary>
public static class RandomShots
{
    /// <summary>Plays and checks the shots of seeds from a first one on.</summary>
    public static ShotReport Run(int first, int count)
    {
        var (total, gate) = (new ShotReport(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, []), new Lock());
        Parallel.For(
            0,
            (count + 99) / 100,
            Play.Processors,
            () => HouseProfiles.All.Select(profile => Play.Simulation(profile.Conditions)).ToArray(),
            (block, _, simulations) =>
            {
                for (var seed = first + block * 100; seed < first + Math.Min(count, (block + 1) * 100); seed++)
                {
                    var report = CheckShot(simulations, seed);
                    lock (gate) total = Add(total, report);
                }

                return simulations;
            },
            _ => { });
        return total;
    }

    /// <summary>
    /// A layout of 1 to 22 balls, laid the way a hand lays them, any strike, a third of them with the butt up to 80 degrees, and the
    /// profile that it is played on.
    /// </summary>
    public static (ConditionProfile Profile, Layout Layout, Strike Strike) Draw(int seed)
    {
        var random = new Random(seed);
        var profile = HouseProfiles.All[seed % HouseProfiles.All.Count];
        var gauge = profile.Conditions.Gauge;
        var placed = new List<PlacedBall>();
        foreach (var ball in BallSet.All.Take(1 + random.Next(BallSet.Count)))
        {
            // A third of the balls are laid beside another, so that touching balls and clusters come up.
            var wanted = placed.Count > 0 && random.Next(3) == 0
                ? placed[random.Next(placed.Count)].Place.Offset(random.NextDouble() * 0.12 - 0.06, random.NextDouble() * 0.12 - 0.06)
                : new Place(random.NextDouble() * Measurements.Length, random.NextDouble() * Measurements.Width);
            placed.Add(new PlacedBall(ball, Settling.Settle(wanted, placed, profile.Outline, gauge).Place));
        }

        var layout = LayoutRules.TryBuild(placed, profile.Outline, gauge, LayoutMode.Free, out var problems)
            ?? throw new InvalidOperationException($"seed {seed}: {problems[0]}");
        var (angle, offset) = (random.NextDouble() * Math.Tau, Math.Sqrt(random.NextDouble()) * 0.5);
        var (direction, speed) = (random.NextDouble() * Math.Tau, 0.2 + random.NextDouble() * 6.2);
        var raised = seed / HouseProfiles.All.Count % 3 == 0 ? random.NextDouble() * Strike.SteepestDegrees * Math.PI / 180 : 0;
        return (profile, layout, new Strike(direction, speed, offset * Math.Cos(angle), offset * Math.Sin(angle), raised));
    }

    private static ShotReport Add(ShotReport total, ShotReport one) => new(
        total.Shots + one.Shots,
        total.Events + one.Events,
        total.Clusters + one.Clusters,
        total.Potted + one.Potted,
        total.OffTable + one.OffTable,
        total.MetInAir + one.MetInAir,
        Math.Max(total.EnergyRise, one.EnergyRise),
        Math.Max(total.MomentumChange, one.MomentumChange),
        Math.Max(total.Overlap, one.Overlap),
        Math.Max(total.MostEvents, one.MostEvents),
        one.Faults.Count == 0 ? total.Faults : [.. total.Faults, .. one.Faults]);

    private static ShotReport CheckShot(TableSimulation[] simulations, int seed)
    {
        var (profile, layout, strike) = Draw(seed);
        var record = new ShotRecord();
        ShotOutcome outcome;
        try
        {
            outcome = simulations[seed % simulations.Length].Play(layout, strike, record);
        }
        catch (Exception fault) when (fault is EventBudgetException or ImpactBudgetException or InvalidOperationException)
        {
            return new ShotReport(
                1, record.Events.Count, 0, 0, 0, 0, 0, 0, 0, TableSimulation.EventBudget, [$"seed {seed}: {fault.Message}"]);
        }

        List<string> faults = [];
        if (outcome.End != ShotEnd.AtRest) faults.Add($"seed {seed}: ended with {outcome.End}");
        if (outcome.Final.Count + outcome.Potted.Count + outcome.OffTable.Count != layout.Balls.Count)
            faults.Add($"seed {seed}: a ball was lost");
        if (outcome.Final.Any(ball => !profile.Outline.IsOnBed(ball.State.Place, profile.Conditions.Gauge.CushionInset - 1e-6)))
            faults.Add($"seed {seed}: a ball rests outside");
        var (rise, momentum) = Worst(record, profile.Conditions, seed, faults);
        return new ShotReport(
            1, record.Events.Count, outcome.ClusterCount, outcome.Potted.Count, outcome.OffTable.Count, record.Events.Count(IsMetInAir),
            rise, momentum, WorstOverlap(layout, record), outcome.EventCount, faults);

        bool IsMetInAir(ShotEvent told) => told.Kind is ShotEventKind.Ball or ShotEventKind.Cushion or ShotEventKind.Jaw
            && told.Balls.Any(ball => ball.Before.Position.Z > profile.Conditions.Balls.Radius + Flight.BedHeight);
    }

    private static (double Rise, double Momentum) Worst(ShotRecord record, PlayingConditions conditions, int seed, List<string> faults)
    {
        double rise = 0, momentum = 0, radius = conditions.Balls.Radius;
        foreach (var told in record.Events)
        {
            if (told.Balls.Any(ball => !(ball.After.Position.IsFinite && ball.After.Velocity.IsFinite && ball.After.Spin.IsFinite)))
                faults.Add($"seed {seed}: not finite at {told.Time} s");
            if (told.Kind == ShotEventKind.Strike) continue;
            var before = told.Balls.Sum(ball => Energy(ball.Before));
            var after = told.Balls.Sum(ball => Energy(ball.After));
            var moving = told.Balls.Sum(ball => ball.Before.SpecificEnergy(radius));
            if (moving > 0) rise = Math.Max(rise, (after - before) / moving);
            if (told.Kind != ShotEventKind.Ball) continue;
            var change = told.Balls.Aggregate(Vec3.Zero, (sum, ball) => sum + ball.After.Velocity - ball.Before.Velocity);
            momentum = Math.Max(momentum, change.Length / told.Balls.Sum(ball => ball.Before.Velocity.Length));
        }

        return (rise, momentum);

        double Energy(BallState ball) => ball.SpecificEnergy(radius) + conditions.Table.Gravity * (ball.Position.Z - radius);
    }

    /// <summary>Deepest overlap of any two balls at any event, from the recorded paths.</summary>
    private static double WorstOverlap(Layout layout, ShotRecord record)
    {
        var pieces = record.Segments.GroupBy(piece => piece.Ball)
            .ToDictionary(group => group.Key, group => group.OrderBy(piece => piece.StartTime).ToList());
        var gone = record.Events.Where(IsLoss)
            .ToDictionary(told => told.Balls[0].Ball, told => told.Time);
        var (worst, next) = (0.0, pieces.Keys.ToDictionary(ball => ball, _ => 0));
        foreach (var told in record.Events)
        {
            // The events are in order of time: each ball's pieces are gone through once.
            foreach (var (ball, path) in pieces)
            {
                while (next[ball] + 1 < path.Count && path[next[ball] + 1].StartTime <= told.Time) next[ball]++;
            }

            if (IsLoss(told)) continue;
            foreach (var moved in told.Balls)
            {
                foreach (var other in layout.Balls)
                {
                    if (other.Ball == moved.Ball || (gone.TryGetValue(other.Ball, out var lost) && lost <= told.Time)) continue;
                    var centre = pieces.TryGetValue(other.Ball, out var path)
                        ? CentreAt(path[next[other.Ball]], told.Time, layout.Gauge.Radius)
                        : BallState.AtRest(other.Place, layout.Gauge.Radius).Position;
                    worst = Math.Max(worst, layout.Gauge.Diameter - (centre - moved.After.Position).Length);
                }
            }
        }

        return worst;

        static bool IsLoss(ShotEvent told) => told.Kind is ShotEventKind.Pocket or ShotEventKind.OffTable;
    }

    private static Vec3 CentreAt(PathSegment piece, double time, double radius)
    {
        var u = Math.Clamp((time - piece.StartTime) / (piece.EndTime - piece.StartTime), 0, 1);
        var (a, b, c) = ((1 - u) * (1 - u), 2 * u * (1 - u), u * u);
        return new Vec3(
            a * piece.Start.X + b * piece.Control.X + c * piece.End.X,
            a * piece.Start.Y + b * piece.Control.Y + c * piece.End.Y,
            radius + a * piece.Heights.Start + b * piece.Heights.Control + c * piece.Heights.End);
    }
}
