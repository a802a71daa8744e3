
namespace DeepBaize.Rules;

/// <summary>How a frame ended.</summary>
public enum FrameEnd
{
    /// <summary>It has not.</summary>
    None,

    /// <summary>The player who was at the table won.</summary>
    PlayerWins,

    /// <summary>The opponent won.</summary>
    OpponentWins,
}

/// <summary>
/// Whether a foul is also a miss (official rules, section 3, "Foul and a miss"; details from memory, the referee's judgement decides).
/// </summary>
public enum MissCall
{
    /// <summary>No miss.</summary>
    None,

    /// <summary>A miss is called: the opponent may have the balls put back.</summary>
    Called,

    /// <summary>It is the second with a full ball in sight: a third loses the frame.</summary>
    CalledAndWarned,

    /// <summary>It was the third: the frame is lost.</summary>
    FrameLost,

    /// <summary>The player was snookered: the referee judges whether it was a fair attempt.</summary>
    RefereeJudges,
}

/// <summary>What a stroke comes to.</summary>
/// <param name="Points">Points that the player scores; 0 for a foul.</param>
/// <param name="Penalty">Points that the opponent receives; 0 without a foul.</param>
/// <param name="Fouls">Everything that was foul; the dearest counts.</param>
/// <param name="StaysAtTable">True when the same player goes on.</param>
/// <param name="Miss">Whether a miss is called.</param>
/// <param name="End">How the frame ended, if it did.</param>
/// <param name="Spotted">The colours that are put back, and where.</param>
/// <param name="Next">The frame as the next player finds it, seen by that player.</param>
public sealed record Ruling(
    int Points,
    int Penalty,
    IReadOnlyList<Foul> Fouls,
    bool StaysAtTable,
    MissCall Miss,
    FrameEnd End,
    IReadOnlyList<Table.Layouts.PlacedBall> Spotted,
    FrameState Next)
{
    /// <summary>
    /// How often running a miss has been called from this position while a full ball could be hit, this one included. It counts only when
    /// the balls are put back for the same player.
    /// </summary>
    public int Misses { get; init; }

    /// <summary>True for a foul.</summary>
    public bool IsFoul => Fouls.Count > 0;

    /// <summary>The foul that decides the penalty; null without one.</summary>
    /// <param name="valueOn">What the ball on was worth.</param>
    public Foul? Dearest(int valueOn) => Fouls.Count == 0 ? null : Fouls.MaxBy(foul => foul.Penalty(valueOn));

    /// <summary>The opponent has the player play again from where the balls lie; a free ball is not for the one who fouled.</summary>
    /// <exception cref="InvalidOperationException">There was no foul, or the frame is over.</exception>
    public FrameState PlayedAgain()
    {
        if (!IsFoul || End != FrameEnd.None)
            throw new InvalidOperationException("Only after a foul may the player be asked to play again.");
        return Next.ForOpponent() with { IsFreeBall = false };
    }

    /// <summary>
    /// The opponent has the balls put back after a miss: the same stroke again, with the penalty counted. Where the referee judges he may
    /// have called it.
    /// </summary>
    /// <param name="before">The frame before the stroke.</param>
    /// <exception cref="InvalidOperationException">No miss was called, nor could be.</exception>
    public FrameState PutBack(FrameState before)
    {
        ArgumentNullException.ThrowIfNull(before);
        if (Miss is not (MissCall.Called or MissCall.CalledAndWarned or MissCall.RefereeJudges))
            throw new InvalidOperationException("Only after a miss are the balls put back.");
        return before with { Scores = before.Scores with { Opponent = before.Scores.Opponent + Penalty }, Break = 0, Misses = Misses };
    }
}
