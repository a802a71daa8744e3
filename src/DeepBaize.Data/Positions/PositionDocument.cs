using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Data.Positions;

/// <summary>What a saved position holds, as it stands in the database.</summary>
/// <param name="SchemaVersion">Version of this shape.</param>
/// <param name="Balls">The balls in the order of their ids.</param>
/// <param name="Contacts">Pairs of ids that touch, kept explicitly so that rounding cannot open them.</param>
/// <param name="Stroke">The stroke, if one was set.</param>
/// <param name="Profile">Id of the table, balls and cue that it is for; since version 2, before that always the club's.</param>
/// <param name="Intent">
/// What the stroke is for, if that was chosen; since version 6, before that the pot, which came with version 3. Strokes that pot nothing
/// came with version 7.
/// </param>
/// <param name="Marks">Marks on the cloth; since version 4, null in what is older.</param>
/// <param name="State">The state of play; since version 4, null when nothing of it was set.</param>
/// <param name="Setting">With what it was made; since version 6, null in what is older.</param>
public sealed record PositionDocument(
    int SchemaVersion,
    IReadOnlyList<SavedBall> Balls,
    IReadOnlyList<IReadOnlyList<string>> Contacts,
    SavedStroke? Stroke,
    string Profile = PositionDocument.ClubProfile,
    SavedIntent? Intent = null,
    IReadOnlyList<SavedMark>? Marks = null,
    SavedState? State = null,
    SavedSetting? Setting = null)
{
    /// <summary>The version that this program writes.</summary>
    public const int CurrentVersion = 8;

    /// <summary>Id of the club table's profile.</summary>
    public const string ClubProfile = "club";

    private static readonly JsonSerializerOptions Json =
        new(JsonSerializerDefaults.Web)
        {
            AllowOutOfOrderMetadataProperties = true,
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        };

    /// <summary>The balls and contacts of a legal layout, as they stand in a document.</summary>
    public static (IReadOnlyList<SavedBall> Balls, IReadOnlyList<IReadOnlyList<string>> Contacts) From(Layout layout)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return (
            [.. layout.Balls.Select(ball => new SavedBall(Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
            [.. layout.Contacts.Select(contact => (string[])[Names.Text(contact.First), Names.Text(contact.Second)])]);
    }

    /// <summary>The document of a legal layout with a stroke, on a table.</summary>
    public static PositionDocument From(Layout layout, SavedStroke? stroke, string profile = ClubProfile)
    {
        var (balls, contacts) = From(layout);
        return new PositionDocument(CurrentVersion, balls, contacts, stroke, profile);
    }

    /// <summary>Writes the document as JSON.</summary>
    public string Write() => JsonSerializer.Serialize(this, Json);

    /// <summary>Reads a document of any version that this program knows.</summary>
    /// <exception cref="NewerDocumentException">The document was written by a newer program.</exception>
    public static PositionDocument Read(string json)
    {
        var root = JsonNode.Parse(json) as JsonObject ?? throw new NewerDocumentException(0, CurrentVersion);
        return PositionUpgrades.ToVersion(root, CurrentVersion).Deserialize<PositionDocument>(Json)!;
    }
}
