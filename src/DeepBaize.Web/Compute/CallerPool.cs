using DeepBaize.Physics.Work;
using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>
/// The pool as one request sees it: the request's caller is who asks, and its places are given back at the latest when the request is over.
/// </summary>
/// <param name="pool">The pool of the server.</param>
/// <param name="http">The request.</param>
public sealed class CallerPool(ComputePool pool, IHttpContextAccessor http)
{
    private PlanTurns.Ticket? _ticket;

    private HttpContext Request => http.HttpContext ?? throw new InvalidOperationException("The pool of a caller needs a request.");

    private string Caller => Callers.Of(Request);

    /// <summary>Answers a question when its turn has come.</summary>
    /// <param name="job">The job.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="RefusalException">Too many questions wait.</exception>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> AnswerAsync<T>(Func<CancellationToken, T> job, CancellationToken cancel)
    {
        using var place = pool.Enter(Caller);
        return await RunAsync(job, WorkLimits.Question, cancel);
    }

    /// <summary>Takes a place for a question that is answered in several jobs, for as long as the request lasts.</summary>
    /// <exception cref="RefusalException">Too many questions wait.</exception>
    public void TakePlace() => Request.Response.RegisterForDispose(pool.Enter(Caller));

    /// <summary>Runs a job of a question that has a place.</summary>
    /// <param name="job">The job.</param>
    /// <param name="most">Events that it may cost.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Task<T> RunAsync<T>(Func<CancellationToken, T> job, long most, CancellationToken cancel) =>
        pool.RunAsync(Caller, job, most, cancel);

    /// <summary>Takes a place for a plan, for as long as the request lasts.</summary>
    /// <exception cref="RefusalException">Too many plans wait.</exception>
    public void TakePlaceForPlan() => Request.Response.RegisterForDispose(_ticket = pool.EnterPlan(Caller));

    /// <summary>Runs a plan that has a place when its turn has come.</summary>
    /// <param name="job">The job.</param>
    /// <param name="waits">Is told how many plans are ahead, at once and whenever that changes; nothing when it runs at once.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunPlanAsync<T>(Func<CancellationToken, T> job, Action<int> waits, CancellationToken cancel)
    {
        using var ticket = _ticket ?? throw new InvalidOperationException("A plan needs a place first.");
        await ticket.TurnAsync(waits, cancel);
        return await pool.RunPlanAsync(Caller, job, cancel);
    }
}
