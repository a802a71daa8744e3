using System.Text.RegularExpressions;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Words.Places;

/// <summary>A place that was read, or what could not be understood.</summary>
/// <param name="Place">The place; null when it was not understood.</param>
/// <param name="Sentence">What could not be understood.</param>
public sealed record ReadPlace(Place? Place, string? Sentence);

/// <summary>
/// Reads where a ball is to stand as a player says it. Numbers are distances of the ball's centre from the baulk cushion and from the
/// yellow side; words name cushions, spots, balls and pockets and may be joined by commas: "two balls off the top cushion, in line with
/// the pink". Distances in balls are gaps, as in <see cref="Landmarks"/>; in millimetres and inches they are measured to the centre.
/// </summary>
public static partial class PlaceReader
{
    /// <summary>What is said with every place that is not understood.</summary>
    private const string WhatWorks =
        "What works: two balls off the top cushion; tight on the side cushion; in line with the pink; level with the blue; behind the "
        + "brown; beside, above or below a ball; touching it; between two balls; over a pocket; on the pink spot; in the D; "
        + "on the baulk line; or two numbers.";

    /// <summary>Reads a place.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="from">Where the ball stands now: what the words leave open stays as it is.</param>
    /// <param name="others">The other balls on the table.</param>
    /// <param name="outline">The table's outline.</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <param name="unit">What a bare number means, in metres: 0.001 or 0.0254.</param>
    public static ReadPlace Read(
        string text, Place from, IReadOnlyList<PlacedBall> others, TableOutline outline, BallGauge gauge, double unit)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(others);
        ArgumentNullException.ThrowIfNull(outline);
        var said = Spaces().Replace(text.Trim().TrimEnd('.').ToLowerInvariant(), " ");
        if (said.Length == 0) return new(null, $"Say where it is to stand. {WhatWorks}");
        if (Pair().Match(said) is { Success: true } pair)
        {
            var up = SpokenDistance.Read(pair.Groups["up"].Value.Trim(), unit, gauge.Diameter);
            var across = SpokenDistance.Read(pair.Groups["across"].Value.Trim(), unit, gauge.Diameter);
            if (up is { } x && across is { } y) return new(new Place(x.Metres, y.Metres), null);
        }

        var reading = new PlaceClauses(from, new Things(others, outline), gauge, unit);
        foreach (var clause in PocketSide().Replace(said, " ${side}")
            .Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            if (reading.Take(clause) is { } sentence) return new(null, $"{sentence} {WhatWorks}");
        }

        return new(reading.Place(), null);
    }

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"^(?<up>-?\d[^,; ]*( ?(mm|cm|m|in|inch|inches|""))?)\s*[,; ]\s*(?<across>-?\d.*)$")]
    private static partial Regex Pair();

    /// <summary>"top pocket, yellow side" is one thing, not two.</summary>
    [GeneratedRegex(@"(?<=pocket), ?(on the )?(?<side>(yellow|green) side)")]
    private static partial Regex PocketSide();
}
