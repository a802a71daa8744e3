using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Escapes;

/// <summary>Reads what of the balls that are on can be hit straight, and what is in the way.</summary>
/// <param name="table">The table.</param>
public sealed class SnookerReader(TableInUse table)
{
    private readonly Sight _sight = new(table.Outline, table.Conditions.Gauge);

    /// <summary>True when no ball that is on can be hit on both its edges; never with a free ball, since any may be played at.</summary>
    /// <param name="frame">The frame.</param>
    public bool IsSnookered(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return !frame.IsFreeBall && _sight.IsSnookered(frame);
    }

    /// <summary>The balls that are on, the nearest first; none while the white is in hand.</summary>
    /// <param name="frame">The frame.</param>
    public IReadOnlyList<SeenBall> Read(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.White is not { } white) return [];
        var on = frame.Playable.ToHashSet();
        List<PlacedBall> others = [.. frame.ObjectBalls.Where(placed => !on.Contains(placed.Ball))];
        return
        [
            .. frame.ObjectBalls.Where(placed => on.Contains(placed.Ball)).OrderBy(placed => white.DistanceTo(placed.Place))
                .Select(placed => Look(white, placed, others)),
        ];
    }

    private SeenBall Look(Place white, PlacedBall target, List<PlacedBall> others)
    {
        var sight = _sight.Of(white, target.Place, [.. others.Select(other => other.Place)]);
        var blockers = sight.BothEdges && sight.FullBall
            ? []
            : others.Where(other => IsInTheWay(white, target.Place, other.Place)).Select(other => other.Ball).ToList();
        return new SeenBall(
            target.Ball, sight, white.DistanceTo(target.Place) - table.Diameter <= Layout.TouchingGap, blockers);
    }

    private bool IsInTheWay(Place white, Place target, Place other)
    {
        var alone = _sight.Of(white, target, [other]);
        return !alone.BothEdges || !alone.FullBall;
    }
}
