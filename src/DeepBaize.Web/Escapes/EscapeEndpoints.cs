using DeepBaize.Web.Breaks;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Safety;

namespace DeepBaize.Web.Escapes;

/// <summary>Routes about getting out of snookers.</summary>
public static class EscapeEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapEscapes(this IEndpointRouteBuilder routes)
    {
        BreakEndpoints.Streamed<SafetyQuestionInput, EscapeAnswer>(
            routes, "/api/escapes/plan", (request, pool, cancel) => EscapeFinder.Stream(SafetyReader.Read(request), pool, cancel))
            .WithName("PlanEscape").WithSummary("Ways out of a snooker: the point on the first cushion in words and on the table, how "
                + "exact it must be, how often it comes off and what it leaves, beside the mirror's point; streamed as it gets better. "
                + "The budget is not asked for.");
        BreakEndpoints.Refusable(routes.MapPost(
            "/api/escapes/sketch",
            (SafetyQuestionInput request, CallerPool pool, CancellationToken cancel) =>
                pool.AnswerAsync(token => EscapeFinder.Sketch(request, token), cancel)))
            .WithName("SketchEscapes").WithSummary("The widest ways to a ball that is on at one pace, in a few milliseconds.")
            .ProducesProblem(StatusCodes.Status429TooManyRequests);
        BreakEndpoints.Refusable(routes.MapPost(
            "/api/now",
            (SafetyQuestionInput request, CallerPool pool, CancellationToken cancel) =>
                pool.AnswerAsync(token => WhatNow.Of(request, token), cancel)))
            .WithName("WhatNow").WithSummary("Pot, safety or a way out of a snooker: which section answers, and why.")
            .ProducesProblem(StatusCodes.Status429TooManyRequests);
    }
}
