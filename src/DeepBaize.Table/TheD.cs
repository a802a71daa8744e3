namespace DeepBaize.Table;

/// <summary>The D: the half circle behind the baulk line from which a white in hand is played, its lines included.</summary>
public static class TheD
{
    private const double Slack = 1e-9;

    /// <summary>The middle of its straight side.</summary>
    public static Place Centre { get; } = new(Measurements.BaulkLine, Measurements.CentreLine);

    /// <summary>True when a ball's centre is on or within the lines.</summary>
    public static bool Contains(Place place) =>
        place.X <= Measurements.BaulkLine + Slack && place.DistanceTo(Centre) <= Measurements.DRadius + Slack;

    /// <summary>The place on or within the lines that is nearest.</summary>
    public static Place Clamp(Place place)
    {
        if (place.X > Measurements.BaulkLine)
        {
            var across = Math.Clamp(place.Y - Centre.Y, -Measurements.DRadius, Measurements.DRadius);
            return new Place(Measurements.BaulkLine, Centre.Y + across);
        }

        return place.DistanceTo(Centre) <= Measurements.DRadius ? place : Centre.Towards(place, Measurements.DRadius);
    }

    /// <summary>Places on the lines at a distance from another place: where a white in hand touches a ball and a line.</summary>
    /// <param name="from">The other place.</param>
    /// <param name="distance">The distance in metres, more than 0.</param>
    public static IEnumerable<Place> AtDistance(Place from, double distance)
    {
        var ahead = Measurements.BaulkLine - from.X;
        if (Math.Abs(ahead) <= distance)
        {
            var along = Math.Sqrt(distance * distance - ahead * ahead);
            yield return new Place(Measurements.BaulkLine, from.Y + along);
            yield return new Place(Measurements.BaulkLine, from.Y - along);
        }

        var apart = from.DistanceTo(Centre);
        if (apart == 0 || apart > Measurements.DRadius + distance || apart < Math.Abs(Measurements.DRadius - distance)) yield break;
        var near = (apart * apart + Measurements.DRadius * Measurements.DRadius - distance * distance) / (2 * apart);
        var rise = Math.Sqrt(Math.Max(0, Measurements.DRadius * Measurements.DRadius - near * near)) / apart;
        var foot = Centre.Towards(from, near);
        yield return foot.Offset(-(from.Y - Centre.Y) * rise, (from.X - Centre.X) * rise);
        yield return foot.Offset((from.Y - Centre.Y) * rise, -(from.X - Centre.X) * rise);
    }
}
