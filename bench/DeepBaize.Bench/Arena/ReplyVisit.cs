using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Bench.Arena;

/// <summary>The opponent's next visit, by the break planner at a small budget.</summary>
internal sealed class ReplyVisit(TableInUse table, PlayerProfile opponent)
{
    private const int Budget = 120;

    private readonly Playout _playout = new(table, opponent);
    private readonly LeftReader _reader = new(table, opponent);
    private readonly BreakSearch _search = new(BreakPlanner.Ask(table, opponent, BreakWishes.Free, 1) with { CountsSchool = false });

    /// <summary>Its points.</summary>
    /// <param name="frame">The balls as the opponent finds them; a white in hand is put where it is worth most.</param>
    /// <param name="noise">Seed of the noise.</param>
    public int Points(FrameState frame, int noise) => _playout.Play(
        _reader.Placed(frame), (next, _) => _search.Run(next, Budget).Best is [var best, ..] ? best.Stroke : null, noise).Points;
}
