using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>Says what a stroke comes to, in rows that a coach can read aloud.</summary>
internal static class RowWriter
{
    private const double WorthSaying = 0.015;
    private const double Often = 0.05;

    public static IReadOnlyList<RowOutput> Write(
        SampleSummary summary, bool hasZone, Outlook past, Outlook falls, Outlook meant, CueingAnswer cueing, CueingOutput cued)
    {
        var rows = new List<RowOutput> { new("pot", "Pot", Pot(summary), Shared.ToChance(summary.Pot), false) };
        if (hasZone)
            rows.Add(new RowOutput(
                "zone", "Potted and in the zone", $"{ChanceWords.Say(summary.Zone.Share)}.", Shared.ToChance(summary.Zone), false));
        rows.Add(new RowOutput("next", "Then on", Next(summary, meant), Shared.ToChance(summary.Next), false));
        rows.Add(new RowOutput("past", "If it runs past", Leave(past), null, !past.On.Any()));
        rows.Add(new RowOutput("short", "If it falls short", Leave(falls), null, !falls.On.Any()));
        if (summary.InOff.Share > WorthSaying)
        {
            var where = string.Join(", ", summary.InOffs.Take(2).Select(pocket => Names.Spoken(pocket.Pocket)));
            rows.Add(new RowOutput(
                "inOff", "In-off", $"{ChanceWords.Say(summary.InOff.Share)}: {where}.", Shared.ToChance(summary.InOff), true));
        }

        var contacts = summary.Contacts.Where(contact => contact.Chance.Share > Often).Take(2)
            .Select(contact => $"the {Names.Spoken(contact.Ball)} {ChanceWords.Say(contact.Chance.Share)}").ToList();
        if (contacts.Count > 0) rows.Add(new RowOutput("contacts", "The white meets", $"{Verdict.Listed(contacts)}.", null, false));
        rows.Add(new RowOutput(
            "cueing", "Reach", string.Join(" ", cued.Cautions.Prepend(cued.Words)), null, cueing.NeedsRest || !cueing.IsPossible
            || cueing.IsRaised));
        if (summary.Miscue.Share > WorthSaying)
            rows.Add(new RowOutput(
                "miscue", "Miscue", $"The tip comes outside half the ball {ChanceWords.Say(summary.Miscue.Share)}.",
                Shared.ToChance(summary.Miscue), true));
        rows.Add(new RowOutput("source", "What decides", Source(summary), null, summary.Source == ScatterSource.Table));
        return rows;
    }

    private static string Pot(SampleSummary summary)
    {
        var missed = summary switch
        {
            { Thick.Count: var thick, Thin.Count: var thin } when thick > 2 * thin && thick > 2 => ", missed thick more often than thin",
            { Thick.Count: var thick, Thin.Count: var thin } when thin > 2 * thick && thin > 2 => ", missed thin more often than thick",
            { Thick.Count: > 2, Thin.Count: > 2 } => ", missed thick or thin alike",
            _ => "",
        };
        return $"{ChanceWords.Say(summary.Pot.Share)}{missed}.";
    }

    private static string Next(SampleSummary summary, Outlook meant)
    {
        var first = meant.Pots.Count > 0 && meant.Pots[0].IsOn ? $": {ChanceWords.Say(meant.Pots[0])}" : "";
        return $"a next pot {ChanceWords.Say(summary.Next.Share)}{first}.";
    }

    private static string Leave(Outlook outlook)
    {
        if (outlook.InOff is { } pocket) return $"in-off, {Names.Spoken(pocket)}.";
        if (!outlook.IsServed) return "the ball stays up.";
        var on = outlook.On.ToList();
        if (on.Count == 0) return "nothing good is on.";
        var more = on.Select(pot => pot.Pot.Ball).Distinct().Count() - 1;
        return $"{ChanceWords.Say(on[0])}{(more > 0 ? $" and {more} more" : "")}"
            + $"{(on[0].Way > BridgeWay.Stretched ? $", with {CueingWords.Way(on[0].Way)}" : "")}.";
    }

    private static string Source(SampleSummary summary) => summary.Source switch
    {
        ScatterSource.Hands => "your hands, more than the table.",
        ScatterSource.Table => "the table, more than your hands: measure it.",
        _ => "your hands and the table alike.",
    };
}
