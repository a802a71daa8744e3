namespace DeepBaize.Data.Positions;

/// <summary>A position with its name, as a row.</summary>
public sealed class SavedPosition
{
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

    /// <summary>The balls and the stroke.</summary>
    public required PositionDocument Document { get; set; }

    /// <summary>Rises by one with every change; a change made on an older version is refused.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }
}
