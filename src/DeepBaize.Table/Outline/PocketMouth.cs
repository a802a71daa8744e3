namespace DeepBaize.Table.Outline;

/// <summary>
/// One pocket: its jaws, the facings behind them and the edge at which the slate falls away.
/// </summary>
/// <param name="Pocket">Which pocket.</param>
/// <param name="Axis">Unit direction from the table into the pocket.</param>
/// <param name="ThroatMiddle">Middle of the throat line of a corner, of the nose line across a middle pocket.</param>
/// <param name="DropCentre">Centre of the circle along which the slate falls away.</param>
/// <param name="DropRadius">Radius of that circle in metres.</param>
/// <param name="Jaws">The two jaws.</param>
/// <param name="Facings">
/// The two straight pieces behind the jaws, each going on along its jaw's last tangent. In the usual cuts balls drop before they reach
/// them.
/// </param>
public sealed record PocketMouth(
    PocketId Pocket,
    Place Axis,
    Place ThroatMiddle,
    Place DropCentre,
    double DropRadius,
    IReadOnlyList<JawArc> Jaws,
    IReadOnlyList<RubberLine> Facings)
{
    /// <summary>
    /// True when a ball whose centre is here has fallen: within the drop circle, or behind the line through the
    /// circle's centre across the pocket's axis.
    /// </summary>
    public bool HasFallen(Place centre) =>
        centre.SquaredDistanceTo(DropCentre) < DropRadius * DropRadius || DepthBehindDropCentre(centre) > 0;

    /// <summary>Metres along the axis from the drop circle's centre; positive behind it.</summary>
    public double DepthBehindDropCentre(Place place) =>
        (place.X - DropCentre.X) * Axis.X + (place.Y - DropCentre.Y) * Axis.Y;
}
