using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Balls;

/// <summary>Everything that decides how balls move: table, pockets, balls and cue.</summary>
public sealed record PlayingConditions
{
    /// <summary>The house club table with ordinary balls and cue.</summary>
    public static PlayingConditions Club { get; } = new();

    /// <summary>Cloth and cushions.</summary>
    public TableCoefficients Table { get; init; } = new();

    /// <summary>How the pockets are cut.</summary>
    public PocketCut Pockets { get; init; } = PocketCut.Club;

    /// <summary>Restitution of a jaw as a share of the cushion's at vanishing speed, 0 to 1 (from memory).</summary>
    public double JawFactor { get; init; } = 0.95;

    /// <summary>Restitution of the rounded edge of a pocket, 0 to 1 (slate under folds of cloth; from memory).</summary>
    public double EdgeRestitution { get; init; } = 0.3;

    /// <summary>
    /// Restitution of the back of a pocket, 0 to 1 (leather that gives; from memory). With 0.25 a ball played at pace 10 into the middle of
    /// a pocket would come out again, against common practice.
    /// </summary>
    public double BackRestitution { get; init; } = 0.15;

    /// <summary>The balls.</summary>
    public BallCoefficients Balls { get; init; } = new();

    /// <summary>The cue.</summary>
    public CueCoefficients Cue { get; init; } = new();

    /// <summary>
    /// The same with the rubber of jaws: neither livelier nor rougher to a soft ball than to a hard one. The two losses with speed stand
    /// for long runs and for side on straight cushions; in a jaw nobody has measured them, and there they would make the pocket forgive
    /// hard balls more than soft ones, against common practice (C41).
    /// </summary>
    public PlayingConditions ForJaws() => this with { Table = Table with { CushionRestitutionLoss = 0, CushionFrictionFall = 0 } };

    /// <summary>How ball and cushion fit together.</summary>
    public BallGauge Gauge => new(Balls.Diameter, Table.NoseHeight);
}
