using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Tests;

/// <summary>Tables and layouts of the tests.</summary>
internal static class Tables
{
    public static TableInUse Club { get; } = new(PlayingConditions.Club, TableOutline.Club);

    public static Layout Lay(params (BallId Ball, double X, double Y)[] balls) => LayoutRules.TryBuild(
        [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))], Club.Outline, Club.Conditions.Gauge, LayoutMode.Free, out var problems)
        ?? throw new InvalidOperationException(problems[0].Sentence);

    /// <summary>The layout with yellow side and green side changed over.</summary>
    public static Layout Mirror(Layout layout) =>
        Lay([.. layout.Balls.Select(placed => (placed.Ball, placed.Place.X, Measurements.Width - placed.Place.Y))]);

    public static PocketId Mirror(PocketId pocket) => (PocketId)((int)pocket ^ 1);
}
