namespace DeepBaize.Tests;

/// <summary>Waits for what must happen, however long a busy machine takes; only what hangs is given up.</summary>
internal static class Waiting
{
    private static readonly TimeSpan Hang = TimeSpan.FromMinutes(2);

    /// <summary>Waits until something holds.</summary>
    /// <exception cref="TimeoutException">It never does.</exception>
    public static Task UntilAsync(Func<bool> holds) => UntilAsync(() => Task.FromResult(holds()));

    /// <summary>Waits until something holds that takes a question to know.</summary>
    /// <exception cref="TimeoutException">It never does.</exception>
    public static async Task UntilAsync(Func<Task<bool>> holds)
    {
        using var guard = new CancellationTokenSource(Hang);
        while (!await holds())
        {
            if (guard.IsCancellationRequested) throw new TimeoutException("What was waited for never came.");
            await Task.Delay(5);
        }
    }
}
