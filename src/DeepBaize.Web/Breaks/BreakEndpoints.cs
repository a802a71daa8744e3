using DeepBaize.Web.Compute;

namespace DeepBaize.Web.Breaks;

/// <summary>Routes about breaks.</summary>
public static class BreakEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapBreaks(this IEndpointRouteBuilder routes)
    {
        Refusable(routes.MapPost("/api/breaks/plan", (BreakQuestionInput request, ComputePool pool, CancellationToken cancel) =>
        {
            pool.RequireRoom();
            return TypedResults.ServerSentEvents(BreakFinder.Stream(BreakReader.Read(request), pool, cancel));
        }))
            .Produces<BreakAnswer>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status429TooManyRequests)
            .WithName("PlanBreak").WithSummary("Which ball, and how: the best line so far, streamed as it gets better, with reasons.");
        Refusable(routes.MapPost("/api/breaks/outlook", (OutlookQuestion request, ComputePool pool, CancellationToken cancel) =>
        {
            pool.RequireRoom();
            return TypedResults.ServerSentEvents(OutlookPlayer.Stream(OutlookPlayer.Read(request), pool, cancel));
        }))
            .Produces<OutlookAnswer>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status429TooManyRequests)
            .WithName("PlayOut").WithSummary("Whole visits that begin with a stroke, played out with the player's scatter: mean points and how often a target is reached, streamed.");
        Refusable(routes.MapPost("/api/breaks/step", (StepQuestion request) => StepPlayer.Play(request)))
            .WithName("PlayStep").WithSummary("One stroke played on the sheet, with scatter or without, and judged by the rules.");
        Refusable(routes.MapPost("/api/breaks/hand", (BreakQuestionInput request) => BreakFinder.RateD(request)))
            .WithName("RateD").WithSummary("What places in the D are worth to a white in hand.");
    }

    private static RouteHandlerBuilder Refusable(RouteHandlerBuilder route) => route
        .ProducesProblem(StatusCodes.Status400BadRequest)
        .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
}
