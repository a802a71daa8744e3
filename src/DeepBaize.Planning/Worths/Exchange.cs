namespace DeepBaize.Planning.Worths;

/// <summary>What a stroke brings to both sides of the game, in points.</summary>
/// <param name="Own">Points scored, and those that can be expected while the visit goes on.</param>
/// <param name="Theirs">Points given away, and those that the opponent can expect from what is left.</param>
public readonly record struct Exchange(double Own, double Theirs)
{
    /// <summary>The one value for both sides.</summary>
    /// <param name="fear">Weight of the opponent's points, above 0.</param>
    public double Worth(double fear) => Own - fear * Theirs;
}
