using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

internal static class Cueing
{
    private const string LeckieGreenspan = "Leckie and Greenspan 2006";

    private static readonly (double Ratio, double[] Degrees)[] PushOffs =
    [
        (15, [.77, 1.53, 2.24, 2.90, 3.47]), (20, [.61, 1.20, 1.76, 2.27, 2.71]), (25, [.50, .99, 1.45, 1.87, 2.22]),
        (30, [.43, .84, 1.23, 1.59, 1.89]), (40, [.33, .65, .95, 1.22, 1.45]),
    ];

    public static IReadOnlyList<Check> All { get; } =
    [
        new("5.1", "Ball speed over cue speed of a lossless tip, level cue, m = 0.142, M = 0.51", LeckieGreenspan, () =>
        [
            Figure.Worst("offsets 0 to 0.5 R", 1e-4,
                new[] { 1.5644, 1.5344, 1.4509, 1.3303, 1.1916, 1.0507 }.Select(
                (ratio, i) => (ratio, CueStrike.WhiteSpeedFor(1, 0.1 * i, 0.142, 0.51)))),
            Figure.Near("V = 1.5 at 0.4 R, m/s", 1.78738, CueStrike.WhiteSpeedFor(1.5, 0.4, 0.142, 0.51), 1e-5),
            Figure.Near("its spin, rad/s", 68.0908, Struck(0, 0.4, 1.78738).Spin.Length, 1e-3),
            Figure.Near("V = 1.5 at side 0.3, height -0.3, m/s", 1.735678, CueStrike.WhiteSpeedFor(1.5, Math.Sqrt(0.18), 0.142, 0.51),
                1e-5),
            Figure.Near("its vertical spin, rad/s", 49.5908, Struck(0.3, -0.3, 1.735678).Spin.Z, 1e-3),
            Figure.Near("and back-spin, rad/s", 49.5908, -Struck(0.3, -0.3, 1.735678).Spin.Y, 1e-3),
        ]),
        new("5.2", "Beyond half the radius the tip is likely to slip off", "published practical limit (from memory)", () =>
        [
            Figure.So("0.499 R is safe, 0.501 R is a risk", !new Strike(0, 1, 0.3, 0.399).IsMiscueRisk
                && new Strike(0, 1, 0.3, 0.401).IsMiscueRisk, "as said"),
        ]),
        new("5.3", "Push-off by side and end mass", "Alciatore, technical proof A.31; Cross 2008", () =>
        [
            Figure.Worst("degrees", 0.006,
                PushOffs.SelectMany(row => row.Degrees.Select(
                (degrees, i) => (degrees, Degrees(CueStrike.PushOffRadians(0.1 * (i + 1), row.Ratio)))))),
        ]),
    ];

    private static BallState Struck(double side, double height, double speed) =>
        CueStrike.Apply(new Strike(0, speed, side, height), BallState.AtRest(new Place(1, 1), Radius), PlayingConditions.Club);
}
