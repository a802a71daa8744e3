using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using DeepBaize.Data.Shelf;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Shelf;

/// <summary>Players, tables and cues as a JSON file, described by a published schema.</summary>
/// <param name="Players">Players.</param>
/// <param name="Tables">Tables.</param>
/// <param name="Cues">Cues.</param>
internal sealed record ProfileFile(
    IReadOnlyList<ShelfEntry<PlayerInput>> Players, IReadOnlyList<ShelfEntry<TableDocument>> Tables,
    IReadOnlyList<ShelfEntry<CueDocument>> Cues)
{
    private static readonly JsonFile File = new("profiles.schema.json", isPosition: false, ShelfItem.CurrentVersion);

    private static readonly JsonSerializerOptions Pretty = new(ShelfDocuments.Written)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>The text of the published schema.</summary>
    public static string SchemaText() => File.SchemaText();

    /// <summary>Writes everything that is not the house's.</summary>
    public static string Write(ShelfResponse shelf)
    {
        var file = new ProfileFile(Own(shelf.Players), Own(shelf.Tables), Own(shelf.Cues));
        var root = JsonSerializer.SerializeToNode(file, Pretty)!.AsObject();
        root.Insert(0, "$schema", "/schemas/profiles.json");
        root.Insert(1, "kind", "profiles");
        root.Insert(2, "schemaVersion", ShelfItem.CurrentVersion);
        return root.ToJsonString(Pretty) + "\n";
    }

    /// <summary>Reads a file whole.</summary>
    /// <exception cref="RefusalException">The file is wrong; line and field are named.</exception>
    public static ProfileFile Read(string text)
    {
        var root = File.Read(text);
        root.Remove("$schema");
        root.Remove("kind");
        root.Remove("schemaVersion");
        foreach (var list in new[] { "players", "tables", "cues" }) root.TryAdd(list, new System.Text.Json.Nodes.JsonArray());
        var file = root.Deserialize<ProfileFile>(ShelfDocuments.Written)!;
        try
        {
            Check("players", file.Players, ShelfDocuments.Players);
            Check("tables", file.Tables, ShelfDocuments.Tables);
            Check("cues", file.Cues, ShelfDocuments.Cues);
        }
        catch (RefusalException refusal)
        {
            throw JsonFile.WithLines(refusal, text);
        }

        return file;
    }

    private static IReadOnlyList<ShelfEntry<T>> Own<T>(IReadOnlyList<ShelfOutput<T>> items) =>
        [.. items.Where(item => !item.IsHouse).Select(item => new ShelfEntry<T>(item.Name, item.Document, item.Note))];

    private static void Check<T>(string list, IReadOnlyList<ShelfEntry<T>> entries, ShelfSort<T> sort)
    {
        for (var i = 0; i < entries.Count; i++)
        {
            try
            {
                sort.Require(entries[i].Document);
            }
            catch (RefusalException refusal)
            {
                throw RefusalException.Invalid("file", FileRefusals.Title, [.. refusal.Faults.Select(fault => fault with
                {
                    Field = fault.Field.StartsWith("document", StringComparison.Ordinal)
                        ? $"{list}[{i}].{fault.Field}" : $"{list}[{i}].document.{fault.Field}",
                })]);
            }
        }
    }
}
