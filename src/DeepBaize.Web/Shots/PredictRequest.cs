using DeepBaize.Web.Layouts;

namespace DeepBaize.Web.Shots;

/// <summary>A ball on the table.</summary>
/// <param name="Id">cue, red1 to red15, yellow, green, brown, blue, pink or black.</param>
/// <param name="X">Metres up the table from the baulk cushion nose.</param>
/// <param name="Y">Metres from the yellow-side cushion nose.</param>
public sealed record BallPlace(string Id, double X, double Y);

/// <summary>The stroke. Exactly one of pace, whiteSpeed and cueSpeed is given.</summary>
/// <param name="DirectionDeg">The cue's line in degrees: 0 up the table, anticlockwise seen from above.</param>
/// <param name="Pace">Pace from 1 to 10.</param>
/// <param name="WhiteSpeed">Speed of the white off the tip in m/s.</param>
/// <param name="CueSpeed">Speed of the cue in m/s.</param>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Height">Contact point above centre, in ball radii.</param>
/// <param name="ElevationDeg">How far the butt is raised; only 0 for now.</param>
public sealed record StrikeInput(
    double DirectionDeg,
    double? Pace = null,
    double? WhiteSpeed = null,
    double? CueSpeed = null,
    double Side = 0,
    double Height = 0,
    double ElevationDeg = 0);

/// <summary>A white that sets off by itself, instead of a stroke.</summary>
/// <param name="Velocity">Velocity in m/s: x, y, z; z only 0 for now.</param>
/// <param name="Spin">Angular velocity in rad/s: x, y, z.</param>
public sealed record InitialInput(IReadOnlyList<double> Velocity, IReadOnlyList<double> Spin);

/// <summary>Cloth and cushions; what is absent is the profile's.</summary>
public sealed record TableInput(
    double? SlidingFriction = null,
    double? RollingFriction = null,
    double? SpinDeceleration = null,
    double? Gravity = null,
    double? BedRestitution = null,
    double? CushionRestitution = null,
    double? CushionRestitutionLoss = null,
    double? CushionFriction = null,
    double? CushionFrictionFall = null,
    LivelinessInput? CushionLiveliness = null,
    double? NoseHeight = null);

/// <summary>Factors on the restitution of the four cushions; what is absent is the profile's.</summary>
public sealed record LivelinessInput(double? Baulk = null, double? Top = null, double? YellowSide = null, double? GreenSide = null);

/// <summary>How the pockets are cut, in metres; what is absent is the profile's.</summary>
public sealed record PocketsInput(
    double? CornerThroat = null,
    double? CornerJawRadius = null,
    double? CornerDrop = null,
    double? MiddleThroat = null,
    double? MiddleJawRadius = null,
    double? MiddleDrop = null,
    double? DropRadius = null,
    double? JawFactor = null);

/// <summary>The balls; what is absent is the profile's.</summary>
public sealed record BallsInput(
    double? Diameter = null,
    double? Mass = null,
    double? Restitution = null,
    double? FrictionFactor = null,
    double? FrictionA = null,
    double? FrictionB = null,
    double? FrictionC = null);

/// <summary>A pace of a player's own scale.</summary>
/// <param name="Pace">The number that the player gives it, 1 to 10.</param>
/// <param name="WhiteSpeed">Mean speed in m/s with which the white left the tip.</param>
/// <param name="Scatter">Standard deviation of that speed as a share of it.</param>
public sealed record PaceInput(double Pace, double WhiteSpeed, double Scatter = 0);

/// <summary>The cue and what the player can do with it; what is absent is the profile's.</summary>
/// <param name="Mass">Mass in kg.</param>
/// <param name="EndMassRatio">Ball mass over the cue's effective end mass.</param>
/// <param name="MaxSpeed">Greatest cue speed in m/s.</param>
/// <param name="Paces">The player's own pace scale: paces in this request and its answer are meant in it.</param>
public sealed record CueInput(double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, IReadOnlyList<PaceInput>? Paces = null);

/// <summary>Coefficients that differ from the profile's.</summary>
public sealed record CoefficientsInput(
    TableInput? Table = null, PocketsInput? Pockets = null, BallsInput? Balls = null, CueInput? Cue = null);

/// <summary>A ball that is being dragged, and where the hand holds it.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
/// <param name="Snap">True (absent) when things near it draw it; false for fine nudges.</param>
/// <param name="InHand">True when it is the white in hand: it stays on or within the D.</param>
public sealed record PlacingInput(string Ball, double X, double Y, bool Snap = true, bool InHand = false);

/// <summary>What to predict. Exactly one of strike and initial is given.</summary>
/// <param name="Balls">The balls on the table, with the white.</param>
/// <param name="Strike">The stroke.</param>
/// <param name="Initial">The white's first motion, instead of a stroke.</param>
/// <param name="Coefficients">What differs from the profile.</param>
/// <param name="Placing">A ball that is being laid: it is settled first, then the shot is predicted.</param>
/// <param name="Profile">Name or id of the table, balls and cue; absent is the club table.</param>
/// <param name="Units">metric (absent) or imperial: how distances are put into words.</param>
/// <param name="State">The state of play; when it is given the verdict says what is foul.</param>
/// <param name="LineUp">The rules of a line-up; when they are given the verdict says what fails.</param>
public sealed record PredictRequest(
    IReadOnlyList<BallPlace> Balls,
    StrikeInput? Strike = null,
    InitialInput? Initial = null,
    CoefficientsInput? Coefficients = null,
    PlacingInput? Placing = null,
    string? Profile = null,
    string? Units = null,
    StateInput? State = null,
    LineUpInput? LineUp = null);
