namespace DeepBaize.Web.Book;

/// <summary>Routes of saved positions.</summary>
public static class BookEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapBook(this IEndpointRouteBuilder routes)
    {
        var positions = routes.MapGroup("/api/positions")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
        positions.MapGet(
            "/", (string? words, int? skip, int? take, BookStore store, CancellationToken cancel) =>
                store.ListAsync(new BookQuery(words, skip, take), cancel)).WithName("ListPositions");
        positions.MapGet("/first", (BookStore store, CancellationToken cancel) => store.OpenFirstAsync(cancel))
            .WithName("FirstPosition").ProducesProblem(StatusCodes.Status404NotFound);
        positions.MapGet("/{id:guid}", (Guid id, BookStore store, CancellationToken cancel) => store.OpenAsync(id, cancel))
            .WithName("OpenPosition").ProducesProblem(StatusCodes.Status404NotFound);
        positions.MapPost("/", async (CreatePositionRequest request, BookStore store, CancellationToken cancel) =>
        {
            var created = await store.CreateAsync(request, cancel);
            return TypedResults.Created($"/api/positions/{created.Id}", created);
        }).WithName("CreatePosition").ProducesProblem(StatusCodes.Status409Conflict);
        positions.MapPut("/{id:guid}", (Guid id, SavePositionRequest request, BookStore store, CancellationToken cancel) =>
                store.SaveAsync(id, request, cancel))
            .WithName("SavePosition").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        positions.MapPut("/{id:guid}/name", (Guid id, RenamePositionRequest request, BookStore store, CancellationToken cancel) =>
                store.RenameAsync(id, request, cancel))
            .WithName("RenamePosition").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        positions.MapDelete("/{id:guid}", async (Guid id, int version, BookStore store, CancellationToken cancel) =>
        {
            await store.DeleteAsync(id, version, cancel);
            return TypedResults.NoContent();
        }).WithName("DeletePosition").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        positions.MapPost("/alike", (AlikeRequest request, BookStore store, CancellationToken cancel) => store.AlikeAsync(request, cancel))
            .WithName("FindAlike");
        MapWaysBack(positions);
    }

    private static void MapWaysBack(RouteGroupBuilder positions)
    {
        positions.MapPost("/{id:guid}/copy", (Guid id, BookStore store, CancellationToken cancel) => store.CopyAsync(id, cancel))
            .WithName("CopyPosition").ProducesProblem(StatusCodes.Status404NotFound);
        positions.MapPost("/{id:guid}/bring-back", (Guid id, BookStore store, CancellationToken cancel) => store.BringBackAsync(id, cancel))
            .WithName("BringPositionBack").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        positions.MapGet("/{id:guid}/versions", (Guid id, BookStore store, CancellationToken cancel) => store.VersionsAsync(id, cancel))
            .WithName("PositionVersions").ProducesProblem(StatusCodes.Status404NotFound);
        positions.MapPost("/{id:guid}/versions/{version:int}",
            (Guid id, int version, VersionedRequest request, BookStore store, CancellationToken cancel) =>
                store.GoBackAsync(id, version, request, cancel))
            .WithName("GoBackToVersion").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
    }
}
