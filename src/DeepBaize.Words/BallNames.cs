using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>What the balls of a table are called: where several reds are up each is told from the others by its number.</summary>
/// <param name="IsNumbered">True to say the number of a red: "red 3" for "the red".</param>
public readonly record struct BallNames(bool IsNumbered)
{
    /// <summary>The names among these balls.</summary>
    public static BallNames Among(IEnumerable<BallId> balls) => new(balls.Count(BallSet.IsRed) > 1);

    /// <summary>The names among the balls of a layout.</summary>
    public static BallNames Among(Layout layout)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Among(layout.Balls.Select(placed => placed.Ball));
    }

    /// <summary>The ball without an article: "red 3", "red", "black".</summary>
    public string Of(BallId ball) => IsNumbered && BallSet.IsRed(ball) ? NameWords.Numbered(ball) : NameWords.Of(ball);

    /// <summary>The ball with its article, which a number replaces: "red 3", "the red", "the black".</summary>
    public string The(BallId ball) => IsNumbered && BallSet.IsRed(ball) ? NameWords.Numbered(ball) : "the " + NameWords.Of(ball);
}
