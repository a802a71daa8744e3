using DeepBaize.Physics.Work;
using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>
/// One bounded pool for everything that takes longer than a live prediction: as many jobs at a time as there are processors, and fewer
/// plans than that. Each job has a budget of work; it leaves at once when it is cancelled, also while it waits, and who is too many is told
/// to come again.
/// </summary>
public sealed class ComputePool : IDisposable
{
    /// <summary>Questions that run or wait at most before further ones are refused; plans that wait are counted apart.</summary>
    public const int MostBusy = 24;

    /// <summary>Plans that run or wait at most: one that waits holds only its question.</summary>
    public const int MostPlans = 64;

    /// <summary>After how many seconds what was refused may be asked for again.</summary>
    private const int RetrySeconds = 5;

    /// <summary>As many jobs as there are processors may each share their work out over all of them on small machines.</summary>
    private const int ThreadsPerProcessor = 8;

    private readonly SemaphoreSlim _slots = new(Environment.ProcessorCount);

    /// <summary>Plans take seconds: one processor is never theirs, so that what moves under a hand keeps moving.</summary>
    private readonly SemaphoreSlim _plans = new(Math.Max(1, Environment.ProcessorCount - 1));

    private readonly PlanQueue _queue = new(MostPlans, RetrySeconds);

    private int _busy;
    private long _spent;

    /// <summary>
    /// Prepares the pool. Jobs share their work out over the threads that also answer requests: there are enough of these at once, so that
    /// a reader who leaves is noticed while every processor is busy.
    /// </summary>
    public ComputePool()
    {
        ThreadPool.GetMinThreads(out var workers, out var completions);
        ThreadPool.SetMinThreads(Math.Max(workers, ThreadsPerProcessor * Environment.ProcessorCount), completions);
    }

    /// <summary>Events that all jobs have cost so far.</summary>
    public long Spent => Interlocked.Read(ref _spent);

    /// <summary>Questions, plans left out, that run or wait at this moment.</summary>
    public int Busy => Volatile.Read(ref _busy);

    /// <summary>Plans that run or wait at this moment.</summary>
    public int Plans => _queue.Count;

    /// <summary>Refuses a question while too many run or wait.</summary>
    /// <exception cref="RefusalException">Too many do.</exception>
    public void RequireRoom()
    {
        if (Busy >= MostBusy) throw RefusalException.Busy(RetrySeconds);
    }

    /// <summary>Refuses a plan while too many run or wait.</summary>
    /// <exception cref="RefusalException">Too many do.</exception>
    public void RequireRoomForPlan() => _queue.RequireRoom();

    /// <summary>Answers a question when there is room for it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="RefusalException">Too many wait.</exception>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> AnswerAsync<T>(Func<CancellationToken, T> job, CancellationToken cancel)
    {
        RequireRoom();
        return await CountedAsync(() => RunAsync(job, WorkLimits.Question, cancel));
    }

    /// <summary>Counts a question that is answered in several jobs as one.</summary>
    /// <param name="jobs">Starts its jobs.</param>
    public async Task<T> CountedAsync<T>(Func<Task<T>> jobs)
    {
        ArgumentNullException.ThrowIfNull(jobs);
        Interlocked.Increment(ref _busy);
        try
        {
            return await jobs();
        }
        finally
        {
            Interlocked.Decrement(ref _busy);
        }
    }

    /// <summary>Runs a job when there is a processor for it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="most">Events that it may cost.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunAsync<T>(Func<CancellationToken, T> job, long most, CancellationToken cancel)
    {
        await _slots.WaitAsync(cancel);
        try
        {
            // A thread of its own: the threads that answer requests must stay free to notice a reader who leaves.
            return await Task.Factory.StartNew(
                () => WorkMeter.Measure(most, meter => Counted(meter, job, cancel), cancel),
                cancel,
                TaskCreationOptions.LongRunning,
                TaskScheduler.Default);
        }
        finally
        {
            _slots.Release();
        }
    }

    private T Counted<T>(WorkMeter meter, Func<CancellationToken, T> job, CancellationToken cancel)
    {
        try
        {
            return job(cancel);
        }
        finally
        {
            Interlocked.Add(ref _spent, meter.Spent);
        }
    }

    /// <summary>Runs a job that takes seconds; it leaves a processor to others.</summary>
    /// <param name="job">The job.</param>
    /// <param name="waits">Is told how many plans are ahead, at once and whenever one has gone; nothing when it runs at once.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunPlanAsync<T>(Func<CancellationToken, T> job, Action<int> waits, CancellationToken cancel)
    {
        using var ticket = _queue.Enter(_plans.CurrentCount > 0 ? null : waits);
        await _plans.WaitAsync(cancel);
        try
        {
            ticket.Starts();
            return await RunAsync(job, WorkLimits.Plan, cancel);
        }
        finally
        {
            _plans.Release();
        }
    }

    /// <inheritdoc />
    public void Dispose()
    {
        _slots.Dispose();
        _plans.Dispose();
    }
}
