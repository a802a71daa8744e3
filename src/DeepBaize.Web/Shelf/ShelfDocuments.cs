using DeepBaize.Data.Shelf;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Players;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Shelf;

/// <summary>One kind of thing on the shelf: how its documents are written, checked, and which of them belong to the house.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="What">What one is called, with its article.</param>
/// <param name="Check">Refuses a document that cannot be.</param>
/// <param name="Write">The document as it is kept.</param>
/// <param name="Read">The document of a row.</param>
/// <param name="House">Those of the house.</param>
internal sealed record ShelfSort<TDocument>(
    ShelfKind Kind, string What, Action<TDocument> Check, Func<TDocument, string> Write, Func<ShelfItem, TDocument> Read,
    IReadOnlyList<ShelfOutput<TDocument>> House)
{
    /// <summary>Refuses a document that is missing or cannot be.</summary>
    /// <exception cref="RefusalException">It is one of these.</exception>
    public void Require(TDocument? document)
    {
        if (document is null)
            throw RefusalException.Invalid("document", "document", BookRefusals.Nothing(What));
        Check(document);
    }
}

/// <summary>The kinds of things on the shelf.</summary>
internal static class ShelfDocuments
{
    /// <summary>Players.</summary>
    public static ShelfSort<PlayerInput> Players { get; } = new(
        ShelfKind.Player, "player", document => PlayerReader.Read(document, field: "document"),
        player => SavedShelf.Write(SavedMapper.ToSaved(player)), row => SavedMapper.ToInput(SavedShelf.Read<SavedPlayer>(row)),
        [.. HousePlayers.All.Select(player => House(player.Name, player.Name, ShelfWords.About(player), new PlayerInput(player.Name)))]);

    /// <summary>Tables.</summary>
    public static ShelfSort<TableDocument> Tables { get; } = new(
        ShelfKind.Table, "table", Check,
        table => SavedShelf.Write(SavedMapper.ToSaved(table)), row => SavedMapper.ToInput(SavedShelf.Read<SavedTable>(row)),
        [.. HouseProfiles.All.Select(table => House(
            table.Id, ProfileWords.Name(table), ProfileWords.About(table), new TableDocument(table.Id)))]);

    /// <summary>Cues.</summary>
    public static ShelfSort<CueDocument> Cues { get; } = new(
        ShelfKind.Cue, "cue", Check,
        cue => SavedShelf.Write(SavedMapper.ToSaved(cue)), row => SavedMapper.ToInput(SavedShelf.Read<SavedCue>(row)),
        [House("house", ShelfWords.HouseCue, ShelfWords.AboutHouseCue, new CueDocument())]);

    private static ShelfOutput<T> House<T>(string id, string name, string about, T document) =>
        new(id, name, about, 0, false, true, document);

    private static void Check(TableDocument table)
    {
        if (table.Coefficients?.Cue is not null)
            throw RefusalException.Invalid("table", "document.coefficients.cue", BookRefusals.TableWithCue);
        ConditionsReader.Read(ConditionsReader.Find(table.Profile), table.Coefficients);
    }

    private static void Check(CueDocument cue) => ConditionsReader.Read(
        HouseProfiles.Club, new CoefficientsInput(Cue: new CueInput(cue.Mass, cue.EndMassRatio, cue.MaxSpeed)));
}
