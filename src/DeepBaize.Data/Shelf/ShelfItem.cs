namespace DeepBaize.Data.Shelf;

/// <summary>What stands on the shelf.</summary>
public enum ShelfKind
{
    /// <summary>A player.</summary>
    Player,

    /// <summary>A table with its balls.</summary>
    Table,

    /// <summary>A cue.</summary>
    Cue,
}

/// <summary>A player, a table or a cue of an owner, as a versioned document.</summary>
public sealed class ShelfItem
{
    /// <summary>Version of the documents that are written now.</summary>
    public const int CurrentVersion = 1;

    /// <summary>Longest name in characters.</summary>
    public const int NameLength = 60;

    /// <summary>Longest note in characters.</summary>
    public const int NoteLength = 200;

    /// <summary>Key.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose row it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>What it is.</summary>
    public ShelfKind Kind { get; init; }

    /// <summary>Its name, unique among the owner's items of the kind.</summary>
    public required string Name { get; set; }

    /// <summary>A line about it.</summary>
    public string Note { get; set; } = "";

    /// <summary>The document as JSON.</summary>
    public required string Document { get; set; }

    /// <summary>Version of the document's shape.</summary>
    public int SchemaVersion { get; set; } = CurrentVersion;

    /// <summary>Rises with every change; a change names the version that it was made from.</summary>
    public int Version { get; set; } = 1;

    /// <summary>True for the one in use; one of each kind at most.</summary>
    public bool IsCurrent { get; set; }

    /// <summary>When it was taken away; null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}
