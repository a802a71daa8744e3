using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Exchange;

/// <summary>A sheet to be written to a file.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Name">Its name.</param>
/// <param name="Note">What to look at.</param>
/// <param name="Tags">Words under which it is found.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Profile">Name or id of the table.</param>
/// <param name="Pot">The pot that is chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Coefficients">What the table, balls and cue in use differ in from the profile, the player's own paces among them.</param>
/// <param name="Player">The player in use.</param>
public sealed record ExportRequest(
    IReadOnlyList<BallPlace> Balls,
    string? Name = null,
    string? Note = null,
    IReadOnlyList<string>? Tags = null,
    StrokeInput? Stroke = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null,
    CoefficientsInput? Coefficients = null,
    PlayerInput? Player = null)
    : PositionContent(Balls, Stroke, null, Profile, Pot, Marks, State, Coefficients, Player);

/// <summary>What a file held.</summary>
/// <param name="Name">Its name; empty when the file has none.</param>
/// <param name="Note">What to look at.</param>
/// <param name="Tags">Words under which it is found.</param>
/// <param name="Content">What lies on the sheet.</param>
public sealed record ImportResponse(string Name, string Note, IReadOnlyList<string> Tags, PositionContent Content);
