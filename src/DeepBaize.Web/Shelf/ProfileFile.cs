using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using DeepBaize.Web.Formats;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Shelf;

/// <summary>Writes and reads players, tables and cues as a JSON file, described by a published schema.</summary>
internal static class ProfileFile
{
    private static readonly JsonFile File = new("profiles.schema.json", isPosition: false, FileProfiles.CurrentVersion);

    private static readonly JsonSerializerOptions Pretty = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    };

    /// <summary>The text of the published schema.</summary>
    public static string SchemaText() => File.SchemaText();

    /// <summary>Writes everything that is not the house's.</summary>
    public static string Write(ShelfResponse shelf)
    {
        var file = new FileProfiles(
            Own(shelf.Players, FormatMapper.ToFile), Own(shelf.Tables, FormatMapper.ToFile), Own(shelf.Cues, FormatMapper.ToFile));
        var root = JsonSerializer.SerializeToNode(file, Pretty)!.AsObject();
        root.Insert(0, "$schema", "/schemas/profiles.json");
        root.Insert(1, "kind", "profiles");
        root.Insert(2, "schemaVersion", FileProfiles.CurrentVersion);
        return root.ToJsonString(Pretty) + "\n";
    }

    /// <summary>Reads a file whole.</summary>
    /// <exception cref="RefusalException">The file is wrong; line and field are named.</exception>
    public static FileProfiles Read(string text)
    {
        var root = File.Read(text);
        foreach (var head in new[] { "$schema", "kind", "schemaVersion" }) root.Remove(head);
        foreach (var list in new[] { "players", "tables", "cues" }) root.TryAdd(list, new JsonArray());
        var file = root.Deserialize<FileProfiles>(Pretty)!;
        try
        {
            Check("players", file.Players, ShelfDocuments.Players, FormatMapper.ToInput);
            Check("tables", file.Tables, ShelfDocuments.Tables, FormatMapper.ToInput);
            Check("cues", file.Cues, ShelfDocuments.Cues, FormatMapper.ToInput);
        }
        catch (RefusalException refusal)
        {
            throw JsonFile.WithLines(refusal, text);
        }

        return file;
    }

    private static IReadOnlyList<FileEntry<TFile>> Own<T, TFile>(IReadOnlyList<ShelfOutput<T>> items, Func<T, TFile> write) =>
        [.. items.Where(item => !item.IsHouse).Select(item => new FileEntry<TFile>(item.Name, write(item.Document), item.Note))];

    private static void Check<T, TFile>(string list, IReadOnlyList<FileEntry<TFile>> entries, ShelfSort<T> sort, Func<TFile, T> read)
        where T : class
    {
        for (var i = 0; i < entries.Count; i++)
        {
            try
            {
                sort.Require(entries[i].Document is { } document ? read(document) : null);
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
