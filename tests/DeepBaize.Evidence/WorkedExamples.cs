using System.Text;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>
/// Worked examples of the bench, in the ideal mode (balls that lose nothing and do not rub, mirror cushions) and on the club table, side by
/// side. Places are in millimetres across to the right and up the table from the left end of the baulk cushion.
/// </summary>
internal static class WorkedExamples
{
    private static readonly TableInUse IdealTable = new(Mirror(), TableOutline.Club);
    private static readonly TableInUse ClubTable = new(PlayingConditions.Club, TableOutline.Club);
    private static readonly (BallId, double, double) Black = Across(BallId.Black, 889, 3245);

    public static string Describe()
    {
        var text = new StringBuilder();
        text.AppendLine("# Worked examples, ideal and on the club table").AppendLine();
        text.AppendLine("Invented positions. \"Ideal\": e = 1, no friction between balls, mirror cushions: plain geometry and closed "
            + "forms, which the tests hold through the");
        text.AppendLine("public API. \"Club table\": the same question on the house club table. Written by `dotnet run -c Release "
            + "--project tests/DeepBaize.Evidence`.").AppendLine();
        text.AppendLine("| example | figure | ideal | club table | why they differ |");
        text.AppendLine("| --- | --- | --- | --- | --- |");
        foreach (var row in Rows()) text.AppendLine($"| {row.Id} | {row.What} | {row.Ideal} | {row.Club} | {row.Why} |");
        text.AppendLine().AppendLine("B07, B08, B18 and B19 are counts, rankings and interpolations: they do not depend on the balls. "
            + "B13's angles are places on the table; likewise.");
        return text.ToString();
    }

    private static IEnumerable<(string Id, string What, string Ideal, string Club, string Why)> Rows()
    {
        var corner = Lay(ClubTable.Conditions, Across(BallId.Cue, 889, 2500), Black, Across(BallId.Red1, 1180, 3370));
        var pot = new Pot(BallId.Black, PocketId.TopYellowSide);
        yield return Both("B06", "black to the right corner passes the red at", table =>
            $"{1000 * new PotSolver(table).Solve(corner, pot, Dials.AtPace(6)).Refusal!.ClearanceMetres:0.0} mm",
            "the line to the pocket is geometry");

        var half = Lay(ClubTable.Conditions, Across(BallId.Cue, 1500, 2600), Black);
        yield return Both("B15", "cut at the contact, black to the left corner, pace 5",
            table => $"{Cut(Solve(table, half, PocketId.TopGreenSide, 5)):0.0} degrees",
            "throw drags the ball back towards the white's way: the contact is thinner");
        yield return Both("B15", "fraction covered", table => $"{Solve(table, half, PocketId.TopGreenSide, 5).Fraction:0.000}", "the same");

        var thin = Lay(ClubTable.Conditions, Across(BallId.Cue, 1750, 2700), Across(BallId.Red1, 1500, 3100));
        foreach (var part in Enum.GetValues<PocketPart>())
        {
            yield return Both("B16", $"cut into the {Part(part)}, pace 7", table =>
                new PotSolver(table).Solve(
                    thin, new Pot(BallId.Red1, PocketId.TopYellowSide, part), Dials.AtPace(7)).Solution is { IsPartial: false } solution
                    ? $"{Cut(solution):0.0} degrees" : "a jaw catches it",
                "throw");
        }

        foreach (var (roll, name) in new[] { (0.0, "stun"), (1.0, "full roll"), (-0.5, "half back-spin") })
            yield return Both("B17", $"half ball with {name}: the white rolls on at",
                table => $"{Math.Abs(MeetOn(table, 30, 1.5, roll).Deflection):0.0} degrees",
                "e = 0.95 keeps some of the white's speed along the line of centres, and friction between the balls takes some across it");

        foreach (var (side, pace) in new[] { (0.4, 8.0), (0.0, 8.0) })
        {
            var right = Lay(ClubTable.Conditions, Across(BallId.Cue, 700, 2600), Black);
            yield return Both("B21", $"aim for a cut to the right, side {side:0.0} right, pace {pace:0}",
                table => Thinner(table, right, PocketId.TopYellowSide, Dials.AtPace(pace, side)),
                "push-off is the same; throw and what side adds to it come from friction");
        }

        var cut = Lay(ClubTable.Conditions, Across(BallId.Cue, 1482, 2450), Black);
        yield return Both("B22", "centre-ball aim at a 35-degree cut, pace 6",
            table => Thinner(table, cut, PocketId.TopGreenSide, Dials.AtPace(6)), "throw");

        foreach (var speed in new[] { 1.0, 2, 4 })
            yield return Both("B24", $"rolling half ball at {speed:0} m/s: the white's line is pushed sideways by",
                table => $"{Sideways(table, speed):0} mm",
                "the club's cloth grips more (0.21 against 0.2), and the white leaves slower across and faster ahead");

        var inOff = Lay(ClubTable.Conditions, Across(BallId.Cue, 583, 3381), Black);
        yield return Both("B26", "in-offs into the right middle among the stroke and its 26 neighbours, rolling at pace 3",
            table => InOffs(table, inOff), "the white comes off a little ahead of square, and the pot is aimed thinner");

        var cannon = Lay(ClubTable.Conditions, Across(BallId.Cue, 889, 1500), Across(BallId.Red1, 1300, 1700),
            Across(BallId.Red2, 1000, 3000));
        yield return Both("B27", "stunned off the red at pace 7, the second ball is covered by", table => SecondFraction(table, cannon),
            "a degree or two ahead of square is half a ball after 1.3 m: the sensitivity that the example warns of");
    }

    private static (string, string, string, string, string) Both(string id, string what, Func<TableInUse, string> compute, string why) =>
        (id, what, compute(IdealTable), compute(ClubTable), why);

    private static PlayingConditions Mirror()
    {
        var ideal = Ideal();
        return ideal with { Table = ideal.Table with { CushionRestitution = 1, CushionFriction = 0 } };
    }

    private static (BallId, double, double) Across(BallId ball, double across, double up) =>
        (ball, up / 1000, Measurements.Width - across / 1000);

    private static PotSolution Solve(TableInUse table, Layout layout, PocketId pocket, double pace) =>
        new PotSolver(table).Solve(layout, new Pot(BallId.Black, pocket), Dials.AtPace(pace), withWindow: false).Solution!;

    private static double Cut(PotSolution solution) => Degrees(Math.Abs(solution.CutRadians));

    private static string Part(PocketPart part) =>
        part switch { PocketPart.NearJaw => "near side", PocketPart.FarJaw => "far side", _ => "middle" };

    private static string Thinner(TableInUse table, Layout layout, PocketId pocket, Dials dials)
    {
        var solution = new PotSolver(table).Solve(layout, new Pot(BallId.Black, pocket), dials, withWindow: false).Solution!;
        var shift = 1000 * solution.Line.ThinnerBy(solution.Strike.DirectionRadians - solution.Line.AimHeading);
        return Math.Abs(shift) < 0.05 ? "as the plain angle" : $"{Math.Abs(shift):0.0} mm {(shift > 0 ? "thinner" : "thicker")}";
    }

    private static Meeting MeetOn(TableInUse table, double cut, double speed, double roll) => Meet(cut, speed, roll, 0, table.Conditions);

    private static double Sideways(TableInUse table, double speed)
    {
        var meeting = MeetOn(table, 30, speed, 1);
        var white = meeting.RollingWhite;
        var (dx, dy) = (white.Position.X - Play.Contact.X, white.Position.Y - Play.Contact.Y);
        return 1000 * Math.Abs(white.Velocity.X * dy - white.Velocity.Y * dx) / white.Velocity.Length;
    }

    private static string InOffs(TableInUse table, Layout layout)
    {
        var (player, pot) = (new StrokePlayer(table), new Pot(BallId.Black, PocketId.TopYellowSide));
        var strike = player.Solver.Solve(layout, pot, Dials.AtPace(3, 0, 0.4), withWindow: false).Solution?.Strike;
        if (strike is not { } along) return "the pace does not reach";
        var count = new DangerFinder(player).Find(layout, pot, along)
            .Where(danger => danger is { Kind: DangerKind.InOff, Pocket: PocketId.MiddleYellowSide }).Sum(danger => danger.Count);
        return $"{count} of 27";
    }

    private static string SecondFraction(TableInUse table, Layout layout)
    {
        var (player, pot) = (new StrokePlayer(table), new Pot(BallId.Red1, PocketId.MiddleYellowSide));
        var stun = Anchors.Of(player, layout, pot, Dials.AtPace(7))[0];
        var record = new ShotRecord();
        new TableSimulation(table.Conditions, table.Outline).Play(layout, stun.Stroke!.Strike, record);
        var second = record.Events.Where(told => told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue).ElementAtOrDefault(1);
        if (second?.Balls[1].Ball != BallId.Red2) return "nothing: it passes";
        var (white, ball) = (second.Balls[0].Before, second.Balls[1].Before);
        var passes = (white.Velocity.Y * (ball.Position.X - white.Position.X) - white.Velocity.X * (
            ball.Position.Y - white.Position.Y)) / white.Velocity.Length;
        return $"{1 - Math.Abs(passes) / Diameter:0.00} of the ball";
    }
}
