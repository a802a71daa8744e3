using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>The state of play in a few words.</summary>
public static class StateWords
{
    /// <summary>Says what is on and what else was set: "Red on, white in hand".</summary>
    /// <param name="state">The state.</param>
    /// <param name="on">What is on, set or inferred.</param>
    public static string Say(PlayState state, BallOn? on)
    {
        var parts = new List<string> { SayOn(state, on) };
        if (state.IsFreeBall && state.Nominated is null) parts.Add("free ball");
        if (state.IsInHand) parts.Add("white in hand");
        if (state.MissCount > 0) parts.Add(state.MissCount == 1 ? "one miss" : $"{state.MissCount} misses");
        return string.Join(", ", parts);
    }

    private static string SayOn(PlayState state, BallOn? on)
    {
        if (on is not { } known) return "Nothing on";
        if (state is { IsFreeBall: true, Nominated: { } free }) return $"{EventWords.Capital(Names.Spoken(free))} as the free ball";
        if (state.Nominated is { } nominated) return $"{EventWords.Capital(Names.Spoken(nominated))} nominated";
        return BallsOn.ToBall(known) is { } ball
            ? $"{EventWords.Capital(Names.Spoken(ball))} on" : known == BallOn.Red ? "Red on" : "Colour on";
    }
}
