namespace DeepBaize.Physics.Simulation;

/// <summary>
/// Finds when a polynomial first falls to zero: the heart of "when do they meet". The polynomial is
/// cut where its derivatives vanish, so that every piece is monotone; a piece that falls through zero holds exactly one
/// root, found by Newton's method kept inside its bracket. Grazing contacts need no special case: the lowest point
/// of a dip is itself an end of a piece, and its sign decides.
/// </summary>
public static class FirstDescent
{
    /// <summary>Time at which c0 + c1 t + c2 t^2 first falls from above to zero, or infinity.</summary>
    /// <param name="c0">Constant coefficient; where it is 0 or less only a later fall counts.</param>
    /// <param name="c1">Linear coefficient.</param>
    /// <param name="c2">Quadratic coefficient.</param>
    public static double OfQuadratic(double c0, double c1, double c2)
    {
        if (c2 == 0) return c1 < 0 && c0 > 0 ? c0 / -c1 : double.PositiveInfinity;
        var discriminant = c1 * c1 - 4 * c2 * c0;
        if (discriminant < 0) return double.PositiveInfinity;
        var root = Math.Sqrt(discriminant);
        // The falling crossing is where the slope is -root; each form avoids a difference of near equals.
        var time = c1 < 0 ? 2 * c0 / (root - c1) : (-c1 - root) / (2 * c2);
        return time > 0 ? time : double.PositiveInfinity;
    }

    /// <summary>Time within [0, end] at which the quartic first falls from above to zero, or infinity.</summary>
    /// <param name="c">Five coefficients, constant first.</param>
    /// <param name="end">Length of the interval, finite and not negative.</param>
    public static double OfQuartic(ReadOnlySpan<double> c, double end)
    {
        if (c[4] == 0 && c[3] == 0)
        {
            var time = OfQuadratic(c[0], c[1], c[2]);
            return time <= end ? time : double.PositiveInfinity;
        }

        Span<double> cuts = stackalloc double[5];
        return OfPieces(c, cuts[..TurningPoints(c, end, cuts)], end);
    }

    /// <summary>Time within [0, end] at which a polynomial first falls from above to zero, or infinity.</summary>
    /// <param name="c">Coefficients, constant first; degree 2 to 12.</param>
    /// <param name="end">Length of the interval, finite and not negative.</param>
    public static double OfPolynomial(ReadOnlySpan<double> c, double end)
    {
        Span<double> cuts = stackalloc double[c.Length];
        return OfPieces(c, cuts[..SlopeChanges(c, end, cuts)], end);
    }

    /// <summary>The first fall among pieces on each of which the polynomial is monotone.</summary>
    private static double OfPieces(ReadOnlySpan<double> c, ReadOnlySpan<double> cuts, double end)
    {
        double from = 0, atFrom = c[0];
        for (var i = 0; i <= cuts.Length; i++)
        {
            var to = i < cuts.Length ? cuts[i] : end;
            var atTo = Evaluate(c, to);
            if (atFrom > 0 && atTo <= 0) return Root(c, from, to);
            (from, atFrom) = (to, atTo);
        }

        return double.PositiveInfinity;
    }

    /// <summary>Writes the places in (0, end) where a polynomial's slope changes sign, in order: those of its slope's pieces.</summary>
    private static int SlopeChanges(ReadOnlySpan<double> c, double end, Span<double> into)
    {
        Span<double> slope = stackalloc double[c.Length - 1];
        for (var k = 0; k < slope.Length; k++) slope[k] = (k + 1) * c[k + 1];
        Span<double> bends = stackalloc double[slope.Length];
        var bendCount = slope.Length > 1 ? SlopeChanges(slope, end, bends) : 0;
        double from = 0, atFrom = slope[0];
        var count = 0;
        for (var i = 0; i <= bendCount; i++)
        {
            var to = i < bendCount ? bends[i] : end;
            if (to <= from) continue;
            var atTo = Evaluate(slope, to);
            if (atFrom * atTo < 0) into[count++] = Root(slope, from, to);
            (from, atFrom) = (to, atTo);
        }

        return count;
    }

    /// <summary>Writes the places in (0, end) where the quartic's slope changes sign, in order.</summary>
    private static int TurningPoints(ReadOnlySpan<double> c, double end, Span<double> into)
    {
        Span<double> slope = [c[1], 2 * c[2], 3 * c[3], 4 * c[4], 0];
        Span<double> bends = stackalloc double[2];
        var bendCount = QuadraticRoots(slope[1], 2 * slope[2], 3 * slope[3], bends);
        double from = 0, atFrom = slope[0];
        var count = 0;
        for (var i = 0; i <= bendCount; i++)
        {
            var to = i < bendCount ? bends[i] : end;
            if (to <= from || to > end) continue;
            var atTo = Evaluate(slope, to);
            if (atFrom * atTo < 0) into[count++] = Root(slope, from, to);
            (from, atFrom) = (to, atTo);
        }

        return count;
    }

    private static int QuadraticRoots(double c0, double c1, double c2, Span<double> into)
    {
        if (c2 == 0)
        {
            if (c1 == 0) return 0;
            into[0] = -c0 / c1;
            return 1;
        }

        var discriminant = c1 * c1 - 4 * c2 * c0;
        if (discriminant <= 0) return 0;
        var q = -(c1 + Math.CopySign(Math.Sqrt(discriminant), c1)) / 2;
        var (a, b) = (q / c2, q == 0 ? 0 : c0 / q);
        (into[0], into[1]) = a < b ? (a, b) : (b, a);
        return 2;
    }

    /// <summary>The one root of a piece on which the polynomial is monotone and changes sign.</summary>
    private static double Root(ReadOnlySpan<double> c, double low, double high)
    {
        var rising = Evaluate(c, high) > Evaluate(c, low);
        var x = (low + high) / 2;
        for (var i = 0; i < 100; i++)
        {
            var value = c[^1];
            var slope = 0.0;
            for (var k = c.Length - 2; k >= 0; k--)
            {
                slope = slope * x + value;
                value = value * x + c[k];
            }

            if (value == 0) return x;
            if (value > 0 == rising) high = x;
            else low = x;
            var next = x - value / slope;
            if (!(next > low && next < high)) next = (low + high) / 2;
            if (Math.Abs(next - x) <= 2e-16 * x || high - low <= double.Epsilon) return next;
            x = next;
        }

        return x;
    }

    private static double Evaluate(ReadOnlySpan<double> c, double x)
    {
        if (c.Length == 5) return (((c[4] * x + c[3]) * x + c[2]) * x + c[1]) * x + c[0];
        var value = c[^1];
        for (var k = c.Length - 2; k >= 0; k--) value = value * x + c[k];
        return value;
    }
}
