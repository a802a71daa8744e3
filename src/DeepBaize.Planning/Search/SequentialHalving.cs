namespace DeepBaize.Planning.Search;

/// <summary>
/// Finds the best of many candidates with a budget of samples: in rounds, each with half as many candidates and twice as many draws as the
/// one before (Karnin, Koren and Somekh 2013). What a candidate is, and what a sample of it costs, is the caller's affair.
/// </summary>
public static class SequentialHalving
{
    private const int Rounds = 4;
    private const int LastKept = 2;

    /// <summary>Candidates that are told: those of the round before the last lost against few, and may be as good.</summary>
    private const int Told = 2 * LastKept;

    /// <summary>Finds the best.</summary>
    /// <param name="candidates">The candidates, those that promise most first.</param>
    /// <param name="budget">Samples, about.</param>
    /// <param name="sample">Takes further samples, as many as it is told, of each candidate of a round.</param>
    /// <param name="worth">What a candidate's samples say so far.</param>
    /// <returns>
    /// The candidates of the last round, the best first, then those that lost in the round before it; and the samples that were taken.
    /// </returns>
    public static (IReadOnlyList<T> Best, int Sampled) Run<T>(
        IReadOnlyList<T> candidates, int budget, Action<IReadOnlyList<T>, int> sample, Func<T, double> worth)
    {
        ArgumentNullException.ThrowIfNull(candidates);
        ArgumentNullException.ThrowIfNull(sample);
        if (candidates.Count == 0) return (candidates, 0);
        var (kept, sampled) = (candidates, 0);
        var perRound = Math.Max(LastKept, budget / Rounds);
        for (var round = 0; round < Rounds; round++)
        {
            var lost = kept.Skip(LastKept << (Rounds - 1 - round)).ToList();
            kept = [.. kept.Take(LastKept << (Rounds - 1 - round))];
            var draws = Math.Max(1, perRound / kept.Count);
            sample(kept, draws);
            sampled += draws * kept.Count;
            // The order is stable: of equals the one that was found first.
            kept = [.. kept.OrderByDescending(worth)];
            if (round == Rounds - 1) kept = [.. kept, .. lost.Take(Told - kept.Count)];
        }

        return (kept, sampled);
    }
}
