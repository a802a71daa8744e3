namespace DeepBaize.Table.Layouts;

/// <summary>Why a layout is refused.</summary>
public enum LayoutFault
{
    /// <summary>A coordinate is NaN or infinite.</summary>
    NotFinite,

    /// <summary>A ball's centre is outside the bed or past the edge of a pocket.</summary>
    OffTheTable,

    /// <summary>Two balls overlap.</summary>
    Overlap,

    /// <summary>The same ball is given twice.</summary>
    Duplicate,

    /// <summary>There are more balls than a set has.</summary>
    TooMany,

    /// <summary>The white is missing.</summary>
    NoWhite,

    /// <summary>Two balls that are said to touch do not.</summary>
    NotTouching,

    /// <summary>The balls cannot stand like this in a frame.</summary>
    NotInFrame,
}

/// <summary>One thing that is wrong with a layout.</summary>
/// <param name="Fault">The kind of fault.</param>
/// <param name="Ball">The ball concerned, where there is one.</param>
/// <param name="Other">
/// The other ball of an overlap or of a pair that does not touch; for what cannot be in a frame the colour that is up though
/// <paramref name="Ball"/> is gone, null where a red is.
/// </param>
/// <param name="Amount">How often a ball is given, how many balls there are, or by how many metres two overlap; else 0.</param>
public sealed record LayoutProblem(LayoutFault Fault, BallId? Ball, BallId? Other = null, double Amount = 0);

/// <summary>How strictly a layout is judged.</summary>
public enum LayoutMode
{
    /// <summary>Any balls may be on the table, as in practice.</summary>
    Free,

    /// <summary>Only what can occur in a frame: with reds up all colours are up, later they leave in order.</summary>
    Frame,
}
