using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;

namespace DeepBaize.Physics.Tests;

/// <summary>
/// How cushions behave beside the outside values of the evidence list: e = 0.98, mu_w = 0.14, mu_s = 0.212, h = 7R/5 (Mathavan, Jackson and
/// Parkin 2010); the cushion stands on the +y side and the ball comes along +x.
/// </summary>
public sealed class CushionImpactTests
{
    private const double Radius = 0.02625;

    [Fact]
    public void Without_any_friction_only_the_normal_speed_changes()
    {
        var conditions = Reference();
        conditions = conditions with { Table = conditions.Table with { CushionFriction = 0, SlidingFriction = 0 } };
        var after = Rebound(35, 0.7, 0.4, 2, conditions);
        Assert.Equal(2 * Math.Cos(35 * Math.PI / 180), after.Velocity.X, 1e-12);
        Assert.Equal(0.98 * 2 * Math.Sin(35 * Math.PI / 180), -after.Velocity.Y, 1e-12);
    }

    [Theory]
    [InlineData(20, 1, -1)]
    [InlineData(45, 0.3, 0.8)]
    [InlineData(70, -0.5, 0.2)]
    public void The_law_has_no_speed_scale(double angle, double roll, double side)
    {
        var slow = Rebound(angle, roll, side, 0.5, Reference());
        var fast = Rebound(angle, roll, side, 4, Reference());
        Assert.Equal(slow.Velocity.X * 8, fast.Velocity.X, 1e-9);
        Assert.Equal(slow.Velocity.Y * 8, fast.Velocity.Y, 1e-9);
        Assert.Equal(slow.Spin.Z * 8, fast.Spin.Z, 1e-6);
    }

    [Fact]
    public void A_cushion_that_dies_with_speed_gives_less_back()
    {
        var conditions = Reference();
        conditions = conditions with
        {
            Table = conditions.Table with
            {
                CushionRestitutionLoss = 0.05,
                CushionFriction = 0,
                SlidingFriction = 0
            }
        };
        Assert.Equal(2 * (0.98 - 0.1), -Rebound(90, 0, 0, 2, conditions).Velocity.Y, 1e-12);
    }

    [Fact]
    public void Running_side_widens_the_rebound_and_check_side_narrows_it()
    {
        foreach (var angle in new[] { 20.0, 45, 70 })
        {
            var outs = new[] { -1.0, -0.5, 0, 0.5, 1 }.Select(side => Angle(Rebound(angle, 1, side, 1, Reference()).Velocity)).ToList();
            Assert.Equal(outs.OrderDescending(), outs);
        }
    }

    [Fact]
    public void Energy_never_rises_for_any_arrival()
    {
        var random = new Random(7);
        for (var i = 0; i < 20_000; i++)
        {
            var state = new BallState(
                new Vec3(0, 0, Radius),
                new Vec3(random.NextDouble() * 4 - 2, 0.001 + random.NextDouble() * 3, 0),
                new Vec3(random.NextDouble() - 0.5, random.NextDouble() - 0.5, random.NextDouble() - 0.5) * 300);
            var after = CushionImpact.Resolve(state, new Vec3(0, 1, 0), 1, Reference());
            Assert.True(after.Velocity.Y < 0);
            Assert.True(after.SpecificEnergy(Radius) <= state.SpecificEnergy(Radius), $"{state} gained energy");
        }
    }

    /// <summary>Noses, frictions and arrivals far from any real table still get an answer.</summary>
    [Fact]
    public void Every_allowed_cushion_gives_an_answer_without_a_rise_of_energy()
    {
        var random = new Random(5);
        for (var i = 0; i < 20_000; i++)
        {
            var sine = random.NextDouble() * 0.4999;
            var conditions = new PlayingConditions
            {
                Table = new TableCoefficients
                {
                    NoseHeight = Radius * (1 + sine),
                    SlidingFriction = random.NextDouble(),
                    CushionFriction = Math.Tan(Math.Asin(sine)) * 0.999 * random.NextDouble(),
                    CushionRestitution = random.NextDouble(),
                    CushionFrictionFall = i % 2 * random.NextDouble() * 10,
                    CushionRestitutionLoss = 0,
                },
            };
            Assert.Empty(Coefficients.Problems(conditions));
            var size = Math.Pow(10, random.NextDouble() * 3);
            var state = new BallState(
                new Vec3(0, 0, Radius),
                new Vec3(random.NextDouble() * 2 - 1, Math.Pow(10, -3 + random.NextDouble() * 3), 0),
                new Vec3(random.NextDouble() - 0.5, random.NextDouble() - 0.5, random.NextDouble() - 0.5) * size);
            var after = CushionImpact.Resolve(state, new Vec3(0, 1, 0), 1, conditions);
            Assert.True(after.Velocity.Y <= 0);
            Assert.True(after.SpecificEnergy(Radius) <= state.SpecificEnergy(Radius), $"{state} gained energy");
        }
    }

    private static PlayingConditions Reference() => new()
    {
        Table = new TableCoefficients
        {
            SlidingFriction = 0.212,
            CushionRestitution = 0.98,
            CushionFriction = 0.14,
            CushionFrictionFall = 0,
            CushionRestitutionLoss = 0
        },
    };

    private static BallState Rebound(double angle, double roll, double side, double speed, PlayingConditions conditions)
    {
        var (sin, cos) = Math.SinCos(angle * Math.PI / 180);
        var state = new BallState(
            new Vec3(0, 0, Radius),
            new Vec3(cos, sin, 0) * speed,
            new Vec3(-roll * sin, roll * cos, side) * (speed / Radius));
        return CushionImpact.Resolve(state, new Vec3(0, 1, 0), 1, conditions);
    }

    private static double Angle(Vec3 velocity) => Math.Atan2(-velocity.Y, velocity.X) * 180 / Math.PI;
}
