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
            problems = [new(LayoutFault.TooMany, null, Amount: balls.Count)];
            return null;
        }

        var sorted = balls.OrderBy(placed => placed.Ball).ToList();
        var found = new List<LayoutProblem>();
        found.AddRange(Duplicates(sorted));
        found.AddRange(sorted.Select(placed => PlaceProblem(placed, outline, gauge)).OfType<LayoutProblem>());
        found.AddRange(Overlaps(sorted, gauge.Diameter));
        if (sorted.All(placed => placed.Ball != BallId.Cue))
            found.Add(new(LayoutFault.NoWhite, BallId.Cue));
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
                yield return new(LayoutFault.NotTouching, second, first);
        }
    }

    private static IEnumerable<LayoutProblem> Duplicates(List<PlacedBall> sorted) =>
        sorted.GroupBy(placed => placed.Ball)
            .Where(group => group.Count() > 1)
            .Select(group => new LayoutProblem(LayoutFault.Duplicate, group.Key, Amount: group.Count()));

    private static LayoutProblem? PlaceProblem(PlacedBall placed, TableOutline outline, BallGauge gauge)
    {
        if (!placed.Place.IsFinite) return new(LayoutFault.NotFinite, placed.Ball);
        return outline.IsOnBed(placed.Place, gauge.CushionInset - Layout.RoundingOverlap)
            ? null
            : new(LayoutFault.OffTheTable, placed.Ball);
    }

    private static IEnumerable<LayoutProblem> Overlaps(List<PlacedBall> sorted, double diameter)
    {
        for (var i = 0; i < sorted.Count; i++)
        {
            for (var j = i + 1; j < sorted.Count; j++)
            {
                var overlap = diameter - sorted[i].Place.DistanceTo(sorted[j].Place);
                if (overlap > Layout.RoundingOverlap && sorted[i].Ball != sorted[j].Ball)
                    yield return new(LayoutFault.Overlap, sorted[j].Ball, sorted[i].Ball, overlap);
            }
        }
    }

    private static LayoutProblem? FrameProblem(List<PlacedBall> sorted)
    {
        var up = sorted.Select(placed => placed.Ball).ToHashSet();
        var missing = BallSet.Colours.Where(colour => !up.Contains(colour)).ToList();
        if (missing.Count == 0) return null;
        if (up.Any(BallSet.IsRed)) return new(LayoutFault.NotInFrame, missing[0]);
        var lowestUp = BallSet.Colours.Where(up.Contains).Cast<BallId?>().FirstOrDefault();
        var gap = lowestUp is null ? null : missing.Where(colour => colour > lowestUp).Cast<BallId?>().FirstOrDefault();
        return gap is null ? null : new(LayoutFault.NotInFrame, gap, lowestUp);
    }
}
