namespace DeepBaize.Web.Compute;

/// <summary>
/// What questions may cost, in events of the simulator (<see cref="Physics.Work.WorkMeter"/>). Each is several times what the dearest
/// question about a real table costs; what goes beyond are tables on which balls hardly ever come to rest or never let go of each other.
/// docs/performance.md has the figures.
/// </summary>
public static class WorkLimits
{
    /// <summary>A question that is answered while a hand moves.</summary>
    public const long Live = 100_000;

    /// <summary>A question that waits its turn.</summary>
    public const long Question = 3_000_000;

    /// <summary>A plan, or visits played out.</summary>
    public const long Plan = 20_000_000;
}
