using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace DeepBaize.Web.Problems;

/// <summary>
/// Reads numbers as they can mean something on a table: finite, and not so large that their squares are not. Everything else is refused
/// where it stands.
/// </summary>
internal sealed class PlainNumber : JsonConverter<double>
{
    /// <summary>Largest size of a number in a request; nothing that is asked for comes near it.</summary>
    private const double Most = 1e9;

    /// <summary>Marks what this refuses among all that is wrong with JSON.</summary>
    public const string Mark = "number";

    public override double Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType == JsonTokenType.Number && reader.TryGetDouble(out var number) && Math.Abs(number) <= Most
            ? number
            : throw new JsonException(Mark);

    public override void Write(Utf8JsonWriter writer, double value, JsonSerializerOptions options) => writer.WriteNumberValue(value);

    /// <summary>Describes numbers in the API's document, which does not look into converters.</summary>
    public static Task DescribeAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        var type = context.JsonTypeInfo.Type;
        if (IsNumber(type))
        {
            schema.Type = type == typeof(double) ? JsonSchemaType.Number : JsonSchemaType.Number | JsonSchemaType.Null;
            schema.Format = "double";
        }

        // Lists of numbers are left without the kind of their items.
        var items = context.JsonTypeInfo.ElementType;
        if (items is not null && IsNumber(items))
        {
            var number = new OpenApiSchema { Type = JsonSchemaType.Number, Format = "double" };
            if (context.JsonTypeInfo.Kind == JsonTypeInfoKind.Dictionary) schema.AdditionalProperties = number;
            else schema.Items = number;
        }

        return Task.CompletedTask;
    }

    private static bool IsNumber(Type type) => type == typeof(double) || type == typeof(double?);
}
