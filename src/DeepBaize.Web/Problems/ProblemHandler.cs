using System.Data.Common;
using System.Text.Json;
using DeepBaize.Data;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Mapping;
using DeepBaize.Words.Refusals;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Problems;

/// <summary>Turns every exception into problem details (RFC 9457) with a code and a sentence; never a stack trace.</summary>
public sealed class ProblemHandler(IProblemDetailsService writer, ILogger<ProblemHandler> log) : IExceptionHandler
{
    private static readonly Action<ILogger, string, Exception?> LogUnexpected =
        LoggerMessage.Define<string>(LogLevel.Error, new EventId(1, "Unexpected"), "Unexpected error at {Path}");

    private static readonly Action<ILogger, string, Exception?> LogDatabaseAway =
        LoggerMessage.Define<string>(LogLevel.Warning, new EventId(2, "DatabaseAway"), "The database does not answer at {Path}");

    /// <inheritdoc />
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        var problem = Describe(exception);
        if (problem.Status == StatusCodes.Status500InternalServerError) LogUnexpected(log, httpContext.Request.Path, exception);
        if (problem.Status == StatusCodes.Status503ServiceUnavailable) LogDatabaseAway(log, httpContext.Request.Path, exception);
        httpContext.Response.StatusCode = problem.Status!.Value;
        if (exception is RefusalException { RetryAfterSeconds: { } seconds })
            httpContext.Response.Headers.RetryAfter = seconds.ToString(System.Globalization.CultureInfo.InvariantCulture);
        // A reader who asks for another kind of answer still gets the reason.
        if (!await writer.TryWriteAsync(new ProblemDetailsContext { HttpContext = httpContext, ProblemDetails = problem }))
            await httpContext.Response.WriteAsJsonAsync(problem, options: null, "application/problem+json", cancellationToken);
        return true;
    }

    /// <summary>The problem details of an exception.</summary>
    public static ProblemDetails Describe(Exception exception) => exception switch
    {
        // What happens on one of several threads comes wrapped.
        AggregateException several when several.Flatten().InnerExceptions is [var first, ..] => Describe(first),
        RefusalException refusal => Problem(refusal.Status, refusal.Code, refusal.Title, refusal.Message, refusal.Faults),
        BadHttpRequestException bad when bad.InnerException is JsonException json => Problem(bad.StatusCode, "badJson", Say(json)),
        BadHttpRequestException { StatusCode: not StatusCodes.Status400BadRequest } bad => new ProblemDetails { Status = bad.StatusCode },
        BadHttpRequestException bad => Problem(bad.StatusCode, "badRequest", RequestRefusals.Unreadable),
        EventBudgetException budget => OutOfBudget(budget),
        WorkBudgetException work =>
            Problem(StatusCodes.Status422UnprocessableEntity, "workBudget", RequestRefusals.TooMuchHappens(work.Most)),
        ImpactBudgetException => Problem(StatusCodes.Status422UnprocessableEntity, "impactBudget", RequestRefusals.EndlessImpact),
        NewerDocumentException newer =>
            Problem(StatusCodes.Status409Conflict, "newerProgram", RequestRefusals.Newer(newer.Version, newer.Newest)),
        _ when IsDatabaseAway(exception) =>
            Problem(StatusCodes.Status503ServiceUnavailable, "databaseAway", RequestRefusals.DatabaseAway),
        _ => Problem(StatusCodes.Status500InternalServerError, "unexpected", RequestRefusals.Unexpected),
    };

    private static ProblemDetails OutOfBudget(EventBudgetException budget)
    {
        var words = RequestRefusals.EndlessStroke(TableSimulation.EventBudget, budget.Time);
        var problem = Problem(StatusCodes.Status422UnprocessableEntity, "eventBudget", words);
        problem.Extensions["state"] = new
        {
            time = budget.Time,
            balls = budget.Balls.Select(ball => Shared.ToState(ball.Ball, ball.State, ball.Phase)).ToList(),
        };
        return problem;
    }

    private static ProblemDetails Problem(int status, string code, Refused words) => Problem(status, code, words.Title, words.Sentence, []);

    private static ProblemDetails Problem(int status, string code, string title, string detail, IReadOnlyList<Fault> faults)
    {
        var problem = new ProblemDetails { Status = status, Type = $"urn:deep-baize:{code}", Title = title, Detail = detail };
        problem.Extensions["code"] = code;
        if (faults.Count > 0) problem.Extensions["errors"] = faults;
        return problem;
    }

    private static Refused Say(JsonException json)
    {
        if (json.Message.StartsWith(NoGaps.Mark, StringComparison.Ordinal)) return RequestRefusals.Gap;
        var field = json.Path?.TrimStart('$', '.');
        return !string.IsNullOrEmpty(field) && json.Message.StartsWith(PlainNumber.Mark, StringComparison.Ordinal)
            ? RequestRefusals.BadNumber(field)
            : RequestRefusals.BadJson(field);
    }

    /// <summary>True when an exception says that the database does not answer.</summary>
    internal static bool IsDatabaseAway(Exception exception) => exception switch
    {
        DbUpdateConcurrencyException => false,
        DbUpdateException update => update.InnerException is { } inner && IsDatabaseAway(inner),
        InvalidOperationException { InnerException: { } inner } => IsDatabaseAway(inner),
        DbException { SqlState: { } state } =>
            state.StartsWith("57P", StringComparison.Ordinal) || state.StartsWith("08", StringComparison.Ordinal) || state == "3D000",
        DbException => true,
        TimeoutException => true,
        _ => false,
    };
}
