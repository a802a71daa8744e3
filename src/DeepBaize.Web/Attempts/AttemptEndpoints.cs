namespace DeepBaize.Web.Attempts;

/// <summary>Routes of attempts.</summary>
public static class AttemptEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapAttempts(this IEndpointRouteBuilder routes)
    {
        var attempts = routes.MapGroup("/api/attempts")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
        attempts.MapPut("/{id:guid}", (Guid id, AttemptInput attempt, AttemptStore store, CancellationToken cancel) =>
                store.KeepAsync(id, attempt, cancel))
            .WithName("KeepAttempt").WithSummary("Keeps an attempt that is over; sent twice it is kept once.")
            .ProducesProblem(StatusCodes.Status409Conflict);
        attempts.MapDelete("/{id:guid}", async (Guid id, AttemptStore store, CancellationToken cancel) =>
        {
            await store.TakeBackAsync(id, cancel);
            return TypedResults.NoContent();
        }).WithName("TakeAttemptBack").WithSummary("Takes an attempt back that was undone; one that is not kept is none.");
        attempts.MapPost("/tally", (TaskInput task, AttemptStore store, CancellationToken cancel) => store.TallyAsync(task, cancel))
            .WithName("TallyAttempts").WithSummary("What all attempts at the same balls under the same rules came to.");
    }
}
