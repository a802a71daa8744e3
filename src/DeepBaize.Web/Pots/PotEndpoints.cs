using DeepBaize.Web.Compute;

namespace DeepBaize.Web.Pots;

/// <summary>Routes about potting: aiming, reading the table, and where the white can go.</summary>
public static class PotEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapPots(this IEndpointRouteBuilder routes)
    {
        // The live question waits for nobody; everything longer takes its turn in the pool.
        Refusable(routes.MapPost("/api/pots/play", (PotQuestion request) => PotPlayer.Play(request)))
            .WithName("PlayPot").WithSummary("Aims a pot with throw, swerve, push-off and spin, plays it, and says everything about it.");
        Refusable(routes.MapPost("/api/pots/matrix", (MatrixQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(token => TableReader.Read(request, token), cancel)))
            .WithName("ReadTable").WithSummary("Every ball on every pocket, balls in the way, reds by region.");
        Refusable(routes.MapPost("/api/pots/anchors", (AnchorQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(_ => AnchorSearch.Find(request), cancel)))
            .WithName("FindAnchors").WithSummary("Stun, follow and screw of a pot.");
        Refusable(routes.MapPost("/api/pots/butt", (PotQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(_ => ButtSearch.Find(request), cancel)))
            .WithName("CompareButt").WithSummary("The stroke with a level cue and with the butt up: hop, screw and room for error.");
        Refusable(routes.MapPost("/api/pots/sweep", (SweepQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(token => SweepSearch.Sweep(request, token), cancel)))
            .WithName("SweepDial").WithSummary("One dial swept with the others fixed, and the window that stops the white at a place.");
        Refusable(routes.MapPost("/api/pots/map", (MapQuestionInput request, CallerPool pool, CancellationToken cancel) =>
        {
            pool.TakePlace();
            var (scene, asked, count) = MapSearch.Read(request);
            return TypedResults.ServerSentEvents(MapSearch.Stream(scene, asked, count, pool, cancel));
        })).Produces<MapRowOutput>(StatusCodes.Status200OK, "text/event-stream")
            .WithName("MapPaceAndHeight")
                .WithSummary("Where the white goes over pace and height, streamed row by row as server-sent events.");
        Refusable(routes.MapPost("/api/pots/fixes", (PotQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(_ => FixSearch.Find(request), cancel)))
            .WithName("FindFixes").WithSummary("What threatens a stroke and its neighbours, and strokes that avoid it.");
        Refusable(routes.MapPost("/api/pots/cannon", (CannonQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(token => CannonSearch.Find(request, token), cancel)))
            .WithName("FindCannons").WithSummary("Strokes that pot a ball and then meet a second at a chosen thickness.");
        Refusable(routes.MapPost("/api/pots/heights", (HeightsQuestion request, CallerPool pool, CancellationToken cancel) =>
            pool.AnswerAsync(_ => DialSearch.FindHeights(request), cancel)))
            .WithName("FindHeights").WithSummary("Tip heights that bring the white to a ball with a wanted spin, by distance.");
        Refusable(routes.MapPost("/api/pots/between", (BetweenQuestion request) => DialSearch.FindBetween(request)))
            .WithName("FindBetween").WithSummary("What to play between a try that fell short and one that ran past.");
    }

    private static RouteHandlerBuilder Refusable(RouteHandlerBuilder route) => route
        .ProducesProblem(StatusCodes.Status400BadRequest)
        .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity)
        .ProducesProblem(StatusCodes.Status429TooManyRequests);
}
