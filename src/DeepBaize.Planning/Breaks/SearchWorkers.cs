using DeepBaize.Physics.Work;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Search;

namespace DeepBaize.Planning.Breaks;

/// <summary>What one thread of a search works with.</summary>
/// <param name="Player">Aims, plays and judges.</param>
/// <param name="Worth">What a stroke was worth.</param>
/// <param name="Gauge">What can be potted, by straight lines.</param>
/// <param name="Pots">What can be potted, solved.</param>
internal sealed record SearchWorker(FramePlayer Player, IPotWorth Worth, LeaveGauge Gauge, SolvedPots Pots);

/// <summary>The threads of a search. What each piece of work comes to must not depend on who does it.</summary>
internal sealed class SearchWorkers
{
    private readonly SearchWorker[] _workers;

    /// <summary>Makes the workers of a question.</summary>
    public SearchWorkers(BreakQuestion question) => _workers =
    [
        .. Enumerable.Range(0, Math.Max(1, question.Threads)).Select(_ => new SearchWorker(
            new FramePlayer(question.Table, question.Striker, question.LineUp), question.Worth(),
            new LeaveGauge(question.Table, question.Striker), new SolvedPots(question.Table, question.Striker))),
    ];

    /// <summary>The worker for what is not shared out.</summary>
    public SearchWorker First => _workers[0];

    /// <summary>Shares pieces of work out, each by its number.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Share(int count, Action<SearchWorker, int> work, CancellationToken cancel)
    {
        if (_workers.Length == 1)
        {
            for (var i = 0; i < count; i++)
            {
                cancel.ThrowIfCancellationRequested();
                work(_workers[0], i);
            }

            return;
        }

        var next = -1;
        Parallel.For(0, _workers.Length, Sharing.Options(_workers.Length, cancel), thread =>
        {
            for (var i = Interlocked.Increment(ref next); i < count; i = Interlocked.Increment(ref next))
            {
                cancel.ThrowIfCancellationRequested();
                work(_workers[thread], i);
            }
        });
    }
}
