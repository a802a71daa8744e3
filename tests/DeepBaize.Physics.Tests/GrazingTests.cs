using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Physics.Tests;

/// <summary>Contacts that only just happen, or only just do not: families that come ever nearer to the tangent.</summary>
public sealed class GrazingTests
{
    private const double Diameter = 0.0525;

    public static TheoryData<double> Shares => [1e-2, 1e-4, 1e-6, 1e-8, 1e-10, 1e-12];

    /// <summary>
    /// On a straight way the closed form is known: contact at along - sqrt(D^2 - offset^2), worked out here in decimal arithmetic.
    /// </summary>
    [Theory]
    [MemberData(nameof(Shares))]
    public void A_rolling_ball_meets_exactly_those_that_it_reaches(double share)
    {
        var conditions = Shots.Ideal(0.2, 0.0127);
        foreach (var (speed, hits) in new[] { (0.9, true), (0.9, false), (3.0, true), (3.0, false) })
        {
            var offset = Diameter * (1 + (hits ? -share : share));
            var layout = Shots.Lay(conditions, (BallId.Cue, 1, 0.8), (BallId.Red1, 1.7, 0.8 + offset));
            var velocity = new Vec3(speed, 0, 0);
            var (outcome, record) = Shots.Send(conditions, layout, velocity, Shots.RollSpin(velocity, 1, Diameter / 2));
            var first = record.Events.FirstOrDefault(told => told.Kind == ShotEventKind.Ball && told.Time < 0.7 / speed + 0.2);
            Assert.Equal(hits, first is not null);
            if (!hits) continue;
            var gap = layout[BallId.Red1]!.Value.Y - 0.8;
            var along = 0.7m - Root((decimal)Diameter * (decimal)Diameter - (decimal)gap * (decimal)gap);
            // The half-chord is D sqrt(2 share); the rounding of squared distances moves a contact by 1e-15 m^2 over that.
            Assert.Equal((double)along, first!.Balls[0].Before.Position.X - 1, 1e-10 + 1e-15 / (Diameter * Math.Sqrt(2 * share)));
            Assert.NotNull(outcome.FirstContact);
        }
    }

    /// <summary>On a curved way: quartics whose lowest point lies a known depth above or below zero.</summary>
    [Theory]
    [MemberData(nameof(Shares))]
    public void A_quartic_with_a_dip_falls_to_zero_exactly_when_the_dip_reaches_it(double share)
    {
        var random = new Random(3);
        for (var i = 0; i < 300; i++)
        {
            // q(t) = (t - m)^2 (a + b (t - n)^2) + depth has its only low point near m, where it is the depth.
            var (m, n, a, b) = (0.2 + random.NextDouble(), 3 + random.NextDouble(), 0.2 + random.NextDouble(), 0.1 * random.NextDouble());
            Assert.True(double.IsPositiveInfinity(FirstDescent.OfQuartic(Quartic(m, n, a, b, share), 2)));
            var below = FirstDescent.OfQuartic(Quartic(m, n, a, b, -share), 2);
            var half = Math.Sqrt(share / (a + b * (m - n) * (m - n)));
            Assert.InRange(below, m - half * 1.2 - 1e-7, m);
        }
    }

    private static double[] Quartic(double m, double n, double a, double b, double depth)
    {
        // (t^2 - 2 m t + m^2)(b t^2 - 2 b n t + a + b n^2) + depth
        var (p0, p1, p2) = (m * m, -2 * m, 1.0);
        var (q0, q1, q2) = (a + b * n * n, -2 * b * n, b);
        return [p0 * q0 + depth, p0 * q1 + p1 * q0, p0 * q2 + p1 * q1 + p2 * q0, p1 * q2 + p2 * q1, p2 * q2];
    }

    private static decimal Root(decimal value)
    {
        var root = (decimal)Math.Sqrt((double)value);
        for (var i = 0; i < 4; i++) root = (root + value / root) / 2;
        return root;
    }
}
