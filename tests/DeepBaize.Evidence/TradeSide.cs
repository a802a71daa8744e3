using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>What players know of side, cushions and pockets; no published source. On the house club table unless said.</summary>
internal static class TradeSide
{
    private static readonly double[] Speeds = [.5, 1, 2, 3, 4];
    private static readonly PlayingConditions Club = PlayingConditions.Club;

    public static IReadOnlyList<Check> All { get; } =
    [
        Fact("C26", "Centre strike straight across comes back to the cue; right side leaves to the right, left as much to the left", () =>
        [
            Figure.Near("return offset without side, mm", 0, Across(0), 5),
            Figure.Within("right side, mm to the right", 10, 1000, Across(.3)),
            Figure.Near("left side beside right side, mm", -Across(.3), Across(-.3), 1e-3),
        ]),
        Fact("C27", "Side does not bend the free run, only the cushion shows it", () =>
        [
            Figure.Near("sideways from the push-off line after 1.5 m, mm", 0, Bend(), 2),
        ]),
        Fact("C28", "Right side pushes the white to the left at the start, the more the more side", () =>
        [
            Figure.Rising("degrees to the left at side 0, 0.1, 0.3, 0.5", [.. new[] { 0, .1, .3, .5 }.Select(side => Leaves(side))]),
            Figure.Near("left side, the other way", -Leaves(.3), Leaves(-.3), 1e-9),
        ]),
        Fact("C29", "Hard with right side on a cut to the right meets thinner than aimed, so the aim is thicker", () =>
        [
            Figure.Falling("fraction met without and with right side, pace 8", Fraction(0), Fraction(.3)),
        ]),
        Fact("C31", "Centre-ball angled contacts fall short; a frozen pair shows more", () =>
        [
            Figure.Within("throw at cut 30 and 2 m/s, degrees", .5, 5, Meet(30, 2, 0, 0, Club).Throw),
            Figure.Rising("throw of a single ball and of the second of a frozen pair at cut 30 and 2 m/s", Meet(30, 2, 0, 0, Club).Throw,
                PlantThrow(30)),
        ]),
        Fact("C32", "Helping side moves the red to the line and beyond", () =>
        [
            Figure.Falling("throw at cut 30 with outside side R w / v = 0, 0.25, 0.5, 1",
                [.. new[] { 0, .25, .5, 1 }.Select(side => Meet(30, 1.5, 0, side, Club).Throw)]),
            Figure.So("the throw turns round between none and strong", Meet(30, 1.5, 0, 0, Club).Throw > 0
                && Meet(30, 1.5, 0, 1, Club).Throw < 0, "as said"),
        ]),
        Fact("C33", "Opposite side falls short where helping side of equal size does not", () =>
        [
            Figure.Falling("throw with opposite and with helping side of 0.6", Meet(30, 1.5, 0, -.6, Club).Throw,
                Meet(30, 1.5, 0, .6, Club).Throw),
            Figure.Within("throw with opposite side", .1, 10, Meet(30, 1.5, 0, -.6, Club).Throw),
        ]),
        Fact("C34", "Throw depends on the balls' age, but not that a straight centre hit has none", () =>
        [
            Figure.Rising("throw at cut 40 and 1.5 m/s for clean, dirty and sticking balls",
                [.. new[] { 1.0, 2, 5 }.Select(factor => Meet(40, 1.5, 0, 0, Aged(factor)).Throw)]),
            Figure.Near("throw of a straight hit with dirty balls", 0, Meet(0, 1.5, 0, 0, Aged(5)).Throw, 1e-9),
        ]),
        Fact("C35", "Side acts more on the cushion at slow pace (rolling arrivals with equal side R w / v at 0.5, 1, 2, 3, 4 m/s)", () =>
        [
            .. new[] { 30.0, 45, 60, 70 }.Select(
                angle => Figure.Falling(
                $"change of angle by running side 0.5 at {angle} degrees", [.. Speeds.Select(speed => Turn(angle, .5, speed))])),
            .. new[] { 45.0, 60, 70 }.Select(
                angle => Figure.Falling(
                $"change of angle by check side 0.5 at {angle} degrees", [.. Speeds.Select(speed => -Turn(angle, -.5, speed))])),
            Figure.Falling("change of angle by side 1 square on", [.. Speeds.Select(speed => Turn(90, 1, speed))]),
        ]),
        new("C35a", "The same for little side nearly square on, where the nose grips", Checks.Trade, () =>
        [
            Figure.Falling("change of angle by side 0.25 at 80 degrees", [.. Speeds.Select(speed => Turn(80, .25, speed))]),
        ], "Where the nose grips, friction no longer decides how much side acts, and the restitution that falls with speed turns the "
            + "order round, by hundredths of a degree. Below about 30 degrees friction that falls with slip can make a hard ball with "
            + "running side come off a little steeper than one without."),
        Fact("C36", "Up the table, right side comes back from the top cushion further to the right than none", () =>
        [
            Figure.Rising("mm to the right 1 m off the cushion, side 0 and 0.3, pace 6", UpAndBack(0), UpAndBack(.3)),
        ]),
        Fact("C37", "A touch of helping side makes the white run off the cushion", () =>
        [
            Figure.Rising("speed along the cushion with opposite, no and running side 0.25; 45 degrees, 1.5 m/s",
                [.. new[] { -.25, 0, .25 }.Select(side => Rebound(45, 1, side, 1.5, Club).Velocity.X)]),
        ]),
        Fact("C38", "Side opens the way one way easily; the other way needs much", () =>
        [
            Figure.Within("turn by running over turn by check side 0.5; 45 degrees, rolling, 1 m/s", 1.5, 20,
                Turn(45, .5, 1) / -Turn(45, -.5, 1)),
        ]),
        Fact("C40", "Thicker entry and more pace move the white's line to the other side of a pocket", () =>
        [
            Figure.Rising("line of the white past a point on the way of the middle entry, mm, thin to thick, pace 4",
                [.. new[] { 32.0, 30, 28 }.Select(cut => Passes(cut, 4))]),
            Figure.Rising("the same with pace 3, 5, 7", [.. new[] { 3.0, 5, 7 }.Select(pace => Passes(30, pace))]),
            Figure.So("thin and soft on one side, thick and hard on the other", Passes(32, 4) < 0
                && Passes(28, 7) > 0, $"{Passes(32, 4):0} and {Passes(28, 7):0} mm"),
        ]),
        Fact("C41", "Soft balls are forgiven by the pocket", () =>
        [
            .. new[] { 0.0, 20, 36, 40, 44 }.Select(angle => Figure.Falling(
                $"half the width that drops, mm, at paces 2 and 8 into a corner, {angle} degrees from its axis",
                [.. new[] { 2.0, 8 }.Select(pace => HalfWidth(angle, pace))])),
        ]),
        Fact("C44", "The first cushion point moves one way only as the tip is lowered", () =>
        [
            Figure.Rising("mm to the right on the top cushion, heights 0.4, 0.2, 0, -0.15",
                [.. new[] { .4, .2, 0, -.15 }.Select(height => -1000 * TopCushion(height))]),
        ]),
        Fact("C46", "A ball along the cushion stays on it only when dead straight", () =>
        [
            Figure.So("straight: it ends on the cushion", Along(0) is { Cushions: 0, Gap: < 1e-6 }, $"{Along(0).Gap * 1000:0.0} mm off"),
            Figure.So("half a degree into the cushion: it comes off it", Along(-.5) is { Cushions: > 0, Gap: > 1e-4 },
                $"{Along(-.5).Gap * 1000:0.0} mm off"),
            Figure.So("half a degree away: it leaves it", Along(.5) is { Cushions: 0, Gap: > 1e-3 }, $"{Along(.5).Gap * 1000:0.0} mm off"),
        ]),
        Fact("C48", "The gate: the ball that moves tells the side", () =>
        [
            Figure.So("straight: neither", Gate(0) is null, "none"),
            Figure.So("to the left: the left ball is met", Gate(1) == BallId.Red1, $"{Gate(1)}"),
            Figure.So("to the right: the right ball is met", Gate(-1) == BallId.Red2, $"{Gate(-1)}"),
        ]),
    ];

    private static double HalfWidth(double angle, double pace) =>
        PocketScan.Interval(Club, PocketId.Yellow, angle, Pace.ToSpeed(pace)) is var interval ? (interval.Right - interval.Left) / 2 : 0;

    private static Check Fact(string id, string statement, Func<IEnumerable<Figure>> compute) => new(id, statement, Checks.Trade, compute);

    /// <summary>How far to the striker's right, in mm, the white comes back on the line from which it was sent square across.</summary>
    private static double Across(double side)
    {
        var pushOff = CueStrike.PushOffRadians(side, Club.Cue.EndMassRatio);
        var (_, record) = Strike(Club, new Strike(Math.PI / 2 - pushOff, 2, side, 0), (BallId.Cue, 1.2, .3));
        var cushion = record.Events.First(told => told.Kind == ShotEventKind.Cushion);
        // Towards the green side the striker's right is up the table.
        var back = record.Segments.First(piece => piece.StartTime >= cushion.Time && piece.Phase == MotionPhase.Rolling);
        return 1000 * (back.Start.X - 1.2 + (back.End.X - back.Start.X) * (back.Start.Y - .3) / (back.Start.Y - back.End.Y));
    }

    private static double Bend()
    {
        var strike = new Strike(0, 2, .4, 0);
        var (_, record) = Strike(Club, strike, (BallId.Cue, .6, .8));
        var slope = Math.Tan(CueStrike.PushOffRadians(.4, Club.Cue.EndMassRatio));
        return 1000 * record.Segments.TakeWhile(piece => piece.End.X < 2.2 || piece.Start.X < .61)
            .Max(piece => Math.Abs(piece.End.Y - .8 - slope * (piece.End.X - .6)));
    }

    private static double Leaves(double side) => Heading(
        CueStrike.Apply(new Strike(0, 2, side, 0), BallState.AtRest(new Place(1, 1), Radius), Club).Velocity);

    /// <summary>The red is cut to the right: it lies to the right of the aim, which passes its left side.</summary>
    private static double Fraction(double side)
    {
        var (outcome, _) = Strike(Club, new Strike(0, Pace.ToSpeed(8), side, 0), (BallId.Cue, 1, .9), (BallId.Red1, 1.6, .9 - .02));
        return outcome.FirstContact!.Value.Fraction;
    }

    /// <summary>
    /// How far the second of two frozen balls leaves from the line of their centres, towards the first one's way, in degrees.
    /// </summary>
    private static double PlantThrow(double cut)
    {
        var (sin, cos) = Math.SinCos(Radians(cut));
        BallState[] balls =
        [
            new(new Vec3(-Diameter * cos, -Diameter * sin, Radius), new Vec3(2, 0, 0), Vec3.Zero),
            new(new Vec3(0, 0, Radius), Vec3.Zero, Vec3.Zero),
            new(new Vec3(Diameter, 0, Radius), Vec3.Zero, Vec3.Zero),
        ];
        new ClusterImpact(Club.Balls).Resolve(balls);
        return Math.Abs(Heading(balls[2].Velocity));
    }

    private static PlayingConditions Aged(double factor) => Club with { Balls = Club.Balls with { FrictionFactor = factor } };

    /// <summary>By how many degrees side widens the rebound of a rolling ball.</summary>
    private static double Turn(double angle, double side, double speed) =>
        OutAngle(Rebound(angle, 1, 0, speed, Club)) - OutAngle(Rebound(angle, 1, side, speed, Club));

    private static double UpAndBack(double side)
    {
        var pushOff = CueStrike.PushOffRadians(side, Club.Cue.EndMassRatio);
        var (_, record) = Strike(Club, new Strike(-pushOff, Pace.ToSpeed(6), side, 0), (BallId.Cue, 2.0, .9));
        var cushion = record.Events.First(told => told.Kind == ShotEventKind.Cushion);
        var back = record.Segments.First(piece => piece.StartTime >= cushion.Time && piece.Phase == MotionPhase.Rolling);
        var at = Measurements.Length - 1;
        return 1000 * (.9 - (back.Start.Y + (back.End.Y - back.Start.Y) * (at - back.Start.X) / (back.End.X - back.Start.X)));
    }

    /// <summary>
    /// Where the rolling white's line passes a point 0.9 m on, on the line that it takes at cut 30 and pace 4; in mm, positive to the
    /// right.
    /// </summary>
    private static double Passes(double cut, double pace)
    {
        var (place, way) = Line(30, 4);
        var (there, other) = Line(cut, pace);
        var point = new Place(place.X + .9 * way.X, place.Y + .9 * way.Y);
        var (x, y) = (point.X - there.X, point.Y - there.Y);
        return 1000 * (other.X * y - other.Y * x);
    }

    private static (Place Place, Vec3 Way) Line(double cut, double pace)
    {
        var (sin, cos) = Math.SinCos(Radians(cut));
        var (_, record) = Strike(
            Club, new Strike(0, Pace.ToSpeed(pace), 0, 0), (BallId.Cue, .7, 1.2),
            (BallId.Red1, 1.1 + Diameter * cos, 1.2 + Diameter * sin));
        var contact = record.Events.First(told => told.Kind == ShotEventKind.Ball);
        var rolls = record.Events.First(
            told => told.Time > contact.Time && told.Balls[0].Ball == BallId.Cue
            && told.Kind is ShotEventKind.Rolls or ShotEventKind.Cushion);
        var white = rolls.Balls[0].Before;
        return (white.Place, white.Velocity * (1 / white.Velocity.Length));
    }

    private static double TopCushion(double height)
    {
        var (sin, cos) = Math.SinCos(Radians(30));
        var (_, record) = Strike(
            Club, new Strike(0, 2.4, 0, height), (BallId.Cue, 2.6, 1.2), (BallId.Red1, 2.8 + Diameter * cos, 1.2 + Diameter * sin));
        return record.Events.First(
            told => told.Kind == ShotEventKind.Cushion && told.Balls[0].Ball == BallId.Cue).Balls[0].After.Position.Y;
    }

    private static (int Cushions, double Gap) Along(double degrees)
    {
        var inset = Club.Gauge.CushionInset;
        var (outcome, record) = Strike(Club, new Strike(Radians(degrees), .8, 0, 0), (BallId.Cue, .4, inset));
        return (record.Events.Count(told => told.Kind == ShotEventKind.Cushion), RestOf(outcome).Y - inset);
    }

    /// <summary>
    /// The ball of a gate 4 mm wider than the white that is met for a deviation in degrees to the left; red 1 is the left one.
    /// </summary>
    private static BallId? Gate(double degrees)
    {
        const double half = Diameter + 0.002;
        var (outcome, _) = Strike(
            Club, new Strike(Radians(degrees), 1, 0, 0), (BallId.Cue, 1, .9), (BallId.Red1, 1.8, .9 + half), (BallId.Red2, 1.8, .9 - half));
        return outcome.FirstContact?.Ball;
    }
}
