using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// A ball on the bed meets a cushion or a jaw (Mathavan, Jackson and Parkin 2010). The ball may slip at the nose and on
/// the cloth during the impact; the impulse is integrated until the normal work given back is e^2 of the work of compression. A ball in the
/// air has no cloth under it: one contact, whose law is closed.
/// </summary>
public static class CushionImpact
{
    /// <summary>Normal speed in m/s below which rubber only takes the normal velocity away.</summary>
    public const double DeadSpeed = 1e-4;

    /// <summary>Stated accuracy of the rebound, relative to the incoming normal speed.</summary>
    public const double Accuracy = 3e-5;

    /// <summary>The state after the impact.</summary>
    /// <param name="ball">The ball at contact, moving into the rubber.</param>
    /// <param name="intoRubber">Horizontal unit vector from the ball's centre to the nearest point of the nose line.</param>
    /// <param name="share">Share of the table's restitution that this rubber has: its cushion's liveliness, and less for a jaw.</param>
    /// <param name="conditions">Cloth, cushions and ball.</param>
    /// <returns>The rebounding state; the vertical velocity stays 0.</returns>
    public static BallState Resolve(in BallState ball, Vec3 intoRubber, double share, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var normalSpeed = ball.Velocity.Dot(intoRubber);
        if (normalSpeed <= 0) return ball;
        if (normalSpeed < DeadSpeed) return TakeNormalVelocity(ball, intoRubber);

        var radius = conditions.Balls.Radius;
        var along = intoRubber.Cross(Vec3.Up);
        var scale = 1 / normalSpeed;
        var before = new NoseState(
            ball.Velocity.Dot(along) * scale,
            1,
            ball.Spin.Dot(along) * radius * scale,
            ball.Spin.Dot(intoRubber) * radius * scale,
            ball.Spin.Z * radius * scale);
        var table = conditions.Table;
        var restitution = table.RestitutionAt(normalSpeed, share);
        var nose = new NoseContact(
            conditions.Gauge.NoseSine, table.CushionFriction, table.CushionFrictionFall * normalSpeed, table.SlidingFriction);
        var after = NoseIntegrator.Rebound(before, nose, restitution);
        return ball with
        {
            Velocity = (along * after.Along + intoRubber * after.Into) * normalSpeed,
            Spin = (along * after.SpinAlong + intoRubber * after.SpinInto + Vec3.Up * after.SpinUp) * (normalSpeed / radius),
        };
    }

    /// <summary>
    /// The state after a ball in the air has met the nose: it rebounds along the normal with e of its speed, and friction opposes the slip
    /// of its surface with min(mu P, 2 m u / 7), the second being the impulse that just ends the slip.
    /// </summary>
    /// <param name="ball">The ball at contact, moving into the rubber.</param>
    /// <param name="intoRubber">Unit vector from the ball's centre to the nose line; it climbs where the nose is higher.</param>
    /// <param name="share">Share of the table's restitution that this rubber has.</param>
    /// <param name="conditions">Cushions and ball.</param>
    public static BallState ResolveInAir(in BallState ball, Vec3 intoRubber, double share, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var normalSpeed = ball.Velocity.Dot(intoRubber);
        if (normalSpeed <= 0) return ball;
        var table = conditions.Table;
        return SurfaceImpact.Resolve(
            ball, intoRubber, table.RestitutionAt(normalSpeed, share) * normalSpeed,
            new Friction(table.CushionFriction, table.CushionFrictionFall), conditions.Balls.Radius);
    }

    /// <summary>Removes the velocity into the rubber and nothing else: what a ball that only leans on it feels.</summary>
    public static BallState TakeNormalVelocity(in BallState ball, Vec3 intoRubber) =>
        ball with { Velocity = ball.Velocity - intoRubber * ball.Velocity.Dot(intoRubber) };
}
