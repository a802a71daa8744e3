namespace DeepBaize.Words;

/// <summary>Rounds parts to tenths so that they add up to their rounded sum.</summary>
public static class Tenths
{
    /// <summary>The parts in tenths: each is less than a tenth from what it is.</summary>
    /// <param name="parts">The parts.</param>
    public static IReadOnlyList<double> Of(IReadOnlyList<double> parts)
    {
        ArgumentNullException.ThrowIfNull(parts);
        var rounded = parts.Select(part => Math.Floor(10 * part)).ToArray();
        var missing = (int)(Math.Round(10 * parts.Sum(), MidpointRounding.AwayFromZero) - rounded.Sum());
        // The largest remainders are rounded up.
        foreach (var i in Enumerable.Range(0, parts.Count).OrderByDescending(i => 10 * parts[i] - rounded[i]).Take(missing)) rounded[i]++;
        return [.. rounded.Select(tenth => tenth / 10)];
    }
}
