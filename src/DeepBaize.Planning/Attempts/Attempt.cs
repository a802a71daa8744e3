namespace DeepBaize.Planning.Attempts;

/// <summary>How an attempt at something that is practised ended.</summary>
public enum AttemptEnd
{
    /// <summary>Nothing that counts was potted.</summary>
    Missed,

    /// <summary>A stroke was foul.</summary>
    Foul,

    /// <summary>The white came to a cushion, which was ruled out.</summary>
    Cushion,

    /// <summary>Everything was done.</summary>
    Cleared,
}

/// <summary>An attempt that is over.</summary>
/// <param name="Points">Points that it made, 0 or more.</param>
/// <param name="End">How it ended.</param>
public readonly record struct Attempt(int Points, AttemptEnd End);

/// <summary>What all attempts at the same thing came to.</summary>
/// <param name="Count">How many there were.</param>
/// <param name="Cleared">How many did everything.</param>
/// <param name="Best">The most points of one; 0 without any.</param>
/// <param name="Mean">Points of one in the mean; 0 without any.</param>
/// <param name="Last">The last ones, the newest first.</param>
public sealed record AttemptTally(int Count, int Cleared, int Best, double Mean, IReadOnlyList<Attempt> Last);
