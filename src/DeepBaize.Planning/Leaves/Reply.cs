using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Leaves;

/// <summary>What an opponent finds who comes to the table. One instance serves one thread.</summary>
public interface IReply
{
    /// <summary>Chance, 0 to 1, that the opponent scores with the first stroke.</summary>
    /// <param name="frame">The frame, seen by the opponent.</param>
    double ChanceToScore(FrameState frame);
}

/// <summary>An opponent who plays the likeliest pot, estimated by straight lines.</summary>
/// <param name="table">The table.</param>
/// <param name="opponent">The opponent.</param>
public sealed class LikeliestPotReply(TableInUse table, PlayerProfile opponent) : IReply
{
    private readonly LeaveGauge _gauge = new(table, opponent);

    /// <summary>The chance of that pot; with the white in hand a pot is taken for granted.</summary>
    /// <inheritdoc/>
    public double ChanceToScore(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.IsInHand ? 1 : _gauge.Read(frame) is [var best, ..] ? best.Chance : 0;
    }
}
