using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>Says what happens at an event.</summary>
public static class EventWords
{
    /// <summary>One event of a shot in words.</summary>
    /// <param name="told">The event.</param>
    /// <param name="isNumbered">True to tell reds apart by their numbers.</param>
    public static string Describe(ShotEvent told, bool isNumbered)
    {
        ArgumentNullException.ThrowIfNull(told);
        string Name(BallId ball) => isNumbered && BallSet.IsRed(ball) ? NameWords.The(ball, true) : NameWords.Of(ball);
        var ball = Capital(Name(told.Balls[0].Ball));
        return told.Kind switch
        {
            ShotEventKind.Strike => "White leaves the tip",
            ShotEventKind.Rolls => $"{ball} begins to roll",
            ShotEventKind.Stops => $"{ball} stops",
            ShotEventKind.Ball => $"{ball} meets {Name(told.Balls[1].Ball)}",
            ShotEventKind.Cushion => $"{ball} off the {NameWords.Of(told.Cushion!.Value)}",
            ShotEventKind.Jaw => $"{ball} off a jaw of the {NameWords.Of(told.Pocket!.Value)}",
            ShotEventKind.Pocket => $"{ball} falls into the {NameWords.Of(told.Pocket!.Value)}",
            _ => throw new ArgumentOutOfRangeException(nameof(told), told.Kind, "Unknown kind of event."),
        };
    }

    /// <summary>Words as the beginning of a sentence.</summary>
    public static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
