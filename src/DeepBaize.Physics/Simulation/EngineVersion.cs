namespace DeepBaize.Physics.Simulation;

/// <summary>
/// Which engine made a figure. It is raised with every change after which a stroke may end elsewhere; a test plays a few strokes and says
/// when it should have been. Recorded evidence carries it, so that what an older engine found is not taken for today's.
/// </summary>
public static class EngineVersion
{
    /// <summary>The engine of this build, counted from 1.</summary>
    public const int Current = 3;
}
