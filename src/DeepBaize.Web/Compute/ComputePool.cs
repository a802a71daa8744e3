using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>
/// One bounded pool for everything that takes longer than a live prediction: as many jobs at a time as there are processors. A job that waits leaves at
/// once when it is cancelled; one that runs looks at its token between strokes.
/// </summary>
public sealed class ComputePool : IDisposable
{
    /// <summary>Jobs that run or wait at most before further long ones are refused.</summary>
    private const int MostBusy = 12;

    /// <summary>After how many seconds a job that was refused may be asked for again.</summary>
    private const int RetrySeconds = 5;

    private readonly SemaphoreSlim _slots = new(Environment.ProcessorCount);

    /// <summary>Plans take seconds: one processor is never theirs, so that what moves under a hand keeps moving.</summary>
    private readonly SemaphoreSlim _plans = new(Math.Max(1, Environment.ProcessorCount - 1));

    private int _busy;

    /// <summary>Jobs that run or wait at this moment.</summary>
    public int Busy => Volatile.Read(ref _busy);

    /// <summary>Refuses a job while too many wait: each holds memory, and who waits long is better told to come again.</summary>
    /// <exception cref="RefusalException">Too many wait.</exception>
    public void RequireRoom()
    {
        if (Busy >= MostBusy) throw RefusalException.Busy(RetrySeconds);
    }

    /// <summary>Runs a job when there is room for it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunAsync<T>(Func<CancellationToken, T> job, CancellationToken cancel)
    {
        Interlocked.Increment(ref _busy);
        try
        {
            await _slots.WaitAsync(cancel);
            try
            {
                // A thread of its own: the threads that answer requests must stay free to notice a reader who leaves.
                return await Task.Factory.StartNew(() => job(cancel), cancel, TaskCreationOptions.LongRunning, TaskScheduler.Default);
            }
            finally
            {
                _slots.Release();
            }
        }
        finally
        {
            Interlocked.Decrement(ref _busy);
        }
    }

    /// <summary>Runs a job that takes seconds; it leaves a processor to others.</summary>
    /// <param name="job">The job.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunPlanAsync<T>(Func<CancellationToken, T> job, CancellationToken cancel)
    {
        Interlocked.Increment(ref _busy);
        try
        {
            await _plans.WaitAsync(cancel);
            try
            {
                return await RunAsync(job, cancel);
            }
            finally
            {
                _plans.Release();
            }
        }
        finally
        {
            Interlocked.Decrement(ref _busy);
        }
    }

    /// <inheritdoc />
    public void Dispose()
    {
        _slots.Dispose();
        _plans.Dispose();
    }
}
