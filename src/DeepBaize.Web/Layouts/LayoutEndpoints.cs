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
        layouts.MapGet("/", (LayoutStore store, CancellationToken cancel) => store.ListAsync(cancel)).WithName("ListLayouts");
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
    }
}
