namespace DeepBaize.Table.Outline;

/// <summary>What can be impossible about a cut of pockets.</summary>
public enum PocketFlaw
{
    /// <summary>A size is nothing, less, or too great.</summary>
    Size,

    /// <summary>The corner pockets leave no straight cushion at the ends.</summary>
    NoEnds,

    /// <summary>The pockets leave no straight cushion along the sides.</summary>
    NoSides,

    /// <summary>The drop of the corner pockets begins in front of the cushions.</summary>
    DropInFront,

    /// <summary>The back of the pockets leaves no room for a ball.</summary>
    Shallow,
}

/// <summary>
/// How a table's pockets are cut, in metres at nose height. All defaults are from memory and are adjustable estimates;
/// they are chosen so that a ball drops within about 25 mm either side of the throat's middle (common experience, no source).
/// </summary>
/// <param name="CornerThroat">Narrowest width between the jaws of a corner pocket.</param>
/// <param name="CornerJawRadius">Radius of the rounded jaws of a corner pocket.</param>
/// <param name="CornerDrop">How far behind the corner's throat line the slate begins to fall away.</param>
/// <param name="MiddleThroat">Narrowest width between the jaws of a middle pocket.</param>
/// <param name="MiddleJawRadius">Radius of the rounded jaws of a middle pocket.</param>
/// <param name="MiddleDrop">How far behind the nose line the slate begins to fall away in a middle pocket.</param>
/// <param name="DropRadius">Radius of the circle along which the slate falls away.</param>
public sealed record PocketCut(
    double CornerThroat,
    double CornerJawRadius,
    double CornerDrop,
    double MiddleThroat,
    double MiddleJawRadius,
    double MiddleDrop,
    double DropRadius)
{
    /// <summary>No size of a pocket may be greater, in metres.</summary>
    public const double LargestSize = 0.3;

    /// <summary>Radius to which the slate's edge is rounded where it falls away.</summary>
    public double EdgeRadius { get; init; } = 0.010;

    /// <summary>How far behind the nearest point of that edge the back of the pocket hangs, along the pocket's axis.</summary>
    public double BackDepth { get; init; } = 0.090;

    /// <summary>The cut of an ordinary club table.</summary>
    public static PocketCut Club { get; } = new(0.081, 0.090, 0.025, 0.091, 0.030, 0.030, 0.050);

    /// <summary>Distance from the ideal corner at which a corner jaw leaves the nose line: w/sqrt2 + r(sqrt2 - 1).</summary>
    public double CornerJawStart => CornerThroat / Math.Sqrt(2) + CornerJawRadius * (Math.Sqrt(2) - 1);

    /// <summary>Distance from a middle pocket's centre at which its jaw leaves the nose line: w/2 + r.</summary>
    public double MiddleJawStart => MiddleThroat / 2 + MiddleJawRadius;
}
