using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Chances;

/// <summary>
/// Where the white should stop: in one of the painted zones or targets, and where the wishes hold; with neither nowhere in particular.
/// </summary>
/// <param name="Marks">Painted zones and targets.</param>
/// <param name="Wishes">Next pots that must all be on.</param>
/// <param name="CushionMetres">Least gap between white and cushion where wishes hold, 0 to 0.5.</param>
/// <param name="RestAllowed">False to leave out places from which a next pot needs the rest.</param>
public sealed record GoalInput(
    IReadOnlyList<MarkInput>? Marks = null, IReadOnlyList<WishInput>? Wishes = null, double CushionMetres = 0.02, bool RestAllowed = true);

/// <summary>A next pot that must be on.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="LeastCutDeg">Least cut in degrees.</param>
/// <param name="MostCutDeg">Greatest cut.</param>
/// <param name="LeastMetres">Least way of the white to the contact.</param>
/// <param name="MostMetres">Greatest.</param>
/// <param name="Side">high, straight or low; absent for either.</param>
public sealed record WishInput(
    string Ball, [Codes(typeof(PocketId))] string Pocket, double LeastCutDeg = 0, double MostCutDeg = 60, double LeastMetres = 0.1,
    double MostMetres = 2.5,
    [Codes(typeof(SideOfStraight))] string? Side = null);

/// <summary>A stroke with the player who plays it.</summary>
/// <param name="Question">The pot and the stroke.</param>
/// <param name="Player">The player; absent is the house's club player.</param>
/// <param name="Goal">Where the white should stop.</param>
/// <param name="Doubt">unmeasured (absent), measured or none: how far the table may be from its profile.</param>
/// <param name="Samples">Strokes played, 16 to 20,000; absent is 400.</param>
/// <param name="Seed">Seed of the draws; absent is 1.</param>
public sealed record ChanceQuestion(
    PotQuestion Question, PlayerInput? Player = null, GoalInput? Goal = null,
    [Codes("unmeasured", "measured", "none")] string? Doubt = null, int Samples = 400, int Seed = 1);

/// <summary>A stroke that is to be cued, with a pot or without one.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Strike">The stroke.</param>
/// <param name="Player">The player.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record CueingQuestion(
    IReadOnlyList<BallPlace> Balls, StrikeInput Strike, PlayerInput? Player = null, string? Profile = null,
    CoefficientsInput? Coefficients = null);

/// <summary>A zone to compute.</summary>
/// <param name="Balls">The balls on the table; the white may be left out.</param>
/// <param name="Goal">Its wishes, one to four.</param>
/// <param name="Potted">The ball that is potted first; absent for none.</param>
/// <param name="Player">Whose reach counts.</param>
/// <param name="HeadingDeg">The white's way into the zone, to tell the width along and across; absent is up the table.</param>
/// <param name="At">A place to judge.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="State">The state of play in which the first ball is potted.</param>
public sealed record ZoneQuestionInput(
    IReadOnlyList<BallPlace> Balls,
    GoalInput Goal,
    string? Potted = null,
    PlayerInput? Player = null,
    double HeadingDeg = 0,
    PlaceOutput? At = null,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    StateInput? State = null);

/// <summary>Strokes to lay side by side.</summary>
/// <param name="Plans">Two to four strokes.</param>
public sealed record CompareQuestion(IReadOnlyList<ChanceQuestion> Plans);

/// <summary>Ways into the reds off a pot.</summary>
/// <param name="Question">The pot, the stroke's height and the player.</param>
/// <param name="Paces">The paces to compare, one to five; absent are 5, 7 and 8.5.</param>
/// <param name="Sides">The sides to compare in ball radii, one to three; absent are none and a quarter of a radius to each side.</param>
public sealed record PackQuestion(ChanceQuestion Question, IReadOnlyList<double>? Paces = null, IReadOnlyList<double>? Sides = null);

/// <summary>A place to reach with a cushion or without.</summary>
/// <param name="Question">The pot and the player.</param>
/// <param name="Place">Where the white should stop.</param>
public sealed record CushionQuestion(ChanceQuestion Question, PlaceOutput Place);
