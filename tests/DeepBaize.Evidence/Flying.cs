using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>A raised butt, swerve, and balls in the air.</summary>
internal static class Flying
{
    private const string LeckieGreenspan = "Leckie and Greenspan 2006";
    private const double CueMass = 0.51;
    private const double BallMass = 0.142;
    private const double NoPushOff = 1e12;

    /// <summary>A row of the table of swerve: the strike, and the end of its slide.</summary>
    /// <param name="Cue">Cue speed in m/s.</param>
    /// <param name="A">Side in ball radii.</param>
    /// <param name="B">Height in the level frame, in ball radii.</param>
    /// <param name="Degrees">Elevation.</param>
    /// <param name="Turn">Direction, in degrees to the struck side.</param>
    /// <param name="Time">Seconds.</param>
    /// <param name="Across">Metres to the struck side.</param>
    /// <param name="Along">Metres along the aim.</param>
    private sealed record Row(
        double Cue, double A, double B, double Degrees, double Turn, double Time, double Across, double Along);

    private static readonly Row[] Swerves =
    [
        new(1.5, .3, 0, 10, 3.639, .3904, .0139, .5849), new(1.5, .2, 0, 5, 1.096, .3786, .0051, .6696),
        new(1.5, .5, 0, 5, 2.710, .2711, .0066, .3507), new(3, .3, 0, 10, 3.639, .7809, .0555, 2.3395),
        new(2, .4, .3, 45, 42.67, .5179, .1007, .4615), new(1.5, .3, .6, 70, 117.96, .3569, .0511, .0597),
    ];

    public static IReadOnlyList<Check> All { get; } =
    [
        new("5.1e", "Strike with the butt at 10 degrees, V = 2, side 0.2 R, level height 0, m = 0.142, M = 0.51", LeckieGreenspan, () =>
        {
            var struck = Struck(2, .2, 0, 10);
            return
            [
                Figure.Near("forward, m/s", 2.715213, struck.Velocity.X, 1e-5),
                Figure.Near("down, m/s", .478765, -struck.Velocity.Z, 1e-5),
                Figure.Near("back-spin, rad/s", 44.6754, -struck.Spin.Y, 1e-4),
                Figure.Near("spin about its way, rad/s", 9.1193, struck.Spin.X, 1e-4),
                Figure.Near("side spin, rad/s", 51.7183, struck.Spin.Z, 1e-4),
                Figure.Near("energy of cue and ball after V = 1.5, side 0.3 R, height -0.3 R, 20 degrees, J", .57375, EnergyAfter(), 1e-6),
            ];
        }),
        new("5.4", "Swerve of a white that does not hop: direction, seconds and place where its slide ends", "Coriolis 1835; derived", () =>
        [
            Figure.Worst("degrees off the aim", .05, Swerves.Select(row => (row.Turn, Degrees(-Slide(row).Heading)))),
            Figure.Worst("seconds", 1e-4, Swerves.Select(row => (row.Time, Slide(row).Time))),
            Figure.Worst("metres to the struck side", 5e-4, Swerves.Select(row => (row.Across, -Slide(row).End.Y))),
            Figure.Worst("metres along", 5e-4, Swerves.Select(row => (row.Along, Slide(row).End.X))),
        ]),
        new("F1", "A ball sent up bounces: times and heights of the first three flights, at a restitution of 0.5", Checks.Derived, () =>
        {
            var (flights, lands) = Bounces(2);
            return
            [
                Figure.Worst("seconds of landing", 1e-9, new[] { 1, 1.5, 1.75 }.Select(sum => 2 * 2 / Gravity * sum).Zip(lands)),
                Figure.Worst("heights, m", 1e-9, new[] { 1, .25, .0625 }.Select(share => 2 * share / Gravity).Zip(flights)),
            ];
        }),
        new("C15", "A hard stroke hops off the ball that it meets, the farther the harder it is", Checks.Trade, () =>
        [
            Figure.Rising("mm from a half-ball contact to where the rolling white comes down, paces 3, 5, 7, 9",
                [.. new[] { 3.0, 5, 7, 9 }.Select(Landing)]),
        ]),
        new("C53", "Digging down sends the white up, the more the harder; a level cue does not", Checks.Trade, () =>
        [
            Figure.Near("height of a level stroke at pace 6, mm", 0, Height(0, 6), 0),
            Figure.Rising("height at 5, 10, 20, 40 degrees and pace 6, mm", Height(5, 6), Height(10, 6), Height(20, 6), Height(40, 6)),
            Figure.Rising("height at paces 2, 4, 6, 8 and 20 degrees, mm", Height(20, 2), Height(20, 4), Height(20, 6), Height(20, 8)),
        ]),
        new("C53b", "Digging down loses screw: same tip, pace and distance at 2, 10, 20 and 30 degrees", Checks.Trade, () =>
        [
            Figure.Falling(
                "metres screwed back from a full ball 0.6 m away, tip 0.35 R low, pace 6", Screw(2), Screw(10), Screw(20), Screw(30)),
            Figure.Rising("hop of the white before it, mm", Height(2, 6), Height(10, 6), Height(20, 6), Height(30, 6)),
        ]),
        new("C30", "With side and the butt a little up the white curves early when soft; hard, it is still pushed off the other way",
            Checks.Trade, () =>
        [
            Figure.Rising("mm to the struck side after 1 m, right side 0.3, 4 degrees, paces 8, 6, 4, 2",
                Sideways(8), Sideways(6), Sideways(4), Sideways(2)),
            Figure.Within("hard, mm", -100, -1, Sideways(8)),
        ]),
    ];

    /// <summary>A strike up the table without push-off; a and b in ball radii in the level frame.</summary>
    private static BallState Struck(double cueSpeed, double a, double b, double degrees)
    {
        var (sin, cos) = Math.SinCos(Radians(degrees));
        var height = b * cos - Math.Sqrt(1 - a * a - b * b) * sin;
        var speed = CueStrike.WhiteSpeedFor(cueSpeed, Math.Sqrt(a * a + height * height), BallMass, CueMass);
        return CueStrike.Apply(
            new Strike(0, speed, a, height, Radians(degrees)), BallState.AtRest(new Place(0, 0), Radius), WithoutPushOff(Ideal()));
    }

    private static PlayingConditions WithoutPushOff(PlayingConditions conditions) =>
        conditions with { Cue = conditions.Cue with { Mass = CueMass, EndMassRatio = NoPushOff } };

    private static double EnergyAfter()
    {
        var struck = Struck(1.5, .3, -.3, 20);
        var cue = 1.5 - BallMass * struck.Velocity.Length / CueMass;
        return CueMass * cue * cue / 2 + BallMass * struck.SpecificEnergy(Radius);
    }

    private static (double Heading, double Time, Vec3 End) Slide(Row row)
    {
        var struck = Struck(row.Cue, row.A, row.B, row.Degrees);
        var slide = ClothMotion.Begin(struck with { Velocity = struck.Velocity with { Z = 0 } }, Ideal().Table, Radius);
        var rolls = slide.VelocityAt(slide.Duration);
        return (Math.Atan2(rolls.Y, rolls.X), slide.Duration, slide.PositionAt(slide.Duration));
    }

    private static (IEnumerable<double> Heights, IEnumerable<double> Lands) Bounces(double rise)
    {
        var (_, record) = Send(Ideal(), new Vec3(.5, 0, rise), Vec3.Zero, (BallId.Cue, 1, .889));
        return (
            record.Segments.Where(piece => piece.Phase == MotionPhase.Airborne).Select(piece => piece.Heights.Greatest),
            record.Events.Where(told => told.Kind == ShotEventKind.Lands).Select(told => told.Time));
    }

    /// <summary>Greatest height in mm of a white struck at centre.</summary>
    private static double Height(double degrees, double pace) =>
        1000 * Strike(PlayingConditions.Club, new Strike(0, Pace.ToSpeed(pace), 0, 0, Radians(degrees)), (BallId.Cue, 1, .889)).Record
            .Segments.Max(piece => piece.Heights.Greatest);

    /// <summary>How far, in mm, a rolling white goes from a half-ball contact before it first comes down.</summary>
    private static double Landing(double pace)
    {
        var velocity = new Vec3(Pace.ToSpeed(pace), 0, 0);
        var (_, record) = Send(
            PlayingConditions.Club, velocity, Spin(velocity, 1), (BallId.Cue, 1.5, .889), (BallId.Blue, 1.8, .889 + Radius));
        var met = record.Events.First(told => told.Kind == ShotEventKind.Ball);
        var lands = record.Events.First(
            told => told.Kind == ShotEventKind.Lands && told.Balls[0].Ball == BallId.Cue && told.Time > met.Time);
        return 1000 * lands.Balls[0].Before.Place.DistanceTo(met.Balls[0].Before.Place);
    }

    /// <summary>Metres by which the white comes back from a full contact.</summary>
    private static double Screw(double degrees)
    {
        var (outcome, record) = Strike(
            PlayingConditions.Club, new Strike(0, Pace.ToSpeed(6), 0, -.35, Radians(degrees)),
            (BallId.Cue, 2, .889), (BallId.Blue, 2.6525, .889));
        return record.Events.First(told => told.Kind == ShotEventKind.Ball).Balls[0].After.Position.X - RestOf(outcome).X;
    }

    /// <summary>How far, in mm, a white with right side is to the right of the cue's line when it has gone 1 m.</summary>
    private static double Sideways(double pace)
    {
        var (_, record) = Strike(
            PlayingConditions.Club, new Strike(0, Pace.ToSpeed(pace), .3, 0, Radians(4)), (BallId.Cue, 1, .889));
        var piece = record.Segments.First(segment => segment.End.X > 2);
        var share = Enumerable.Range(0, 10_001).Select(i => i / 1e4).First(u => At(u, piece.Start.X, piece.Control.X, piece.End.X) >= 2);
        return 1000 * (.889 - At(share, piece.Start.Y, piece.Control.Y, piece.End.Y));

        static double At(double u, double a, double b, double c) => (1 - u) * (1 - u) * a + 2 * u * (1 - u) * b + u * u * c;
    }
}
