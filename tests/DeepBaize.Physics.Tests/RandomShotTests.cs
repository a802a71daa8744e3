using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Tests;

/// <summary>Laws that hold at every event of every shot, on many seeded random shots.</summary>
public sealed class RandomShotTests(ITestOutputHelper output)
{
    private const int ShotCount = 10_000;

    [Fact]
    public void Ten_thousand_random_shots_keep_the_laws_at_every_event()
    {
        var worst = new Worst();
        Parallel.For(0, ShotCount, () => Shots.Simulation(PlayingConditions.Club), (seed, _, simulation) =>
        {
            CheckShot(simulation, seed, worst);
            return simulation;
        }, _ => { });
        output.WriteLine($"{ShotCount} shots, {worst.Events} events, worst energy rise {worst.EnergyRise:E2}, "
            + $"worst momentum change {worst.MomentumChange:E2}, worst overlap {worst.Overlap:E2} m, {worst.Potted} balls potted");
        Assert.True(worst.EnergyRise <= 1e-12, $"energy rose by {worst.EnergyRise:E2}");
        Assert.True(worst.MomentumChange <= 1e-12, $"momentum changed by {worst.MomentumChange:E2}");
        Assert.True(worst.Overlap <= 1e-6, $"balls overlapped by {worst.Overlap:E2} m");
        Assert.True(worst.Potted > 500);
    }

    [Fact]
    public void The_same_shot_gives_the_same_bits()
    {
        for (var seed = 0; seed < 50; seed++)
        {
            var (layout, strike) = Draw(seed);
            var first = Shots.Simulation(PlayingConditions.Club).Play(layout, strike);
            var used = Shots.Simulation(PlayingConditions.Club);
            used.Play(layout, new Strike(1, 3, 0.2, 0.2));
            var second = used.Play(layout, strike);
            Assert.Equal(first.Final, second.Final);
            Assert.Equal(first.Duration, second.Duration);
        }
    }

    private static void CheckShot(TableSimulation simulation, int seed, Worst worst)
    {
        var (layout, strike) = Draw(seed);
        var record = new ShotRecord();
        var outcome = simulation.Play(layout, strike, record);
        Assert.Equal(ShotEnd.AtRest, outcome.End);
        Assert.Equal(layout.Balls.Count, outcome.Final.Count + outcome.Potted.Count);
        double rise = 0, momentum = 0;
        foreach (var told in record.Events)
        {
            foreach (var ball in told.Balls) Assert.True(ball.After.Position.IsFinite && ball.After.Velocity.IsFinite && ball.After.Spin.IsFinite);
            if (told.Kind == ShotEventKind.Strike) continue;
            var before = told.Balls.Sum(ball => ball.Before.SpecificEnergy(0.02625));
            var after = told.Balls.Sum(ball => ball.After.SpecificEnergy(0.02625));
            if (before > 0) rise = Math.Max(rise, (after - before) / before);
            if (told.Kind != ShotEventKind.Ball) continue;
            var (a, b) = (told.Balls[0], told.Balls[1]);
            var change = a.After.Velocity + b.After.Velocity - a.Before.Velocity - b.Before.Velocity;
            var size = a.Before.Velocity.Length + b.Before.Velocity.Length;
            momentum = Math.Max(momentum, Math.Sqrt(change.X * change.X + change.Y * change.Y) / size);
        }

        worst.Take(record.Events.Count, rise, momentum, WorstOverlap(layout, record), outcome.Potted.Count);
    }

    /// <summary>Deepest overlap of any two balls at any event, from the recorded paths.</summary>
    private static double WorstOverlap(Layout layout, ShotRecord record)
    {
        var pieces = record.Segments.GroupBy(piece => piece.Ball).ToDictionary(group => group.Key, group => group.OrderBy(p => p.StartTime).ToList());
        var potted = record.Events.Where(e => e.Kind == ShotEventKind.Pocket).ToDictionary(e => e.Balls[0].Ball, e => e.Time);
        var worst = 0.0;
        foreach (var told in record.Events)
        {
            foreach (var moved in told.Balls)
            {
                if (told.Kind == ShotEventKind.Pocket) continue;
                foreach (var other in layout.Balls)
                {
                    if (other.Ball == moved.Ball || (potted.TryGetValue(other.Ball, out var gone) && gone <= told.Time)) continue;
                    var place = PlaceAt(other, pieces, told.Time);
                    worst = Math.Max(worst, 0.0525 - place.DistanceTo(moved.After.Place));
                }
            }
        }

        return worst;
    }

    private static Place PlaceAt(PlacedBall ball, Dictionary<BallId, List<PathSegment>> pieces, double time)
    {
        if (!pieces.TryGetValue(ball.Ball, out var path)) return ball.Place;
        var piece = path.LastOrDefault(p => p.StartTime <= time);
        if (piece is null) return ball.Place;
        var u = Math.Clamp((time - piece.StartTime) / (piece.EndTime - piece.StartTime), 0, 1);
        var (a, b, c) = ((1 - u) * (1 - u), 2 * u * (1 - u), u * u);
        return new Place(
            a * piece.Start.X + b * piece.Control.X + c * piece.End.X,
            a * piece.Start.Y + b * piece.Control.Y + c * piece.End.Y);
    }

    /// <summary>A layout of 1 to 22 balls, laid the way a hand lays them, and any strike.</summary>
    private static (Layout Layout, Strike Strike) Draw(int seed)
    {
        var random = new Random(seed);
        var outline = TableOutline.Club;
        var gauge = BallGauge.Standard;
        var placed = new List<PlacedBall>();
        foreach (var ball in BallSet.All.Take(1 + random.Next(BallSet.Count)))
        {
            // A third of the balls are laid beside another, so that touching balls and clusters come up.
            var wanted = placed.Count > 0 && random.Next(3) == 0
                ? placed[random.Next(placed.Count)].Place.Offset(random.NextDouble() * 0.12 - 0.06, random.NextDouble() * 0.12 - 0.06)
                : new Place(random.NextDouble() * Measurements.Length, random.NextDouble() * Measurements.Width);
            placed.Add(new PlacedBall(ball, Settling.Settle(wanted, placed, outline, gauge).Place));
        }

        var layout = LayoutRules.TryBuild(placed, outline, gauge, LayoutMode.Free, out var problems);
        Assert.True(layout is not null, $"seed {seed}: {string.Join(' ', problems.Select(p => p.Sentence))}");
        var angle = random.NextDouble() * Math.Tau;
        var offset = Math.Sqrt(random.NextDouble()) * 0.5;
        var strike = new Strike(
            random.NextDouble() * Math.Tau, 0.2 + random.NextDouble() * 6.2, offset * Math.Cos(angle), offset * Math.Sin(angle));
        return (layout, strike);
    }

    private sealed class Worst
    {
        private readonly Lock _lock = new();

        public long Events { get; private set; }

        public double EnergyRise { get; private set; }

        public double MomentumChange { get; private set; }

        public double Overlap { get; private set; }

        public int Potted { get; private set; }

        public void Take(int events, double energyRise, double momentumChange, double overlap, int potted)
        {
            lock (_lock)
            {
                Events += events;
                EnergyRise = Math.Max(EnergyRise, energyRise);
                MomentumChange = Math.Max(MomentumChange, momentumChange);
                Overlap = Math.Max(Overlap, overlap);
                Potted += potted;
            }
        }
    }
}
