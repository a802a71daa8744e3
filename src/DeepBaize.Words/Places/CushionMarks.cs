using DeepBaize.Table;

namespace DeepBaize.Words.Places;

/// <summary>A point on a cushion as it is found by eye: so many balls from something that can be seen.</summary>
/// <param name="Cushion">The cushion.</param>
/// <param name="Landmark">What it is measured from, in words.</param>
/// <param name="LandmarkAlong">Where that is, in metres along the cushion: from the baulk end, or from the yellow's side.</param>
/// <param name="Balls">Balls from it, in steps; less than 0 towards baulk, or towards the yellow's side.</param>
/// <param name="Words">The whole in words.</param>
public sealed record CushionMark(CushionId Cushion, string Landmark, double LandmarkAlong, double Balls, string Words)
{
    /// <summary>Where the point is that is said, in metres along the cushion.</summary>
    /// <param name="diameter">Diameter of a ball.</param>
    public double Along(double diameter) => LandmarkAlong + Balls * diameter;
}

/// <summary>
/// Names points on the cushions. A snooker table has no marks on its rails: players count balls from the pockets, or from what lies level
/// with a spot or a line (common practice, no source).
/// </summary>
public static class CushionMarks
{
    /// <summary>A landmark is better by this many balls than one that is farther away, if it is a pocket.</summary>
    private const double PocketsFirst = 1.5;

    private const double Quarters = 4;
    private const double Eighths = 8;

    /// <summary>The landmarks of the long cushions, in metres from the baulk end: the lines and spots as they lie level.</summary>
    private static readonly (string Name, double Along, bool IsPocket)[] Long =
    [
        ("corner pocket at baulk", 0, true),
        ("baulk line", Measurements.BaulkLine, false),
        ("middle pocket", Measurements.Length / 2, true),
        ("pink spot", Spots.Pink.X, false),
        ("black spot", Spots.Black.X, false),
        ("top pocket", Measurements.Length, true),
    ];

    /// <summary>The landmarks of the short cushions, in metres from the yellow's side.</summary>
    private static readonly (string Name, double Along, bool IsPocket)[] Short =
    [
        ("pocket on the yellow side", 0, true),
        ("yellow spot", Spots.Yellow.Y, false),
        ("middle of the cushion", Measurements.CentreLine, false),
        ("green spot", Spots.Green.Y, false),
        ("pocket on the green side", Measurements.Width, true),
    ];

    /// <summary>Names a point, to a quarter of a ball.</summary>
    /// <param name="cushion">The cushion.</param>
    /// <param name="along">Metres along it: from the baulk end, or from the yellow's side.</param>
    /// <param name="diameter">Diameter of a ball.</param>
    public static CushionMark Of(CushionId cushion, double along, double diameter) => Of(cushion, along, diameter, Quarters);

    /// <summary>
    /// Names a point so that what is said lies within a window: to a quarter of a ball if that does, to an eighth, or else in millimetres.
    /// </summary>
    /// <param name="cushion">The cushion.</param>
    /// <param name="along">Metres along it.</param>
    /// <param name="window">The window along the cushion, from the less to the more.</param>
    /// <param name="diameter">Diameter of a ball.</param>
    public static CushionMark Within(CushionId cushion, double along, (double From, double To) window, double diameter)
    {
        foreach (var steps in new[] { Quarters, Eighths, Math.Round(1000 * diameter) })
        {
            var mark = Of(cushion, along, diameter, steps);
            if (mark.Along(diameter) >= window.From && mark.Along(diameter) <= window.To) return mark;
        }

        return Of(cushion, along, diameter, double.PositiveInfinity);
    }

    /// <summary>The landmarks of a cushion with their metres along it.</summary>
    /// <param name="cushion">The cushion.</param>
    public static IReadOnlyList<(string Name, double Along)> Landmarks(CushionId cushion) =>
        [.. MarksOf(cushion).Select(mark => (mark.Name, mark.Along))];

    private static (string Name, double Along, bool IsPocket)[] MarksOf(CushionId cushion) =>
        cushion is CushionId.Baulk or CushionId.Top ? Short : Long;

    private static CushionMark Of(CushionId cushion, double along, double diameter, double steps)
    {
        var (name, at, isPocket) = MarksOf(cushion)
            .MinBy(mark => Math.Abs(along - mark.Along) / diameter - (mark.IsPocket ? PocketsFirst : 0));
        var exact = (along - at) / diameter;
        var balls = double.IsPositiveInfinity(steps) ? exact : Math.Round(steps * exact, MidpointRounding.AwayFromZero) / steps;
        var where = $"on the {NameWords.Of(cushion)}";
        var isFine = steps > Eighths;
        var words = balls == 0 && !isFine
            ? isPocket ? $"{where}, at the {name}" : $"{where}, {Level(cushion, name)}"
            : $"{where}, {(isFine ? $"{Math.Round(1000 * Math.Abs(balls) * diameter, 1):0.#} mm" : Count(Math.Abs(balls)))} "
                + $"{Side(cushion, balls)} the {name}";
        return new CushionMark(cushion, name, at, balls, words);
    }

    private static string Level(CushionId cushion, string name) =>
        cushion is CushionId.Baulk or CushionId.Top && name.StartsWith("middle", StringComparison.Ordinal)
            ? "in the middle" : $"level with the {name}";

    private static string Side(CushionId cushion, double balls) => cushion is CushionId.Baulk or CushionId.Top
        ? balls > 0 ? "to the green side of" : "to the yellow side of"
        : balls > 0 ? "beyond" : "short of";

    /// <summary>A number of balls in quarters or eighths: "a ball and a quarter", "three quarters of a ball".</summary>
    private static string Count(double balls)
    {
        var whole = (int)balls;
        var rest = (balls - whole) switch
        {
            0 => "",
            0.125 => "an eighth",
            0.25 => "a quarter",
            0.375 => "three eighths",
            0.5 => "a half",
            0.625 => "five eighths",
            0.75 => "three quarters",
            _ => "seven eighths",
        };
        if (whole == 0) return rest == "a half" ? "half a ball" : $"{rest} of a ball";
        var number = whole < BallWidths.Numbers.Length ? BallWidths.Numbers[whole] : $"{whole}";
        if (rest.Length == 0) return whole == 1 ? "a ball" : $"{number} balls";
        return whole == 1 ? $"a ball and {rest}" : $"{number} and {rest} balls";
    }
}
