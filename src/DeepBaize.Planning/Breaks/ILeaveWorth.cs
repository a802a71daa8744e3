using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>Says what a stroke was worth by what it left: the aim that a search follows. One instance serves one thread.</summary>
public interface ILeaveWorth
{
    /// <summary>What a stroke was worth.</summary>
    /// <param name="ruling">What it came to.</param>
    double After(Ruling ruling);
}

/// <summary>A worth that also says which pots to look at first.</summary>
public interface IPotWorth : ILeaveWorth
{
    /// <summary>What a pot promises before anything was played: pots are looked at in the order of this.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="pot">The pot, estimated for the same balls.</param>
    double Promise(FrameState frame, in LeavePot pot);
}
