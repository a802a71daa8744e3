using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Tests;

/// <summary>Several balls moved, turned and mirrored as one; the whole sheet in the mirror.</summary>
public sealed class GroupTests
{
    private static readonly HashSet<BallId> Reds = [BallId.Red1, BallId.Red2];

    [Fact]
    public void Balls_that_move_together_keep_their_places_to_each_other()
    {
        var before = Laid((BallId.Cue, 0.5, 0.5), (BallId.Red1, 1, 0.6), (BallId.Red2, 1.2, 0.8));
        var moved = GroupChange.Move(before, Reds, 0.3, -0.1, TableOutline.Club);
        Assert.Equal(1, moved.Share);
        Assert.Null(moved.StoppedBy);
        Assert.Equal(new Place(0.5, 0.5).OnGrid(), moved.Balls[0].Place.OnGrid());
        AssertPlace(1.3, 0.5, moved.Balls[1].Place);
        AssertPlace(1.5, 0.7, moved.Balls[2].Place);
    }

    [Fact]
    public void They_stop_at_what_is_in_the_way_and_say_what_it_was()
    {
        var before = Laid((BallId.Cue, 0.5, 0.5), (BallId.Red1, 1, 0.6), (BallId.Red2, 1.2, 0.8), (BallId.Pink, 1.6, 0.8));
        var moved = GroupChange.Move(before, Reds, 0.36, 0, TableOutline.Club);
        Assert.Equal((0.4 - 0.0525) / 0.36, moved.Share, 1e-5);
        Assert.Equal((LayoutFault.Overlap, BallId.Pink), (moved.StoppedBy!.Fault, moved.StoppedBy.Ball));
        AssertPlace(1.6 - 0.0525, 0.8, moved.Balls[2].Place, 2e-6);
        Assert.Equal(1, GroupChange.Move(before, Reds, 1, 0, TableOutline.Club).Share);
        var cushion = GroupChange.Move(before, Reds, 0, -1, TableOutline.Club);
        Assert.Equal(new LayoutProblem(LayoutFault.OffTheTable, BallId.Red1), cushion.StoppedBy);
        Assert.Equal(0.02406, cushion.Balls[1].Place.Y, 1e-5);
    }

    [Fact]
    public void They_turn_about_their_middle_anticlockwise()
    {
        var before = Laid((BallId.Cue, 0.5, 0.5), (BallId.Red1, 1, 0.8), (BallId.Red2, 1.2, 0.8));
        var turned = GroupChange.Turn(before, Reds, 90, TableOutline.Club);
        AssertPlace(1.1, 0.7, turned.Balls[1].Place);
        AssertPlace(1.1, 0.9, turned.Balls[2].Place);
    }

    [Fact]
    public void A_group_is_mirrored_about_its_own_middle_or_stays_when_there_is_no_room()
    {
        var before = Laid((BallId.Cue, 0.5, 0.5), (BallId.Red1, 1, 0.6), (BallId.Red2, 1.2, 0.8));
        var mirrored = GroupChange.Mirror(before, Reds, TableOutline.Club);
        AssertPlace(1, 0.8, mirrored.Balls[1].Place);
        AssertPlace(1.2, 0.6, mirrored.Balls[2].Place);
        var crowded = GroupChange.Mirror(
            Laid((BallId.Cue, 1, 0.81), (BallId.Red1, 1, 0.6), (BallId.Red2, 1.2, 0.8)), Reds, TableOutline.Club);
        Assert.Equal(0, crowded.Share);
        Assert.NotNull(crowded.StoppedBy);
        AssertPlace(1, 0.6, crowded.Balls[1].Place);
        Assert.Throws<ArgumentException>(() => GroupChange.Turn(before, new HashSet<BallId> { BallId.Black }, 10, TableOutline.Club));
    }

    [Fact]
    public void Mirrored_twice_is_the_same_bit_for_bit_on_the_grid_and_within_it_elsewhere()
    {
        var random = new Random(3);
        for (var i = 0; i < 2000; i++)
        {
            var any = new Place(random.NextDouble() * Measurements.Length, random.NextDouble() * Measurements.Width);
            var laid = any.OnGrid();
            Assert.Equal(laid, laid.Mirrored().Mirrored());
            Assert.InRange(any.Mirrored().Mirrored().DistanceTo(any), 0, Math.Pow(2, -52));
        }

        Assert.All(Enum.GetValues<PocketId>(), pocket => Assert.Equal(pocket, Pockets.Mirrored(Pockets.Mirrored(pocket))));
        Assert.Equal(PocketId.MiddleGreenSide, Pockets.Mirrored(PocketId.MiddleYellowSide));
    }

    private static void AssertPlace(double x, double y, Place place, double slack = 1e-9)
    {
        Assert.Equal(x, place.X, slack);
        Assert.Equal(y, place.Y, slack);
    }

    private static Layout Laid(params (BallId Ball, double X, double Y)[] balls) => LayoutRules.TryBuild(
        [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))], TableOutline.Club, BallGauge.Standard,
        LayoutMode.Free, out _)!;
}
