namespace DeepBaize.Evidence;

/// <summary>One statement of the outside world that the engine is held against.</summary>
/// <param name="Id">Short id; C numbers are facts of the trade.</param>
/// <param name="Statement">What is claimed.</param>
/// <param name="Source">Who published it, or that it is common practice or from memory.</param>
/// <param name="Compute">Plays it and compares.</param>
/// <param name="Disagreement">Where the engine is known to differ: why. Null where it must agree.</param>
public sealed record Check(string Id, string Statement, string Source, Func<IEnumerable<Figure>> Compute, string? Disagreement = null)
{
    public override string ToString() => Id;
}

/// <summary>A figure of a check: what was expected, what the engine gives, and whether that holds.</summary>
public sealed record Figure(string What, string Expected, string Computed, string Difference, bool Holds)
{
    /// <summary>A number that must be met within a tolerance.</summary>
    public static Figure Near(string what, double expected, double computed, double tolerance) => new(
        what,
        $"{Number(expected)} within {Number(tolerance)}",
        Number(computed),
        (computed - expected).ToString("0.0e+00"),
        Math.Abs(computed - expected) <= tolerance);

    /// <summary>The worst of many numbers, each of which must be met within a tolerance.</summary>
    public static Figure Worst(string what, double tolerance, IEnumerable<(double Expected, double Computed)> pairs)
    {
        var list = pairs.ToList();
        var worst = list.MaxBy(pair => Math.Abs(pair.Computed - pair.Expected));
        var difference = worst.Computed - worst.Expected;
        return new(
            $"{what} ({list.Count} values, the worst shown)",
            $"{Number(worst.Expected)} within {Number(tolerance)}",
            Number(worst.Computed),
            difference.ToString("0.0e+00"),
            list.TrueForAll(pair => Math.Abs(pair.Computed - pair.Expected) <= tolerance));
    }

    /// <summary>A number that must lie in a range.</summary>
    public static Figure Within(string what, double least, double most, double computed) =>
        new(what, $"{Number(least)} to {Number(most)}", Number(computed), "", computed >= least && computed <= most);

    /// <summary>Numbers that must rise from each to the next.</summary>
    public static Figure Rising(string what, params double[] values) =>
        new(what, "each more than the one before", string.Join(" < ", values.Select(Number)), "",
            values.Zip(values.Skip(1)).All(pair => pair.Second > pair.First));

    /// <summary>Numbers that must fall from each to the next.</summary>
    public static Figure Falling(string what, params double[] values) =>
        new(what, "each less than the one before", string.Join(" > ", values.Select(Number)), "",
            values.Zip(values.Skip(1)).All(pair => pair.Second < pair.First));

    /// <summary>Something that must be so.</summary>
    public static Figure So(string what, bool holds, string computed) => new(what, "yes", computed, "", holds);

    private static string Number(double value) => value == 0 ? "0" : Math.Abs(value) switch
    {
        < 1e-3 or >= 1e6 => value.ToString("0.0##e+0"),
        < 1 => value.ToString("0.#####"),
        < 10 => value.ToString("0.####"),
        _ => value.ToString("0.###"),
    };
}
