using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>What balls are worth (official rules, section 3): a red 1, yellow to black 2 to 7.</summary>
public static class BallValue
{
    /// <summary>What the black is worth, the most that a ball can be.</summary>
    public const int Most = 7;

    /// <summary>What all six colours are worth together.</summary>
    public const int OfColours = 27;

    /// <summary>Points for a ball; 0 for the white.</summary>
    public static int Of(BallId ball) => ball switch
    {
        BallId.Cue => 0,
        >= BallId.Yellow => 2 + (ball - BallId.Yellow),
        _ => 1,
    };

    /// <summary>
    /// What the ball on is worth: 1 for a red, a colour's own points, and for a colour of choice that of the nominated one, 7 while none is
    /// nominated.
    /// </summary>
    /// <param name="on">What is on.</param>
    /// <param name="nominated">The colour that is nominated when a colour of choice is on.</param>
    public static int Of(BallOn on, BallId? nominated) => on switch
    {
        BallOn.Red => 1,
        BallOn.Colour => nominated is { } colour ? Of(colour) : Most,
        _ => Of(BallsOn.ToBall(on)!.Value),
    };
}
