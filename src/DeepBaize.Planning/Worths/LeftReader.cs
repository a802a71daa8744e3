using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// Says what a player finds who comes to the table: the likeliest pot, what a visit is worth, whether he is snookered and how often he
/// gets out of it. Straight lines and mirrors only, so that every leave of a search can be read. One instance serves one thread.
/// </summary>
public sealed class LeftReader
{
    /// <summary>Steps on the baulk line on which a white in hand is tried.</summary>
    private const int PlacesAcross = 4;

    /// <summary>
    /// The frame in points when the last black decides it: twice the ball. There is nothing to weigh it against, so that any number gives
    /// the same order.
    /// </summary>
    public const int FrameWorth = 2 * BallValue.Most;

    /// <summary>Chance of a straight pot from which nobody looks for another way, and least chance of one that anybody looks at.</summary>
    private const double PlainEnough = 0.4;

    private const double LeastIndirect = 0.1;

    private const double SlopeOfPlayed = 0.85;
    private const double LeastPlayed = 0.08;
    private const double FullyPlayed = 0.06;

    /// <summary>Metres to a ball within which a safety is easy, and from which it is hard; read off as <see cref="Left"/> says.</summary>
    private const double EasyWithin = 0.6;

    private const double HardFrom = 2.8;

    /// <summary>A ball is next to the white that is no farther from it than this, in metres.</summary>
    private const double Next = 0.01;

    /// <summary>
    /// What a cushion that the white is tight on adds (estimate, common practice without a source), and how near that is in metres.
    /// </summary>
    private const double OnCushion = 0.3;

    private const double TightWithin = 0.06;

    private readonly LeaveGauge _gauge;
    private readonly IndirectGauge _indirect;
    private readonly LeaveWorth _worth;
    private readonly EscapeGauge _escapes;
    private readonly Sight _sight;

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="leaves">What leaves are worth to him; null to read that anew.</param>
    public LeftReader(TableInUse table, PlayerProfile player, LeaveWorth? leaves = null)
    {
        ArgumentNullException.ThrowIfNull(table);
        _gauge = new LeaveGauge(table, player);
        _indirect = new IndirectGauge(table, player, _gauge);
        _worth = leaves ?? new LeaveWorth(table, player);
        _escapes = new EscapeGauge(table, player);
        _sight = new Sight(table.Outline, table.Conditions.Gauge);
    }

    /// <summary>What is left.</summary>
    /// <param name="frame">The frame, seen by the player; a white in hand is put where it is worth most.</param>
    public Left Read(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.White is null) return ReadInHand(frame);
        var pots = _gauge.Read(frame);
        var chance = pots is [var best, ..] ? best.Chance : 0;
        var visit = pots.Count == 0 ? 0 : frame.IsOnlyBlackLeft ? FrameWorth * chance : _worth.Of(frame);
        var indirect = chance < PlainEnough ? IndirectPotOf(frame, Math.Max(chance, LeastIndirect)) : null;
        if (indirect is { } round)
        {
            chance = round.Chance;
            visit = Math.Max(visit, frame.IsOnlyBlackLeft ? FrameWorth * chance : Promise(frame, round));
        }

        var isSnookered = pots.Count == 0 && indirect is null && _sight.IsSnookered(frame);
        return new Left(
            frame.On == BallOn.Red ? Played(chance) : chance, visit, isSnookered, isSnookered ? _escapes.Hit(frame) : 1,
            FrameArithmetic.LeastPenalty(frame.On), isSnookered ? 1 : Awkward(frame), indirect);
    }

    /// <summary>
    /// Chance of the pot that is played, by that of the likeliest that straight lines see: of little there is more, since a pot is found
    /// that they do not see or the second best is better, and of much there is less, since the best pot is not always the likeliest.
    /// Fitted to 680 leaves of safeties, the club and the league player, whose best pot was searched and tried 40 times each.
    /// </summary>
    private static double Played(double chance) => SlopeOfPlayed * chance + LeastPlayed * Math.Min(1, chance / FullyPlayed);

    /// <summary>The likeliest double, plant, cannon or in-off that is at least as likely as something; null for none.</summary>
    private IndirectLeave? IndirectPotOf(FrameState frame, double least) =>
        _indirect.Best(frame.White!.Value, _gauge.LinesOf(frame.ObjectBalls), frame.Playable.ToHashSet(), least);

    private double Promise(FrameState frame, in IndirectLeave round) => LeaveWeights.Scaled(_worth.Promise(
        frame, new LeavePot(new Pot(round.Pot.Ball, round.Pot.Pocket), round.Chance, round.CutRadians, round.Run, BridgeWay.Plain, -1)));

    /// <summary>How hard it is to play safe, by the way to the nearest ball that is on and that the white comes to straight.</summary>
    private static double Awkward(FrameState frame)
    {
        var (white, balls) = (frame.White!.Value, frame.ObjectBalls.ToArray());
        var (playable, nearest) = (frame.Playable.ToHashSet(), double.PositiveInfinity);
        for (var i = 0; i < balls.Length; i++)
        {
            var apart = white.DistanceTo(balls[i].Place);
            if (apart >= nearest || !playable.Contains(balls[i].Ball)) continue;
            var run = apart - frame.Gauge.Diameter;
            var meets = white.Towards(balls[i].Place, Math.Max(0, run));
            if (run < Next || !Corridor.IsBlocked(balls, white, meets, i, frame.Gauge.Diameter)) nearest = apart;
        }

        var away = Math.Clamp((nearest - EasyWithin) / (HardFrom - EasyWithin), 0, 1);
        var tight = Math.Min(
            Math.Min(white.X, Measurements.Length - white.X), Math.Min(white.Y, Measurements.Width - white.Y)) < TightWithin;
        return tight ? away + OnCushion : away;
    }

    /// <summary>The pots that are on, the likeliest first; of a white in hand from where it is worth most.</summary>
    /// <param name="frame">The frame, seen by the player.</param>
    public IReadOnlyList<LeavePot> PotsOf(FrameState frame) => _gauge.Read(Placed(frame));

    /// <summary>Chance, 0 to 1, that he scores with the first stroke.</summary>
    /// <param name="frame">The frame, seen by the player.</param>
    public double ChanceToScore(FrameState frame) => Read(frame).Pot;

    /// <summary>The frame with a white in hand put where the visit is worth most.</summary>
    /// <param name="frame">The frame, seen by the player.</param>
    public FrameState Placed(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.White is null ? Places(frame).MaxBy(_worth.Of) ?? frame : frame;
    }

    private Left ReadInHand(FrameState frame)
    {
        var best = Placed(frame);
        return best.White is null
            ? new Left(0, 0, false, 1, FrameArithmetic.LeastPenalty(frame.On), 0)
            : Read(best) with { IsSnookered = false, Hit = 1, Awkward = 0 };
    }

    private static IEnumerable<FrameState> Places(FrameState frame)
    {
        var balls = frame.ObjectBalls;
        for (var i = 0; i <= PlacesAcross; i++)
        {
            var place = TheD.Centre.Offset(0, Measurements.DRadius * (2.0 * i / PlacesAcross - 1));
            if (balls.All(placed => placed.Place.DistanceTo(place) >= frame.Gauge.Diameter))
                yield return frame with { Balls = [new PlacedBall(BallId.Cue, place), .. balls], IsInHand = false };
        }
    }
}
