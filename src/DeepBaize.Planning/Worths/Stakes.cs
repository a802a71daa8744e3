using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// What a player's turn at the table is worth on the balls that lie there, wherever the white is: what a visit brings in the mean, and what
/// is left of it when the other side's turn after it is counted as well. Points of a visit alone would say that whoever pots first wins
/// twice: when it ends the other has a turn like it. So of players who are alike a turn is worth half a visit. Where hardly anything can be
/// potted it is worth part of what it usually is: reds that are shut in come open sooner or later.
/// </summary>
public sealed class Stakes
{
    /// <summary>A pot of middling difficulty by which it is told what a player's visits usually bring.</summary>
    private static readonly Place UsualBall = new(2.8, 0.6);

    private const double UsualRun = 1.5;

    /// <summary>
    /// Half a usual visit, times the chance to miss that pot: 6, 8 and 14 points for the club player, the league player and the expert, as
    /// in visits that were played out (docs/safety.md).
    /// </summary>
    private const double UsualHalf = 2.7;

    /// <summary>
    /// Share of a usual turn that one is worth at least (estimate), and the share of what is left on the table that is most.
    /// </summary>
    private const double WhenShut = 0.5;

    private const double OfWhatIsLeft = 0.25;

    private readonly LeaveWorth _leaves;
    private readonly double _usual;

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="leaves">What leaves are worth to him.</param>
    public Stakes(TableInUse table, PlayerProfile player, LeaveWorth leaves)
    {
        ArgumentNullException.ThrowIfNull(leaves);
        _leaves = leaves;
        _usual = UsualHalf / Math.Max(0.01, 1 - new LeaveGauge(table, player).ChanceFrom(UsualRun, PocketId.TopYellowSide, UsualBall));
    }

    /// <summary>Half a visit of the player's from anywhere, in points.</summary>
    /// <param name="frame">The frame; its white does not matter.</param>
    public double Of(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        // The last black decides the frame.
        var times = frame.IsOnlyBlackLeft ? LeftReader.FrameWorth / (double)BallValue.Most : 1;
        return times * Math.Max(
            _leaves.FromAnywhere(frame) / 2, WhenShut * Math.Min(_usual, OfWhatIsLeft * FrameArithmetic.PointsRemaining(frame)));
    }

    /// <summary>
    /// What a turn is worth that begins with a visit of some points: next to nothing while those are few, since who has little on plays
    /// safe; the visit less what comes after it when they are many.
    /// </summary>
    /// <param name="visit">Points that can be expected of the visit, 0 or more.</param>
    /// <param name="after">What the other's turn is worth after it.</param>
    public static double Turn(double visit, double after) => visit <= 0 ? 0 : visit * visit / (visit + after);
}
