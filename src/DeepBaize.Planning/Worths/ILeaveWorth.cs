using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Worths;

/// <summary>Says what a stroke was worth by what it left: the aim that a search follows. One instance serves one thread.</summary>
public interface ILeaveWorth
{
    /// <summary>What a stroke brought the striker, 0 or more: what it scored, and what can be expected while the visit goes on.</summary>
    /// <param name="ruling">What it came to.</param>
    double After(Ruling ruling);
}

/// <summary>A worth of both sides that also says which pots to look at first.</summary>
public interface IPotWorth : ILeaveWorth
{
    /// <summary>
    /// What a stroke costs that ended the visit, in the unit of <see cref="ILeaveWorth.After"/>: what it gave away and what it left to the
    /// other side; 0 while the visit goes on, and below 0 where it left little.
    /// </summary>
    /// <param name="ruling">What it came to.</param>
    double Cost(Ruling ruling);

    /// <summary>What a pot promises before anything was played: pots are looked at in the order of this.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="pot">The pot, estimated for the same balls.</param>
    double Promise(FrameState frame, in LeavePot pot);
}
