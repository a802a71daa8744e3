namespace DeepBaize.Web.Reading;

/// <summary>A ball on the table.</summary>
/// <param name="Id">cue, red1 to red15, yellow, green, brown, blue, pink or black.</param>
/// <param name="X">Metres up the table from the baulk cushion nose.</param>
/// <param name="Y">Metres from the yellow-side cushion nose.</param>
public sealed record BallPlace(string Id, double X, double Y);

/// <summary>Cloth and cushions; what is absent is the profile's.</summary>
public sealed record TableInput(
    double? SlidingFriction = null,
    double? RollingFriction = null,
    double? SpinDeceleration = null,
    double? Nap = null,
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
    double? EdgeRadius = null,
    double? BackDepth = null,
    double? EdgeRestitution = null,
    double? BackRestitution = null,
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
public sealed record CueInput(
    double? Mass = null, double? EndMassRatio = null, double? MaxSpeed = null, IReadOnlyList<PaceInput>? Paces = null);

/// <summary>Coefficients that differ from the profile's.</summary>
public sealed record CoefficientsInput(
    TableInput? Table = null, PocketsInput? Pockets = null, BallsInput? Balls = null, CueInput? Cue = null);

/// <summary>A ball that is being dragged, and where the hand holds it.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
/// <param name="Snap">True (absent) when things near it draw it; false for fine nudges.</param>
/// <param name="InHand">True when it is the white in hand: it stays on or within the D.</param>
/// <param name="Reach">How near in metres things draw it: some pixels of the screen, 0.008 (absent) to 0.013.</param>
public sealed record PlacingInput(string Ball, double X, double Y, bool Snap = true, bool InHand = false, double? Reach = null);
