using System.Text.Json.Serialization;

namespace DeepBaize.Web.Formats;

/// <summary>A position in a file. Its shape has a version of its own; up to version 7 it was that of the kept document.</summary>
/// <param name="SchemaVersion">Version of this shape.</param>
/// <param name="Balls">The balls in the order of their ids.</param>
/// <param name="Contacts">Pairs of ids that touch.</param>
/// <param name="Stroke">The stroke, if one was set.</param>
/// <param name="Profile">Id of the table.</param>
/// <param name="Intent">What the stroke is for, if that was chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Setting">With what it was made.</param>
internal sealed record FilePosition(
    int SchemaVersion,
    IReadOnlyList<FileBall> Balls,
    IReadOnlyList<IReadOnlyList<string>>? Contacts = null,
    FileStroke? Stroke = null,
    string? Profile = null,
    FileIntent? Intent = null,
    IReadOnlyList<FileMark>? Marks = null,
    FileState? State = null,
    FileSetting? Setting = null)
{
    /// <summary>The version that this program writes.</summary>
    public const int CurrentVersion = 7;
}

/// <summary>A ball and its place in metres.</summary>
internal sealed record FileBall(string Id, double X, double Y);

/// <summary>A stroke; the contact point is in ball radii off the centre.</summary>
internal sealed record FileStroke(double DirectionDeg, double WhiteSpeed, double Side = 0, double Height = 0, double ElevationDeg = 0);

/// <summary>What a stroke is for.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(FilePot), "pot")]
[JsonDerivedType(typeof(FileHit), "hit")]
[JsonDerivedType(typeof(FileReach), "reach")]
internal abstract record FileIntent;

/// <summary>A ball is potted.</summary>
internal sealed record FilePot(string Ball, string Pocket, string Part, bool Keep) : FileIntent;

/// <summary>A ball is met before any other.</summary>
internal sealed record FileHit(string Ball) : FileIntent;

/// <summary>The white comes to rest about a place.</summary>
internal sealed record FileReach(double X, double Y, double Within) : FileIntent;

/// <summary>A mark on the cloth.</summary>
internal sealed record FileMark(string Id, string Kind, IReadOnlyList<FilePlace> Places, double? Radius = null, string Text = "");

/// <summary>A place in metres.</summary>
internal sealed record FilePlace(double X, double Y);

/// <summary>A state of play; what is absent was not said.</summary>
internal sealed record FileState(
    string? On = null, string? Nominated = null, bool InHand = false, bool FreeBall = false, FileScores? Scores = null, int? Break = null,
    int MissCount = 0, bool Practice = false);

/// <summary>The points of both.</summary>
internal sealed record FileScores(int Player, int Opponent);

/// <summary>Table, cue and player as they were when the position was made.</summary>
internal sealed record FileSetting(FileCoefficients? Table = null, FileCueInUse? Cue = null, FilePlayer? Player = null);
