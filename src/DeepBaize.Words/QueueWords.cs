namespace DeepBaize.Words;

/// <summary>Says what somebody waits for.</summary>
public static class QueueWords
{
    /// <summary>How many plans are ahead.</summary>
    public static string Ahead(int plans) => plans == 1 ? "One plan is ahead of yours." : $"{plans} plans are ahead of yours.";
}
