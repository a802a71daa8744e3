using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence;

/// <summary>Seeded mid-frame layouts: 6 to 15 reds, mostly in the top half, colours mostly on their spots, the white anywhere.</summary>
public static class Frames
{
    private const double Margin = 0.03;

    /// <summary>The layout of a seed, and dials to play it with.</summary>
    public static (Layout Layout, Dials Dials) Draw(int seed, TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        var random = new Random(seed);
        var placed = new List<PlacedBall>();
        foreach (var colour in BallSet.Colours)
            Lay(colour, random.NextDouble() < 0.7 ? Spots.Of(colour)!.Value : Anywhere(0, Measurements.Length));
        var reds = 6 + random.Next(10);
        foreach (var red in BallSet.Reds.Take(reds))
            Lay(red, random.NextDouble() < 0.85
                ? Anywhere(Measurements.Length / 2, Measurements.Length) : Anywhere(0, Measurements.Length / 2));
        Lay(BallId.Cue, Anywhere(0, Measurements.Length));
        var layout = LayoutRules.TryBuild(placed, table.Outline, table.Conditions.Gauge, LayoutMode.Free, out var problems)
            ?? throw new InvalidOperationException($"seed {seed}: {problems[0]}");
        var side = random.Next(2) == 0 ? 0 : random.NextDouble() * 0.5 - 0.25;
        return (layout, Dials.AtPace(2 + random.NextDouble() * 5, side, random.NextDouble() * 0.7 - 0.35));

        Place Anywhere(double from, double to) => new(
            Math.Clamp(from + random.NextDouble() * (to - from), Margin, Measurements.Length - Margin),
            Margin + random.NextDouble() * (Measurements.Width - 2 * Margin));

        void Lay(BallId ball, Place wanted)
        {
            while (placed.Any(other => other.Place.DistanceTo(wanted) <= table.Diameter)) wanted = Anywhere(0, Measurements.Length);
            placed.Add(new PlacedBall(ball, wanted));
        }
    }
}
