using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Search;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says what searches found: strokes to a zone, plainer ones, ways into the reds, ways to a place.</summary>
public static class SearchWords
{
    /// <summary>Nothing was found that stops in the zone.</summary>
    public const string NothingStops = "No stroke that pots stops there.";

    /// <summary>Nothing plainer was found.</summary>
    public const string NothingPlainer = "Nothing plainer is nearly as good.";

    /// <summary>A stroke that was found.</summary>
    /// <param name="found">The stroke.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    /// <param name="hasZone">True when it was to stop in a zone.</param>
    public static string Found(FoundStroke found, PlayingConditions conditions, bool hasZone)
    {
        ArgumentNullException.ThrowIfNull(found);
        var then = hasZone ? "and in the zone" : "with a good next pot";
        return $"{StrokeWords.Stroke(Dials.Of(found.Strike), conditions)}: {ChanceWords.Say(found.Success)} potted "
            + $"{then}{(found.Cued.NeedsRest ? $", with {CueingWords.Way(found.Cued.Way)}" : "")}{School(found.Plan.Cost)}";
    }

    /// <summary>A plainer stroke, and what it costs.</summary>
    /// <param name="simpler">The stroke.</param>
    /// <param name="own">How often the one on the sheet succeeds, 0 to 1.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Simpler(FoundStroke simpler, double own, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(simpler);
        var lost = 100 * (own - simpler.Success);
        var cost = lost > 0.5 ? $"costs {lost:0} in 100" : "costs nothing";
        return $"{StrokeWords.Stroke(Dials.Of(simpler.Strike), conditions)}: {ChanceWords.Say(simpler.Success)}, {cost}.";
    }

    /// <summary>A way into the reds.</summary>
    public static string Pack(PackStroke way, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(way);
        var what = way.Strike is null ? "does not pot"
            : way.Entry is null ? $"passes the reds; a next red {ChanceWords.Say(way.Next.Share)}"
            : $"hits the pack {Hard(way.EntrySpeed)}; a next red {ChanceWords.Say(way.Next.Share)}"
                + $"{(way.NextByRest.Share > 0.05 ? $", {ChanceWords.Say(way.NextByRest.Share)} with the rest" : "")}";
        return $"{StrokeWords.Stroke(way.Dials, conditions)}: {what}.";
    }

    /// <summary>How hard the white comes into the reds, by its speed in m/s there.</summary>
    private static string Hard(double speed) => speed switch
    {
        < 1 => "softly",
        < 2 => "firmly",
        _ => "hard",
    };

    /// <summary>The best of the ways into the reds; null when there is none.</summary>
    public static string BestPack(PackStroke? best, PlayingConditions conditions) => best is null || best.Next.Count == 0
        ? "None of these leaves a next red."
        : $"{StrokeWords.Stroke(best.Dials, conditions)} leaves a next red most often: {ChanceWords.Say(best.Next.Share)}.";

    /// <summary>A way to a place.</summary>
    public static string Way(WayToPlace way, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(way);
        ArgumentNullException.ThrowIfNull(conditions);
        var cushions = way.Cushions switch { 0 => "no cushion", 1 => "one cushion", var count => $"{count} cushions" };
        return $"{StrokeWords.Stroke(Dials.Of(way.Strike), conditions)}, {cushions}: usually within "
            + $"{BallWidths.Say(way.MissMetres / (2 * conditions.Balls.Radius))}, potted {ChanceWords.Say(way.Pot.Share)}.";
    }

    /// <summary>Which of several strokes to play, and against which.</summary>
    /// <param name="plans">The strokes, lettered from A.</param>
    /// <param name="comparison">What comparing them came to.</param>
    public static string Recommended(IReadOnlyList<ComparedPlan> plans, Comparison comparison)
    {
        ArgumentNullException.ThrowIfNull(plans);
        var (chosen, best) = (plans[comparison.Recommended], plans[comparison.Best]);
        var first = $"Play {Letter(comparison.Recommended)}: potted and well placed {ChanceWords.Say(chosen.Product)}";
        if (comparison.Recommended != comparison.Best)
            return $"{first}, the plainest; {Letter(comparison.Best)} is {100 * (best.Product - chosen.Product):0} in 100 better and "
                + $"asks more.";
        var second = Enumerable.Range(0, plans.Count).Where(i => i != comparison.Best).MaxBy(i => plans[i].Worth);
        return $"{first}, against {ChanceWords.Say(plans[second].Product)} for {Letter(second)}.";
    }

    /// <summary>What a player's school takes off, where it takes off something.</summary>
    private static string School(double cost) => cost switch
    {
        < 0.5 => "",
        >= 100 => "; you avoid this",
        _ => $"; you avoid this: {cost:0.#} off",
    };

    private static char Letter(int index) => (char)('A' + index);
}
