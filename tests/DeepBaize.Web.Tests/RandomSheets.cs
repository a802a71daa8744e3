using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Tests;

/// <summary>Sheets of every kind, the same for the same seed: loose and touching balls, marks and a state of play.</summary>
internal static class RandomSheets
{
    public static PositionContent Next(Random random)
    {
        var placed = new List<PlacedBall>();
        foreach (var ball in BallSet.All.Where(ball => ball == BallId.Cue || random.NextDouble() < 0.6))
        {
            // Every third ball is laid against another one or a cushion, as in packs and safety play.
            var near = placed.Count > 0 && random.Next(3) == 0 ? placed[random.Next(placed.Count)].Place : Anywhere(random);
            var wanted = near.Offset(random.NextDouble() * 0.1 - 0.05, random.NextDouble() * 0.1 - 0.05);
            placed.Add(new PlacedBall(ball, Settling.Settle(wanted, placed, TableOutline.Club, BallGauge.Standard).Place));
        }

        return new PositionContent(
            [.. placed.Select(ball => new BallPlace(Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
            new StrokeInput(random.NextDouble() * 360 - 180, 1 + Math.Round(random.NextDouble() * 60) / 10,
                Math.Round(random.NextDouble() - 0.5, 2) / 2, 0.1),
            Profile: "club",
            Marks: [.. Enumerable.Range(0, random.Next(5)).Select(i => Mark(random, $"m{i}"))],
            State: State(random, [.. placed.Select(ball => ball.Ball)]));
    }

    private static MarkInput Mark(Random random, string id)
    {
        string[] texts = ["", "here", "Größe, „quer“; 3\"", "a, b", "half-way"];
        var text = texts[random.Next(texts.Length)];
        return random.Next(4) switch
        {
            0 => new MarkInput(id, "whitePlace", Places(1), null, text),
            1 => new MarkInput(id, "target", Places(1), Math.Round(0.01 + random.NextDouble(), 7) / 2, text),
            2 => new MarkInput(id, "gate", Places(2), null, text),
            _ => new MarkInput(id, "zone", Places(3 + random.Next(5)), null, text),
        };

        MarkPlace[] Places(int count) =>
            [.. Enumerable.Range(0, count).Select(_ => Anywhere(random)).Select(place => new MarkPlace(place.X, place.Y))];
    }

    private static StateInput? State(Random random, HashSet<BallId> up)
    {
        if (random.Next(4) == 0) return null;
        var possible = Rules.BallsOn.Possible(up);
        var on = possible.Count == 0 || random.Next(2) == 0 ? (Rules.BallOn?)null : possible[random.Next(possible.Count)];
        var inForce = on ?? Rules.BallsOn.Infer(up);
        var free = inForce is not (null or Rules.BallOn.Colour) && random.Next(4) == 0;
        var nominations = inForce is { } now ? Rules.BallsOn.Nominations(now, free, up) : [];
        return new StateInput(
            on?.ToString().ToLowerInvariant(),
            nominations.Count > 0 ? Names.Text(nominations[random.Next(nominations.Count)]) : null,
            InHand: false,
            free,
            random.Next(2) == 0 ? new ScoresInput(random.Next(148), random.Next(148)) : null,
            random.Next(2) == 0 ? random.Next(148) : null,
            random.Next(4));
    }

    private static Place Anywhere(Random random) =>
        new(random.NextDouble() * Measurements.Length, random.NextDouble() * Measurements.Width);
}
