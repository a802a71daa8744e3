using System.Collections.Concurrent;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Work;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <summary>Takes the outcome of one stroke of a batch; called on the thread that played it.</summary>
/// <param name="index">Which stroke.</param>
/// <param name="result">What came of it; holds only during the call.</param>
public delegate void StrokeSink(int index, StrokeResult result);

/// <summary>One stroke of a batch with everything that happened in it.</summary>
/// <param name="Outcome">What came of it; its end says when the budget of events ran out.</param>
/// <param name="Record">Events and paths.</param>
public sealed record FullStroke(ShotOutcome Outcome, ShotRecord Record);

/// <summary>
/// Plays many strokes on one layout over several threads. Each thread has a simulation of its own, kept for the next batch; the answers do
/// not depend on how many threads there are. A batch may be used from several threads at once.
/// </summary>
public sealed class StrokeBatch
{
    /// <summary>Strokes that a thread takes at a time: between two pieces it looks whether it is to stop.</summary>
    private const int Piece = 16;

    private readonly PlayingConditions _conditions;
    private readonly TableOutline _outline;
    private readonly int _threads;
    private readonly ConcurrentBag<Worker> _idle = [];

    /// <summary>Prepares batches on a table.</summary>
    /// <param name="conditions">Conditions that can be simulated, see <see cref="Profiles.Coefficients.Problems"/>.</param>
    /// <param name="outline">The outline built from the conditions' pocket cut.</param>
    /// <param name="threads">Threads at most; 0 for those that the question has.</param>
    public StrokeBatch(PlayingConditions conditions, TableOutline outline, int threads = 0)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        ArgumentNullException.ThrowIfNull(outline);
        ArgumentOutOfRangeException.ThrowIfNegative(threads);
        (_conditions, _outline) = (conditions, outline);
        _threads = threads;
    }

    /// <summary>Plays strokes for their outcomes only. A stroke that runs out of its budget of events is an outcome like others.</summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strikes">The strokes.</param>
    /// <param name="sink">Takes each outcome; calls come from several threads at once and in no order.</param>
    /// <param name="cancel">Stops the batch between strokes.</param>
    /// <exception cref="OperationCanceledException">The batch was stopped.</exception>
    public void Run(Layout layout, ReadOnlyMemory<Strike> strikes, StrokeSink sink, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(sink);
        Share(strikes.Length, (worker, index) =>
        {
            worker.Simulation.Run(layout, strikes.Span[index], worker.Result);
            sink(index, worker.Result);
        }, cancel);
    }

    /// <summary>Plays strokes with everything that happens in them.</summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strikes">The strokes.</param>
    /// <param name="cancel">Stops the batch between strokes.</param>
    /// <returns>A full stroke for each strike, in their order.</returns>
    /// <exception cref="OperationCanceledException">The batch was stopped.</exception>
    public IReadOnlyList<FullStroke> RunFull(Layout layout, ReadOnlyMemory<Strike> strikes, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var full = new FullStroke[strikes.Length];
        Share(strikes.Length, (worker, index) =>
        {
            var record = new ShotRecord();
            worker.Simulation.Run(layout, strikes.Span[index], worker.Result, record);
            full[index] = new FullStroke(worker.Result.ToOutcome(), record);
        }, cancel);
        return full;
    }

    private void Share(int count, Action<Worker, int> play, CancellationToken cancel)
    {
        cancel.ThrowIfCancellationRequested();
        var next = 0;
        var threads = Math.Min(_threads == 0 ? Sharing.Threads : _threads, (count + Piece - 1) / Piece);
        if (threads <= 1) Work();
        else Parallel.For(0, threads, Sharing.Options(threads, cancel), _ => Work());

        void Work()
        {
            if (!_idle.TryTake(out var worker)) worker = new Worker(new TableSimulation(_conditions, _outline), new StrokeResult());
            for (var from = Interlocked.Add(ref next, Piece) - Piece; from < count; from = Interlocked.Add(ref next, Piece) - Piece)
            {
                for (var i = from; i < Math.Min(from + Piece, count); i++)
                {
                    cancel.ThrowIfCancellationRequested();
                    play(worker, i);
                }
            }

            _idle.Add(worker);
        }
    }

    private sealed record Worker(TableSimulation Simulation, StrokeResult Result);
}
