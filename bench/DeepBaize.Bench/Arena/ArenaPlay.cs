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

    private readonly Playout _playout = new(table, player);

    /// <summary>One visit.</summary>
    /// <param name="policy">Who chooses.</param>
    /// <param name="layout">Seed of the layout.</param>
    /// <param name="replicate">Number of the visit on it.</param>
    public Visit Play(IBreakPolicy policy, int layout, int replicate) => _playout.Play(
        ArenaLayouts.Of(layout),
        (frame, stroke) => policy.Choose(frame, PlannerSeed + layout * StrokesOfALayout + stroke),
        layout * MostReplicates + replicate);
}
