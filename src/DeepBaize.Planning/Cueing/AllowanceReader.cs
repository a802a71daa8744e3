using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Cueing;

/// <summary>Reads from a stroke what the player has to allow for by eye.</summary>
public static class AllowanceReader
{
    /// <summary>
    /// Share of the usual misjudgement that is left to a player who pots with helping side as a habit, on pots where the side helps
    /// (estimate, no source).
    /// </summary>
    public const double HabitShare = 0.5;

    /// <summary>What the aim of a stroke allows for.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls; with the white, and with the ball that is to be potted or hit.</param>
    /// <param name="policy">What the player thinks of side.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="intent">What it is for.</param>
    public static AimAllowances Of(TableInUse table, Layout layout, SidePolicy policy, in Strike strike, Intent intent)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(layout);
        if (layout[BallId.Cue] is not { } white) return AimAllowances.None;
        return intent switch
        {
            PotIntent pot when layout[pot.Pot.Ball] is not null => ForPot(table, layout, policy, strike, pot.Pot),
            IndirectIntent round when layout[round.Pot.First] is { } ball => Straight(table, strike, white.DistanceTo(ball)),
            HitIntent hit when layout[hit.Target] is { } ball => Straight(table, strike, white.DistanceTo(ball)),
            ReachIntent reach => Straight(table, strike, white.DistanceTo(reach.Place)),
            _ => AimAllowances.None,
        };
    }

    /// <summary>The throw is what the aim is off the plain line once push-off and swerve are taken from it.</summary>
    private static AimAllowances ForPot(TableInUse table, Layout layout, SidePolicy policy, in Strike strike, Pot pot)
    {
        var line = PottingLine.Of(layout, pot, table);
        var plain = Straight(table, strike, line.WhiteDistance);
        var thrown = Math.IEEERemainder(strike.DirectionRadians - plain.PushOff - plain.Swerve - line.AimHeading, Math.Tau);
        var isHabit = policy == SidePolicy.Helping && SpinOf.ForPot(strike.Side, line.CutRadians) == PotSide.Helping;
        return plain with { Throw = thrown, Habit = isHabit ? HabitShare : 1 };
    }

    private static AimAllowances Straight(TableInUse table, in Strike strike, double distance)
    {
        if (strike.Side == 0) return AimAllowances.None;
        var pushOff = CueStrike.PushOffRadians(strike.Side, table.Conditions.Cue.EndMassRatio);
        var turn = StraightAim.TurnRadians(strike, distance, table.Conditions);
        return new AimAllowances(-pushOff, pushOff - turn, 0);
    }
}
