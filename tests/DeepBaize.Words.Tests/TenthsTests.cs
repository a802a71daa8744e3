namespace DeepBaize.Words.Tests;

/// <summary>Parts in tenths that add up.</summary>
public sealed class TenthsTests
{
    [Theory]
    [InlineData(new[] { 0.34, 0.33, 0.33 }, new[] { 0.4, 0.3, 0.3 })]
    [InlineData(new[] { 1.26, -0.26 }, new[] { 1.3, -0.3 })]
    [InlineData(new[] { -0.04, 0.04 }, new[] { 0.0, 0.0 })]
    [InlineData(new double[0], new double[0])]
    public void Parts_are_rounded_so_that_they_add_up(double[] parts, double[] expected) =>
        Assert.Equal(expected, Tenths.Of(parts).Select(tenth => tenth + 0.0));

    /// <summary>Each part is less than a tenth from what it is, and the sum is the rounded sum.</summary>
    [Fact]
    public void Any_parts_add_up_to_their_rounded_sum()
    {
        var random = new Random(5);
        for (var i = 0; i < 1000; i++)
        {
            var parts = Enumerable.Range(0, 1 + random.Next(6)).Select(_ => 10 * random.NextDouble() - 5).ToArray();
            var tenths = Tenths.Of(parts);
            Assert.Equal(Math.Round(parts.Sum(), 1, MidpointRounding.AwayFromZero), tenths.Sum(), 9);
            Assert.All(parts.Zip(tenths), pair => Assert.InRange(pair.Second - pair.First, -0.1, 0.1));
        }
    }
}
