using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>What is on for the player at the table.</summary>
public enum BallOn
{
    /// <summary>A red.</summary>
    Red,

    /// <summary>A colour of the player's choice, after a red.</summary>
    Colour,

    /// <summary>The yellow, in the order of the colours.</summary>
    Yellow,

    /// <summary>The green.</summary>
    Green,

    /// <summary>The brown.</summary>
    Brown,

    /// <summary>The blue.</summary>
    Blue,

    /// <summary>The pink.</summary>
    Pink,

    /// <summary>The black.</summary>
    Black,
}

/// <summary>Points of the player at the table and of the opponent.</summary>
/// <param name="Player">Points of the player at the table, 0 or more.</param>
/// <param name="Opponent">Points of the opponent, 0 or more.</param>
public readonly record struct Scores(int Player, int Opponent);

/// <summary>
/// The state of play around a position. What is null is not known and, where it can be, inferred from the balls: reds up means red on.
/// </summary>
/// <param name="On">What is on.</param>
/// <param name="Nominated">The colour that is nominated, or the ball that is nominated as a free ball.</param>
/// <param name="IsInHand">True when the white is in hand: it is played from the D.</param>
/// <param name="IsFreeBall">True when the player has a free ball.</param>
/// <param name="Scores">The scores.</param>
/// <param name="Break">Points of the break so far.</param>
/// <param name="MissCount">How often a foul and a miss was called from this position.</param>
/// <param name="IsPractice">True in free practice, where nobody keeps to rules: any ball may be played, and nothing is foul.</param>
public sealed record PlayState(
    BallOn? On = null, BallId? Nominated = null, bool IsInHand = false, bool IsFreeBall = false, Scores? Scores = null, int? Break = null,
    int MissCount = 0, bool IsPractice = false)
{
    /// <summary>Nothing is known beyond the balls.</summary>
    public static PlayState Unknown { get; } = new();

    /// <summary>The most points that are taken for a score or a break.</summary>
    public const int MostPoints = 999;

    /// <summary>The most misses that are counted.</summary>
    public const int MostMisses = 9;
}
