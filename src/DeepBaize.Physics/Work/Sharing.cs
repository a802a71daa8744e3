namespace DeepBaize.Physics.Work;

/// <summary>
/// How the work of one question is shared out: over the threads of the pool on which the question runs, so that a question inside a
/// question needs no threads of its own; without a pool over those of the runtime.
/// </summary>
public static class Sharing
{
    /// <summary>Threads that a question may use: those of its pool, or as many as there are processors.</summary>
    public static int Threads => Math.Min(TaskScheduler.Current.MaximumConcurrencyLevel, Environment.ProcessorCount);

    /// <summary>Options for the loops of the runtime.</summary>
    /// <param name="most">Threads at most, 0 for <see cref="Threads"/>.</param>
    /// <param name="cancel">Stops the loop.</param>
    public static ParallelOptions Options(int most, CancellationToken cancel) => new()
    {
        TaskScheduler = null,
        MaxDegreeOfParallelism = most == 0 ? Threads : most,
        CancellationToken = cancel,
    };
}
