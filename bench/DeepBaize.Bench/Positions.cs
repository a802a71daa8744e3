using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;

namespace DeepBaize.Bench;

/// <summary>Positions and strokes that the benchmarks share.</summary>
internal static class Positions
{
    /// <summary>The full frame with the white in the D.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> FullFrame { get; } =
    [
        (BallId.Cue, new Place(0.68, 0.72)),
        .. Spots.Rack(0.0525).Select((place, i) => (BallSet.Reds[i], place)),
        .. BallSet.Colours.Select(colour => (colour, Spots.Of(colour)!.Value)),
    ];

    /// <summary>Twenty-two balls in the middle of a frame: reds spread over the top half, colours on their spots.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> MidFrame { get; } =
    [
        (BallId.Cue, new Place(1.63, 0.41)),
        .. BallSet.Reds.Select((red, i) => (red, new Place(2.0 + 0.27 * (i % 5), 0.25 + 0.6 * (i / 5) + 0.07 * (i % 2)))),
        .. BallSet.Colours.Select(colour => (colour, Spots.Of(colour)!.Value)),
    ];

    /// <summary>The white and six balls.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> Typical { get; } =
    [
        (BallId.Cue, new Place(1.2, 0.6)), (BallId.Red1, new Place(2.3, 0.75)), (BallId.Red2, new Place(2.9, 0.4)),
        .. new[] { BallId.Black, BallId.Pink, BallId.Blue, BallId.Brown }.Select(colour => (colour, Spots.Of(colour)!.Value)),
    ];

    /// <summary>A black with an angle, and what usually stands about it.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> PotOnTheBlack { get; } =
    [
        (BallId.Cue, new Place(2.6, 0.5)), (BallId.Red1, new Place(2.3, 0.75)), (BallId.Red2, new Place(2.9, 0.4)),
        (BallId.Red3, new Place(2.8, 1.1)),
        .. BallSet.Colours.Select(colour => (colour, Spots.Of(colour)!.Value)),
    ];

    /// <summary>Off the side cushion on to balls: two contacts of balls, two of cushions.</summary>
    public static Strike TypicalStroke { get; } = new(-35.5 * Math.PI / 180, 2, 0.2, 0.1);

    /// <summary>The white and a red that it does not see.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> Escape { get; } = [
        (BallId.Cue, new Place(0.6, 0.5)), (BallId.Red1, new Place(2.6, 0.3))];

    /// <summary>Two cushions and no ball.</summary>
    public static Strike EscapeStroke { get; } = new(0.9, 1.8, 0, 0);

    /// <summary>The blue to the middle pocket off the high side.</summary>
    public static Strike BlueToMiddle { get; } = new(69.87 * Math.PI / 180, Pace.ToSpeed(5), 0, -0.15);

    /// <summary>A white that jumps a ball and meets another.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> Jump { get; } =
        [(BallId.Cue, new Place(1, 0.889)), (BallId.Blue, new Place(1.22, 0.889)), (BallId.Red1, new Place(2.3, 0.9))];

    /// <summary>Over the blue on to the red.</summary>
    public static Strike JumpStroke { get; } = new(0, Pace.ToSpeed(8), 0, 0, 35 * Math.PI / 180);

    /// <summary>Round the blue.</summary>
    public static Strike Masse { get; } = new(16 * Math.PI / 180, Pace.ToSpeed(6), 0.2, -0.35, 45 * Math.PI / 180);

    /// <summary>A stroke with the butt as little up as ever.</summary>
    public static Strike WithLeastButt(in Strike level) => level with { ElevationRadians = 2 * Math.PI / 180 };

    /// <summary>The break-off, thin on the end red.</summary>
    public static Strike BreakOff { get; } = new(0.30 * Math.PI / 180, Pace.ToSpeed(7.4), 0.2, 0.05);

    /// <summary>
    /// Break-offs from the middle of the pack to past its edge. One alone does not tell what the butt costs: swerve moves the white, so
    /// that it meets another ball, or two one after the other.
    /// </summary>
    public static IReadOnlyList<Strike> BreakOffs { get; } =
        [.. Enumerable.Range(0, 40).Select(i => BreakOff with { DirectionRadians = (-0.35 + 0.05 * i) * Math.PI / 180 })];

    /// <summary>The escape's white among balls that it passes: as many as asked for, far from its way.</summary>
    public static IReadOnlyList<(BallId Ball, Place Place)> Idle(int count)
    {
        var record = new ShotRecord();
        new TableSimulation(PlayingConditions.Club, TableOutline.Club).Play(Lay(Escape.Take(1)), EscapeStroke, record);
        var places = Enumerable.Range(0, 400).Select(i => new Place(0.15 + 0.11 * (i % 30), 0.15 + 0.115 * (i / 30)))
            .Where(place => place.Y < 1.65 && record.Segments.All(piece => Enumerable.Range(0, 51).All(step =>
                place.DistanceTo(new Place(
                    piece.Start.X + (piece.End.X - piece.Start.X) * step / 50,
                    piece.Start.Y + (piece.End.Y - piece.Start.Y) * step / 50)) > 0.09)))
            .Where((_, i) => i % 7 == 0).Take(count).ToList();
        return [Escape[0], .. places.Select((place, i) => (BallSet.All[i + 1], place))];
    }

    /// <summary>The rack at the instant at which the white meets its corner.</summary>
    public static BallState[] StruckRack()
    {
        var rack = Spots.Rack(0.0525);
        var white = rack[14].Offset(0.0525 * Math.Cos(0.8 * Math.PI), 0.0525 * Math.Sin(0.8 * Math.PI));
        return
        [
            BallState.AtRest(white, 0.02625) with { Velocity = new Vec3(3.2, -1, 0) },
            .. rack.Select(place => BallState.AtRest(place, 0.02625)),
        ];
    }

    public static Layout Lay(IEnumerable<(BallId Ball, Place Place)> balls) =>
        LayoutRules.TryBuild(
            [.. balls.Select(ball => new PlacedBall(ball.Ball, ball.Place))], TableOutline.Club, BallGauge.Standard, LayoutMode.Free,
            out var problems)
        ?? throw new InvalidOperationException(problems[0].ToString());

    public static PredictRequest Request(IEnumerable<(BallId Ball, Place Place)> balls, Strike strike) => new(
        [.. balls.Select(ball => new BallPlace(Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
        new StrikeInput(strike.DirectionRadians * 180 / Math.PI, WhiteSpeed: strike.WhiteSpeed, Side: strike.Side, Height: strike.Height));
}
