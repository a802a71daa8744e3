using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

internal static class Motion
{
    /// <summary>Speed, sliding friction, spin ratio; then time, distance and speed when it rolls.</summary>
    private static readonly (double V, double Mu, double S, double Time, double Way, double Speed)[] Slides =
    [
        (1, .20, 0, 0.14562, 0.12482, 0.71429), (2, .20, 0, 0.29125, 0.49928, 1.42857), (2, .212, 0, 0.27476, 0.47102, 1.42857),
        (5, .20, 0, 0.72812, 3.12051, 3.57143), (2, .20, 0.5, 0.14562, 0.27044, 1.71429), (2, .20, 1.2, 0.05825, 0.11983, 2.11429),
        (2, .20, -1, 0.58250, 0.83214, 0.85714), (4, .20, -0.5, 0.87374, 2.74605, 2.28571), (3, .20, -1.25, 0.98296, 2.00103, 1.07143),
        (2, .20, -2.5, 1.01937, 1.01937, 0),
    ];

    /// <summary>Stun distance in metres at offsets 0.1 to 0.5 R below centre, by speed.</summary>
    private static readonly (double V, double[] Metres)[] StunDistances =
    [
        (1, [.0484, .0917, .1300, .1631, .1911]), (2, [.1937, .3670, .5199, .6524, .7645]),
        (3, [.4358, .8257, 1.1697, 1.4679, 1.7202]), (4, [.7747, 1.4679, 2.0795, 2.6096, 3.0581]),
    ];

    public static IReadOnlyList<Check> All { get; } =
    [
        new("3.2", "A slide dies after 2 u / (7 mu g), at (5 v + 2 R w) / 7", Checks.Coriolis, () =>
        [
            Figure.Worst("time, s", 1e-5, Slides.Select(row => (row.Time, Slide(row.V, row.S, row.Mu).Duration))),
            Figure.Worst("distance, m", 1e-5, Slides.Select(row => (row.Way, End(row.V, row.S, row.Mu).Position.X))),
            Figure.Worst("speed, m/s", 1e-5, Slides.Select(row => (row.Speed, End(row.V, row.S, row.Mu).Velocity.Length))),
        ]),
        new("3.1", "Without spin a slide loses 2/7 of speed and of energy", Checks.Coriolis, () =>
        [
            Figure.Near("speed kept", 5.0 / 7, End(3, 0, 0.2).Velocity.Length / 3, 1e-12),
            Figure.Near("energy lost", 2.0 / 7, 1 - End(3, 0, 0.2).SpecificEnergy(Radius) / 4.5, 1e-12),
        ]),
        new("3.3", "A ball struck 2R/5 above centre rolls at once; spin over speed is 5/2 of the offset", Checks.Coriolis, () =>
        [
            Figure.Near("slip at 0.4 R, m/s", 0, Struck(2, 0.4).SlipOnCloth(Radius).Length, 1e-12),
            Figure.Near("R w / v at 0.5 R", 1.25, Radius * Struck(2, 0.5).Spin.Y / 2, 1e-12),
        ]),
        new("3.5", "Back-spin of a strike below centre is gone after (v^2 / mu g)(b - b^2 / 2)", Checks.Derived, () =>
        [
            Figure.Worst("distance, m", 5e-5,
                StunDistances.SelectMany(row => row.Metres.Select((metres, i) => (metres, StunDistance(row.V, 0.1 * (i + 1)))))),
        ]),
        new("3.6", "A rolling ball stops after v^2 / (2 mu_r g)",
            "definition of rolling friction; 0.0127 in Mathavan, Jackson and Parkin 2009", () =>
        [
            Figure.Near("distance from 1 m/s, m", 4.013, Roll(1).PositionAt(Roll(1).Duration).X, 1e-3),
            Figure.Near("time from 1 m/s, s", 8.027, Roll(1).Duration, 1e-3),
            Figure.Near("speed after one length from 2 m/s", 1.7674, SpeedAfter(2, 3.5165), 1e-4),
            Figure.Near("slip while it rolls, m/s", 0, Roll(1).StateAt(4).SlipOnCloth(Radius).Length, 1e-12),
        ]),
        new("3.7", "Vertical spin dies at a constant rate, never crosses zero and leaves the way alone",
            "Marlow 1994; Leckie and Greenspan 2006 (from memory)", () =>
        [
            Figure.Near("seconds from 50 rad/s at 10 rad/s^2", 5, Spinning(50).Duration, 1e-12),
            Figure.Near("spin a second later", 0, Spinning(50).StateAt(6).Spin.Z, 0),
            Figure.Near("sideways drift up to the cushion, 2.5 m on, with strong side, mm", 0, DriftWithSide() * 1000, 1e-9),
        ]),
    ];

    private static MotionArc Slide(double speed, double spin, double friction)
    {
        var velocity = new Vec3(speed, 0, 0);
        return ClothMotion.Begin(new BallState(new Vec3(0, 0, Radius), velocity, Spin(velocity, spin)), Ideal(friction).Table, Radius);
    }

    private static BallState End(double speed, double spin, double friction)
    {
        var arc = Slide(speed, spin, friction);
        return arc.StateAt(arc.Duration);
    }

    private static BallState Struck(double speed, double height) =>
        CueStrike.Apply(new Strike(0, speed, 0, height), BallState.AtRest(new Place(1, 1), Radius), PlayingConditions.Club);

    private static double StunDistance(double speed, double offset)
    {
        var arc = ClothMotion.Begin(Struck(speed, -offset), Ideal().Table, Radius);
        var gone = -arc.Start.Spin.Y / arc.SpinRate.Y;
        return arc.PositionAt(gone).X - arc.Start.Position.X;
    }

    private static MotionArc Roll(double speed) => Slide(speed, 1, 0.2);

    private static double SpeedAfter(double speed, double way)
    {
        var arc = Roll(speed);
        var pull = -arc.Acceleration.X;
        return arc.VelocityAt((speed - Math.Sqrt(speed * speed - 2 * pull * way)) / pull).X;
    }

    private static MotionArc Spinning(double spin) =>
        ClothMotion.Begin(new BallState(new Vec3(0, 0, Radius), Vec3.Zero, new Vec3(0, 0, spin)), Ideal().Table, Radius);

    private static double DriftWithSide()
    {
        var velocity = new Vec3(2, 0, 0);
        var (_, record) = Send(Ideal(), velocity, Spin(velocity, 0, 1.25), (BallId.Cue, 1, 0.8));
        var cushion = record.Events.First(told => told.Kind == ShotEventKind.Cushion);
        return Math.Abs(cushion.Balls[0].Before.Position.Y - 0.8);
    }
}
