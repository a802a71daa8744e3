using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;
using DeepBaize.Words;

namespace DeepBaize.Web.Shots;

/// <summary>What to predict. Exactly one of strike and initial is given.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Strike">The stroke.</param>
/// <param name="Initial">The white's first motion, instead of a stroke.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Placing">A ball that is being laid: it is settled first, then the shot is predicted.</param>
/// <param name="Profile">Name or id of the table, balls and cue; absent is the club table.</param>
/// <param name="Units">metric (absent) or imperial: how distances are put into words.</param>
/// <param name="State">The state of play; what it leaves open is inferred from the balls.</param>
/// <param name="LineUp">The rules of a line-up; when they are given the verdict says what fails.</param>
public sealed record PredictRequest(
    IReadOnlyList<BallPlace> Balls,
    StrikeInput? Strike = null,
    InitialInput? Initial = null,
    CoefficientsInput? Coefficients = null,
    PlacingInput? Placing = null,
    string? Profile = null,
    [Codes(typeof(LengthUnits))] string? Units = null,
    StateInput? State = null,
    LineUpInput? LineUp = null);
