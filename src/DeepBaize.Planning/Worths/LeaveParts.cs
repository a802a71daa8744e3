namespace DeepBaize.Planning.Worths;

/// <summary>The parts of a leave's worth beyond the next pot and its points; each can be left out, to see what it brings.</summary>
[Flags]
public enum LeaveParts
{
    /// <summary>The next pot and its points alone.</summary>
    None = 0,

    /// <summary>What the balls still give to a player who stays at the table.</summary>
    Further = 1,

    /// <summary>The angle: thin pots leave the white little choice.</summary>
    Angle = 2,

    /// <summary>Other pots that are on when the best is lost.</summary>
    Alternatives = 4,

    /// <summary>Balls count by how they can be potted: a red that is freed, a pink or black whose pocket is open.</summary>
    Openness = 8,

    /// <summary>Reds in several regions of the table.</summary>
    Regions = 16,

    /// <summary>Where the white can run from the next pot, and what it finds there.</summary>
    Runs = 32,

    /// <summary>How near a ball lies to those that follow it.</summary>
    Nearness = 64,

    /// <summary>Everything.</summary>
    All = 127,
}
