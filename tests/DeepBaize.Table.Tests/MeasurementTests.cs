using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Tests;

/// <summary>The table against the official rules, section 1 ("The standard table"), and geometry derived from them.</summary>
public sealed class MeasurementTests
{
    [Theory]
    [InlineData(BallId.Yellow, 0.737, 0.597)]
    [InlineData(BallId.Green, 0.737, 1.181)]
    [InlineData(BallId.Brown, 0.737, 0.889)]
    [InlineData(BallId.Blue, 1.7845, 0.889)]
    [InlineData(BallId.Pink, 2.67675, 0.889)]
    [InlineData(BallId.Black, 3.245, 0.889)]
    public void Spots_stand_where_the_rules_put_them(BallId colour, double x, double y)
    {
        var spot = Spots.Of(colour)!.Value;
        Assert.Equal(x, spot.X, 1e-9);
        Assert.Equal(y, spot.Y, 1e-9);
    }

    /// <summary>The pink spot lies equally far from top corner and middle pocket (derived from the measurements).</summary>
    [Fact]
    public void The_pink_is_as_far_from_the_corner_as_from_the_middle()
    {
        var corner = new Place(Measurements.Length, 0);
        var middle = new Place(Measurements.Length / 2, 0);
        Assert.Equal(1.2595, Spots.Pink.DistanceTo(corner), 1e-4);
        Assert.Equal(Spots.Pink.DistanceTo(corner), Spots.Pink.DistanceTo(middle), 1e-9);
    }

    [Fact]
    public void The_rack_touches_within_and_leaves_the_pink_free()
    {
        var rack = Spots.Rack(0.0525);
        Assert.Equal(15, rack.Count);
        Assert.Equal(0.053, rack[0].DistanceTo(Spots.Pink), 1e-9);
        // Rows stand 45.466 mm apart (derived: d sqrt3/2).
        Assert.Equal(0.045466, rack[1].X - rack[0].X, 1e-6);
        var touching = rack.SelectMany((a, i) => rack.Skip(i + 1).Where(b => Math.Abs(a.DistanceTo(b) - 0.0525) < 1e-12)).Count();
        Assert.Equal(30, touching);
    }

    /// <summary>A ball frozen to a nose 7R/5 high stands R cos(asin 2/5) = 24.06 mm from the nose line (derived).</summary>
    [Fact]
    public void A_frozen_ball_stands_24_06_mm_off_the_nose()
    {
        Assert.Equal(0.02406, BallGauge.Standard.CushionInset, 5e-6);
        Assert.Equal(0.4, BallGauge.Standard.NoseSine, 1e-12);
    }

    [Fact]
    public void Jaws_are_tangent_to_the_noses_and_leave_the_throat_that_was_asked_for()
    {
        var outline = TableOutline.Club;
        foreach (var mouth in outline.Mouths)
        {
            var gap = mouth.Jaws[0].Centre.DistanceTo(mouth.Jaws[1].Centre) - 2 * mouth.Jaws[0].Radius;
            var isMiddle = mouth.Pocket is PocketId.MiddleYellowSide or PocketId.MiddleGreenSide;
            Assert.Equal(isMiddle ? 0.091 : 0.081, gap, 1e-9);
            foreach (var jaw in mouth.Jaws)
            {
                var onNose = outline.Noses.Any(
                    nose => nose.Start.DistanceTo(jaw.TangentPoint) < 1e-9 || nose.End.DistanceTo(jaw.TangentPoint) < 1e-9);
                Assert.True(onNose, $"{mouth.Pocket}: a jaw does not meet its cushion");
            }
        }
    }

    [Fact]
    public void The_drop_begins_where_the_cut_says()
    {
        foreach (var mouth in TableOutline.Club.Mouths)
        {
            var isMiddle = mouth.Pocket is PocketId.MiddleYellowSide or PocketId.MiddleGreenSide;
            var depth = mouth.ThroatMiddle.DistanceTo(mouth.DropCentre) - mouth.DropRadius;
            Assert.Equal(isMiddle ? 0.030 : 0.025, depth, 1e-9);
        }
    }

    [Theory]
    [InlineData(0.5, 0.5, true)]
    [InlineData(0.02406, 0.5, true)]
    [InlineData(0.0240, 0.5, false)]
    [InlineData(0.01, 0.01, true)]
    [InlineData(-0.03, -0.03, false)]
    [InlineData(1.7845, 0.0, true)]
    [InlineData(1.7845, -0.031, false)]
    [InlineData(1.70, 0.0, false)]
    [InlineData(-1, 0.5, false)]
    [InlineData(double.NaN, 0.5, false)]
    public void The_bed_ends_at_noses_jaws_and_drops(double x, double y, bool isOn)
    {
        Assert.Equal(isOn, TableOutline.Club.IsOnBed(new Place(x, y), BallGauge.Standard.CushionInset - 1e-5));
    }

    [Fact]
    public void An_impossible_pocket_is_refused_with_a_reason()
    {
        PocketCut[] impossible =
        [
            PocketCut.Club with { CornerThroat = -0.01 },
            PocketCut.Club with { MiddleThroat = double.NaN },
            PocketCut.Club with { DropRadius = 0 },
            PocketCut.Club with { CornerThroat = 0.3, CornerDrop = 0.001 },
        ];
        foreach (var cut in impossible)
        {
            Assert.NotNull(TableOutline.Flaw(cut));
            Assert.Throws<ArgumentException>(() => new TableOutline(cut));
        }
    }

    [Fact]
    public void Names_are_read_back_and_nothing_else_is()
    {
        foreach (var ball in BallSet.All)
        {
            Assert.True(Names.TryParseBall(Names.Text(ball), out var read));
            Assert.Equal(ball, read);
        }

        Assert.Equal("red15", Names.Text(BallId.Red15));
        foreach (var wrong in new[] { "Cue", "red0", "red16", "", null, "white" }) Assert.False(Names.TryParseBall(wrong, out _));
        Assert.Equal("topGreenSide", Names.Text(PocketId.TopGreenSide));
    }
}
