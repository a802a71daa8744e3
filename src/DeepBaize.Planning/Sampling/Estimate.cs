using MathNet.Numerics.Statistics;

namespace DeepBaize.Planning.Sampling;

/// <summary>A mean of independent values.</summary>
/// <param name="Mean">The mean.</param>
/// <param name="Error">Its standard error; 0 for fewer than two values.</param>
public readonly record struct Estimate(double Mean, double Error)
{
    /// <summary>The mean of some values; 0 for none.</summary>
    /// <param name="values">The values.</param>
    public static Estimate Of(IReadOnlyList<double> values)
    {
        ArgumentNullException.ThrowIfNull(values);
        if (values.Count < 2) return new Estimate(values.Count == 0 ? 0 : values[0], 0);
        var (mean, deviation) = values.MeanStandardDeviation();
        return new Estimate(mean, deviation / Math.Sqrt(values.Count));
    }

    /// <summary>The mean of the differences of values that belong together, as far as there are both.</summary>
    /// <param name="values">The values.</param>
    /// <param name="others">What is taken from them.</param>
    public static Estimate OfDifferences(IReadOnlyList<double> values, IReadOnlyList<double> others) =>
        Of([.. values.Zip(others, (value, other) => value - other)]);

    /// <summary>The sum of this and another one that does not depend on it.</summary>
    /// <param name="other">The other.</param>
    public Estimate Plus(Estimate other) => new(Mean + other.Mean, Math.Sqrt(Error * Error + other.Error * other.Error));

    /// <summary>True when it is above 0 by more than two standard errors.</summary>
    public bool IsPositive => Mean > 0 && Mean > 2 * Error;
}
