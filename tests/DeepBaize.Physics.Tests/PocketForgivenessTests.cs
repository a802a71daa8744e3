using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>Soft balls are forgiven by the pocket (C41: common practice, no source), and most of all along the rail.</summary>
public sealed class PocketForgivenessTests
{
    /// <summary>The edges of what drops are ragged by some tenths of a millimetre: a ball there rattles.</summary>
    private const double Ragged = 0.4;

    [Theory]
    [InlineData(38)]
    [InlineData(40)]
    [InlineData(42)]
    [InlineData(43)]
    [InlineData(44)]
    [InlineData(45)]
    public void Along_the_rail_a_harder_ball_is_never_forgiven_more(double degrees)
    {
        var widths = new[] { 1.0, 2, 4, 6, 8, 10 }.Select(pace => Width(degrees, pace)).ToList();
        for (var i = 1; i < widths.Count; i++)
            Assert.True(widths[i] <= widths[i - 1] + Ragged, $"{string.Join(", ", widths.Select(width => $"{width:0.0}"))} mm.");
        Assert.True(widths[1] > widths[4], $"{widths[1]:0.0} mm at pace 2, {widths[4]:0.0} at pace 8.");
    }

    [Theory]
    [InlineData(0)]
    [InlineData(15)]
    [InlineData(30)]
    public void Off_the_rail_a_soft_ball_is_forgiven_more(double degrees)
    {
        var (soft, hard) = (Width(degrees, 2), Width(degrees, 8));
        Assert.True(soft > hard * 1.05, $"{soft:0.0} mm at pace 2, {hard:0.0} at pace 8.");
    }

    /// <summary>
    /// The reason: rubber that dies with speed lets go of hard balls less well, and friction that falls with slip turns them less.
    /// </summary>
    [Fact]
    public void Jaws_are_as_lively_and_as_rough_at_any_speed()
    {
        var jaws = PlayingConditions.Club.ForJaws().Table;
        Assert.Equal(jaws.RestitutionAt(0.1, 0.95), jaws.RestitutionAt(5, 0.95));
        Assert.Equal(PlayingConditions.Club.Table.RestitutionAt(0, 0.95), jaws.RestitutionAt(5, 0.95));
        Assert.Equal(0, jaws.CushionFrictionFall);
    }

    /// <summary>Width in mm of all lines on which a rolling ball drops into a corner.</summary>
    private static double Width(double degrees, double pace) =>
        PocketScan.Interval(PlayingConditions.Club, PocketId.TopGreenSide, degrees, Pace.ToSpeed(pace)).All;
}
