using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Motion;

/// <summary>
/// How a ball moves between contacts. On the cloth, sliding: dv/dt = -mu_s g u/|u|, dw/dt = (5 mu_s g / 2R) z x u/|u|,
/// so that the slip u keeps its direction, dies at 7/2 mu_s g, and the centre runs on a parabola (Coriolis 1835;
/// Wallace and Schroeder 1988). Rolling: deceleration mu_r g on a straight line, or pieces of a parabola under <see cref="Nap"/>. Vertical
/// spin dies at a constant rate.
/// </summary>
public static class ClothMotion
{
    /// <summary>Slip in m/s below which the lowest point counts as gripping the cloth.</summary>
    public const double GripSpeed = 1e-9;

    /// <summary>Speed in m/s below which a gripping ball counts as standing.</summary>
    public const double RestSpeed = 1e-9;

    /// <summary>Longest time in seconds for which a push is taken as steady.</summary>
    public const double PushedFor = 0.01;

    private const double RestSpin = 1e-9;

    /// <summary>
    /// The phase that begins from any state: a ball that goes down lands first, one that is in the air or goes up flies.
    /// </summary>
    /// <param name="state">The ball on the bed or above it.</param>
    /// <param name="table">The cloth.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static MotionArc Begin(in BallState state, TableCoefficients table, double radius)
    {
        if (state.Velocity.Z == 0 && state.Position.Z <= radius) return BeginOnBed(state, table, radius);
        if (state.Position.Z > radius || state.Velocity.Z > Flight.LeastRise) return Flight.Begin(state, table, radius);
        if (state.Velocity.Z > -Flight.LeastFall) return BeginOnBed(state with { Velocity = state.Velocity with { Z = 0 } }, table, radius);
        return Begin(Flight.Land(state, table, radius), table, radius);
    }

    private static MotionArc BeginOnBed(in BallState state, TableCoefficients table, double radius)
    {
        var slip = state.SlipOnCloth(radius);
        if (slip.Length > GripSpeed) return Slide(state, slip, table, radius);
        return state.Velocity.Length > RestSpeed ? Roll(state, table, radius) : Stand(state, table);
    }

    /// <summary>The phase that follows when a phase has run its full duration.</summary>
    public static MotionArc Continue(in MotionArc arc, TableCoefficients table, double radius)
    {
        var end = arc.StateAt(arc.Duration);
        return arc.Phase switch
        {
            MotionPhase.Sliding or MotionPhase.Rolling when end.Velocity.Length > RestSpeed => Roll(end, table, radius),
            MotionPhase.Sliding or MotionPhase.Rolling => Stand(end with { Velocity = Vec3.Zero }, table),
            MotionPhase.Airborne => Begin(Flight.Land(end, table, radius), table, radius),
            _ => Rest(end),
        };
    }

    /// <summary>
    /// A phase during which something also pushes the ball with a steady horizontal force: a rolling ball keeps rolling and takes 5/7 of
    /// the push, a slipping one all of it. Holds for <see cref="PushedFor"/> seconds at most, within which the direction of
    /// the slip is taken as steady.
    /// </summary>
    /// <param name="arc">The phase without the push.</param>
    /// <param name="push">Force over mass in m/s^2.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static MotionArc Pushed(in MotionArc arc, Vec3 push, double radius)
    {
        var pushed = arc;
        pushed.Acceleration += push * Yield(arc.Phase);
        pushed.Duration = Math.Min(arc.Duration, PushedFor);
        if (arc.Phase != MotionPhase.Rolling) return pushed;
        pushed.SpinRate = Vec3.Up.Cross(pushed.Acceleration) * (1 / radius);
        var size = pushed.Acceleration.Length;
        if (size > 0) pushed.Duration = Math.Min(PushedFor, arc.Start.Velocity.Length / size);
        return pushed;
    }

    /// <summary>The state after a small push at once: a rolling ball keeps rolling.</summary>
    /// <param name="state">The ball.</param>
    /// <param name="phase">What it does.</param>
    /// <param name="push">Impulse over mass in m/s, horizontal.</param>
    /// <param name="radius">Ball radius in metres.</param>
    public static BallState Nudged(in BallState state, MotionPhase phase, Vec3 push, double radius)
    {
        var change = push * Yield(phase);
        var moved = state with { Velocity = state.Velocity + change };
        return phase == MotionPhase.Rolling ? moved with { Spin = state.Spin + Vec3.Up.Cross(change) * (1 / radius) } : moved;
    }

    /// <summary>Share of a push that moves a ball: the cloth holds a rolling ball back.</summary>
    public static double Yield(MotionPhase phase) => phase == MotionPhase.Rolling ? 5.0 / 7 : 1;

    private static MotionArc Slide(in BallState state, Vec3 slip, TableCoefficients table, double radius)
    {
        var pull = table.SlidingFriction * table.Gravity;
        var direction = slip * (1 / slip.Length);
        return new MotionArc
        {
            Phase = MotionPhase.Sliding,
            Duration = pull > 0 ? 2 * slip.Length / (7 * pull) : double.PositiveInfinity,
            Start = state,
            Acceleration = direction * -pull,
            SpinRate = Vec3.Up.Cross(direction) * (2.5 * pull / radius),
            SpinDeceleration = table.SpinDeceleration,
        };
    }

    private static MotionArc Roll(in BallState state, TableCoefficients table, double radius)
    {
        var speed = state.Velocity.Length;
        var pull = table.RollingFriction * table.Gravity;
        var acceleration = state.Velocity * (-pull / speed);
        var duration = pull > 0 ? speed / pull : double.PositiveInfinity;
        if (table.Nap > 0) (acceleration, duration) = Nap.Bend(state, acceleration, duration, table, radius);
        return new MotionArc
        {
            Phase = MotionPhase.Rolling,
            Duration = duration,
            Start = state with { Spin = Vec3.Up.Cross(state.Velocity) * (1 / radius) + new Vec3(0, 0, state.Spin.Z) },
            Acceleration = acceleration,
            SpinRate = Vec3.Up.Cross(acceleration) * (1 / radius),
            SpinDeceleration = table.SpinDeceleration,
        };
    }

    private static MotionArc Stand(in BallState state, TableCoefficients table)
    {
        var vertical = Math.Abs(state.Spin.Z);
        if (vertical <= RestSpin) return Rest(state);
        return new MotionArc
        {
            Phase = MotionPhase.Spinning,
            Duration = vertical / table.SpinDeceleration,
            Start = new BallState(state.Position, Vec3.Zero, new Vec3(0, 0, state.Spin.Z)),
            SpinDeceleration = table.SpinDeceleration,
        };
    }

    /// <summary>A ball that stands still from a state on.</summary>
    public static MotionArc Rest(in BallState state) => new()
    {
        Phase = MotionPhase.AtRest,
        Duration = double.PositiveInfinity,
        Start = new BallState(state.Position, Vec3.Zero, Vec3.Zero),
    };
}
