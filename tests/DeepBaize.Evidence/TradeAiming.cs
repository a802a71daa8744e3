using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Table.Outline;
using static DeepBaize.Evidence.Play;

namespace DeepBaize.Evidence;

/// <summary>What players know of aiming; no published source.</summary>
internal static class TradeAiming
{
    private static readonly TableInUse Club = new(PlayingConditions.Club, TableOutline.Club);

    public static IReadOnlyList<Check> All { get; } =
    [
        Fact("C3a", "A judged angle of 30 degrees is half ball: the line of the white's centre runs through the edge of the ball", () =>
        [
            Figure.Near("fraction covered at a cut of 30 degrees", 0.5, Judged(30).Fraction, 1e-9),
            Figure.Near("line's offset at a cut of 30 degrees, mm", 26.25, 1000 * Judged(30).LineOffset(Diameter), 1e-6),
            Figure.Near("fraction at 14.48 degrees", 0.75, Judged(14.48).Fraction, 5e-5),
            Figure.Near("fraction at 48.59 degrees", 0.25, Judged(48.59).Fraction, 5e-5),
        ]),
        Fact("C4a", "In a judged angle thinner than half ball the centre line misses the ball altogether", () =>
        [
            Figure.So(
                "offset against the radius at cuts of 1 to 89 degrees",
                Enumerable.Range(1, 89).All(cut => Judged(cut).LineOffset(Diameter) > Radius + 1e-9 == cut > 30),
                "outside exactly beyond 30 degrees"),
        ]),
        Fact("C31a", "At a pace the aim of a cut pot is thinner than the plain angle by the throw, and a straight pot's is not", () =>
        [
            Figure.Rising("thinner by, mm, at cuts of 0, 15, 30 degrees and pace 5", [.. new[] { 0.0, 15, 30 }.Select(Thinner)]),
            Figure.Near("a straight pot, mm", 0, Thinner(0), 1e-3),
        ]),
        Fact("C42", "Some pots exist into one pocket only", () => OnePocket()),
    ];

    private static IEnumerable<Figure> OnePocket()
    {
        var layout = Lay(Club.Conditions, (BallId.Cue, 2.5, 0.889), (BallId.Black, 3.245, 0.889), (BallId.Red1, 3.37, 1.778 - 1.18));
        var open = PotMatrix.Read(Club, layout).Where(entry => entry.Pot.Ball == BallId.Black && entry.State == PotState.Open)
            .Select(entry => entry.Pot.Pocket).ToList();
        yield return Figure.So(
            "the black with a red before one corner", open is [PocketId.TopGreenSide], string.Join(", ", open.Select(Names.Text)));
    }

    /// <summary>A pot with a cut as it is judged: the ball 1 m from the pocket, the white 1 m from the contact.</summary>
    private static PottingLine Judged(double cut)
    {
        var (ball, pot) = Place();
        var straight = PottingLine.Between(ball.Offset(-0.3, 0), ball, pot, TableOutline.Club, Diameter);
        var heading = straight.BallHeading - Radians(cut);
        var white = straight.Contact.Offset(-Math.Cos(heading), -Math.Sin(heading));
        return PottingLine.Between(white, ball, pot, TableOutline.Club, Diameter);
    }

    private static double Thinner(double cut)
    {
        var line = Judged(cut);
        var layout = Lay(Club.Conditions, (BallId.Cue, line.White.X, line.White.Y), (BallId.Red1, line.Ball.X, line.Ball.Y));
        var solution = new PotSolver(Club).Solve(layout, Place().Pot, Dials.AtPace(5), withWindow: false).Solution!;
        return 1000 * line.ThinnerBy(solution.Strike.DirectionRadians - line.AimHeading);
    }

    private static (Place Ball, Pot Pot) Place() =>
        (new Place(Measurements.Length - 0.7, 0.7), new Pot(BallId.Red1, PocketId.TopYellowSide));

    private static Check Fact(string id, string statement, Func<IEnumerable<Figure>> compute) => new(id, statement, Checks.Trade, compute);
}
