using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;
using DeepBaize.Web.Problems;
using DeepBaize.Words;

namespace DeepBaize.Web.Compute;

/// <summary>A question waits for its turn.</summary>
/// <param name="Ahead">How many are ahead of it.</param>
/// <param name="Words">In words.</param>
public sealed record WaitingOutput(int Ahead, string Words);

/// <summary>
/// Streams what jobs of the pool find, as server-sent events. A reader who leaves stops the work at its next stroke. What ends the work
/// otherwise is the last event, as problem details.
/// </summary>
internal static class PoolStream
{
    /// <summary>Kind of the event that tells who waits.</summary>
    public const string Waiting = "waiting";

    /// <summary>Kind of the event with which a stream ends that cannot go on.</summary>
    public const string Problem = "problem";

    /// <summary>Runs jobs and streams what they tell, in the order in which they tell it.</summary>
    /// <param name="kind">Kind of the events.</param>
    /// <param name="run">Starts the jobs; they tell through the teller until they are done or stopped.</param>
    /// <param name="cancel">Stops everything.</param>
    public static async IAsyncEnumerable<SseItem<object>> ReadAsync<T>(
        string kind, Func<Teller<T>, CancellationToken, Task> run, [EnumeratorCancellation] CancellationToken cancel)
        where T : notnull
    {
        var told = Channel.CreateUnbounded<SseItem<object>>();
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        var closing = run(new Teller<T>(told.Writer, kind), stop.Token).ContinueWith(
            done =>
            {
                if (done.Exception?.GetBaseException() is { } fault && fault is not OperationCanceledException)
                    told.Writer.TryWrite(new SseItem<object>(ProblemHandler.Describe(fault), Problem));
                told.Writer.TryComplete();
            },
            CancellationToken.None,
            TaskContinuationOptions.ExecuteSynchronously,
            TaskScheduler.Default);
        try
        {
            await foreach (var item in told.Reader.ReadAllAsync(cancel)) yield return item;
        }
        finally
        {
            // The reader may have left: what still waits or runs ends at its next stroke.
            await stop.CancelAsync();
            await closing;
        }
    }

    /// <summary>Takes what a job tells.</summary>
    internal readonly struct Teller<T>(ChannelWriter<SseItem<object>> writer, string kind)
        where T : notnull
    {
        /// <summary>An answer.</summary>
        public void Tell(T item) => writer.TryWrite(new SseItem<object>(item, kind));

        /// <summary>How many are ahead.</summary>
        public void Waits(int ahead) => writer.TryWrite(new SseItem<object>(new WaitingOutput(ahead, QueueWords.Ahead(ahead)), Waiting));
    }
}
