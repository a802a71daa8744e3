namespace DeepBaize.Physics.Work;

/// <summary>
/// Counts what simulations cost on behalf of one question, over all its threads, and ends it when it costs too much or when nobody waits
/// for it any more. Work is counted, not timed: the same question costs the same on any machine. Simulations find the meter of the question
/// on whose behalf they run by themselves.
/// </summary>
public sealed class WorkMeter
{
    /// <summary>Steps of a cluster's links that count as one event: about as long.</summary>
    internal const int LinkStepsPerEvent = 100;

    /// <summary>Events between two looks at the meter.</summary>
    internal const int LookEvery = 64;

    private static readonly AsyncLocal<WorkMeter?> Ambient = new();

    private readonly CancellationToken _cancel;
    private long _spent;
    private long _strokes;

    private WorkMeter(long most, CancellationToken cancel) => (Most, _cancel) = (most, cancel);

    /// <summary>The meter of the question on whose behalf this code runs; null when nobody counts.</summary>
    public static WorkMeter? Current => Ambient.Value;

    /// <summary>Events, or as much work of another kind, that the question may cost.</summary>
    public long Most { get; }

    /// <summary>What it has cost so far.</summary>
    public long Spent => Interlocked.Read(ref _spent);

    /// <summary>Strokes that it has simulated so far.</summary>
    public long Strokes => Interlocked.Read(ref _strokes);

    /// <summary>Runs something on behalf of a question.</summary>
    /// <param name="most">Events that it may cost, 1 or more.</param>
    /// <param name="run">What to run; the threads that it starts count as well.</param>
    /// <param name="cancel">Says that nobody waits any more.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits any more.</exception>
    public static T Measure<T>(long most, Func<WorkMeter, T> run, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(run);
        var outer = Ambient.Value;
        try
        {
            return run(Enter(most, cancel));
        }
        finally
        {
            Ambient.Value = outer;
        }
    }

    /// <summary>Lets what follows in this method, and in what it awaits, run on behalf of a question.</summary>
    /// <param name="most">Events that it may cost, 1 or more.</param>
    /// <param name="cancel">Says that nobody waits any more.</param>
    public static WorkMeter Enter(long most, CancellationToken cancel)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(most, 1);
        return Ambient.Value = new WorkMeter(most, cancel);
    }

    /// <summary>Adds work and ends the question when that is too much, or when nobody waits any more.</summary>
    internal void Spend(long work)
    {
        _cancel.ThrowIfCancellationRequested();
        if (Interlocked.Add(ref _spent, work) > Most) throw new WorkBudgetException(Most);
    }

    /// <summary>Notes that a stroke begins.</summary>
    internal void Begin()
    {
        Interlocked.Increment(ref _strokes);
        Spend(1);
    }
}

/// <summary>A question costs more than it may.</summary>
/// <param name="most">Events that it might have cost.</param>
public sealed class WorkBudgetException(long most)
    : Exception($"More than {most} events.")
{
    /// <summary>Events that it might have cost.</summary>
    public long Most { get; } = most;
}
