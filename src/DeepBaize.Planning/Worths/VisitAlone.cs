using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Worths;

/// <summary>What a stroke is worth where nobody comes to the table after a miss, as in a line-up.</summary>
/// <param name="points">What leaves are worth.</param>
public sealed class VisitAlone(LeaveWorth points) : IPotWorth
{
    /// <inheritdoc/>
    public double After(Ruling ruling) => points.After(ruling);

    /// <inheritdoc/>
    public double Cost(Ruling ruling) => 0;

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot) => points.Promise(frame, pot);
}
