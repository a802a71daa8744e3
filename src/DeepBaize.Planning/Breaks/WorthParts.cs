namespace DeepBaize.Planning.Breaks;

/// <summary>Why one stroke is worth more than another.</summary>
public enum ReasonKind
{
    /// <summary>This pot goes more often.</summary>
    Pot,

    /// <summary>The ball scores more.</summary>
    Points,

    /// <summary>The next pot goes more often.</summary>
    Next,

    /// <summary>More follows once the next ball is potted.</summary>
    Further,

    /// <summary>A miss leaves the other side less.</summary>
    Miss,
}

/// <summary>
/// What the worth of a stroke is made of: <c>Pot * (Points + Next * Further) - (1 - Pot) * Miss</c>. Of a visit for the frame the worth is
/// a chance and the points are 0.
/// </summary>
/// <param name="Pot">Chance of a legal pot, 0 to 1.</param>
/// <param name="Points">Mean points of the pots.</param>
/// <param name="Next">Mean chance of the next pot, given this one.</param>
/// <param name="Further">What the next pot is worth with all that follows it.</param>
/// <param name="Miss">What a stroke that does not pot costs in the mean; below 0 where it leaves less than usual.</param>
public readonly record struct WorthParts(double Pot, double Points, double Next, double Further, double Miss)
{
    /// <summary>The worth to both sides.</summary>
    public double Worth => Gain - Cost;

    /// <summary>What it brings the striker.</summary>
    public double Gain => Pot * AfterPot;

    /// <summary>What its misses cost.</summary>
    public double Cost => (1 - Pot) * Miss;

    /// <summary>By how much a pot is worth more than a miss.</summary>
    private double OfPot => AfterPot + Miss;

    private double AfterPot => Points + Next * Further;

    /// <summary>
    /// What each part makes of the difference to another stroke: they add up to it. A part that two factors share is split evenly between
    /// them, so that it does not matter which of the strokes is called the first.
    /// </summary>
    /// <param name="other">The other stroke.</param>
    public IReadOnlyList<(ReasonKind Kind, double Worth)> Less(in WorthParts other)
    {
        // A stroke after which nothing follows does not say what would.
        var (mine, theirs) = (Next == 0 ? other.Further : Further, other.Next == 0 ? Further : other.Further);
        var pot = (Pot + other.Pot) / 2;
        return
        [
            (ReasonKind.Pot, (Pot - other.Pot) * (OfPot + other.OfPot) / 2),
            (ReasonKind.Points, pot * (Points - other.Points)),
            (ReasonKind.Next, pot * (Next - other.Next) * (mine + theirs) / 2),
            (ReasonKind.Further, pot * (mine - theirs) * (Next + other.Next) / 2),
            (ReasonKind.Miss, (1 - pot) * (other.Miss - Miss)),
        ];
    }
}
