using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Table.Presets.PresetBook;

namespace DeepBaize.Table.Presets;

/// <summary>Positions of a frame: as it begins, and as it ends when the scores are level.</summary>
internal static class FramePresets
{
    public static Preset FullFrame { get; } = new(
        "full-frame",
        [],
        (_, gauge) => Start(gauge, White(Measurements.BaulkLine - 0.06, Measurements.CentreLine - 0.17)));

    public static Preset BreakOff { get; } = new(
        "break-off",
        [
            // Between the yellow and the brown, which are in the way beyond; the other side is the mirror's.
            PresetParameter.Distance("across", -0.23, -0.07, -0.18),
            PresetParameter.Distance("behind", 0, 0.28, 0.02),
        ],
        (values, gauge) =>
        {
            var wanted = new Place(Measurements.BaulkLine - values["behind"], Measurements.CentreLine + values["across"]);
            // No cushion is near the D, so that any outline serves; the colours on the line are in the way.
            var settled = Settling.Settle(wanted, [.. Colours()], TableOutline.Club, gauge, new LayingManner(Snaps: false, InHand: true));
            return Start(gauge, new PlacedBall(BallId.Cue, settled.Place));
        });

    public static Preset RespottedBlack { get; } = new(
        "respotted-black",
        [PresetParameter.Distance("across", -0.28, 0.28, -0.15)],
        (values, _) => new PresetLayout(
            [White(Measurements.BaulkLine, Measurements.CentreLine + values["across"]), OnSpot(BallId.Black)], [], null, IsInHand: true));

    private static PresetLayout Start(BallGauge gauge, PlacedBall white) =>
        new([white, .. Colours(), .. Reds(Spots.Rack(gauge.Diameter))], [], null, IsInHand: true)
        {
            // Thin on the end red of its own side, with running side: round to baulk again.
            Stroke = new PresetStroke(7, white.Place.Y <= Measurements.CentreLine ? 0.25 : -0.25, 0.05, 0.22),
        };
}
