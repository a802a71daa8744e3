namespace DeepBaize.Words.Refusals;

/// <summary>Why the book and the shelf refuse something.</summary>
public static class BookRefusals
{
    /// <summary>A position that is not there.</summary>
    public const string NoPosition = "There is no such saved position; it may have been deleted.";

    /// <summary>A version that is not there.</summary>
    public const string NoVersion = "There is no such version of this position.";

    /// <summary>A position that others may not change.</summary>
    public const string OfTheHouse = "This position belongs to the house: save it under a name of your own.";

    /// <summary>A position that somebody else changed.</summary>
    public const string SavedMeanwhile =
        "This position was saved elsewhere meanwhile. Open it again, or save yours under another name.";

    /// <summary>A book with no room.</summary>
    public static string Full(int most) =>
        $"Your book is full: it holds {most} positions. Delete some, then save this one; the balls stay on the sheet.";

    /// <summary>A name that a position of the same owner has.</summary>
    public static string NameTaken(string name) => $"You already have a position called \"{name}\".";

    /// <summary>A page that cannot be.</summary>
    public static Refused Page(int most) => new("No such page", $"A page begins at 0 or later and has 1 to {most} positions.");

    /// <summary>Too few or too many positions to name.</summary>
    public static Refused HowMany(int most) => new("How many?", $"Between 1 and {most} positions are named.");

    /// <summary>Too much to look for.</summary>
    public static Refused Words(int mostWords, int longest) =>
        new("Too many words", $"Up to {mostWords} words are looked for, of {longest} characters together.");

    /// <summary>Tags that cannot be.</summary>
    public static Refused Tags(int most, int longest) =>
        new("No usable tags", $"A position has up to {most} tags of up to {longest} characters that can be seen.");

    /// <summary>A name that cannot be.</summary>
    public static Refused Name(int most) => new("No usable name", $"A name has 1 to {most} characters that can be seen, on one line.");

    /// <summary>A note that cannot be.</summary>
    public static Refused Note(int most) => new("No usable note", $"A note has up to {most} characters that can be seen, on one line.");

    /// <summary>A way of judging a position that is none.</summary>
    public static Refused Mode { get; } = new("Unknown mode", "A position is saved as free or as frame.");

    /// <summary>A table, cue or player of a position that cannot be.</summary>
    /// <param name="field">Where in them.</param>
    public static Refused Setting(string? field) =>
        new("An impossible setting", $"Table, cue or player of the setting are not as they must be: see {field}.");

    /// <summary>Something of the shelf that is not there.</summary>
    public const string NoItem = "There is nothing of that kind here; it may have been deleted.";

    /// <summary>Something of the shelf that somebody else changed.</summary>
    public const string ChangedMeanwhile =
        "This was changed elsewhere meanwhile. Look at it again, or save yours under another name.";

    /// <summary>A name that came up while a file was taken over.</summary>
    public const string ImportedNameTaken = "A name in the file is there already; try again.";

    /// <summary>A shelf with no room.</summary>
    public static string ShelfFull(int most) => $"The shelf holds {most} players, tables and cues; delete some first.";

    /// <summary>A name that something of the shelf has.</summary>
    public static string ShelfNameTaken(string name) => $"\"{name}\" is there already; choose another name.";

    /// <summary>Something to keep that is not said.</summary>
    /// <param name="what">What kind of thing.</param>
    public static Refused Nothing(string what) => new("Nothing to keep", $"It is not said what kind of {what} it is.");

    /// <summary>A table that brings a cue with it.</summary>
    public static Refused TableWithCue { get; } = new("An impossible table", "The cue stands on the shelf of its own.");
}
