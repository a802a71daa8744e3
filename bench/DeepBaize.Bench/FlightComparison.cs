using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>
/// Random strokes with the butt up, a ball in front of the white, played event by event and marched in small steps. What a march is off by
/// is judged by what halving its step changes.
/// </summary>
internal static class FlightComparison
{
    private const int Flights = 200;
    private const double Step = 4e-6;

    /// <summary>Plays them and prints how far they end apart.</summary>
    public static void Run()
    {
        var conditions = PlayingConditions.Club;
        var march = new SmallStepSimulation(conditions, TableOutline.Club);
        var (apart, halved, over) = (new double[Flights], new double[Flights], 0);
        Parallel.For(0, Flights, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, i =>
        {
            var (layout, strike) = Draw(i);
            var ours = new TableSimulation(conditions, TableOutline.Club).Play(layout, strike);
            var (coarse, fine) = (march.Play(layout, strike, Step), march.Play(layout, strike, Step / 2));
            foreach (var ball in ours.Final)
            {
                if (!fine.TryGetValue(ball.Ball, out var place) || !coarse.TryGetValue(ball.Ball, out var before)) continue;
                apart[i] = Math.Max(apart[i], place.DistanceTo(ball.State.Place));
                halved[i] = Math.Max(halved[i], place.DistanceTo(before));
            }

            if (ours.Final.Count != fine.Count) Interlocked.Increment(ref over);
        });
        Array.Sort(apart, halved);
        var beyond = Enumerable.Range(0, Flights).Count(i => apart[i] > 2 * halved[i] + 1e-4);
        Console.WriteLine($"{Flights} flights at {Step / 2 * 1e6:0} us: median {1000 * apart[Flights / 2]:0.000} mm apart, 95 % within "
            + $"{1000 * apart[Flights * 95 / 100]:0.00} mm, worst {1000 * apart[^1]:0.0} mm; halving the step changed that one by "
            + $"{1000 * halved[^1]:0.0} mm; {beyond} beyond twice what halving changes; {over} with another number of balls left");
    }

    private static (Layout Layout, Strike Strike) Draw(int seed)
    {
        var random = new Random(seed);
        var white = new Place(0.8 + random.NextDouble(), 0.5 + 0.8 * random.NextDouble());
        var direction = random.NextDouble() * Math.Tau;
        var way = 0.15 + 0.6 * random.NextDouble();
        var ball = white.Offset(way * Math.Cos(direction + 0.05), way * Math.Sin(direction + 0.05));
        var placed = new List<PlacedBall> { new(BallId.Cue, white) };
        placed.Add(new PlacedBall(BallId.Red1, Settling.Settle(ball, placed, TableOutline.Club, BallGauge.Standard).Place));
        var layout = LayoutRules.TryBuild(placed, TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out _)!;
        return (layout, new Strike(
            direction, 0.8 + 3 * random.NextDouble(), 0.6 * random.NextDouble() - 0.3, 0.6 * random.NextDouble() - 0.3,
            (3 + 60 * random.NextDouble()) * Math.PI / 180));
    }
}
