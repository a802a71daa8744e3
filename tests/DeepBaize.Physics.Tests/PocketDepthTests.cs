using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Tests;

/// <summary>Pockets have depth: what is past the edge falls, and may come back while it is not lost.</summary>
public sealed class PocketDepthTests
{
    private static readonly PlayingConditions Club = PlayingConditions.Club;
    private static readonly PocketMouth Mouth = TableOutline.Club.Mouths[(int)PocketId.TopGreenSide];

    [Theory]
    [InlineData(0.45, 0)]
    [InlineData(0.55, 0)]
    [InlineData(2.0, 0.005)]
    [InlineData(6.0, 0.03)]
    public void A_ball_that_comes_straight_is_lost_after_it_has_passed_the_edge(double speed, double falls)
    {
        var record = Roll(0, 0, speed);
        var (drops, lost) = (record.Events.Single(Is(ShotEventKind.Drops)), record.Events.Single(Is(ShotEventKind.Pocket)));
        Assert.Equal(Mouth.DropRadius, drops.Balls[0].Before.Place.DistanceTo(Mouth.DropCentre), 1e-9);
        Assert.InRange(lost.Time - drops.Time, falls, 0.2);
        Assert.All(record.Segments.Where(piece => piece.Phase == MotionPhase.Falling), piece => Assert.True(piece.Heights.End < 0.01));
    }

    /// <summary>A slow ball hangs over the edge when it stops before it, and is taken when it passes it with next to no speed.</summary>
    [Fact]
    public void A_dying_ball_hangs_over_the_edge_or_is_taken()
    {
        var deceleration = Club.Table.RollingFriction * Club.Table.Gravity;
        var run = 0.3 + Mouth.ThroatMiddle.DistanceTo(Mouth.DropCentre) - Mouth.DropRadius;
        var (hangs, taken) = (
            Roll(0, 0, Math.Sqrt(2 * deceleration * (run - 0.001)), 0.3), Roll(0, 0, Math.Sqrt(2 * deceleration * (run + 0.001)), 0.3));
        Assert.Equal(ShotEventKind.Stops, hangs.Events[^1].Kind);
        Assert.Equal(0.001, hangs.Events[^1].Balls[0].After.Place.DistanceTo(Mouth.DropCentre) - Mouth.DropRadius, 1e-5);
        Assert.Equal(ShotEventKind.Pocket, taken.Events[^1].Kind);
    }

    /// <summary>Common practice, no source (C41): hard balls come out of a pocket again, soft ones hardly ever.</summary>
    [Fact]
    public void A_hard_ball_comes_back_over_the_edge_more_often_than_a_soft_one()
    {
        var (hard, soft) = (CountBack(8), CountBack(2));
        Assert.True(hard > 3 && soft == 0, $"{hard} and {soft} came back.");

        static int CountBack(double pace) => (
            from degrees in new[] { 12, 20 }
            from number in Enumerable.Range(-350, 701)
            let record = Roll(degrees, 0.0001 * number, Pace.ToSpeed(pace))
            where record.Events.Any(Is(ShotEventKind.Drops)) && !record.Events.Any(Is(ShotEventKind.Pocket))
            select record).Count();
    }

    /// <summary>
    /// Every angle up to the rail: from pace 2 to pace 8 the widest interval that drops shrinks by 5 to 25 % up to 20 degrees (in the
    /// middle by 4 and more), by 15 % and more along the rail, and grows nowhere (C41: common practice, no source).
    /// </summary>
    [Theory]
    [InlineData(PocketId.TopGreenSide)]
    [InlineData(PocketId.MiddleGreenSide)]
    public void The_pocket_shrinks_for_a_hard_ball_at_every_angle(PocketId pocket)
    {
        for (var degrees = 0; degrees <= 44; degrees += 4)
        {
            var (soft, hard) = (Widest(degrees, 2), Widest(degrees, 8));
            var shrinks = 1 - hard / soft;
            var said = $"{pocket}, {degrees} degrees: {soft:0.0} to {hard:0.0} mm, {100 * shrinks:0.0} %";
            Assert.True(shrinks >= (degrees >= 44 ? 0.15 : degrees > 20 ? 0 : pocket == PocketId.TopGreenSide ? 0.05 : 0.035), said);
            Assert.True(degrees > 20 || shrinks <= 0.25, said);
        }

        double Widest(double degrees, double pace)
        {
            var interval = PocketScan.Interval(Club, pocket, degrees, Pace.ToSpeed(pace));
            return interval.Right - interval.Left;
        }
    }

    /// <summary>What is told of a ball ends with its pot, also when rubber in the pocket was the last that it met.</summary>
    [Fact]
    public void Nothing_is_told_of_a_ball_that_is_lost()
    {
        foreach (var number in Enumerable.Range(-80, 161))
        {
            var events = Roll(20, 0.0005 * number, Pace.ToSpeed(8)).Events;
            if (events.Any(Is(ShotEventKind.Pocket))) Assert.Equal(ShotEventKind.Pocket, events[^1].Kind);
        }
    }

    private static Func<ShotEvent, bool> Is(ShotEventKind kind) => told => told.Kind == kind;

    private static ShotRecord Roll(double degrees, double offset, double speed, double run = 0.6)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        var (x, y) = (Mouth.Axis.X * cos - Mouth.Axis.Y * sin, Mouth.Axis.Y * cos + Mouth.Axis.X * sin);
        var start = Mouth.ThroatMiddle.Offset(-x * run - y * offset, -y * run + x * offset);
        var velocity = new Vec3(x, y, 0) * speed;
        return Shots.Send(
            Club, Shots.Lay(Club, (BallId.Cue, start.X, start.Y)), velocity, Shots.RollSpin(velocity, 1, Club.Balls.Radius)).Record;
    }
}
