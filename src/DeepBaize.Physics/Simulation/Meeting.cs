namespace DeepBaize.Physics.Simulation;

/// <summary>What a ball will meet next by itself.</summary>
internal enum MeetingKind
{
    None,
    PhaseEnd,
    Line,
    Jaw,
    Drop,

    /// <summary>A ball past the edge of a pocket meets the rounded edge of the slate from within.</summary>
    Edge,

    /// <summary>It meets the back of the pocket.</summary>
    Back,

    /// <summary>Its centre leaves the circle along which the slate falls away: back over the bed, or lost beside it.</summary>
    Leave,

    /// <summary>The centre crosses a cushion or a jaw above its nose, or flies over a pocket: the ball leaves the table.</summary>
    Over,
}

/// <summary>The next thing that a ball meets by itself, in absolute time.</summary>
/// <param name="Time">Seconds after the strike; infinite for none.</param>
/// <param name="Kind">What it meets.</param>
/// <param name="Index">Which line, jaw or pocket.</param>
/// <param name="Presses">True when the ball already leans on it: no rebound, no event to tell.</param>
internal readonly record struct Meeting(double Time, MeetingKind Kind, int Index, bool Presses)
{
    public static Meeting None => new(double.PositiveInfinity, MeetingKind.None, -1, false);
}
