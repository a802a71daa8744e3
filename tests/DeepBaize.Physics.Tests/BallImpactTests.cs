using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;

namespace DeepBaize.Physics.Tests;

/// <summary>Two balls: what holds beside the outside values of the evidence list.</summary>
public sealed class BallImpactTests
{
    private const double Radius = 0.02625;

    [Fact]
    public void Full_contact_with_restitution_e_leaves_the_white_its_share()
    {
        var white = new BallState(new Vec3(0, 0, Radius), new Vec3(2, 0, 0), Vec3.Zero);
        var red = new BallState(new Vec3(2 * Radius, 0, Radius), Vec3.Zero, Vec3.Zero);
        BallImpact.Resolve(ref white, ref red, new BallCoefficients { Restitution = 0.95, FrictionFactor = 0 });
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
            var b = new BallState(
                new Vec3(1 + 2 * Radius * Math.Cos(angle), 1 + 2 * Radius * Math.Sin(angle), Radius), Any(random, 3), Any(random, 200));
            var momentum = a.Velocity + b.Velocity;
            var energy = a.SpecificEnergy(Radius) + b.SpecificEnergy(Radius);
            BallImpact.Resolve(ref a, ref b, balls);
            var change = a.Velocity + b.Velocity - momentum;
            Assert.True(Math.Sqrt(change.X * change.X + change.Y * change.Y) <= 1e-12 * (1 + momentum.Length));
            Assert.True(a.SpecificEnergy(Radius) + b.SpecificEnergy(Radius) <= energy * (1 + 1e-12));
        }
    }

    private static Vec3 Any(Random random, double scale) =>
        new((random.NextDouble() * 2 - 1) * scale, (random.NextDouble() * 2 - 1) * scale,
            scale > 10 ? (random.NextDouble() * 2 - 1) * scale : 0);
}
