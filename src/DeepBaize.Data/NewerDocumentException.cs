namespace DeepBaize.Data;

/// <summary>Something was kept by a newer version of the program, or is damaged: its version is none that this program knows.</summary>
/// <param name="version">The version that it bears; 0 when it bears none.</param>
/// <param name="newest">The newest that this program knows.</param>
public sealed class NewerDocumentException(int version, int newest) : Exception($"Version {version}; up to {newest} is read.")
{
    /// <summary>The version that it bears; 0 when it bears none.</summary>
    public int Version { get; } = version;

    /// <summary>The newest that this program knows.</summary>
    public int Newest { get; } = newest;
}
