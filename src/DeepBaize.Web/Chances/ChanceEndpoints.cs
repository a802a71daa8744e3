using DeepBaize.Web.Compute;

namespace DeepBaize.Web.Chances;

/// <summary>Routes about what strokes come to in a player's hands.</summary>
public static class ChanceEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapChances(this IEndpointRouteBuilder routes)
    {
        // Cueing is plain geometry and waits for nobody; everything that plays strokes takes its turn in the pool.
        Refusable(routes.MapPost("/api/cueing", (CueingQuestion request) => ChanceFinder.Cue(request)))
            .WithName("ReadCueing")
                .WithSummary("Where a player stands for a stroke, how far the butt is raised, and what of the white the tip can reach.");
        Pooled<ChanceQuestion, ChanceResponse>(routes, "/api/chances/stroke", ChanceFinder.Find)
            .WithName("FindChance")
                .WithSummary("What a stroke comes to in a player's hands: chances, where the white may stop, what is on then.");
        Pooled<CompareQuestion, CompareResponse>(routes, "/api/chances/compare", ChanceFinder.Compare)
            .WithName("CompareStrokes").WithSummary("Two to four strokes side by side, and the plainest good one.");
        Pooled<ChanceQuestion, SimplerResponse>(routes, "/api/chances/simpler", StrokeFinder.Simplify)
            .WithName("FindSimpler").WithSummary("The plainest stroke that is nearly as good, and what it costs.");
        Pooled<IndirectQuestion, IndirectResponse>(routes, "/api/chances/indirect", IndirectFinder.Find)
            .WithName("FindIndirectPots").WithSummary("Doubles, plants, cannons and in-offs that are on, with chance and room for error.");
        Pooled<PackQuestion, PackResponse>(routes, "/api/chances/pack", StrokeFinder.OpenPack)
            .WithName("OpenPack").WithSummary("Ways into the reds off a pot, side by side.");
        Pooled<CushionQuestion, CushionResponse>(routes, "/api/chances/cushion", StrokeFinder.FindCushion)
            .WithName("FindCushionOrHold")
                .WithSummary("A place reached with a cushion or without: the trade's rule beside what is simulated.");
        Pooled<ZoneQuestionInput, ZoneResponse>(routes, "/api/zones", ZoneSearch.Find)
            .WithName("FindZone").WithSummary("Where the white should stop for the next balls.");
        Refusable(routes.MapPost("/api/chances/search", (ChanceQuestion request, CallerPool pool, CancellationToken cancel) =>
        {
            pool.TakePlace();
            return TypedResults.ServerSentEvents(StrokeFinder.Stream(ChanceReader.Read(request), pool, cancel));
        }))
            .Produces<FoundProgress>(StatusCodes.Status200OK, "text/event-stream")
            .WithName("SearchStrokes").WithSummary("Strokes that pot and stop in a zone, streamed as they get better.");
    }

    private static RouteHandlerBuilder Pooled<TQuestion, TAnswer>(
        IEndpointRouteBuilder routes, string path, Func<TQuestion, CancellationToken, TAnswer> find)
        where TQuestion : class =>
        Refusable(routes.MapPost(
            path, (TQuestion request, CallerPool pool, CancellationToken cancel) =>
                pool.AnswerAsync(token => find(request, token), cancel)));

    private static RouteHandlerBuilder Refusable(RouteHandlerBuilder route) => route
        .ProducesProblem(StatusCodes.Status400BadRequest)
        .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity)
        .ProducesProblem(StatusCodes.Status429TooManyRequests);
}
