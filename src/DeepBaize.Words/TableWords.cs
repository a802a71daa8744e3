using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>Says what the table read comes to.</summary>
public static class TableWords
{
    /// <summary>How many balls are on, and the widest pot.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="on">Pots that are on.</param>
    /// <param name="reds">Reds that can be potted.</param>
    public static string Summary(Layout layout, IReadOnlyList<PotEntry> on, int reds)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(on);
        var total = layout.Balls.Count(placed => BallSet.IsRed(placed.Ball));
        var colours = on.Select(entry => entry.Pot.Ball).Distinct().Count(ball => !BallSet.IsRed(ball));
        if (on.Count == 0) return "No ball can be potted straight into a pocket.";
        var widest = on.MaxBy(entry => entry.Solution?.Window?.WidthRadians ?? 0)!;
        var first = total > 0 ? $"{reds} of {total} {(total == 1 ? "red" : "reds")} and " : "";
        return $"{first}{colours} {(colours == 1 ? "colour" : "colours")} {(total == 0 && colours == 1 ? "is" : "are")} on; the widest is "
            + $"the {NameWords.Of(widest.Pot.Ball)} to the {NameWords.Of(widest.Pot.Pocket)}.";
    }

    /// <summary>A ball that is in the way or has no pocket.</summary>
    public static string Problem(ProblemBall problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var opens = problem.Opens.Select(pot => $"{NameWords.Of(pot.Ball)} to the {NameWords.Of(pot.Pocket)}").ToList();
        var words = opens.Count > 0
            ? $"in the way; when it goes it opens {Verdict.Listed(opens)}."
            : $"touches {Verdict.Listed([.. problem.Touches.Select(ball => "the " + NameWords.Of(ball))])} and has no pocket.";
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
