using DeepBaize.Web.Profiles;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Layouts;

/// <summary>A stroke that is kept with a position.</summary>
/// <param name="DirectionDeg">The cue's line in degrees: 0 up the table, anticlockwise seen from above.</param>
/// <param name="Pace">Pace from 1 to 10.</param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
public sealed record StrokeInput(double DirectionDeg, double Pace, double Side = 0, double Height = 0);

/// <summary>A pot that is kept with a position.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Part">middle, nearJaw or farJaw.</param>
/// <param name="Keep">True when the aim follows the pot.</param>
public sealed record KeptPot(string Ball, string Pocket, string Part, bool Keep);

/// <summary>A position to be saved.</summary>
/// <param name="Name">Its name, 1 to 80 characters.</param>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Note">One line that says what to look at, up to 300 characters.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Mode">free (absent) or frame: whether it must be able to occur in a frame.</param>
/// <param name="Profile">Name or id of the table that it is for; absent is the club's.</param>
/// <param name="Pot">The pot that is chosen.</param>
public sealed record CreateLayoutRequest(
    string Name,
    IReadOnlyList<BallPlace> Balls,
    string? Note = null,
    StrokeInput? Stroke = null,
    string? Mode = null,
    string? Profile = null,
    KeptPot? Pot = null);

/// <summary>A position to be saved over an older version of itself.</summary>
/// <param name="Version">The version that was opened.</param>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Note">One line that says what to look at; absent keeps the note.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Mode">free (absent) or frame.</param>
/// <param name="Profile">Name or id of the table that it is for; absent is the club's.</param>
/// <param name="Pot">The pot that is chosen.</param>
public sealed record SaveLayoutRequest(
    int Version,
    IReadOnlyList<BallPlace> Balls,
    string? Note = null,
    StrokeInput? Stroke = null,
    string? Mode = null,
    string? Profile = null,
    KeptPot? Pot = null);

/// <summary>A new name for a position.</summary>
/// <param name="Version">The version that was opened.</param>
/// <param name="Name">The new name, 1 to 80 characters.</param>
public sealed record RenameLayoutRequest(int Version, string Name);

/// <summary>A saved position in the list.</summary>
/// <param name="Id">Key.</param>
/// <param name="Name">Name.</param>
/// <param name="Note">What to look at.</param>
/// <param name="IsHouse">True for a position of the house: it is read only and copied on edit.</param>
/// <param name="Version">Version.</param>
/// <param name="UpdatedAt">When it was last changed.</param>
/// <param name="Balls">The balls, for a small picture.</param>
/// <param name="Profile">The table that it is for.</param>
public sealed record LayoutSummary(
    Guid Id, string Name, string Note, bool IsHouse, int Version, DateTimeOffset UpdatedAt, IReadOnlyList<BallPlace> Balls, ProfileName Profile);

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
public sealed record LayoutResponse(
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
    KeptPot? Pot);
