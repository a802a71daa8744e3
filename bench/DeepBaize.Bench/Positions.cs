using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
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

    /// <summary>The blue to the middle pocket off the high side.</summary>
    public static Strike BlueToMiddle { get; } = new(69.87 * Math.PI / 180, Pace.ToSpeed(5), 0, -0.15);

    /// <summary>The break-off, thin on the end red.</summary>
    public static Strike BreakOff { get; } = new(0.30 * Math.PI / 180, Pace.ToSpeed(7.4), 0.2, 0.05);

    public static Layout Lay(IEnumerable<(BallId Ball, Place Place)> balls) =>
        LayoutRules.TryBuild([.. balls.Select(ball => new PlacedBall(ball.Ball, ball.Place))], TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out var problems)
        ?? throw new InvalidOperationException(problems[0].Sentence);

    public static PredictRequest Request(IEnumerable<(BallId Ball, Place Place)> balls, Strike strike) => new(
        [.. balls.Select(ball => new BallPlace(Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
        new StrikeInput(strike.DirectionRadians * 180 / Math.PI, WhiteSpeed: strike.WhiteSpeed, Side: strike.Side, Height: strike.Height));
}
