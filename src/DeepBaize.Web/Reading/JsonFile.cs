using System.Text.Json;
using System.Text.Json.Nodes;
using DeepBaize.Web.Problems;
using DeepBaize.Words.Refusals;
using NJsonSchema;
using NJsonSchema.Validation;
using Newtonsoft.Json.Linq;

namespace DeepBaize.Web.Reading;

/// <summary>A kind of JSON file with a published schema: read strictly, with line and field of everything that is wrong.</summary>
/// <param name="resource">Name of the embedded schema.</param>
/// <param name="isPosition">True for a file of a position, false for one of profiles.</param>
/// <param name="currentVersion">The newest version that is known.</param>
internal sealed class JsonFile(string resource, bool isPosition, int currentVersion)
{
    private readonly Lazy<JsonSchema> _schema = new(() => JsonSchema.FromJsonAsync(TextOf(resource)).GetAwaiter().GetResult());

    /// <summary>The text of the published schema.</summary>
    public string SchemaText() => TextOf(resource);

    /// <summary>Reads a text that is as the schema says, of any version that is known.</summary>
    /// <exception cref="RefusalException">It is not; line and field are named.</exception>
    public JsonObject Read(string text)
    {
        var root = Parse(text);
        if (root["schemaVersion"] is JsonValue value && value.TryGetValue<int>(out var version) && version > currentVersion)
            throw FileFault.At(0, "schemaVersion", FileRefusals.Newer(version, currentVersion));
        RequireSchema(text);
        return root;
    }

    /// <summary>The same refusal with the lines of its fields said.</summary>
    public static RefusalException WithLines(RefusalException refusal, string text)
    {
        var lines = JToken.Parse(text, new JsonLoadSettings { LineInfoHandling = LineInfoHandling.Load });
        return FileFault.WithLines(refusal, field => LineOf(lines, field));
    }

    private static string TextOf(string resource)
    {
        using var stream = typeof(JsonFile).Assembly.GetManifestResourceStream(resource)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    private JsonObject Parse(string text)
    {
        try
        {
            return JsonNode.Parse(text, null, new JsonDocumentOptions { AllowDuplicateProperties = false }) as JsonObject
                ?? throw FileFault.At(1, "", FileRefusals.NotAnObject(isPosition));
        }
        catch (JsonException bad)
        {
            var line = (int)(bad.LineNumber ?? 0) + 1;
            var isTwice = bad.Message.Contains("uplicate", StringComparison.Ordinal);
            throw FileFault.At(line, "", isTwice ? FileRefusals.NameTwice : FileRefusals.NoJson);
        }
    }

    private void RequireSchema(string text)
    {
        var errors = _schema.Value.Validate(text);
        if (errors.Count == 0) return;
        throw RefusalException.Invalid(
            "file", FileRefusals.Title,
            [.. errors.SelectMany(Innermost).Take(20).Select(error => FileFault.Fault(error.LineNumber, FieldOf(error), Say(error)))]);
    }

    /// <summary>A list or an object that is wrong says so only as a whole; what is wrong lies within.</summary>
    private static IEnumerable<ValidationError> Innermost(ValidationError error) =>
        error is ChildSchemaValidationError { Errors.Count: > 0 } whole
            ? whole.Errors.Values.SelectMany(inner => inner).SelectMany(Innermost) : [error];

    private static string FieldOf(ValidationError error) =>
        (error.Path ?? "").TrimStart('#', '/').Replace('/', '.').Replace(".[", "[", StringComparison.Ordinal);

    private static string Say(ValidationError error) => error.Kind switch
    {
        ValidationErrorKind.PropertyRequired => FileRefusals.Missing,
        ValidationErrorKind.NoAdditionalPropertiesAllowed => FileRefusals.Unknown,
        ValidationErrorKind.NumberExpected or ValidationErrorKind.IntegerExpected => FileRefusals.NoNumber,
        ValidationErrorKind.StringExpected => FileRefusals.NoString,
        ValidationErrorKind.BooleanExpected => FileRefusals.NoBoolean,
        ValidationErrorKind.ArrayExpected => FileRefusals.NoList,
        ValidationErrorKind.ObjectExpected => FileRefusals.NoObject,
        ValidationErrorKind.TooManyItems or ValidationErrorKind.TooFewItems => FileRefusals.ListLength,
        ValidationErrorKind.NumberTooBig or ValidationErrorKind.NumberTooSmall => FileRefusals.NumberRange,
        ValidationErrorKind.StringTooLong => FileRefusals.TextLength,
        ValidationErrorKind.PatternMismatch or ValidationErrorKind.NotInEnumeration => FileRefusals.NoChoice,
        _ => FileRefusals.NotAsSchema,
    };

    private static int LineOf(JToken root, string field)
    {
        for (var path = field; path.Length > 0; path = path.Contains('.', StringComparison.Ordinal) ? path[..path.LastIndexOf('.')] : "")
        {
            if (root.SelectToken(path) is Newtonsoft.Json.IJsonLineInfo info && info.HasLineInfo()) return info.LineNumber;
        }

        return 0;
    }
}
