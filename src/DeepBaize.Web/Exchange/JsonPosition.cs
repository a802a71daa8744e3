using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using DeepBaize.Data.Positions;
using DeepBaize.Physics.Balls;
using DeepBaize.Web.Book;
using DeepBaize.Web.Formats;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Exchange;

/// <summary>A position as a JSON file, described by a published schema. Written and read again it is the same byte for byte.</summary>
internal static class JsonPosition
{
    private static readonly JsonSerializerOptions Written = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        AllowOutOfOrderMetadataProperties = true,
    };

    private static readonly JsonFile File = new("position.schema.json", isPosition: true, FilePosition.CurrentVersion);

    /// <summary>The text of the published schema.</summary>
    public static string SchemaText() => File.SchemaText();

    /// <summary>Writes a sheet.</summary>
    public static string Write(ExportRequest request)
    {
        var position = FormatMapper.ToFile(PositionReader.Read(request)) with { SchemaVersion = FilePosition.CurrentVersion };
        var file = new JsonObject
        {
            ["$schema"] = "/schemas/position.json",
            ["kind"] = "position",
            ["name"] = request.Name ?? "",
            ["note"] = request.Note ?? "",
            ["tags"] = new JsonArray([.. (request.Tags ?? []).Select(tag => JsonValue.Create(tag))]),
        };
        foreach (var (name, value) in JsonSerializer.SerializeToNode(position, Written)!.AsObject()) file[name] = value?.DeepClone();
        return file.ToJsonString(Written) + "\n";
    }

    /// <summary>Reads a file of any version that this program knows.</summary>
    /// <exception cref="RefusalException">The file is wrong; line and field are named.</exception>
    public static ImportResponse Read(string text, PaceScale paces)
    {
        var root = File.Read(text);
        try
        {
            RequireIntent(root);
            var document = FormatMapper.ToSaved(Position(root)) with { SchemaVersion = PositionDocument.CurrentVersion };
            var content = PositionReader.Read(
                PositionReader.ToContent(document, paces) with { Profile = document.Profile }, document.Contacts ?? []);
            return new ImportResponse(Text(root, "name"), Text(root, "note"), Tags(root), PositionReader.ToContent(content, paces));
        }
        catch (RefusalException refusal)
        {
            throw JsonFile.WithLines(refusal, text);
        }
    }

    /// <summary>
    /// The position of a file. Up to version 7 files had the shape of kept documents and are brought up to date as those are.
    /// </summary>
    private static FilePosition Position(JsonObject root)
    {
        var position = PositionUpgrades.ToVersion(root.DeepClone().AsObject(), FilePosition.CurrentVersion);
        foreach (var head in new[] { "$schema", "kind", "name", "note", "tags" }) position.Remove(head);
        try
        {
            var read = position.Deserialize<FilePosition>(Written)!;
            return read with { Contacts = read.Contacts ?? [], Profile = read.Profile ?? PositionDocument.ClubProfile };
        }
        catch (JsonException bad)
        {
            // All else is as the schema says.
            throw RefusalException.Invalid("setting", "setting", BookRefusals.Setting(bad.Path?.TrimStart('$', '.')));
        }
    }

    /// <summary>What each kind of intent needs: the schema names only what any of them may have.</summary>
    private static void RequireIntent(JsonObject root)
    {
        if (root["intent"] is not JsonObject intent) return;
        string[] needed = $"{intent["kind"]}" switch
        {
            "pot" => ["ball", "pocket", "part", "keep"],
            "hit" => ["ball"],
            _ => ["x", "y", "within"],
        };
        if (needed.FirstOrDefault(name => !intent.ContainsKey(name)) is { } missing)
            throw RefusalException.Invalid(
                "file", FileRefusals.Title,
                new Fault("intent", null, "missing", FileRefusals.At(0, $"intent.{missing}", FileRefusals.Missing)));
    }

    private static string Text(JsonObject root, string name) => root[name]?.GetValue<string>() ?? "";

    private static IReadOnlyList<string> Tags(JsonObject root) =>
        root["tags"] is JsonArray tags ? [.. tags.Select(tag => tag!.GetValue<string>())] : [];
}
