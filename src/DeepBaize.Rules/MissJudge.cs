using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>
/// Judges whether a foul is also a miss (official rules, section 3, from memory). Whether a snookered player tried his best is the referee's to say.
/// </summary>
/// <param name="sight">The straight ways on the table.</param>
internal sealed class MissJudge(Sight sight)
{
    /// <summary>Judges a foul.</summary>
    /// <param name="before">The frame before the stroke.</param>
    /// <param name="call">What was played for.</param>
    /// <param name="fouls">The fouls.</param>
    /// <param name="after">The frame with the penalty counted, seen by the same player.</param>
    /// <returns>The call, and how often running a full ball was missed.</returns>
    public (MissCall Call, int Misses) Judge(FrameState before, Call call, IReadOnlyList<Foul> fouls, FrameState after)
    {
        if (!Call.FailedToHit(fouls) || before.White is not { } white) return (MissCall.None, 0);
        var targets = call.Targets.ToHashSet();
        List<Place> Places(bool on) => [.. before.Balls.Where(placed => placed.Ball != BallId.Cue && targets.Contains(placed.Ball) == on).Select(placed => placed.Place)];
        var others = Places(false);
        var seen = Places(true).ConvertAll(target => sight.Of(white, target, others));
        var isDecided = IsDecided(before) || IsDecided(after);
        if (seen.Exists(ball => ball.FullBall))
        {
            return before.Misses switch
            {
                0 => isDecided ? (MissCall.None, 0) : (MissCall.Called, 1),
                1 => (MissCall.CalledAndWarned, 2),
                _ => (MissCall.FrameLost, before.Misses + 1),
            };
        }

        if (isDecided) return (MissCall.None, 0);
        return (seen.Exists(ball => ball.AnyPart) ? MissCall.Called : MissCall.RefereeJudges, 0);
    }

    /// <summary>True when one of the players needs penalty points, or the points left just level the scores: then no miss is called.</summary>
    private static bool IsDecided(FrameState frame) => Math.Abs(frame.Scores.Player - frame.Scores.Opponent) >= FrameArithmetic.PointsRemaining(frame);
}
