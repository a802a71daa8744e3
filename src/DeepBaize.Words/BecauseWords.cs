using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>
/// Why the white goes where it goes, from what it met, in the order in which it met it: how it arrives at its first ball, cushions each
/// once, jaws by their pocket, and the balls that it runs into. What does not fit one line is left to the list of contacts.
/// </summary>
internal static class BecauseWords
{
    /// <summary>Most letters of the sentence: one line below the table.</summary>
    private const int Most = 118;

    /// <summary>The sentence.</summary>
    /// <param name="outcome">What came of the stroke.</param>
    /// <param name="record">Everything that happened.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Of(ShotOutcome outcome, ShotRecord record, PlayingConditions conditions, BallNames names)
    {
        var parts = Parts(outcome, record, conditions, names);
        if (parts.Count == 0) return "Because the white meets nothing on its way.";
        while (parts.Count > 1 && Say(parts).Length > Most) parts.RemoveAt(parts.Count - 1);
        return Say(parts);
    }

    private static string Say(IReadOnlyList<string> parts) => $"Because the white {Verdict.Listed(parts)}.";

    private static List<string> Parts(ShotOutcome outcome, ShotRecord record, PlayingConditions conditions, BallNames names)
    {
        var parts = new List<string>();
        var rubber = new List<string>();
        var met = new HashSet<BallId>();
        var over = outcome.Passed.Where(passed => passed.Moment == PassMoment.BeforeContact && passed.ToFarSide)
            .Select(passed => names.The(passed.Ball)).Distinct().ToList();
        if (over.Count > 0) parts.Add($"flies over {Verdict.Listed(over)}");
        foreach (var told in record.Events.Where(told => !told.Trembles && told.Balls.Any(ball => ball.Ball == BallId.Cue)))
        {
            switch (told.Kind)
            {
                case ShotEventKind.Cushion: rubber.Add(NameWords.Of(told.Cushion!.Value)); break;
                case ShotEventKind.Jaw: rubber.Add($"a jaw of the {NameWords.Of(told.Pocket!.Value)}"); break;
                case ShotEventKind.Ball:
                    var other = told.Balls[0].Ball == BallId.Cue ? told.Balls[1].Ball : told.Balls[0].Ball;
                    if (!met.Add(other)) break;
                    Close();
                    var name = names.The(other);
                    parts.Add(met.Count == 1 && outcome.FirstContact is { } first
                        ? $"{Arrival(first.White, conditions.Balls.Radius)} when it meets {name}" : $"runs into {name}");
                    break;
            }
        }

        Close();
        return parts;

        void Close()
        {
            if (rubber.Count > 0) parts.Add($"comes off {Rubber([.. rubber.Distinct()])}");
            rubber.Clear();
        }
    }

    /// <summary>"the top and yellow side cushions and a jaw of the yellow pocket": the word for cushions once, each of them once.</summary>
    private static string Rubber(IReadOnlyList<string> met)
    {
        const string cushion = " cushion";
        var cushions = met.Where(name => name.EndsWith(cushion, StringComparison.Ordinal)).Select(name => name[..^cushion.Length]).ToList();
        var jaws = met.Where(name => !name.EndsWith(cushion, StringComparison.Ordinal)).ToList();
        if (cushions.Count > 0) jaws.Insert(0, $"the {Verdict.Listed(cushions)}{cushion}{(cushions.Count > 1 ? "s" : "")}");
        return Verdict.Listed(jaws);
    }

    /// <summary>What the white does on arrival, from its spin against the rolling rate along its path.</summary>
    private static string Arrival(in BallState white, double radius)
    {
        var height = white.Position.Z - radius;
        if (height > Flight.BedHeight) return $"is {1000 * height:0} mm off the bed";
        return SpinOf.Roll(white, radius) switch
        {
            > 1.05 => "carries more topspin than a rolling ball",
            > 0.9 => "rolls",
            > 0.15 => "still slides with a little topspin",
            > -0.15 => "slides without spin",
            > -0.6 => "still carries back-spin",
            _ => "carries strong back-spin",
        };
    }

}
