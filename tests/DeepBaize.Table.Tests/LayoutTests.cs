using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Tests;

/// <summary>What may stand on the table, and where a hand lays it.</summary>
public sealed class LayoutTests
{
    private const double D = 0.0525;

    [Fact]
    public void Balls_are_kept_in_the_order_of_their_ids_with_their_contacts()
    {
        var layout = Build(LayoutMode.Free, out _, (BallId.Black, 1, 1), (BallId.Cue, 0.5, 0.5), (BallId.Red1, 1 + D, 1),
            (BallId.Red2, 1 + 2 * D + 0.0001, 1));
        Assert.NotNull(layout);
        Assert.Equal([BallId.Cue, BallId.Red1, BallId.Red2, BallId.Black], layout.Balls.Select(ball => ball.Ball));
        Assert.Equal(new Contact(BallId.Red1, BallId.Black), Assert.Single(layout.Contacts));
        Assert.Null(layout[BallId.Pink]);
    }

    [Fact]
    public void Every_fault_is_named_at_once()
    {
        Assert.Null(Build(LayoutMode.Free, out var problems, (BallId.Red1, 1, 1), (BallId.Red1, 2, 1), (BallId.Red2, 1.02, 1),
            (BallId.Blue, 9, 9), (BallId.Pink, double.NaN, 1)));
        Assert.Equal(
            [LayoutFault.NotFinite, LayoutFault.OffTheTable, LayoutFault.Overlap, LayoutFault.Duplicate, LayoutFault.NoWhite],
            problems.Select(problem => problem.Fault).Distinct().Order());
    }

    [Theory]
    [InlineData(true, "red1,yellow,green,brown,blue,pink,black")]
    [InlineData(true, "brown,blue,pink,black")]
    [InlineData(true, "black")]
    [InlineData(true, "")]
    [InlineData(false, "red1,yellow,green,brown,blue,pink")]
    [InlineData(false, "yellow,blue,pink,black")]
    public void In_a_frame_colours_leave_in_order(bool isLegal, string balls)
    {
        var placed = balls.Split(',', StringSplitOptions.RemoveEmptyEntries)
            .Select((name, i) => (Names.TryParseBall(name, out var ball) ? ball : default, 0.5 + 0.2 * i, 1.0))
            .Append((BallId.Cue, 0.5, 0.5))
            .ToArray();
        Assert.Equal(isLegal, Build(LayoutMode.Frame, out _, placed) is not null);
        Assert.NotNull(Build(LayoutMode.Free, out _, placed));
    }

    [Theory]
    [InlineData(1.5, 0.6, 1.5, 0.6)]
    [InlineData(1.5, 0.0262, 1.5, 0.02406)]
    [InlineData(1.5, -0.7, 1.5, 0.02406)]
    [InlineData(9, 9, 3.54494, 1.75394)]
    public void A_ball_laid_by_hand_stays_on_the_bed_and_freezes_to_near_cushions(double x, double y, double settledX, double settledY)
    {
        var settled = Settle(new Place(x, y));
        Assert.Equal(settledX, settled.Place.X, 1e-5);
        Assert.Equal(settledY, settled.Place.Y, 1e-5);
    }

    [Fact]
    public void A_ball_laid_near_another_touches_it_and_one_laid_on_it_is_pushed_out()
    {
        var near = Settle(new Place(1 + D + 0.002, 1), (BallId.Red1, 1, 1));
        Assert.Equal(BallId.Red1, Assert.Single(near.Touching));
        Assert.Equal(D, near.Place.DistanceTo(new Place(1, 1)), 1e-12);
        var inside = Settle(new Place(1.01, 1), (BallId.Red1, 1, 1));
        Assert.Equal(D, inside.Place.DistanceTo(new Place(1, 1)), 1e-12);
        var free = Settle(new Place(1 + D + 0.009, 1), (BallId.Red1, 1, 1));
        Assert.Empty(free.Touching);
    }

    [Fact]
    public void Between_two_balls_it_settles_against_both()
    {
        var settled = Settle(new Place(1.035, 1.035), (BallId.Red1, 1, 1), (BallId.Red2, 1.07, 1));
        Assert.Equal([BallId.Red1, BallId.Red2], settled.Touching);
    }

    [Fact]
    public void Wherever_the_hand_goes_the_place_is_legal()
    {
        var random = new Random(5);
        for (var i = 0; i < 300; i++)
        {
            var others = new List<PlacedBall>();
            foreach (var ball in BallSet.All)
            {
                var hand = new Place(random.NextDouble() * 0.5 - 0.1, random.NextDouble() * 0.5 - 0.1);
                others.Add(new PlacedBall(ball, Settling.Settle(hand, others, TableOutline.Club, BallGauge.Standard).Place));
            }

            Assert.NotNull(LayoutRules.TryBuild(others, TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out _));
        }
    }

    private static SettledPlace Settle(Place wanted, params (BallId Ball, double X, double Y)[] others) => Settling.Settle(
        wanted, [.. others.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))], TableOutline.Club, BallGauge.Standard);

    private static Layout? Build(
        LayoutMode mode, out IReadOnlyList<LayoutProblem> problems, params (BallId Ball, double X, double Y)[] balls) =>
        LayoutRules.TryBuild(
            [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))], TableOutline.Club, BallGauge.Standard, mode,
            out problems);
}
