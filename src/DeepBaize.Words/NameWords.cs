using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>The words that a player uses for balls, pockets and cushions.</summary>
public static class NameWords
{
    /// <summary>What a player calls the ball: "white", "red", "black". The number of a red is not said.</summary>
    public static string Of(BallId ball) => ball switch
    {
        BallId.Cue => "white",
        _ when BallSet.IsRed(ball) => "red",
        _ => Names.Text(ball),
    };

    /// <summary>The ball with its article; where several reds are up a red is told from the others by its number.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="isNumbered">True to say the number of a red: "red 3" for "the red".</param>
    public static string The(BallId ball, bool isNumbered) =>
        isNumbered && BallSet.IsRed(ball) ? $"red {1 + (ball - BallId.Red1)}" : "the " + Of(ball);

    /// <summary>True when reds must be told apart: more than one is among the balls.</summary>
    public static bool NeedNumbers(IEnumerable<BallId> balls) => balls.Count(BallSet.IsRed) > 1;

    /// <summary>What a player calls the pocket; the name survives turning the table.</summary>
    public static string Of(PocketId pocket) => pocket switch
    {
        PocketId.Yellow => "yellow pocket",
        PocketId.Green => "green pocket",
        PocketId.MiddleYellowSide => "middle pocket, yellow side",
        PocketId.MiddleGreenSide => "middle pocket, green side",
        PocketId.TopYellowSide => "top pocket, yellow side",
        PocketId.TopGreenSide => "top pocket, green side",
        _ => throw new ArgumentOutOfRangeException(nameof(pocket), pocket, "Unknown pocket."),
    };

    /// <summary>What a player calls the cushion.</summary>
    public static string Of(CushionId cushion) => cushion switch
    {
        CushionId.Baulk => "baulk cushion",
        CushionId.Top => "top cushion",
        CushionId.YellowSide => "yellow side cushion",
        CushionId.GreenSide => "green side cushion",
        _ => throw new ArgumentOutOfRangeException(nameof(cushion), cushion, "Unknown cushion."),
    };
}
