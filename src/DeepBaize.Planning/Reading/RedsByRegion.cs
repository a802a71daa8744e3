using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Reading;

/// <summary>A part of the table across its whole width.</summary>
/// <param name="Name">What its player calls it; null for one of the usual ones.</param>
/// <param name="From">Its lower edge in metres up the table, included.</param>
/// <param name="To">Its upper edge, not included.</param>
/// <param name="ForTheBlue">True for the group that is played with the blue: it may be small and spent early.</param>
public sealed record Region(string? Name, double From, double To, bool ForTheBlue = false);

/// <summary>What can be wrong with regions.</summary>
public enum RegionFault
{
    /// <summary>There are none, or too many.</summary>
    Count,

    /// <summary>One ends before it begins.</summary>
    Backwards,

    /// <summary>Two overlap.</summary>
    Overlap,
}

/// <summary>A region and the reds in it.</summary>
/// <param name="Region">The region.</param>
/// <param name="Reds">The reds.</param>
public sealed record RegionCount(Region Region, IReadOnlyList<BallId> Reds);

/// <summary>A red that could go next, as far as balance between the regions is concerned.</summary>
/// <param name="Red">The red.</param>
/// <param name="Region">Its region; null when it stands in none.</param>
/// <param name="Left">Reds left there when it goes.</param>
/// <param name="SpendsSmallGroup">True when it would empty, early, a small group that is not the blue's.</param>
public sealed record RedChoice(BallId Red, Region? Region, int Left, bool SpendsSmallGroup);

/// <summary>Counts reds by region and says which red keeps the regions balanced.</summary>
public static class RedsByRegion
{
    /// <summary>Most reds of a group that is called small (common practice, no source).</summary>
    public const int SmallGroup = 3;

    /// <summary>The usual four regions, divided at the black, pink and blue spots.</summary>
    public static IReadOnlyList<Region> Usual { get; } =
    [
        new(null, Spots.Of(BallId.Black)!.Value.X, Measurements.Length),
        new(null, Spots.Of(BallId.Pink)!.Value.X, Spots.Of(BallId.Black)!.Value.X),
        new(null, Spots.Of(BallId.Blue)!.Value.X, Spots.Of(BallId.Pink)!.Value.X, ForTheBlue: true),
        new(null, 0, Spots.Of(BallId.Blue)!.Value.X),
    ];

    /// <summary>The most regions of a table.</summary>
    public const int Most = 12;

    /// <summary>What is wrong with regions; null when they can be used.</summary>
    public static RegionFault? Flaw(IReadOnlyList<Region> regions)
    {
        ArgumentNullException.ThrowIfNull(regions);
        if (regions.Count is 0 or > Most) return RegionFault.Count;
        var sorted = regions.OrderBy(region => region.From).ToList();
        if (sorted.Exists(region => !(double.IsFinite(region.From) && double.IsFinite(region.To) && region.From < region.To)))
            return RegionFault.Backwards;
        return sorted.Zip(sorted.Skip(1)).Any(pair => pair.Second.From < pair.First.To - 1e-9) ? RegionFault.Overlap : null;
    }

    /// <summary>The reds in each region, in the order of the regions.</summary>
    /// <param name="balls">The balls.</param>
    /// <param name="regions">The regions.</param>
    public static IReadOnlyList<RegionCount> Count(IReadOnlyList<PlacedBall> balls, IReadOnlyList<Region> regions)
    {
        ArgumentNullException.ThrowIfNull(balls);
        ArgumentNullException.ThrowIfNull(regions);
        return [.. regions.Select(region => new RegionCount(
            region, [.. balls.Where(placed => BallSet.IsRed(placed.Ball) && IsIn(placed.Place, region)).Select(placed => placed.Ball)]))];
    }

    /// <summary>
    /// Ranks reds: with balancing, those from the greatest group first and those that would spend a small group last; without, all are
    /// equal and keep their order.
    /// </summary>
    /// <param name="balls">The balls.</param>
    /// <param name="regions">The regions.</param>
    /// <param name="candidates">The reds that could be played.</param>
    /// <param name="balance">False to leave the balance out of it.</param>
    public static IReadOnlyList<RedChoice> Rank(
        IReadOnlyList<PlacedBall> balls, IReadOnlyList<Region> regions, IReadOnlyList<BallId> candidates, bool balance)
    {
        ArgumentNullException.ThrowIfNull(candidates);
        var counts = Count(balls, regions);
        var total = counts.Sum(count => count.Reds.Count);
        var choices = candidates.Select(Choose);
        return balance ? [.. choices.OrderBy(choice => choice.SpendsSmallGroup).ThenByDescending(choice => choice.Left)] : [.. choices];

        RedChoice Choose(BallId red)
        {
            var group = counts.FirstOrDefault(count => count.Reds.Contains(red));
            if (group is null) return new RedChoice(red, null, 0, false);
            var early = total > group.Reds.Count;
            return new RedChoice(
                red, group.Region, group.Reds.Count - 1, early && !group.Region.ForTheBlue && group.Reds.Count <= SmallGroup);
        }
    }

    private static bool IsIn(Place place, Region region) => place.X >= region.From && place.X < region.To;
}
