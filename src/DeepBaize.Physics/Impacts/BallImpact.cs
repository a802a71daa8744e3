using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// Two equal balls meet. Normal impulse P = (1 + e) m v_n / 2; friction opposes the slip of the touching surfaces with
/// min(mu(u) P, m u / 7), the second being the impulse that just ends the slip (Alciatore, technical proof A.14, with
/// Marlow's friction data).
/// </summary>
public static class BallImpact
{
    /// <summary>Closing speed in m/s below which balls no longer rebound from each other.</summary>
    public const double DeadSpeed = 2e-4;

    /// <summary>Changes the states of two balls in contact that approach each other.</summary>
    /// <param name="first">The first ball; replaced by its state after the impact.</param>
    /// <param name="second">The second ball; likewise.</param>
    /// <param name="balls">Restitution and friction.</param>
    /// <remarks>Vertical velocity that friction would give is dropped: balls do not leave the bed yet.</remarks>
    public static void Resolve(ref BallState first, ref BallState second, BallCoefficients balls)
    {
        ArgumentNullException.ThrowIfNull(balls);
        var radius = balls.Radius;
        var apart = second.Position - first.Position;
        var normal = apart * (1 / apart.Length);
        var relative = first.Velocity - second.Velocity;
        var closing = relative.Dot(normal);
        if (closing <= 0) return;

        // Impulses are per unit mass from here on.
        var restitution = closing < DeadSpeed ? 0 : balls.Restitution;
        var press = (1 + restitution) * closing / 2;
        var slip = relative - normal * closing + (first.Spin + second.Spin).Cross(normal) * radius;
        var slipSpeed = slip.Length;
        var friction = Vec3.Zero;
        if (slipSpeed > 0)
        {
            var size = Math.Min(balls.FrictionAt(slipSpeed) * press, slipSpeed / 7);
            friction = slip * (-size / slipSpeed);
        }

        var onFirst = friction - normal * press;
        var spinChange = normal.Cross(friction) * (2.5 / radius);
        first = first with { Velocity = OnBed(first.Velocity + onFirst), Spin = first.Spin + spinChange };
        second = second with { Velocity = OnBed(second.Velocity - onFirst), Spin = second.Spin + spinChange };
    }

    /// <summary>
    /// Two balls that lean on each other share their speed along the line of centres; nothing else. Friction between leaning
    /// balls is left out: it would set them slipping on the cloth again and again without moving them.
    /// </summary>
    public static void ShareNormalVelocity(ref BallState first, ref BallState second)
    {
        var apart = second.Position - first.Position;
        var normal = apart * (1 / apart.Length);
        var push = normal * ((first.Velocity - second.Velocity).Dot(normal) / 2);
        first = first with { Velocity = first.Velocity - push };
        second = second with { Velocity = second.Velocity + push };
    }

    private static Vec3 OnBed(Vec3 velocity) => velocity with { Z = 0 };
}
