using System.Runtime.InteropServices;

namespace DeepBaize.Web.Compute;

/// <summary>
/// Threads that do nothing but long jobs, as many as there are processors. A job, and whatever it shares out
/// (<see cref="Physics.Work.Sharing"/>), runs on them and nowhere else, in turns between callers. Answers to live questions run on the
/// threads of the server: these come first, since the operating system is told that the jobs may wait.
/// </summary>
internal sealed partial class JobThreads : IDisposable
{
    [ThreadStatic]
    private static JobThreads? _own;

    private readonly object _gate = new();
    private readonly FairQueue<(Caller Of, Task Job)> _waiting = new();
    private readonly Thread[] _threads;
    private bool _isOver;

    /// <summary>Starts the threads.</summary>
    /// <param name="name">Their name.</param>
    /// <param name="patience">How far they stand back behind the server's own threads, in steps of the operating system's niceness.</param>
    public JobThreads(string name, int patience)
    {
        _threads = [.. Enumerable.Range(1, Environment.ProcessorCount).Select(number => Start($"{name} {number}", patience))];
    }

    /// <summary>How many there are.</summary>
    public int Count => _threads.Length;

    /// <summary>Where the jobs of a caller run.</summary>
    public TaskScheduler Of(string caller) => new Caller(this, caller);

    /// <summary>Lets the threads end once nothing waits any more.</summary>
    public void Dispose()
    {
        lock (_gate)
        {
            _isOver = true;
            Monitor.PulseAll(_gate);
        }
    }

    private Thread Start(string name, int patience)
    {
        var thread = new Thread(() => Work(patience)) { IsBackground = true, Name = name };
        thread.Start();
        return thread;
    }

    private void Work(int patience)
    {
        _own = this;
        if (OperatingSystem.IsLinux()) _ = StandBack(patience);
        while (Next() is { } next) next.Of.Run(next.Job);
    }

    private (Caller Of, Task Job)? Next()
    {
        lock (_gate)
        {
            while (true)
            {
                if (_waiting.TryTake(out var next)) return next;
                if (_isOver) return null;
                Monitor.Wait(_gate);
            }
        }
    }

    private void Add(Caller caller, Task job)
    {
        lock (_gate)
        {
            _waiting.Add(caller.Name, (caller, job));
            Monitor.Pulse(_gate);
        }
    }

    private bool Remove(Caller caller, Task job)
    {
        lock (_gate) return _waiting.Remove(caller.Name, (caller, job));
    }

    /// <summary>On Linux this concerns the calling thread alone, and what the runtime's own priorities do not reach.</summary>
    [LibraryImport("libc", EntryPoint = "nice")]
    private static partial int StandBack(int steps);

    /// <summary>The threads as one caller sees them.</summary>
    private sealed class Caller(JobThreads threads, string name) : TaskScheduler
    {
        public string Name => name;

        public override int MaximumConcurrencyLevel => threads.Count;

        public void Run(Task job) => TryExecuteTask(job);

        protected override void QueueTask(Task task) => threads.Add(this, task);

        /// <summary>What is cancelled before its turn waits no longer.</summary>
        protected override bool TryDequeue(Task task) => threads.Remove(this, task);

        /// <summary>A job that waits for a part of its own which nobody has begun does that part itself.</summary>
        protected override bool TryExecuteTaskInline(Task task, bool taskWasPreviouslyQueued) => _own == threads && TryExecuteTask(task);

        protected override IEnumerable<Task> GetScheduledTasks() => [];
    }
}
