using DeepBaize.Planning.Players;
using DeepBaize.Web.Mapping;

namespace DeepBaize.Web.Reading;

/// <summary>A player: what is absent is that of the preset.</summary>
/// <param name="Preset">starter, club (absent), league or expert.</param>
/// <param name="Hand">right or left.</param>
/// <param name="ShoulderHeight">Height of the shoulder in metres.</param>
/// <param name="Reach">Metres from the nose of a cushion to the bridge in a plain stance.</param>
/// <param name="Stretch">Metres more when stretched.</param>
/// <param name="CueLength">Length of the cue in metres.</param>
/// <param name="Rests">The rests at hand.</param>
/// <param name="Alignment">Error of the line in mrad.</param>
/// <param name="Swing">Error of the swing in mrad.</param>
/// <param name="HeightMm">Error of the tip's height in mm.</param>
/// <param name="Pace">Error of the pace as a share.</param>
/// <param name="Butt">Error of the butt's elevation in mrad.</param>
/// <param name="JudgePushOff">How far the push-off of side is misjudged, as a share of it.</param>
/// <param name="JudgeSwerve">How far the swerve of side is misjudged, as a share of it.</param>
/// <param name="JudgeThrow">How far the throw of the ball is misjudged, as a share of it.</param>
/// <param name="SideBiasMm">Habitual side in mm of the cue's axis, positive to the right.</param>
/// <param name="Factors">What makes the errors larger.</param>
/// <param name="Preferences">The player's school.</param>
/// <param name="Paces">The player's own pace scale.</param>
public sealed record PlayerInput(
    string? Preset = null,
    [Codes(typeof(Hand))] string? Hand = null,
    double? ShoulderHeight = null,
    double? Reach = null,
    double? Stretch = null,
    double? CueLength = null,
    RestsInput? Rests = null,
    SpreadInput? Alignment = null,
    SpreadInput? Swing = null,
    SpreadInput? HeightMm = null,
    SpreadInput? Pace = null,
    SpreadInput? Butt = null,
    SpreadInput? JudgePushOff = null,
    SpreadInput? JudgeSwerve = null,
    SpreadInput? JudgeThrow = null,
    double? SideBiasMm = null,
    FactorsInput? Factors = null,
    PreferencesInput? Preferences = null,
    IReadOnlyList<PaceInput>? Paces = null);

/// <summary>Rests at hand; what is absent is there.</summary>
public sealed record RestsInput(bool Plain = true, bool Extension = true, bool Spider = true, bool SwanNeck = true);

/// <summary>Standard deviation and mean of an error.</summary>
/// <param name="Size">Standard deviation, 0 or more.</param>
/// <param name="Bias">Mean.</param>
public sealed record SpreadInput(double Size, double Bias = 0);

/// <summary>Factors on all errors; what is absent is the preset's.</summary>
public sealed record FactorsInput(
    double? PerPace = null,
    double? PerDegree = null,
    double? Stretched = null,
    double? Rest = null,
    double? Extended = null,
    double? HighRest = null,
    double? OtherHand = null,
    double? OverBall = null,
    double? OffCushion = null);

/// <summary>A school as weights: points of a hundred that a kind of stroke costs in the ranking; what is absent is the preset's.</summary>
/// <param name="Side">avoid, sparing or helping.</param>
/// <param name="Follow">Points that a follow costs.</param>
/// <param name="Stun">Points that a stun costs.</param>
/// <param name="Screw">Points that a screw costs.</param>
/// <param name="RestCost">Points that a rest costs.</param>
/// <param name="CushionRule">True to show the trade's rule of cushion or hold.</param>
/// <param name="Cushion">Points that a white which comes to a cushion costs.</param>
/// <param name="High">Points that it costs to come out high on a colour.</param>
/// <param name="Low">Points that it costs to come out low on a colour.</param>
public sealed record PreferencesInput(
    [Codes(typeof(SidePolicy))] string? Side = null, double? Follow = null, double? Stun = null, double? Screw = null,
    double? RestCost = null,
    bool? CushionRule = null, double? Cushion = null, double? High = null, double? Low = null);
