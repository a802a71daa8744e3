namespace DeepBaize.Web.Formats;

/// <summary>Players, tables and cues in a file. Its shape has a version of its own.</summary>
/// <param name="Players">Players.</param>
/// <param name="Tables">Tables.</param>
/// <param name="Cues">Cues.</param>
internal sealed record FileProfiles(
    IReadOnlyList<FileEntry<FilePlayer>> Players, IReadOnlyList<FileEntry<FileTable>> Tables, IReadOnlyList<FileEntry<FileCue>> Cues)
{
    /// <summary>The version that this program writes.</summary>
    public const int CurrentVersion = 1;
}

/// <summary>Something in a file of profiles.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Document">The player, table or cue.</param>
/// <param name="Note">A line about it.</param>
internal sealed record FileEntry<TDocument>(string Name, TDocument? Document, string Note = "");
