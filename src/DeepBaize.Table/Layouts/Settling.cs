using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>Where a ball comes to stand when it is laid by hand.</summary>
/// <param name="Place">The legal place nearest to the wanted one, snapped to touching and to cushions.</param>
/// <param name="Touching">Balls that it touches there.</param>
/// <param name="Frozen">Cushions that it touches there.</param>
/// <param name="Moved">How far from the wanted place, in metres.</param>
public sealed record SettledPlace(Place Place, IReadOnlyList<BallId> Touching, IReadOnlyList<CushionId> Frozen, double Moved);

/// <summary>
/// Finds the place at which a dragged ball settles: never off the bed, never inside another ball, and exactly touching
/// when it is laid within <see cref="SnapDistance"/> of a ball or a cushion.
/// </summary>
public static class Settling
{
    /// <summary>How near, in metres, a ball must be laid to a ball or cushion to be put in touch with it.</summary>
    public const double SnapDistance = 0.003;

    private const double ContactSlack = 1e-9;

    /// <summary>Settles one ball among others.</summary>
    /// <param name="wanted">Where the hand holds it; anywhere, but finite.</param>
    /// <param name="others">The other balls on the table.</param>
    /// <param name="outline">The table's outline.</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <exception cref="ArgumentException">The wanted place is not finite.</exception>
    public static SettledPlace Settle(Place wanted, IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge)
    {
        ArgumentNullException.ThrowIfNull(others);
        ArgumentNullException.ThrowIfNull(outline);
        if (!wanted.IsFinite) throw new ArgumentException("The wanted place is not a pair of finite numbers.", nameof(wanted));

        var inset = gauge.CushionInset;
        var start = outline.IsOnBed(wanted, inset) ? wanted : ClampToBed(wanted, inset);
        var settled = Choose(start, others, outline, gauge);
        var touching = others
            .Where(other => other.Place.DistanceTo(settled) - gauge.Diameter <= Layout.TouchingGap)
            .Select(other => other.Ball)
            .Order()
            .ToList();
        return new SettledPlace(settled, touching, FrozenTo(settled, outline, inset), settled.DistanceTo(wanted));
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

    private static Place ClampToBed(Place wanted, double inset) => new(
        Math.Clamp(wanted.X, inset, Measurements.Length - inset),
        Math.Clamp(wanted.Y, inset, Measurements.Width - inset));

    private static Place Choose(Place start, IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge)
    {
        var single = new List<Place>();
        var corner = new List<Place>();
        CollectTouching(start, others, gauge, single, corner);
        var bySingle = Nearest(start, single.Where(IsLegal));
        var byCorner = Nearest(start, corner.Where(IsLegal));
        if (byCorner is { } snug && snug.DistanceTo(start) <= SnapDistance) return snug;
        if (bySingle is { } near && near.DistanceTo(start) <= SnapDistance) return near;
        if (IsLegal(start)) return start;
        return Nearest(start, new[] { bySingle, byCorner }.OfType<Place>()) ?? start;

        bool IsLegal(Place place) =>
            outline.IsOnBed(place, gauge.CushionInset)
            && others.All(other => other.Place.DistanceTo(place) >= gauge.Diameter - ContactSlack);
    }

    /// <summary>Collects places in touch with one thing (the nearest on it) and with two things (where both are touched).</summary>
    private static void CollectTouching(
        Place start, IReadOnlyList<PlacedBall> others, BallGauge gauge, List<Place> single, List<Place> corner)
    {
        var inset = gauge.CushionInset;
        double[] linesX = [inset, Measurements.Length - inset];
        double[] linesY = [inset, Measurements.Width - inset];
        single.AddRange(linesX.Select(x => start with { X = x }));
        single.AddRange(linesY.Select(y => start with { Y = y }));
        for (var i = 0; i < others.Count; i++)
        {
            var centre = others[i].Place;
            single.Add(centre.DistanceTo(start) > 0 ? centre.Towards(start, gauge.Diameter) : centre.Offset(-gauge.Diameter, 0));
            foreach (var x in linesX) CrossLine(x - centre.X, along => corner.Add(new Place(x, centre.Y + along)));
            foreach (var y in linesY) CrossLine(y - centre.Y, along => corner.Add(new Place(centre.X + along, y)));
            for (var j = i + 1; j < others.Count; j++) CrossCircles(centre, others[j].Place, gauge.Diameter, corner);
        }

        void CrossLine(double across, Action<double> add)
        {
            var square = gauge.Diameter * gauge.Diameter - across * across;
            if (square < 0) return;
            add(Math.Sqrt(square));
            add(-Math.Sqrt(square));
        }
    }

    private static void CrossCircles(Place a, Place b, double radius, List<Place> into)
    {
        var distance = a.DistanceTo(b);
        var square = radius * radius - distance * distance / 4;
        if (distance == 0 || square < 0) return;
        var rise = Math.Sqrt(square) / distance;
        var middle = new Place((a.X + b.X) / 2, (a.Y + b.Y) / 2);
        into.Add(middle.Offset(-(b.Y - a.Y) * rise, (b.X - a.X) * rise));
        into.Add(middle.Offset((b.Y - a.Y) * rise, -(b.X - a.X) * rise));
    }

    private static Place? Nearest(Place start, IEnumerable<Place> places) =>
        places.Cast<Place?>().MinBy(place => place!.Value.SquaredDistanceTo(start));
}
