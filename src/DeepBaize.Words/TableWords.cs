using DeepBaize.Planning.Reading;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>Says what the table read comes to.</summary>
public static class TableWords
{
    /// <summary>How many of the balls that are on can be potted, and the widest pot.</summary>
    /// <param name="on">The balls that are on.</param>
    /// <param name="pots">The pots of these that go.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Summary(IReadOnlyCollection<BallId> on, IReadOnlyList<PotEntry> pots, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(on);
        ArgumentNullException.ThrowIfNull(pots);
        if (on.Count == 0) return "Nothing is on.";
        if (pots.Count == 0) return $"{(on.Count == 1 ? $"The {NameWords.Of(on.First())} cannot" : "Nothing that is on can")} be potted.";
        var widest = pots.MaxBy(entry => entry.Solution?.Window?.WidthRadians ?? 0)!.Pot;
        if (on.Count == 1) return $"The {NameWords.Of(widest.Ball)} can be potted, best to the {NameWords.Of(widest.Pocket)}.";
        var go = pots.Select(entry => entry.Pot.Ball).Distinct().ToList();
        var parts = new[] { Part(on, go, BallSet.IsRed, "red"), Part(on, go, ball => !BallSet.IsRed(ball), "colour") }.OfType<string>();
        return $"{string.Join(" and ", parts)} can be potted; the widest is {names.The(widest.Ball)} to the "
            + $"{NameWords.Of(widest.Pocket)}.";
    }

    private static string? Part(IEnumerable<BallId> on, IEnumerable<BallId> go, Func<BallId, bool> isOne, string name)
    {
        var all = on.Count(isOne);
        return all == 0 ? null : $"{go.Count(isOne)} of {all} {name}{(all == 1 ? "" : "s")}";
    }

    /// <summary>A ball that is in the way or has no pocket.</summary>
    /// <param name="problem">The ball.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Problem(ProblemBall problem, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var opens = problem.Opens.Select(pot => $"{names.Of(pot.Ball)} to the {NameWords.Of(pot.Pocket)}").ToList();
        var words = opens.Count > 0
            ? $"in the way; when it goes it opens {Verdict.Listed(opens)}."
            : $"touches {Verdict.Listed([.. problem.Touches.Select(names.The)])} and has no pocket.";
        return words + (problem.OnPots > 0 ? " It can go now." : opens.Count > 0 ? " It has no pocket itself." : "");
    }

    /// <summary>What a red leaves in its region.</summary>
    /// <param name="choice">The red.</param>
    /// <param name="balance">True when the regions are to be kept in balance.</param>
    public static string Choice(RedChoice choice, bool balance)
    {
        ArgumentNullException.ThrowIfNull(choice);
        var words = choice.Region is null ? "stands in no region" : $"leaves {choice.Left} in {RegionWords.Name(choice.Region)}";
        if (balance && choice.SpendsSmallGroup) words += "; spends a small group early";
        if (balance && choice is { Region.ForTheBlue: true, Left: < RedsByRegion.SmallGroup }) words += "; the blue's group may go";
        return words;
    }
}
