using System.Runtime.CompilerServices;
using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// The line of centres of two balls that touch, and the friction where they do. Friction opposes the slip u of the touching surfaces,
/// u = (v_i - v_j) across n + R (w_i + w_j) x n; an impulse m u / 7 just ends it. The unit vector n from the first ball to the second is
/// (Level X, Level Y, Climb); slips are counted to the left across it and up along it.
/// </summary>
/// <param name="X">Component of the direction from the first ball to the second seen from above, up the table.</param>
/// <param name="Y">Component towards the green side.</param>
/// <param name="Climb">Sine of the angle by which n climbs: 0 between balls on the bed.</param>
/// <param name="Level">Its cosine.</param>
internal readonly record struct BallContact(double X, double Y, double Climb = 0, double Level = 1)
{
    /// <summary>The contact of two balls.</summary>
    public static BallContact Between(in BallState first, in BallState second)
    {
        var (x, y) = (second.Position.X - first.Position.X, second.Position.Y - first.Position.Y);
        var apart = Math.Sqrt(x * x + y * y);
        var z = second.Position.Z - first.Position.Z;
        if (z == 0) return new BallContact(x / apart, y / apart);
        var distance = Math.Sqrt(x * x + y * y + z * z);
        return apart > 0 ? new BallContact(x / apart, y / apart, z / distance, apart / distance) : new BallContact(1, 0, Math.Sign(z), 0);
    }

    /// <summary>Speed at which the first ball closes on the second.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public double Closing(in BallState first, in BallState second) =>
        ((first.Velocity.X - second.Velocity.X) * X + (first.Velocity.Y - second.Velocity.Y) * Y) * Level
        + (first.Velocity.Z - second.Velocity.Z) * Climb;

    /// <summary>Slip of the touching surfaces: across the line of centres to the left, and up.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slip SlipOf(in BallState first, in BallState second, double radius)
    {
        var (x, y) = (first.Velocity.X - second.Velocity.X, first.Velocity.Y - second.Velocity.Y);
        var (turnX, turnY) = (first.Spin.X + second.Spin.X, first.Spin.Y + second.Spin.Y);
        return new(
            y * X - x * Y + radius * ((first.Spin.Z + second.Spin.Z) * Level - (turnX * X + turnY * Y) * Climb),
            (first.Velocity.Z - second.Velocity.Z) * Level - (x * X + y * Y) * Climb + radius * (turnX * Y - turnY * X));
    }

    /// <summary>Applies an impulse per unit mass that presses the balls apart.</summary>
    public void Press(ref BallState first, ref BallState second, double impulse)
    {
        var push = new Vec3(Level * X, Level * Y, Climb) * impulse;
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
        // Left across the line is (-Y, X, 0), up along it (-Climb X, -Climb Y, Level); n x left = up, n x up = -left.
        var impulse = new Vec3(-across * Y - up * Climb * X, across * X - up * Climb * Y, up * Level);
        var spin = new Vec3(up * Y - across * Climb * X, -up * X - across * Climb * Y, across * Level) * (2.5 / radius);
        first = new BallState(first.Position, first.Velocity + impulse, first.Spin + spin);
        second = new BallState(second.Position, second.Velocity - impulse, second.Spin + spin);
    }
}
