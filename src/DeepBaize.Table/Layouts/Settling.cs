using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>What drew a ball that was laid near it.</summary>
public enum SnapKind
{
    /// <summary>Nothing: it stands where it was laid, or where there was room.</summary>
    None,

    /// <summary>A ball, which it now touches.</summary>
    Touching,

    /// <summary>A cushion, to which it is now frozen.</summary>
    Cushion,

    /// <summary>A spot.</summary>
    Spot,

    /// <summary>The line of the spots.</summary>
    SpotLine,
}

/// <summary>How a ball is laid.</summary>
/// <param name="Snaps">True when things near it draw it; false for fine nudges.</param>
/// <param name="InHand">True when it is the white in hand: it stays on or within the D.</param>
/// <param name="Reach">
/// How near in metres it must be laid to a thing to be drawn to it; kept between <see cref="Settling.LeastReach"/> and
/// <see cref="Settling.MostReach"/>.
/// </param>
public sealed record LayingManner(bool Snaps = true, bool InHand = false, double Reach = Settling.LeastReach);

/// <summary>Where a ball comes to stand when it is laid by hand.</summary>
/// <param name="Place">The legal place nearest to the wanted one, snapped to what is near.</param>
/// <param name="Touching">Balls that it touches there.</param>
/// <param name="Frozen">Cushions that it touches there.</param>
/// <param name="Moved">How far from the wanted place, in metres.</param>
/// <param name="Snap">What drew it.</param>
/// <param name="Loose">Where it would stand if nothing had drawn it.</param>
public sealed record SettledPlace(
    Place Place, IReadOnlyList<BallId> Touching, IReadOnlyList<CushionId> Frozen, double Moved, SnapKind Snap, Place Loose);

/// <summary>
/// Finds the place at which a dragged ball settles: never off the bed, never inside another ball, and exactly touching, frozen, on a spot
/// or on the line of the spots when it is laid within reach of that.
/// </summary>
public static class Settling
{
    /// <summary>The least distance in metres from which things draw a ball: less is under a pixel of most screens.</summary>
    public const double LeastReach = 0.008;

    /// <summary>The greatest: a quarter of a ball.</summary>
    public const double MostReach = 0.013;

    /// <summary>Settles one ball among others.</summary>
    /// <param name="wanted">Where the hand holds it; anywhere, but finite.</param>
    /// <param name="others">The other balls on the table.</param>
    /// <param name="outline">The table's outline.</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <param name="manner">How it is laid; absent, things near it draw it.</param>
    /// <exception cref="ArgumentException">The wanted place is not finite.</exception>
    public static SettledPlace Settle(
        Place wanted, IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge, LayingManner? manner = null)
    {
        ArgumentNullException.ThrowIfNull(others);
        ArgumentNullException.ThrowIfNull(outline);
        if (!wanted.IsFinite) throw new ArgumentException("The wanted place is not a pair of finite numbers.", nameof(wanted));

        var how = manner ?? new LayingManner();
        var search = new RoomSearch(wanted, others, outline, gauge, how);
        var loose = search.Nearest().OnGrid();
        var (settled, snap) = how.Snaps ? search.Drawn() ?? (loose, SnapKind.None) : (loose, SnapKind.None);
        settled = settled.OnGrid();
        var touching = others
            .Where(other => other.Place.DistanceTo(settled) - gauge.Diameter <= Layout.TouchingGap)
            .Select(other => other.Ball)
            .Order()
            .ToList();
        return new SettledPlace(
            settled, touching, FrozenTo(settled, outline, gauge.CushionInset), settled.DistanceTo(wanted), snap, loose);
    }

    /// <summary>The cushions that a ball at this place touches.</summary>
    public static IReadOnlyList<CushionId> FrozenTo(Place place, TableOutline outline, double inset)
    {
        ArgumentNullException.ThrowIfNull(outline);
        return [.. outline.Noses
            .Where(nose =>
            {
                var (across, along) = nose.AlongX ? (place.Y, place.X) : (place.X, place.Y);
                return along >= nose.From && along <= nose.To
                    && (across - nose.At) * nose.Inward - inset <= Layout.TouchingGap;
            })
            .Select(nose => nose.Cushion)
            .Distinct()];
    }
}
