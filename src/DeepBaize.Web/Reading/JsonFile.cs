using System.Text.Json;
using System.Text.Json.Nodes;
using DeepBaize.Web.Problems;
using Newtonsoft.Json.Linq;
using NJsonSchema;
using NJsonSchema.Validation;

namespace DeepBaize.Web.Reading;

/// <summary>A kind of JSON file with a published schema: read strictly, with line and field of everything that is wrong.</summary>
/// <param name="resource">Name of the embedded schema.</param>
/// <param name="what">What such a file holds, with its article.</param>
/// <param name="currentVersion">The newest version that is known.</param>
internal sealed class JsonFile(string resource, string what, int currentVersion)
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
            throw FileFault.At(0, "schemaVersion", $"The file is of version {version}; this program reads up to {currentVersion}.");
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
                ?? throw FileFault.At(1, "", $"{what} is a JSON object.");
        }
        catch (JsonException bad)
        {
            var line = (int)(bad.LineNumber ?? 0) + 1;
            throw FileFault.At(line, "",
                bad.Message.Contains("uplicate", StringComparison.Ordinal)
                ? "A name stands twice in one object." : "This is no JSON, or it breaks off here.");
        }
    }

    private void RequireSchema(string text)
    {
        var errors = _schema.Value.Validate(text);
        if (errors.Count == 0) return;
        throw RefusalException.Invalid(
            "file", "A file that cannot be taken",
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

    private static int LineOf(JToken root, string field)
    {
        for (var path = field; path.Length > 0; path = path.Contains('.', StringComparison.Ordinal) ? path[..path.LastIndexOf('.')] : "")
        {
            if (root.SelectToken(path) is Newtonsoft.Json.IJsonLineInfo info && info.HasLineInfo()) return info.LineNumber;
        }

        return 0;
    }
}
