using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>When the white passed over a ball.</summary>
public enum JumpMoment
{
    /// <summary>Before it had hit a ball.</summary>
    BeforeContact,

    /// <summary>After its first ball and before anything else.</summary>
    AfterContact,

    /// <summary>After it had met a cushion or another ball since then.</summary>
    Later,
}

/// <summary>A ball over a part of which the white passed in the air (official rules, section 2, "Jump shot").</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Moment">When.</param>
/// <param name="ToFarSide">True when the white was beyond the ball's middle when that flight ended.</param>
public readonly record struct JumpedBall(BallId Ball, JumpMoment Moment, bool ToFarSide)
{
    /// <summary>
    /// True when it is a jump shot. It is none to jump over another ball after the first is hit, to jump and hit a ball without landing on
    /// its far side, and to jump over the ball that was hit after a cushion or another ball.
    /// </summary>
    /// <param name="firstHit">The ball that the white hit first, or the two.</param>
    public bool IsFoul(IReadOnlyList<BallId> firstHit)
    {
        ArgumentNullException.ThrowIfNull(firstHit);
        return Moment switch
        {
            JumpMoment.BeforeContact => ToFarSide || !firstHit.Contains(Ball),
            JumpMoment.AfterContact => ToFarSide && firstHit.Contains(Ball),
            _ => false,
        };
    }
}
