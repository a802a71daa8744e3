namespace DeepBaize.Table.Outline;

/// <summary>
/// A straight piece of rubber that runs along one axis: a cushion's nose line, or the facing behind a jaw.
/// </summary>
/// <param name="Cushion">The cushion it belongs to.</param>
/// <param name="Pocket">The pocket whose facing it is; null for a nose line.</param>
/// <param name="AlongX">True when it runs along x (its place is a value of y), false when along y.</param>
/// <param name="At">Its fixed coordinate in metres.</param>
/// <param name="From">Lower end of its run in metres.</param>
/// <param name="To">Upper end of its run in metres.</param>
/// <param name="Inward">+1 when balls are on the side of greater coordinates, -1 when on the side of smaller ones.</param>
public sealed record RubberLine(CushionId Cushion, PocketId? Pocket, bool AlongX, double At, double From, double To, int Inward)
{
    /// <summary>Where it begins.</summary>
    public Place Start => AlongX ? new Place(From, At) : new Place(At, From);

    /// <summary>Where it ends.</summary>
    public Place End => AlongX ? new Place(To, At) : new Place(At, To);
}

/// <summary>
/// A jaw: a quarter circle of rubber, tangent to its cushion's nose line, that curves away into the pocket.
/// </summary>
/// <param name="Pocket">The pocket that it guards.</param>
/// <param name="Cushion">The cushion from which it curves.</param>
/// <param name="Centre">Centre of the quarter circle, behind the nose.</param>
/// <param name="Radius">Radius in metres.</param>
/// <param name="TowardsTable">Unit direction (along x or y) from the centre to the tangent point on the nose line.</param>
/// <param name="TowardsPocket">Unit direction (along x or y) from the centre to the end of the quarter in the pocket.</param>
public sealed record JawArc(PocketId Pocket, CushionId Cushion, Place Centre, double Radius, Place TowardsTable, Place TowardsPocket)
{
    /// <summary>The point where the jaw leaves the nose line.</summary>
    public Place TangentPoint => Centre.Offset(TowardsTable.X * Radius, TowardsTable.Y * Radius);

    /// <summary>The point where the quarter circle ends inside the pocket.</summary>
    public Place InnerEnd => Centre.Offset(TowardsPocket.X * Radius, TowardsPocket.Y * Radius);

    /// <summary>True when the direction from the centre to a place lies within the quarter (to 1e-9 m either way).</summary>
    public bool Faces(double x, double y)
    {
        const double slack = -1e-9;
        var dx = x - Centre.X;
        var dy = y - Centre.Y;
        return dx * TowardsTable.X + dy * TowardsTable.Y >= slack && dx * TowardsPocket.X + dy * TowardsPocket.Y >= slack;
    }
}
