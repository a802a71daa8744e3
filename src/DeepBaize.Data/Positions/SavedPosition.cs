namespace DeepBaize.Data.Positions;

/// <summary>A position with its name, as a row.</summary>
public sealed class SavedPosition
{
    /// <summary>Most positions that one owner's book holds.</summary>
    public const int MostOfOne = 2000;

    /// <summary>Longest name.</summary>
    public const int NameLength = 80;

    /// <summary>Longest note.</summary>
    public const int NoteLength = 300;

    /// <summary>Key.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>Name, unique for its owner.</summary>
    public required string Name { get; set; }

    /// <summary>One line that says what to look at; may be empty.</summary>
    public required string Note { get; set; }

    /// <summary>Most tags of one position.</summary>
    public const int MostTags = 12;

    /// <summary>Longest tag.</summary>
    public const int TagLength = 30;

    /// <summary>Words under which it is found; in small letters, each once.</summary>
    public IReadOnlyList<string> Tags { get; set; } = [];

    /// <summary>The balls, the stroke, the marks and the state of play.</summary>
    public required PositionDocument Document
    {
        get => _document;
        set => (_document, Balls, Profile) = (value, value.Balls, value.Profile);
    }

    /// <summary>The balls of the document, kept beside it: lists and pictures need no more.</summary>
    public IReadOnlyList<SavedBall> Balls { get; private set; } = [];

    /// <summary>The table of the document, kept beside it.</summary>
    public string Profile { get; private set; } = PositionDocument.ClubProfile;

    /// <summary>True for the position of the house with which a first visit begins.</summary>
    public bool IsFirst { get; set; }

    /// <summary>Rises by one with every change; a change made on an older version is refused.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>When it was deleted; null while it stands in the book. What is deleted can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    private PositionDocument _document = null!;
}

/// <summary>What a position was before it was saved over: the way back.</summary>
public sealed class PositionVersion
{
    /// <summary>The position.</summary>
    public Guid PositionId { get; init; }

    /// <summary>The version that this was.</summary>
    public int Version { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The note that it had.</summary>
    public required string Note { get; init; }

    /// <summary>What it held.</summary>
    public required PositionDocument Document
    {
        get => _document;
        init => (_document, Balls) = (value, value.Balls);
    }

    /// <summary>The balls of the document, kept beside it for a list.</summary>
    public IReadOnlyList<SavedBall> Balls { get; private init; } = [];

    /// <summary>When it had been saved.</summary>
    public DateTimeOffset SavedAt { get; init; }

    private readonly PositionDocument _document = null!;
}

/// <summary>The sheet that an owner works on, as the browser last sent it.</summary>
public sealed class WorkingSheet
{
    /// <summary>Whose it is; each owner has one.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>What lies on it.</summary>
    public required PositionDocument Document { get; set; }

    /// <summary>The saved position that it was opened from.</summary>
    public Guid? OpenedId { get; set; }

    /// <summary>When it was sent.</summary>
    public DateTimeOffset UpdatedAt { get; set; }
}
