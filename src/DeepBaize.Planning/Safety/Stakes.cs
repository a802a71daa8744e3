using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// What a turn at the table is worth on the balls that lie there, wherever the white is: what a visit brings in the mean, and what is left
/// of it when the other side's turn after it is counted as well. Points of a visit alone would say that whoever pots first wins twice: when
/// it ends the other has a turn like it. So of players who are alike a turn is worth half a visit. Where hardly anything can be potted it
/// is worth part of what it usually is: reds that are shut in come open sooner or later.
/// </summary>
public sealed class Stakes
{
    /// <summary>Places of the white that are looked at, along the table and across it.</summary>
    private const int Along = 6;

    private const int Across = 4;

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

    private readonly (LeaveWorth Worth, double Usual) _striker;
    private readonly (LeaveWorth Worth, double Usual) _opponent;

    /// <summary>Prepares two players on a table.</summary>
    /// <param name="question">The question.</param>
    public Stakes(SafetyQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        (_striker, _opponent) = (Of(question.Striker), Of(question.Opponent));

        (LeaveWorth Worth, double Usual) Of(PlayerProfile player)
        {
            var missed = 1 - new LeaveGauge(question.Table, player).ChanceFrom(UsualRun, PocketId.TopYellowSide, UsualBall);
            return (new LeaveWorth(question.Table, player), UsualHalf / Math.Max(missed, 0.01));
        }
    }

    /// <summary>Half a visit of the striker's from anywhere, in points.</summary>
    public double Striker { get; private set; }

    /// <summary>Half a visit of the opponent's.</summary>
    public double Opponent { get; private set; }

    /// <summary>Reads the balls of a frame.</summary>
    /// <param name="frame">The frame.</param>
    public void Read(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var places = Places(frame).ToList();
        // The last black decides the frame.
        var times = frame.IsOnlyBlackLeft ? LeftReader.FrameWorth / (double)BallValue.Most : 1;
        Striker = times * Half(_striker);
        Opponent = times * Half(_opponent);

        double Half((LeaveWorth Worth, double Usual) player) => Math.Max(
            places.Count == 0 ? 0 : places.Average(player.Worth.Of) / 2,
            WhenShut * Math.Min(player.Usual, OfWhatIsLeft * FrameArithmetic.PointsRemaining(frame)));
    }

    /// <summary>
    /// What a turn is worth that begins with a visit of some points: next to nothing while those are few, since who has little on plays
    /// safe; the visit less what comes after it when they are many.
    /// </summary>
    /// <param name="visit">Points that can be expected of the visit, 0 or more.</param>
    /// <param name="after">What the other's turn is worth after it.</param>
    public static double Turn(double visit, double after) => visit <= 0 ? 0 : visit * visit / (visit + after);

    private static IEnumerable<FrameState> Places(FrameState frame)
    {
        var balls = frame.ObjectBalls;
        for (var i = 0; i < Along * Across; i++)
        {
            var place = new Place(
                (i % Along + 0.5) * Measurements.Length / Along, (i / Along + 0.5) * Measurements.Width / Across);
            if (balls.All(placed => placed.Place.DistanceTo(place) > frame.Gauge.Diameter))
                yield return frame with { Balls = [new PlacedBall(BallId.Cue, place), .. balls], IsInHand = false };
        }
    }
}
