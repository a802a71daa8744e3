namespace DeepBaize.Planning.Breaks;

/// <summary>
/// Which planner made a figure: raised with every change after which another stroke may be chosen in a frame. A test searches a few frames
/// and says when it should have been.
/// </summary>
public static class PlannerVersion
{
    /// <summary>The planner of this build, counted from 1.</summary>
    public const int Current = 9;
}
