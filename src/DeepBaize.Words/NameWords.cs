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

    /// <summary>A ball with the number of a red: "red 3".</summary>
    public static string Numbered(BallId ball) => BallSet.IsRed(ball) ? $"red {1 + (ball - BallId.Red1)}" : Of(ball);

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
