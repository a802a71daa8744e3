using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Tests;

/// <summary>Short ways to set up and play a shot in a test.</summary>
internal static class Shots
{
    public static PlayingConditions Ideal(double slidingFriction = 0.2, double rollingFriction = 0.0127) => new()
    {
        Table = new TableCoefficients { SlidingFriction = slidingFriction, RollingFriction = rollingFriction },
        Balls = new BallCoefficients { Restitution = 1, FrictionFactor = 0 },
    };

    public static Layout Lay(PlayingConditions conditions, params (BallId Ball, double X, double Y)[] balls)
    {
        var layout = LayoutRules.TryBuild(
            [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))],
            new TableOutline(conditions.Pockets),
            conditions.Gauge,
            LayoutMode.Free,
            out var problems);
        Assert.True(layout is not null, string.Join(" ", problems));
        return layout;
    }

    public static TableSimulation Simulation(PlayingConditions conditions) => new(conditions, new TableOutline(conditions.Pockets));

    public static (ShotOutcome Outcome, ShotRecord Record) Send(
        PlayingConditions conditions, Layout layout, Vec3 velocity, Vec3 spin)
    {
        var record = new ShotRecord();
        return (Simulation(conditions).Play(layout, velocity, spin, record), record);
    }

    /// <summary>Spin of a ball that moves with s times the natural roll.</summary>
    public static Vec3 RollSpin(Vec3 velocity, double ratio, double radius) => Vec3.Up.Cross(velocity) * (ratio / radius);

    public static double DegreesFrom(Vec3 direction, Vec3 reference)
    {
        var angle = Math.Atan2(
            reference.X * direction.Y - reference.Y * direction.X,
            reference.X * direction.X + reference.Y * direction.Y);
        return angle * 180 / Math.PI;
    }
}
