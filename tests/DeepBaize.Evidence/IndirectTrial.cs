using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Table;

namespace DeepBaize.Evidence;

/// <summary>How the solver of doubles, plants, cannons and in-offs stands against the brute scan.</summary>
/// <param name="Windows">Pots for which the scan finds a window, by their way.</param>
/// <param name="Met">How many of them the solver finds where the scan has one.</param>
/// <param name="Failures">What went wrong, by cause.</param>
public sealed record IndirectReport(
    IReadOnlyDictionary<IndirectWay, int> Windows, IReadOnlyDictionary<IndirectWay, int> Met, IReadOnlyList<string> Failures)
{
    /// <summary>How many failures each cause has.</summary>
    public IEnumerable<string> Causes =>
        Failures.GroupBy(failure => failure[..failure.IndexOf('(', StringComparison.Ordinal)].Trim())
            .Select(cause => $"{cause.Key}: {cause.Count()}");

    public double Share => Windows.Values.Sum() == 0 ? 1 : (double)Met.Values.Sum() / Windows.Values.Sum();

    public override string ToString() =>
        $"{Windows.Values.Sum()} pots found by the brute scan, {Met.Values.Sum()} met by the solver ({100 * Share:0.0} %): "
        + string.Join(", ", Windows.OrderBy(one => one.Key).Select(one => $"{one.Key} {Met.GetValueOrDefault(one.Key)} of {one.Value}"));
}

/// <summary>Holds the solver against the brute scan on seeded layouts.</summary>
public static class IndirectTrial
{
    /// <summary>
    /// How far an edge may be from where the scan has it, in metres at the pocket: a step of the scan and what is refined.
    /// </summary>
    private const double EdgeTolerance = 0.004;

    /// <summary>What the pace is raised by, in m/s of the white.</summary>
    private const double MorePace = 1.5;

    /// <summary>Runs the layouts of seeds from a first one on, each with some of its balls.</summary>
    /// <param name="table">The table.</param>
    /// <param name="first">The first seed.</param>
    /// <param name="count">How many.</param>
    /// <param name="balls">Balls of each that are met first, at most.</param>
    public static IndirectReport Run(TableInUse table, int first, int count, int balls)
    {
        var (windows, met, failures, gate) =
            (new Dictionary<IndirectWay, int>(), new Dictionary<IndirectWay, int>(), new List<string>(), new Lock());
        Parallel.For(
            first, first + count, Play.Processors, () => (new IndirectScan(table), new IndirectSolver(table)), (seed, _, pair) =>
            {
                var (layout, drawn) = Frames.Draw(seed, table);
                // Ways round are long: what is softer hardly ever comes to a pocket.
                var dials = drawn with { WhiteSpeed = drawn.WhiteSpeed + MorePace };
                foreach (var ball in layout.Balls.Select(placed => placed.Ball).Where(ball => ball != BallId.Cue).Reverse().Take(balls))
                {
                    var truths = pair.Item1.Windows(layout, ball, dials).GroupBy(window => window.Pot).ToList();
                    var found = pair.Item2.All(layout, ball, dials).ToDictionary(one => one.Pot);
                    lock (gate)
                    {
                        foreach (var truth in truths)
                        {
                            Count(windows, truth.Key.Way);
                            if (Differs([.. truth], found.GetValueOrDefault(truth.Key)) is { } cause)
                                failures.Add($"{truth.Key.Way}, {cause}: seed {seed}, {truth.Key}");
                            else Count(met, truth.Key.Way);
                        }
                    }
                }

                return pair;
            }, _ => { });
        failures.Sort(StringComparer.Ordinal);
        return new IndirectReport(windows, met, failures);
    }

    private static string? Differs(List<IndirectWindow> truths, IndirectSolution? found)
    {
        if (found is null) return $"not found ({1000 * truths.Max(truth => truth.Width):0.0} mm)";
        var (a, b) = (found.Window.Thick.HeadingRadians, found.Window.Thin.HeadingRadians);
        return truths.Exists(truth => IsNear(truth.From, Math.Min(a, b), truth.Metres) && IsNear(truth.To, Math.Max(a, b), truth.Metres))
            ? null : $"other edges ({1000 * found.Window.WidthAtPocket:0.0} mm and not "
                + $"{string.Join(" or ", truths.Select(truth => $"{1000 * truth.Width:0.0}"))})";

        static bool IsNear(double edge, double other, double metres) =>
            Math.Abs(Math.IEEERemainder(edge - other, Math.Tau)) * metres <= EdgeTolerance;
    }

    private static void Count(Dictionary<IndirectWay, int> counts, IndirectWay way) => counts[way] = counts.GetValueOrDefault(way) + 1;
}
