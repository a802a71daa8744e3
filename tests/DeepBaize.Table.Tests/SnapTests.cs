using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Table.Tests;

/// <summary>What draws a ball that is laid near it, and the white in hand.</summary>
public sealed class SnapTests
{
    private static readonly BallGauge Gauge = BallGauge.Standard;
    private static readonly PlacedBall Red = new(BallId.Red1, new Place(1, 1));

    [Theory]
    [InlineData(1.0545, 1, 0, SnapKind.Touching)]
    [InlineData(2, 0.026, 0, SnapKind.Cushion)]
    [InlineData(2.6760, 0.8905, 0, SnapKind.Spot)]
    [InlineData(2.3, 0.8965, 0, SnapKind.SpotLine)]
    [InlineData(2.3, 0.8985, 0, SnapKind.None)]
    [InlineData(2.3, 0.8985, 0.012, SnapKind.SpotLine)]
    [InlineData(2.3, 0.9005, 0.012, SnapKind.SpotLine)]
    [InlineData(2.3, 0.9025, 1, SnapKind.None)]
    [InlineData(1.5, 1.2, 1, SnapKind.None)]
    public void A_ball_is_drawn_by_what_is_within_reach_from_eight_to_thirteen_millimetres(double x, double y, double reach, SnapKind kind)
    {
        var wanted = new Place(x, y);
        var settled = Settle(wanted, new LayingManner(Reach: reach));
        Assert.Equal(kind, settled.Snap);
        Assert.Equal(kind != SnapKind.None, settled.Place.DistanceTo(wanted) > 1e-9);
        Assert.Equal(0, settled.Loose.DistanceTo(wanted), 1e-9);
    }

    [Fact]
    public void A_fine_nudge_is_drawn_by_nothing_and_stays_out_of_other_balls()
    {
        var near = Settle(new Place(1.0545, 1), new LayingManner(Snaps: false));
        Assert.Equal(SnapKind.None, near.Snap);
        Assert.Equal(1.0545, near.Place.X, 1e-12);
        Assert.Equal(Gauge.Diameter, Settle(new Place(1.03, 1), new LayingManner(Snaps: false)).Place.DistanceTo(Red.Place), 1e-9);
    }

    [Fact]
    public void In_hand_the_white_stays_on_or_within_the_lines_of_the_D_wherever_the_hand_goes()
    {
        var random = new Random(11);
        var crowd = new List<PlacedBall> { new(BallId.Brown, Spots.Brown), new(BallId.Green, Spots.Green),
            new(BallId.Red2, new Place(0.6, 0.95)) };
        for (var i = 0; i < 400; i++)
        {
            var hand = new Place(random.NextDouble() * 2 - 0.3, random.NextDouble() * 2.2 - 0.2);
            var settled = Settling.Settle(hand, crowd, TableOutline.Club, Gauge, new LayingManner(Snaps: i % 2 == 0, InHand: true));
            Assert.True(TheD.Contains(settled.Place), $"{hand} came to {settled.Place}");
            // Issue 17, point 5: a white in hand never lands touching.
            Assert.Empty(settled.Touching);
            Assert.All(crowd, other => Assert.True(other.Place.DistanceTo(settled.Place) > Gauge.Diameter + 0.001));
        }
    }

    /// <summary>
    /// The D: a half circle of 292 mm behind a line 737 mm from the baulk cushion (official Rules of Snooker, section 1).
    /// </summary>
    [Theory]
    [InlineData(2, 0.889, 0.737, 0.889)]
    [InlineData(2, 0, 0.737, 0.597)]
    [InlineData(0.1, 0.889, 0.445, 0.889)]
    [InlineData(0.6, 0.8, 0.6, 0.8)]
    public void The_nearest_place_in_the_D(double x, double y, double nearX, double nearY)
    {
        var near = TheD.Clamp(new Place(x, y));
        Assert.Equal(nearX, near.X, 1e-12);
        Assert.Equal(nearY, near.Y, 1e-12);
    }

    [Fact]
    public void Where_a_white_in_hand_touches_a_ball_and_a_line()
    {
        foreach (var from in new[] { new Place(0.75, 0.9), new Place(0.5, 1.1), new Place(0.45, 0.889), TheD.Centre })
        {
            var places = TheD.AtDistance(from, Gauge.Diameter).ToList();
            Assert.NotEmpty(places);
            Assert.All(places, place => Assert.Equal(Gauge.Diameter, place.DistanceTo(from), 1e-9));
            Assert.All(places, place => Assert.True(
                Math.Abs(place.X - Measurements.BaulkLine) < 1e-9
                    || Math.Abs(place.DistanceTo(TheD.Centre) - Measurements.DRadius) < 1e-9));
        }

        Assert.Empty(TheD.AtDistance(new Place(3, 0.889), Gauge.Diameter));
    }

    private static SettledPlace Settle(Place wanted, LayingManner manner) =>
        Settling.Settle(wanted, [Red], TableOutline.Club, Gauge, manner);
}
