using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace DeepBaize.Web.Mapping;

/// <summary>
/// Says which codes a text of a request or an answer may be: those of an enumeration, or these. The API's document lists them, so that
/// clients know the choice; requests are read by hand, so that an unknown code is refused with a sentence.
/// </summary>
[AttributeUsage(AttributeTargets.Parameter)]
internal sealed class CodesAttribute : Attribute
{
    /// <summary>The values of an enumeration, as <see cref="Shared.Code{T}"/> names them.</summary>
    public CodesAttribute(Type choice) => Codes = [.. Enum.GetNames(choice).Select(JsonNamingPolicy.CamelCase.ConvertName)];

    /// <summary>Codes that no enumeration has.</summary>
    public CodesAttribute(params string[] codes) => Codes = codes;

    /// <summary>The codes.</summary>
    public IReadOnlyList<string> Codes { get; }

    /// <summary>Lists the codes in the API's document.</summary>
    public static Task DescribeAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        if (Of(context.JsonPropertyInfo) is not { } codes) return Task.CompletedTask;
        schema.Enum = [.. codes.Select(code => (JsonNode)code)];
        if (schema.Type?.HasFlag(JsonSchemaType.Null) == true) schema.Enum.Add(JsonNullSentinel.JsonNull);
        return Task.CompletedTask;
    }

    private static IReadOnlyList<string>? Of(JsonPropertyInfo? property) =>
        property?.AssociatedParameter?.AttributeProvider?.GetCustomAttributes(typeof(CodesAttribute), inherit: false)
            is [CodesAttribute found, ..] ? found.Codes : null;
}
