using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules;

/// <summary>Where a colour is put back (official rules, section 3, "Spotting the colours").</summary>
public static class Respotting
{
    /// <summary>Least gap in metres that keeps a ball from touching one beside which it is spotted.</summary>
    private const double Gap = 0.0001;

    /// <summary>
    /// The place of a colour: its own spot; if that is occupied the highest free spot; if all are, as near its own as possible on the line
    /// to the nearest part of the top cushion without touching, and for pink and black without room there below their spot.
    /// </summary>
    /// <param name="colour">The colour.</param>
    /// <param name="others">Places of the other balls on the table.</param>
    /// <param name="gauge">Size of the balls.</param>
    public static Place PlaceFor(BallId colour, IReadOnlyList<Place> others, BallGauge gauge)
    {
        ArgumentNullException.ThrowIfNull(others);
        var own = Spots.Of(colour) ?? throw new ArgumentException("Only colours are spotted.", nameof(colour));
        if (IsFree(own)) return own;
        for (var other = BallId.Black; other >= BallId.Yellow; other--)
        {
            if (Spots.Of(other) is { } spot && IsFree(spot)) return spot;
        }

        return Along(1) ?? Along(-1) ?? throw new InvalidOperationException("There is no room on the line of the spots.");

        bool IsFree(Place place)
        {
            foreach (var other in others)
            {
                // A ball that would touch occupies a spot as well.
                if (place.DistanceTo(other) <= gauge.Diameter + Layout.TouchingGap) return false;
            }

            return true;
        }

        // The nearest free place up or down the table: just beside one of the balls in the way.
        Place? Along(int way)
        {
            Place? best = null;
            foreach (var other in others)
            {
                var across = other.Y - own.Y;
                var apart = gauge.Diameter + Gap;
                if (Math.Abs(across) >= apart) continue;
                var place = own with { X = other.X + way * Math.Sqrt(apart * apart - across * across) };
                var isOnBed = place.X >= gauge.CushionInset && place.X <= Measurements.Length - gauge.CushionInset;
                if ((place.X - own.X) * way > 0 && isOnBed && IsFree(place) && (best is not { } known || (known.X - place.X) * way > 0))
                    best = place;
            }

            return best;
        }
    }
}
