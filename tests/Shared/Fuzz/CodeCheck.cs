using System.Text.Json.Nodes;

namespace DeepBaize.Tests.Fuzz;

/// <summary>Holds answers against the choices that the description names for their texts.</summary>
/// <param name="description">The document.</param>
internal sealed class CodeCheck(JsonNode description)
{
    private readonly JsonNode _schemas = description["components"]!["schemas"]!;

    /// <summary>Texts of an answer that are none of those that the description lists for them.</summary>
    /// <param name="route">Method and path as the description names them.</param>
    /// <param name="status">The status of the answer.</param>
    /// <param name="answer">What was answered; what is no JSON is let pass.</param>
    public IReadOnlyList<string> Unlisted(string route, int status, string answer)
    {
        var (method, path) = (route.Split(' ')[0].ToLowerInvariant(), route.Split(' ')[1]);
        var content = description["paths"]?[path]?[method]?["responses"]?[$"{status}"]?["content"];
        if (content?["application/json"]?["schema"] is not { } schema || !TryParse(answer, out var value)) return [];
        var found = new List<string>();
        Look(schema, value, "", found);
        return found;
    }

    private static bool TryParse(string answer, out JsonNode? value)
    {
        try
        {
            value = JsonNode.Parse(answer);
            return true;
        }
        catch (System.Text.Json.JsonException)
        {
            value = null;
            return false;
        }
    }

    private void Look(JsonNode schema, JsonNode? value, string where, List<string> found)
    {
        if (value is null) return;
        if (schema["$ref"] is { } reference)
        {
            Look(_schemas[$"{reference}".Split('/')[^1]]!, value, where, found);
            return;
        }

        foreach (var choice in schema["oneOf"] as JsonArray ?? []) Look(choice!, value, where, found);
        if (schema["enum"] is JsonArray codes && !codes.Any(code => $"{code}" == $"{value}")) found.Add($"{where} is {value}");
        if (schema["items"] is { } items && value is JsonArray list)
            foreach (var item in list) Look(items, item, where, found);
        if (value is not JsonObject thing) return;
        foreach (var (name, property) in schema["properties"] as JsonObject ?? [])
            if (thing.TryGetPropertyValue(name, out var own)) Look(property!, own, $"{where}/{name}", found);
    }
}
