using DeepBaize.Planning.Attempts;

namespace DeepBaize.Words;

/// <summary>Says what attempts at the same thing came to.</summary>
public static class AttemptWords
{
    /// <summary>How many there were, the best, and the last ones; the newest first.</summary>
    public static string Say(AttemptTally tally)
    {
        ArgumentNullException.ThrowIfNull(tally);
        if (tally.Count == 0) return "No attempt at these balls yet.";
        var count = tally.Count == 1 ? "1 attempt at these balls" : $"{tally.Count} attempts at these balls";
        var cleared = tally.Cleared == 0 ? "" : tally.Cleared == 1 ? ", 1 clearance" : $", {tally.Cleared} clearances";
        if (tally.Count == 1) return $"{count}: {tally.Best} {(tally.Best == 1 ? "point" : "points")}{cleared}.";
        var last = string.Join(", ", tally.Last.Select(one => one.Points));
        return $"{count}{cleared}: best {tally.Best}, {tally.Mean:0.#} on average; the last {last}.";
    }
}
