using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Sheets;

/// <summary>Routes of what is done to a sheet as a whole, and of the sheet that is kept.</summary>
public static class SheetEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapSheets(this IEndpointRouteBuilder routes)
    {
        var sheets = routes.MapGroup("/api/sheet").ProducesProblem(StatusCodes.Status400BadRequest);
        sheets.MapPost("/place", (PlaceRequest request) => SheetLayer.Place(request)).WithName("PlaceByWords")
            .WithSummary("Puts a ball where words say.");
        sheets.MapPost("/change", (GroupRequest request) => SheetLayer.Change(request)).WithName("ChangeBalls")
            .WithSummary("Moves, turns or mirrors several balls as one, as far as there is room.");
        sheets.MapPost("/mirror", (PositionContent content) => SheetLayer.Mirror(content)).WithName("MirrorSheet")
            .WithSummary("Mirrors balls, marks, stroke and pot along the middle of the table.");
        sheets.MapPost("/settle", (SettleRequest request) => SheetLayer.Settle(request)).WithName("SettleSheet")
            .WithSummary("Settles balls that were laid while the server was away.");
        sheets.MapPost("/state", (StateRequest request) => SheetLayer.ReadState(request)).WithName("ReadState")
            .WithSummary("Reads a state of play against the balls that are up.");
        sheets.MapPost("/set-up", (SetUpRequest request) => SetUpSheet.Measure(request)).WithName("MeasureSheet")
            .WithSummary("Measures a sheet so that it can be laid by hand.");
        MapKept(sheets.MapGroup("").ProducesProblem(StatusCodes.Status503ServiceUnavailable));
    }

    private static void MapKept(RouteGroupBuilder kept)
    {
        kept.MapGet("/", async Task<IResult> (WorkingSheetStore store, CancellationToken cancel) =>
                await store.FindAsync(cancel) is { } sheet ? TypedResults.Ok(sheet) : TypedResults.NoContent())
            .WithName("KeptSheet").Produces<WorkingSheetResponse>().Produces(StatusCodes.Status204NoContent);
        kept.MapPut("/", async (WorkingSheetRequest request, WorkingSheetStore store, CancellationToken cancel) =>
        {
            await store.KeepAsync(request, cancel);
            return TypedResults.NoContent();
        }).WithName("KeepSheet");
        kept.MapDelete("/", async (WorkingSheetStore store, CancellationToken cancel) =>
        {
            await store.ForgetAsync(cancel);
            return TypedResults.NoContent();
        }).WithName("ForgetSheet");
    }
}
