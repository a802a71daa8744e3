using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Layouts;

/// <summary>Decides whether balls may stand as given, and says why not.</summary>
public static class LayoutRules
{
    /// <summary>Checks the balls and builds the layout when nothing is wrong.</summary>
    /// <param name="balls">The balls in any order.</param>
    /// <param name="outline">The table's outline.</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <param name="mode">How strictly to judge.</param>
    /// <param name="problems">Everything that is wrong; empty when the layout is returned.</param>
    /// <param name="touching">Pairs that are said to touch; a pair that does not is a fault.</param>
    /// <returns>The layout, or null when there are problems.</returns>
    public static Layout? TryBuild(
        IReadOnlyCollection<PlacedBall> balls,
        TableOutline outline,
        BallGauge gauge,
        LayoutMode mode,
        out IReadOnlyList<LayoutProblem> problems,
        IReadOnlySet<Contact>? touching = null)
    {
        ArgumentNullException.ThrowIfNull(balls);
        ArgumentNullException.ThrowIfNull(outline);
        if (balls.Count > BallSet.Count)
        {
            problems = [new(LayoutFault.TooMany, null, $"There are {balls.Count} balls; a set has {BallSet.Count}.")];
            return null;
        }

        var sorted = balls.OrderBy(placed => placed.Ball).ToList();
        var found = new List<LayoutProblem>();
        found.AddRange(Duplicates(sorted));
        found.AddRange(sorted.Select(placed => PlaceProblem(placed, outline, gauge)).OfType<LayoutProblem>());
        found.AddRange(Overlaps(sorted, gauge.Diameter));
        if (sorted.All(placed => placed.Ball != BallId.Cue))
            found.Add(new(LayoutFault.NoWhite, BallId.Cue, "The white is missing; lay it on the table first."));
        if (touching is not null) found.AddRange(FalseContacts(touching, sorted, gauge.Diameter));
        if (mode == LayoutMode.Frame && FrameProblem(sorted) is { } frame) found.Add(frame);
        problems = found;
        return found.Count == 0 ? new Layout(sorted, gauge) : null;
    }

    private static IEnumerable<LayoutProblem> FalseContacts(IReadOnlySet<Contact> touching, List<PlacedBall> sorted, double diameter)
    {
        foreach (var (first, second) in touching)
        {
            var a = sorted.FindIndex(placed => placed.Ball == first);
            var b = sorted.FindIndex(placed => placed.Ball == second);
            if (a < 0 || b < 0 || sorted[a].Place.DistanceTo(sorted[b].Place) - diameter > Layout.TouchingGap)
                yield return new(LayoutFault.NotTouching, second,
                    $"{Names.Text(first)} and {Names.Text(second)} are said to touch, but do not.");
        }
    }

    private static IEnumerable<LayoutProblem> Duplicates(List<PlacedBall> sorted) =>
        sorted.GroupBy(placed => placed.Ball)
            .Where(group => group.Count() > 1)
            .Select(group => new LayoutProblem(
                LayoutFault.Duplicate, group.Key, $"{Names.Text(group.Key)} is given {group.Count()} times; there is only one."));

    private static LayoutProblem? PlaceProblem(PlacedBall placed, TableOutline outline, BallGauge gauge)
    {
        var name = Names.Text(placed.Ball);
        if (!placed.Place.IsFinite)
            return new(LayoutFault.NotFinite, placed.Ball, $"The place of {name} is not a pair of finite numbers.");
        return outline.IsOnBed(placed.Place, gauge.CushionInset - Layout.RoundingOverlap)
            ? null
            : new(LayoutFault.OffTheTable, placed.Ball, $"{name} is not on the bed of the table.");
    }

    private static IEnumerable<LayoutProblem> Overlaps(List<PlacedBall> sorted, double diameter)
    {
        for (var i = 0; i < sorted.Count; i++)
        {
            for (var j = i + 1; j < sorted.Count; j++)
            {
                var overlap = diameter - sorted[i].Place.DistanceTo(sorted[j].Place);
                if (overlap > Layout.RoundingOverlap && sorted[i].Ball != sorted[j].Ball)
                {
                    yield return new(
                        LayoutFault.Overlap,
                        sorted[j].Ball,
                        $"{Names.Text(sorted[i].Ball)} and {Names.Text(sorted[j].Ball)} overlap by {overlap * 1000:0.###} mm.");
                }
            }
        }
    }

    private static LayoutProblem? FrameProblem(List<PlacedBall> sorted)
    {
        var up = sorted.Select(placed => placed.Ball).ToHashSet();
        var missing = BallSet.Colours.Where(colour => !up.Contains(colour)).ToList();
        if (missing.Count == 0) return null;
        if (up.Any(BallSet.IsRed))
        {
            return new(
                LayoutFault.NotInFrame, missing[0], $"In a frame the {Names.Spoken(missing[0])} is on the table while a red is.");
        }

        var lowestUp = BallSet.Colours.Where(up.Contains).Cast<BallId?>().FirstOrDefault();
        var gap = lowestUp is null ? null : missing.Where(colour => colour > lowestUp).Cast<BallId?>().FirstOrDefault();
        return gap is null
            ? null
            : new(
                LayoutFault.NotInFrame,
                gap,
                $"In a frame the {Names.Spoken(gap.Value)} cannot be gone while the {Names.Spoken(lowestUp!.Value)} is up.");
    }
}
