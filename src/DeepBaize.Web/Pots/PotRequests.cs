using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Pots;

/// <summary>A pot on a table, with the stroke's dials.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Pot">The pot.</param>
/// <param name="Strike">Pace, side and height; its direction counts only when the pot is not kept.</param>
/// <param name="KeepPot">True (absent) to solve the direction for the pot; false to play the strike's own direction.</param>
/// <param name="Placing">A ball that is being laid: it is settled first.</param>
/// <param name="Profile">Name or id of the table, balls and cue; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Units">metric (absent) or imperial.</param>
/// <param name="State">The state of play; what it leaves open is inferred from the balls.</param>
/// <param name="LineUp">The rules of a line-up; when they are given the verdict says what fails.</param>
public sealed record PotQuestion(
    IReadOnlyList<BallPlace> Balls,
    PotInput Pot,
    StrikeInput Strike,
    bool KeepPot = true,
    PlacingInput? Placing = null,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    [Codes(typeof(LengthUnits))] string? Units = null,
    StateInput? State = null,
    LineUpInput? LineUp = null);

/// <summary>A part of the table across its whole width.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="From">Lower edge in metres up the table.</param>
/// <param name="To">Upper edge.</param>
/// <param name="ForTheBlue">True for the group that is played with the blue.</param>
public sealed record RegionInput(string Name, double From, double To, bool ForTheBlue = false);

/// <summary>A table to read.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Profile">Name or id of the table, balls and cue; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Regions">Regions in which reds are counted; absent are the usual four.</param>
/// <param name="Balance">False to leave the balance between regions out of the ranking of reds.</param>
/// <param name="State">The state of play: it says which balls are on.</param>
public sealed record MatrixQuestion(
    IReadOnlyList<BallPlace> Balls,
    string? Profile = null,
    CoefficientsInput? Coefficients = null,
    IReadOnlyList<RegionInput>? Regions = null,
    bool Balance = true,
    StateInput? State = null);

/// <summary>Stun, follow and screw of a pot, and where a pupil thinks that the white will stop.</summary>
/// <param name="Question">The pot.</param>
/// <param name="Guess">Where the pupil touched the cloth; absent when nobody guesses.</param>
public sealed record AnchorQuestion(PotQuestion Question, PlaceOutput? Guess = null);

/// <summary>A wanted place for the white.</summary>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
/// <param name="Within">Distance in metres that still counts as there, above 0 to 1.</param>
public sealed record WantedInput(double X, double Y, double Within);

/// <summary>One dial swept with the others fixed.</summary>
/// <param name="Question">The pot and the dials.</param>
/// <param name="Dial">height or pace.</param>
/// <param name="Wanted">Where the white should stop; absent for nowhere in particular.</param>
/// <param name="From">Lowest value: height in ball radii, or pace; absent is the safe range, or the softest pace that pots.</param>
/// <param name="To">Highest value.</param>
/// <param name="Count">Strokes, 2 to 60; absent is 11.</param>
public sealed record SweepQuestion(
    PotQuestion Question, [Codes("pace", "height")] string Dial, WantedInput? Wanted = null, double? From = null, double? To = null,
    int Count = 11);

/// <summary>A map over pace and height.</summary>
/// <param name="Question">The pot and the dials; the direction is solved anew for each stroke when the pot is kept.</param>
/// <param name="Wanted">Where the white should stop; absent for nowhere in particular.</param>
/// <param name="Count">Strokes each way, 3 to 41; absent is 21.</param>
public sealed record MapQuestionInput(PotQuestion Question, WantedInput? Wanted = null, int Count = 21);

/// <summary>A pot after which the white is to meet a second ball.</summary>
/// <param name="Question">The pot and the side.</param>
/// <param name="Second">The second ball.</param>
/// <param name="Fraction">Chosen thickness at the second ball, 0 to 1; absent is half ball.</param>
/// <param name="Most">Strokes to return at most, 1 to 20; absent is 5.</param>
public sealed record CannonQuestion(PotQuestion Question, string Second, double Fraction = 0.5, int Most = 5);

/// <summary>Tip heights for a row of distances at one pace.</summary>
/// <param name="Pace">The pace, 1 to 10.</param>
/// <param name="Roll">Wanted spin at the contact as a share of natural roll, -1.1 to 1.1: 0 is stun.</param>
/// <param name="Distances">Ways of the white to the contact in metres, each 0.05 to 2.8; 1 to 20 of them.</param>
/// <param name="Profile">Name or id of the table; absent is the club table.</param>
/// <param name="Coefficients">What differs from the profile.</param>
public sealed record HeightsQuestion(
    double Pace, double Roll, IReadOnlyList<double> Distances, string? Profile = null, CoefficientsInput? Coefficients = null);

/// <summary>A try and where the white stopped.</summary>
/// <param name="Value">Value of the dial that was changed.</param>
/// <param name="Miss">Metres from the wanted place: negative short, positive past.</param>
public sealed record TryInput(double Value, double Miss);

/// <summary>Tries on both sides of a place.</summary>
/// <param name="Tries">Two to fifty tries in rising order of the dial.</param>
/// <param name="Within">Distance in metres that still counts as there, above 0.</param>
public sealed record BetweenQuestion(IReadOnlyList<TryInput> Tries, double Within);
