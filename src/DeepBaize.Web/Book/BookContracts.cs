using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Book;

/// <summary>A position to be saved.</summary>
/// <param name="Name">Its name, 1 to 80 characters.</param>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Note">One line that says what to look at, up to 300 characters.</param>
/// <param name="Tags">Up to 12 words under which it is found.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Mode">free (absent) or frame: whether it must be able to occur in a frame.</param>
/// <param name="Profile">Name or id of the table that it is for; absent is the club's.</param>
/// <param name="Pot">The pot that is chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Coefficients">What the table, balls and cue in use differ in from the profile, the player's own paces among them.</param>
/// <param name="Player">The player in use.</param>
public sealed record CreatePositionRequest(
    string Name,
    IReadOnlyList<BallPlace> Balls,
    string? Note = null,
    IReadOnlyList<string>? Tags = null,
    StrokeInput? Stroke = null,
    [Codes(typeof(LayoutMode))] string? Mode = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null,
    CoefficientsInput? Coefficients = null,
    PlayerInput? Player = null)
    : PositionContent(Balls, Stroke, Mode, Profile, Pot, Marks, State, Coefficients, Player);

/// <summary>A position to be saved over an older version of itself; what it was is kept.</summary>
/// <param name="Version">The version that was opened.</param>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Note">One line that says what to look at; absent keeps the note.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Mode">free (absent) or frame.</param>
/// <param name="Profile">Name or id of the table that it is for; absent is the club's.</param>
/// <param name="Pot">The pot that is chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Coefficients">What the table, balls and cue in use differ in from the profile, the player's own paces among them.</param>
/// <param name="Player">The player in use.</param>
public sealed record SavePositionRequest(
    int Version,
    IReadOnlyList<BallPlace> Balls,
    string? Note = null,
    StrokeInput? Stroke = null,
    [Codes(typeof(LayoutMode))] string? Mode = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null,
    CoefficientsInput? Coefficients = null,
    PlayerInput? Player = null)
    : PositionContent(Balls, Stroke, Mode, Profile, Pot, Marks, State, Coefficients, Player);

/// <summary>A new name for a position.</summary>
/// <param name="Version">The version that was opened.</param>
/// <param name="Name">The new name, 1 to 80 characters.</param>
/// <param name="Tags">New tags; absent keeps those that it has.</param>
/// <param name="Note">A new note; absent keeps the one that it has.</param>
public sealed record RenamePositionRequest(int Version, string Name, IReadOnlyList<string>? Tags = null, string? Note = null);

/// <summary>A version of a position that is to be changed.</summary>
/// <param name="Version">The version that was opened.</param>
public sealed record VersionedRequest(int Version);

/// <summary>What a position was.</summary>
/// <param name="Version">The version.</param>
/// <param name="SavedAt">When it had been saved.</param>
/// <param name="Note">Its note.</param>
/// <param name="Balls">The balls, for a small picture.</param>
public sealed record VersionSummary(int Version, DateTimeOffset SavedAt, string Note, IReadOnlyList<BallPlace> Balls);

/// <summary>Balls whose like is looked for among the saved positions.</summary>
/// <param name="Balls">The balls.</param>
/// <param name="Count">How many to name, 1 to 20; absent is three.</param>
public sealed record AlikeRequest(IReadOnlyList<BallPlace> Balls, int? Count = null);

/// <summary>A saved position that resembles the sheet.</summary>
/// <param name="Position">The position.</param>
/// <param name="Mirrored">True when the sheet is more like its mirror image.</param>
/// <param name="ApartMetres">How far apart matching balls lie on average.</param>
/// <param name="Words">How alike they are, in words.</param>
public sealed record AlikeOutput(PositionSummary Position, bool Mirrored, double ApartMetres, string Words);

/// <summary>Which page of the saved positions.</summary>
/// <param name="Words">Words that must stand in the name, the note, a tag or the table's name; absent is all.</param>
/// <param name="Skip">How many to leave out from the first; absent is none.</param>
/// <param name="Take">How many at most, 1 to 100; absent is 24.</param>
public sealed record BookQuery(string? Words = null, int? Skip = null, int? Take = null);

/// <summary>A page of the saved positions.</summary>
/// <param name="Positions">Those of the page.</param>
/// <param name="Count">How many there are on all pages.</param>
/// <param name="Tags">All tags of the book, in their order.</param>
public sealed record BookPage(IReadOnlyList<PositionSummary> Positions, int Count, IReadOnlyList<string> Tags)
{
    internal const int Usual = 24;
    internal const int Most = 100;
}

/// <summary>A saved position in the list.</summary>
/// <param name="Id">Key.</param>
/// <param name="Name">Name.</param>
/// <param name="Note">What to look at.</param>
/// <param name="IsHouse">True for a position of the house: it is read only and copied on edit.</param>
/// <param name="Version">Version.</param>
/// <param name="UpdatedAt">When it was last changed.</param>
/// <param name="Balls">The balls, for a small picture.</param>
/// <param name="Profile">The table that it is for.</param>
/// <param name="Tags">Words under which it is found.</param>
public sealed record PositionSummary(
    Guid Id,
    string Name,
    string Note,
    bool IsHouse,
    int Version,
    DateTimeOffset UpdatedAt,
    IReadOnlyList<BallPlace> Balls,
    ProfileName Profile,
    IReadOnlyList<string> Tags);

/// <summary>A saved position.</summary>
/// <param name="Id">Key.</param>
/// <param name="Name">Name.</param>
/// <param name="Note">What to look at.</param>
/// <param name="IsHouse">True for a position of the house: it is read only and copied on edit.</param>
/// <param name="Version">Version, to be sent back when it is changed.</param>
/// <param name="UpdatedAt">When it was last changed.</param>
/// <param name="SchemaVersion">Version of the document's shape.</param>
/// <param name="Balls">The balls.</param>
/// <param name="Contacts">Pairs of balls that touch.</param>
/// <param name="Stroke">The stroke, if one was set.</param>
/// <param name="Profile">The table that it is for.</param>
/// <param name="Pot">The pot, if one was chosen.</param>
/// <param name="Tags">Words under which it is found.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play; null when nothing of it was set.</param>
/// <param name="Aim">What the stroke is for when it pots nothing.</param>
public sealed record PositionResponse(
    Guid Id,
    string Name,
    string Note,
    bool IsHouse,
    int Version,
    DateTimeOffset UpdatedAt,
    int SchemaVersion,
    IReadOnlyList<BallPlace> Balls,
    IReadOnlyList<IReadOnlyList<string>> Contacts,
    StrokeInput? Stroke,
    ProfileName Profile,
    KeptPot? Pot,
    IReadOnlyList<string> Tags,
    IReadOnlyList<MarkInput> Marks,
    StateInput? State,
    KeptAim? Aim);
