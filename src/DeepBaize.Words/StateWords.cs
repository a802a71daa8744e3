using DeepBaize.Rules;

namespace DeepBaize.Words;

/// <summary>The state of play in a few words.</summary>
public static class StateWords
{
    /// <summary>Says what is on and what else was set: "Red on, white in hand".</summary>
    /// <param name="state">The state.</param>
    /// <param name="on">What is on, set or inferred.</param>
    public static string Say(PlayState state, BallOn? on)
    {
        var parts = new List<string> { state.IsPractice ? "Free practice" : SayOn(state, on) };
        if (state.IsFreeBall && state.Nominated is null) parts.Add("free ball");
        if (state.IsInHand) parts.Add("white in hand");
        if (state.MissCount > 0) parts.Add(state.MissCount == 1 ? "one miss" : $"{state.MissCount} misses");
        return string.Join(", ", parts);
    }

    /// <summary>What is on, in words.</summary>
    public static string On(BallOn on) => on switch
    {
        BallOn.Red => "a red",
        BallOn.Colour => "a colour",
        _ => "the " + NameWords.Of(BallsOn.ToBall(on)!.Value),
    };

    /// <summary>Why something was taken out of a state of play, in a sentence.</summary>
    public static string Say(DroppedChoice dropped) => dropped switch
    {
        { On: BallOn.Red } => "No red is up, so a red cannot be on.",
        { On: { } on } => $"With these balls {On(on)} cannot be on.",
        { Ball: { } ball } => $"The {NameWords.Of(ball)} cannot be nominated here.",
        _ => "A free ball is for a red or the lowest colour.",
    };

    private static string SayOn(PlayState state, BallOn? on)
    {
        if (on is not { } known) return "Nothing on";
        if (state is { IsFreeBall: true, Nominated: { } free }) return $"{EventWords.Capital(NameWords.Of(free))} as the free ball";
        if (state.Nominated is { } nominated) return $"{EventWords.Capital(NameWords.Of(nominated))} nominated";
        return BallsOn.ToBall(known) is { } ball
            ? $"{EventWords.Capital(NameWords.Of(ball))} on" : known == BallOn.Red ? "Red on" : "Colour on";
    }
}
