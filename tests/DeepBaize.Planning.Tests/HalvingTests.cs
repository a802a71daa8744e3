using DeepBaize.Planning.Search;

namespace DeepBaize.Planning.Tests;

/// <summary>Sequential halving over candidates of any kind.</summary>
public sealed class HalvingTests
{
    /// <summary>
    /// Of sixteen the half that looks worse goes each time, the others get twice as many draws (Karnin, Koren and Somekh 2013).
    /// </summary>
    [Fact]
    public void Each_round_keeps_half_and_doubles_the_draws_and_the_last_losers_are_told_too()
    {
        var rounds = new List<(int Kept, int Draws)>();
        var (best, sampled) = SequentialHalving.Run(
            [.. Enumerable.Range(0, 20)], 640, (kept, draws) => rounds.Add((kept.Count, draws)), candidate => -Math.Abs(candidate - 5));
        Assert.Equal([(16, 10), (8, 20), (4, 40), (2, 80)], rounds);
        Assert.Equal(640, sampled);
        Assert.Equal([5, 4, 6, 3], best);
    }

    [Fact]
    public void Of_equals_the_one_that_came_first_stays_first()
    {
        var (best, _) = SequentialHalving.Run(["a", "b", "c"], 10, (_, _) => { }, _ => 1);
        Assert.Equal(["a", "b", "c"], best);
    }

    [Fact]
    public void Without_candidates_nothing_is_sampled()
    {
        var (best, sampled) = SequentialHalving.Run<int>([], 100, (_, _) => throw new InvalidOperationException(), _ => 0);
        Assert.Empty(best);
        Assert.Equal(0, sampled);
    }
}
