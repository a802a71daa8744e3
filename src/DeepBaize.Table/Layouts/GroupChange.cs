using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>What became of several balls that were moved together.</summary>
/// <param name="Balls">All balls on the table, in the order of their ids.</param>
/// <param name="Share">How much of the change was carried out, from 0 to 1.</param>
/// <param name="StoppedBy">What was in the way when not all of it could be carried out.</param>
public sealed record GroupResult(IReadOnlyList<PlacedBall> Balls, double Share, LayoutProblem? StoppedBy);

/// <summary>Moves, turns and mirrors several balls as one: their places to each other stay; they go as far as there is room.</summary>
public static class GroupChange
{
    private const int Steps = 200;
    private const int Halvings = 40;

    /// <summary>Moves balls along a way.</summary>
    /// <param name="layout">All balls.</param>
    /// <param name="chosen">Those that move.</param>
    /// <param name="along">Metres up the table.</param>
    /// <param name="across">Metres towards the green side.</param>
    /// <param name="outline">The table's outline.</param>
    public static GroupResult Move(Layout layout, IReadOnlySet<BallId> chosen, double along, double across, TableOutline outline) =>
        Farthest(layout, chosen, outline, share => place => place.Offset(along * share, across * share));

    /// <summary>Turns balls about the middle of them.</summary>
    /// <param name="layout">All balls.</param>
    /// <param name="chosen">Those that turn.</param>
    /// <param name="degrees">Degrees anticlockwise seen from above.</param>
    /// <param name="outline">The table's outline.</param>
    public static GroupResult Turn(Layout layout, IReadOnlySet<BallId> chosen, double degrees, TableOutline outline)
    {
        var middle = MiddleOf(layout, chosen);
        return Farthest(layout, chosen, outline, share =>
        {
            var (sin, cos) = Math.SinCos(degrees * share * Math.PI / 180);
            return place => middle.Offset(
                (place.X - middle.X) * cos - (place.Y - middle.Y) * sin, (place.X - middle.X) * sin + (place.Y - middle.Y) * cos);
        });
    }

    /// <summary>
    /// Mirrors balls about the line along the table through the middle of them; where there is no room they stay as they are.
    /// </summary>
    /// <param name="layout">All balls.</param>
    /// <param name="chosen">Those that are mirrored.</param>
    /// <param name="outline">The table's outline.</param>
    public static GroupResult Mirror(Layout layout, IReadOnlySet<BallId> chosen, TableOutline outline)
    {
        var middle = MiddleOf(layout, chosen);
        var mirrored = Apply(layout, chosen, place => place with { Y = 2 * middle.Y - place.Y });
        var blocked = Blocked(mirrored, layout.Gauge, outline);
        return blocked is null ? new(mirrored, 1, null) : new(layout.Balls, 0, blocked);
    }

    private static Place MiddleOf(Layout layout, IReadOnlySet<BallId> chosen)
    {
        var places = layout.Balls.Where(placed => chosen.Contains(placed.Ball)).Select(placed => placed.Place).ToList();
        return places.Count == 0
            ? throw new ArgumentException("None of the chosen balls is on the table.", nameof(chosen))
            : new Place(places.Average(place => place.X), places.Average(place => place.Y));
    }

    /// <summary>The largest share of a change, walked from its start, after which everything still has room.</summary>
    private static GroupResult Farthest(
        Layout layout, IReadOnlySet<BallId> chosen, TableOutline outline, Func<double, Func<Place, Place>> change)
    {
        var whole = Apply(layout, chosen, change(1));
        if (Blocked(whole, layout.Gauge, outline) is not { } blocked) return new(whole, 1, null);
        var good = 0.0;
        var bad = 1.0;
        for (var step = Steps - 1; step > 0; step--)
        {
            var share = (double)step / Steps;
            if (Blocked(Apply(layout, chosen, change(share)), layout.Gauge, outline) is { } nearer) (bad, blocked) = (share, nearer);
            else
            {
                good = share;
                break;
            }
        }

        for (var i = 0; i < Halvings; i++)
        {
            var middle = (good + bad) / 2;
            if (Blocked(Apply(layout, chosen, change(middle)), layout.Gauge, outline) is null) good = middle;
            else bad = middle;
        }

        return new(good == 0 ? layout.Balls : Apply(layout, chosen, change(good)), good, blocked);
    }

    private static List<PlacedBall> Apply(Layout layout, IReadOnlySet<BallId> chosen, Func<Place, Place> change) =>
        [.. layout.Balls.Select(placed => chosen.Contains(placed.Ball) ? placed with { Place = change(placed.Place).OnGrid() } : placed)];

    /// <summary>What is in the way, or null when everything has room.</summary>
    private static LayoutProblem? Blocked(IReadOnlyList<PlacedBall> balls, BallGauge gauge, TableOutline outline) =>
        LayoutRules.TryBuild(balls, outline, gauge, LayoutMode.Free, out var problems) is null ? problems[0] : null;
}
