namespace DeepBaize.Web.Layouts;

/// <summary>Routes of saved positions.</summary>
public static class LayoutEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapLayouts(this IEndpointRouteBuilder routes)
    {
        var layouts = routes.MapGroup("/api/layouts")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
        layouts.MapGet(
            "/", (string? words, int? skip, int? take, LayoutStore store, CancellationToken cancel) =>
                store.ListAsync(new LayoutQuery(words, skip, take), cancel)).WithName("ListLayouts");
        layouts.MapGet("/{id:guid}", (Guid id, LayoutStore store, CancellationToken cancel) => store.OpenAsync(id, cancel))
            .WithName("OpenLayout").ProducesProblem(StatusCodes.Status404NotFound);
        layouts.MapPost("/", async (CreateLayoutRequest request, LayoutStore store, CancellationToken cancel) =>
        {
            var created = await store.CreateAsync(request, cancel);
            return TypedResults.Created($"/api/layouts/{created.Id}", created);
        }).WithName("CreateLayout").ProducesProblem(StatusCodes.Status409Conflict);
        layouts.MapPut("/{id:guid}", (Guid id, SaveLayoutRequest request, LayoutStore store, CancellationToken cancel) =>
                store.SaveAsync(id, request, cancel))
            .WithName("SaveLayout").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        layouts.MapPut("/{id:guid}/name", (Guid id, RenameLayoutRequest request, LayoutStore store, CancellationToken cancel) =>
                store.RenameAsync(id, request, cancel))
            .WithName("RenameLayout").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        layouts.MapDelete("/{id:guid}", async (Guid id, int version, LayoutStore store, CancellationToken cancel) =>
        {
            await store.DeleteAsync(id, version, cancel);
            return TypedResults.NoContent();
        }).WithName("DeleteLayout").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        layouts.MapPost("/alike", (AlikeRequest request, LayoutStore store, CancellationToken cancel) => store.AlikeAsync(request, cancel))
            .WithName("FindAlike");
        MapWaysBack(layouts);
    }

    private static void MapWaysBack(RouteGroupBuilder layouts)
    {
        layouts.MapPost("/{id:guid}/copy", (Guid id, LayoutStore store, CancellationToken cancel) => store.CopyAsync(id, cancel))
            .WithName("CopyLayout").ProducesProblem(StatusCodes.Status404NotFound);
        layouts.MapPost("/{id:guid}/bring-back", (Guid id, LayoutStore store, CancellationToken cancel) => store.BringBackAsync(id, cancel))
            .WithName("BringLayoutBack").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        layouts.MapGet("/{id:guid}/versions", (Guid id, LayoutStore store, CancellationToken cancel) => store.VersionsAsync(id, cancel))
            .WithName("LayoutVersions").ProducesProblem(StatusCodes.Status404NotFound);
        layouts.MapPost("/{id:guid}/versions/{version:int}",
            (Guid id, int version, VersionedRequest request, LayoutStore store, CancellationToken cancel) =>
                store.GoBackAsync(id, version, request, cancel))
            .WithName("GoBackToVersion").ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
    }
}
