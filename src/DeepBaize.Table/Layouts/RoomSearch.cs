using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>Looks for the places near a wanted one at which a ball can stand among others.</summary>
internal sealed class RoomSearch(IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge, bool inHand)
{
    private const double ContactSlack = 1e-9;

    /// <summary>The nearest place on the bed, or in the D, whatever stands there.</summary>
    public Place Clamp(Place wanted)
    {
        if (inHand) return TheD.Clamp(wanted);
        var inset = gauge.CushionInset;
        return outline.IsOnBed(wanted, inset)
            ? wanted
            : new Place(Math.Clamp(wanted.X, inset, Measurements.Length - inset), Math.Clamp(wanted.Y, inset, Measurements.Width - inset));
    }

    /// <summary>The nearest place at which there is room; the start itself when there is none at all.</summary>
    public Place Nearest(Place start)
    {
        if (HasRoom(start)) return start;
        var (single, corner) = Touching(start);
        return Best(start, single.Concat(corner)) ?? start;
    }

    /// <summary>The place to which something near draws the ball, and what; null when nothing is near.</summary>
    public (Place Place, SnapKind Kind)? Drawn(Place start)
    {
        var (single, corner) = Touching(start);
        if (Within(start, corner) is { } snug) return (snug, KindOf(snug));
        if (Within(start, single) is { } near) return (near, KindOf(near));
        if (Within(start, BallSet.Colours.Select(colour => Spots.Of(colour)!.Value)) is { } spot) return (spot, SnapKind.Spot);
        return Within(start, [start with { Y = Measurements.CentreLine }]) is { } line ? (line, SnapKind.SpotLine) : null;
    }

    private SnapKind KindOf(Place place) =>
        others.Any(other => other.Place.DistanceTo(place) - gauge.Diameter <= Layout.TouchingGap) ? SnapKind.Touching : SnapKind.Cushion;

    private Place? Within(Place start, IEnumerable<Place> places) =>
        Best(start, places) is { } best && best.DistanceTo(start) <= Settling.SnapDistance ? best : null;

    private Place? Best(Place start, IEnumerable<Place> places) =>
        places.Where(HasRoom).Cast<Place?>().MinBy(place => place!.Value.SquaredDistanceTo(start));

    private bool HasRoom(Place place) =>
        outline.IsOnBed(place, gauge.CushionInset)
        && (!inHand || TheD.Contains(place))
        && others.All(other => other.Place.DistanceTo(place) >= gauge.Diameter - ContactSlack);

    /// <summary>Places in touch with one thing (the nearest on it) and with two things (where both are touched).</summary>
    private (List<Place> Single, List<Place> Corner) Touching(Place start)
    {
        var single = new List<Place>();
        var corner = new List<Place>();
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
            for (var j = i + 1; j < others.Count; j++) CrossCircles(centre, others[j].Place, corner);
            if (inHand) corner.AddRange(TheD.AtDistance(centre, gauge.Diameter));
        }

        return (single, corner);

        void CrossLine(double across, Action<double> add)
        {
            var square = gauge.Diameter * gauge.Diameter - across * across;
            if (square < 0) return;
            add(Math.Sqrt(square));
            add(-Math.Sqrt(square));
        }
    }

    private void CrossCircles(Place a, Place b, List<Place> into)
    {
        var distance = a.DistanceTo(b);
        var square = gauge.Diameter * gauge.Diameter - distance * distance / 4;
        if (distance == 0 || square < 0) return;
        var rise = Math.Sqrt(square) / distance;
        var middle = new Place((a.X + b.X) / 2, (a.Y + b.Y) / 2);
        into.Add(middle.Offset(-(b.Y - a.Y) * rise, (b.X - a.X) * rise));
        into.Add(middle.Offset((b.Y - a.Y) * rise, -(b.X - a.X) * rise));
    }
}
