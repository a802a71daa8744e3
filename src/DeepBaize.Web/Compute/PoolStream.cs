using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace DeepBaize.Web.Compute;

/// <summary>Streams what jobs of the pool find, as server-sent events. A reader who leaves stops the work at its next stroke.</summary>
internal static class PoolStream
{
    /// <summary>Runs jobs and streams what they tell, in the order in which they tell it.</summary>
    /// <param name="kind">Kind of the events.</param>
    /// <param name="run">Starts the jobs; they tell through the action until they are done or stopped.</param>
    /// <param name="cancel">Stops everything.</param>
    public static async IAsyncEnumerable<SseItem<T>> ReadAsync<T>(
        string kind, Func<Action<T>, CancellationToken, Task> run, [EnumeratorCancellation] CancellationToken cancel)
    {
        var told = Channel.CreateUnbounded<T>();
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        var closing = run(item => told.Writer.TryWrite(item), stop.Token).ContinueWith(
            done => told.Writer.TryComplete(done.Exception?.GetBaseException()), CancellationToken.None, TaskContinuationOptions.ExecuteSynchronously, TaskScheduler.Default);
        try
        {
            await foreach (var item in told.Reader.ReadAllAsync(cancel)) yield return new SseItem<T>(item, kind);
        }
        finally
        {
            // The reader may have left: what still waits or runs ends at its next stroke.
            await stop.CancelAsync();
            await closing;
        }
    }
}
