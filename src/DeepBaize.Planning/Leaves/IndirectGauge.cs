using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using MathNet.Numerics;

namespace DeepBaize.Planning.Leaves;

/// <summary>A pot off a cushion or another ball that is on from a leave, estimated.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Chance">Chance that this player pots it.</param>
/// <param name="HeadingRadians">Heading from the white to the first ball at contact, by plain geometry.</param>
/// <param name="CutRadians">Signed cut of the first ball, positive to the left.</param>
/// <param name="Run">Metres that the white runs to it.</param>
/// <param name="Metres">Metres that balls run from there to the pocket.</param>
public readonly record struct IndirectLeave(
    IndirectPot Pot, double Chance, double HeadingRadians, double CutRadians, double Run, double Metres);

/// <summary>
/// Estimates in microseconds what a player can pot by doubles, plants and sets, and by cannons and in-offs of balls that lie near each
/// other: cushions as mirrors, balls leave along the line of centres, and what meets another ball goes on square to it. It plays nothing.
/// One instance serves one thread at a time.
/// </summary>
/// <param name="table">The table.</param>
/// <param name="player">The player.</param>
/// <param name="gauge">What the same player pots straight.</param>
public sealed class IndirectGauge(TableInUse table, PlayerProfile player, LeaveGauge gauge)
{
    /// <summary>Chance from which such a pot is told at all.</summary>
    public const double LeastChance = 0.04;

    /// <summary>
    /// Balls farther apart than this are not looked at for cannons and in-offs, in metres: farther on the white, or the ball, no longer
    /// runs square.
    /// </summary>
    private const double SquareWithin = 0.3;

    /// <summary>
    /// What an error grows by at a cushion, where pace and spin turn the ball as well: read off doubles that were sampled.
    /// </summary>
    private const double OffACushion = 1.3;

    /// <summary>More than any pocket takes, in metres.</summary>
    private const double WidestOpening = 0.1;

    /// <summary>Two balls whose gap is no wider than this are a set, in metres: the second goes along their line of centres.</summary>
    public const double SetGap = 0.0015;

    /// <summary>
    /// Spread in radians with which the second ball of a set leaves that line, for throw that is not allowed for (estimate).
    /// </summary>
    private const double SetThrow = 0.02;

    /// <summary>Least cosines of the angles at the second ball of a plant, and with which a set is struck.</summary>
    private const double LeastPlant = 0.5;

    private const double LeastSet = 0.35;

    /// <summary>Least sine of the cut of a ball from which the white, or the ball, has the pace left to go on.</summary>
    private const double LeastOn = 0.35;

    /// <summary>A ball comes to a cushion no nearer than this to its end or to a middle pocket, in metres.</summary>
    private const double PocketRoom = 0.1;

    private readonly PocketOpenings _openings = PocketOpenings.Of(table);
    private readonly double _diameter = table.Diameter;
    private readonly double _inset = table.Conditions.Gauge.CushionInset;
    private readonly double _direction = CueingReader.DirectionSpread(table, player);

    /// <summary>What is being read.</summary>
    private PotLines _lines = null!;

    private Place _white;
    private Action<IndirectLeave>? _take;
    private double _least;

    /// <summary>The likeliest of these pots.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="lines">The lines of the other balls.</param>
    /// <param name="on">The balls that may be met and potted.</param>
    /// <param name="least">Least chance.</param>
    /// <returns>The pot; null when none is as likely.</returns>
    public IndirectLeave? Best(Place white, PotLines lines, IReadOnlySet<BallId> on, double least = LeastChance)
    {
        IndirectLeave? best = null;
        Read(white, lines, on, least, found =>
        {
            (best, _least) = (found, found.Chance);
        });
        return best;
    }

    /// <summary>All of these pots, the likeliest first.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="lines">The lines of the other balls.</param>
    /// <param name="on">The balls that may be met and potted.</param>
    /// <param name="least">Least chance.</param>
    public IReadOnlyList<IndirectLeave> All(Place white, PotLines lines, IReadOnlySet<BallId> on, double least = LeastChance)
    {
        var found = new List<IndirectLeave>();
        Read(white, lines, on, least, found.Add);
        return [.. found.OrderByDescending(one => one.Chance)];
    }

    private void Read(Place white, PotLines lines, IReadOnlySet<BallId> on, double least, Action<IndirectLeave> take)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ArgumentNullException.ThrowIfNull(on);
        (_white, _lines, _least, _take) = (white, lines, least, take);
        var balls = lines.Balls;
        for (var i = 0; i < balls.Length; i++)
        {
            if (!on.Contains(balls[i].Ball)) continue;
            for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
            {
                for (var cushion = CushionId.Baulk; cushion <= CushionId.GreenSide; cushion++) Double(i, cushion, pocket);
            }

            for (var other = 0; other < balls.Length; other++)
            {
                if (other == i || balls[i].Place.DistanceTo(balls[other].Place) > SquareWithin) continue;
                for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++) InOff(i, other, pocket);
            }
        }

        for (var number = 0; number < lines.Lines.Length; number++)
        {
            ref readonly var line = ref lines.Lines[number];
            if (!line.IsFree || !on.Contains(balls[line.Index].Ball)) continue;
            for (var first = 0; first < balls.Length; first++)
            {
                if (first == line.Index || !on.Contains(balls[first].Ball)
                    || !IndirectPot.GoTogether(balls[first].Ball, balls[line.Index].Ball)) continue;
                Plant(first, line);
                if (balls[first].Place.DistanceTo(balls[line.Index].Place) <= SquareWithin) Cannon(first, line);
            }
        }
    }

    /// <summary>A ball off a cushion: to where the pocket is seen in the mirror.</summary>
    private void Double(int index, CushionId cushion, PocketId pocket)
    {
        var ball = _lines.Balls[index].Place;
        var point = PottingLine.PointOf(pocket);
        if (IsOn(point, cushion) || MirroredWay.By(ball, point, cushion, _inset, PocketRoom) is not { } early) return;
        // What the widest pocket would not take is not looked at twice: most cannot be sent there at all.
        if (Doubled(ball, early) is not { } about || ChanceOf(WidestOpening, about.Turn * early.Metres) < _least) return;
        var opening = _openings.At(pocket, early.Meets, out var throat);
        if (opening.Width <= 0) return;
        var ahead = early.Meets.HeadingTo(throat);
        var target = throat.Offset(-Math.Sin(ahead) * opening.Middle, Math.Cos(ahead) * opening.Middle);
        if (MirroredWay.By(ball, target, cushion, _inset, PocketRoom) is not { Meets: var bounce, Metres: var metres } last
            || Doubled(ball, last) is not { Meet: var meet, Sent: var sent, Turn: var turn }) return;
        var chance = ChanceOf(opening.Width, turn * metres);
        if (chance < _least || IsBlocked(ball, bounce, index) || IsBlocked(bounce, target, index)) return;
        Take(
            new IndirectPot(IndirectWay.OneCushion, _lines.Balls[index].Ball, _lines.Balls[index].Ball, cushion, null, pocket), index, sent,
            meet, chance, metres);
    }

    /// <summary>How a ball is sent to a cushion, and the spread of its way in radians; null when the white cannot send it there.</summary>
    private (MeetingOfBalls Meet, (double X, double Y) Sent, double Turn)? Doubled(Place ball, in MirroredWay way)
    {
        var sent = Way(ball, way.Mirrored, way.Metres);
        if (gauge.Meet(_white, Behind(ball, sent), sent) is not { } meet) return null;
        return (meet, sent, OffACushion * Root(meet.Turn, gauge.Throw, IndirectEye.Spread(IndirectWay.OneCushion, _direction)));
    }

    /// <summary>A ball that sends another one along its line to a pocket; a set when they touch.</summary>
    private void Plant(int first, in PotLine line)
    {
        var (from, to) = (_lines.Balls[first].Place, _lines.Balls[line.Index].Place);
        var apart = from.DistanceTo(to);
        if (apart - _diameter <= SetGap)
        {
            Set(first, line, Way(from, to, apart));
            return;
        }

        var run = from.DistanceTo(line.Contact);
        var sent = Way(from, line.Contact, run);
        var cos = sent.X * line.Way.X + sent.Y * line.Way.Y;
        if (cos < LeastPlant || gauge.Meet(_white, Behind(from, sent), sent) is not { } meet) return;
        var turn = Root(meet.Turn, gauge.Throw, IndirectEye.Spread(IndirectWay.Plant, _direction));
        var second = Root(turn * run / (_diameter * cos), gauge.Throw, 0);
        var chance = ChanceOf(line.Width, second * line.Distance);
        if (chance < _least || IsBlocked(from, line.Contact, first)) return;
        Take(Together(IndirectWay.Plant, first, line.Index, line.Pocket), first, sent, meet, chance, run + line.Distance);
    }

    private void Set(int first, in PotLine line, (double X, double Y) centres)
    {
        var (ball, other) = (_lines.Balls[first].Place, _lines.Balls[line.Index].Place);
        // How far the line of centres passes from the middle of what the pocket takes.
        var miss = centres.X * (line.Target.Y - other.Y) - centres.Y * (line.Target.X - other.X);
        var away = _white.DistanceTo(ball);
        var sent = Way(_white, ball, away);
        if (sent.X * centres.X + sent.Y * centres.Y < LeastSet || gauge.Meet(_white, Behind(ball, sent), sent) is not { } meet) return;
        var spread = SetThrow * line.Distance * Math.Sqrt(2);
        var chance = (SpecialFunctions.Erf((line.Width / 2 - miss) / spread) + SpecialFunctions.Erf((line.Width / 2 + miss) / spread)) / 2;
        if (chance < _least) return;
        Take(Together(IndirectWay.Plant, first, line.Index, line.Pocket), first, sent, meet, chance, _diameter + line.Distance);
    }

    /// <summary>The white goes on square to the line of centres and sends another ball along its line.</summary>
    private void Cannon(int first, in PotLine line)
    {
        var ball = _lines.Balls[first].Place;
        foreach (var sent in Square(ball, line.Contact))
        {
            var contact = Behind(ball, sent);
            if (gauge.Meet(_white, contact, sent) is not { } meet || meet.Cosine * meet.Cosine > 1 - LeastOn * LeastOn) continue;
            var run = contact.DistanceTo(line.Contact);
            var on = Way(contact, line.Contact, run);
            var cos = on.X * line.Way.X + on.Y * line.Way.Y;
            // It goes on to the side to which it came.
            if (cos < LeastPlant || on.X * meet.Way.X + on.Y * meet.Way.Y <= 0) continue;
            var turn = Root(meet.Turn, IndirectEye.Spread(IndirectWay.Cannon, _direction), 0);
            var chance = ChanceOf(line.Width, Root(turn * (run + _diameter) / (_diameter * cos), gauge.Throw, 0) * line.Distance);
            if (chance < _least || IsBlocked(contact, line.Contact, first)) continue;
            Take(Together(IndirectWay.Cannon, first, line.Index, line.Pocket), first, sent, meet, chance, run + line.Distance);
        }
    }

    /// <summary>A ball that meets another one and goes on square to the line of their centres into a pocket.</summary>
    private void InOff(int first, int other, PocketId pocket)
    {
        var (ball, second) = (_lines.Balls[first].Place, _lines.Balls[other].Place);
        var point = PottingLine.PointOf(pocket);
        foreach (var centres in Square(second, point))
        {
            var contact = Behind(second, centres);
            var run = ball.DistanceTo(contact);
            if (run < 1e-3 || run > SquareWithin) continue;
            var sent = Way(ball, contact, run);
            var cos = sent.X * centres.X + sent.Y * centres.Y;
            if (cos < LeastOn || 1 - cos * cos < LeastOn * LeastOn) continue;
            var far = contact.DistanceTo(point);
            var on = Way(contact, point, far);
            if (on.X * sent.X + on.Y * sent.Y <= 0 || gauge.Meet(_white, Behind(ball, sent), sent) is not { } meet) continue;
            var opening = _openings.At(pocket, contact, out var throat);
            if (opening.Width <= 0) continue;
            var turn = Root(meet.Turn, gauge.Throw, IndirectEye.Spread(IndirectWay.InOff, _direction));
            var chance = ChanceOf(opening.Width, turn * run / (_diameter * cos) * (far + _diameter));
            if (chance < _least || IsBlocked(ball, contact, first) || IsBlocked(contact, throat, first)) continue;
            Take(Together(IndirectWay.InOff, first, other, pocket), first, sent, meet, chance, run + far);
        }
    }

    /// <summary>Tells a pot whose chance is known for a plain stance, unless the white cannot come to the first ball.</summary>
    private void Take(
        IndirectPot pot, int first, (double X, double Y) sent, in MeetingOfBalls meet, double chance, double metres)
    {
        var contact = Behind(_lines.Balls[first].Place, sent);
        if (Corridor.IsBlocked(_lines.Balls, _white, contact, first, _diameter)) return;
        var (_, factor) = StanceFinder.BestAt(player, _white, Math.Atan2(meet.Way.Y, meet.Way.X));
        chance /= factor;
        if (chance < _least) return;
        var cut = Math.Atan2(meet.Way.X * sent.Y - meet.Way.Y * sent.X, meet.Cosine);
        _take!(new IndirectLeave(pot, chance, Math.Atan2(sent.Y, sent.X), cut, meet.Run, metres));
    }

    private IndirectPot Together(IndirectWay way, int first, int other, PocketId pocket) =>
        new(way, _lines.Balls[first].Ball, _lines.Balls[other].Ball, null, null, pocket);

    /// <summary>
    /// The ways on which a ball is sent so that what sends it goes on to a place, square to them: u (place - ball) = -diameter.
    /// </summary>
    private (double X, double Y)[] Square(Place ball, Place place)
    {
        var (heading, turn) = (ball.HeadingTo(place), Math.Acos(Math.Max(-1, -_diameter / ball.DistanceTo(place))));
        return [(Math.Cos(heading + turn), Math.Sin(heading + turn)), (Math.Cos(heading - turn), Math.Sin(heading - turn))];
    }

    /// <summary>True for a pocket that lies on a cushion: nothing comes off it into that pocket.</summary>
    private static bool IsOn(Place point, CushionId cushion) => cushion switch
    {
        CushionId.Baulk => point.X == 0,
        CushionId.Top => point.X == Measurements.Length,
        CushionId.YellowSide => point.Y == 0,
        _ => point.Y == Measurements.Width,
    };

    private bool IsBlocked(Place from, Place to, int but) => Corridor.IsBlocked(_lines.Balls, from, to, but, _diameter);

    private Place Behind(Place ball, (double X, double Y) sent) => ball.Offset(-_diameter * sent.X, -_diameter * sent.Y);

    private static (double X, double Y) Way(Place from, Place to, double distance) =>
        ((to.X - from.X) / distance, (to.Y - from.Y) / distance);

    private static double Root(double a, double b, double c) => Math.Sqrt(a * a + b * b + c * c);

    private static double ChanceOf(double width, double spread) => SpecialFunctions.Erf(width / 2 / (spread * Math.Sqrt(2)));
}
