using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Planning.Tests.Tables;

namespace DeepBaize.Planning.Tests;

/// <summary>Where a player stands, and what of the white the tip can reach.</summary>
public sealed class CueingTests
{
    private static readonly PlayerProfile Right = HousePlayers.Club;
    private static readonly PlayerProfile Left = Right with { Physique = Right.Physique with { Hand = Hand.Left } };

    /// <summary>B01: from (500, 1784) across the table to the right, with 800 mm of reach.</summary>
    [Fact]
    public void Across_the_table_the_body_stands_behind_the_cushion_and_the_stance_is_plain()
    {
        var cueing = CueingReader.Read(Lay((BallId.Cue, 1.784, 1.278)), Right, new Strike(-Math.PI / 2, 2, 0, 0));
        Assert.Equal((CushionId.GreenSide, BridgeWay.Plain), (cueing.Best.Side, cueing.Best.Way));
        Assert.Equal(1, cueing.Factor, 0.1);
    }

    /// <summary>B01: changing the hand alone changes the side from which a ball on the middle line is reached.</summary>
    [Theory]
    [InlineData(0.8, BridgeWay.Stretched)]
    [InlineData(0.9, BridgeWay.Plain)]
    public void Up_the_middle_a_right_hander_leans_from_the_green_side_and_a_left_hander_from_the_yellow(double reach, BridgeWay way)
    {
        var layout = Lay((BallId.Cue, 2.4, 0.889));
        var right = CueingReader.Read(layout, With(Right, reach), new Strike(0, 2, 0, 0));
        var left = CueingReader.Read(layout, With(Left, reach), new Strike(0, 2, 0, 0));
        Assert.Equal((CushionId.GreenSide, way), (right.Best.Side, right.Best.Way));
        Assert.Equal((CushionId.YellowSide, way), (left.Best.Side, left.Best.Way));
        Assert.True(right.Sides[(int)CushionId.YellowSide].Way > BridgeWay.Stretched);

        static PlayerProfile With(PlayerProfile player, double reach) => player with { Physique = player.Physique with { Reach = reach } };
    }

    [Fact]
    public void A_left_hander_in_the_mirror_is_exactly_a_right_hander()
    {
        var random = new Random(11);
        for (var round = 0; round < 300; round++)
        {
            // On the grid on which the distance from the other side is exact.
            var place = new Place(0.1 + 3.3 * random.NextDouble(), 0.1 + 1.5 * random.NextDouble()).OnGrid();
            var direction = Math.Tau * random.NextDouble();
            var right = CueingReader.Read(Lay((BallId.Cue, place.X, place.Y)), Right, new Strike(direction, 2, 0.1, 0));
            var mirrored = place.Mirrored();
            var left = CueingReader.Read(Lay((BallId.Cue, mirrored.X, mirrored.Y)), Left, new Strike(-direction, 2, -0.1, 0));
            Assert.Equal(right.Best.Way, left.Best.Way);
            Assert.Equal(right.Factor, left.Factor, 1e-9);
            Assert.Equal(right.Sides.Select(stance => (Cushions.Mirrored(stance.Side), stance.Way)).OrderBy(pair => pair.Item1),
                left.Sides.Select(stance => (stance.Side, stance.Way)));
        }
    }

    /// <summary>B23: frozen to the baulk cushion, aiming up the table.</summary>
    [Fact]
    public void Frozen_to_the_cushion_low_strikes_are_out_of_reach_and_pace_4_is_the_hardest()
    {
        var cueing = CueingReader.Read(Lay((BallId.Cue, 0.02625, 0.889)), Right, new Strike(0, 2, 0, 0));
        Assert.False(cueing.IsPossible);
        var middle = cueing.Face[cueing.Face.Count / 2];
        Assert.InRange(middle.Lowest, 0.2, 0.5);
        Assert.Equal(4, cueing.HardestPace);
        Assert.True(cueing.Bridge.IsOnCushion);
        Assert.True(cueing.Bridge.Length < 0.2, "the bridge is shortened");
    }

    /// <summary>B23: 300 mm off the cushion all heights are there, a bottom strike with the butt raised about 7 degrees.</summary>
    [Fact]
    public void At_300_mm_all_heights_are_there_and_a_bottom_strike_raises_the_butt_by_7_degrees()
    {
        var layout = Lay((BallId.Cue, 0.3, 0.889));
        var low = CueingReader.Read(layout, Right, new Strike(0, 2, 0, -0.5));
        Assert.Equal(7, low.ElevationDegrees, 0.5);
        Assert.Equal(-0.5, low.Face[low.Face.Count / 2].Lowest, 1e-6);
        Assert.True(low.IsPossible && low.IsRaised);
        Assert.Equal(ButtRaise.LeastDegrees,
            CueingReader.Read(Lay((BallId.Cue, 1.8, 0.889)), Right, new Strike(0, 2, 0, 0)).ElevationDegrees);
    }

    /// <summary>Checked against plain geometry: the cue's underside touches the edge of the rail.</summary>
    [Fact]
    public void The_least_elevation_just_clears_the_rail()
    {
        const double noseBehind = 0.15;
        var raise = new ButtRaise(Lay((BallId.Cue, noseBehind, 0.889)), 0, 1.46).Degrees(0, 0) * Math.PI / 180;
        // A centre strike: the axis goes through the middle of the ball, so that at the nose it has risen by its distance times the slope.
        var (axis, along) = (0.02625 + noseBehind * Math.Tan(raise), noseBehind / Math.Cos(raise) - 0.031);
        Assert.Equal(Measurements.RailHeight, axis - Physics.Balls.CueShape.RadiusAt(along, 1.46) / Math.Cos(raise), 2e-4);
    }

    [Fact]
    public void A_ball_behind_the_white_takes_the_low_part_of_the_face_and_raises_the_butt()
    {
        var free = Lay((BallId.Cue, 1.5, 0.9));
        var behind = Lay((BallId.Cue, 1.5, 0.9), (BallId.Red1, 1.4, 0.9));
        var beside = Lay((BallId.Cue, 1.5, 0.9), (BallId.Red1, 1.4, 1.1));
        Assert.Equal(2, Elevation(free));
        Assert.Equal(2, Elevation(beside));
        Assert.InRange(Elevation(behind), 8, 25);
        Assert.True(CueingReader.Read(behind, Right, new Strike(0, 2, 0, 0)).Face[10].Lowest > CueingReader.Read(
            free, Right, new Strike(0, 2, 0, 0)).Face[10].Lowest + 0.2);

        static double Elevation(Layout layout) => CueingReader.Read(layout, Right, new Strike(0, 2, 0, 0)).ElevationDegrees;
    }

    [Fact]
    public void Far_up_the_table_the_rest_is_needed_and_costs_accuracy_and_without_rests_the_ball_is_out_of_reach()
    {
        // Across from the yellow side's middle, so that nobody can lean to it.
        var (layout, strike) = (Lay((BallId.Cue, 1.2, 0.889)), new Strike(Math.PI, 2, 0, 0));
        var none = Right with
        {
            Physique = Right.Physique with
            {
                Reach = 0.55,
                Stretch = 0.1,
                Rests = new Rests(false, false, false, false)
            }
        };
        Assert.Equal(BridgeWay.OutOfReach, CueingReader.Read(layout, none, strike).Best.Way);
        var withRest = none with { Physique = none.Physique with { Rests = Rests.All } };
        var cueing = CueingReader.Read(layout, withRest, strike);
        Assert.True(cueing.NeedsRest);
        Assert.Equal(Right.Errors.Factors.Extended, cueing.Factor, 0.5);
    }
}
