using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Tests;

/// <summary>Tables and layouts of the tests.</summary>
internal static class Tables
{
    public static TableInUse Club { get; } = new(PlayingConditions.Club, TableOutline.Club);

    public static Layout Lay(params (BallId Ball, double X, double Y)[] balls) => LayoutRules.TryBuild(
        [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))], Club.Outline, Club.Conditions.Gauge,
        LayoutMode.Free, out var problems)
        ?? throw new InvalidOperationException(problems[0].ToString());

    /// <summary>A pot as a player cues it, in a frame in which its ball is on.</summary>
    public static TrialQuestion Try(Layout layout, Pot pot, in Strike strike, PlayerProfile player)
    {
        var intent = new PotIntent(pot);
        return TrialQuestion.Of(layout, new PlannedStroke(intent, strike, CueingReader.Deliver(Club, layout, player, strike, intent)));
    }

    /// <summary>A search for a stroke at a pot, on the table as it is.</summary>
    public static SearchQuestion Seek(Layout layout, Pot pot, PlayerProfile player, int seed, Func<Place, bool>? zone = null) =>
        new(Club, FrameState.For(layout, pot.Ball), layout, new PotIntent(pot), player, TableDoubt.None, zone, seed);

    /// <summary>The layout with yellow side and green side changed over.</summary>
    public static Layout Mirror(Layout layout) =>
        Lay([.. layout.Balls.Select(placed => (placed.Ball, placed.Place.X, Measurements.Width - placed.Place.Y))]);

    public static PocketId Mirror(PocketId pocket) => (PocketId)((int)pocket ^ 1);
}
