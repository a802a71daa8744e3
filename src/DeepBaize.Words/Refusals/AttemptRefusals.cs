namespace DeepBaize.Words.Refusals;

/// <summary>Why an attempt is not kept.</summary>
public static class AttemptRefusals
{
    /// <summary>Points out of range.</summary>
    public static Refused Points(int most) => new("An impossible attempt", $"An attempt makes between 0 and {most} points.");

    /// <summary>An end that is none.</summary>
    public static Refused End { get; } = new(
        "An impossible attempt", "An attempt is missed, foul, over at a cushion, or cleared: missed, foul, cushion or cleared.");

    /// <summary>A cushion that ended an attempt in which cushions are allowed.</summary>
    public static Refused AllowedCushion { get; } = new(
        "An impossible attempt", "With cushions allowed an attempt is not over at a cushion.");

    /// <summary>An attempt that was kept as another before: what is kept is never changed.</summary>
    public const string KeptAsAnother = "Another attempt was kept under this id; what is kept is not changed.";
}
