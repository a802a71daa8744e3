using System.Text.Json;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Data.Positions;

/// <summary>A ball in a saved position.</summary>
/// <param name="Id">Ball id as text.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
public sealed record SavedBall(string Id, double X, double Y);

/// <summary>The stroke that was set when the position was saved.</summary>
/// <param name="DirectionDeg">Degrees anticlockwise from straight up the table.</param>
/// <param name="Pace">Pace from 1 to 10.</param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
public sealed record SavedStroke(double DirectionDeg, double Pace, double Side, double Height);

/// <summary>The pot that was chosen when the position was saved.</summary>
/// <param name="Ball">Ball id as text.</param>
/// <param name="Pocket">Pocket id as text.</param>
/// <param name="Part">middle, nearJaw or farJaw.</param>
/// <param name="Keep">True when the aim followed the pot.</param>
public sealed record SavedPot(string Ball, string Pocket, string Part, bool Keep);

/// <summary>What a saved position holds, as it stands in the database.</summary>
/// <param name="SchemaVersion">Version of this shape.</param>
/// <param name="Balls">The balls in the order of their ids.</param>
/// <param name="Contacts">Pairs of ids that touch, kept explicitly so that rounding cannot open them.</param>
/// <param name="Stroke">The stroke, if one was set.</param>
/// <param name="Profile">Id of the table, balls and cue that it is for; since version 2, before that always the club's.</param>
/// <param name="Pot">The pot, if one was chosen; since version 3.</param>
public sealed record PositionDocument(
    int SchemaVersion,
    IReadOnlyList<SavedBall> Balls,
    IReadOnlyList<IReadOnlyList<string>> Contacts,
    SavedStroke? Stroke,
    string Profile = PositionDocument.ClubProfile,
    SavedPot? Pot = null)
{
    /// <summary>The version that this program writes.</summary>
    public const int CurrentVersion = 3;

    /// <summary>Id of the club table's profile.</summary>
    public const string ClubProfile = "club";

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);

    /// <summary>The document of a legal layout.</summary>
    public static PositionDocument From(Layout layout, SavedStroke? stroke, string profile = ClubProfile, SavedPot? pot = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return new PositionDocument(
            CurrentVersion,
            [.. layout.Balls.Select(ball => new SavedBall(Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
            [.. layout.Contacts.Select(contact => (string[])[Names.Text(contact.First), Names.Text(contact.Second)])],
            stroke,
            profile,
            pot);
    }

    /// <summary>Writes the document as JSON.</summary>
    public string Write() => JsonSerializer.Serialize(this, Json);

    /// <summary>Reads a document of any version that this program knows.</summary>
    /// <exception cref="NotSupportedException">The document was written by a newer program.</exception>
    public static PositionDocument Read(string json)
    {
        var document = JsonSerializer.Deserialize<PositionDocument>(json, Json)
            ?? throw new NotSupportedException("The saved position is empty.");
        return document.SchemaVersion is >= 1 and <= CurrentVersion
            ? document
            : throw new NotSupportedException($"The position was saved in version {document.SchemaVersion}; this program reads up to {CurrentVersion}.");
    }
}
