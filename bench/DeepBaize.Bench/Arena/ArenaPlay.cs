using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// Plays visits on the arena's layouts: noise is keyed by layout, replicate and number of the stroke, so that policies meet the same
/// chance.
/// </summary>
internal sealed class ArenaPlay(TableInUse table, PlayerProfile player)
{
    private const int MostReplicates = 1000;
    private const int PlannerSeed = 77_003;
    private const int StrokesOfALayout = 101;

    private const int ReplySeed = 530_000_003;

    private readonly Playout _playout = new(table, player);
    private readonly ReplyVisit _reply = new(table, player);

    /// <summary>One visit, and what the other side got: what was given away, and the points of its visit after it.</summary>
    /// <param name="policy">Who chooses.</param>
    /// <param name="layout">Seed of the layout.</param>
    /// <param name="replicate">Number of the visit on it.</param>
    public (Visit Visit, int Theirs) Play(IBreakPolicy policy, int layout, int replicate)
    {
        var (start, noise) = (ArenaLayouts.Of(layout), layout * MostReplicates + replicate);
        var visit = _playout.Play(
            start, (frame, stroke) => policy.Choose(frame, PlannerSeed + layout * StrokesOfALayout + stroke), noise);
        var left = visit.Strokes == 0 ? start : visit.Left;
        return (visit, visit.Given + (left is null ? 0 : _reply.Points(left, ReplySeed + noise)));
    }
}
