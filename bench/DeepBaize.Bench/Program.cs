using System.Diagnostics;
using BenchmarkDotNet.Running;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>
/// Benchmarks, and long commands: <c>shots [count]</c> plays and checks random shots (a million by default), <c>small-steps</c> compares the engine with a
/// march in small steps, <c>pots [layouts]</c> holds the solver of pots against a brute scan (2,000 layouts by default), <c>presets</c> fits the house's players and writes
/// them into the source, <c>chances [pots]</c> holds the fast estimate of chances against 10,000 samples each (500 pots by default),
/// <c>arena</c> lets policies play breaks against each other.
/// </summary>
internal static class EntryPoint
{
    private static int Main(string[] args)
    {
        switch (args.FirstOrDefault())
        {
            case "shots":
                return PlayShots(args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 1_000_000);
            case "pots":
                return TryPots(args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 2000);
            case "presets":
                return PresetFit.Run(Path.Combine(Root(), "src", "DeepBaize.Planning", "Players", "HousePlayers.Fitted.cs"));
            case "chances":
                return TryChances(args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 500);
            case "arena":
                return Arena.ArenaCommand.Run(args);
            case "small-steps":
                CompareSmallSteps();
                return 0;
            default:
                BenchmarkSwitcher.FromAssembly(typeof(EntryPoint).Assembly).Run(args);
                return 0;
        }
    }

    private static int PlayShots(int count)
    {
        var clock = Stopwatch.StartNew();
        var report = RandomShots.Run(0, count);
        Console.WriteLine($"{report}; {clock.Elapsed.TotalSeconds:0} s");
        foreach (var fault in report.Faults.Take(20)) Console.WriteLine(fault);
        return report.Faults.Count == 0 ? 0 : 1;
    }

    private static int TryPots(int layouts)
    {
        var clock = Stopwatch.StartNew();
        var report = PotTrial.Run(new TableInUse(PlayingConditions.Club, TableOutline.Club), 0, layouts);
        foreach (var failure in report.Failures) Console.WriteLine(failure);
        Console.WriteLine($"{layouts} layouts: {report}; {clock.Elapsed.TotalSeconds:0} s");
        return report.Share >= 0.99 && report.Silent == 0 ? 0 : 1;
    }

    private static int TryChances(int pots)
    {
        var clock = Stopwatch.StartNew();
        var report = ChanceTrial.Run(new TableInUse(PlayingConditions.Club, TableOutline.Club), 0, pots, 10_000);
        foreach (var far in report.Cases.Where(one => Math.Abs(one.Miss) > 3)) Console.WriteLine(far);
        Console.WriteLine($"{report}; {clock.Elapsed.TotalSeconds:0} s");
        return report.Within(3) >= 0.95 && report.Worst <= 6 && Math.Abs(report.Bias) <= 1 ? 0 : 1;
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
            var worst = ours.Max(ball => theirs.TryGetValue(ball.Key, out var place) ? place.DistanceTo(ball.Value) : double.PositiveInfinity);
            var time = Time(() => small.Play(layout, Positions.TypicalStroke, step), step > 1e-4 ? 3 : 1);
            Console.WriteLine($"step {step:0e+0} s: worst place {worst * 1000:0.000} mm off, {time * 1e3:0.00} ms, {time / one:0} times as long");
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
