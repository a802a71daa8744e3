namespace DeepBaize.Planning.Breaks;

/// <summary>
/// Which planner made a figure. A test searches a few frames and says when it should have been raised.
/// </summary>
public static class PlannerVersion
{
    /// <summary>
    /// The search of this build, counted from 1: raised with every change after which a search may choose another stroke in a frame, as in
    /// visits that are played out.
    /// </summary>
    public const int Current = 9;

    /// <summary>Its plans: raised with that, and when another of the strokes that were found may become the plan.</summary>
    public const int Plans = 10;
}
