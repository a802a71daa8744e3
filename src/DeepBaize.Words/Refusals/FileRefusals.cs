namespace DeepBaize.Words.Refusals;

/// <summary>Why files are refused. The sentences follow the line and the field.</summary>
public static class FileRefusals
{
    /// <summary>A file that is refused.</summary>
    public const string Title = "A file that cannot be taken";

    /// <summary>An empty file.</summary>
    public const string Empty = "The file is empty.";

    /// <summary>A file in another encoding with two bytes for a sign.</summary>
    public const string Utf16 = "The file is in UTF-16; save it as UTF-8.";

    /// <summary>A file in another encoding.</summary>
    public const string NotUtf8 = "The file is not in UTF-8; save it as UTF-8.";

    /// <summary>A file of something else than text.</summary>
    public const string NoText = "This is no text file.";

    /// <summary>A member that stands twice.</summary>
    public const string NameTwice = "A name stands twice in one object.";

    /// <summary>No JSON.</summary>
    public const string NoJson = "This is no JSON, or it breaks off here.";

    /// <summary>A member that is missing.</summary>
    public const string Missing = "this is missing.";

    /// <summary>A member that nobody knows.</summary>
    public const string Unknown = "nothing of this name belongs here.";

    /// <summary>Something else than a number.</summary>
    public const string NoNumber = "a number belongs here.";

    /// <summary>Something else than a text.</summary>
    public const string NoString = "a text belongs here.";

    /// <summary>Something else than true or false.</summary>
    public const string NoBoolean = "true or false belongs here.";

    /// <summary>Something else than a list.</summary>
    public const string NoList = "a list belongs here.";

    /// <summary>Something else than an object.</summary>
    public const string NoObject = "an object belongs here.";

    /// <summary>A list of the wrong length.</summary>
    public const string ListLength = "the list is too long or too short.";

    /// <summary>A number out of range.</summary>
    public const string NumberRange = "the number is out of range.";

    /// <summary>A text that is too long.</summary>
    public const string TextLength = "the text is too long.";

    /// <summary>A word that is none of those that can stand there.</summary>
    public const string NoChoice = "this is none of the words that belong here.";

    /// <summary>Anything else that the schema does not allow.</summary>
    public const string NotAsSchema = "this is not as the schema says.";

    /// <summary>A cell with a stray quotation mark.</summary>
    public const string Quotation = "A quotation mark is wrong here.";

    /// <summary>More lines than a position can have.</summary>
    public const string TooManyLines = "A position has fewer lines than that.";

    /// <summary>A cell that a spreadsheet would work out.</summary>
    public const string Formula = "this looks like a formula; plain values only.";

    /// <summary>A line before the version.</summary>
    public const string VersionFirst = "The version comes first.";

    /// <summary>No version.</summary>
    public const string NoVersion = "The version is missing: the file breaks off.";

    /// <summary>Two versions.</summary>
    public const string VersionTwice = "The version stands twice.";

    /// <summary>A cell that is no number.</summary>
    public const string NoMillimetres = "a number of millimetres belongs here.";

    /// <summary>What is wrong, with where it is in front.</summary>
    /// <param name="line">The line, from 1; 0 when it is about the file as a whole.</param>
    /// <param name="field">The field; empty when it is about the line.</param>
    /// <param name="sentence">What is wrong.</param>
    public static string At(int line, string field, string sentence) => (line > 0, field.Length > 0) switch
    {
        (true, true) => $"Line {line}, {field}: {sentence}",
        (true, false) => $"Line {line}: {sentence}",
        (false, true) => $"{field}: {sentence}",
        _ => sentence,
    };

    /// <summary>A file that is too large.</summary>
    public static string TooLarge(int bytes) => $"The file is larger than {bytes / 1000} kB; a position needs a few.";

    /// <summary>JSON that is no object.</summary>
    /// <param name="isPosition">True for a position, false for a file of profiles.</param>
    public static string NotAnObject(bool isPosition) => $"{(isPosition ? "A position" : "A file of profiles")} is a JSON object.";

    /// <summary>A file of a newer program.</summary>
    public static string Newer(int version, int current) => $"The file is of version {version}; this program reads up to {current}.";

    /// <summary>A file of another version.</summary>
    public static string OtherVersion(string version, int current) =>
        $"The file is of version \"{version}\"; this program reads version {current}.";

    /// <summary>A first line that does not name the columns.</summary>
    public static string FirstLine(IEnumerable<string> columns) => $"The first line reads {string.Join(',', columns)}.";

    /// <summary>A line of too many or too few cells.</summary>
    public static string Cells(int wanted, int given) => $"{wanted} cells belong on a line, not {given}.";

    /// <summary>A line of the state that is none.</summary>
    public static string NoState(string name) => $"\"{name}\" with this value is no state of play.";

    /// <summary>A line of an unknown kind.</summary>
    public static string UnknownLine(string record) => $"\"{record}\" is no kind of line that is known here.";

    /// <summary>A line that does not follow its mark.</summary>
    public static string AfterMark(string id) => $"This line belongs after the mark \"{id}\".";
}
