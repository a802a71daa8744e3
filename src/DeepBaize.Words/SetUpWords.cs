using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>The words of a set-up sheet: distances from two cushions and landmarks, so that a helper can lay a position by hand.</summary>
public static class SetUpWords
{
    /// <summary>The reds when they stand in the triangle.</summary>
    public const string RackName = "15 reds";

    /// <summary>Where the triangle stands.</summary>
    public const string Rack = "in the triangle, its point just above the pink spot";

    /// <summary>A distance from a cushion: "900 mm from the baulk cushion".</summary>
    public static string From(CushionId cushion, double metres, LengthUnits units) =>
        $"{Lengths.Measured(metres, units)} from the {NameWords.Of(cushion)}";

    /// <summary>Where a ball stands, and what it touches.</summary>
    public static string Where(MeasuredBall ball)
    {
        if (ball.OnSpot is { } spot) return spot == ball.Ball ? "on its spot" : $"on the {NameWords.Of(spot)} spot";
        var parts = new List<string>();
        if (ball.Touching.Count == 0 || !ball.Landmark.StartsWith("touching", StringComparison.Ordinal)) parts.Add(ball.Landmark);
        parts.AddRange(ball.Frozen.Select(cushion => $"frozen to the {NameWords.Of(cushion)}")
            .Where(_ => !ball.Landmark.StartsWith("tight", StringComparison.Ordinal)));
        if (ball.Touching.Count > 0) parts.Add("touches " + string.Join(", ", ball.Touching.Select(NameWords.Numbered)));
        return string.Join("; ", parts);
    }

    /// <summary>A mark, with its text and the number of its place.</summary>
    /// <param name="mark">The mark.</param>
    /// <param name="index">Which of its places, from 0.</param>
    public static string Named(Mark mark, int index)
    {
        ArgumentNullException.ThrowIfNull(mark);
        var text = mark.Text.Length > 0 ? $" \"{mark.Text}\"" : "";
        var number = mark.Places.Count > 1 ? $", corner {index + 1}" : "";
        return Named(mark.Kind) + text + number;
    }

    /// <summary>Where a place of a mark is, with the radius of a target.</summary>
    /// <param name="mark">The mark.</param>
    /// <param name="place">The place in words.</param>
    /// <param name="units">Units of the radius.</param>
    public static string Where(Mark mark, string place, LengthUnits units) =>
        mark?.Radius is { } metres ? $"{place}, {Lengths.Measured(metres, units)} around" : place;

    private static string Named(MarkKind kind) => kind switch
    {
        MarkKind.WhitePlace => "place of the white",
        MarkKind.Target => "target",
        MarkKind.Gate => "gate",
        MarkKind.Zone => "zone",
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "Unknown mark."),
    };
}
