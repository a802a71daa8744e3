using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>What a legal pot leads to.</summary>
/// <param name="Spots">True when the potted ball is put back.</param>
/// <param name="On">What is on next; null when nothing is left.</param>
public readonly record struct AfterPot(bool Spots, BallOn? On)
{
    /// <summary>What follows in a frame when a ball that may be played is potted alone: a free ball comes back.</summary>
    /// <param name="frame">The frame before.</param>
    /// <param name="potted">The ball.</param>
    public static AfterPot Of(FrameState frame, BallId potted)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return Of(frame.On, frame.Up, potted);
    }

    private static AfterPot Of(BallOn on, IEnumerable<BallId> up, BallId potted) => on switch
    {
        BallOn.Red => new AfterPot(!BallSet.IsRed(potted), BallOn.Colour),
        BallOn.Colour => new AfterPot(true, BallsOn.Infer(up)),
        _ when BallsOn.ToBall(on) == potted => new AfterPot(false, BallsOn.Infer(up.Where(ball => ball != potted))),
        _ => new AfterPot(true, on),
    };

    /// <summary>The balls of a table that may be potted next.</summary>
    /// <param name="left">The balls that are up then.</param>
    public IEnumerable<BallId> BallsOf(IEnumerable<BallId> left)
    {
        if (On is not { } on) return [];
        return on switch
        {
            BallOn.Red => left.Where(BallSet.IsRed),
            BallOn.Colour => left.Where(ball => ball >= BallId.Yellow),
            _ => left.Where(ball => ball == BallsOn.ToBall(on)),
        };
    }
}
