using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules;

/// <summary>Judges strokes: by the rules of the game, or by what somebody plays by beside them.</summary>
public interface IReferee
{
    /// <summary>Judges a stroke.</summary>
    /// <param name="before">The frame before it.</param>
    /// <param name="nominated">The colour that was nominated, or the free ball; null for none.</param>
    /// <param name="facts">What happened.</param>
    /// <exception cref="InvalidOperationException">The frame is over.</exception>
    Ruling Judge(FrameState before, BallId? nominated, StrokeFacts facts);
}

/// <summary>
/// Judges strokes by the official rules of the game, section 3 (from memory where editions differ; the governing body's current rules and
/// the referee decide).
/// </summary>
/// <param name="sight">
/// The straight ways on the table; without them snookers and misses are not judged, which is all that a search needs.
/// </param>
public sealed class Referee(Sight? sight) : IReferee
{
    /// <inheritdoc/>
    public Ruling Judge(FrameState before, BallId? nominated, StrokeFacts facts)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(facts);
        if (before.Phase == FramePhase.Over) throw new InvalidOperationException("The frame is over.");
        var call = new Call(before, nominated);
        var fouls = call.Fouls(facts).ToList();
        var after = Settle(before, call, facts, fouls.Count > 0, out var spotted);
        // The free ball must not have snookered the opponent, unless only pink and black are left.
        if (sight is not null && fouls.Count == 0 && call.FreeBall is { } free && call.Points(facts) == 0 && !OnlyPinkAndBlack(after)
            && sight.IsSnookeredBy(after, free))
            fouls.Add(new Foul(FoulKind.SnookeredByFreeBall));
        return fouls.Count > 0 ? Foul(before, call, facts, fouls, after, spotted) : Legal(before, call, facts, after, spotted);
    }

    private static bool OnlyPinkAndBlack(FrameState frame) => frame.Up.All(ball => ball >= BallId.Pink);

    private static Ruling Legal(FrameState before, Call call, StrokeFacts facts, FrameState after, IReadOnlyList<PlacedBall> spotted)
    {
        var points = call.Points(facts);
        var scores = before.Scores with { Player = before.Scores.Player + points };
        var isLast = before.Phase == FramePhase.RespottedBlack || before.IsOnlyBlackLeft;
        if (isLast && points > 0)
            return Ended(points, 0, [], MissCall.None, spotted, after with { Scores = scores, Break = before.Break + points });
        var next = points > 0
            ? after with { Scores = scores, Break = before.Break + points } : (after with { Scores = scores }).ForOpponent();
        return new Ruling(points, 0, [], points > 0, MissCall.None, FrameEnd.None, spotted, next);
    }

    private Ruling Foul(FrameState before, Call call, StrokeFacts facts,
        List<Foul> fouls, FrameState after, IReadOnlyList<PlacedBall> spotted)
    {
        var penalty = fouls.Max(foul => foul.Penalty(call.ValueOn));
        var scores = before.Scores with { Opponent = before.Scores.Opponent + penalty };
        var next = after with { Scores = scores };
        if (before.Phase == FramePhase.RespottedBlack || before.IsOnlyBlackLeft)
            return Ended(0, penalty, fouls, MissCall.None, spotted, next);
        var (miss, misses) = sight is null ? (MissCall.None, 0) : new MissJudge(sight).Judge(before, call, fouls, next);
        next = next.ForOpponent();
        if (miss == MissCall.FrameLost)
            return new Ruling(
                0, penalty, fouls, false, miss, FrameEnd.OpponentWins, spotted, next with { Phase = FramePhase.Over })
            { Misses = misses };
        return new Ruling(
            0, penalty, fouls, false, miss, FrameEnd.None, spotted,
            next with { IsFreeBall = sight?.IsSnookered(next) ?? false })
        { Misses = misses };
    }

    /// <summary>
    /// The last black has fallen or was fouled: the frame is over, or the black is spotted again when the scores are level.
    /// </summary>
    private static Ruling Ended(
        int points, int penalty, IReadOnlyList<Foul> fouls, MissCall miss, IReadOnlyList<PlacedBall> spotted, FrameState last)
    {
        var lead = last.Scores.Player - last.Scores.Opponent;
        if (lead != 0)
        {
            var over = last with { Phase = FramePhase.Over };
            return new Ruling(points, penalty, fouls, false, miss, lead > 0 ? FrameEnd.PlayerWins : FrameEnd.OpponentWins, spotted, over);
        }

        var again = last with
        {
            Balls = [new PlacedBall(BallId.Black, Spots.Black)],
            On = BallOn.Black,
            Break = 0,
            IsInHand = true,
            Phase = FramePhase.RespottedBlack,
        };
        return new Ruling(points, penalty, fouls, false, miss, FrameEnd.None, again.Balls, again);
    }

    /// <summary>
    /// The balls as the next stroke finds them, with colours back on their spots, and what is on; a free ball and misses are of the stroke
    /// that was played. Scores and turn are still the old ones.
    /// </summary>
    private static FrameState Settle(FrameState before, Call call, StrokeFacts facts, bool isFoul, out IReadOnlyList<PlacedBall> spotted)
    {
        var gone = facts.Potted.Concat(facts.OffTable).ToList();
        var down = isFoul ? null : call.StaysDown(facts);
        var balls = facts.After.Where(placed => !gone.Contains(placed.Ball)).ToList();
        var back = new List<PlacedBall>();
        foreach (var colour in gone.Where(ball => ball >= BallId.Yellow && ball != down).Distinct().OrderDescending())
        {
            var placed = new PlacedBall(colour, Respotting.PlaceFor(colour, [.. balls.Select(ball => ball.Place)], before.Gauge));
            back.Add(placed);
            balls.Add(placed);
        }

        spotted = back;
        var up = balls.Select(placed => placed.Ball).ToList();
        var isInHand = up.TrueForAll(ball => ball != BallId.Cue);
        var on = call.OnNext(facts, isFoul, up) ?? before.On;
        return before with { Balls = balls, IsInHand = isInHand, IsFreeBall = false, Misses = 0, On = on };
    }
}
