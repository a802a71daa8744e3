using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Words.Places;

namespace DeepBaize.Words.Tests;

/// <summary>Where balls lie, in the distances with which a helper lays them.</summary>
public sealed class MeasuringTests
{
    /// <summary>A red centre 24.06 mm from the left cushion and 900 mm up: frozen, and said so, with its two distances.</summary>
    [Fact]
    public void A_helper_reads_two_distances_and_what_a_ball_touches()
    {
        var layout = LayoutRules.TryBuild(
            [
                new(BallId.Cue, new Place(2.5, 0.4)),
                new(BallId.Red1, new Place(0.9, Measurements.Width - 0.02406)),
                new(BallId.Pink, Spots.Pink),
                new(BallId.Red2, Spots.Pink.Offset(0.0525, 0)),
            ],
            TableOutline.Club,
            BallGauge.Standard,
            LayoutMode.Free,
            out _)!;
        var measured = Measuring.Measure(layout, TableOutline.Club).ToDictionary(ball => ball.Ball);
        var red = measured[BallId.Red1];
        Assert.Equal((CushionId.Baulk, CushionId.GreenSide), (red.End, red.Side));
        Assert.Equal(0.9, red.FromEnd, 1e-12);
        Assert.Equal(0.02406, red.FromSide, 1e-9);
        Assert.Equal([CushionId.GreenSide], red.Frozen);
        Assert.Equal(BallId.Pink, measured[BallId.Pink].OnSpot);
        Assert.Equal([BallId.Pink], measured[BallId.Red2].Touching);
        Assert.Equal([BallId.Red2], measured[BallId.Pink].Touching);
        Assert.Equal((CushionId.Top, CushionId.YellowSide), (measured[BallId.Cue].End, measured[BallId.Cue].Side));
    }
}
