using DeepBaize.Rules;
using DeepBaize.Web.Book;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Sheets;

/// <summary>A ball that is told in words where to stand.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Ball">The ball; it may be new on the table.</param>
/// <param name="Words">Where: two numbers, or words such as "two balls off the top cushion, in line with the pink".</param>
/// <param name="Units">metric (absent): bare numbers are millimetres; imperial: inches.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
/// <param name="InHand">True when the white is in hand.</param>
/// <param name="Coefficients">What the table in use differs in from the profile.</param>
public sealed record PlaceRequest(
    IReadOnlyList<BallPlace> Balls, string Ball, string Words, [Codes(typeof(LengthUnits))] string? Units = null, string? Profile = null,
    bool InHand = false,
    CoefficientsInput? Coefficients = null);

/// <summary>Several balls that are changed as one.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Chosen">Those that are changed.</param>
/// <param name="Kind">move, turn or mirror.</param>
/// <param name="Along">Metres up the table, for a move.</param>
/// <param name="Across">Metres towards the green side, for a move.</param>
/// <param name="Degrees">Degrees anticlockwise, for a turn.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
/// <param name="Coefficients">What the table in use differs in from the profile.</param>
public sealed record GroupRequest(
    IReadOnlyList<BallPlace> Balls,
    IReadOnlyList<string> Chosen,
    [Codes("move", "turn", "mirror")] string Kind,
    double Along = 0,
    double Across = 0,
    double Degrees = 0,
    string? Profile = null,
    CoefficientsInput? Coefficients = null);

/// <summary>What became of balls that were changed as one.</summary>
/// <param name="Balls">All balls.</param>
/// <param name="Share">How much of the change was carried out, from 0 to 1.</param>
/// <param name="Words">Why not all of it was, or an empty text.</param>
public sealed record GroupResponse(IReadOnlyList<BallPlace> Balls, double Share, string Words);

/// <summary>Balls that were laid while the server was away.</summary>
/// <param name="Balls">All balls, as they were laid.</param>
/// <param name="Raw">Those that nobody has settled yet.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
/// <param name="Coefficients">What the table in use differs in from the profile.</param>
public sealed record SettleRequest(
    IReadOnlyList<BallPlace> Balls, IReadOnlyList<string> Raw, string? Profile = null, CoefficientsInput? Coefficients = null);

/// <summary>A ball that had to move, or could not be settled.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Sentence">What became of it.</param>
/// <param name="IsSettled">False when there is no room for it: it stays where it was laid, and is flagged.</param>
public sealed record SettledOutput(string Ball, string Sentence, bool IsSettled);

/// <summary>Balls that are settled.</summary>
/// <param name="Balls">All balls.</param>
/// <param name="Told">What is worth telling about those that were raw.</param>
public sealed record SettleResponse(IReadOnlyList<BallPlace> Balls, IReadOnlyList<SettledOutput> Told);

/// <summary>A state of play to be read against the balls that are up.</summary>
/// <param name="Balls">Ids of the balls on the table.</param>
/// <param name="State">What was set; absent: nothing.</param>
public sealed record StateRequest(IReadOnlyList<string> Balls, StateInput? State = null);

/// <summary>What may be on.</summary>
/// <param name="Id">Its code.</param>
/// <param name="Words">What it is called.</param>
public sealed record OnOutput([Codes(typeof(BallOn))] string Id, string Words);

/// <summary>Something that can be chosen.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Words">What it is called.</param>
public sealed record ChoiceOutput(string Id, string Words);

/// <summary>A state of play, read.</summary>
/// <param name="State">What remains of what was set; null when that is nothing.</param>
/// <param name="On">What is on, set or inferred; null when only the white is left.</param>
/// <param name="IsInferred">True when nobody said what is on.</param>
/// <param name="Words">The state in a few words.</param>
/// <param name="Ons">What can be on.</param>
/// <param name="Nominations">What can be nominated: as the free ball, or as the colour after a red.</param>
/// <param name="Dropped">Why something that was set was dropped.</param>
public sealed record StateResponse(
    StateInput? State,
    [Codes(typeof(BallOn))] string? On,
    bool IsInferred,
    string Words,
    IReadOnlyList<OnOutput> Ons,
    IReadOnlyList<ChoiceOutput> Nominations,
    IReadOnlyList<string> Dropped);

/// <summary>The sheet that is being worked on.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="OpenedId">The saved position that it was opened from.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Profile">Name or id of the table.</param>
/// <param name="Pot">The pot that is chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Coefficients">What the table, balls and cue in use differ in from the profile, the player's own paces among them.</param>
/// <param name="Player">The player in use.</param>
public sealed record WorkingSheetRequest(
    IReadOnlyList<BallPlace> Balls,
    Guid? OpenedId = null,
    StrokeInput? Stroke = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null,
    CoefficientsInput? Coefficients = null,
    PlayerInput? Player = null)
    : PositionContent(Balls, Stroke, null, Profile, Pot, Marks, State, Coefficients, Player);

/// <summary>The sheet as it was last sent.</summary>
/// <param name="Content">What lies on it.</param>
/// <param name="Opened">The saved position that it was opened from, when it still stands in the book.</param>
/// <param name="SentAt">When it was sent.</param>
public sealed record WorkingSheetResponse(PositionContent Content, PositionSummary? Opened, DateTimeOffset SentAt);

/// <summary>A layout to be measured for laying it by hand.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="Profile">Name or id of the table; absent is the club's.</param>
/// <param name="Units">metric (absent) or imperial.</param>
/// <param name="Coefficients">What the table in use differs in from the profile.</param>
public sealed record SetUpRequest(
    IReadOnlyList<BallPlace> Balls, IReadOnlyList<MarkInput>? Marks = null, string? Profile = null,
    [Codes(typeof(LengthUnits))] string? Units = null,
    CoefficientsInput? Coefficients = null);

/// <summary>One line of a set-up sheet.</summary>
/// <param name="Id">Ball or mark.</param>
/// <param name="Name">What it is called.</param>
/// <param name="End">Distance of its middle from an end cushion: "900 mm from the baulk cushion".</param>
/// <param name="Side">Distance of its middle from a side cushion.</param>
/// <param name="Words">Where it stands by landmarks, and what it touches.</param>
public sealed record SetUpLine(string Id, string Name, string End, string Side, string Words);

/// <summary>A set-up sheet.</summary>
/// <param name="Balls">A line for each ball, the easiest to lay first.</param>
/// <param name="Marks">A line for each place that is marked.</param>
/// <param name="Table">The table that it is for.</param>
public sealed record SetUpResponse(IReadOnlyList<SetUpLine> Balls, IReadOnlyList<SetUpLine> Marks, string Table);
