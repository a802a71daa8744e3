using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using DeepBaize.Data.Positions;
using DeepBaize.Web.Layouts;
using DeepBaize.Web.Problems;
using Newtonsoft.Json.Linq;
using NJsonSchema;
using NJsonSchema.Validation;

namespace DeepBaize.Web.Exchange;

/// <summary>A position as a JSON file, described by a published schema. Written and read again it is the same byte for byte.</summary>
internal static class JsonPosition
{
    private static readonly JsonSerializerOptions Written = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly Lazy<JsonSchema> Schema = new(() => JsonSchema.FromJsonAsync(SchemaText()).GetAwaiter().GetResult());

    /// <summary>The text of the published schema.</summary>
    public static string SchemaText()
    {
        using var stream = typeof(JsonPosition).Assembly.GetManifestResourceStream("position.schema.json")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    /// <summary>Writes a sheet.</summary>
    public static string Write(ExportRequest request)
    {
        var document = JsonSerializer.SerializeToNode(PositionReader.Read(request), Written)!.AsObject();
        var file = new JsonObject
        {
            ["$schema"] = "/schemas/position.json",
            ["kind"] = "position",
            ["name"] = request.Name ?? "",
            ["note"] = request.Note ?? "",
            ["tags"] = new JsonArray([.. (request.Tags ?? []).Select(tag => JsonValue.Create(tag))]),
        };
        foreach (var (name, value) in document) file[name] = value?.DeepClone();
        return file.ToJsonString(Written) + "\n";
    }

    /// <summary>Reads a file of any version that this program knows.</summary>
    /// <exception cref="RefusalException">The file is wrong; line and field are named.</exception>
    public static ImportResponse Read(string text)
    {
        var root = Parse(text);
        var lines = JToken.Parse(text, new JsonLoadSettings { LineInfoHandling = LineInfoHandling.Load });
        RequireVersion(root);
        RequireSchema(text);
        try
        {
            var document = PositionDocument.Read(text);
            var content = PositionReader.Read(PositionReader.ToContent(document) with { Profile = document.Profile }, document.Contacts ?? []);
            return new ImportResponse(Text(root, "name"), Text(root, "note"), Tags(root), PositionReader.ToContent(content));
        }
        catch (RefusalException refusal)
        {
            throw FileFault.WithLines(refusal, field => LineOf(lines, field));
        }
    }

    private static JsonObject Parse(string text)
    {
        try
        {
            return JsonNode.Parse(text, null, new JsonDocumentOptions { AllowDuplicateProperties = false }) as JsonObject ?? throw FileFault.At(1, "", "A position is a JSON object.");
        }
        catch (JsonException bad)
        {
            var line = (int)(bad.LineNumber ?? 0) + 1;
            throw FileFault.At(line, "", bad.Message.Contains("uplicate", StringComparison.Ordinal) ? "A name stands twice in one object." : "This is no JSON, or it breaks off here.");
        }
    }

    private static void RequireVersion(JsonObject root)
    {
        if (root["schemaVersion"] is JsonValue value && value.TryGetValue<int>(out var version) && version > PositionDocument.CurrentVersion)
            throw FileFault.At(0, "schemaVersion", $"The file is of version {version}; this program reads up to {PositionDocument.CurrentVersion}.");
    }

    private static void RequireSchema(string text)
    {
        var errors = Schema.Value.Validate(text);
        if (errors.Count == 0) return;
        throw RefusalException.Invalid(
            "file", "A file that cannot be taken", [.. errors.SelectMany(Innermost).Take(20).Select(error => FileFault.Fault(error.LineNumber, FieldOf(error), Say(error)))]);
    }

    /// <summary>A list or an object that is wrong says so only as a whole; what is wrong lies within.</summary>
    private static IEnumerable<ValidationError> Innermost(ValidationError error) =>
        error is ChildSchemaValidationError { Errors.Count: > 0 } whole ? whole.Errors.Values.SelectMany(inner => inner).SelectMany(Innermost) : [error];

    private static string FieldOf(ValidationError error) => (error.Path ?? "").TrimStart('#', '/').Replace('/', '.').Replace(".[", "[", StringComparison.Ordinal);

    private static string Say(ValidationError error) => error.Kind switch
    {
        ValidationErrorKind.PropertyRequired => "this is missing.",
        ValidationErrorKind.NoAdditionalPropertiesAllowed => "nothing of this name belongs here.",
        ValidationErrorKind.NumberExpected or ValidationErrorKind.IntegerExpected => "a number belongs here.",
        ValidationErrorKind.StringExpected => "a text belongs here.",
        ValidationErrorKind.BooleanExpected => "true or false belongs here.",
        ValidationErrorKind.ArrayExpected => "a list belongs here.",
        ValidationErrorKind.ObjectExpected => "an object belongs here.",
        ValidationErrorKind.TooManyItems or ValidationErrorKind.TooFewItems => "the list is too long or too short.",
        ValidationErrorKind.NumberTooBig or ValidationErrorKind.NumberTooSmall => "the number is out of range.",
        ValidationErrorKind.StringTooLong => "the text is too long.",
        ValidationErrorKind.PatternMismatch or ValidationErrorKind.NotInEnumeration => "this is none of the words that belong here.",
        _ => "this is not as the schema says.",
    };

    private static string Text(JsonObject root, string name) => root[name]?.GetValue<string>() ?? "";

    private static IReadOnlyList<string> Tags(JsonObject root) =>
        root["tags"] is JsonArray tags ? [.. tags.Select(tag => tag!.GetValue<string>())] : [];

    private static int LineOf(JToken root, string field)
    {
        for (var path = field; path.Length > 0; path = path.Contains('.', StringComparison.Ordinal) ? path[..path.LastIndexOf('.')] : "")
        {
            if (root.SelectToken(path) is Newtonsoft.Json.IJsonLineInfo info && info.HasLineInfo()) return info.LineNumber;
        }

        return 0;
    }
}
