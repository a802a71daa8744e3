using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Web.Shots;

/// <summary>
/// Joins the many tiny pieces of path that balls make while they press on each other: a run of them, up to a hundredth of
/// a second, becomes one straight piece between its true ends.
/// </summary>
internal static class PieceJoiner
{
    private const double LongestRun = 0.01;

    public static IEnumerable<PathSegment> Join(IEnumerable<PathSegment> pieces)
    {
        PathSegment? run = null;
        foreach (var piece in pieces)
        {
            if (run is { EndsInTremble: true } && piece.EndTime - run.StartTime <= LongestRun)
            {
                run = Bridge(run, piece);
                continue;
            }

            if (run is not null) yield return run;
            run = piece;
        }

        if (run is not null) yield return run;
    }

    private static PathSegment Bridge(PathSegment run, PathSegment piece) => run with
    {
        EndTime = piece.EndTime,
        Control = new Place((run.Start.X + piece.End.X) / 2, (run.Start.Y + piece.End.Y) / 2),
        End = piece.End,
        EndsInTremble = piece.EndsInTremble,
    };
}
