using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Planning.Breaks;

/// <summary>What a visit is for.</summary>
public enum BreakGoal
{
    /// <summary>As many points as can be expected.</summary>
    Score,

    /// <summary>The chance to lead by more than is left on the table.</summary>
    Secure,
}

/// <summary>What the player wants of a plan beyond his profile.</summary>
/// <param name="Side">False to play without side.</param>
/// <param name="Cushion">False to leave out strokes in which the white, played as meant, comes to a cushion.</param>
/// <param name="Rest">False to leave out strokes that need a rest or the other hand.</param>
/// <param name="Only">The only ball to play at; null for any that is on.</param>
/// <param name="Goal">What the visit is for.</param>
/// <param name="Approach">
/// On which side of straight the player likes to be on colours, high or low; null when it is all the same. Strokes that come out on the
/// other are marked down.
/// </param>
public sealed record BreakWishes(
    bool Side = true, bool Cushion = true, bool Rest = true, BallId? Only = null, BreakGoal Goal = BreakGoal.Score,
    SideOfStraight? Approach = null)
{
    /// <summary>Nothing is ruled out.</summary>
    public static BreakWishes Free { get; } = new();
}

/// <summary>A stroke and what its samples came to.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Worth">Mean worth of the samples, what misses cost taken off.</param>
/// <param name="Error">Its standard error.</param>
/// <param name="Samples">Strokes that were sampled.</param>
/// <param name="Good">How many of them potted a ball legally.</param>
public sealed record RatedStroke(PlannedStroke Stroke, double Worth, double Error, int Samples, int Good)
{
    /// <summary>What the player's school leaves of what it brings, 0 to 1.</summary>
    public double Liking { get; init; } = 1;

    /// <summary>What misses cost in the mean.</summary>
    public double Cost { get; init; }

    /// <summary>What it brings the striker: points of the visit, or the chance of what it is for.</summary>
    public double Gain => Worth + Cost;

    /// <summary>Chance of a legal pot.</summary>
    public Chance Pot => new(Good, Samples);
}

/// <summary>What a search found so far.</summary>
/// <param name="Best">The strokes that were sampled most, the best first; empty when nothing is on.</param>
/// <param name="Played">Strokes simulated.</param>
public sealed record BreakSearchResult(IReadOnlyList<RatedStroke> Best, int Played)
{
    /// <summary>The pots for which a stroke was found that pots when it is played as meant.</summary>
    public IReadOnlyList<Pot> Tried { get; init; } = [];

    /// <summary>
    /// Strokes that promise most of those that treat the other balls differently from the best: that move several where it moves none, or
    /// none where it moves any. They need not have been sampled.
    /// </summary>
    public IReadOnlyList<RatedStroke> Apart { get; init; } = [];
}
