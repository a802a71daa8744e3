namespace DeepBaize.Table;

/// <summary>
/// A point on the bed in metres. x runs up the table from the baulk cushion nose, y to the left (seen from baulk)
/// from the yellow-side cushion nose.
/// </summary>
/// <param name="X">Metres up the table from the nose of the baulk cushion.</param>
/// <param name="Y">Metres from the nose of the yellow-side cushion towards the green side.</param>
public readonly record struct Place(double X, double Y)
{
    /// <summary>True when both coordinates are finite numbers.</summary>
    public bool IsFinite => double.IsFinite(X) && double.IsFinite(Y);

    /// <summary>Straight-line distance to another place, in metres.</summary>
    public double DistanceTo(Place other) => Math.Sqrt(SquaredDistanceTo(other));

    /// <summary>Squared distance to another place, in square metres.</summary>
    public double SquaredDistanceTo(Place other)
    {
        var dx = X - other.X;
        var dy = Y - other.Y;
        return dx * dx + dy * dy;
    }

    /// <summary>Heading in radians of the line to another place, from -pi to pi; 0 when the two coincide.</summary>
    public double HeadingTo(Place other) => Math.Atan2(other.Y - Y, other.X - X);

    /// <summary>The place a given way from this one, in metres.</summary>
    public Place Offset(double dx, double dy) => new(X + dx, Y + dy);

    /// <summary>The place at a given distance from this one on the line towards another.</summary>
    /// <exception cref="InvalidOperationException">The two places coincide, so that there is no line.</exception>
    public Place Towards(Place other, double distance)
    {
        var length = DistanceTo(other);
        if (length == 0) throw new InvalidOperationException("Two places that coincide give no direction.");
        var share = distance / length;
        return new Place(X + (other.X - X) * share, Y + (other.Y - Y) * share);
    }

    /// <summary>
    /// The place seen in the mirror along the middle of the table. Mirrored twice it is the same bit for bit when it is
    /// <see cref="OnGrid"/>; any other comes back within 2^-52 m.
    /// </summary>
    public Place Mirrored()
    {
        var place = OnGrid();
        return place with { Y = Measurements.Width - place.Y };
    }

    /// <summary>
    /// The nearest place whose coordinates are whole multiples of 2^-52 m: all that a double can hold between 1 m and 2 m,
    /// so that measuring from the other side of the table loses nothing.
    /// </summary>
    public Place OnGrid()
    {
        const double perMetre = 1L << 52;
        return new Place(Math.Round(X * perMetre) / perMetre, Math.Round(Y * perMetre) / perMetre);
    }
}
