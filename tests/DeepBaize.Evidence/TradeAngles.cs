using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>What players know of angles and pace; no published source. Ideal balls on cloth of 0.2 unless said.</summary>
internal static class TradeAngles
{
    private static readonly double[] Cuts = [10, 20, 30, 40, 50, 60, 70, 80];
    private static readonly double[] Paces = [.8, 1.2, 1.6, 2, 2.4, 2.8, 3.2, 3.6, 4];
    private static readonly PlayingConditions Club = PlayingConditions.Club;

    /// <summary>A tip of the cue's axis on the ball: 9.5 mm with a dome of 4.75 mm.</summary>
    private const double Tip = 9.5 / (26.25 + 4.75);

    public static IReadOnlyList<Check> All { get; } =
    [
        Fact("C1", "Without spin the white leaves square to the potting line; with real balls a little less, the less the thinner", () =>
        [
            Figure.Worst("separation at e = 1, degrees", 1, Cuts.Select(cut => (90.0, Meet(cut, 2, 0).Separation))),
            Figure.Worst("separation at e = 0.95, cuts 15, 30, 50", 0.1, [(84.7, At95(15)), (87.5, At95(30)), (88.8, At95(50))]),
            Figure.Falling("error at e = 0.95 from cut 10 to 80", [.. Cuts.Select(cut => 90 - At95(cut))]),
        ]),
        Fact("C2", "Whatever the spin, the first instant after contact is square; the bend comes later", () =>
        [
            .. new[] { 1, 0, -0.5 }.Select(spin => Figure.Near($"direction 1 ms after half ball, s = {spin}", -60, JustAfter(spin), 1)),
            Figure.Falling("final directions for s = 1, 0, -0.5 (they part)", -33, -Meet(30, 2, 0).Deflection,
                -Meet(30, 2, -.5).Deflection),
        ]),
        Fact("C3", "Half ball: the line of the white's centre meets the edge of the red; three-quarter 14.48, quarter 48.59 degrees", () =>
        [
            Figure.Near("cut for an offset of R", 30, CutAt(Radius), 1e-6),
            Figure.Near("cut for R / 2", 14.48, CutAt(Radius / 2), 0.01),
            Figure.Near("cut for 3 R / 2", 48.59, CutAt(1.5 * Radius), 0.01),
            Figure.Near("covered at an offset of R", 0.5, 1 - Math.Sin(Radians(CutAt(Radius))), 1e-9),
        ]),
        Fact("C4", "Thinner than half the line of centres misses the red altogether", () =>
        [
            Figure.So("cut above 30 exactly when the offset is above R",
                new[] { .8, .95, 1.05, 1.2, 1.6, 1.9 }.All(radii => CutAt(radii * Radius) > 30 == radii > 1), "at 6 offsets"),
        ]),
        Fact("C5", "Full contact without spin stops the white dead", () =>
        [
            Figure.Near("speed left at e = 1", 0, Meet(0, 2, 0).White.Velocity.Length, 1e-5),
            Figure.Near("share left at e = 0.95", 0.025, Meet(0, 2, 0, 0, Ideal(restitution: .95)).White.Velocity.Length / 2, 1e-4),
            .. new[] { 1.0, 2, 3 }.Select(
                speed => Figure.Within(
                $"rests within 20 mm at {speed} m/s, e = 0.95, rolling friction 0.01", 0, 20, 1000 * StopsAfter(speed))),
        ]),
        Fact("C6", "Top spin on a full hit goes on, bottom comes back; a rolling full hit shares the run 6.25 : 1", () =>
        [
            Figure.Rising("rest along the aim for s = -0.5, 0, 0.5, 1", [.. new[] { -.5, 0, .5, 1 }.Select(spin => RestAlong(0.8, spin))]),
            Figure.Near("run of the red over that of the white", 6.25, RunRatio(), 0.1),
        ]),
        Fact("C8", "Between stun, follow and screw lie all lines in between", () =>
        [
            .. new[] { 5.0, 30, 60 }.Select(
                cut => Figure.So($"direction falls steadily with s at cut {cut}", IsSteady(cut), "41 values of s")),
        ]),
        Fact("C9", "Height counts little on thin contacts", () =>
        [
            Figure.Near("spread between s = 1 and -0.5 at cut 30", 49.7, Spread(30), 0.1),
            Figure.Near("at cut 70", 11.1, Spread(70), 0.1),
            Figure.Falling("from cut 20 to 80", Spread(20), Spread(30), Spread(40), Spread(50), Spread(60), Spread(70), Spread(80)),
        ]),
        Fact("C10", "On thin contacts the white keeps its speed: sin(cut) without spin, and the red gets cos(cut)", () =>
        [
            Figure.Worst("white", 1e-5,
                new[] { 30.0, 60, 70 }.Select(cut => (Math.Sin(Radians(cut)), Meet(cut, 1, 0).White.Velocity.Length))),
            Figure.Worst("red", 1e-5, new[] { 30.0, 60, 70 }.Select(cut => (Math.Cos(Radians(cut)), Meet(cut, 1, 0).Red.Velocity.Length))),
        ]),
        Fact("C11", "A thin clip on a second ball goes on usefully, a full one kills the run", () =>
        [
            Figure.Rising("speed kept by a rolling white at full, half and quarter ball (club balls)",
                [.. new[] { 0, 30, 48.59 }.Select(cut => Meet(cut, 1, 1, 0, Club).RollingWhite.Velocity.Length)]),
        ]),
        Fact("C12", "A little back-spin opens the angle beyond stun", () =>
        [
            Figure.Near("stun at cut 30", 60, Meet(30, 2, 0).Deflection, 0.1),
            Figure.Near("s = -0.25", 71, Meet(30, 2, -.25).Deflection, 0.5),
        ]),
        Fact("C14", "Very hard with top misses a ball that soft with top reaches", () =>
        [
            Figure.So("hits from 0.8 m/s on, then misses; one crossover", CrossesOnce(),
                string.Join(" ", Paces.Select(speed => Reaches(speed) ? "hit" : "miss"))),
        ]),
        Fact("C17", "The same strike at another pace takes quite another way", () =>
        [
            Figure.Rising("place on the top cushion, mm to the right, paces 4 to 8 (club, height 0)",
                [.. new[] { 4.0, 5, 6, 7, 8 }.Select(pace => -1000 * CushionPlace(pace))]),
        ]),
        Fact("C18", "Centre strike and pace become stun by themselves", () =>
        [
            Figure.Worst("metres until it rolls at 1, 2, 3, 4 m/s", 0.005,
                [(.125, SlidesFor(1)), (.50, SlidesFor(2)), (1.12, SlidesFor(3)), (2.0, SlidesFor(4))]),
            Figure.Near("spin ratio on a ball 0.5 m away at 2 m/s", 1, ArrivesWith(2), 0.01),
            Figure.Falling("at 2.5, 3, 4, 5 m/s", ArrivesWith(2.5), ArrivesWith(3), ArrivesWith(4), ArrivesWith(5)),
        ]),
        Fact("C20", "Screw works at soft pace too, only shorter; it returns with 2/7 of the back-spin's surface speed", () =>
        [
            Figure.Rising("return in mm at 0.8, 1, 1.3, 1.6 m/s, ball 0.1 m away, height -0.45 (club)",
                [.. new[] { .8, 1, 1.3, 1.6 }.Select(speed => 1000 * Return(speed))]),
            Figure.So("more than nothing at every pace", Return(.8) > 0, $"{1000 * Return(.8):0} mm at 0.8 m/s"),
            Figure.Near("return speed over surface speed", 2.0 / 7, -Meet(0, 2, -.8).RollingWhite.Velocity.X / (.8 * 2), 1e-5),
        ]),
        Fact("C21", "Power is not what makes spin", () =>
        [
            Figure.Worst("spin over speed off the tip at 1, 2, 4 m/s", 1e-9,
                new[] { 1.0, 2, 4 }.Select(speed => (0.75, OffTip(speed, .3)))),
            Figure.Falling("back-spin ratio left on a ball 0.5 m away, the harder the more is left", ArrivesWith(2, -.4),
                ArrivesWith(3, -.4), ArrivesWith(5, -.4)),
        ]),
        Fact("C22", "Distance comes from power, direction from the tip; but power shifts the way a little too", () =>
        [
            Figure.Within("a tenth more pace: shift of the rest along the way over that across it", 1.5, 1e3,
                Turned(1.65, .2) is var pace ? pace.Along / pace.Across : 0),
            Figure.Within("turn by half a tip lower over turn by a tenth more pace", 2, 1e3,
                Turned(1.5, .2 - Tip / 2).Degrees / Turned(1.65, .2).Degrees),
            Figure.Within("yet a tenth more pace also shifts the way, mm", 1, 1e3, 1000 * Turned(1.65, .2).Across),
        ]),
        Fact("C23", "One tip lower visibly shifts the finish (trial scatter: 1 mm of height, 3 % of pace)", () =>
        [
            Figure.Near("a tip of the axis on the ball, mm", 8.0, Tip * 26.25, 0.06),
            Figure.Within("shift over the scatter", 2, 100, Shift(Tip) / Scatter()),
        ]),
        Fact("C24", "Half a tip is already significant", () =>
        [
            Figure.Within("shift over the scatter", 1.05, 100, Shift(Tip / 2) / Scatter()),
            Figure.Within("ball diameters per metre of run, near stun (estimate)", 1, 100, Shift(Tip / 2) / Diameter / Run(2, -.2)),
        ]),
        Fact("C25", "Centre struck at pace 3 rolls on and only nudges another ball", () =>
        [
            Figure.Rising("travel of the nudged ball in mm at paces 3 and 5", Nudge(3), Nudge(5)),
            Figure.Rising("at paces 3 and 7", Nudge(3), Nudge(7)),
            Figure.Within("at pace 3 (limit is an estimate)", 1, 300, Nudge(3)),
        ]),
    ];

    private static Check Fact(string id, string statement, Func<IEnumerable<Figure>> compute) => new(id, statement, Checks.Trade, compute);

    private static double At95(double cut) => Meet(cut, 2, 0, 0, Ideal(restitution: .95)).Separation;

    private static double JustAfter(double spin)
    {
        var meeting = Meet(30, 2, spin);
        return Heading(VelocityAt(meeting.Record, BallId.Cue, meeting.Time + 0.001));
    }

    private static double CutAt(double offset)
    {
        var (outcome, _) = Send(
            Ideal(), new Vec3(1, 0, 0), Vec3.Zero, (BallId.Cue, Contact.X - 0.3, Contact.Y), (BallId.Red1, Contact.X, Contact.Y + offset));
        return Degrees(Math.Abs(outcome.FirstContact!.Value.CutRadians));
    }

    private static double StopsAfter(double speed)
    {
        var velocity = new Vec3(speed, 0, 0);
        var (outcome, record) = Send(
            Ideal(rollingFriction: .01, restitution: .95), velocity, Vec3.Zero, (BallId.Cue, .6, .5),
            (BallId.Red1, .6 + Diameter + 1e-6, .5));
        var place = record.Events.First(told => told.Kind == ShotEventKind.Ball).Balls[0].After.Place;
        // The red may come back off the cushion: the white's place just before the red returns counts.
        var again = record.Events.Skip(2).FirstOrDefault(told => told.Kind == ShotEventKind.Ball && told.Time > 0.5);
        return again is null ? RestOf(outcome).DistanceTo(place) : again.Balls[0].Before.Place.DistanceTo(place);
    }

    private static double RestAlong(double speed, double spin)
    {
        var velocity = new Vec3(speed, 0, 0);
        var (outcome, _) = Send(Ideal(), velocity, Spin(velocity, spin), (BallId.Cue, 1, .5), (BallId.Red1, 1 + Diameter + 1e-6, .5));
        return RestOf(outcome).X - 1;
    }

    private static double RunRatio()
    {
        var velocity = new Vec3(.8, 0, 0);
        var (outcome, _) = Send(Ideal(), velocity, Spin(velocity, 1), (BallId.Cue, 1, .5), (BallId.Red1, 1 + Diameter + 1e-6, .5));
        return (RestOf(outcome, BallId.Red1).X - 1 - Diameter) / (RestOf(outcome).X - 1);
    }

    private static bool IsSteady(double cut)
    {
        var directions = Enumerable.Range(0, 41).Select(i => Meet(cut, 2, -1 + 0.05 * i).Deflection).ToList();
        return directions.Zip(directions.Skip(1)).All(pair => pair.Second < pair.First);
    }

    private static double Spread(double cut) => Meet(cut, 2, -.5).Deflection - Meet(cut, 2, 1).Deflection;

    /// <summary>A ball stands on the line in which a rolling white leaves a half-ball contact, 0.6 m on.</summary>
    private static bool Reaches(double speed)
    {
        var (sin, cos) = Math.SinCos(Radians(30));
        var (down, along) = Math.SinCos(Radians(-33.67));
        var velocity = new Vec3(speed, 0, 0);
        var (_, record) = Send(
            Ideal(),
            velocity,
            Spin(velocity, 1),
            (BallId.Cue, Contact.X - 1e-6, Contact.Y),
            (BallId.Red1, Contact.X + Diameter * cos, Contact.Y + Diameter * sin),
            (BallId.Blue, Contact.X + 0.6 * along, Contact.Y + 0.6 * down));
        // The blue that is met only after a cushion does not count.
        return record.Events.TakeWhile(told => told.Kind != ShotEventKind.Cushion || told.Balls[0].Ball != BallId.Cue)
            .Any(told => told.Kind == ShotEventKind.Ball && told.Balls.Any(ball => ball.Ball == BallId.Blue)
                && told.Balls.Any(ball => ball.Ball == BallId.Cue));
    }

    private static bool CrossesOnce()
    {
        var hits = Paces.Select(Reaches).ToList();
        return hits[0] && !hits[^1] && hits.Zip(hits.Skip(1)).Count(pair => pair.First != pair.Second) == 1;
    }

    /// <summary>Where the white meets the top cushion after a cut of 30 degrees, struck in the centre from 0.6 m.</summary>
    private static double CushionPlace(double pace)
    {
        var (sin, cos) = Math.SinCos(Radians(30));
        var (_, record) = Strike(
            Club,
            new Strike(0, Pace.ToSpeed(pace), 0, 0),
            (BallId.Cue, 2.2, 1.1),
            (BallId.Red1, 2.8 + Diameter * cos, 1.1 + Diameter * sin));
        return record.Events.First(
            told => told.Kind == ShotEventKind.Cushion && told.Balls[0].Ball == BallId.Cue).Balls[0].After.Position.Y;
    }

    private static double SlidesFor(double speed)
    {
        var (_, record) = Send(Ideal(), new Vec3(speed, 0, 0), Vec3.Zero, (BallId.Cue, .6, .8));
        return record.Events.First(told => told.Kind == ShotEventKind.Rolls).Balls[0].After.Position.X - .6;
    }

    private static double ArrivesWith(double speed, double height = 0)
    {
        var (outcome, _) = Strike(Ideal(), new Strike(0, speed, 0, height), (BallId.Cue, 1, .8), (BallId.Red1, 1.5 + Diameter, .8));
        var white = outcome.FirstContact!.Value.White;
        return Radius * white.Spin.Y / white.Velocity.X;
    }

    private static double OffTip(double speed, double height)
    {
        var white = CueStrike.Apply(new Strike(0, speed, 0, height), BallState.AtRest(new Place(1, 1), Radius), Club);
        return Radius * white.Spin.Y / white.Velocity.X;
    }

    private static double Return(double speed)
    {
        var (_, record) = Strike(Club, new Strike(0, speed, 0, -.45), (BallId.Cue, 1.5, .8), (BallId.Red1, 1.6 + Diameter, .8));
        // Up to the moment at which something else happens to the white, such as a red that comes back.
        var stop = record.Events.First(told => told.Time > 0.1 && told.Balls[0].Ball == BallId.Cue
            && told.Balls[0].After.Velocity.X < 1e-6 && told.Kind is ShotEventKind.Stops or ShotEventKind.Cushion);
        return 1.6 - stop.Balls[0].Before.Position.X;
    }

    /// <summary>A pot-like contact at cut 20 from 0.5 m on the club table: where the white rests.</summary>
    private static Place Finish(double speed, double height)
    {
        var (sin, cos) = Math.SinCos(Radians(20));
        return RestOf(Strike(
            Club, new Strike(0, speed, 0, height), (BallId.Cue, 1, .9), (BallId.Red1, 1.5 + Diameter * cos, .9 + Diameter * sin)).Outcome);
    }

    /// <summary>
    /// How far a stroke rests from where 1.5 m/s at height 0.2 rests, along the way from the contact and across it; a ball 0.15 m away.
    /// </summary>
    private static (double Along, double Across, double Degrees) Turned(double speed, double height)
    {
        var (here, there) = (Near(1.5, .2), Near(speed, height));
        var way = here.DistanceTo(Contact);
        var (x, y) = ((here.X - Contact.X) / way, (here.Y - Contact.Y) / way);
        var (dx, dy) = (there.X - here.X, there.Y - here.Y);
        var (along, across) = (dx * x + dy * y, dx * y - dy * x);
        return (Math.Abs(along), Math.Abs(across), Math.Abs(Degrees(Math.Atan2(across, way + along))));

        static Place Near(double speed, double height)
        {
            var (sin, cos) = Math.SinCos(Radians(20));
            return RestOf(Strike(
                Club,
                new Strike(0, speed, 0, height),
                (BallId.Cue, Contact.X - .15, Contact.Y),
                (BallId.Red1, Contact.X + Diameter * cos, Contact.Y + Diameter * sin)).Outcome);
        }
    }

    private static double Run(double speed, double height) => Finish(speed, height).DistanceTo(new Place(1.5, .9));

    private static double Shift(double lower) => Finish(2, -.2).DistanceTo(Finish(2, -.2 - lower));

    private static double Scatter()
    {
        var middle = Finish(2, -.2);
        var height = middle.DistanceTo(Finish(2, -.2 - 1 / 26.25));
        var pace = middle.DistanceTo(Finish(2 * 1.03, -.2));
        return Math.Sqrt(height * height + pace * pace);
    }

    private static Place Nudged => new(1.6839, .8554);

    private static double Nudge(double pace)
    {
        var (sin, cos) = Math.SinCos(Radians(10));
        var (outcome, record) = Strike(
            Club,
            new Strike(0, Pace.ToSpeed(pace), 0, 0),
            (BallId.Cue, 1, .9),
            (BallId.Red1, 1.6 + Diameter * cos, .9 + Diameter * sin),
            (BallId.Blue, Nudged.X, Nudged.Y));
        var nudge = record.Events.FirstOrDefault(
            told => told.Kind == ShotEventKind.Ball && told.Balls.Any(ball => ball.Ball == BallId.Blue));
        return nudge is null ? 0 : 1000 * RestOf(outcome, BallId.Blue).DistanceTo(Nudged);
    }
}
