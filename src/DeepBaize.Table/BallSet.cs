namespace DeepBaize.Table;

/// <summary>Facts about the set of balls: which there are, which are red, where colours belong.</summary>
public static class BallSet
{
    /// <summary>How many balls a full set has.</summary>
    public const int Count = 22;

    /// <summary>All balls, the white first, then reds 1 to 15, then the colours in rising value.</summary>
    public static IReadOnlyList<BallId> All { get; } = Enum.GetValues<BallId>();

    /// <summary>The fifteen reds in order of their numbers.</summary>
    public static IReadOnlyList<BallId> Reds { get; } = [.. All.Where(IsRed)];

    /// <summary>The six colours in rising value.</summary>
    public static IReadOnlyList<BallId> Colours { get; } = [.. All.Where(ball => ball >= BallId.Yellow)];

    /// <summary>True for reds 1 to 15.</summary>
    public static bool IsRed(BallId ball) => ball is >= BallId.Red1 and <= BallId.Red15;
}
