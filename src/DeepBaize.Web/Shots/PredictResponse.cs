using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Shots;

/// <summary>Something that happens in the shot.</summary>
/// <param name="Time">Seconds after the strike.</param>
/// <param name="Kind">strike, rolls, stops, ball, cushion, jaw, pocket, lands or offTable.</param>
/// <param name="Balls">The balls concerned, after the event.</param>
/// <param name="Cushion">The cushion met, for cushions and jaws.</param>
/// <param name="Pocket">The pocket, for jaws and pockets.</param>
/// <param name="Number">The numeral of a contact that is drawn on the table; null for other events.</param>
/// <param name="Words">What happens, in words.</param>
public sealed record EventOutput(
    double Time, [Codes(typeof(ShotEventKind))] string Kind, IReadOnlyList<BallStateOutput> Balls,
    [Codes(typeof(CushionId))] string? Cushion, [Codes(typeof(PocketId))] string? Pocket, int? Number, string Words);

/// <summary>A piece of path, quadratic in time: a quadratic Bezier curve.</summary>
/// <param name="Phase">sliding, rolling, spinning or airborne.</param>
/// <param name="StartTime">Seconds after the strike.</param>
/// <param name="EndTime">Seconds after the strike.</param>
/// <param name="Points">Three control points, each x, y, z in metres; z is the height of the centre over the bed.</param>
public sealed record SegmentOutput(
    [Codes(typeof(MotionPhase))] string Phase, double StartTime, double EndTime, IReadOnlyList<IReadOnlyList<double>> Points);

/// <summary>The path of one ball.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Segments">Its pieces in order of time.</param>
public sealed record PathOutput(string Ball, IReadOnlyList<SegmentOutput> Segments);

/// <summary>A potted ball.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
public sealed record PottedOutput(string Ball, [Codes(typeof(PocketId))] string Pocket);

/// <summary>What came of the shot.</summary>
/// <param name="FirstContact">The ball that the white met first.</param>
/// <param name="Potted">Balls potted, in order.</param>
/// <param name="Cushions">Cushions that the white met, in order.</param>
/// <param name="InOff">True when the white was potted.</param>
/// <param name="OffTable">Balls that went over a cushion.</param>
/// <param name="MiscueRisk">True when the tip meets the white outside half its radius.</param>
/// <param name="Ended">atRest, or timeLimit for a stroke that cannot end.</param>
/// <param name="Duration">Simulated seconds.</param>
/// <param name="WhiteHeight">How high the white rose over the bed in metres; 0 when it hardly left it.</param>
/// <param name="JumpedOver">Balls over a part of which the white passed in the air.</param>
public sealed record OutcomeOutput(
    string? FirstContact,
    IReadOnlyList<PottedOutput> Potted,
    IReadOnlyList<string> Cushions,
    bool InOff,
    IReadOnlyList<string> OffTable,
    bool MiscueRisk,
    [Codes(typeof(ShotEnd))] string Ended,
    double Duration,
    double WhiteHeight,
    IReadOnlyList<string> JumpedOver);

/// <summary>How the white meets its first ball.</summary>
/// <param name="Ball">The ball met.</param>
/// <param name="CutDeg">Angle between the white's path and the line of centres, 0 to 90.</param>
/// <param name="CutTo">left, right or straight: the way in which the object ball is cut.</param>
/// <param name="Fraction">How much of the ball is covered, 0 to 1.</param>
/// <param name="White">Centre of the white at contact.</param>
/// <param name="ObjectBall">Centre of the ball met at contact.</param>
public sealed record AimOutput(
    string Ball, double CutDeg, [Codes("left", "right", "straight")] string CutTo, double Fraction, PlaceOutput White,
    PlaceOutput ObjectBall);

/// <summary>The stroke as it was taken.</summary>
/// <param name="DirectionDeg">The cue's line in degrees.</param>
/// <param name="Pace">Pace; outside 1 to 10 when a speed beyond the scale was asked for.</param>
/// <param name="WhiteSpeed">Speed of the white off the tip in m/s.</param>
/// <param name="CueSpeed">Speed of the cue in m/s that this needs.</param>
/// <param name="HardestPace">The hardest pace that this player's cue delivers with the tip here, at most 10.</param>
/// <param name="PushOffDeg">Push-off in degrees, positive to the left.</param>
/// <param name="Clock">Where the tip is on the clock face, in words.</param>
/// <param name="HeightTips">Height in tips of cue-axis offset, positive above centre.</param>
/// <param name="SideTips">Side in tips of cue-axis offset, positive to the right.</param>
/// <param name="ElevationDeg">How far the butt is raised.</param>
public sealed record StrokeOutput(
    double DirectionDeg,
    double Pace,
    double WhiteSpeed,
    double CueSpeed,
    double HardestPace,
    double PushOffDeg,
    string Clock,
    double HeightTips,
    double SideTips,
    double ElevationDeg);

/// <summary>The answer in words.</summary>
/// <param name="Sentence">The whole sentence.</param>
/// <param name="Result">What happens to the ball: the first part.</param>
/// <param name="Contact">The contact in words.</param>
/// <param name="Height">The height of the tip in words.</param>
/// <param name="Side">The side in words.</param>
/// <param name="Pace">The pace in words.</param>
/// <param name="Butt">How far the butt is raised, in words; null for a level cue.</param>
/// <param name="White">Where the white stops.</param>
/// <param name="Away">How far that is from where it was struck, in the requested units; null when it is not on the table.</param>
/// <param name="Because">Why, from what was simulated.</param>
/// <param name="Ruling">What the referee says of it; null in free practice and while nothing can be on.</param>
/// <param name="IsFoul">True for a foul, and for a stroke that fails a line-up.</param>
public sealed record VerdictOutput(
    string Sentence, string Result, string? Contact, string? Height, string? Side, string? Pace, string? Butt, string White, string? Away,
    string Because, string? Ruling = null, bool IsFoul = false);

/// <summary>Where a dragged ball settles.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="X">Metres up the table.</param>
/// <param name="Y">Metres from the yellow side.</param>
/// <param name="Touching">Balls that it touches.</param>
/// <param name="Frozen">Cushions that it touches.</param>
/// <param name="Words">Where that is, in words.</param>
/// <param name="Snap">What drew it: none, touching, cushion, spot or spotLine.</param>
/// <param name="Loose">Where it would stand if nothing had drawn it.</param>
/// <param name="Told">That there was no room where the hand held it; null when it stands there.</param>
public sealed record PlacingOutput(
    string Ball,
    double X,
    double Y,
    IReadOnlyList<string> Touching,
    IReadOnlyList<string> Frozen,
    string Words,
    [Codes(typeof(SnapKind))] string Snap,
    PlaceOutput Loose,
    string? Told = null);

/// <summary>The prediction.</summary>
/// <param name="Events">What happens, in order of time.</param>
/// <param name="Paths">The path of every ball that moves.</param>
/// <param name="Final">The balls left on the table at the end.</param>
/// <param name="Outcome">What came of it.</param>
/// <param name="Aim">How the white meets its first ball; null when it meets none.</param>
/// <param name="Verdict">The answer in words.</param>
/// <param name="Stroke">The stroke as taken; null when the white set off by itself.</param>
/// <param name="Placing">Where the dragged ball settled; null when none was dragged.</param>
/// <param name="Profile">The table, balls and cue that it was predicted for.</param>
public sealed record PredictResponse(
    IReadOnlyList<EventOutput> Events,
    IReadOnlyList<PathOutput> Paths,
    IReadOnlyList<BallPlace> Final,
    OutcomeOutput Outcome,
    AimOutput? Aim,
    VerdictOutput Verdict,
    StrokeOutput? Stroke,
    PlacingOutput? Placing,
    ProfileName Profile);
