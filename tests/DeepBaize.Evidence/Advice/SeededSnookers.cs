using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence.Advice;

/// <summary>
/// Seeded snookers without a direct way to any part of a ball that is on: the white anywhere, a wall of colours near it, and behind that by
/// turns one red and a group of eight; the other colours on their spots.
/// </summary>
public static class SeededSnookers
{
    private const int Many = 8;

    /// <summary>Metres from the white to the wall, and by how much each red of a group lies off its middle, a red.</summary>
    private const double Near = 0.1;

    private const double Far = 0.35;
    private const double Spread = 0.02;

    /// <summary>Snookers in the order of their seeds.</summary>
    /// <param name="table">The table.</param>
    /// <param name="seed">The first seed.</param>
    public static IEnumerable<FrameState> Of(TableInUse table, int seed)
    {
        var reader = new SnookerReader(table);
        for (; ; seed++)
        {
            if (Lay(table, seed) is { } frame && reader.Read(frame).All(ball => !ball.Sight.AnyPart && !ball.IsTouched)) yield return frame;
        }
    }

    private static FrameState? Lay(TableInUse table, int seed)
    {
        var random = new Random(seed);
        var white = new Place(Within(0.1, 3.4), Within(0.1, 1.68));
        var centre = new Place(Within(1.2, 3.3), Within(0.2, 1.58));
        List<PlacedBall> balls = [new(BallId.Cue, white)];
        var (reds, hiding) = seed % 2 == 0 ? (1, 2) : (Many, 4);
        for (var i = 0; i < reds; i++)
            balls.Add(new(BallId.Red1 + i, centre.Offset(Within(-Spread, Spread) * (reds - 1), Within(-Spread, Spread) * (reds - 1))));
        // A wall of colours near the white, across the way to the reds.
        var (away, step) = (Within(Near, Far), table.Diameter * Within(1.01, 1.3));
        for (var i = 0; i < BallSet.Colours.Count; i++)
        {
            var heading = white.HeadingTo(centre) + (i - (hiding - 1) / 2.0) * step / away;
            var place = i < hiding ? white.Offset(away * Math.Cos(heading), away * Math.Sin(heading)) : Spots.Of(BallSet.Colours[i])!.Value;
            balls.Add(new(BallSet.Colours[i], place));
        }

        return LayoutRules.TryBuild(balls, table.Outline, table.Conditions.Gauge, LayoutMode.Free, out _) is null
            ? null : new FrameState(balls, table.Conditions.Gauge, BallOn.Red);

        double Within(double low, double high) => low + random.NextDouble() * (high - low);
    }
}
