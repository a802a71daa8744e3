using System.Diagnostics.CodeAnalysis;

namespace DeepBaize.Table;

/// <summary>
/// The ids that balls, pockets and cushions have in requests and saved positions (<c>cue</c>, <c>red7</c>,
/// <c>topGreenSide</c>), and the words that a player uses for them.
/// </summary>
public static class Names
{
    private static readonly Dictionary<string, BallId> BallsByText = BallSet.All.ToDictionary(Text, StringComparer.Ordinal);

    /// <summary>The id of a ball as text: the enum name with a small first letter.</summary>
    public static string Text(BallId ball) => CamelCase(ball.ToString());

    /// <summary>The id of a pocket as text.</summary>
    public static string Text(PocketId pocket) => CamelCase(pocket.ToString());

    /// <summary>The id of a cushion as text.</summary>
    public static string Text(CushionId cushion) => CamelCase(cushion.ToString());

    /// <summary>Reads a ball id; exact spelling only. False for an unknown or missing id.</summary>
    public static bool TryParseBall([NotNullWhen(true)] string? text, out BallId ball)
    {
        ball = default;
        return text is not null && BallsByText.TryGetValue(text, out ball);
    }

    /// <summary>What a player calls the ball: "white", "red", "black". The number of a red is not said.</summary>
    public static string Spoken(BallId ball) => ball switch
    {
        BallId.Cue => "white",
        _ when BallSet.IsRed(ball) => "red",
        _ => Text(ball),
    };

    /// <summary>What a player calls the pocket; the name survives turning the table.</summary>
    public static string Spoken(PocketId pocket) => pocket switch
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
    public static string Spoken(CushionId cushion) => cushion switch
    {
        CushionId.Baulk => "baulk cushion",
        CushionId.Top => "top cushion",
        CushionId.YellowSide => "yellow side cushion",
        CushionId.GreenSide => "green side cushion",
        _ => throw new ArgumentOutOfRangeException(nameof(cushion), cushion, "Unknown cushion."),
    };

    private static string CamelCase(string name) => char.ToLowerInvariant(name[0]) + name[1..];
}
