using DeepBaize.Physics.Balls;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shelf;

namespace DeepBaize.Web.Exchange;

/// <summary>Routes of open files: a position as JSON or CSV, written and read, and the schema of the JSON.</summary>
public static class ExchangeEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapExchange(this IEndpointRouteBuilder routes)
    {
        var files = routes.MapGroup("/api/exchange").ProducesProblem(StatusCodes.Status400BadRequest);
        files.MapPost("/json", (ExportRequest request) => TypedResults.Text(JsonPosition.Write(request), "application/json"))
            .WithName("ExportJson").WithSummary("Writes a sheet as JSON.").Produces<string>(contentType: "application/json");
        files.MapPost("/csv", (ExportRequest request) => TypedResults.Text(CsvPosition.Write(request), "text/csv"))
            .WithName("ExportCsv").WithSummary("Writes balls, marks and state as CSV: millimetres with four decimals.")
                .Produces<string>(contentType: "text/csv");
        files.MapPost("/read", async (HttpRequest request, PacesInUse paces, CancellationToken cancel) =>
                Read(await TextFile.ReadAsync(request.Body, cancel), await paces.FindOrHouseAsync(cancel)))
            .WithName("ReadFile").WithSummary("Reads a JSON or CSV file whole; refuses it with line and field.")
                .Accepts<string>("application/octet-stream", "application/json", "text/csv", "text/plain");
        routes.MapGet("/schemas/position.json", () => TypedResults.Text(JsonPosition.SchemaText(), "application/schema+json"))
            .WithName("PositionSchema").WithSummary("The JSON Schema of a position.")
                .Produces<string>(contentType: "application/schema+json");
    }

    /// <summary>A file that begins like an object is JSON; anything else is taken for CSV.</summary>
    private static ImportResponse Read(string text, PaceScale paces) =>
        text.TrimStart() is ['{' or '[', ..] ? JsonPosition.Read(text, paces) : CsvPosition.Read(text);
}
