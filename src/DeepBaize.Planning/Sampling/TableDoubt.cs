using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Players;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// How far a table may be from its profile: for each coefficient half of the interval, as a share of the value, within which it is drawn
/// evenly.
/// </summary>
/// <param name="SlidingFriction">Friction of a slipping ball.</param>
/// <param name="RollingFriction">Rolling resistance.</param>
/// <param name="CushionRestitution">Restitution of the cushions; never drawn above 1.</param>
/// <param name="CushionFriction">Friction at the cushions.</param>
/// <param name="BallRestitution">Restitution between balls; never drawn above 1.</param>
/// <param name="BallFriction">Friction between balls.</param>
public sealed record TableDoubt(
    double SlidingFriction, double RollingFriction, double CushionRestitution, double CushionFriction, double BallRestitution,
    double BallFriction)
{
    /// <summary>Tables that are drawn; strokes take them in turn.</summary>
    public const int Tables = 16;

    /// <summary>The table is taken as it stands in its profile.</summary>
    public static TableDoubt None { get; } = new(0, 0, 0, 0, 0, 0);

    /// <summary>Nobody measured the table (widths estimated from what is published for cloths, cushions and balls).</summary>
    public static TableDoubt Unmeasured { get; } = new(0.12, 0.18, 0.03, 0.25, 0.02, 0.5);

    /// <summary>The table was measured with a few easy shots: a third of that (estimate).</summary>
    public static TableDoubt Measured { get; } = new(0.04, 0.06, 0.01, 0.08, 0.007, 0.17);

    /// <summary>True when nothing is drawn.</summary>
    public bool IsNone => this == None;

    /// <summary>
    /// Share of the greatest friction at the cushions that is drawn at most: at that friction itself the cushion could lift the ball.
    /// </summary>
    private const double MostOfLimit = 0.999;

    /// <summary>
    /// One of the tables that the profile may stand for. What cannot be simulated is not drawn: each coefficient ends at its range. Each
    /// coefficient takes each sixteenth of its interval once over the sixteen tables (Latin hypercube; McKay, Beckman and Conover 1979).
    /// </summary>
    /// <param name="conditions">The profile's conditions.</param>
    /// <param name="seed">Seed of the draw.</param>
    /// <param name="number">Which of the tables, 0 to 15.</param>
    public PlayingConditions Draw(PlayingConditions conditions, int seed, int number)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        if (IsNone) return conditions;
        return conditions with
        {
            Table = conditions.Table with
            {
                SlidingFriction = Math.Min(1, conditions.Table.SlidingFriction * Factor(SlidingFriction, 0, 1)),
                RollingFriction =
                    Math.Min(Coefficients.MostRollingFriction, conditions.Table.RollingFriction * Factor(RollingFriction, 1, 3)),
                CushionRestitution = Math.Min(1, conditions.Table.CushionRestitution * Factor(CushionRestitution, 2, 5)),
                CushionFriction = Math.Min(
                    MostOfLimit * Coefficients.CushionFrictionLimit(conditions),
                    conditions.Table.CushionFriction * Factor(CushionFriction, 3, 7)),
            },
            Balls = conditions.Balls with
            {
                Restitution = Math.Min(1, conditions.Balls.Restitution * Factor(BallRestitution, 4, 9)),
                FrictionFactor = Math.Min(Coefficients.MostBallFriction, conditions.Balls.FrictionFactor * Factor(BallFriction, 5, 11)),
            },
        };

        // Odd strides go through all sixteen strata, each in another order.
        double Factor(double half, int kind, int stride) =>
            1 + half * (2 * ((number * stride + kind) % Tables + Draws.Uniform(seed, number, kind)) / Tables - 1);
    }
}
