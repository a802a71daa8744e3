using System.Net.ServerSentEvents;
using DeepBaize.Web.Compute;

namespace DeepBaize.Web.Breaks;

/// <summary>Routes about breaks.</summary>
public static class BreakEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapBreaks(this IEndpointRouteBuilder routes)
    {
        Streamed<BreakQuestionInput, BreakAnswer>(
            routes, "/api/breaks/plan", (request, pool, cancel) => BreakFinder.Stream(BreakReader.Read(request), pool, cancel))
            .WithName("PlanBreak").WithSummary("Which ball, and how: the best line so far, streamed as it gets better, with reasons.");
        Streamed<OutlookQuestion, OutlookAnswer>(
            routes, "/api/breaks/outlook", (request, pool, cancel) => OutlookPlayer.Stream(OutlookPlayer.Read(request), pool, cancel))
            .WithName("PlayOut").WithSummary("Whole visits that begin with a stroke, played out with the player's scatter: mean points "
                + "and how often a target is reached, streamed.");
        Refusable(routes.MapPost("/api/breaks/step", (StepQuestion request) => StepPlayer.Play(request)))
            .WithName("PlayStep").WithSummary("One stroke played on the sheet, with scatter or without, and judged by the rules.");
        Refusable(routes.MapPost("/api/breaks/hand", (BreakQuestionInput request) => BreakFinder.RateD(request)))
            .WithName("RateD").WithSummary("What places in the D are worth to a white in hand.");
    }

    /// <summary>A question that takes seconds: refused with a time to come again when the pool is full, its answers streamed.</summary>
    internal static RouteHandlerBuilder Streamed<TQuestion, TAnswer>(
        IEndpointRouteBuilder routes, string path,
        Func<TQuestion, CallerPool, CancellationToken, IAsyncEnumerable<SseItem<object>>> stream)
        where TQuestion : class =>
        Refusable(routes.MapPost(path, (TQuestion request, CallerPool pool, CancellationToken cancel) =>
        {
            pool.TakePlaceForPlan();
            return TypedResults.ServerSentEvents(stream(request, pool, cancel));
        }))
            .Produces<TAnswer>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status429TooManyRequests);

    /// <summary>A question that may be refused.</summary>
    internal static RouteHandlerBuilder Refusable(RouteHandlerBuilder route) => route
        .ProducesProblem(StatusCodes.Status400BadRequest)
        .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
}
