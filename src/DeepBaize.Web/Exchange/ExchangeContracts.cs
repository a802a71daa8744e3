using DeepBaize.Web.Layouts;
using DeepBaize.Web.Shots;

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
public sealed record ExportRequest(
    IReadOnlyList<BallPlace> Balls,
    string? Name = null,
    string? Note = null,
    IReadOnlyList<string>? Tags = null,
    StrokeInput? Stroke = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null)
    : PositionContent(Balls, Stroke, null, Profile, Pot, Marks, State);

/// <summary>What a file held.</summary>
/// <param name="Name">Its name; empty when the file has none.</param>
/// <param name="Note">What to look at.</param>
/// <param name="Tags">Words under which it is found.</param>
/// <param name="Content">What lies on the sheet.</param>
public sealed record ImportResponse(string Name, string Note, IReadOnlyList<string> Tags, PositionContent Content);
