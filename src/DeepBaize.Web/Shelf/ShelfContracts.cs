using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Shelf;

/// <summary>Something on the shelf.</summary>
/// <param name="Id">Its id; the house's are ids of presets.</param>
/// <param name="Name">Its name.</param>
/// <param name="Note">A line about it.</param>
/// <param name="Version">The version to name when it is changed.</param>
/// <param name="IsCurrent">True for the one in use.</param>
/// <param name="IsHouse">True for what belongs to the house: it is copied, not changed.</param>
/// <param name="Document">The player, table or cue.</param>
public sealed record ShelfOutput<TDocument>(
    string Id, string Name, string Note, int Version, bool IsCurrent, bool IsHouse, TDocument Document);

/// <summary>Everything on the shelf, each kind's own ones first.</summary>
/// <param name="Players">Players.</param>
/// <param name="Tables">Tables.</param>
/// <param name="Cues">Cues.</param>
public sealed record ShelfResponse(
    IReadOnlyList<ShelfOutput<PlayerInput>> Players, IReadOnlyList<ShelfOutput<TableDocument>> Tables,
    IReadOnlyList<ShelfOutput<CueDocument>> Cues);

/// <summary>Something to put on the shelf or to change.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Document">The player, table or cue.</param>
/// <param name="Note">A line about it.</param>
/// <param name="Version">The version that it was changed from; absent for something new.</param>
public sealed record ShelfRequest<TDocument>(string Name, TDocument Document, string Note = "", int? Version = null);

/// <summary>How many were taken from a file.</summary>
/// <param name="Players">Players.</param>
/// <param name="Tables">Tables.</param>
/// <param name="Cues">Cues.</param>
/// <param name="Words">In words.</param>
public sealed record ImportedOutput(int Players, int Tables, int Cues, string Words);
