using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>Says what a stroke comes to, in rows that a coach can read aloud.</summary>
internal static class RowWriter
{
    private const double WorthSaying = 0.015;
    private const double Often = 0.05;

    public static IReadOnlyList<RowOutput> Write(
        SampleSummary summary, bool hasZone, LeaveReading past, LeaveReading falls, LeaveReading meant, CueingAnswer cueing,
        CueingOutput cued, BallNames names)
    {
        var rows = new List<RowOutput> { Row(RowKind.Pot, RowWords.Pot(summary), summary.Pot) };
        if (hasZone) rows.Add(Row(RowKind.Zone, RowWords.Zone(summary), summary.Zone));
        // After the last ball nothing is to follow.
        if (!meant.IsOver) rows.Add(Row(RowKind.Next, RowWords.Next(summary, meant, names), summary.Next));
        if (!past.IsOver) rows.Add(Row(RowKind.RunsPast, RowWords.Leave(past, names), null, !past.On.Any()));
        if (!falls.IsOver) rows.Add(Row(RowKind.FallsShort, RowWords.Leave(falls, names), null, !falls.On.Any()));
        if (summary.InOff.Share > WorthSaying) rows.Add(Row(RowKind.InOff, RowWords.InOff(summary), summary.InOff, true));
        var contacts = summary.Contacts.Where(contact => contact.Chance.Share > Often).Take(2).ToList();
        if (contacts.Count > 0) rows.Add(Row(RowKind.Contacts, RowWords.Contacts(contacts, names)));
        rows.Add(Row(
            RowKind.Cueing, string.Join(" ", cued.Cautions.Prepend(cued.Words)), null,
            cueing.NeedsRest || !cueing.IsPossible || cueing.IsRaised));
        if (summary.Miscue.Share > WorthSaying) rows.Add(Row(RowKind.Miscue, RowWords.Miscue(summary.Miscue), summary.Miscue, true));
        rows.Add(Row(RowKind.Source, RowWords.Source(summary.Source), null, summary.Source == ScatterSource.Table));
        return rows;
    }

    /// <summary>A row with its label.</summary>
    public static RowOutput Row(RowKind kind, string words, Chance? chance = null, bool isWarning = false) =>
        new(Shared.Code(kind), RowWords.Label(kind), words, chance is { } told ? Shared.ToChance(told) : null, isWarning);
}
