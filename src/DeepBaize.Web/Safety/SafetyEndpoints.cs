using DeepBaize.Web.Breaks;

namespace DeepBaize.Web.Safety;

/// <summary>Routes about what to leave.</summary>
public static class SafetyEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapSafety(this IEndpointRouteBuilder routes) =>
        BreakEndpoints.Streamed<SafetyQuestionInput, SafetyAnswer>(
            routes, "/api/safety/plan", (request, pool, cancel) => SafetyFinder.Stream(SafetyReader.Read(request), pool, cancel))
            .WithName("PlanSafety").WithSummary("What to leave: the best stroke so far for both sides of the game, streamed as it gets "
                + "better, with what the opponent finds when it is caught thick and thin.");
}
