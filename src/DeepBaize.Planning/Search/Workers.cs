using DeepBaize.Physics.Work;

namespace DeepBaize.Planning.Search;

/// <summary>
/// The threads of a search, each with what it works with. What each piece of work comes to must not depend on who does it.
/// </summary>
/// <param name="workers">What each thread works with; at least one.</param>
internal sealed class Workers<T>(IReadOnlyList<T> workers)
{
    /// <summary>The worker for what is not shared out.</summary>
    public T First => workers[0];

    /// <summary>All workers.</summary>
    public IReadOnlyList<T> All => workers;

    /// <summary>Shares pieces of work out, each by its number.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Share(int count, Action<T, int> work, CancellationToken cancel)
    {
        if (workers.Count == 1)
        {
            for (var i = 0; i < count; i++)
            {
                cancel.ThrowIfCancellationRequested();
                work(workers[0], i);
            }

            return;
        }

        var next = -1;
        Parallel.For(0, workers.Count, Sharing.Options(workers.Count, cancel), thread =>
        {
            for (var i = Interlocked.Increment(ref next); i < count; i = Interlocked.Increment(ref next))
            {
                cancel.ThrowIfCancellationRequested();
                work(workers[thread], i);
            }
        });
    }
}
