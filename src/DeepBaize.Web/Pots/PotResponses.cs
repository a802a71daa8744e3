using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Shots;

namespace DeepBaize.Web.Pots;

/// <summary>An angle as a player judges it, from plain geometry.</summary>
/// <param name="CutDeg">Cut in degrees.</param>
/// <param name="CutTo">left, right or straight.</param>
/// <param name="Fraction">How much of the ball is covered.</param>
/// <param name="Contact">The contact in words.</param>
/// <param name="Ghost">Centre of the white at contact.</param>
/// <param name="Target">The point of the pocket that is aimed at.</param>
/// <param name="BallDistance">Metres from the ball to that point.</param>
/// <param name="WhiteDistance">Metres that the white runs.</param>
/// <param name="Side">high, straight or low.</param>
/// <param name="SideWords">The same with its ball: "high on the black".</param>
/// <param name="OffStraight">Signed metres of the white from the straight line, positive to the left of the ball's way.</param>
/// <param name="CentreLineMisses">True when the line of the white's centre passes outside the ball: thinner than half ball.</param>
/// <param name="GhostWords">How to aim by the place of the white at contact.</param>
/// <param name="EdgeWords">How to aim by the edges.</param>
public sealed record JudgeOutput(
    double CutDeg,
    [Codes("left", "right", "straight")] string CutTo,
    double Fraction,
    string Contact,
    PlaceOutput Ghost,
    PlaceOutput Target,
    double BallDistance,
    double WhiteDistance,
    [Codes(typeof(SideOfStraight))] string Side,
    string SideWords,
    double OffStraight,
    bool CentreLineMisses,
    string GhostWords,
    string EdgeWords);

/// <summary>One edge of the window.</summary>
/// <param name="DirectionDeg">The cue's line there.</param>
/// <param name="MarginMrad">Turn from the aim in mrad.</param>
/// <param name="MarginMm">Shift of the white at the contact in mm.</param>
/// <param name="AtPocketMm">Where the ball comes to the pocket, in mm from its middle, positive to the left of its way.</param>
/// <param name="Contact">Centre of the white at contact.</param>
/// <param name="Words">The margin in words.</param>
public sealed record EdgeOutput(
    double DirectionDeg, double MarginMrad, double MarginMm, double AtPocketMm, PlaceOutput Contact, string Words);

/// <summary>The window of directions that pot at this pace.</summary>
/// <param name="WidthMm">Width at the pocket in mm.</param>
/// <param name="Thick">The thick edge; for a straight pot that to the right.</param>
/// <param name="Thin">The thin edge.</param>
/// <param name="Words">Both margins in words.</param>
public sealed record WindowOutput(double WidthMm, EdgeOutput Thick, EdgeOutput Thin, string Words);

/// <summary>One part of the aim.</summary>
/// <param name="Kind">throw, spin or pushOff.</param>
/// <param name="Name">What it is called.</param>
/// <param name="ThinnerMm">Shift at the contact in mm, positive thinner (to the left for a straight pot).</param>
/// <param name="TurnMrad">Turn of the cue in mrad, anticlockwise.</param>
/// <param name="Words">The shift in words.</param>
/// <param name="LeftOut">What happens when it is left out.</param>
/// <param name="PotsWithout">True when the ball still goes without it.</param>
/// <param name="DirectionWithoutDeg">The cue's direction without it.</param>
public sealed record TermOutput(
    [Codes(typeof(AimTermKind))] string Kind, string Name, double ThinnerMm, double TurnMrad, string Words, string LeftOut,
    bool PotsWithout,
    double DirectionWithoutDeg);

/// <summary>The aim taken apart.</summary>
/// <param name="GeometricDeg">The geometric direction.</param>
/// <param name="Terms">Throw, spin and push-off.</param>
/// <param name="ThinnerMm">Their sum in mm, positive thinner.</param>
/// <param name="Words">The sum in words.</param>
/// <param name="Side">none, helping or opposite.</param>
/// <param name="SideWords">The same as a sentence; null without side.</param>
public sealed record AimPartsOutput(
    double GeometricDeg, IReadOnlyList<TermOutput> Terms, double ThinnerMm, string Words, [Codes(typeof(PotSide))] string Side,
    string? SideWords);

/// <summary>What side does at a cushion that the white meets.</summary>
/// <param name="Cushion">The cushion.</param>
/// <param name="Side">none, running or check.</param>
/// <param name="Words">In words.</param>
public sealed record CushionSideOutput([Codes(typeof(CushionId))] string Cushion, [Codes(typeof(CushionSide))] string Side, string Words);

/// <summary>Something that threatens.</summary>
/// <param name="Kind">inOff, jaws, whiteMeetsBall, ballMeetsBall or potMissed.</param>
/// <param name="Ball">The ball concerned.</param>
/// <param name="Pocket">The pocket concerned.</param>
/// <param name="IsExact">True when the stroke itself does it.</param>
/// <param name="Count">How many of the strokes tried do it.</param>
/// <param name="Of">How many were tried.</param>
/// <param name="Words">In words.</param>
public sealed record DangerOutput(
    [Codes(typeof(DangerKind))] string Kind, string? Ball, [Codes(typeof(PocketId))] string? Pocket, bool IsExact, int Count, int Of,
    string Words);

/// <summary>A pot, solved or not.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="PocketName">What players call it.</param>
/// <param name="Part">The part of the pocket.</param>
/// <param name="IsSolved">True when a direction was found.</param>
/// <param name="IsPartial">True when only another part of the pocket is open.</param>
/// <param name="IsPotted">True when the stroke that is shown pots the ball.</param>
/// <param name="Reason">Why there is no direction, or only a part; null otherwise.</param>
/// <param name="Blocker">The ball in the way.</param>
/// <param name="Sentence">The reason in words.</param>
/// <param name="DirectionDeg">The solved direction; null when there is none.</param>
/// <param name="Judge">The angle; null when the ball is not on the table.</param>
/// <param name="Window">The window; null when there is no direction.</param>
/// <param name="Aim">The aim taken apart; null when there is none.</param>
/// <param name="Cushions">What side does at each cushion that the white meets.</param>
/// <param name="Dangers">What threatens the stroke or its neighbours.</param>
public sealed record PotOutput(
    string Ball,
    [Codes(typeof(PocketId))] string Pocket,
    string PocketName,
    [Codes(typeof(PocketPart))] string Part,
    bool IsSolved,
    bool IsPartial,
    bool IsPotted,
    [Codes(typeof(NoPotReason))] string? Reason,
    string? Blocker,
    string? Sentence,
    double? DirectionDeg,
    JudgeOutput? Judge,
    WindowOutput? Window,
    AimPartsOutput? Aim,
    IReadOnlyList<CushionSideOutput> Cushions,
    IReadOnlyList<DangerOutput> Dangers);

/// <summary>A pot played.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Prediction">The stroke.</param>
public sealed record PotResponse(PotOutput Pot, PredictResponse Prediction);

/// <summary>One ball on one pocket.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
/// <param name="State">open, partly, blocked or noLine.</param>
/// <param name="CutDeg">Cut in degrees.</param>
/// <param name="Fraction">How much of the ball is covered.</param>
/// <param name="Side">high, straight or low.</param>
/// <param name="Pace">The sensible pace at which it was tried.</param>
/// <param name="WidthMm">Width of the window at the pocket in mm; 0 when there is none.</param>
/// <param name="WidthMrad">Width of the window at the cue in mrad.</param>
/// <param name="Reason">Why it is not open.</param>
/// <param name="Blockers">Balls in the way with the distance at which the line passes them, in mm.</param>
/// <param name="OpensWithout">The one ball whose going opens it.</param>
/// <param name="Words">In words.</param>
/// <param name="IsOn">True when the ball is on in the state of play.</param>
public sealed record MatrixEntryOutput(
    string Ball,
    [Codes(typeof(PocketId))] string Pocket,
    [Codes(typeof(PotState))] string State,
    double CutDeg,
    double Fraction,
    [Codes(typeof(SideOfStraight))] string Side,
    double Pace,
    double WidthMm,
    double WidthMrad,
    [Codes(typeof(NoPotReason))] string? Reason,
    IReadOnlyList<BlockerOutput> Blockers,
    string? OpensWithout,
    string Words,
    bool IsOn);

/// <summary>A ball in the way.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="PassesMm">Distance in mm at which the line passes its centre.</param>
/// <param name="NeedsMm">Distance that a clear line needs.</param>
public sealed record BlockerOutput(string Ball, double PassesMm, double NeedsMm);

/// <summary>A ball that ties up the table.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Opens">The pots that open when it goes: ball and pocket.</param>
/// <param name="OnPots">How many pockets it can go to now.</param>
/// <param name="Words">In words.</param>
public sealed record ProblemBallOutput(string Ball, IReadOnlyList<PottedOutput> Opens, int OnPots, string Words);

/// <summary>A region with its reds.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="From">Lower edge in metres.</param>
/// <param name="To">Upper edge in metres.</param>
/// <param name="ForTheBlue">True for the group that is played with the blue.</param>
/// <param name="Reds">The reds in it.</param>
public sealed record RegionOutput(string Name, double From, double To, bool ForTheBlue, IReadOnlyList<string> Reds);

/// <summary>A red that could go next.</summary>
/// <param name="Red">The red.</param>
/// <param name="Region">Its region; null for none.</param>
/// <param name="Left">Reds left there when it goes.</param>
/// <param name="SpendsSmallGroup">True when a small group would be spent early.</param>
/// <param name="Words">In words.</param>
public sealed record RedChoiceOutput(string Red, string? Region, int Left, bool SpendsSmallGroup, string Words);

/// <summary>The table read.</summary>
/// <param name="Entries">Every ball on every pocket.</param>
/// <param name="Problems">Balls that tie up the table, the worst first.</param>
/// <param name="Regions">Reds by region.</param>
/// <param name="Choices">Reds that can be potted, ranked by balance.</param>
/// <param name="Words">The table in a sentence.</param>
public sealed record MatrixResponse(
    IReadOnlyList<MatrixEntryOutput> Entries,
    IReadOnlyList<ProblemBallOutput> Problems,
    IReadOnlyList<RegionOutput> Regions,
    IReadOnlyList<RedChoiceOutput> Choices,
    string Words);

/// <summary>One of stun, follow and screw.</summary>
/// <param name="Kind">stun, follow or screw.</param>
/// <param name="IsReached">False when no safe tip gives it at this pace.</param>
/// <param name="Height">Contact point above centre in ball radii.</param>
/// <param name="Pace">The pace; firmer than asked for when the stroke needs it.</param>
/// <param name="How">Height and pace in words.</param>
/// <param name="DirectionDeg">The cue's direction; null when it does not pot.</param>
/// <param name="IsPotted">True when the ball goes in.</param>
/// <param name="LeavingDeg">Direction of the white just after the contact.</param>
/// <param name="FromAimDeg">
/// Angle between the white's way before the contact and its way once it rolls again; null when it meets something first.
/// </param>
/// <param name="Segments">The white's path from the contact.</param>
/// <param name="Rest">Where it stops; null when it falls.</param>
/// <param name="RestWords">Where that is.</param>
/// <param name="Meets">What it meets, in order.</param>
/// <param name="Sentence">Why it cannot be played, where it cannot.</param>
public sealed record AnchorOutput(
    [Codes(typeof(AnchorKind))] string Kind,
    bool IsReached,
    double Height,
    double Pace,
    string How,
    double? DirectionDeg,
    bool IsPotted,
    double? LeavingDeg,
    double? FromAimDeg,
    IReadOnlyList<SegmentOutput> Segments,
    PlaceOutput? Rest,
    string RestWords,
    IReadOnlyList<string> Meets,
    string? Sentence);

/// <summary>Stun, follow and screw.</summary>
/// <param name="Anchors">The three.</param>
/// <param name="GuessWords">How far off the guess was; null without a guess.</param>
/// <param name="Simplest">The plainest of the three that pots and keeps the white up.</param>
public sealed record AnchorResponse(IReadOnlyList<AnchorOutput> Anchors, string? GuessWords, string? Simplest);

/// <summary>One stroke of a sweep or map.</summary>
/// <param name="Pace">Its pace.</param>
/// <param name="Height">Its height in ball radii.</param>
/// <param name="HeightTips">Its height in tips.</param>
/// <param name="How">Height and pace in words.</param>
/// <param name="DirectionDeg">The cue's direction; null when it cannot be aimed.</param>
/// <param name="Kind">noPot, inOff, meetsBall, inZone, fallsShort, runsPast or free.</param>
/// <param name="Rest">Where the white stops; null when it does not.</param>
/// <param name="MissM">Metres from the wanted place, negative short; null without one.</param>
/// <param name="Words">What it comes to, in words.</param>
public sealed record CellOutput(
    double Pace, double Height, double HeightTips, string How, double? DirectionDeg, [Codes(typeof(CellKind))] string Kind,
    PlaceOutput? Rest, double? MissM,
    string Words);

/// <summary>A window of one dial.</summary>
/// <param name="Best">The value that comes nearest.</param>
/// <param name="Least">The least that stays within the distance.</param>
/// <param name="Most">The greatest.</param>
/// <param name="Words">In words.</param>
public sealed record DialWindowOutput(double Best, double Least, double Most, string Words);

/// <summary>A sweep.</summary>
/// <param name="Cells">The strokes in rising order of the dial.</param>
/// <param name="Window">
/// Values that stop the white within the distance of the wanted place; null when none does or none was asked for.
/// </param>
public sealed record SweepResponse(IReadOnlyList<CellOutput> Cells, DialWindowOutput? Window);

/// <summary>One row of a map: one pace, all heights.</summary>
/// <param name="Row">Which row, the softest pace first.</param>
/// <param name="Rows">How many rows there are.</param>
/// <param name="Cells">The strokes in rising order of height.</param>
public sealed record MapRowOutput(int Row, int Rows, IReadOnlyList<CellOutput> Cells);

/// <summary>A way out of a danger.</summary>
/// <param name="Kind">pocketPart, stun, height, pace or side.</param>
/// <param name="Part">The part of the pocket.</param>
/// <param name="Pace">The pace.</param>
/// <param name="Side">The side in ball radii.</param>
/// <param name="Height">The height in ball radii.</param>
/// <param name="Words">In words.</param>
public sealed record FixOutput(
    [Codes(typeof(FixKind))] string Kind, [Codes(typeof(PocketPart))] string Part, double Pace, double Side, double Height, string Words);

/// <summary>Dangers and ways out of them.</summary>
/// <param name="Dangers">What threatens the stroke or its neighbours.</param>
/// <param name="Fixes">Strokes without an in-off or jaws, neighbours included.</param>
public sealed record FixResponse(IReadOnlyList<DangerOutput> Dangers, IReadOnlyList<FixOutput> Fixes);

/// <summary>A stroke that pots the first ball and meets the second.</summary>
/// <param name="Pace">The pace.</param>
/// <param name="Height">The height in ball radii.</param>
/// <param name="DirectionDeg">The cue's direction.</param>
/// <param name="Fraction">How much of the second ball is covered.</param>
/// <param name="ChangePerDeg">Change of that when the white leaves a degree to the left.</param>
/// <param name="SecondSpeed">Speed in m/s that the second ball takes.</param>
/// <param name="WhiteRest">Where the white stops.</param>
/// <param name="SecondRest">Where the second ball stops.</param>
/// <param name="Words">In words.</param>
public sealed record CannonOutput(
    double Pace, double Height, double DirectionDeg, double Fraction, double ChangePerDeg, double SecondSpeed, PlaceOutput? WhiteRest,
    PlaceOutput? SecondRest, string Words);

/// <summary>The stun line beside the second ball, as plain geometry.</summary>
/// <param name="PassesMm">Distance in mm at which the line passes its centre.</param>
/// <param name="Fraction">How much of it is covered.</param>
/// <param name="DistanceM">Metres from the contact.</param>
/// <param name="Turned">The fraction when the leaving line turns by -1, 1 and 2 degrees, anticlockwise.</param>
/// <param name="IsSensitive">True when one degree changes the contact by more than a quarter of a ball.</param>
public sealed record StunLineOutput(double PassesMm, double Fraction, double DistanceM, IReadOnlyList<double> Turned, bool IsSensitive);

/// <summary>Cannons.</summary>
/// <param name="StunLine">The stun line beside the second ball.</param>
/// <param name="Cannons">Strokes that meet the second ball, the nearest to the chosen thickness first.</param>
/// <param name="Words">In words.</param>
public sealed record CannonResponse(StunLineOutput StunLine, IReadOnlyList<CannonOutput> Cannons, string Words);

/// <summary>A tip height for a distance.</summary>
/// <param name="DistanceM">Way of the white in metres.</param>
/// <param name="Height">Height in ball radii; null when no safe height does it.</param>
/// <param name="HeightTips">The same in tips.</param>
/// <param name="Words">In words.</param>
public sealed record HeightOutput(double DistanceM, double? Height, double? HeightTips, string Words);
