using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;

namespace DeepBaize.Web.Reading;

/// <summary>A stroke that is kept with a position.</summary>
/// <param name="DirectionDeg">The cue's line in degrees: 0 up the table, anticlockwise seen from above.</param>
/// <param name="Pace">
/// How hard, in the numbers of the player on whose behalf it is sent or answered. What is kept is the speed of the white, so that the
/// stroke stays the same when the paces change.
/// </param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
/// <param name="WhiteSpeed">
/// The speed of the white off the tip in m/s; it stands in answers, and counts before the pace when it is sent.
/// </param>
/// <param name="ElevationDeg">How far the butt is raised, 0 to 80.</param>
public sealed record StrokeInput(
    double DirectionDeg, double Pace, double Side = 0, double Height = 0, double? WhiteSpeed = null, double ElevationDeg = 0);

/// <summary>A pot that is kept with a position.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Part">middle, nearJaw, farJaw or opening.</param>
/// <param name="Keep">True when the aim follows the pot.</param>
public sealed record KeptPot(string Ball, [Codes(typeof(PocketId))] string Pocket, [Codes(typeof(PocketPart))] string Part, bool Keep);

/// <summary>A place on the cloth.</summary>
/// <param name="X">Metres up the table from the baulk cushion nose.</param>
/// <param name="Y">Metres from the yellow-side cushion nose.</param>
public sealed record MarkPlace(double X, double Y);

/// <summary>A mark on the cloth.</summary>
/// <param name="Id">Its id: letters and digits, unique on the sheet.</param>
/// <param name="Kind">whitePlace, target, gate or zone.</param>
/// <param name="Places">One place, two for a gate, three or more for a zone.</param>
/// <param name="Radius">Radius of a target in metres.</param>
/// <param name="Text">A word or two beside it.</param>
public sealed record MarkInput(
    string Id, [Codes(typeof(MarkKind))] string Kind, IReadOnlyList<MarkPlace> Places, double? Radius = null, string Text = "");

/// <summary>Scores of a frame.</summary>
/// <param name="Player">Points of the player at the table.</param>
/// <param name="Opponent">Points of the opponent.</param>
public sealed record ScoresInput(int Player, int Opponent);

/// <summary>The state of play; what is null is inferred from the balls or not known.</summary>
/// <param name="On">red, colour, or the one colour that is on.</param>
/// <param name="Nominated">The ball that is nominated.</param>
/// <param name="InHand">True when the white is in hand.</param>
/// <param name="FreeBall">True when the player has a free ball.</param>
/// <param name="Scores">The scores.</param>
/// <param name="Break">Points of the break so far.</param>
/// <param name="MissCount">Misses called from here.</param>
/// <param name="Practice">True in free practice: no rules are kept.</param>
public sealed record StateInput(
    [Codes(typeof(BallOn))] string? On = null, string? Nominated = null, bool InHand = false, bool FreeBall = false,
    ScoresInput? Scores = null, int? Break = null,
    int MissCount = 0, bool Practice = false);

/// <summary>What a stroke is for that pots nothing: a ball to hit before any other, or a place to reach.</summary>
/// <param name="Kind">hit or reach.</param>
/// <param name="Ball">The ball to hit.</param>
/// <param name="Place">Where the white should stop.</param>
/// <param name="Within">How far off it may be in metres, 0.01 to 1; absent is 0.1.</param>
public sealed record KeptAim([Codes("hit", "reach")] string Kind, string? Ball = null, PlaceOutput? Place = null, double? Within = null);

/// <summary>The rules of a line-up.</summary>
/// <param name="Cushions">False when the white must not come to a cushion.</param>
public sealed record LineUpInput(bool Cushions = true);

/// <summary>What lies on a sheet.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Stroke">The stroke that is set.</param>
/// <param name="Mode">free (absent) or frame: whether it must be able to occur in a frame.</param>
/// <param name="Profile">Name or id of the table that it is for; absent is the club's.</param>
/// <param name="Pot">The pot that is chosen.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="State">The state of play.</param>
/// <param name="Coefficients">What the table, balls and cue in use differ in from the profile, the player's own paces among them.</param>
/// <param name="Player">The player in use.</param>
public record PositionContent(
    IReadOnlyList<BallPlace> Balls,
    StrokeInput? Stroke = null,
    [Codes(typeof(LayoutMode))] string? Mode = null,
    string? Profile = null,
    KeptPot? Pot = null,
    IReadOnlyList<MarkInput>? Marks = null,
    StateInput? State = null,
    CoefficientsInput? Coefficients = null,
    PlayerInput? Player = null)
{
    /// <summary>What the stroke is for when it pots nothing; a sheet has this or a pot.</summary>
    public KeptAim? Aim { get; init; }
}
