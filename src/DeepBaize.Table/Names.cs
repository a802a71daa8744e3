using System.Diagnostics.CodeAnalysis;

namespace DeepBaize.Table;

/// <summary>
/// The ids that balls, pockets and cushions have in requests and saved positions (<c>cue</c>, <c>red7</c>,
/// <c>topGreenSide</c>).
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

    private static string CamelCase(string name) => char.ToLowerInvariant(name[0]) + name[1..];
}
