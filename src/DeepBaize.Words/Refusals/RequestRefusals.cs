namespace DeepBaize.Words.Refusals;

/// <summary>Why a request is refused before anybody looks at what it asks, or after too much was tried.</summary>
public static class RequestRefusals
{
    private const string NotUnderstood = "Not understood";
    private const string NotTheJson = "The request is not the JSON that is expected here";

    /// <summary>An address that is none.</summary>
    public const string NoAddress = "There is nothing at this address.";

    /// <summary>An address that is asked for something else.</summary>
    public const string NoMethod = "This address does not do that.";

    /// <summary>A body that is too large.</summary>
    public const string TooLarge = "The request is larger than 1 MB.";

    /// <summary>A body of another kind.</summary>
    public const string NotJson = "This address reads JSON only.";

    /// <summary>Anything else that the server refuses by itself.</summary>
    public const string Other = "The request could not be carried out.";

    /// <summary>A request of another page.</summary>
    public const string ForeignPage = "Only Deep Baize's own pages may ask for this.";

    /// <summary>A body in another encoding.</summary>
    public static Refused NotUtf8 { get; } = new(NotUnderstood, "The request is not in UTF-8.");

    /// <summary>A request that cannot be read.</summary>
    public static Refused Unreadable { get; } = new(NotUnderstood, "The request could not be read.");

    /// <summary>A body that is not the JSON that is expected.</summary>
    /// <param name="field">Where; empty or null when that is not known.</param>
    public static Refused BadJson(string? field) =>
        new(NotUnderstood, string.IsNullOrEmpty(field) ? $"{NotTheJson}." : $"{NotTheJson}: see {field}.");

    /// <summary>A number that cannot be used.</summary>
    /// <param name="field">Where.</param>
    public static Refused BadNumber(string field) => new(NotUnderstood, $"{NotTheJson}: {field} is no finite number that can be used.");

    /// <summary>A list with a gap.</summary>
    public static Refused Gap { get; } = new(NotUnderstood, $"{NotTheJson}: it has a list with an entry that is null.");

    /// <summary>No room just now.</summary>
    public static Refused Busy(int seconds) => new(
        "Too much at once", $"Too much is being worked out just now; try again in {seconds} seconds.");

    /// <summary>Balls among which more happens than can be worked out.</summary>
    public static Refused TooMuchHappens(long events) => new(
        "Too much happens",
        $"So much happens with these balls on this table that the answer was given up after {events} events: make the table more like a "
        + "real one, or ask for less.");

    /// <summary>A stroke that takes more events than one may.</summary>
    /// <param name="events">How many it may take.</param>
    /// <param name="seconds">When it was stopped.</param>
    public static Refused EndlessStroke(int events, double seconds) =>
        new("Too much happens", $"The shot needed more than {events} events; it was stopped after {seconds:0.###} s.");

    /// <summary>A meeting of ball and cushion that does not end.</summary>
    public static Refused EndlessImpact { get; } = new(
        "Too much happens", "A ball met a cushion in a way whose impulse did not end within its budget of steps.");

    /// <summary>Something that a newer program kept.</summary>
    public static Refused Newer(int version, int newest) => new(
        "Kept by a newer program",
        $"This was kept by a newer version of Deep Baize, in version {version} of its shape; this one reads up to {newest}. "
        + "Nothing was changed.");

    /// <summary>A database that does not answer.</summary>
    public static Refused DatabaseAway { get; } = new(
        "Saved positions are away",
        "The database does not answer just now. Shots are still predicted; try saving again in a moment.");

    /// <summary>Something that should not have happened.</summary>
    public static Refused Unexpected { get; } = new("Something went wrong", "That did not work; nothing was changed.");
}
