using DeepBaize.Planning.Leaves;
using DeepBaize.Table;

namespace DeepBaize.Planning.Sampling;

/// <summary>How a ball was missed.</summary>
public enum MissSide
{
    /// <summary>It was not.</summary>
    None,

    /// <summary>The contact was thicker than meant; for a straight pot to the right.</summary>
    Thick,

    /// <summary>The contact was thinner than meant; for a straight pot to the left.</summary>
    Thin,

    /// <summary>The white did not meet the ball first.</summary>
    NotMet,
}

/// <summary>One stroke of a sample, as chance had it.</summary>
/// <param name="IsServed">True when it did what it was for: for a pot, when the ball fell into its pocket.</param>
/// <param name="Miss">How it was missed.</param>
/// <param name="IsFoul">True for a foul.</param>
/// <param name="White">Where the white stopped; null when it fell.</param>
/// <param name="InOff">The pocket into which the white fell.</param>
/// <param name="Met">The first ball that the white met after the object ball.</param>
/// <param name="MetPlace">Centre of the white there.</param>
/// <param name="MetSpeed">Its speed there in m/s.</param>
/// <param name="Next">The likeliest next pot; null when there is none, or it was not asked for.</param>
/// <param name="NextOn">How many next pots are one in two or better.</param>
/// <param name="IsInZone">True when the white stopped in the wanted zone.</param>
/// <param name="IsMiscueRisk">True when the tip came outside half the radius.</param>
/// <param name="Table">Which of the drawn tables it was played on.</param>
public readonly record struct StrokeSample(
    bool IsServed,
    MissSide Miss,
    bool IsFoul,
    Place? White,
    PocketId? InOff,
    BallId? Met,
    Place MetPlace,
    double MetSpeed,
    LeavePot? Next,
    int NextOn,
    bool IsInZone,
    bool IsMiscueRisk,
    int Table)
{
    /// <summary>True when it did so without a foul.</summary>
    public bool IsGood => IsServed && !IsFoul;
}

/// <summary>How often something happens, from a sample.</summary>
/// <param name="Count">Strokes in which it did.</param>
/// <param name="Of">Strokes played.</param>
public readonly record struct Chance(int Count, int Of)
{
    private const double Z95 = 1.959963984540054;

    /// <summary>Its share of the strokes; 0 when none were played.</summary>
    public double Share => Of == 0 ? 0 : (double)Count / Of;

    /// <summary>Lower end of the 95 % interval (Wilson 1927).</summary>
    public double Low => Math.Max(0, Centre - Half);

    /// <summary>Upper end of that interval.</summary>
    public double High => Of == 0 ? 1 : Math.Min(1, Centre + Half);

    private double Centre => Of == 0 ? 0 : (Share + Z95 * Z95 / (2 * Of)) / (1 + Z95 * Z95 / Of);

    private double Half => Of == 0 ? 0 : Z95 * Math.Sqrt(Share * (1 - Share) / Of + Z95 * Z95 / (4.0 * Of * Of)) / (1 + Z95 * Z95 / Of);
}
