using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Bench.Arena;

/// <summary>How games are played on.</summary>
/// <param name="PotBudget">Strokes simulated for a pot, about.</param>
/// <param name="SafetyBudget">Strokes for a safety.</param>
/// <param name="LeastPot">Chance from which a side that plays no safeties takes a pot on.</param>
internal readonly record struct GameSize(int PotBudget, int SafetyBudget, double LeastPot);

/// <summary>Frames between two sides, and strokes played on for some turns.</summary>
internal sealed class FrameArena(PlayerProfile player, GameSize size)
{
    private const int NoiseSeed = 91_033;

    /// <summary>
    /// Whole frames: one side may play safe, the other plays its best pot or the thinnest clip. Each begins half of them.
    /// </summary>
    /// <param name="count">How many.</param>
    /// <param name="seed">Seed of the first.</param>
    /// <returns>For each frame 1 when the side that plays safe won, 0 when it lost, a half when nobody did.</returns>
    public double[] Frames(int count, int seed)
    {
        var won = new double[count];
        Parallel.For(0, count, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, i =>
        {
            var (safe, plain) = (Safe(), Plain());
            var isFirst = i % 2 == 0;
            var result = new ExchangeGame(ArenaMatch.Club).Play(
                ArenaLayouts.Of(seed + i / 2), isFirst ? safe : plain, isFirst ? plain : safe, NoiseSeed + i);
            won[i] = result.Won is not { } first ? 0.5 : first == isFirst ? 1 : 0;
        });
        return won;
    }

    /// <summary>Points of lead that a stroke has brought some turns later, when both sides play on as well as they can.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="stroke">The stroke that is played first.</param>
    /// <param name="games">How often.</param>
    /// <param name="turns">Turns, the first one included.</param>
    public double[] PlayOn(FrameState frame, PlannedStroke stroke, int games, int turns)
    {
        var leads = new double[games];
        Parallel.For(0, games, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, i =>
        {
            var (own, theirs, isFirst) = (Safe(), Safe(), true);
            leads[i] = new ExchangeGame(ArenaMatch.Club).Play(frame, First, theirs, NoiseSeed + i, turns).Lead;

            (FrameState, PlannedStroke)? First(FrameState at)
            {
                if (!isFirst) return own(at);
                isFirst = false;
                return (at, stroke);
            }
        });
        return leads;
    }

    private SideChoice Safe()
    {
        var side = Side();
        return frame => side.Placed(frame) is { White: not null } at && side.Choose(at) is { } stroke ? (at, stroke) : null;
    }

    private SideChoice Plain()
    {
        var side = Side();
        return frame =>
            side.Placed(frame) is { White: not null } at && side.ChoosePlainly(at, size.LeastPot) is { } stroke ? (at, stroke) : null;
    }

    private ExchangePlayer Side() => new(new SafetyQuestion(ArenaMatch.Club, player, player, 1), size.PotBudget, size.SafetyBudget);
}
