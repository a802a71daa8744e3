using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Words.Places;

/// <summary>What players name when they say where something is: balls, spots and pockets.</summary>
internal sealed class Things(IReadOnlyList<PlacedBall> others, TableOutline outline)
{
    /// <summary>A thing that was named.</summary>
    /// <param name="Place">Its middle.</param>
    /// <param name="IsBall">True for a ball.</param>
    public readonly record struct Thing(Place Place, bool IsBall);

    /// <summary>Finds what a name means; the sentence says why it means nothing.</summary>
    /// <param name="name">A name in small letters, with or without "the".</param>
    /// <param name="near">Where the ball stands: of several reds the nearest one is meant.</param>
    /// <param name="sentence">Why there is no such thing.</param>
    public Thing? Find(string name, Place near, out string? sentence)
    {
        sentence = null;
        var bare = name.StartsWith("the ", StringComparison.Ordinal) ? name[4..] : name;
        if (bare.EndsWith(" spot", StringComparison.Ordinal) && Names.TryParseBall(bare[..^5], out var owner)
            && Spots.Of(owner) is { } spot)
            return new Thing(spot, false);
        if (Pocket(bare) is { } pocket) return new Thing(pocket.ThroatMiddle, false);
        if (bare is "red" or "nearest red")
        {
            var reds = others.Where(other => BallSet.IsRed(other.Ball)).ToList();
            if (reds.Count > 0) return new Thing(reds.MinBy(red => red.Place.SquaredDistanceTo(near)).Place, true);
        }

        var id = bare is "white" or "cue ball" ? "cue" : bare.Replace(" ", "", StringComparison.Ordinal);
        if (bare != "red" && !Names.TryParseBall(id, out _))
        {
            sentence = $"\"{name}\" is no ball, spot or pocket that is known here.";
            return null;
        }

        foreach (var other in others.Where(other => Names.Text(other.Ball) == id)) return new Thing(other.Place, true);
        if (Names.TryParseBall(id, out var colour) && Spots.Of(colour) is { } home) return new Thing(home, false);
        sentence = $"There is no other {bare} on the table.";
        return null;
    }

    /// <summary>The place of a ball that hangs over a pocket; the sentence says why there is none.</summary>
    /// <param name="name">The pocket's name, with or without "the".</param>
    /// <param name="gauge">Ball size and nose height.</param>
    /// <param name="sentence">Why there is no such pocket.</param>
    public Place? InFrontOf(string name, BallGauge gauge, out string? sentence)
    {
        var bare = name.StartsWith("the ", StringComparison.Ordinal) ? name[4..] : name;
        sentence = null;
        if (Pocket(bare) is { } mouth)
        {
            // As near as a ball can stand: from the drop outwards to the first place on the bed.
            for (var away = 0.0; away < 4 * gauge.Diameter; away += gauge.Diameter / 50)
            {
                var place = mouth.ThroatMiddle.Offset(-mouth.Axis.X * away, -mouth.Axis.Y * away);
                if (!mouth.HasFallen(place) && outline.IsOnBed(place, gauge.CushionInset)) return place;
            }
        }

        sentence = $"\"{name}\" is no pocket that is known here.";
        return null;
    }

    private PocketMouth? Pocket(string name) => outline.Mouths.FirstOrDefault(
        mouth => NameWords.Of(mouth.Pocket).Replace(",", "", StringComparison.Ordinal) == name);
}
