using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Words.Places;

namespace DeepBaize.Words.Tests;

/// <summary>Places and distances in a player's words.</summary>
public sealed class WordTests
{
    [Theory]
    [InlineData(0.1, "a touch")]
    [InlineData(0.5, "half a ball")]
    [InlineData(1.1, "a ball")]
    [InlineData(1.5, "a ball and a half")]
    [InlineData(3, "three balls")]
    [InlineData(4.6, "four and a half balls")]
    [InlineData(20, "20 balls")]
    public void Distances_are_said_in_ball_widths(double widths, string words) => Assert.Equal(words, BallWidths.Say(widths));

    [Theory]
    [InlineData(2.5, 0.889, "two and a half balls below the pink")]
    [InlineData(2.88, 0.889, "three balls above the pink")]
    [InlineData(2.677, 1.1, "three balls to the green side of the pink")]
    [InlineData(3.245, 0.889, "on the black spot")]
    [InlineData(1.2, 0.3, "between the baulk line and the blue spot, on the yellow side")]
    [InlineData(3.54494, 0.3, "tight on the top cushion, above the black spot, on the yellow side")]
    [InlineData(0.3, 0.9, "in baulk, in the middle")]
    public void Places_are_named_from_the_nearest_landmark(double x, double y, string words)
    {
        PlacedBall[] others = [new(BallId.Pink, Spots.Pink)];
        Assert.Equal(words, Landmarks.Describe(new Place(x, y), others, BallGauge.Standard));
    }
}
