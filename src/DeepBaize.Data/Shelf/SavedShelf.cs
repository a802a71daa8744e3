using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;

namespace DeepBaize.Data.Shelf;

/// <summary>Writes the documents of the shelf and reads those of every version that this program knows.</summary>
public static class SavedShelf
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>Each brings a document of its kind and version to the next; there has been one version so far.</summary>
    private static readonly Dictionary<(ShelfKind Kind, int Version), Action<JsonObject>> Upgrades = [];

    /// <summary>A document as JSON, in the present version.</summary>
    public static string Write<T>(T document) => JsonSerializer.Serialize(document, Json);

    /// <summary>The document of a row: a <see cref="SavedPlayer"/>, <see cref="SavedTable"/> or <see cref="SavedCue"/>.</summary>
    /// <exception cref="NewerDocumentException">It was written by a newer program, or is none.</exception>
    public static T Read<T>(ShelfItem row)
    {
        ArgumentNullException.ThrowIfNull(row);
        if (row.SchemaVersion is < 1 or > ShelfItem.CurrentVersion || JsonNode.Parse(row.Document) is not JsonObject document)
            throw new NewerDocumentException(row.SchemaVersion, ShelfItem.CurrentVersion);
        for (var version = row.SchemaVersion; version < ShelfItem.CurrentVersion; version++)
            Upgrades.GetValueOrDefault((row.Kind, version))?.Invoke(document);
        return document.Deserialize<T>(Json)!;
    }
}
