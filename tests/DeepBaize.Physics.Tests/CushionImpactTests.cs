using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;

namespace DeepBaize.Physics.Tests;

/// <summary>
/// The cushion against values integrated independently from the equations of Mathavan, Jackson and Parkin (2010),
/// e = 0.98, mu_w = 0.14, mu_s = 0.212, h = 7R/5; the cushion stands on the +y side and the ball comes along +x.
/// </summary>
public sealed class CushionImpactTests
{
    private const double Radius = 0.02625;

    /// <summary>Angle from the cushion, roll s, side k; then v'x, v'y away, Rw'x, Rw'y, Rw'z, angle out, and speed and angle once rolling.</summary>
    public static TheoryData<double, double, double, double[]> Grid => new()
    {
        { 20, 0, -1, [0.7772, 0.3262, 0.0033, 0.0487, -0.7659, 22.77, 0.6153, 22.35] },
        { 20, 0, 0, [0.7777, 0.3248, 0.0008, 0.0496, 0.2327, 22.67, 0.6152, 22.18] },
        { 20, 0, 1, [0.8642, 0.3089, -0.1024, 0.1656, 1.0152, 19.67, 0.6916, 16.07] },
        { 20, 1, -1, [0.8283, 0.3329, -0.1461, 0.8283, -0.7447, 21.90, 0.8512, 13.32] },
        { 20, 1, 0, [0.8310, 0.3314, -0.1312, 0.8310, 0.2490, 21.74, 0.8546, 13.48] },
        { 20, 1, 1, [0.8512, 0.3243, -0.0824, 0.8512, 1.2026, 20.86, 0.8763, 13.74] },
        { 45, 0, -1, [0.3962, 0.6468, 0.0304, 0.0527, -0.5257, 58.51, 0.5571, 57.66] },
        { 45, 0, 0, [0.4206, 0.6287, -0.0329, 0.0866, 0.4123, 56.22, 0.5468, 53.52] },
        { 45, 0, 1, [0.6555, 0.6131, -0.1358, 0.3384, 0.8629, 43.09, 0.6917, 35.25] },
        { 45, 1, -1, [0.4894, 0.6823, -0.2428, 0.4894, -0.5012, 54.35, 0.6436, 40.50] },
        { 45, 1, 0, [0.5139, 0.6741, -0.1825, 0.5139, 0.4427, 52.68, 0.6696, 39.88] },
        { 45, 1, 1, [0.6861, 0.6441, -0.1671, 0.6861, 1.0481, 43.19, 0.8005, 31.00] },
        { 70, 0, -1, [0.0048, 0.8237, 0.0432, -0.0671, -0.4042, 89.66, 0.6009, 91.50] },
        { 70, 0, 0, [0.1658, 0.7943, -0.1036, 0.0985, 0.2239, 78.21, 0.5574, 74.75] },
        { 70, 0, 1, [0.4269, 0.7985, -0.0623, 0.3582, 0.6266, 61.87, 0.6864, 53.61] },
        { 70, 1, -1, [0.0813, 0.8970, -0.2490, 0.0813, -0.4027, 84.82, 0.5754, 81.87] },
        { 70, 1, 0, [0.2060, 0.8641, -0.2265, 0.2060, 0.3116, 76.59, 0.5896, 69.55] },
        { 70, 1, 1, [0.4666, 0.8626, -0.2267, 0.4666, 0.7145, 61.59, 0.7223, 49.76] },
        { 90, 0, 0, [0.0000, 0.8373, -0.0782, 0.0000, 0.0000, 90.00, 0.5757, 90.00] },
        { 90, 0, 1, [0.2377, 0.8540, 0.0008, 0.2377, 0.4554, 74.45, 0.6549, 68.72] },
        { 90, 1, 0, [0.0000, 0.9107, -0.2351, 0.0000, 0.0000, 90.00, 0.5833, 90.00] },
        { 90, 1, 1, [0.2330, 0.9391, -0.2325, 0.2330, 0.4661, 76.07, 0.6477, 68.92] },
    };

    [Theory]
    [MemberData(nameof(Grid))]
    public void Every_cell_of_the_grid_is_met(double angle, double roll, double side, double[] expected)
    {
        var after = Rebound(angle, roll, side, 1, Reference());
        double[] found =
        [
            after.Velocity.X, -after.Velocity.Y, after.Spin.X * Radius, after.Spin.Y * Radius, after.Spin.Z * Radius,
        ];
        for (var i = 0; i < found.Length; i++) Assert.Equal(expected[i], found[i], 2e-4);
        Assert.Equal(expected[5], Angle(after.Velocity), 0.1);
        var rolling = RollingVelocity(after);
        Assert.Equal(expected[6], rolling.Length, 2e-3);
        Assert.Equal(expected[7], Angle(rolling), 0.1);
    }

    /// <summary>Rows that were converged to five digits.</summary>
    [Theory]
    [InlineData(90, 1, 0, 0, .91066, -.23517, 0, 0)]
    [InlineData(90, 0, 0, 0, .83732, -.07830, 0, 0)]
    [InlineData(45, 1, 0, .51390, .67406, -.18251, .51390, .44269)]
    [InlineData(45, 0, 0, .42057, .62871, -.03293, .08662, .41225)]
    [InlineData(45, 1, 1, .68613, .64411, -.16710, .68613, 1.04807)]
    [InlineData(45, 1, -1, .48941, .68226, -.24282, .48941, -.50120)]
    [InlineData(30, .5, .5, .67028, .45403, -.07568, .45736, .80442)]
    [InlineData(60, 1, .5, .43094, .79069, -.20758, .43094, .65823)]
    [InlineData(45, -1, 0, .4601, .6550, .1502, -.4327, .2246)]
    [InlineData(90, -1, 0, 0, .86586, .15275, 0, 0)]
    public void Converged_rows_are_met_to_their_digits(
        double angle, double roll, double side, double along, double away, double a, double b, double c)
    {
        var after = Rebound(angle, roll, side, 1, Reference());
        var tolerance = angle == 45 && roll == -1 ? 6e-5 : 1.2e-5;
        Assert.Equal(along, after.Velocity.X, tolerance);
        Assert.Equal(away, -after.Velocity.Y, tolerance);
        Assert.Equal(a, after.Spin.X * Radius, tolerance);
        Assert.Equal(b, after.Spin.Y * Radius, tolerance);
        Assert.Equal(c, after.Spin.Z * Radius, tolerance);
    }

    /// <summary>Square on, the equations are piecewise linear and have an exact solution.</summary>
    [Theory]
    [InlineData(1.5, .980000, -.430932)]
    [InlineData(1, .910658, -.235173)]
    [InlineData(.5, .846370, -.135403)]
    [InlineData(0, .837321, -.078299)]
    [InlineData(-.5, .857257, -.080163)]
    [InlineData(-1, .865857, .152752)]
    public void A_square_rebound_follows_the_exact_piecewise_solution(double roll, double away, double spin)
    {
        var after = Rebound(90, roll, 0, 1, Reference());
        Assert.Equal(away, -after.Velocity.Y, 1e-6);
        Assert.Equal(spin, after.Spin.X * Radius, 1e-6);
    }

    /// <summary>Square rolling rebounds at other restitutions (same source).</summary>
    [Theory]
    [InlineData(1, .9283)]
    [InlineData(.95, .8843)]
    [InlineData(.90, .8404)]
    [InlineData(.80, .7531)]
    [InlineData(.70, .6667)]
    public void Restitution_scales_the_square_rebound(double restitution, double away)
    {
        var conditions = Reference();
        conditions = conditions with { Table = conditions.Table with { CushionRestitution = restitution } };
        Assert.Equal(away, -Rebound(90, 1, 0, 1, conditions).Velocity.Y, 1e-4);
    }

    /// <summary>Square rolling rebounds at other cushion frictions (same source).</summary>
    [Theory]
    [InlineData(0, .9800)]
    [InlineData(.05, .9707)]
    [InlineData(.10, .9400)]
    [InlineData(.20, .8653)]
    [InlineData(.30, .8138)]
    [InlineData(.40, .7863)]
    public void Cushion_friction_changes_the_square_rebound(double friction, double away)
    {
        var conditions = Reference();
        conditions = conditions with { Table = conditions.Table with { CushionFriction = friction } };
        Assert.Equal(away, -Rebound(90, 1, 0, 1, conditions).Velocity.Y, 1e-4);
    }

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
        conditions = conditions with { Table = conditions.Table with { CushionRestitutionLoss = 0.05, CushionFriction = 0, SlidingFriction = 0 } };
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
                    CushionRestitutionLoss = 0,
                },
            };
            Assert.Empty(conditions.Problems());
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
        Table = new TableCoefficients { SlidingFriction = 0.212, CushionRestitution = 0.98, CushionFriction = 0.14, CushionRestitutionLoss = 0 },
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

    private static Vec3 RollingVelocity(BallState state) =>
        state.Velocity * (5.0 / 7) + new Vec3(state.Spin.Y, -state.Spin.X, 0) * (2.0 / 7 * Radius);
}
