using DeepBaize.Table.Layouts;
using static DeepBaize.Table.Presets.PresetBook;

namespace DeepBaize.Table.Presets;

/// <summary>One stroke, asked again and again with one thing changed.</summary>
internal static class TaskPresets
{
    /// <summary>Gates behind the stun line, one after the other, in degrees; each asks for more screw than the one before.</summary>
    public static IReadOnlyList<double> FanDegrees { get; } = [0, 8, 16, 24, 32];

    private const double FanRadius = 0.7;
    private const double FanGate = 0.16;

    /// <summary>
    /// The pink to a top pocket, and a gate of two reds on a circle round the white's place at contact: on the stun line, or farther and
    /// farther behind it. The gates overlap, so that one stands at a time.
    /// </summary>
    public static Preset Fan { get; } = new(
        "fan",
        [
            PresetParameter.Count("gate", 1, FanDegrees.Count, 1),
            PresetParameter.Angle("cut", 20, 45, 30),
            PresetParameter.Distance("away", 0.25, 0.9, 0.5),
        ],
        (values, gauge) =>
        {
            var pot = new PresetPot(BallId.Pink, PocketId.TopYellowSide);
            // From the pink to the corner; square to that, where the white leaves it, runs the stun line.
            var (u, v) = Direction(Spots.Pink, new Place(Measurements.Length, 0));
            var contact = Spots.Pink.Offset(-gauge.Diameter * u, -gauge.Diameter * v);
            var (sin, cos) = Math.SinCos(values["cut"] * Math.PI / 180);
            // The white stands so far from the pink as was asked, on the line of the aim through its place at contact.
            var back = Math.Sqrt(values["away"] * values["away"] - gauge.Diameter * gauge.Diameter * sin * sin) - gauge.Diameter * cos;
            var white = White(contact.X - back * (cos * u - sin * v), contact.Y - back * (cos * v + sin * u));
            var (behind, along) = Math.SinCos(FanDegrees[values.Count("gate") - 1] * Math.PI / 180);
            var (x, y) = (-along * v - behind * u, along * u - behind * v);
            Place Side(double across) => contact.Offset(FanRadius * x - across * y, FanRadius * y + across * x);
            var half = FanGate / 2 + gauge.Radius;
            var (near, far) = (Side(half), Side(-half));
            return new PresetLayout(
                [white, OnSpot(BallId.Pink), .. Reds([near, far])],
                [WhiteMark(white), new Mark("gate", MarkKind.Gate, [near, far])],
                pot);
        });

    public static Preset Gap { get; } = new(
        "gap",
        [
            PresetParameter.Distance("width", 0.06, 0.6, 0.22),
            PresetParameter.Distance("up", 1.6, 2.9, 2.4),
            PresetParameter.Distance("across", 0.4, 1.3, 0.75),
        ],
        (values, gauge) =>
        {
            var white = White(2.95, 1.18);
            var half = values["width"] / 2 + gauge.Radius;
            var (near, far) = (new Place(values["up"], values["across"] - half), new Place(values["up"], values["across"] + half));
            return new PresetLayout(
                [white, OnSpot(BallId.Black), .. Reds([near, far])],
                [WhiteMark(white), new Mark("gate", MarkKind.Gate, [near, far])],
                new PresetPot(BallId.Black, PocketId.TopYellowSide));
        });

    public static Preset UpAndDown { get; } = new(
        "up-and-down",
        [PresetParameter.Distance("band", 0.03, 0.2, 0.06)],
        (values, _) =>
        {
            var white = White(Measurements.BaulkLine, Measurements.CentreLine);
            var (low, high) = (Measurements.CentreLine - values["band"], Measurements.CentreLine + values["band"]);
            return new PresetLayout(
                [white],
                [WhiteMark(white), new Mark(
                    "way", MarkKind.Zone, [new(0, low), new(Measurements.Length, low), new(Measurements.Length, high), new(0, high)])]);
        });

    public static Preset Crescent { get; } = new(
        "crescent",
        [
            PresetParameter.Count("reds", 3, 9, 6),
            PresetParameter.Distance("radius", 0.15, 0.6, 0.42),
        ],
        (values, _) =>
        {
            var reds = values.Count("reds");
            var places = Enumerable.Range(0, reds).Select(i =>
            {
                var (sin, cos) = Math.SinCos(Math.PI / 2 + Math.PI * i / (reds - 1));
                return Spots.Black.Offset(values["radius"] * cos, values["radius"] * sin);
            });
            return new PresetLayout([White(2.9, 0.95), OnSpot(BallId.Black), .. Reds(places)], []);
        });

    public static Preset Stairs { get; } = new(
        "stairs",
        [
            PresetParameter.Count("reds", 2, 7, 5),
            PresetParameter.Distance("step", 0.1, 0.3, 0.24),
        ],
        (values, _) =>
        {
            var places = Enumerable.Range(0, values.Count("reds"))
                .Select(i => new Place(3.3 - i * values["step"], 0.27 + i * values["step"] / 2));
            return new PresetLayout([White(1.2, 1.2), .. Reds(places)], []);
        });

    public static Preset TwoSides { get; } = new(
        "two-sides",
        [PresetParameter.Distance("apart", 0.12, 0.7, 0.3)],
        (values, _) =>
        {
            var white = White(2.1, 0.889);
            return new PresetLayout(
                [
                    white, OnSpot(BallId.Pink), OnSpot(BallId.Black),
                    .. Reds([Spots.Pink.Offset(0.15, values["apart"]), Spots.Pink.Offset(0.15, -values["apart"])]),
                ],
                [WhiteMark(white), new Mark("here", MarkKind.Target, [new Place(2.35, Measurements.CentreLine)], 0.15)]);
        });

    private static (double X, double Y) Direction(Place from, Place to)
    {
        var length = from.DistanceTo(to);
        return ((to.X - from.X) / length, (to.Y - from.Y) / length);
    }
}
