using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

internal static class Contacts
{
    /// <summary>
    /// Cut; then final directions in degrees for s = 1 (e = 1, 0.95, 0.89), 0.5, 0, -0.5 and -1, and speeds kept for s = 1 and -1.
    /// </summary>
    private static readonly Row[] Directed =
    [
        new(7.181, 16.61, 15.36, 14.01, 29.91, 82.82, 146.07, 162.12, .3098, .2885),
        new(14.478, 27.63, 25.90, 23.99, 42.68, 75.52, 119.60, 144.35, .3729, .2967),
        new(22.024, 32.74, 31.09, 29.20, 45.58, 67.98, 99.69, 126.73, .4591, .3098),
        new(30.000, 33.67, 32.26, 30.62, 43.90, 60.00, 83.41, 109.11, .5579, .3273),
        new(38.682, 31.68, 30.55, 29.22, 39.56, 51.32, 68.66, 91.10, .6636, .3486),
        new(48.590, 27.27, 26.42, 25.42, 33.05, 41.41, 53.84, 71.86, .7734, .3729),
        new(61.045, 19.97, 19.42, 18.76, 23.69, 28.96, 36.83, 49.20, .8859, .3997),
    ];

    private static readonly double[] ThrowSpeeds = [.447, 1.341, 3.129, 1.0, 2.0, 4.0];

    private static readonly (double Cut, double[] Degrees)[] Throws =
    [
        (10, [1.44, 1.44, 1.44, 1.44, 1.44, 1.44]), (20, [2.98, 2.98, 2.50, 2.98, 2.98, 1.97]), (30, [4.72, 3.55, 1.70, 4.15, 2.65, 1.27]),
        (40, [5.08, 2.99, 1.26, 3.64, 2.10, 0.95]), (45, [4.95, 2.77, 1.13, 3.43, 1.90, 0.86]), (60, [4.62, 2.32, 0.89, 2.98, 1.51, 0.71]),
        (75, [4.43, 2.08, 0.80, 2.73, 1.33, 0.66]),
    ];

    /// <summary>Half ball with R w_z = k v, k positive outside: throw at .447, 1.341 and 3.129 m/s.</summary>
    private static readonly (double Side, double[] Degrees)[] SideThrows =
    [
        (-1, [3.55, 1.26, .61]), (-.5, [4.37, 2.01, .78]), (0, [4.72, 3.55, 1.70]), (.25, [2.36, 2.36, 2.36]), (.5, [0, 0, 0]),
        (.75, [-2.36, -2.36, -2.36]), (1, [-4.72, -3.55, -1.70]), (1.25, [-4.86, -2.64, -1.05]),
    ];

    private static readonly PlayingConditions Rubbing = Ideal(ballFriction: 1);

    public static IReadOnlyList<Check> All { get; } =
    [
        new("4.1", "Without spin the red leaves with v cos(cut)(1 + e)/2 and the white square to it at e = 1", Checks.Coriolis, () =>
        [
            Figure.Worst("speed of the red", 1e-5,
                Directed.Select(row => (Math.Cos(Radians(row.Cut)), Meet(row.Cut, 1, 0).Red.Velocity.Length))),
            Figure.Worst("speed of the white", 1e-5,
                Directed.Select(row => (Math.Sin(Radians(row.Cut)), Meet(row.Cut, 1, 0).White.Velocity.Length))),
            Figure.Near("angle at cut 30 and e = 0.89", 90 - Degrees(Math.Atan(0.055 / Math.Tan(Radians(30)))),
                Meet(30, 1, 0, 0, Ideal(restitution: .89)).Separation, 0.01),
        ]),
        new("4.2", "Final direction of the white by fraction, spin and restitution", "Wallace and Schroeder 1988; Alciatore; Shepard 1997",
            () =>
        [
            Directions("rolling, e = 1", 1, 1, row => row.Roll),
            Directions("rolling, e = 0.95", 1, .95, row => row.Roll95),
            Directions("rolling, e = 0.89", 1, .89, row => row.Roll89),
            Directions("half top-spin", .5, 1, row => row.Half),
            Directions("no spin", 0, 1, row => row.Stun),
            Directions("half back-spin", -.5, 1, row => row.Low),
            Directions("full back-spin", -1, 1, row => row.Screw),
            Figure.Worst("speed kept, rolling", 2e-4, Directed.Select(row => (row.Kept, Meet(row.Cut, 1, 1).RollingWhite.Velocity.Length))),
            Figure.Worst("speed kept, full back-spin", 2e-4,
                Directed.Select(row => (row.KeptScrew, Meet(row.Cut, 1, -1).RollingWhite.Velocity.Length))),
            Figure.Near("largest angle of a rolling white, degrees", 33.749,
                Enumerable.Range(0, 61).Max(i => Meet(25 + 0.1 * i, 1, 1).Deflection), 0.01),
        ]),
        new("4.3", "Rolling full hit: shares of the speed, without and with friction between the balls", Checks.Derived, () =>
        [
            Figure.Near("white, e = 1", 2.0 / 7, Meet(0, 1, 1).RollingWhite.Velocity.X, 1e-6),
            Figure.Near("white, e = 0.95", .3036, Meet(0, 1, 1, 0, Ideal(restitution: .95)).RollingWhite.Velocity.X, 1e-4),
            Figure.Near("white, e = 0.89", .3250, Meet(0, 1, 1, 0, Ideal(restitution: .89)).RollingWhite.Velocity.X, 1e-4),
            Figure.Near("white, e = 1, friction 0.05", .2500, Meet(0, 1, 1, 0, Constant(1, .05)).RollingWhite.Velocity.X, 1e-4),
            Figure.Near("white, e = 0.95, friction 0.05", .2687, Meet(0, 1, 1, 0, Constant(.95, .05)).RollingWhite.Velocity.X, 1e-4),
        ]),
        new("4.4", "The bend after contact is one parabola whose size goes with the square of the pace",
            "Wallace and Schroeder 1988; derived", () =>
        [
            .. Bend("2 m/s, half ball, rolling", Meet(30, 2, 1), .2522, .1802, .1872),
            .. Bend("4 m/s, half ball, rolling", Meet(30, 4, 1), .5045, .7207, .7489),
            .. Bend("2 m/s, cut 45, rolling", Meet(45, 2, 1), .2059, .2354, .1765),
            .. Bend("2 m/s, half ball, back-spin", Meet(30, 2, -1), .3853, .0550, .2860),
            .. Bend("2 m/s, half ball, rolling, e = 0.95", Meet(30, 2, 1, 0, Ideal(restitution: .95)), .2459, .1836, .1780),
        ]),
        new("4.5", "Throw of a stun ball by cut and speed; a rolling ball throws far less", Checks.Alciatore, () =>
        [
            Figure.Worst("stun, degrees", 0.011,
                Throws.SelectMany(row => row.Degrees.Select(
                (degrees, i) => (degrees, Meet(row.Cut, ThrowSpeeds[i], 0, 0, Rubbing).Throw)))),
            Figure.Worst("roll, degrees", 0.011,
            [
                (2.19, Meet(30, .447, 1, 0, Rubbing).Throw), (1.00, Meet(30, 1.341, 1, 0, Rubbing).Throw),
                (.39, Meet(30, 3.129, 1, 0, Rubbing).Throw),
                (3.09, Meet(45, .447, 1, 0, Rubbing).Throw), (1.42, Meet(45, 1.341, 1, 0, Rubbing).Throw),
                (.55, Meet(45, 3.129, 1, 0, Rubbing).Throw),
                (3.78, Meet(60, .447, 1, 0, Rubbing).Throw), (1.74, Meet(60, 1.341, 1, 0, Rubbing).Throw),
                (.67, Meet(60, 3.129, 1, 0, Rubbing).Throw),
            ]),
            Figure.Worst("half ball at e = 0.95, degrees", 0.002,
                [(4.835, HalfBall95(.447)), (3.549, HalfBall95(1.341)), (1.698, HalfBall95(3.129))]),
        ]),
        new("4.6", "Outside side of R w_z = v sin(cut), a tip offset of (2/5) sin(cut) R, takes the throw away", Checks.Alciatore, () =>
        [
            Figure.Worst("throw, degrees", 1e-4,
                new[] { 15.0, 30, 45, 60 }.Select(cut => (0.0, Meet(cut, 1.341, 0, Math.Sin(Radians(cut)), Rubbing).Throw))),
        ]),
        new("4.7", "Half ball with side: throw by side and speed", Checks.Alciatore, () =>
        [
            Figure.Worst("degrees", 0.011,
                SideThrows.SelectMany(
                row => row.Degrees.Select((degrees, i) => (degrees, Meet(30, ThrowSpeeds[i], 0, row.Side, Rubbing).Throw)))),
        ]),
        new("4.8", "Straight hit with side hands at most 5/14 of it to the red, the other way round", Checks.Alciatore, () =>
        [
            Figure.Near("share at k = 0.25, any speed", 5.0 / 14, Handed(.25, 1.341), 1e-6),
            Figure.Worst("share at k = 0.5 and 1", 2e-4,
                [(.3571, Handed(.5, .447)), (.3101, Handed(.5, 1.341)), (.1482, Handed(.5, 3.129)), (.1909, Handed(1, .447)),
                    (.0876, Handed(1, 1.341)), (.0338, Handed(1, 3.129))]),
        ]),
        new("4.9", "An error of aim is multiplied by L / (D cos(cut))", Checks.Derived, () =>
        [
            Figure.Near("L 1 m, cut 30", 21.99, Amplification(1, 30), 0.05),
            Figure.Near("L 1 m, cut 45", 26.94, Amplification(1, 45), 0.05),
            Figure.Near("L 0.5 m, straight", 9.52, Amplification(.5, 0), 0.05),
        ]),
    ];

    private static double HalfBall95(double speed) => Meet(30, speed, 0, 0, Ideal(restitution: .95, ballFriction: 1)).Throw;

    private static PlayingConditions Constant(double restitution, double friction)
    {
        var ideal = Ideal(restitution: restitution);
        return ideal with { Balls = ideal.Balls with { FrictionFactor = 1, FrictionA = friction, FrictionB = 0 } };
    }

    private static Figure Directions(
        string what,
        double spin,
        double restitution,
        Func<Row, double> expected) =>
        Figure.Worst($"{what}, degrees", 0.011,
            Directed.Select(row => (expected(row), Meet(row.Cut, 1, spin, 0, Ideal(restitution: restitution)).Deflection)));

    private static Figure[] Bend(string what, Meeting meeting, double time, double along, double across)
    {
        var (end, start) = (meeting.RollingWhite.Position, meeting.White.Position);
        return
        [
            Figure.Near($"{what}: seconds", time, meeting.RollsAfter, 1e-4),
            Figure.Near($"{what}: metres along", along, end.X - start.X, 1e-4),
            Figure.Near($"{what}: metres across", across, start.Y - end.Y, 1e-4),
        ];
    }

    private static double Handed(double side, double speed)
    {
        var meeting = Meet(0, speed, 0, side, Rubbing);
        return -meeting.Red.Spin.Z * Radius / (side * speed);
    }

    /// <summary>Change of the red's direction per change of aim, for a white that travels L to the ghost ball.</summary>
    private static double Amplification(double way, double cut)
    {
        const double step = 1e-5;
        return (Line(step) - Line(-step)) / (2 * step);

        double Line(double turn)
        {
            var (sin, cos) = Math.SinCos(Radians(cut));
            var (redX, redY) = (Contact.X + Diameter * cos, Contact.Y + Diameter * sin);
            var velocity = new Vec3(Math.Cos(turn), Math.Sin(turn), 0);
            var (_, record) = Send(
                Ideal(slidingFriction: 0, rollingFriction: 0), velocity, Vec3.Zero,
                (BallId.Cue, Contact.X - way, Contact.Y), (BallId.Red1, redX, redY));
            var red = record.Events.First(told => told.Kind == ShotEventKind.Ball).Balls[1].After.Velocity;
            return Math.Atan2(red.Y, red.X) * -1;
        }
    }

    private sealed record Row(
        double Cut, double Roll, double Roll95, double Roll89, double Half, double Stun, double Low, double Screw, double Kept,
        double KeptScrew);
}
