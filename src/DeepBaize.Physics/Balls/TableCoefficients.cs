namespace DeepBaize.Physics.Balls;

/// <summary>
/// Cloth and cushions of one table. The defaults are those of the house club table; all are from memory and are
/// adjustable estimates unless a source is named.
/// </summary>
public sealed record TableCoefficients
{
    /// <summary>Friction between a slipping ball and the cloth, 0 to 1 (published for snooker cloth: 0.178-0.245, Mathavan, Jackson and Parkin 2009).</summary>
    public double SlidingFriction { get; init; } = 0.21;

    /// <summary>Deceleration of a rolling ball divided by g, 0 to 0.1 (0.0127 in Mathavan, Jackson and Parkin 2009).</summary>
    public double RollingFriction { get; init; } = 0.011;

    /// <summary>Loss of vertical spin in rad/s^2, 0 to 200 (5-15 quoted for pool cloth).</summary>
    public double SpinDeceleration { get; init; } = 10;

    /// <summary>Acceleration of free fall in m/s^2, above 0 to 30.</summary>
    public double Gravity { get; init; } = 9.81;

    /// <summary>Restitution of a ball that lands on the bed, 0 to 1. Not used until balls can leave the bed.</summary>
    public double BedRestitution { get; init; } = 0.5;

    /// <summary>Energetic restitution e0 of the cushions at vanishing speed, 0 to 1 (0.98 in Mathavan, Jackson and Parkin 2010).</summary>
    public double CushionRestitution { get; init; } = 0.98;

    /// <summary>Loss k of restitution per m/s of normal speed, e = e0 - k v and never below 0; 0 to 1 s/m (chosen so that pace 10 runs about 3.9 lengths).</summary>
    public double CushionRestitutionLoss { get; init; } = 0.008;

    /// <summary>Friction between ball and cushion, 0 up to the tangent of the nose's lean (0.14 in Mathavan, Jackson and Parkin 2010).</summary>
    public double CushionFriction { get; init; } = 0.14;

    /// <summary>Height of the cushion's nose above the bed in metres, from the ball's radius to 1.5 radii.</summary>
    public double NoseHeight { get; init; } = 0.03675;

    /// <summary>Restitution of a cushion met at a normal speed, max(0, e0 - k v).</summary>
    /// <param name="normalSpeed">Speed into the cushion in m/s.</param>
    public double CushionRestitutionAt(double normalSpeed) =>
        Math.Max(0, CushionRestitution - CushionRestitutionLoss * normalSpeed);
}
