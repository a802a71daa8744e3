using DeepBaize.Physics.Simulation;

namespace DeepBaize.Physics.Tests;

/// <summary>First falls through zero of polynomials whose roots are known by construction.</summary>
public sealed class FirstDescentTests
{
    [Fact]
    public void The_first_falling_root_of_a_quartic_is_found_among_all()
    {
        var random = new Random(3);
        for (var i = 0; i < 5_000; i++)
        {
            var roots = Enumerable.Range(0, 4).Select(_ => 0.1 + random.NextDouble() * 3).Order().ToArray();
            if (roots.Zip(roots.Skip(1)).Any(pair => pair.Second - pair.First < 1e-3)) continue;
            // (r1-t)(r2-t)(r3-t)(r4-t) starts positive and falls at the first and at the third root.
            var c = Expand(roots);
            Assert.Equal(roots[0], FirstDescent.OfQuartic(c, 4), 1e-9);
            Assert.Equal(double.PositiveInfinity, FirstDescent.OfQuartic(c, roots[0] * 0.999));
            // Turned over it starts negative, and the first fall is at the second root.
            Assert.Equal(roots[1], FirstDescent.OfQuartic([.. c.Select(x => -x)], 4), 1e-9);
        }
    }

    /// <summary>Two balls that graze: the squared gap dips to a hair above or below zero.</summary>
    [Theory]
    [InlineData(1e-12)]
    [InlineData(1e-9)]
    [InlineData(1e-6)]
    public void A_grazing_dip_is_decided_by_its_lowest_point(double hair)
    {
        // (t-1)^2 (t^2+1) +- hair has its dip at t = 1.
        double[] touches = [1 - hair, -2, 2, -2, 1];
        double[] misses = [1 + hair, -2, 2, -2, 1];
        Assert.Equal(1, FirstDescent.OfQuartic(touches, 3), 2 * Math.Sqrt(hair));
        Assert.Equal(double.PositiveInfinity, FirstDescent.OfQuartic(misses, 3));
    }

    [Theory]
    [InlineData(1, -1, 0, 1)]
    [InlineData(2, -3, 1, 1)]
    [InlineData(-2, 3, -1, 2)]
    [InlineData(1, 0, 0, double.PositiveInfinity)]
    [InlineData(1, 1, 1, double.PositiveInfinity)]
    public void Quadratics_fall_where_their_slope_is_negative(double c0, double c1, double c2, double time)
    {
        Assert.Equal(time, FirstDescent.OfQuadratic(c0, c1, c2));
    }

    [Fact]
    public void The_first_falling_root_of_a_polynomial_of_degree_eight_is_found_among_all()
    {
        var random = new Random(8);
        for (var i = 0; i < 2_000; i++)
        {
            var roots = Enumerable.Range(0, 8).Select(_ => 0.1 + random.NextDouble() * 2).Order().ToArray();
            if (roots.Zip(roots.Skip(1)).Any(pair => pair.Second - pair.First < 0.02)) continue;
            var c = Expand(roots);
            Assert.Equal(roots[0], FirstDescent.OfPolynomial(c, 3), 1e-7);
            Assert.Equal(double.PositiveInfinity, FirstDescent.OfPolynomial(c, roots[0] * 0.999));
            Assert.Equal(roots[1], FirstDescent.OfPolynomial([.. c.Select(x => -x)], 3), 1e-7);
        }
    }

    private static double[] Expand(double[] roots)
    {
        var c = new double[roots.Length + 1];
        c[0] = 1;
        for (var n = 0; n < roots.Length; n++)
        {
            for (var k = n + 1; k > 0; k--) c[k] = c[k] * roots[n] - c[k - 1];
            c[0] *= roots[n];
        }

        return c;
    }
}
