using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// What an outcome is worth to a player who wants the frame and not the points: the chance that the visit brings a lead of more than is
/// left. Points of a visit from a leave are taken to be spread like waiting times about what the leave is worth (estimate).
/// </summary>
/// <param name="points">What leaves are worth in points.</param>
public sealed class SecureWorth(LeaveWorth points) : IPotWorth
{
    private const double Least = 1e-6;

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return ChanceOf(FrameArithmetic.PointsToSecure(frame), points.Promise(frame, pot));
    }

    /// <inheritdoc/>
    public double After(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End != FrameEnd.None) return ruling.End == FrameEnd.PlayerWins ? 1 : 0;
        if (ruling.Points == 0) return 0;
        var needed = FrameArithmetic.PointsToSecure(ruling.Next);
        if (needed == 0) return 1;
        return ruling.StaysAtTable ? ChanceOf(needed, points.Of(ruling.Next)) : 0;
    }

    private static double ChanceOf(int needed, double expected) => needed == 0 ? 1 : Math.Exp(-needed / Math.Max(expected, Least));
}
