namespace DeepBaize.Web.Compute;

/// <summary>
/// One bounded pool for everything that takes longer than a live prediction: as many jobs at a time as there are processors. A job that waits leaves at
/// once when it is cancelled; one that runs looks at its token between strokes.
/// </summary>
public sealed class ComputePool : IDisposable
{
    private readonly SemaphoreSlim _slots = new(Environment.ProcessorCount);
    private int _busy;

    /// <summary>Jobs that run or wait at this moment.</summary>
    public int Busy => Volatile.Read(ref _busy);

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

    /// <inheritdoc />
    public void Dispose() => _slots.Dispose();
}
