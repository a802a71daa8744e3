using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Shelf;

/// <summary>Routes of players, tables and cues.</summary>
public static class ShelfEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapShelf(this IEndpointRouteBuilder routes)
    {
        var shelf = routes.MapGroup("/api/shelf").ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
        shelf.MapGet("/", (ShelfStore store, CancellationToken cancel) => store.ListAsync(cancel)).WithName("ListShelf")
            .WithSummary("Players, tables and cues.");
        MapSort(shelf.MapGroup("/players"), ShelfDocuments.Players);
        MapSort(shelf.MapGroup("/tables"), ShelfDocuments.Tables);
        MapSort(shelf.MapGroup("/cues"), ShelfDocuments.Cues);
        shelf.MapGet("/file",
            async (ShelfStore store, CancellationToken cancel) =>
            TypedResults.Text(ProfileFile.Write(await store.ListAsync(cancel)), "application/json"))
            .WithName("ExportShelf").WithSummary("Everything of one's own as a file.").Produces<string>(contentType: "application/json");
        shelf.MapPost("/file", async (HttpRequest request, ShelfStore store, CancellationToken cancel) =>
                await store.ImportAsync(ProfileFile.Read(await TextFile.ReadAsync(request.Body, cancel)), cancel))
            .WithName("ImportShelf").WithSummary("Takes everything of a file, or refuses it with line and field.")
            .Accepts<string>("application/octet-stream", "application/json", "text/plain").ProducesProblem(StatusCodes.Status409Conflict);
        routes.MapGet("/schemas/profiles.json", () => TypedResults.Text(ProfileFile.SchemaText(), "application/schema+json"))
            .WithName("ProfilesSchema").WithSummary("The JSON Schema of a file of profiles.")
                .Produces<string>(contentType: "application/schema+json");
    }

    private static void MapSort<T>(RouteGroupBuilder group, ShelfSort<T> sort)
    {
        var name = sort.Kind.ToString();
        group.ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
        group.MapPost("/", (ShelfRequest<T> request, ShelfStore store, CancellationToken cancel) => store.AddAsync(sort, request, cancel))
            .WithName("Add" + name);
        group.MapPut("/{id:guid}",
            (Guid id, ShelfRequest<T> request, ShelfStore store, CancellationToken cancel) => store.ChangeAsync(sort, id, request, cancel))
            .WithName("Change" + name);
        group.MapPost("/{id}/copy", (string id, ShelfStore store, CancellationToken cancel) => store.CopyAsync(sort, id, cancel))
            .WithName("Copy" + name);
        group.MapPost("/{id}/use", async (string id, ShelfStore store, CancellationToken cancel) =>
        {
            await store.UseAsync(sort, id, cancel);
            return TypedResults.NoContent();
        }).WithName("Use" + name);
        group.MapDelete("/{id:guid}", async (Guid id, int version, ShelfStore store, CancellationToken cancel) =>
        {
            await store.RemoveAsync(sort.Kind, id, version, cancel);
            return TypedResults.NoContent();
        }).WithName("Remove" + name);
        group.MapPost("/{id:guid}/bring-back",
            (Guid id, ShelfStore store, CancellationToken cancel) => store.BringBackAsync(sort, id, cancel)).WithName("BringBack" + name);
    }
}
