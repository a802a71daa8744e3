using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>A pot with the same tip and pace and the butt at some height.</summary>
/// <param name="ElevationDegrees">How far the butt is raised.</param>
/// <param name="Solution">The aim with its room for error; null when the ball cannot be potted so.</param>
/// <param name="Stroke">The stroke as played; null as above.</param>
/// <param name="Refusal">Why not.</param>
public sealed record ButtWay(double ElevationDegrees, PotSolution? Solution, PlayedStroke? Stroke, NoPot? Refusal)
{
    /// <summary>
    /// How far in metres the white comes back from the contact against the cue's direction before it meets anything; 0 when it does not.
    /// </summary>
    public double Back
    {
        get
        {
            if (Stroke is not { White.Pieces: [var first, ..] pieces } played) return 0;
            var (sin, cos) = Math.SinCos(played.Strike.DirectionRadians);
            var meets = played.White.Meetings is [var next, ..] ? next.Where : (Place?)null;
            var back = 0.0;
            foreach (var piece in pieces)
            {
                back = Math.Max(back, (first.Start.X - piece.End.X) * cos + (first.Start.Y - piece.End.Y) * sin);
                if (meets is { } there && piece.End.DistanceTo(there) < 1e-6) break;
            }

            return back;
        }
    }
}

/// <summary>The same stroke with a level cue and with the butt up: what digging down does.</summary>
public static class ButtWays
{
    /// <summary>Least elevation in degrees that is worth comparing with a level cue (estimate).</summary>
    public const double LeastRaised = 5;

    /// <summary>Elevation in degrees that is compared when the butt is not raised: what many do without meaning to (estimate).</summary>
    public const double UsualRaised = 15;

    /// <summary>
    /// The stroke with as level a cue as the place allows, and with the butt as it is raised or, when it is not, a usual way up.
    /// </summary>
    /// <param name="player">The table.</param>
    /// <param name="layout">The balls.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">The stroke.</param>
    public static (ButtWay Level, ButtWay Raised) Of(StrokePlayer player, Layout layout, Pot pot, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(player);
        ArgumentNullException.ThrowIfNull(layout);
        var given = dials.ElevationRadians * 180 / Math.PI;
        return (At(0), At(given >= LeastRaised ? given : UsualRaised));

        ButtWay At(double degrees)
        {
            var answer = player.Solver.Solve(layout, pot, dials with { ElevationRadians = degrees * Math.PI / 180 });
            var stroke = answer.Solution is { } solution ? player.Play(layout, pot, solution.Strike) : null;
            if (stroke is { Strike.ElevationRadians: var raised }) degrees = raised * 180 / Math.PI;
            return new ButtWay(degrees, answer.Solution, stroke, answer.Refusal);
        }
    }
}
