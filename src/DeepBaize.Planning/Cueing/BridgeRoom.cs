using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Cueing;

/// <summary>
/// Finds room for the bridge behind the white: on the cloth, on the cushion, or over a ball. The lengths are common practice, no source.
/// </summary>
public static class BridgeRoom
{
    /// <summary>Usual distance from bridge to tip in metres: about ten inches (common practice, no source).</summary>
    public const double UsualLength = 0.254;

    private const double Shortest = 0.11;
    private const double Longest = 0.36;
    private const double Step = 0.01;

    /// <summary>Half of what a hand needs on the cloth, in metres.</summary>
    private const double HandHalf = 0.04;

    /// <summary>The bridge that comes nearest to the usual length.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="directionRadians">The cue's line.</param>
    public static Bridge Find(Layout layout, double directionRadians)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var white = layout[BallId.Cue] ?? throw new ArgumentException("The layout has no white.", nameof(layout));
        var (sin, cos) = Math.SinCos(directionRadians);
        var ahead = layout.Gauge.Radius;
        for (var off = 0.0; off <= UsualLength - Shortest + 1e-9; off += Step)
        {
            if (Try(UsualLength - off) is { } shorter) return shorter;
            if (UsualLength + off <= Longest && Try(UsualLength + off) is { } longer) return longer;
        }

        // No room: the hand stands as high as it can behind the nearest ball and bridges over it.
        var usual = At(UsualLength);
        var over = layout.Balls.Where(other => other.Ball != BallId.Cue && Behind(other.Place) > 0)
            .OrderBy(other => other.Place.SquaredDistanceTo(usual))
            .Select(other => (BallId?)other.Ball).FirstOrDefault();
        return new Bridge(usual, UsualLength, Beyond(usual) > 0, over);

        Place At(double length) => white.Offset(-(length + ahead) * cos, -(length + ahead) * sin);

        double Behind(Place place) => (white.X - place.X) * cos + (white.Y - place.Y) * sin;

        Bridge? Try(double length)
        {
            var place = At(length);
            var beyond = Beyond(place);
            if (beyond > ButtRaise.RailDepth) return null;
            if (beyond > -HandHalf) return new Bridge(place, length, true, null);
            foreach (var other in layout.Balls)
            {
                if (other.Ball != BallId.Cue && other.Place.DistanceTo(place) < HandHalf + layout.Gauge.Radius) return null;
            }

            return new Bridge(place, length, false, null);
        }
    }

    /// <summary>Metres by which a place lies beyond the nearest nose line; negative on the bed.</summary>
    internal static double Beyond(Place place) => Math.Max(
        Math.Max(-place.X, place.X - Measurements.Length), Math.Max(-place.Y, place.Y - Measurements.Width));

    /// <summary>Metres from the tip back to the butt hand when the rest is used, with or without an extension (from memory).</summary>
    internal static double GripBehindTip(double cueLength, bool extended) => cueLength - 0.1 + (extended ? 0.45 : 0);
}
