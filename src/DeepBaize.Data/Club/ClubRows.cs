namespace DeepBaize.Data.Club;

/// <summary>What somebody does at the club.</summary>
public enum PersonRole
{
    /// <summary>Plays.</summary>
    Player,

    /// <summary>Teaches.</summary>
    Coach,
}

/// <summary>A player or coach.</summary>
public sealed class Person
{
    /// <summary>Key.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose row it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The club.</summary>
    public required string Club { get; init; }

    /// <summary>Name.</summary>
    public required string Name { get; init; }

    /// <summary>Player or coach.</summary>
    public PersonRole Role { get; init; }

    /// <summary>True for the one who uses the program now.</summary>
    public bool IsCurrent { get; init; }
}

/// <summary>A table at a club.</summary>
public sealed class ClubTable
{
    /// <summary>Key.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose row it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The club.</summary>
    public required string Club { get; init; }

    /// <summary>Name of the table.</summary>
    public required string Name { get; init; }

    /// <summary>When it was last measured; null until then.</summary>
    public DateOnly? MeasuredOn { get; init; }

    /// <summary>True for the one in use.</summary>
    public bool IsCurrent { get; init; }
}
