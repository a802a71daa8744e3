using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>A tip height for a distance.</summary>
/// <param name="DistanceMetres">Way of the white to the contact.</param>
/// <param name="Height">Contact point above centre in ball radii; null when no safe height does it at this pace.</param>
public readonly record struct TipHeight(double DistanceMetres, double? Height);

/// <summary>Finds the tip height that brings the white to a ball with a wanted spin.</summary>
public static class TipHeights
{
    private const int Halvings = 16;

    /// <summary>The height at which a stroke along a line meets a ball with a wanted spin.</summary>
    /// <param name="player">Plays on the table.</param>
    /// <param name="layout">The balls.</param>
    /// <param name="ball">The ball that the line meets.</param>
    /// <param name="strike">A stroke along that line.</param>
    /// <param name="roll">Wanted spin along the way as a share of natural roll.</param>
    /// <returns>A height within the safe part of the face; null when there is none.</returns>
    public static double? For(StrokePlayer player, Layout layout, BallId ball, in Strike strike, double roll)
    {
        ArgumentNullException.ThrowIfNull(player);
        ArgumentNullException.ThrowIfNull(layout);
        // What side leaves of the safe part of the face.
        var most = Dials.SafeHeightWith(strike.Side);
        var (low, high) = (-most, most);
        if (!(Roll(low, strike) <= roll && Roll(high, strike) >= roll)) return null;
        for (var i = 0; i < Halvings; i++)
        {
            var middle = (low + high) / 2;
            if (Roll(middle, strike) < roll) low = middle;
            else high = middle;
        }

        return (low + high) / 2;

        double Roll(double height, in Strike along) => player.RollAtContact(layout, ball, along with { Height = height });
    }

    /// <summary>The heights for a row of distances, at one pace, on the table without other balls.</summary>
    /// <param name="player">Plays on the table.</param>
    /// <param name="whiteSpeed">White speed in m/s.</param>
    /// <param name="roll">Wanted spin at the contact as a share of natural roll.</param>
    /// <param name="distances">Ways of the white to the contact in metres, up to 2.8.</param>
    public static IReadOnlyList<TipHeight> ByDistance(StrokePlayer player, double whiteSpeed, double roll, IReadOnlyList<double> distances)
    {
        ArgumentNullException.ThrowIfNull(player);
        ArgumentNullException.ThrowIfNull(distances);
        var table = player.Solver.Table;
        var start = new Place(0.3, Measurements.CentreLine);
        return [.. distances.Select(distance => new TipHeight(distance, HeightAt(distance)))];

        double? HeightAt(double distance)
        {
            var ball = start.Offset(distance + table.Diameter, 0);
            var layout = LayoutRules.TryBuild(
                [new PlacedBall(BallId.Cue, start), new PlacedBall(BallId.Red1, ball)], table.Outline, table.Conditions.Gauge,
                LayoutMode.Free, out _);
            return layout is null ? null : For(player, layout, BallId.Red1, new Strike(0, whiteSpeed, 0, 0), roll);
        }
    }
}
