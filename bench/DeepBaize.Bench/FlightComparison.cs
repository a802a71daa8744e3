using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>
/// Random strokes with the butt up, a ball in front of the white, played event by event and marched in small steps. What a march is off by
/// is judged by how far three marches, each of half the step of the one before, end from each other.
/// </summary>
internal static class FlightComparison
{
    private const int Flights = 200;

    private static readonly double[] Steps = [8e-6, 4e-6, 2e-6];

    /// <summary>Plays them and prints how far they end apart.</summary>
    public static void Run()
    {
        var found = new (double Apart, double Own)[Flights];
        Parallel.For(0, Flights, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, i => found[i] = Compare(i));
        for (var i = 0; i < Flights; i++)
        {
            if (IsBeyond(found[i]))
                Console.WriteLine($"flight {i}: {1000 * found[i].Apart:0.00} mm apart, {1000 * found[i].Own:0.00} mm among the marches");
        }

        var apart = found.Select(flight => flight.Apart).Order().ToList();
        Console.WriteLine($"{Flights} flights, the finest march at {1e6 * Steps[^1]:0} us: "
            + $"median {1000 * apart[Flights / 2]:0.000} mm apart, 95 % within {1000 * apart[Flights * 95 / 100]:0.00} mm, "
            + $"worst {1000 * apart[^1]:0.0} mm; "
            + $"{found.Count(IsBeyond)} beyond twice what the marches are apart");

        static bool IsBeyond((double Apart, double Own) flight) => flight.Apart > 2 * flight.Own + 1e-4;
    }

    /// <summary>
    /// How far the finest march ends from the engine, and the marches from each other; infinite when a ball is lost in one only.
    /// </summary>
    private static (double Apart, double Own) Compare(int seed)
    {
        var (layout, strike) = Draw(seed);
        var ours = new TableSimulation(PlayingConditions.Club, TableOutline.Club).Play(layout, strike).Final
            .ToDictionary(ball => ball.Ball, ball => ball.State.Place);
        var march = new SmallStepSimulation(PlayingConditions.Club, TableOutline.Club);
        var marches = Steps.Select(step => march.Play(layout, strike, step)).ToList();
        return (Worst(ours, marches[^1]), marches.Take(Steps.Length - 1).Max(other => Worst(other, marches[^1])));
    }

    private static double Worst(Dictionary<BallId, Place> one, Dictionary<BallId, Place> other) =>
        one.Count != other.Count || one.Keys.Any(ball => !other.ContainsKey(ball)) ? double.PositiveInfinity
            : one.Count == 0 ? 0 : one.Max(ball => ball.Value.DistanceTo(other[ball.Key]));

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
