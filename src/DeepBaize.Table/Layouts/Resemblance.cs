namespace DeepBaize.Table.Layouts;

/// <summary>How one position resembles another.</summary>
/// <param name="IsMirrored">True when it is nearer to the other's mirror image.</param>
/// <param name="Apart">
/// How far apart matching balls lie on average, in metres; a ball that only one of them has counts as <see cref="Resemblance.Missing"/>.
/// </param>
/// <param name="Farthest">The ball that lies farthest from its like.</param>
public sealed record Likeness(bool IsMirrored, double Apart, BallId Farthest);

/// <summary>
/// Compares positions: white with white, each colour with its like, reds with the nearest red of the other, both ways (reds have no
/// names on the table).
/// </summary>
public static class Resemblance
{
    /// <summary>What a missing ball counts, in metres: a quarter of the table's length.</summary>
    public const double Missing = Measurements.Length / 4;

    /// <summary>Compares a position with another as it lies and mirrored, and tells the better of the two.</summary>
    public static Likeness Compare(IReadOnlyList<PlacedBall> one, IReadOnlyList<PlacedBall> other)
    {
        ArgumentNullException.ThrowIfNull(one);
        ArgumentNullException.ThrowIfNull(other);
        var straight = Measure(one, other);
        var mirrored = Measure(one, [.. other.Select(placed => placed with { Place = placed.Place.Mirrored() })]);
        return mirrored.Apart < straight.Apart ? mirrored with { IsMirrored = true } : straight;
    }

    private static Likeness Measure(IReadOnlyList<PlacedBall> one, IReadOnlyList<PlacedBall> other)
    {
        var gaps = Gaps(one, other).Concat(Gaps(other, one)).ToList();
        if (gaps.Count == 0) return new(false, 0, BallId.Cue);
        return new(false, gaps.Average(gap => gap.Apart), gaps.MaxBy(gap => gap.Apart).Ball);
    }

    private static IEnumerable<(BallId Ball, double Apart)> Gaps(IReadOnlyList<PlacedBall> from, IReadOnlyList<PlacedBall> to) =>
        from.Select(placed => (placed.Ball, to.Where(other => IsLike(placed.Ball, other.Ball))
            .Select(other => Math.Min(Missing, other.Place.DistanceTo(placed.Place))).DefaultIfEmpty(Missing).Min()));

    private static bool IsLike(BallId one, BallId other) => one == other || (BallSet.IsRed(one) && BallSet.IsRed(other));
}
