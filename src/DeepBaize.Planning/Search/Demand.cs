using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Search;

/// <summary>How much a stroke asks of a player, so that the plainer of two can be named.</summary>
public static class Demand
{
    private const double EasyPace = 3.5;
    private const double PerPace = 0.12;
    private const double PerSide = 3;
    private const double PerHeight = 1;

    /// <summary>
    /// 0 for a centre ball at an easy pace from a plain stance; half a radius of height adds 0.5, half a radius of side 1.5, each pace
    /// harder 0.12, and what the stance multiplies the spreads with beyond 1 (weights estimated: common practice, no source).
    /// </summary>
    /// <param name="dials">Pace, side and height.</param>
    /// <param name="stanceFactor">What the stance multiplies the spreads with.</param>
    public static double Of(Dials dials, double stanceFactor) =>
        PerHeight * Math.Abs(dials.Height) + PerSide * Math.Abs(dials.Side) + PerPace * Math.Max(0, dials.Pace - EasyPace)
            + Math.Max(0, stanceFactor - 1);
}
