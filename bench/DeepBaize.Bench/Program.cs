using System.Diagnostics;
using BenchmarkDotNet.Running;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>
/// Benchmarks, and long commands: <c>long [names]</c> runs the long checks and writes their figures into the docs, <c>small-steps</c>
/// compares the engine with a march in small steps, <c>flights</c> does so for strokes with the butt up, <c>presets</c> fits the house's
/// players and writes them into the source, <c>arena</c> lets policies play breaks against each other,
/// <c>safety</c> lets policies play safeties, <c>advice</c> looks at what the planner tells players to play.
/// </summary>
internal static class EntryPoint
{
    private static int Main(string[] args)
    {
        switch (args.FirstOrDefault())
        {
            case "long":
                return Long.LongCommand.Run(args, Path.Combine(Root(), "docs"));
            case "presets":
                return PresetFit.Run(Path.Combine(Root(), "src", "DeepBaize.Planning", "Players", "HousePlayers.Fitted.cs"));
            case "arena":
                return Arena.ArenaCommand.Run(args);
            case "safety":
                return Arena.SafetyCommand.Run(args);
            case "advice":
                return Arena.AdviceCommand.Run(args);
            case "flights":
                FlightComparison.Run();
                return 0;
            case "small-steps":
                CompareSmallSteps();
                return 0;
            default:
                BenchmarkSwitcher.FromAssembly(typeof(EntryPoint).Assembly).Run(args);
                return 0;
        }
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "DeepBaize.slnx"))) folder = folder.Parent;
        return folder.FullName;
    }

    private static void CompareSmallSteps()
    {
        var layout = Positions.Lay(Positions.Typical);
        var (simulation, result) = (new TableSimulation(PlayingConditions.Club, TableOutline.Club), new StrokeResult());
        simulation.Run(layout, Positions.TypicalStroke, result);
        var ours = result.Final.ToDictionary(ball => ball.Ball, ball => ball.State.Place);
        var one = Time(() => simulation.Run(layout, Positions.TypicalStroke, result), 100_000);
        Console.WriteLine($"event by event: {one * 1e6:0.0} us");
        var small = new SmallStepSimulation(PlayingConditions.Club, TableOutline.Club);
        foreach (var step in new[] { 1e-3, 1e-4, 1e-5, 3e-6, 1e-6, 3e-7 })
        {
            var theirs = small.Play(layout, Positions.TypicalStroke, step);
            var worst = ours.Max(
                ball => theirs.TryGetValue(ball.Key, out var place) ? place.DistanceTo(ball.Value) : double.PositiveInfinity);
            var time = Time(() => small.Play(layout, Positions.TypicalStroke, step), step > 1e-4 ? 3 : 1);
            Console.WriteLine($"step {step:0e+0} s: worst place {worst * 1000:0.000} mm off, {time * 1e3:0.00} ms, {time / one:0} "
                + $"times as long");
            if (worst < 1e-4) break;
        }
    }

    private static double Time(Action play, int times)
    {
        play();
        var clock = Stopwatch.StartNew();
        for (var i = 0; i < times; i++) play();
        return clock.Elapsed.TotalSeconds / times;
    }
}
