using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;

namespace DeepBaize.Physics.Tests;

/// <summary>The blow of the cue (Leckie and Greenspan 2006) and the push-off (Cross 2008; Alciatore).</summary>
public sealed class CueStrikeTests
{
    private const double Radius = 0.02625;

    /// <summary>Push-off in degrees by ball mass over end mass and side in radii (derived from the formula).</summary>
    [Theory]
    [InlineData(15, .5, 3.47)]
    [InlineData(25, .1, .50)]
    [InlineData(25, .3, 1.45)]
    [InlineData(25, .5, 2.22)]
    [InlineData(40, .2, .65)]
    public void Push_off_follows_the_formula_and_mirrors(double ratio, double side, double degrees)
    {
        Assert.Equal(degrees, CueStrike.PushOffRadians(side, ratio) * 180 / Math.PI, 6e-3);
        Assert.Equal(-CueStrike.PushOffRadians(side, ratio), CueStrike.PushOffRadians(-side, ratio), 1e-15);
    }

    [Fact]
    public void Two_fifths_of_the_radius_high_rolls_at_once()
    {
        var white = Strike(0, 2, 0, 0.4);
        Assert.Equal(0, white.SlipOnCloth(Radius).Length, 1e-12);
    }

    [Theory]
    [InlineData(0.5, 1.25)]
    [InlineData(-0.5, -1.25)]
    [InlineData(0.2, 0.5)]
    public void Spin_over_speed_is_five_halves_of_the_offset(double height, double ratio)
    {
        var white = Strike(30, 1.7, 0, height);
        var forward = white.Velocity * (1 / white.Velocity.Length);
        Assert.Equal(ratio * 1.7, white.Spin.Dot(Vec3.Up.Cross(forward)) * Radius, 1e-12);
    }

    [Fact]
    public void Right_side_spins_anticlockwise_and_pushes_the_white_left()
    {
        var white = Strike(0, 2, 0.3, 0);
        Assert.Equal(2.5 * 0.3 * 2, white.Spin.Z * Radius, 1e-12);
        Assert.True(white.Velocity.Y > 0);
        Assert.Equal(2, white.Velocity.Length, 1e-12);
    }

    [Theory]
    [InlineData(0.3, 0.4, false)]
    [InlineData(0.3, 0.41, true)]
    [InlineData(0, -0.51, true)]
    public void Beyond_half_the_radius_a_miscue_threatens(double side, double height, bool risk)
    {
        Assert.Equal(risk, new Strike(0, 1, side, height).IsMiscueRisk);
    }

    private static BallState Strike(double degrees, double speed, double side, double height) => CueStrike.Apply(
        new Strike(degrees * Math.PI / 180, speed, side, height),
        BallState.AtRest(new Table.Place(1, 0.9), Radius),
        PlayingConditions.Club);
}
