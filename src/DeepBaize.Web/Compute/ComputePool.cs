using System.Diagnostics.Metrics;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>
/// One bounded pool for everything that takes longer than a live prediction. Questions and plans have threads of their own, as many as
/// there are processors each, and callers have their turns; plans stand back behind questions, both behind what moves under a hand. Each
/// job has a budget of work; it leaves at once when it is cancelled, also while it waits, and who is too many is told to come again.
/// </summary>
public sealed class ComputePool : IDisposable
{
    /// <summary>Questions that run or wait at most before further ones are refused; plans are counted apart.</summary>
    public const int MostBusy = 24;

    /// <summary>Plans that run or wait at most: one that waits holds only its question.</summary>
    public const int MostPlans = 64;

    /// <summary>Part of all places that one caller may have.</summary>
    private const double ShareOfOne = 0.75;

    /// <summary>After how many seconds what was refused may be asked for again.</summary>
    private const int RetrySeconds = 5;

    /// <summary>How far each kind of job stands back, in steps of niceness.</summary>
    private const int QuestionPatience = 5;

    private const int PlanPatience = 10;

    private readonly JobThreads _questions = new("question", QuestionPatience);
    private readonly JobThreads _plans = new("plan", PlanPatience);

    /// <summary>A plan uses every processor by itself: a second one at once would only make both later.</summary>
    private readonly PlanTurns _queue = new(1, MostPlans, (int)(ShareOfOne * MostPlans), RetrySeconds);

    private readonly Dictionary<string, int> _places = [];
    private readonly Meter _meter;
    private int _busy;
    private int _running;
    private long _spent;
    private long _left;

    /// <summary>Starts the threads of the pool.</summary>
    /// <param name="meters">Takes the figures that <see cref="Telemetry"/> tells to whoever watches the server.</param>
    public ComputePool(IMeterFactory meters)
    {
        ArgumentNullException.ThrowIfNull(meters);
        _meter = meters.Create(Telemetry.Compute);
        _meter.CreateObservableGauge("deep_baize.questions", () => Busy, "{question}", "Questions that run or wait.");
        _meter.CreateObservableGauge("deep_baize.plans", () => Plans, "{plan}", "Plans that run or wait.");
        _meter.CreateObservableCounter("deep_baize.events", () => Spent, "{event}", "Events of the simulator that all jobs have cost.");
        _meter.CreateObservableGauge("deep_baize.running", () => Running, "{job}", "Jobs that are worked on.");
        _meter.CreateObservableCounter("deep_baize.left", () => Left, "{job}", "Jobs that were stopped since nobody waited any more.");
    }

    /// <summary>Events that all jobs have cost so far.</summary>
    public long Spent => Interlocked.Read(ref _spent);

    /// <summary>Jobs that are worked on at this moment.</summary>
    public int Running => Volatile.Read(ref _running);

    /// <summary>Jobs that were stopped in the midst of their work since nobody waited any more.</summary>
    public long Left => Interlocked.Read(ref _left);

    /// <summary>Questions, plans left out, that run or wait at this moment.</summary>
    public int Busy => Volatile.Read(ref _busy);

    /// <summary>Plans that run or wait at this moment.</summary>
    public int Plans => _queue.Count;

    /// <inheritdoc />
    public void Dispose()
    {
        _questions.Dispose();
        _plans.Dispose();
        _meter.Dispose();
    }

    /// <summary>Takes a place for a question.</summary>
    /// <param name="caller">Who asks.</param>
    /// <returns>The place; given back when the question is answered or its reader has left.</returns>
    /// <exception cref="RefusalException">All places are taken, or the caller has as many as one may have.</exception>
    public IDisposable Enter(string caller)
    {
        lock (_places)
        {
            var had = _places.GetValueOrDefault(caller);
            if (_busy >= MostBusy || had >= ShareOfOne * MostBusy) throw RefusalException.Busy(RetrySeconds);
            _places[caller] = had + 1;
            _busy++;
        }

        return new Place(this, caller);
    }

    /// <summary>Takes a place for a plan.</summary>
    /// <param name="caller">Who asks.</param>
    /// <exception cref="RefusalException">All places are taken, or the caller has as many as one may have.</exception>
    public PlanTurns.Ticket EnterPlan(string caller) => _queue.Enter(caller);

    /// <summary>Runs a job of a question that has a place.</summary>
    /// <param name="caller">Who asks.</param>
    /// <param name="job">The job.</param>
    /// <param name="most">Events that it may cost.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Task<T> RunAsync<T>(string caller, Func<CancellationToken, T> job, long most, CancellationToken cancel) =>
        RunAsync(_questions.Of(caller), job, most, cancel);

    /// <summary>Runs a plan whose turn has come.</summary>
    /// <param name="caller">Who asks.</param>
    /// <param name="job">The plan.</param>
    /// <param name="cancel">Stops it, also while it waits.</param>
    /// <exception cref="WorkBudgetException">It costs too much.</exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Task<T> RunPlanAsync<T>(string caller, Func<CancellationToken, T> job, CancellationToken cancel) =>
        RunAsync(_plans.Of(caller), job, WorkLimits.Plan, cancel);

    private Task<T> RunAsync<T>(TaskScheduler threads, Func<CancellationToken, T> job, long most, CancellationToken cancel)
    {
        // What the runtime starts in one step does not leave its queue when it is cancelled; this does.
        var task = new Task<T>(() => WorkMeter.Measure(most, meter => Counted(meter, job, cancel), cancel), cancel);
        try
        {
            task.Start(threads);
        }
        catch (InvalidOperationException) when (task.IsCanceled)
        {
            // Its reader left before it could begin.
        }

        return task;
    }

    private T Counted<T>(WorkMeter meter, Func<CancellationToken, T> job, CancellationToken cancel)
    {
        Interlocked.Increment(ref _running);
        try
        {
            return job(cancel);
        }
        catch when (cancel.IsCancellationRequested)
        {
            // What is stopped on one of several threads comes wrapped.
            Interlocked.Increment(ref _left);
            throw;
        }
        finally
        {
            Interlocked.Add(ref _spent, meter.Spent);
            Interlocked.Decrement(ref _running);
        }
    }

    private void Leave(string caller)
    {
        lock (_places)
        {
            _busy--;
            if (_places[caller] == 1) _places.Remove(caller);
            else _places[caller]--;
        }
    }

    private sealed class Place(ComputePool pool, string caller) : IDisposable
    {
        private int _isLeft;

        public void Dispose()
        {
            if (Interlocked.Exchange(ref _isLeft, 1) == 0) pool.Leave(caller);
        }
    }
}
