using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>The middle of what a pocket takes at an angle.</summary>
public sealed class OpeningTests
{
    [Theory]
    [InlineData(2.9, 0.6, PocketId.TopGreenSide)]
    [InlineData(2.6, 1.3, PocketId.TopYellowSide)]
    [InlineData(2.8, 1.35, PocketId.TopYellowSide)]
    public void Aimed_at_the_opening_a_ball_has_as_much_room_to_the_thick_side_as_to_the_thin(double x, double y, PocketId pocket)
    {
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, x, y), (BallId.Black, 3.245, 0.889)));
        var middle = solver.Solve(layout, new Pot(BallId.Black, pocket, PocketPart.Opening), Dials.AtPace(4)).Solution!;
        var point = solver.Solve(layout, new Pot(BallId.Black, pocket), Dials.AtPace(4)).Solution!;
        var (thick, thin) = (Math.Abs(middle.Window!.Thick.Offset - middle.Offset), Math.Abs(middle.Window.Thin.Offset - middle.Offset));
        Assert.InRange(thick / thin, 0.75, 1.33);
        Assert.Equal(point.Window!.WidthAtPocket, middle.Window.WidthAtPocket, 0.003);
    }

    [Fact]
    public void A_ball_frozen_to_the_cushion_is_sent_along_it()
    {
        var (solver, layout) = (new PotSolver(Club), Lay((BallId.Cue, 2.4, 0.25), (BallId.Red1, 3.0, 0.02406)));
        var solution = solver.Solve(layout, new Pot(BallId.Red1, PocketId.TopYellowSide, PocketPart.Opening), Dials.AtPace(4)).Solution;
        Assert.NotNull(solution);
    }

    [Fact]
    public void Openings_are_mirrored_between_the_sides_and_close_at_the_finest_angles()
    {
        var openings = PocketOpenings.Of(Club);
        var (left, right) = (new Place(3.2, 1.2), new Place(3.2, 1.778 - 1.2));
        var (a, b) = (openings.At(PocketId.TopGreenSide, left, out _), openings.At(PocketId.TopYellowSide, right, out _));
        Assert.Equal(a.Left, -b.Right, 1e-9);
        Assert.Equal(0, openings.At(PocketId.MiddleGreenSide, new Place(0.3, 1.7), out _).Width);
        Assert.InRange(openings.At(PocketId.TopGreenSide, new Place(2.8, 1.009), out _).Width, 0.05, 0.07);
    }
}
