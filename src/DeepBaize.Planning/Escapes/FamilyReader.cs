using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Escapes;

/// <summary>
/// Finds the family of a way: the places of the white from which the same stroke at the same point on the cushion still meets a ball that
/// is on by the same cushions.
/// </summary>
/// <param name="table">The table.</param>
internal sealed class FamilyReader(TableInUse table)
{
    /// <summary>From one place to the next, in metres.</summary>
    public const double Step = 0.06;

    private readonly RouteScan _scan = new(table);

    /// <summary>Strokes played so far.</summary>
    public int Played => _scan.Played;

    /// <summary>The places; none for a way without a cushion.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="on">The balls that may be met first.</param>
    /// <param name="route">The way.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<Place> Read(Layout layout, IReadOnlySet<BallId> on, EscapeRoute route, CancellationToken cancel)
    {
        if (route.First is not { } first) return [];
        var (window, point, found) = (route.Window, first.Point, new List<Place>());
        // What side and swerve ask beside the straight line to the point.
        var allowance = window.Middle - layout[BallId.Cue]!.Value.HeadingTo(point);
        List<PlacedBall> others = [.. layout.Balls.Where(placed => placed.Ball != BallId.Cue)];
        for (var x = layout.Gauge.Diameter; x < Measurements.Length - layout.Gauge.Diameter; x += Step)
        {
            cancel.ThrowIfCancellationRequested();
            for (var y = layout.Gauge.Diameter; y < Measurements.Width - layout.Gauge.Diameter; y += Step)
            {
                var place = new Place(x, y);
                if (place.DistanceTo(point) < Step || Put(layout, others, place) is not { } moved) continue;
                var met = _scan.Look(moved, window.Dials, place.HeadingTo(point) + allowance);
                if (met.Way == window.Way && met.Ball is { } ball && on.Contains(ball)) found.Add(place);
            }
        }

        return found;
    }

    private Layout? Put(Layout layout, List<PlacedBall> others, Place white) =>
        others.TrueForAll(placed => placed.Place.DistanceTo(white) >= layout.Gauge.Diameter)
            ? LayoutRules.TryBuild([new(BallId.Cue, white), .. others], table.Outline, layout.Gauge, LayoutMode.Free, out _) : null;
}
