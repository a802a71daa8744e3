namespace DeepBaize.Data;

/// <summary>Whose data a row is.</summary>
public sealed class Owner
{
    /// <summary>The house: owner of what ships with the product. Everybody reads it, nobody changes it.</summary>
    public static readonly Guid House = new("00000000-0000-4000-8000-000000000001");

    /// <summary>The one local owner until accounts come.</summary>
    public static readonly Guid Local = new("00000000-0000-4000-8000-000000000002");

    /// <summary>Key.</summary>
    public Guid Id { get; init; }

    /// <summary>Name to show.</summary>
    public required string Name { get; init; }

    /// <summary>Which version of what ships with the product the house has here; 0 for everybody else.</summary>
    public int ContentVersion { get; set; }
}

/// <summary>Says on whose behalf the database is used.</summary>
/// <param name="Id">The owner whose rows are read and written; rows of the house are read too.</param>
public sealed record OwnerScope(Guid Id);
