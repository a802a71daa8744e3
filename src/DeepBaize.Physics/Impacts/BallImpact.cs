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
    /// <remarks>Friction lifts one ball and presses the other down: what the bed answers is left to the motion that follows.</remarks>
    public static void Resolve(ref BallState first, ref BallState second, BallCoefficients balls)
    {
        ArgumentNullException.ThrowIfNull(balls);
        var contact = BallContact.Between(first, second);
        var closing = contact.Closing(first, second);
        if (closing <= 0) return;
        var press = (1 + (closing < DeadSpeed ? 0 : balls.Restitution)) * closing / 2;
        var slip = contact.SlipOf(first, second, balls.Radius);
        contact.Press(ref first, ref second, press);
        contact.Rub(ref first, ref second, slip, slip, balls.FrictionAt(slip.Size) * press, balls.Radius);
    }
}
