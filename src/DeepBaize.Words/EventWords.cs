using DeepBaize.Physics.Simulation;

namespace DeepBaize.Words;

/// <summary>Says what happens at an event.</summary>
public static class EventWords
{
    /// <summary>One event of a shot in words.</summary>
    /// <param name="told">The event.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Describe(ShotEvent told, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(told);
        var ball = Capital(names.Of(told.Balls[0].Ball));
        return told.Kind switch
        {
            ShotEventKind.Strike => "White leaves the tip",
            ShotEventKind.Rolls => $"{ball} begins to roll",
            ShotEventKind.Stops => $"{ball} stops",
            ShotEventKind.Ball => $"{ball} meets {names.Of(told.Balls[1].Ball)}",
            ShotEventKind.Cushion => $"{ball} off the {NameWords.Of(told.Cushion!.Value)}",
            ShotEventKind.Jaw => $"{ball} off a jaw of the {NameWords.Of(told.Pocket!.Value)}",
            ShotEventKind.Lands => $"{ball} comes down on the bed",
            ShotEventKind.OffTable => $"{ball} leaves the table",
            ShotEventKind.Drops => $"{ball} goes over the edge of the {NameWords.Of(told.Pocket!.Value)}",
            ShotEventKind.Edge => $"{ball} off the edge of the {NameWords.Of(told.Pocket!.Value)}",
            ShotEventKind.Back => $"{ball} off the back of the {NameWords.Of(told.Pocket!.Value)}",
            ShotEventKind.Pocket => $"{ball} falls into the {NameWords.Of(told.Pocket!.Value)}",
            _ => throw new ArgumentOutOfRangeException(nameof(told), told.Kind, "Unknown kind of event."),
        };
    }

    /// <summary>Words as the beginning of a sentence.</summary>
    public static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
