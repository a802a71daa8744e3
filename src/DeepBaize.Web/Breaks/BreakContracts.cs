using DeepBaize.Planning.Breaks;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Breaks;

/// <summary>What the player rules out.</summary>
/// <param name="Side">False to play without side.</param>
/// <param name="Cushion">False to leave out strokes in which the white comes to a cushion.</param>
/// <param name="Rest">False to leave out strokes that need a rest or the other hand.</param>
/// <param name="Only">The only ball to play at.</param>
/// <param name="Goal">score (absent) for as many points as can be expected, or secure for the chance to lead by more than is left.</param>
/// <param name="Approach">
/// high or low: the side of straight on which the player likes to be on colours; absent when it is all the same.
/// </param>
public sealed record WishesInput(
    bool Side = true, bool Cushion = true, bool Rest = true, string? Only = null, [Codes(typeof(BreakGoal))] string? Goal = null,
    [Codes("high", "low")] string? Approach = null);

/// <summary>A frame for which a break is planned.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="State">The state of play; absent is inferred from the balls.</param>
/// <param name="Player">The player; absent is the house's club player.</param>
/// <param name="Wishes">What the player rules out.</param>
/// <param name="Budget">Strokes that the last search may simulate, 100 to 200,000; absent is 16,000.</param>
/// <param name="Seed">Seed of the draws; absent is 1.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Doubt">
/// unmeasured (absent), measured or none: how far the table may be from its profile, for the chances that are shown.
/// </param>
/// <param name="LineUp">The rules of a line-up; absent in a frame.</param>
/// <param name="Opponent">Who comes to the table after a miss; absent is one who plays like the player.</param>
public sealed record BreakQuestionInput(
    IReadOnlyList<BallPlace> Balls,
    StateInput? State = null,
    PlayerInput? Player = null,
    WishesInput? Wishes = null,
    int Budget = 16_000,
    int Seed = 1,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    [Codes("unmeasured", "measured", "none")] string? Doubt = null,
    LineUpInput? LineUp = null,
    PlayerInput? Opponent = null);

/// <summary>A pot drawn as proof: from where the white then lies.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="From">Where the ball lies then.</param>
/// <param name="White">Where the white lies then.</param>
/// <param name="Chance">Estimated chance.</param>
public sealed record ProofPot(string Ball, [Codes(typeof(PocketId))] string Pocket, PlaceOutput From, PlaceOutput White, double Chance);

/// <summary>A part of the difference to another stroke.</summary>
/// <param name="Kind">pot, points, next, further or miss.</param>
/// <param name="Words">What it is.</param>
/// <param name="Worth">
/// What it makes of the difference, in tenths of a point, or of a frame in 100: above 0 where it speaks for the plan. The parts add up.
/// </param>
/// <param name="Pots">The pots that prove it.</param>
public sealed record ReasonOutput([Codes(typeof(ReasonKind))] string Kind, string Words, double Worth, IReadOnlyList<ProofPot> Pots);

/// <summary>The plan's stroke against another.</summary>
/// <param name="IsPlain">True for what most would play, false for the second best ball.</param>
/// <param name="Words">The other stroke and by how much it is behind.</param>
/// <param name="Lead">By how much, in points, or as a chance.</param>
/// <param name="Error">Its standard error.</param>
/// <param name="Ball">The other stroke's ball.</param>
/// <param name="Pocket">Its pocket.</param>
/// <param name="Stroke">The other stroke.</param>
/// <param name="Reasons">What decides, the largest part first.</param>
public sealed record VersusOutput(
    bool IsPlain, string Words, double Lead, double Error, string Ball, [Codes(typeof(PocketId))] string Pocket, StrokeInput Stroke,
    IReadOnlyList<ReasonOutput> Reasons);

/// <summary>One stroke of the line.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="From">Where the ball lies.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="Chance">Chance of the pot, from samples.</param>
/// <param name="Break">The break with it.</param>
/// <param name="White">Where the white is meant to stop; null when nothing follows.</param>
/// <param name="Words">A short sentence.</param>
/// <param name="Turn">When it is played, as it stands beside the ball on the table: "2nd".</param>
public sealed record StepOutput(
    string Ball, [Codes(typeof(PocketId))] string Pocket, PlaceOutput From, StrokeInput Stroke, ChanceOutput Chance, int Break,
    PlaceOutput? White, string Words, string Turn);

/// <summary>Another ball, and what it costs.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">Its best pocket.</param>
/// <param name="Stroke">Its best stroke.</param>
/// <param name="Cost">Points by which it is behind.</param>
/// <param name="Chance">Chance of the pot.</param>
/// <param name="Words">Why not that one, in a sentence.</param>
public sealed record OtherOutput(
    string Ball, [Codes(typeof(PocketId))] string Pocket, StrokeInput Stroke, double Cost, ChanceOutput Chance, string Words);

/// <summary>How likely the whole line is.</summary>
/// <param name="All">Chance that every stroke pots: the product.</param>
/// <param name="Least">Chance of the hardest.</param>
/// <param name="Words">Both in a sentence.</param>
public sealed record OddsOutput(double All, double Least, string Words);

/// <summary>A way on when a colour stands in the way.</summary>
/// <param name="Ball">The ball on.</param>
/// <param name="Pocket">Its pocket.</param>
/// <param name="Pushed">The ball that the white pushes after the pot; null for none.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="Chance">Chance of the pot.</param>
/// <param name="Frees">Chance that everything that is left can be potted then.</param>
/// <param name="Worth">Points expected.</param>
/// <param name="Words">The way and its risk in a sentence.</param>
public sealed record RemedyOutput(
    string Ball, [Codes(typeof(PocketId))] string Pocket, string? Pushed, StrokeInput Stroke, ChanceOutput Chance, ChanceOutput Frees,
    double Worth, string Words);

/// <summary>The frame's arithmetic.</summary>
/// <param name="On">What is on.</param>
/// <param name="Remaining">Points that can still be potted.</param>
/// <param name="LargestBreak">The largest break still possible.</param>
/// <param name="PotsToFifty">Fewest further pots to a break of fifty; null when it is out of reach.</param>
/// <param name="PotsToHundred">Fewest further pots to a hundred.</param>
/// <param name="ToSecure">Points that secure the frame; 0 when the lead is more than is left.</param>
/// <param name="Words">The arithmetic in a sentence.</param>
public sealed record ArithmeticOutput(
    [Codes(typeof(BallOn))] string On, int Remaining, int LargestBreak, int? PotsToFifty, int? PotsToHundred, int ToSecure, string Words);

/// <summary>A plan so far.</summary>
/// <param name="Sentence">The answer in one sentence.</param>
/// <param name="Decisive">The words in it that decide: the ball, and the stroke.</param>
/// <param name="Line">Up to four strokes.</param>
/// <param name="Odds">How likely the whole line is.</param>
/// <param name="Rests">Strokes of the line that need a rest or the other hand.</param>
/// <param name="Worth">Points expected of the visit; with the goal secure the chance to secure the frame, 0 to 1.</param>
/// <param name="Error">Its standard error.</param>
/// <param name="WorthWords">What the visit is worth, in a sentence.</param>
/// <param name="White">Where the white in hand is put.</param>
/// <param name="Because">Why: against the second best ball, and against what most would play; in the last answer.</param>
/// <param name="IsPlain">True when the plan is what most would play.</param>
/// <param name="GivesUp">What the player's school gives up, in a sentence; null for nothing to speak of.</param>
/// <param name="Others">Other balls, the cheapest first.</param>
/// <param name="Remedies">Ways on when only colours are left and one stands in the way.</param>
/// <param name="Regions">The reds by region; empty when none are up.</param>
/// <param name="Ledger">What may go wrong, in rows.</param>
/// <param name="Chance">
/// The first stroke sampled: what runs past, falls short, where the white may stop; null until the last answer.
/// </param>
/// <param name="Arithmetic">The frame's arithmetic.</param>
/// <param name="AsksSafety">True when nothing is on, so that the question is what to leave.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="Budget">The budget that was asked for.</param>
/// <param name="Seed">The seed.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record BreakAnswer(
    string Sentence,
    IReadOnlyList<string> Decisive,
    IReadOnlyList<StepOutput> Line,
    OddsOutput? Odds,
    int Rests,
    double Worth,
    double Error,
    string WorthWords,
    PlaceOutput? White,
    IReadOnlyList<VersusOutput> Because,
    bool IsPlain,
    string? GivesUp,
    IReadOnlyList<OtherOutput> Others,
    IReadOnlyList<RemedyOutput> Remedies,
    IReadOnlyList<RegionOutput> Regions,
    IReadOnlyList<RowOutput> Ledger,
    ChanceResponse? Chance,
    ArithmeticOutput Arithmetic,
    bool AsksSafety,
    int Played,
    int Budget,
    int Seed,
    bool IsFinal);

/// <summary>A stroke to play in a frame.</summary>
/// <param name="Balls">The balls.</param>
/// <param name="Stroke">The stroke as it is meant.</param>
/// <param name="State">The state of play; its nominated ball is what is played for.</param>
/// <param name="Player">The player.</param>
/// <param name="Scatter">Number of the draw; absent plays the stroke as it is meant.</param>
/// <param name="Seed">Seed of the draws; absent is 1.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="LineUp">The rules of a line-up; absent in a frame.</param>
public sealed record StepQuestion(
    IReadOnlyList<BallPlace> Balls,
    StrokeInput Stroke,
    StateInput? State = null,
    PlayerInput? Player = null,
    int? Scatter = null,
    int Seed = 1,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    LineUpInput? LineUp = null);

/// <summary>What a stroke came to by the rules.</summary>
/// <param name="Words">The ruling in a sentence.</param>
/// <param name="Points">Points scored.</param>
/// <param name="Penalty">Points that go to the opponent.</param>
/// <param name="StaysAtTable">True when the player goes on.</param>
/// <param name="IsOver">True when the frame is over.</param>
/// <param name="Fails">Why the attempt at a line-up is over: missed, foul or cushion; null while it goes on, and in a frame.</param>
/// <param name="Balls">The balls for the next stroke, colours put back; a white in hand stands in the D.</param>
/// <param name="State">The state of play then.</param>
/// <param name="Played">The stroke as it was delivered, from the tip to the last ball at rest.</param>
public sealed record StepAnswer(
    string Words, int Points, int Penalty, bool StaysAtTable, bool IsOver, [Codes("missed", "foul", "cushion")] string? Fails,
    IReadOnlyList<BallPlace> Balls, StateInput State, PredictResponse Played);

/// <summary>Visits to play out from a plan's first stroke.</summary>
/// <param name="Question">The frame, the player and his wishes.</param>
/// <param name="Pot">The pot that each visit begins with.</param>
/// <param name="Stroke">The stroke.</param>
/// <param name="Target">Points whose chance is wanted, 1 to 155.</param>
/// <param name="Visits">Visits to play, 1 to 2,000; absent is 100.</param>
public sealed record OutlookQuestion(BreakQuestionInput Question, PotInput Pot, StrokeInput Stroke, int Target = 50, int Visits = 100);

/// <summary>What visits that were played out came to so far.</summary>
/// <param name="Visits">Visits played.</param>
/// <param name="Mean">Mean points.</param>
/// <param name="Error">Its standard error.</param>
/// <param name="Target">The target.</param>
/// <param name="Reached">Chance to reach it.</param>
/// <param name="Best">The best visit.</param>
/// <param name="Words">All that in a sentence.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record OutlookAnswer(
    int Visits, double Mean, double Error, int Target, ChanceOutput Reached, int Best, string Words, bool IsFinal);

/// <summary>What a place in the D is worth to a white in hand.</summary>
/// <param name="Place">The place.</param>
/// <param name="Worth">Points expected, estimated.</param>
public sealed record HandPlace(PlaceOutput Place, double Worth);
