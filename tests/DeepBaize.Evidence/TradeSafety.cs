using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>What players know of doubles, plants, safety and the last black; no published source.</summary>
internal static class TradeSafety
{
    private const double Inset = 0.02406;

    private static readonly TableInUse Club = new(PlayingConditions.Club, TableOutline.Club);
    private static readonly Place YellowSpot = Spots.Of(BallId.Yellow)!.Value;

    /// <summary>Balls and cushions that lose nothing and do not rub, on cloth that does not either.</summary>
    private static PlayingConditions Mirrors => WithMirrors(Ideal(0, 0));

    public static IReadOnlyList<Check> All { get; } =
    [
        new("M1", "A double off a cushion without loss runs to the pocket in the mirror", Checks.Derived, () =>
        [
            Figure.Worst("metres beside the pocket's point, 5 balls", 1e-3, Doubles().Select(offset => (0.0, offset))),
        ]),
        new("M2", "The second ball of a plant goes along the line of centres, with a gap or without", Checks.Derived, () =>
        [
            Figure.Worst("metres beside the pocket's point with gaps of 0, 20, 200 and 600 mm", 1e-4,
                new[] { 0.0, 0.02, 0.2, 0.6 }.Select(gap => (0.0, Plant(gap)))),
        ]),
        new("M3", "What meets a ball without spin goes on square to the line of centres: cannons and in-offs by plain geometry",
            Checks.Derived, () =>
        [
            Figure.Near("cannon: the second ball beside the pocket's point, metres", 0, Square(IndirectWay.Cannon).Beside, 1e-4),
            Figure.Near("in-off: the ball beside the pocket's point, metres", 0, Square(IndirectWay.InOff).Beside, 1e-4),
            Figure.Near("line of centres by the gauge of leaves, cannon, radians", 0, Square(IndirectWay.Cannon).Apart, 0.02),
            Figure.Near("in-off, radians", 0, Square(IndirectWay.InOff).Apart, 0.02),
        ]),
        Fact("B49", "Black tight on the side cushion level with the baulk line or farther up: thin straight, but a double is there", () =>
        [
            Figure.Within("cut of the thinner straight pot in degrees, black 1250 mm up", 70, 74, Cuts(1.250).Max()),
            Figure.Near("cut of the double to the opposite middle pocket in degrees", 1, DoubleCut(1.250, PocketId.MiddleYellowSide), 1.5),
            Figure.Near("black 500 mm up: cut of the double to the middle pocket", 44, DoubleCut(0.500, PocketId.MiddleYellowSide), 2),
            Figure.Near("and of that to the corner in baulk", 10, DoubleCut(0.500, PocketId.Yellow), 2),
        ]),
        Fact("C54", "The old opening: from the yellow spot a cut of 6.8 degrees (0.88 ball) sends the black straight up the table", () =>
        [
            Figure.Near("cut in degrees", 6.8, Degrees(OldOpening().Cut), 0.05),
            Figure.Near("of the ball", 0.88, 1 - Math.Sin(OldOpening().Cut), 0.005),
            Figure.Near("black beside the middle line after both end cushions, mm", 0, 1000 * OldOpening().Beside, 1),
        ]),
        Fact("B50", "Half ball from the yellow spot: the black off the top cushion to one side cushion, the white to the other", () =>
        [
            Figure.Near("black meets the side cushion, mm up the table", 2656, 1000 * Opening(0.5).Black, 15),
            Figure.Near("white meets the other, mm up the table", 2294, 1000 * Opening(0.5).White, 15),
            Figure.Near("how far that of the black varies from 0.4 to 0.6 ball, mm", 578, 1000 * Range(at => at.Black), 15),
            Figure.Near("how far that of the white varies, mm", 85, 1000 * Range(at => at.White), 15),
        ]),
        Fact("C58", "Black tight on the top cushion, in line: full, low and without side the white comes back and the black stays", () =>
        [
            Figure.Near("1 mm off centre turns the line of centres by, degrees", 1.1, Off(0.001), 0.02),
            Figure.Near("3 mm", 3.3, Off(0.003), 0.03),
            Figure.Within("the white comes back down the table by more than, metres", 1.5, 3.6, Frozen(0).Back),
            Figure.Within("the black stays within, metres", 0, 0.35, Frozen(0).Black),
            Figure.Rising("with a tip and a half of side it drifts, metres", Frozen(0).Across, Frozen(0.35).Across),
        ]),
        Fact("C45", "A double that is missed leaves the ball anywhere: half a degree of aim either way", () =>
        [
            Figure.Rising("spread of where the black ends, metres: straight pot, double", Spread(false).Spread, Spread(true).Spread),
            Figure.So("jaws are among what it meets", Spread(true).Jaws > 0, $"{Spread(true).Jaws} of 41"),
        ]),
        Fact("C57", "A long thin red played with safety in mind: a thin miss is safer than a thick one", () =>
        [
            Figure.Rising("what the opponent's turn is worth then: thin, thick", Missed(-1).Turn, Missed(1).Turn),
            Figure.Rising("run of the white after the contact, metres: thick, thin", Missed(1).Run, Missed(-1).Run),
        ]),
    ];

    private static Check Fact(string id, string statement, Func<IEnumerable<Figure>> compute) => new(id, statement, Checks.Trade, compute);

    private static PlayingConditions WithMirrors(PlayingConditions conditions) =>
        conditions with { Table = conditions.Table with { CushionRestitution = 1, CushionFriction = 0 } };

    /// <summary>A white that sets off a hair behind a ball and meets it full, so that the ball goes along a heading.</summary>
    private static (ShotOutcome Outcome, ShotRecord Record) Push(
        PlayingConditions conditions, Place ball, double heading, params (BallId Ball, double X, double Y)[] others)
    {
        var (sin, cos) = Math.SinCos(heading);
        var apart = Diameter + 0.02;
        return Send(
            conditions, new Vec3(3 * cos, 3 * sin, 0), Vec3.Zero,
            [(BallId.Cue, ball.X - apart * cos, ball.Y - apart * sin), (BallId.Red1, ball.X, ball.Y), .. others]);
    }

    private static IEnumerable<double> Doubles()
    {
        (Place Ball, CushionId Cushion, PocketId Pocket)[] asked =
        [
            (new Place(1.2, 1.3), CushionId.GreenSide, PocketId.MiddleYellowSide),
            (new Place(2.6, 0.5), CushionId.YellowSide, PocketId.TopGreenSide),
            (new Place(0.9, 0.6), CushionId.YellowSide, PocketId.Green),
            (new Place(2.9, 0.9), CushionId.Top, PocketId.MiddleYellowSide),
            (new Place(0.6, 1.2), CushionId.Baulk, PocketId.MiddleGreenSide),
        ];
        foreach (var (ball, cushion, pocket) in asked)
        {
            var point = PottingLine.PointOf(pocket);
            var mirrored = cushion switch
            {
                CushionId.Baulk => new Place(2 * Inset - point.X, point.Y),
                CushionId.Top => new Place(2 * (Measurements.Length - Inset) - point.X, point.Y),
                CushionId.YellowSide => new Place(point.X, 2 * Inset - point.Y),
                _ => new Place(point.X, 2 * (Measurements.Width - Inset) - point.Y),
            };
            var (_, record) = Push(Mirrors, ball, ball.HeadingTo(mirrored));
            yield return OffsetOf(record, IndirectWay.OneCushion, pocket);
        }
    }

    private static double Plant(double gap)
    {
        var (second, pocket) = (new Place(2.9, 0.5), PocketId.TopYellowSide);
        var point = PottingLine.PointOf(pocket);
        var ghost = PottingLine.GhostAt(second.HeadingTo(point), second, Diameter);
        // The first ball comes a little from the side, but for a set, which points at the pocket.
        var turn = gap == 0 ? 0 : 0.2;
        var heading = second.HeadingTo(point) + turn;
        var first = ghost.Offset(-gap * Math.Cos(heading), -gap * Math.Sin(heading));
        var (_, record) = Push(Mirrors, first, heading, (BallId.Red2, second.X, second.Y));
        return OffsetOf(record, IndirectWay.Plant, pocket);
    }

    /// <summary>
    /// Two balls near each other laid so that the white, or the first ball, leaves its contact square to the line of centres and by that
    /// pots the second, or itself; and the gauge of leaves finds the same contact.
    /// </summary>
    private static (double Beside, double Apart) Square(IndirectWay way)
    {
        const PocketId pocket = PocketId.TopYellowSide;
        var (isCannon, aim) = (way == IndirectWay.Cannon, new Place(2.9, 0.5).HeadingTo(PottingLine.PointOf(pocket)));
        // Where what goes on comes from its contact, and the way square to it on which the ball there is sent.
        var (meets, on) = isCannon
            ? (PottingLine.GhostAt(aim, new Place(2.9, 0.5), Diameter), aim + 0.2) : (new Place(2.9, 0.5), aim);
        var contact = isCannon ? Along(meets, on, -0.15) : meets;
        var sent = on + Math.PI / 2;
        var hit = Along(contact, sent, Diameter);
        var from = Along(contact, on + Math.PI / 4, isCannon ? -0.6 : -0.15);
        var white = isCannon ? from : Along(from, on + Math.PI / 4, -0.6);
        var (first, other) = isCannon ? (hit, new Place(2.9, 0.5)) : (from, hit);
        var heading = white.HeadingTo(isCannon ? contact : from);
        var (_, record) = Send(
            Mirrors, new Vec3(2 * Math.Cos(heading), 2 * Math.Sin(heading), 0), Vec3.Zero, (BallId.Cue, white.X, white.Y),
            (BallId.Red1, first.X, first.Y), (BallId.Red2, other.X, other.Y));
        var gauge = new LeaveGauge(Club, HousePlayers.Expert);
        var found = new IndirectGauge(Club, HousePlayers.Expert, gauge)
            .All(white, gauge.LinesOf([new PlacedBall(BallId.Red1, first), new PlacedBall(BallId.Red2, other)]),
                new HashSet<BallId> { BallId.Red1, BallId.Red2 })
            .Where(one => one.Pot.Way == way && one.Pot.First == BallId.Red1 && one.Pot.Pocket == pocket).ToList();
        var centres = isCannon ? sent : on + Math.PI / 4;
        return (
            OffsetOf(record, way, pocket),
            found.Count == 0 ? double.NaN : found.Min(one => Math.Abs(Math.IEEERemainder(one.HeadingRadians - centres, Math.Tau))));

        static Place Along(Place place, double way, double metres) => place.Offset(metres * Math.Cos(way), metres * Math.Sin(way));
    }

    private static double OffsetOf(ShotRecord record, IndirectWay way, PocketId pocket) =>
        new IndirectRun().Read(record, BallId.Red1).First(line => line.Pot.Way == way).Offset(PottingLine.PointOf(pocket));

    /// <summary>The black tight on the green's side cushion, the white on the other.</summary>
    private static (Place White, Place Black) OnTheCushions(double up) =>
        (new Place(0.700, Inset), new Place(up, Measurements.Width - Inset));

    private static IEnumerable<double> Cuts(double up)
    {
        var (white, black) = OnTheCushions(up);
        return new[] { PocketId.Green, PocketId.TopGreenSide }
            .Select(pocket => PottingLine.Between(white, black, new Pot(BallId.Black, pocket), Club.Outline, Diameter).CutDegrees)
            .Where(cut => cut < 90);
    }

    private static double DoubleCut(double up, PocketId pocket)
    {
        var (white, black) = OnTheCushions(up);
        var gauge = new LeaveGauge(Club, HousePlayers.Expert);
        var found = new IndirectGauge(Club, HousePlayers.Expert, gauge)
            .All(white, gauge.LinesOf([new PlacedBall(BallId.Black, black)]), new HashSet<BallId> { BallId.Black }, 0.001);
        return Degrees(Math.Abs(found.First(one => one.Pot is { Way: IndirectWay.OneCushion } pot && pot.Pocket == pocket).CutRadians));
    }

    private static (double Cut, double Beside) OldOpening()
    {
        var ghost = PottingLine.GhostAt(0, Spots.Black, Diameter);
        var heading = YellowSpot.HeadingTo(ghost);
        var (_, record) = Send(
            Mirrors, new Vec3(3 * Math.Cos(heading), 3 * Math.Sin(heading), 0), Vec3.Zero, (BallId.Cue, YellowSpot.X, YellowSpot.Y),
            (BallId.Black, Spots.Black.X, Spots.Black.Y));
        var ends = record.Events.Where(told => told.Kind == ShotEventKind.Cushion && told.Balls[0].Ball == BallId.Black).Take(2).ToList();
        return (Math.Abs(heading), ends[^1].Balls[0].Before.Position.Y - Spots.Black.Y);
    }

    /// <summary>
    /// Where black and white meet their side cushions in metres up the table: the black slides, so that cushions are mirrors; the white
    /// rolls.
    /// </summary>
    private static (double Black, double White) Opening(double covered)
    {
        var apart = YellowSpot.DistanceTo(Spots.Black);
        var heading = YellowSpot.HeadingTo(Spots.Black) - Math.Asin((1 - covered) * Diameter / apart);
        var velocity = new Vec3(3 * Math.Cos(heading), 3 * Math.Sin(heading), 0);
        var (_, black) = Play(Mirrors, Vec3.Zero, 1);
        // On the roughest cloth the white rolls again at once; then it goes straight, off the top cushion as off a mirror.
        var (_, white) = Play(Ideal(1, 0), Spin(velocity, 1), 0.2);
        var met = white.Events.First(told => told.Kind == ShotEventKind.Ball).Time;
        var rolls = white.Events.First(told => told.Kind == ShotEventKind.Rolls && told.Time > met && told.Balls[0].Ball == BallId.Cue)
            .Balls[0].After;
        var steps = (rolls.Position.Y - Inset) / -rolls.Velocity.Y;
        return (
            black.Events.First(told => told.Cushion == CushionId.GreenSide && told.Balls[0].Ball == BallId.Black)
                .Balls[0].Before.Position.X,
            2 * (Measurements.Length - Inset) - (rolls.Position.X + steps * rolls.Velocity.X));

        (ShotOutcome, ShotRecord) Play(PlayingConditions conditions, Vec3 spin, double pace) => Send(
            conditions, velocity * pace, spin * pace,
            (BallId.Cue, YellowSpot.X, YellowSpot.Y), (BallId.Black, Spots.Black.X, Spots.Black.Y));
    }

    private static double Range(Func<(double Black, double White), double> of)
    {
        var places = Enumerable.Range(0, 21).Select(i => of(Opening(0.4 + 0.01 * i))).ToList();
        return places.Max() - places.Min();
    }

    /// <summary>Degrees by which a contact off the centre turns the line of centres.</summary>
    private static double Off(double metres)
    {
        var (outcome, _) = Send(
            Ideal(), new Vec3(1, 0, 0), Vec3.Zero, (BallId.Cue, 2, Measurements.CentreLine + metres),
            (BallId.Black, 3, Measurements.CentreLine));
        return Degrees(Math.Abs(outcome.FirstContact!.Value.CutRadians));
    }

    /// <summary>Full ball on the black that is tight on the top cushion, with the tip low and to the right.</summary>
    private static (double Back, double Black, double Across) Frozen(double side)
    {
        var black = new Place(Measurements.Length - Inset - 2e-5, Measurements.CentreLine);
        var layout = Lay(PlayingConditions.Club, (BallId.Cue, 1.5, Measurements.CentreLine), (BallId.Black, black.X, black.Y));
        var strike = StraightAim.Strike(
            layout, Dials.AtPace(7, side, -0.25), black.Offset(-Diameter, 0), PlayingConditions.Club)!.Value;
        var outcome = Simulation(PlayingConditions.Club).Play(layout, strike);
        var (white, rest) = (RestOf(outcome), RestOf(outcome, BallId.Black));
        return (black.X - white.X, rest.DistanceTo(black), Math.Abs(rest.Y - black.Y));
    }

    private static (double Spread, int Jaws) Spread(bool isDouble)
    {
        var layout = Lay(PlayingConditions.Club, (BallId.Cue, 2.75, 1.05), (BallId.Black, 2.2, 1.45));
        var strike = isDouble
            ? new IndirectSolver(Club).All(layout, BallId.Black, Dials.AtPace(8)).First(one => one.Pot.Way == IndirectWay.OneCushion).Strike
            : new PotSolver(Club).Solve(
                layout, new Pot(BallId.Black, PocketId.MiddleGreenSide, PocketPart.Opening), Dials.AtPace(3)).Solution!.Strike;
        var (ends, jaws) = (new List<Place>(), 0);
        for (var i = -20; i <= 20; i++)
        {
            var record = new ShotRecord();
            var outcome = Simulation(PlayingConditions.Club).Play(
                layout, strike with { DirectionRadians = strike.DirectionRadians + Radians(i * 0.025) }, record);
            ends.Add(
                outcome.Final.Where(other => other.Ball == BallId.Black).Select(other => (Place?)other.State.Place).FirstOrDefault()
                ?? PottingLine.PointOf(outcome.Potted.First(potted => potted.Ball == BallId.Black).Pocket));
            if (record.Events.Exists(told => told.Kind == ShotEventKind.Jaw && told.Balls[0].Ball == BallId.Black)) jaws++;
        }

        var (x, y) = (ends.Average(place => place.X), ends.Average(place => place.Y));
        return (Math.Sqrt(ends.Average(place => place.SquaredDistanceTo(new Place(x, y)))), jaws);
    }

    /// <summary>A long thin red to the top pocket that is missed: thick at 1, thin at -1.</summary>
    private static (double Turn, double Run) Missed(int thick)
    {
        var layout = Lay(
            PlayingConditions.Club,
            [
                (BallId.Cue, 0.45, 0.7), (BallId.Red1, 3.25, 0.22),
                .. BallSet.Colours.Select(ball => (ball, Spots.Of(ball)!.Value.X, Spots.Of(ball)!.Value.Y)),
            ]);
        var pot = new Pot(BallId.Red1, PocketId.TopYellowSide, PocketPart.Opening);
        var solved = new PotSolver(Club).Solve(layout, pot, Dials.AtPace(6)).Solution!;
        var step = Radians(0.4) * thick * -Math.Sign(solved.Line.ThinnerBy(1e-3));
        var record = new ShotRecord();
        var outcome = Simulation(PlayingConditions.Club).Play(
            layout, solved.Strike with { DirectionRadians = solved.Strike.DirectionRadians + step }, record);
        var met = record.Events.First(told => told.Kind == ShotEventKind.Ball).Time;
        var run = record.Segments.Where(piece => piece.Ball == BallId.Cue && piece.StartTime >= met - 1e-9)
            .Sum(piece => piece.Start.DistanceTo(piece.End));
        var left = new FrameState(
            [.. outcome.Final.Select(other => new PlacedBall(other.Ball, other.State.Place))], BallGauge.Standard, BallOn.Red);
        var leaves = new LeaveWorth(Club, HousePlayers.Club);
        var stakes = new Stakes(Club, HousePlayers.Club, leaves);
        return (new LeftReader(Club, HousePlayers.Club, leaves).Read(left).Turn(stakes.Of(left)), run);
    }
}
