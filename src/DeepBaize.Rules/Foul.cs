using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>
/// What can be foul about a stroke (official rules, section 3, "Penalties"; numbers of the paragraphs differ between editions).
/// </summary>
public enum FoulKind
{
    /// <summary>No ball was hit.</summary>
    MissedAll,

    /// <summary>The white fell into a pocket.</summary>
    InOff,

    /// <summary>The cue ball was struck more than once.</summary>
    StruckTwice,

    /// <summary>Both feet were off the floor.</summary>
    FeetOffFloor,

    /// <summary>It was not this player's turn.</summary>
    OutOfTurn,

    /// <summary>The white in hand was not played from the D.</summary>
    NotFromTheD,

    /// <summary>The opponent is left snookered behind the free ball that was nominated.</summary>
    SnookeredByFreeBall,

    /// <summary>The white jumped over a ball.</summary>
    Jump,

    /// <summary>The cue or the rest was not a proper one.</summary>
    ImproperCue,

    /// <summary>The player took advice.</summary>
    Conferring,

    /// <summary>A ball that is not on was hit first.</summary>
    NotOnHitFirst,

    /// <summary>Two balls were hit at once of which one is not on.</summary>
    HitAtOnce,

    /// <summary>A ball that is not on fell into a pocket.</summary>
    NotOnPotted,

    /// <summary>The white was pushed, or moved a ball that it touched.</summary>
    Push,

    /// <summary>A ball in play was touched by something other than the tip in the stroke.</summary>
    BallTouched,

    /// <summary>A ball was forced off the table.</summary>
    OffTable,

    /// <summary>It was played before all balls had come to rest.</summary>
    NotAtRest,

    /// <summary>It was played before a colour was put back.</summary>
    BeforeSpotted,

    /// <summary>A ball off the table was used for something.</summary>
    UsedBall,

    /// <summary>Something was used to measure.</summary>
    Measured,

    /// <summary>Reds were played at in two strokes running.</summary>
    RedsRunning,

    /// <summary>Another ball than the white was struck.</summary>
    OtherBallStruck,

    /// <summary>The ball on was not declared when asked.</summary>
    NotDeclared,
}

/// <summary>One foul.</summary>
/// <param name="Kind">What was foul.</param>
/// <param name="Ball">The ball concerned, if any.</param>
public readonly record struct Foul(FoulKind Kind, BallId? Ball = null)
{
    /// <summary>The least that a foul costs.</summary>
    public const int Least = 4;

    /// <summary>
    /// What it costs: at least 4 and at most 7; the value of the ball on for some fouls, the higher of that and the ball concerned for
    /// others, 7 for a few.
    /// </summary>
    /// <param name="valueOn">What the ball on is worth.</param>
    public int Penalty(int valueOn) => Kind switch
    {
        >= FoulKind.UsedBall => BallValue.Most,
        >= FoulKind.NotOnHitFirst => Math.Max(Least, Math.Max(valueOn, Ball is { } ball ? BallValue.Of(ball) : 0)),
        _ => Math.Max(Least, valueOn),
    };
}
