using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Rules.Tests;

/// <summary>When the white is snookered (official rules, section 2).</summary>
public sealed class SightTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;
    private static readonly Sight Sight = new(TableOutline.Club, Gauge);
    private static readonly Place White = new(1.0, 0.889);
    private static readonly Place Red = new(2.0, 0.889);

    private static FrameState Frame(BallOn on, Place? white, params PlacedBall[] balls) =>
        new(white is { } place ? [new(BallId.Cue, place), .. balls] : balls, Gauge, on, IsInHand: white is null);

    [Fact]
    public void A_ball_in_the_open_is_seen_whole() => Assert.Equal(new BallInSight(true, true, true), Sight.Of(White, Red, []));

    /// <summary>
    /// Halfway between white and red the finest contacts pass one ball's width from the middle, so a ball less than two widths off is in
    /// one of the ways.
    /// </summary>
    [Theory]
    [InlineData(0.0, false, false)]
    [InlineData(0.6, false, false)]
    [InlineData(1.02, false, true)]
    [InlineData(1.45, false, true)]
    [InlineData(1.52, true, true)]
    public void A_ball_beside_the_way_hides_an_edge_or_the_middle(double widthsOff, bool bothEdges, bool fullBall)
    {
        var seen = Sight.Of(White, Red, [new Place(1.5, 0.889 + widthsOff * Gauge.Diameter)]);
        Assert.Equal((bothEdges, fullBall), (seen.BothEdges, seen.FullBall));
    }

    [Fact]
    public void Behind_a_ball_close_by_no_part_is_seen_and_behind_one_far_away_some_is()
    {
        Assert.False(Sight.Of(White, Red, [new Place(1.06, 0.889)]).AnyPart);
        Assert.True(Sight.Of(White, Red, [new Place(1.6, 0.889 + 0.5 * Gauge.Diameter)]).AnyPart);
    }

    [Fact]
    public void One_red_in_the_open_is_enough_and_reds_do_not_hide_reds()
    {
        var wall = new PlacedBall(BallId.Red2, new Place(1.06, 0.889));
        Assert.False(Sight.IsSnookered(Frame(BallOn.Red, White, new(BallId.Red1, Red), wall)));
        var blue = new PlacedBall(BallId.Blue, new Place(1.06, 0.889));
        Assert.True(Sight.IsSnookered(Frame(BallOn.Red, White, new(BallId.Red1, Red), blue)));
        Assert.False(Sight.IsSnookered(Frame(BallOn.Red, White, new(BallId.Red1, Red), blue, new(BallId.Red2, new Place(0.5, 0.3)))));
        Assert.True(Sight.IsSnookeredBy(Frame(BallOn.Red, White, new(BallId.Red1, Red), blue), BallId.Blue));
        Assert.False(Sight.IsSnookeredBy(Frame(BallOn.Red, White, new(BallId.Red1, Red), blue), BallId.Pink));
    }

    /// <summary>Only what is nearest to the white of the balls in the way snookers; different balls before different reds do not.</summary>
    [Fact]
    public void The_ball_that_really_snookers_is_the_nearest_in_the_way()
    {
        PlacedBall red = new(BallId.Red1, Red), black = new(BallId.Black, new Place(1.3, 0.889)),
            blue = new(BallId.Blue, new Place(1.06, 0.889));
        Assert.True(Sight.IsSnookeredBy(Frame(BallOn.Red, White, red, black), BallId.Black));
        Assert.False(Sight.IsSnookeredBy(Frame(BallOn.Red, White, red, black, blue), BallId.Black));
        Assert.True(Sight.IsSnookeredBy(Frame(BallOn.Red, White, red, black, blue), BallId.Blue));
        var behind = new PlacedBall(BallId.Red2, new Place(0.2, 0.889));
        Assert.False(
            Sight.IsSnookeredBy(Frame(BallOn.Red, White, red, black, behind, new(BallId.Pink, new Place(0.9, 0.889))), BallId.Black));
    }

    [Fact]
    public void A_player_who_touches_the_only_ball_on_is_not_snookered()
    {
        // Touching is a gap of up to 0.05 mm; two colours that touch as well hide both edges.
        var touched = new Place(White.X + Gauge.Diameter + 0.00004, White.Y);
        PlacedBall[] beside = [
            new(BallId.Red1, touched), new(BallId.Blue, new Place(1.0, 0.889 + Gauge.Diameter)),
            new(BallId.Pink, new Place(1.0, 0.889 - Gauge.Diameter))];
        Assert.False(Sight.IsSnookered(Frame(BallOn.Red, White, beside)));
        Assert.True(Sight.IsSnookered(
            Frame(BallOn.Red, White,
            [beside[0] with { Place = new Place(1.3, 0.889) }, beside[1], beside[2], new(BallId.Black, new Place(1.06, 0.889))])));
    }

    [Fact]
    public void In_hand_the_white_is_snookered_only_from_everywhere_in_the_D()
    {
        // A ball in front of the D hides a red from some places, never from all.
        var one = Frame(BallOn.Red, null, new(BallId.Red1, Red), new(BallId.Blue, new Place(0.9, 0.889)));
        Assert.False(Sight.IsSnookered(one));
        // A wall of colours right around the red hides it from the whole D.
        var wall = BallSet.Colours.Select((colour, i) => new PlacedBall(colour, new Place(1.94, 0.889 + (i - 2.5) * 0.0526)));
        Assert.True(Sight.IsSnookered(Frame(BallOn.Red, null, [new(BallId.Red1, Red), .. wall])));
    }

    /// <summary>
    /// A white in the jaws of the middle pocket plays along the cushion. A cushion never snookers; where it is nearer to the white than the
    /// ball that would be in the way, that ball does not either (official rules, section 3, "Cue ball snookered"; from memory).
    /// </summary>
    [Theory]
    [InlineData(null, false)]
    [InlineData(2.3, false)]
    [InlineData(1.85, true)]
    public void A_cushion_does_not_snooker_nor_does_a_ball_that_lies_behind_it(double? blueAlong, bool isSnookered)
    {
        var white = new Place(1.7845, 0.012);
        var red = new Place(2.9, Gauge.Radius);
        Assert.True(TableOutline.Club.IsOnBed(white, Gauge.CushionInset - 0.0002));
        Assert.False(TableOutline.Club.IsOnBed(new Place(1.9, 0.0135), Gauge.CushionInset - 0.0002));
        PlacedBall[] blue = blueAlong is { } along ? [new(BallId.Blue, new Place(along, Gauge.Radius + 0.004))] : [];
        Assert.Equal(isSnookered, Sight.IsSnookered(Frame(BallOn.Red, white, [new(BallId.Red1, red), .. blue])));
    }
}
