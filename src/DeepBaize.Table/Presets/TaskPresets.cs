using DeepBaize.Table.Layouts;
using static DeepBaize.Table.Presets.PresetBook;

namespace DeepBaize.Table.Presets;

/// <summary>One stroke, asked again and again with one thing changed.</summary>
internal static class TaskPresets
{
    /// <summary>
    /// A red to a middle pocket and six colours in a row across the table: the first on the stun line, the others farther and farther
    /// back, so that each asks for more screw.
    /// </summary>
    public static Preset Ladder { get; } = new(
        "ladder",
        [
            PresetParameter.Distance("whiteUp", 1.2, 1.74, 1.65),
            PresetParameter.Distance("whiteAcross", 0.1, 0.8, 0.56),
            PresetParameter.Distance("row", 2.2, 3.5, 2.96),
            PresetParameter.Distance("step", 0.0525, 0.15, 0.11),
        ],
        (values, gauge) =>
        {
            var white = White(values["whiteUp"], Measurements.Width - values["whiteAcross"]);
            var stunLine = Measurements.CentreLine + gauge.Diameter;
            var row = BallSet.Colours.Select(
                (colour, i) => new PlacedBall(colour, new Place(values["row"], stunLine + i * values["step"])));
            return new PresetLayout(
                [white, new(BallId.Red1, Spots.Blue), .. row], [WhiteMark(white)], new PresetPot(BallId.Red1, PocketId.MiddleYellowSide));
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
}
