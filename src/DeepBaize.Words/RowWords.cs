using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;

namespace DeepBaize.Words;

/// <summary>What a row about a stroke tells.</summary>
public enum RowKind
{
    /// <summary>How often the ball drops.</summary>
    Pot,

    /// <summary>How often it does and the white stops in the zone.</summary>
    Zone,

    /// <summary>How often another pot is on then.</summary>
    Next,

    /// <summary>What is left when the white runs too far.</summary>
    RunsPast,

    /// <summary>What is left when the white falls short.</summary>
    FallsShort,

    /// <summary>How often the white goes in off.</summary>
    InOff,

    /// <summary>Which balls the white meets.</summary>
    Contacts,

    /// <summary>How the player stands for it.</summary>
    Cueing,

    /// <summary>How often the tip slips.</summary>
    Miscue,

    /// <summary>Whether the hands or the table decide.</summary>
    Source,

    /// <summary>How many reds are shut in before and after.</summary>
    Pack,

    /// <summary>What is left when it is missed.</summary>
    Miss,

    /// <summary>How often the opponent scores next.</summary>
    TheyScore,

    /// <summary>How often it is foul, and what that costs.</summary>
    Foul,

    /// <summary>Whether to begin, when the last black is put on its spot again.</summary>
    Toss,

    /// <summary>How often the frame is won.</summary>
    Frame,

    /// <summary>What it is worth to both sides.</summary>
    BothSides,

    /// <summary>What is snookered, and by what.</summary>
    Snookered,

    /// <summary>How exact a way must be, and at which paces it is the same.</summary>
    Exact,

    /// <summary>What a mirror says of it.</summary>
    Mirror,

    /// <summary>The same way as soft as it goes.</summary>
    Soft,

    /// <summary>How the other side gets out of a snooker that is laid.</summary>
    TheirWay,
}

/// <summary>Says, row by row, what a stroke comes to in a player's hands.</summary>
public static class RowWords
{
    /// <summary>What a row is about.</summary>
    /// <param name="kind">Its kind.</param>
    public static string Label(RowKind kind) => kind switch
    {
        RowKind.Pot => "Pot",
        RowKind.Zone => "Potted and in the zone",
        RowKind.Next => "Then on",
        RowKind.RunsPast => "If it runs past",
        RowKind.FallsShort => "If it falls short",
        RowKind.InOff => "In-off",
        RowKind.Contacts => "The white meets",
        RowKind.Cueing => "Reach",
        RowKind.Miscue => "Miscue",
        RowKind.Source => "What decides",
        RowKind.Pack => "Tied up",
        RowKind.Miss => "If it is missed",
        RowKind.TheyScore => "Then the other side",
        RowKind.Foul => "Foul",
        RowKind.Toss => "If you win the toss",
        RowKind.Frame => "The frame",
        RowKind.BothSides => "Both sides",
        RowKind.Snookered => "What shows",
        RowKind.Exact => "How exact",
        RowKind.Mirror => "As in a mirror",
        RowKind.Soft => "As soft as it goes",
        RowKind.TheirWay => "Their way out",
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "Unknown row."),
    };

    /// <summary>How often the ball drops, and how it is missed.</summary>
    public static string Pot(SampleSummary summary)
    {
        ArgumentNullException.ThrowIfNull(summary);
        var missed = summary switch
        {
            { Thick.Count: var thick, Thin.Count: var thin } when thick > 2 * thin && thick > 2 => ", missed thick more often than thin",
            { Thick.Count: var thick, Thin.Count: var thin } when thin > 2 * thick && thin > 2 => ", missed thin more often than thick",
            { Thick.Count: > 2, Thin.Count: > 2 } => ", missed thick or thin alike",
            _ => "",
        };
        return $"{ChanceWords.Say(summary.Pot.Share)}{missed}.";
    }

    /// <summary>How often it is potted and stops in the zone.</summary>
    public static string Zone(SampleSummary summary)
    {
        ArgumentNullException.ThrowIfNull(summary);
        return $"{ChanceWords.Say(summary.Zone.Share)}.";
    }

    /// <summary>How often another pot is on then, and which is likeliest when it goes as meant.</summary>
    /// <param name="summary">What was sampled.</param>
    /// <param name="meant">What is left when it goes as meant.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Next(SampleSummary summary, LeaveReading meant, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(summary);
        ArgumentNullException.ThrowIfNull(meant);
        var first = meant.Pots.Count > 0 && meant.Pots[0].IsOn ? $": {ChanceWords.Say(meant.Pots[0], names)}" : "";
        return summary.Next.Share < ChanceWords.Never ? "nothing on next." : $"a next pot {ChanceWords.Say(summary.Next.Share)}{first}.";
    }

    /// <summary>What is left.</summary>
    /// <param name="leave">What is left.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Leave(LeaveReading leave, BallNames names)
    {
        ArgumentNullException.ThrowIfNull(leave);
        if (leave.InOff is { } pocket) return $"in-off, {NameWords.Of(pocket)}.";
        if (!leave.IsServed) return "the ball stays up.";
        var on = leave.On.ToList();
        if (on.Count == 0) return "nothing good is on.";
        var more = on.Select(pot => pot.Pot.Ball).Distinct().Count() - 1;
        return $"{ChanceWords.Say(on[0], names)}{(more > 0 ? $" and {more} more" : "")}"
            + $"{(on[0].Way > BridgeWay.Stretched ? $", with {CueingWords.Way(on[0].Way)}" : "")}.";
    }

    /// <summary>How often it goes in off, and where.</summary>
    public static string InOff(SampleSummary summary)
    {
        ArgumentNullException.ThrowIfNull(summary);
        var where = string.Join(", ", summary.InOffs.Take(2).Select(pocket => NameWords.Of(pocket.Pocket)));
        return $"{ChanceWords.Say(summary.InOff.Share)}: {where}.";
    }

    /// <summary>Which balls the white meets.</summary>
    /// <param name="contacts">Balls and how often each is met.</param>
    /// <param name="names">What the balls are called.</param>
    public static string Contacts(IEnumerable<(BallId Ball, Chance Chance)> contacts, BallNames names) =>
        $"{Verdict.Listed([.. contacts.Select(one => $"{names.The(one.Ball)} {ChanceWords.Say(one.Chance.Share)}")])}.";

    /// <summary>How often the tip slips.</summary>
    public static string Miscue(Chance chance) => $"The tip comes outside half the ball {ChanceWords.Say(chance.Share)}.";

    /// <summary>Whether the hands or the table decide.</summary>
    public static string Source(ScatterSource source) => source switch
    {
        ScatterSource.Hands => "your hands, more than the table.",
        ScatterSource.Table => "the table, more than your hands: measure it.",
        _ => "your hands and the table alike.",
    };
}
