using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>
/// Judges whether a foul is also a miss (official rules, section 3, from memory). Whether a snookered player tried his best is the
/// referee's to say.
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
        if (!Call.FailedToHit(fouls)) return (MissCall.None, 0);
        var targets = call.Targets.ToHashSet();
        List<Place> Places(bool on) =>
            [.. before.Balls.Where(placed => placed.Ball != BallId.Cue && targets.Contains(placed.Ball) == on)
                .Select(placed => placed.Place)];
        var (others, on) = (Places(false), Places(true));
        bool Reaches(Place from, Func<BallInSight, bool> asks) => on.Exists(target => asks(sight.Reach(from, target, others)));
        // In hand the player chose from where he played: he could have had what there is from anywhere in the D.
        bool Could(Func<BallInSight, bool> asks) =>
            before.White is { } white && !before.IsInHand ? Reaches(white, asks) : sight.FromTheD(before, place => Reaches(place, asks));
        var isDecided = IsDecided(before) || IsDecided(after);
        if (Could(ball => ball.FullBall))
        {
            return before.Misses switch
            {
                0 => isDecided ? (MissCall.None, 0) : (MissCall.Called, 1),
                1 => (MissCall.CalledAndWarned, 2),
                _ => (MissCall.FrameLost, before.Misses + 1),
            };
        }

        if (isDecided) return (MissCall.None, 0);
        return (Could(ball => ball.AnyPart) ? MissCall.Called : MissCall.RefereeJudges, 0);
    }

    /// <summary>
    /// True when one of the players needs penalty points, or the points left just level the scores: then no miss is called.
    /// </summary>
    private static bool IsDecided(FrameState frame) =>
        Math.Abs(frame.Scores.Player - frame.Scores.Opponent) >= FrameArithmetic.PointsRemaining(frame);
}
