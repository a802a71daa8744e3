using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Escapes;

/// <summary>Neighbouring directions that bring the white to a ball that is on by the same cushions.</summary>
/// <param name="Dials">How it is struck.</param>
/// <param name="From">The rightmost direction in radians.</param>
/// <param name="To">The leftmost, more than <paramref name="From"/>.</param>
/// <param name="Way">The way.</param>
/// <param name="Ball">The ball that is met from the middle of the window.</param>
public readonly record struct EscapeWindow(Dials Dials, double From, double To, RouteWay Way, BallId Ball)
{
    /// <summary>Its middle.</summary>
    public double Middle => (From + To) / 2;

    /// <summary>Its width in radians.</summary>
    public double Width => To - From;
}

/// <summary>
/// Sweeps a table: strokes in all directions are played until the white meets a ball; neighbours that come to a ball that is on by the same
/// cushions are one window, whose edges are found by halving.
/// </summary>
/// <param name="table">The table.</param>
/// <param name="threads">Threads at most; what is found does not depend on it.</param>
public sealed class EscapeSweep(TableInUse table, int threads = 1)
{
    /// <summary>Directions all round: a tenth of a degree apart, so that no window of 2 mrad lies between them.</summary>
    public const int Directions = 3600;

    /// <summary>Directions that are looked at as one piece of work.</summary>
    private const int Piece = 120;

    private const int Halvings = 12;

    private readonly Workers<RouteScan> _scans = new([.. Enumerable.Range(0, Math.Max(1, threads)).Select(_ => new RouteScan(table))]);

    /// <summary>Strokes played so far.</summary>
    public int Played => _scans.All.Sum(scan => scan.Played);

    /// <summary>The windows of some ways of striking.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="on">The balls that may be met first.</param>
    /// <param name="strokes">How it is struck.</param>
    /// <param name="directions">Directions all round.</param>
    /// <param name="cancel">Stops between pieces of work.</param>
    /// <returns>The windows, those of a stroke together, in the order of their directions.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<EscapeWindow> Find(
        Layout layout, IReadOnlySet<BallId> on, IReadOnlyList<Dials> strokes, int directions = Directions,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(on);
        ArgumentNullException.ThrowIfNull(strokes);
        ArgumentOutOfRangeException.ThrowIfLessThan(directions, 1);
        var met = new FirstMet[strokes.Count][];
        for (var i = 0; i < met.Length; i++) met[i] = new FirstMet[directions];
        var pieces = (directions + Piece - 1) / Piece;
        _scans.Share(strokes.Count * pieces, (scan, work) =>
        {
            var (stroke, first) = (work / pieces, work % pieces * Piece);
            for (var i = first; i < Math.Min(directions, first + Piece); i++)
                met[stroke][i] = scan.Look(layout, strokes[stroke], Heading(i, directions));
        }, cancel);

        var runs = Enumerable.Range(0, strokes.Count)
            .SelectMany(i => Runs(met[i], on).Select(run => (Stroke: i, run.From, run.To))).ToList();
        var windows = new EscapeWindow[runs.Count];
        _scans.Share(runs.Count, (scan, i) =>
        {
            var (stroke, from, to) = runs[i];
            windows[i] = Refine(scan, layout, on, strokes[stroke], met[stroke][from % directions].Way, (from, to), directions);
        }, cancel);
        return windows;
    }

    private static double Heading(int i, int directions) => Math.Tau * i / directions;

    /// <summary>Neighbouring directions, the last maybe beyond a whole turn, that come to a ball that is on by the same way.</summary>
    private static IEnumerable<(int From, int To)> Runs(FirstMet[] met, IReadOnlySet<BallId> on)
    {
        var count = met.Length;
        // Begin where a run begins, so that none is cut by the turn.
        var start = Enumerable.Range(0, count).FirstOrDefault(i => !IsSame(i, i + count - 1), -1);
        if (start < 0) yield break;
        for (var i = start; i < start + count;)
        {
            var from = i++;
            while (i < start + count && IsSame(i, from)) i++;
            if (IsHit(from)) yield return (from, i - 1);
        }

        bool IsHit(int i) => met[i % count] is { Ball: { } ball, Way.Cushions: <= RouteWay.MostCushions } && on.Contains(ball);

        bool IsSame(int i, int j) => IsHit(i) && IsHit(j) ? met[i % count].Way == met[j % count].Way : !IsHit(i) && !IsHit(j);
    }

    private static EscapeWindow Refine(
        RouteScan scan, Layout layout, IReadOnlySet<BallId> on, Dials dials, RouteWay way, (int From, int To) run, int directions)
    {
        var (from, to) = (Edge(run.From, -1), Edge(run.To, 1));
        var ball = scan.Look(layout, dials, (from + to) / 2).Ball;
        return new EscapeWindow(dials, from, to, way, ball is { } met && on.Contains(met) ? met : on.First());

        double Edge(int inside, int step)
        {
            var (hits, misses) = (Heading(inside, directions), Heading(inside + step, directions));
            for (var i = 0; i < Halvings; i++)
            {
                var between = (hits + misses) / 2;
                if (scan.Look(layout, dials, between) is { Ball: { } ball } met && on.Contains(ball) && met.Way == way) hits = between;
                else misses = between;
            }

            return hits;
        }
    }
}
