using DeepBaize.Planning.Aiming;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Planning.Indirect;

/// <summary>How a ball comes to a pocket otherwise than straight from the white.</summary>
public enum IndirectWay
{
    /// <summary>A double: off one cushion.</summary>
    OneCushion,

    /// <summary>A double off two cushions.</summary>
    TwoCushions,

    /// <summary>The ball that is met sends another one into the pocket.</summary>
    Plant,

    /// <summary>The white goes on from the ball that it met and sends another one into the pocket.</summary>
    Cannon,

    /// <summary>The ball that is met goes in off another one.</summary>
    InOff,
}

/// <summary>A pot that is not straight: which balls and cushions it uses, and where it ends.</summary>
/// <param name="Way">How the ball comes to the pocket.</param>
/// <param name="First">The ball that the white meets.</param>
/// <param name="Other">The second ball of a plant, a cannon or an in-off; the first one itself for a double.</param>
/// <param name="Cushion">The cushion of a double, the first of two; null without one.</param>
/// <param name="SecondCushion">The second cushion of a double off two.</param>
/// <param name="Pocket">The pocket.</param>
public readonly record struct IndirectPot(
    IndirectWay Way, BallId First, BallId Other, CushionId? Cushion, CushionId? SecondCushion, PocketId Pocket)
{
    /// <summary>The ball that falls.</summary>
    public BallId Ball => Way is IndirectWay.Plant or IndirectWay.Cannon ? Other : First;

    /// <summary>
    /// True for balls of which one may be met and the other potted in a stroke: of two colours only one is on. That a free ball and the
    /// ball on are both on is left out.
    /// </summary>
    /// <param name="first">The ball that is met.</param>
    /// <param name="potted">The ball that falls.</param>
    public static bool GoTogether(BallId first, BallId potted) => first == potted || (BallSet.IsRed(first) && BallSet.IsRed(potted));
}

/// <summary>A pot that is not straight is played.</summary>
/// <param name="Pot">The pot.</param>
public sealed record IndirectIntent(IndirectPot Pot) : Intent
{
    /// <inheritdoc/>
    public override BallId? Ball => Pot.First;

    /// <summary>True when the white meets the first ball first and the ball falls into its pocket, whatever else it meets.</summary>
    /// <inheritdoc/>
    public override bool IsServedBy(StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        if (result.FirstContact?.Ball != Pot.First) return false;
        foreach (var potted in result.Potted)
        {
            if (potted.Ball == Pot.Ball) return potted.Pocket == Pot.Pocket;
        }

        return false;
    }
}
