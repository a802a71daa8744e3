using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// What an outcome is worth to a player who wants the frame and not the points: the chance that the visit brings a lead of more than is
/// left. Points of a visit from a leave are taken to be spread like waiting times about what the leave is worth (estimate). What the other
/// side gets when the visit ends counts by its share of what is left on the table (estimate): the nearer the end, the more of the frame a
/// point is.
/// </summary>
/// <param name="visit">What strokes are worth in points.</param>
public sealed class SecureWorth(VisitWorth visit) : IPotWorth
{
    private const double Least = 1e-6;

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return ChanceOf(FrameArithmetic.PointsToSecure(frame), visit.Promise(frame, pot));
    }

    /// <inheritdoc/>
    public double After(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End != FrameEnd.None) return ruling.End == FrameEnd.PlayerWins ? 1 : 0;
        if (ruling.Points == 0) return 0;
        var needed = FrameArithmetic.PointsToSecure(ruling.Next);
        if (needed == 0) return 1;
        return ruling.StaysAtTable ? ChanceOf(needed, visit.Points.Of(ruling.Next)) : 0;
    }

    /// <inheritdoc/>
    public double Cost(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End != FrameEnd.None) return 0;
        return Math.Clamp(visit.Cost(ruling) / Math.Max(1, FrameArithmetic.PointsRemaining(ruling.Next)), -1, 1);
    }

    private static double ChanceOf(int needed, double expected) => needed == 0 ? 1 : Math.Exp(-needed / Math.Max(expected, Least));
}
