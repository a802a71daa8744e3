using System.Runtime.CompilerServices;
using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// The line of centres of two balls that touch, and the friction where they do. Friction opposes the slip u of the touching surfaces,
/// u = (v_i - v_j) across n + R (w_i + w_j) x n; an impulse m u / 7 just ends it.
/// </summary>
/// <param name="X">Component of the unit vector n from the first ball to the second, up the table.</param>
/// <param name="Y">Component towards the green side; balls on the bed have no other.</param>
internal readonly record struct BallContact(double X, double Y)
{
    /// <summary>The contact of two balls.</summary>
    public static BallContact Between(in BallState first, in BallState second)
    {
        var (x, y) = (second.Position.X - first.Position.X, second.Position.Y - first.Position.Y);
        var distance = Math.Sqrt(x * x + y * y);
        return new BallContact(x / distance, y / distance);
    }

    /// <summary>Speed at which the first ball closes on the second.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public double Closing(in BallState first, in BallState second) =>
        (first.Velocity.X - second.Velocity.X) * X + (first.Velocity.Y - second.Velocity.Y) * Y;

    /// <summary>Slip of the touching surfaces: across the line of centres to the left, and up.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slip SlipOf(in BallState first, in BallState second, double radius) => new(
        (second.Velocity.X - first.Velocity.X) * Y - (second.Velocity.Y - first.Velocity.Y) * X + radius * (first.Spin.Z + second.Spin.Z),
        first.Velocity.Z - second.Velocity.Z + radius * ((first.Spin.X + second.Spin.X) * Y - (first.Spin.Y + second.Spin.Y) * X));

    /// <summary>Applies an impulse per unit mass that presses the balls apart.</summary>
    public void Press(ref BallState first, ref BallState second, double impulse)
    {
        var push = new Vec3(X, Y, 0) * impulse;
        first = first with { Velocity = first.Velocity - push };
        second = second with { Velocity = second.Velocity + push };
    }

    /// <summary>Applies friction against a slip: min(mu P, u / 7) per unit mass.</summary>
    /// <param name="first">The first ball.</param>
    /// <param name="second">The second ball.</param>
    /// <param name="slip">Their slip.</param>
    /// <param name="direction">
    /// Direction against which friction acts while it cannot end the slip; the slip's own or its mean over a time.
    /// </param>
    /// <param name="most">Greatest friction impulse per unit mass, mu P.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public void Rub(ref BallState first, ref BallState second, Slip slip, Slip direction, double most, double radius)
    {
        var ends = slip.Size <= 7 * most;
        var (across, up) = ends ? (slip.X / -7, slip.Y / -7) : (direction.Direction.X * -most, direction.Direction.Y * -most);
        var impulse = new Vec3(-across * Y, across * X, up);
        var spin = new Vec3(up * Y, -up * X, across) * (2.5 / radius);
        first = new BallState(first.Position, first.Velocity + impulse, first.Spin + spin);
        second = new BallState(second.Position, second.Velocity - impulse, second.Spin + spin);
    }
}
