using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;

namespace DeepBaize.Physics.Tests;

/// <summary>Two balls, against closed forms and the published throw curve.</summary>
public sealed class BallImpactTests
{
    private const double Radius = 0.02625;

    /// <summary>
    /// Throw in degrees for a stun ball without side, by cut and speed (Alciatore, technical proof A.14, with Marlow's data; e = 1).
    /// </summary>
    [Theory]
    [InlineData(10, 1.0, 1.44)]
    [InlineData(20, 1.0, 2.98)]
    [InlineData(20, 4.0, 1.97)]
    [InlineData(30, 1.0, 4.15)]
    [InlineData(30, 2.0, 2.65)]
    [InlineData(30, 4.0, 1.27)]
    [InlineData(45, 0.447, 4.95)]
    [InlineData(45, 2.0, 1.90)]
    [InlineData(60, 1.341, 2.32)]
    [InlineData(75, 3.129, 0.80)]
    public void Throw_follows_the_published_curve(double cut, double speed, double degrees)
    {
        Assert.Equal(degrees, ThrowDegrees(cut, speed, 0, 0), 0.011);
    }

    /// <summary>A rolling ball throws far less (same source).</summary>
    [Theory]
    [InlineData(30, 0.447, 2.19)]
    [InlineData(45, 1.341, 1.42)]
    [InlineData(60, 3.129, 0.67)]
    public void Rolling_throws_less_than_stun(double cut, double speed, double degrees)
    {
        Assert.Equal(degrees, ThrowDegrees(cut, speed, 1, 0), 0.011);
    }

    /// <summary>Half ball with side R w_z = k v, k positive for outside side (same source).</summary>
    [Theory]
    [InlineData(-1, 0.447, 3.55)]
    [InlineData(0.25, 1.341, 2.36)]
    [InlineData(0.5, 1.341, 0)]
    [InlineData(0.75, 3.129, -2.36)]
    [InlineData(1, 1.341, -3.55)]
    public void Outside_side_turns_the_throw_round(double side, double speed, double degrees)
    {
        Assert.Equal(degrees, ThrowDegrees(30, speed, 0, side), 0.011);
    }

    [Fact]
    public void Full_contact_with_restitution_e_leaves_the_white_its_share()
    {
        var (white, red) = Hit(0, 2, 0, 0, new BallCoefficients { Restitution = 0.95, FrictionFactor = 0 });
        Assert.Equal(2 * 0.025, white.Velocity.X, 1e-12);
        Assert.Equal(2 * 0.975, red.Velocity.X, 1e-12);
    }

    [Fact]
    public void Momentum_is_kept_and_energy_never_rises()
    {
        var random = new Random(11);
        var balls = new BallCoefficients();
        for (var i = 0; i < 20_000; i++)
        {
            var angle = random.NextDouble() * Math.Tau;
            var a = new BallState(new Vec3(1, 1, Radius), Any(random, 3), Any(random, 200));
            var b = new BallState(new Vec3(1 + 2 * Radius * Math.Cos(angle), 1 + 2 * Radius * Math.Sin(angle), Radius), Any(random, 3), Any(random, 200));
            var momentum = a.Velocity + b.Velocity;
            var energy = a.SpecificEnergy(Radius) + b.SpecificEnergy(Radius);
            BallImpact.Resolve(ref a, ref b, balls);
            var change = a.Velocity + b.Velocity - momentum;
            Assert.True(Math.Sqrt(change.X * change.X + change.Y * change.Y) <= 1e-12 * (1 + momentum.Length));
            Assert.True(a.SpecificEnergy(Radius) + b.SpecificEnergy(Radius) <= energy * (1 + 1e-12));
        }
    }

    private static Vec3 Any(Random random, double scale) =>
        new((random.NextDouble() * 2 - 1) * scale, (random.NextDouble() * 2 - 1) * scale, scale > 10 ? (random.NextDouble() * 2 - 1) * scale : 0);

    private static (BallState White, BallState Object) Hit(double cut, double speed, double roll, double side, BallCoefficients balls)
    {
        var (sin, cos) = Math.SinCos(cut * Math.PI / 180);
        var white = new BallState(
            new Vec3(0, 0, Radius), new Vec3(speed, 0, 0), new Vec3(0, roll * speed / Radius, side * speed / Radius));
        var met = new BallState(new Vec3(2 * Radius * cos, 2 * Radius * sin, Radius), Vec3.Zero, Vec3.Zero);
        BallImpact.Resolve(ref white, ref met, balls);
        return (white, met);
    }

    /// <summary>Positive when the object ball leaves with a smaller cut; the cut here is to the left, so outside side spins anticlockwise.</summary>
    private static double ThrowDegrees(double cut, double speed, double roll, double side)
    {
        var (_, met) = Hit(cut, speed, roll, side, new BallCoefficients { Restitution = 1 });
        return cut - Math.Atan2(met.Velocity.Y, met.Velocity.X) * 180 / Math.PI;
    }
}
