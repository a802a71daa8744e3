namespace DeepBaize.Words;

/// <summary>Names a contact by how much of the ball is covered.</summary>
public static class ContactWords
{
    private static readonly (double Fraction, string Name)[] Named =
        [(0, "fine edge"), (0.25, "quarter ball"), (0.5, "half ball"), (0.75, "three-quarter ball"), (1, "full ball")];

    /// <summary>Words for a fraction from 0 (the finest edge) to 1 (full).</summary>
    public static string Describe(double fraction)
    {
        const double exact = 0.02;
        const double near = 0.09;
        var (nearest, name) = Named.MinBy(named => Math.Abs(named.Fraction - fraction));
        var difference = fraction - nearest;
        if (Math.Abs(difference) <= exact) return name;
        if (Math.Abs(difference) <= near)
        {
            if (nearest == 0) return "very fine";
            return nearest == 1 ? "nearly full ball" : $"just {(difference > 0 ? "fuller" : "thinner")} than {name}";
        }

        var above = Named.First(named => named.Fraction > fraction);
        var below = Named.Last(named => named.Fraction < fraction);
        return below.Fraction == 0 ? "an eighth of the ball" : $"between {Short(below.Name)} and {above.Name}";
    }

    private static string Short(string name) => name.Replace(" ball", "", StringComparison.Ordinal);
}
