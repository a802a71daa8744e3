using DeepBaize.Table;

namespace DeepBaize.Physics.Balls;

/// <summary>
/// Cloth and cushions of one table. The defaults are those of the house club table; all are from memory and are
/// adjustable estimates unless a source is named.
/// </summary>
public sealed record TableCoefficients
{
    /// <summary>
    /// Friction between a slipping ball and the cloth, 0 to 1 (published for snooker cloth: 0.178-0.245, Mathavan, Jackson and Parkin
    /// 2009).
    /// </summary>
    public double SlidingFriction { get; init; } = 0.21;

    /// <summary>Deceleration of a rolling ball divided by g, 0 to 0.1 (0.0127 in Mathavan, Jackson and Parkin 2009).</summary>
    public double RollingFriction { get; init; } = 0.011;

    /// <summary>Loss of vertical spin in rad/s^2, 0 to 200 (5-15 quoted for pool cloth).</summary>
    public double SpinDeceleration { get; init; } = 10;

    /// <summary>
    /// Pull of the nap on a rolling ball, up the table, divided by g, 0 to 0.005 and under half the rolling friction (estimate from common
    /// practice: slow balls drift by an inch or so).
    /// </summary>
    public double Nap { get; init; }

    /// <summary>Acceleration of free fall in m/s^2, above 0 to 30.</summary>
    public double Gravity { get; init; } = 9.81;

    /// <summary>Restitution of a ball that lands on the bed, 0 to 1 (ball on slate: 0.5-0.7 quoted by Alciatore).</summary>
    public double BedRestitution { get; init; } = 0.5;

    /// <summary>Energetic restitution e0 of the cushions at vanishing speed, 0 to 1 (0.98 in Mathavan, Jackson and Parkin 2010).</summary>
    public double CushionRestitution { get; init; } = 0.98;

    /// <summary>
    /// Loss k of restitution per m/s of normal speed, e = e0 - k v and never below 0; 0 to 1 s/m (chosen so that pace 10 runs about 3.9
    /// lengths).
    /// </summary>
    public double CushionRestitutionLoss { get; init; } = 0.010;

    /// <summary>
    /// Friction mu0 between ball and cushion at vanishing slip, 0 up to the tangent of the nose's lean (0.14 in Mathavan, Jackson and
    /// Parkin 2010).
    /// </summary>
    public double CushionFriction { get; init; } = 0.14;

    /// <summary>
    /// Fall f of that friction with the slip speed u, mu = mu0 / (1 + f u); 0 to 10 s/m (estimate: chosen so that side bites less at pace).
    /// </summary>
    public double CushionFrictionFall { get; init; } = 0.1;

    /// <summary>How lively each cushion is beside the others.</summary>
    public CushionLiveliness CushionLiveliness { get; init; } = CushionLiveliness.Even;

    /// <summary>Height of the cushion's nose above the bed in metres, from the ball's radius to 1.5 radii.</summary>
    public double NoseHeight { get; init; } = 0.03675;

    /// <summary>Restitution of rubber met at a normal speed, share (e0 - k v), from 0 to 1.</summary>
    /// <param name="normalSpeed">Speed into the cushion in m/s.</param>
    /// <param name="share">Share of the table's restitution that this rubber has: its liveliness, and less for a jaw.</param>
    public double RestitutionAt(double normalSpeed, double share) =>
        Math.Clamp(share * (CushionRestitution - CushionRestitutionLoss * normalSpeed), 0, 1);
}

/// <summary>Factors on the restitution of the four cushions, each 0.5 to 1.5.</summary>
/// <param name="Baulk">The baulk cushion.</param>
/// <param name="Top">The top cushion.</param>
/// <param name="YellowSide">Both cushions on the yellow side.</param>
/// <param name="GreenSide">Both cushions on the green side.</param>
public readonly record struct CushionLiveliness(double Baulk, double Top, double YellowSide, double GreenSide)
{
    /// <summary>All cushions alike.</summary>
    public static CushionLiveliness Even => new(1, 1, 1, 1);

    /// <summary>The factor of a cushion.</summary>
    public double this[CushionId cushion] => cushion switch
    {
        CushionId.Baulk => Baulk,
        CushionId.Top => Top,
        CushionId.YellowSide => YellowSide,
        _ => GreenSide,
    };
}
