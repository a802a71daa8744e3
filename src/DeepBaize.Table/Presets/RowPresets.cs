using static DeepBaize.Table.Presets.PresetBook;

namespace DeepBaize.Table.Presets;

/// <summary>Reds in rows: along the line of the spots, round the blue, along a cushion.</summary>
internal static class RowPresets
{
    public static Preset LineUp { get; } = new(
        "line-up",
        [
            PresetParameter.Count("reds", 1, 15, 15),
            PresetParameter.Distance("gap", 0, 0.3, 0.06),
        ],
        (values, gauge) => new PresetLayout(
            [White(1.30, 0.62), .. Colours(), .. Reds(OnSpotLine(values.Count("reds"), values["gap"] + gauge.Diameter, gauge))], []));

    public static Preset Cross { get; } = new(
        "cross",
        [
            PresetParameter.Count("each", 1, 3, 2),
            PresetParameter.Distance("first", 0.11, 0.5, 0.2),
            PresetParameter.Distance("step", 0.0525, 0.15, 0.12),
        ],
        (values, _) => new PresetLayout(
            [White(1.35, 0.55), .. Colours(), .. Reds(Arms(values.Count("each"), values["first"], values["step"]))], []));

    public static Preset Rail { get; } = new(
        "rail",
        [
            PresetParameter.Count("reds", 1, 8, 5),
            PresetParameter.Distance("off", 0, 0.1, 0),
            PresetParameter.Distance("step", 0.06, 0.2, 0.16),
        ],
        (values, gauge) =>
        {
            var y = gauge.CushionInset + values["off"];
            var places = Enumerable.Range(0, values.Count("reds")).Select(i => new Place(2.02 + i * values["step"], y));
            return new PresetLayout([White(2.45, 0.75), OnSpot(BallId.Black), .. Reds(places)], []);
        });

    /// <summary>Places on the line of the spots, above the blue first and then below it, that keep clear of the colours.</summary>
    private static IEnumerable<Place> OnSpotLine(int count, double pitch, BallGauge gauge)
    {
        var top = Measurements.Length - gauge.CushionInset;
        var upwards = Walk(Spots.Blue.X + pitch, pitch, x => x <= top);
        var downwards = Walk(Spots.Blue.X - pitch, -pitch, x => x >= Spots.Brown.X + gauge.Diameter);
        return upwards.Concat(downwards).Take(count);

        IEnumerable<Place> Walk(double from, double step, Func<double, bool> goesOn)
        {
            for (var x = from; goesOn(x); x += step)
            {
                if (BallSet.Colours.All(colour => Math.Abs(Spots.Of(colour)!.Value.X - x) >= gauge.Diameter || !IsOnLine(colour)))
                    yield return new Place(x, Measurements.CentreLine);
            }
        }

        static bool IsOnLine(BallId colour) => Spots.Of(colour)!.Value.Y == Measurements.CentreLine;
    }

    private static IEnumerable<Place> Arms(int each, double first, double step)
    {
        (double X, double Y)[] ways = [(1, 0), (0, 1), (-1, 0), (0, -1)];
        return ways.SelectMany(way => Enumerable.Range(0, each)
            .Select(i => Spots.Blue.Offset(way.X * (first + i * step), way.Y * (first + i * step))));
    }
}
