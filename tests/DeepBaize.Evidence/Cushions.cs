using DeepBaize.Physics.Balls;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>e = 0.98, mu_w = 0.14, mu_s = 0.212, nose at 7R/5 unless said; the cushion stands on the +y side.</summary>
internal static class Cushions
{
    private static readonly double[][] Grid =
    [
        [20, 0, -1, 0.7772, 0.3262, 0.0033, 0.0487, -0.7659, 22.77, 0.6153, 22.35],
        [20, 0, 0, 0.7777, 0.3248, 0.0008, 0.0496, 0.2327, 22.67, 0.6152, 22.18],
        [20, 0, 1, 0.8642, 0.3089, -0.1025, 0.1656, 1.0152, 19.67, 0.6916, 16.07],
        [20, 1, -1, 0.8283, 0.3329, -0.1461, 0.8283, -0.7447, 21.90, 0.8512, 13.32],
        [20, 1, 0, 0.8310, 0.3314, -0.1312, 0.8310, 0.2490, 21.74, 0.8546, 13.48],
        [20, 1, 1, 0.8512, 0.3243, -0.0824, 0.8512, 1.2026, 20.86, 0.8763, 13.74],
        [45, 0, -1, 0.3962, 0.6468, 0.0304, 0.0527, -0.5257, 58.51, 0.5571, 57.66],
        [45, 0, 0, 0.4206, 0.6287, -0.0329, 0.0866, 0.4123, 56.22, 0.5468, 53.52],
        [45, 0, 1, 0.6555, 0.6131, -0.1358, 0.3384, 0.8629, 43.09, 0.6917, 35.25],
        [45, 1, -1, 0.4894, 0.6823, -0.2428, 0.4894, -0.5012, 54.35, 0.6436, 40.50],
        [45, 1, 0, 0.5139, 0.6741, -0.1825, 0.5139, 0.4427, 52.68, 0.6696, 39.88],
        [45, 1, 1, 0.6861, 0.6441, -0.1671, 0.6861, 1.0481, 43.19, 0.8005, 31.00],
        [70, 0, -1, 0.0048, 0.8237, 0.0432, -0.0671, -0.4042, 89.66, 0.6009, 91.50],
        [70, 0, 0, 0.1658, 0.7943, -0.1036, 0.0985, 0.2239, 78.21, 0.5574, 74.75],
        [70, 0, 1, 0.4269, 0.7985, -0.0623, 0.3582, 0.6266, 61.87, 0.6864, 53.61],
        [70, 1, -1, 0.0813, 0.8970, -0.2490, 0.0813, -0.4027, 84.82, 0.5754, 81.87],
        [70, 1, 0, 0.2060, 0.8641, -0.2265, 0.2060, 0.3116, 76.59, 0.5896, 69.55],
        [70, 1, 1, 0.4666, 0.8626, -0.2267, 0.4666, 0.7145, 61.59, 0.7223, 49.76],
        [90, 0, 0, 0.0000, 0.8373, -0.0782, 0.0000, 0.0000, 90.00, 0.5757, 90.00],
        [90, 0, 1, 0.2377, 0.8540, 0.0008, 0.2377, 0.4554, 74.45, 0.6549, 68.72],
        [90, 1, 0, 0.0000, 0.9107, -0.2351, 0.0000, 0.0000, 90.00, 0.5833, 90.00],
        [90, 1, 1, 0.2330, 0.9391, -0.2325, 0.2330, 0.4661, 76.07, 0.6477, 68.92],
    ];

    /// <summary>Rolling, no side: angle in, speed and angle after, speed and angle once it rolls.</summary>
    private static readonly double[][] RollingRebounds =
    [
        [10, .9433, 10.34, .9332, 6.10], [20, .8947, 21.74, .8546, 13.48], [30, .8614, 34.00, .7734, 22.58],
        [40, .8474, 46.55, .7002, 33.65],
        [45, .8476, 52.68, .6696, 39.88], [50, .8516, 58.56, .6439, 46.38], [60, .8672, 68.82, .6068, 58.92],
        [70, .8883, 76.59, .5896, 69.55],
        [80, .9046, 83.39, .5839, 79.72], [85, .9091, 86.70, .5832, 84.86],
    ];

    public static IReadOnlyList<Check> All { get; } =
    [
        new("6.3", "Rows of the impulse equations converged to five digits", Checks.Mathavan, () =>
        [
            Row(90, 1, 0, 0, .91066, -.23517, 0, 0), Row(90, 0, 0, 0, .83732, -.07830, 0, 0),
            Row(45, 1, 0, .51390, .67406, -.18251, .51390, .44269),
            Row(45, 0, 0, .42057, .62871, -.03293, .08662, .41225), Row(45, 1, 1, .68613, .64411, -.16710, .68613, 1.04807),
            Row(45, 1, -1, .48941, .68226, -.24282, .48941, -.50120), Row(30, .5, .5, .67028, .45403, -.07568, .45736, .80442),
            Row(60, 1, .5, .43094, .79069, -.20758, .43094, .65823), Row(90, -1, 0, 0, .86586, .15275, 0, 0),
        ]),
        new("6.4", "Square on, without side, the equations are piecewise linear and have an exact solution", Checks.Derived, () =>
        [
            Figure.Worst("speed away", 1e-6, Exact.Select(row => (row.Away, -Rebound(90, row.Roll, 0, 1, Reference()).Velocity.Y))),
            Figure.Worst("spin left", 1e-6, Exact.Select(row => (row.Spin, Rebound(90, row.Roll, 0, 1, Reference()).Spin.X * Radius))),
            Figure.Near("without any friction only e is left", .98, -Rebound(90, 1, 0, 1, Reference(cushion: 0, cloth: 0)).Velocity.Y,
                1e-12),
        ]),
        new("6.5", "Square rolling rebound by restitution, nose height and cushion friction", Checks.Mathavan, () =>
        [
            Figure.Worst("by restitution, nose 0.40", 1e-4,
                new[] { (1, .9283), (.98, .9107), (.95, .8843), (.9, .8404), (.85, .7967), (.8, .7531), (.75, .7098), (.7, .6667) }
                .Select(row => (row.Item2, -Rebound(90, 1, 0, 1, Reference(row.Item1)).Velocity.Y))),
            Figure.Worst("by restitution, nose 0.27", 1e-4,
                new[] { (1, .9756), (.98, .9580), (.95, .9315), (.9, .8876), (.85, .8440), (.8, .8000), (.7, .7000) }
                .Select(row => (row.Item2, -Rebound(90, 1, 0, 1, Reference(row.Item1, sine: .27)).Velocity.Y))),
            Figure.Worst("by cushion friction", 1e-4,
                new[] { (0, .9800), (.05, .9707), (.10, .9400), (.14, .9107), (.20, .8653), (.30, .8138), (.40, .7863) }
                .Select(row => (row.Item2, -Rebound(90, 1, 0, 1, Reference(cushion: row.Item1)).Velocity.Y))),
        ]),
        new("6.6", "Rolling ball without side by angle of incidence, at once and when it rolls again", Checks.Mathavan, () =>
        [
            Figure.Worst("speed", 1e-4, RollingRebounds.Select(row => (row[1], Rebound(row[0], 1, 0, 1, Reference()).Velocity.Length))),
            Figure.Worst("angle, degrees", 0.011, RollingRebounds.Select(row => (row[2], OutAngle(Rebound(row[0], 1, 0, 1, Reference()))))),
            Figure.Worst("speed rolling", 1e-4,
                RollingRebounds.Select(row => (row[3], Rolling(Rebound(row[0], 1, 0, 1, Reference())).Length))),
        ]),
        new("6.7", "Grid of arrivals: angle, roll, side", Checks.Mathavan, () =>
        [
            Figure.Worst("speeds and spins", 1.1e-4,
                Grid.SelectMany(row => row[3..8].Zip(State(Rebound(row[0], row[1], row[2], 1, Reference()))))),
            Figure.Worst("angle, degrees", 0.011, Grid.Select(row => (row[8], OutAngle(Rebound(row[0], row[1], row[2], 1, Reference()))))),
            Figure.Worst("speed rolling", 1e-4,
                Grid.Select(row => (row[9], Rolling(Rebound(row[0], row[1], row[2], 1, Reference())).Length))),
            Figure.Near("scaled by 3, 45 degrees with side: change of the ratio", 0,
                Rebound(45, 1, 1, 3, Reference()).Velocity.X / 3 - Rebound(45, 1, 1, 1, Reference()).Velocity.X, 1e-12),
        ]),
        new("6.7a", "Arrival at 20 degrees without roll, with running side: the sideways spin left over is -0.1024 v/R", Checks.Mathavan,
            () =>
        [
            Figure.Near("R w_x / v", -0.1024, Rebound(20, 0, 1, 1, Reference()).Spin.X * Radius, 5e-5),
        ], "The table that was given has -0.1024; the engine has -0.10252 and an independent integration (reference/integrate.py, Radau, "
            + "smoothing 1e-8) has -0.10252 too: the last digit of the table is off. The grid above holds -0.1025 there."),
        new("6.9", "Running side widens the rebound and keeps speed, check side narrows it; a ball without side takes some up",
            Checks.Mathavan, () =>
        [
            .. new[] { 20.0, 45, 70 }.Select(
                angle => Figure.Falling(
                $"angle out at {angle}, side -1 to 1",
            [.. new[] { -1, -.5, 0, .5, 1 }.Select(side => OutAngle(Rebound(angle, 1, side, 1, Reference())))])),
            .. new[] { 20.0, 45, 70 }.Select(
                angle => Figure.Rising(
                $"speed out at {angle}, side 0 and 1", Rebound(angle, 1, 0, 1, Reference()).Velocity.Length,
            Rebound(angle, 1, 1, 1, Reference()).Velocity.Length)),
            Figure.Within("side taken up at 45, R w / v", .43, .45, Rebound(45, 1, 0, 1, Reference()).Spin.Z * Radius),
        ]),
    ];

    private static (double Roll, double Away, double Spin)[] Exact =>
    [
        (1.5, .980000, -.430932), (1, .910658, -.235173), (.5, .846370, -.135403), (0, .837321, -.078299), (-.5, .857257, -.080163),
        (-1, .865857, .152752),
    ];

    public static PlayingConditions Reference(
        double restitution = .98, double cushion = .14, double cloth = .212, double sine = .4, double fall = 0) => new()
        {
            Table = new TableCoefficients
            {
                SlidingFriction = cloth,
                CushionRestitution = restitution,
                CushionRestitutionLoss = 0,
                CushionFriction = cushion,
                CushionFrictionFall = fall,
                NoseHeight = Radius * (1 + sine),
            },
        };

    private static double[] State(BallState after) =>
        [after.Velocity.X, -after.Velocity.Y, after.Spin.X * Radius, after.Spin.Y * Radius, after.Spin.Z * Radius];

    private static Figure Row(double angle, double roll, double side, params double[] expected) =>
        Figure.Worst($"{angle} degrees, roll {roll}, side {side}", 1.2e-5, expected.Zip(State(Rebound(angle, roll, side, 1, Reference()))));
}
