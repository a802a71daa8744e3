namespace DeepBaize.Planning.Aiming;

/// <summary>A value of a dial and where the white stopped with it, beside a wanted place.</summary>
/// <param name="Value">The dial's value, such as a pace.</param>
/// <param name="Miss">
/// Metres from the wanted place: negative when the white fell short, positive when it ran past; NaN when it fell.
/// </param>
public readonly record struct DialTry(double Value, double Miss);

/// <summary>The values of one dial that bring the white near a wanted place.</summary>
/// <param name="Best">The value that comes nearest.</param>
/// <param name="Least">The least value that stays within the distance.</param>
/// <param name="Most">The greatest.</param>
public sealed record PaceWindow(double Best, double Least, double Most)
{
    /// <summary>
    /// What to play between a try that fell short and one that ran past, and the window about it, by straight interpolation between the
    /// two.
    /// </summary>
    /// <param name="tries">Tries in rising order of the dial.</param>
    /// <param name="within">Distance in metres that still counts as there, more than 0.</param>
    /// <returns>The window; null when no two neighbours lie on the two sides of the place.</returns>
    public static PaceWindow? Between(IReadOnlyList<DialTry> tries, double within)
    {
        ArgumentNullException.ThrowIfNull(tries);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(within);
        for (var i = 0; i + 1 < tries.Count; i++)
        {
            var (a, b) = (tries[i], tries[i + 1]);
            if (!(a.Miss * b.Miss <= 0) || a.Miss == b.Miss) continue;
            var perMetre = (b.Value - a.Value) / (b.Miss - a.Miss);
            var (best, half) = (a.Value - a.Miss * perMetre, within * Math.Abs(perMetre));
            return new PaceWindow(best, best - half, best + half);
        }

        return null;
    }

    /// <summary>
    /// The window through many tries that stand close together: the unbroken row of those within the distance that holds the nearest.
    /// </summary>
    /// <param name="tries">Tries in rising order of the dial; those without a miss (NaN) break the row.</param>
    /// <param name="within">Distance in metres that still counts as there, more than 0.</param>
    /// <returns>The window; null when no try comes within the distance.</returns>
    public static PaceWindow? Through(IReadOnlyList<DialTry> tries, double within)
    {
        ArgumentNullException.ThrowIfNull(tries);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(within);
        var best = -1;
        for (var i = 0; i < tries.Count; i++)
        {
            if (Math.Abs(tries[i].Miss) <= within && (best < 0 || Math.Abs(tries[i].Miss) < Math.Abs(tries[best].Miss))) best = i;
        }

        return best < 0 ? null : new PaceWindow(tries[best].Value, Edge(-1), Edge(1));

        double Edge(int way)
        {
            var i = best;
            while (i + way >= 0 && i + way < tries.Count && Math.Abs(tries[i + way].Miss) <= within) i += way;
            var inside = tries[i];
            if (i + way < 0 || i + way >= tries.Count || double.IsNaN(tries[i + way].Miss)) return inside.Value;
            var outside = tries[i + way];
            var share = (within - Math.Abs(inside.Miss)) / (Math.Abs(outside.Miss) - Math.Abs(inside.Miss));
            return inside.Value + share * (outside.Value - inside.Value);
        }
    }
}
