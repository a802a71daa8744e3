using DeepBaize.Planning.Safety;
using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Safety;

/// <summary>A frame in which it is asked what to leave.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="State">The state of play; absent is inferred from the balls.</param>
/// <param name="Player">The player; absent is the house's club player.</param>
/// <param name="Opponent">Who comes to the table then; absent is one who plays like the player.</param>
/// <param name="Daring">How much is dared, -1 to 1: what the opponent may score counts twice at -1 and half at 1; absent is 0.</param>
/// <param name="Budget">Strokes that the last search may simulate, about, 100 to 200,000; absent is 16,000.</param>
/// <param name="Seed">Seed of the draws; absent is 1.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Mine">A stroke that the player has in mind, held against the last answer; absent for none.</param>
/// <param name="Doubt">
/// unmeasured (absent), measured or none: how far the table may be from its profile, for the chances that are shown.
/// </param>
public sealed record SafetyQuestionInput(
    IReadOnlyList<BallPlace> Balls,
    StateInput? State = null,
    PlayerInput? Player = null,
    PlayerInput? Opponent = null,
    double Daring = 0,
    int Budget = 16_000,
    int Seed = 1,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    [Codes("unmeasured", "measured", "none")] string? Doubt = null,
    StrokeInput? Mine = null);

/// <summary>A stroke that is offered.</summary>
/// <param name="Kind">What kind of answer it is.</param>
/// <param name="KindWords">That in words.</param>
/// <param name="Ball">The ball that is played at.</param>
/// <param name="From">Where it lies.</param>
/// <param name="Pocket">Its pocket, of a pot.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="IsMoved">True when its aim was moved to the side on which a miss costs less: it must not be aimed anew.</param>
/// <param name="Worth">What it is worth to both sides, in points.</param>
/// <param name="Error">Its standard error.</param>
/// <param name="Pots">How often it pots a ball legally.</param>
/// <param name="Fouls">How often it is foul.</param>
/// <param name="Snookers">How often it leaves the opponent snookered.</param>
/// <param name="OpponentScores">Chance, 0 to 1, that the opponent scores with the next stroke, by straight lines.</param>
/// <param name="White">Where the white in hand is put for it.</param>
/// <param name="Balls">The balls as they lie when it went as meant.</param>
/// <param name="Words">The stroke, and by how much it is behind.</param>
public sealed record SafetyOptionOutput(
    [Codes(typeof(SafetyKind))] string Kind, string KindWords, string Ball, PlaceOutput From, [Codes(typeof(PocketId))] string? Pocket,
    StrokeInput Stroke, bool IsMoved, double Worth, double Error, ChanceOutput Pots, ChanceOutput Fouls, ChanceOutput Snookers,
    double OpponentScores, PlaceOutput? White, IReadOnlyList<BallPlace> Balls, string Words);

/// <summary>A way in which the stroke goes wrong, by one of the player's own errors of direction.</summary>
/// <param name="Side">thick, thin, left or right.</param>
/// <param name="Heading">That in words.</param>
/// <param name="Words">What the opponent finds then.</param>
/// <param name="Balls">The balls as they lie then.</param>
/// <param name="Worth">What strokes that err this way are worth in the mean.</param>
/// <param name="Pot">The opponent's likeliest pot, as it is drawn; null for none.</param>
public sealed record MissedOutput(
    [Codes(typeof(ErrSide))] string Side, string Heading, string Words, IReadOnlyList<BallPlace> Balls, double Worth, LeftPot? Pot);

/// <summary>A pot that is left.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="Chance">Estimated chance.</param>
public sealed record LeftPot(string Ball, [Codes(typeof(PocketId))] string Pocket, double Chance);

/// <summary>What to leave, so far.</summary>
/// <param name="Sentence">The answer in one sentence.</param>
/// <param name="Decisive">The words in it that decide.</param>
/// <param name="Now">Pot or safety, in one sentence.</param>
/// <param name="IsPot">True when the answer is a pot for its own sake: the Break section plans it.</param>
/// <param name="Best">The answer; null when no legal stroke was found.</param>
/// <param name="Leaves">What the opponent finds when it goes as meant.</param>
/// <param name="SafeSide">On which side to be wrong; null when it is all the same.</param>
/// <param name="Rows">How often the opponent scores, what a foul costs, what it is worth.</param>
/// <param name="Misses">Caught thick and thin; in the last answer.</param>
/// <param name="Others">Other kinds of answer, the best first.</param>
/// <param name="Mine">The stroke that the player has in mind; null when none was asked about, or it meets no ball.</param>
/// <param name="MineWords">The same in words, or why there is nothing to compare; empty when none was asked about.</param>
/// <param name="Arithmetic">The frame's arithmetic in a sentence.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="Budget">The budget that was asked for.</param>
/// <param name="Seed">The seed.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record SafetyAnswer(
    string Sentence,
    IReadOnlyList<string> Decisive,
    string Now,
    bool IsPot,
    SafetyOptionOutput? Best,
    string Leaves,
    string? SafeSide,
    IReadOnlyList<RowOutput> Rows,
    IReadOnlyList<MissedOutput> Misses,
    IReadOnlyList<SafetyOptionOutput> Others,
    SafetyOptionOutput? Mine,
    string MineWords,
    string Arithmetic,
    int Played,
    int Budget,
    int Seed,
    bool IsFinal);
