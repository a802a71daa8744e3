using DeepBaize.Planning.Aiming;
using DeepBaize.Table;

namespace DeepBaize.Evidence;

/// <summary>How the solver of pots stands against the brute scan.</summary>
/// <param name="Windows">Pairs of ball and pocket for which the scan finds a window.</param>
/// <param name="Met">How many of them the solver finds with both edges where the scan has them.</param>
/// <param name="Silent">Pairs without a window for which the solver gave neither a stroke nor a reason.</param>
/// <param name="Failures">What went wrong, by cause.</param>
public sealed record PotReport(int Windows, int Met, int Silent, IReadOnlyList<string> Failures)
{
    public double Share => Windows == 0 ? 1 : (double)Met / Windows;

    public override string ToString() =>
        $"{Windows} pots found by the brute scan, {Met} met by the solver ({100 * Share:0.00} %), {Silent} without a reason";
}

/// <summary>Holds the solver against the brute scan on seeded layouts.</summary>
public static class PotTrial
{
    private const double EdgeTolerance = 0.0005;

    /// <summary>Runs the layouts of seeds from a first one on.</summary>
    public static PotReport Run(TableInUse table, int first, int count)
    {
        var (total, gate) = (new PotReport(0, 0, 0, []), new Lock());
        Parallel.For(first, first + count, Play.Processors, () => (new PotScan(table), new PotSolver(table)), (seed, _, pair) =>
        {
            var one = Check(pair.Item1, pair.Item2, seed);
            lock (gate)
                total = new PotReport(
                    total.Windows + one.Windows, total.Met + one.Met, total.Silent + one.Silent, [.. total.Failures, .. one.Failures]);
            return pair;
        }, _ => { });
        return total with { Failures = [.. total.Failures.Order()] };
    }

    private static PotReport Check(PotScan scan, PotSolver solver, int seed)
    {
        var (layout, dials) = Frames.Draw(seed, solver.Table);
        int windows = 0, met = 0, silent = 0;
        List<string> failures = [];
        foreach (var ball in layout.Balls.Select(placed => placed.Ball).Where(ball => ball != BallId.Cue))
        {
            var found = scan.Windows(layout, ball, dials);
            foreach (var pocket in Enum.GetValues<PocketId>())
            {
                var truths = found.Where(window => window.Pocket == pocket).ToList();
                var answer = solver.Solve(layout, new Pot(ball, pocket), dials);
                if (truths.Count == 0)
                {
                    if (answer.Solution is null && answer.Refusal is null) silent++;
                    continue;
                }

                windows++;
                if (Differs(truths, answer) is { } cause) failures.Add($"{cause}: seed {seed}, {Names.Text(ball)} to {Names.Text(pocket)}");
                else met++;
            }
        }

        return new PotReport(windows, met, silent, failures);
    }

    private static string? Differs(List<ScannedWindow> truths, PotAnswer answer)
    {
        if (answer.Solution is not { } solution) return $"not found ({answer.Refusal?.Reason})";
        var (a, b) = (solution.Window!.Thick.Offset, solution.Window.Thin.Offset);
        var (right, left) = (Math.Min(a, b), Math.Max(a, b));
        return truths.Exists(truth => Math.Abs(truth.Right - right) <= EdgeTolerance && Math.Abs(truth.Left - left) <= EdgeTolerance)
            ? null
            : $"edge {1000 * right:0.0} to {1000 * left:0.0} mm, the scan has "
                + $"{string.Join(" and ", truths.Select(truth => $"{1000 * truth.Right:0.0} to {1000 * truth.Left:0.0}"))}";
    }
}
