using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>Looks for the places near a wanted one at which a ball can stand among others.</summary>
internal sealed class RoomSearch
{
    private const double ContactSlack = 1e-9;

    /// <summary>Gap in metres that is left round a white in hand: nobody lays it touching.</summary>
    private const double HandGap = 0.002;

    private readonly IReadOnlyList<PlacedBall> _others;
    private readonly TableOutline _outline;
    private readonly BallGauge _gauge;
    private readonly bool _inHand;
    private readonly double _apart;
    private readonly double _reach;
    private readonly Place _start;
    private readonly Lazy<(List<Place> Single, List<Place> Corner)> _touching;

    public RoomSearch(Place wanted, IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge, LayingManner manner)
    {
        (_others, _outline, _gauge, _inHand) = (others, outline, gauge, manner.InHand);
        _apart = gauge.Diameter + (manner.InHand ? HandGap : 0);
        _reach = Math.Clamp(manner.Reach, Settling.LeastReach, Settling.MostReach);
        _start = Clamp(wanted);
        _touching = new(Touching);
    }

    /// <summary>The nearest place at which there is room; the nearest on the bed, or in the D, when there is none at all.</summary>
    public Place Nearest() => HasRoom(_start) ? _start : Best(_touching.Value.Single.Concat(_touching.Value.Corner)) ?? _start;

    /// <summary>The place to which something near draws the ball, and what; null when nothing is near.</summary>
    public (Place Place, SnapKind Kind)? Drawn()
    {
        if (!_inHand && Within(_touching.Value.Corner) is { } snug) return (snug, KindOf(snug));
        if (!_inHand && Within(_touching.Value.Single) is { } near) return (near, KindOf(near));
        if (Within(BallSet.Colours.Select(colour => Spots.Of(colour)!.Value)) is { } spot) return (spot, SnapKind.Spot);
        return Within([_start with { Y = Measurements.CentreLine }]) is { } line ? (line, SnapKind.SpotLine) : null;
    }

    private Place Clamp(Place wanted)
    {
        if (_inHand) return TheD.Clamp(wanted);
        var inset = _gauge.CushionInset;
        return _outline.IsOnBed(wanted, inset)
            ? wanted
            : new Place(Math.Clamp(wanted.X, inset, Measurements.Length - inset), Math.Clamp(wanted.Y, inset, Measurements.Width - inset));
    }

    private SnapKind KindOf(Place place) =>
        _others.Any(other => other.Place.DistanceTo(place) - _gauge.Diameter <= Layout.TouchingGap) ? SnapKind.Touching : SnapKind.Cushion;

    private Place? Within(IEnumerable<Place> places) =>
        Best(places) is { } best && best.DistanceTo(_start) <= _reach ? best : null;

    private Place? Best(IEnumerable<Place> places) =>
        places.Where(HasRoom).Cast<Place?>().MinBy(place => place!.Value.SquaredDistanceTo(_start));

    private bool HasRoom(Place place) =>
        _outline.IsOnBed(place, _gauge.CushionInset)
        && (!_inHand || TheD.Contains(place))
        && _others.All(other => other.Place.DistanceTo(place) >= _apart - ContactSlack);

    /// <summary>Places in touch with one thing (the nearest on it) and with two things (where both are touched).</summary>
    private (List<Place> Single, List<Place> Corner) Touching()
    {
        var single = new List<Place>();
        var corner = new List<Place>();
        var inset = _gauge.CushionInset;
        double[] linesX = [inset, Measurements.Length - inset];
        double[] linesY = [inset, Measurements.Width - inset];
        single.AddRange(linesX.Select(x => _start with { X = x }));
        single.AddRange(linesY.Select(y => _start with { Y = y }));
        for (var i = 0; i < _others.Count; i++)
        {
            var centre = _others[i].Place;
            single.Add(centre.DistanceTo(_start) > 0 ? centre.Towards(_start, _apart) : centre.Offset(-_apart, 0));
            foreach (var x in linesX) CrossLine(x - centre.X, along => corner.Add(new Place(x, centre.Y + along)));
            foreach (var y in linesY) CrossLine(y - centre.Y, along => corner.Add(new Place(centre.X + along, y)));
            for (var j = i + 1; j < _others.Count; j++) CrossCircles(centre, _others[j].Place, corner);
            if (_inHand) corner.AddRange(TheD.AtDistance(centre, _apart));
        }

        return (single, corner);

        void CrossLine(double across, Action<double> add)
        {
            var square = _apart * _apart - across * across;
            if (square < 0) return;
            add(Math.Sqrt(square));
            add(-Math.Sqrt(square));
        }
    }

    private void CrossCircles(Place a, Place b, List<Place> into)
    {
        var distance = a.DistanceTo(b);
        var square = _apart * _apart - distance * distance / 4;
        if (distance == 0 || square < 0) return;
        var rise = Math.Sqrt(square) / distance;
        var middle = new Place((a.X + b.X) / 2, (a.Y + b.Y) / 2);
        into.Add(middle.Offset(-(b.Y - a.Y) * rise, (b.X - a.X) * rise));
        into.Add(middle.Offset((b.Y - a.Y) * rise, -(b.X - a.X) * rise));
    }
}
