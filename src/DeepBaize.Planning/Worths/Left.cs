using DeepBaize.Planning.Leaves;

namespace DeepBaize.Planning.Worths;

/// <summary>What somebody finds who comes to the table, estimated.</summary>
/// <param name="Pot">Chance of the pot that is played if one is, 0 to 1, off cushions and other balls included.</param>
/// <param name="Visit">Points that can be expected of a visit that goes for it.</param>
/// <param name="IsSnookered">True when no ball that is on can be hit on both its edges.</param>
/// <param name="Hit">Chance that a ball that is on is hit, 0 to 1; 1 unless snookered.</param>
/// <param name="Foul">Points that a stroke which hits none gives away.</param>
/// <param name="Awkward">
/// How hard it is to play safe from there, 0 to 1.3: next to a ball that is on it is easy, from the other end of the table, or snookered,
/// hard, and from a cushion harder.
/// </param>
/// <param name="Indirect">The likeliest pot when it is a double, a plant, a cannon or an in-off; null when it is a straight one.</param>
public readonly record struct Left(
    double Pot, double Visit, bool IsSnookered, double Hit, int Foul, double Awkward, IndirectLeave? Indirect = null)
{
    /// <summary>
    /// Points that a foul brings beside its penalty (estimate): the other plays on from there, or has the balls put back.
    /// </summary>
    private const double AfterAFoul = 1;

    /// <summary>
    /// Share of the other's turn that a safety gives away which is as hard as can be. Read off the best safeties of a search from 80
    /// leaves with nothing on (docs/safety.md).
    /// </summary>
    private const double GivenAway = 0.55;

    /// <summary>
    /// Points that the turn is worth to who comes to the table: a visit where much is on, a safety where little is, and what an escape that
    /// fails costs.
    /// </summary>
    /// <param name="after">What the other's turn is worth after it; see <see cref="Stakes"/>.</param>
    public double Turn(double after)
    {
        var playsSafe = Visit + after <= 0 ? 1 : after / (Visit + after);
        return Stakes.Turn(Visit, after) - playsSafe * GivenAway * Awkward * after - (1 - Hit) * (Foul + AfterAFoul);
    }
}
