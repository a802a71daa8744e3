using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Shots;

/// <summary>Maps a simulated shot to the response's shape.</summary>
internal static class ShotMapping
{
    private const double StraightCut = 0.1;

    public static List<EventOutput> ToEvents(ShotRecord record, BallNames names)
    {
        var number = 0;
        return [.. record.Events.Where(told => !told.Trembles).Select(told => new EventOutput(
            told.Time,
            Shared.Code(told.Kind),
            [.. told.Balls.Select(ball => Shared.ToState(ball.Ball, ball.After, ball.Phase))],
            told.Cushion is { } cushion ? Names.Text(cushion) : null,
            told.Pocket is { } pocket ? Names.Text(pocket) : null,
            IsContact(told) ? ++number : null,
            EventWords.Describe(told, names)))];
    }

    public static List<PathOutput> ToPaths(ShotRecord record, double radius) =>
        [.. record.Segments
            .GroupBy(piece => piece.Ball)
            .OrderBy(group => group.Key)
            .Select(group => new PathOutput(
                Names.Text(group.Key),
                ToSegments(group, radius)))];

    /// <summary>The pieces of one ball's path in order of time.</summary>
    public static List<SegmentOutput> ToSegments(IEnumerable<PathSegment> pieces, double radius) =>
        [.. PieceJoiner.Join(pieces.OrderBy(piece => piece.StartTime)).Select(piece => ToSegment(piece, radius))];

    /// <summary>The stroke with everything that follows from it.</summary>
    public static StrokeOutput ToStroke(in Strike strike, PlayingConditions conditions)
    {
        var radius = conditions.Balls.Radius;
        return new StrokeOutput(
            strike.DirectionRadians * 180 / Math.PI,
            conditions.Cue.Paces.FromSpeed(strike.WhiteSpeed),
            strike.WhiteSpeed,
            CueStrike.CueSpeedFor(strike.WhiteSpeed, strike.Offset, conditions.Balls.Mass, conditions.Cue.Mass),
            StrokeWords.HardestPace(strike.Offset, conditions),
            CueStrike.PushOffRadians(strike.Side, conditions.Cue.EndMassRatio) * 180 / Math.PI,
            StrokeWords.Clock(strike),
            StrokeWords.ToTips(strike.Height, radius),
            StrokeWords.ToTips(strike.Side, radius),
            Shared.Degrees(strike.ElevationRadians));
    }

    public static VerdictOutput ToVerdict(Verdict verdict, string? away) => new(
        verdict.Sentence, verdict.Result, verdict.Contact, verdict.Height, verdict.Side, verdict.Pace, verdict.Butt, verdict.White,
        away, verdict.Because);

    public static OutcomeOutput ToOutcome(ShotOutcome outcome, Strike? strike) => new(
        outcome.FirstContact is { } contact ? Names.Text(contact.Ball) : null,
        [.. outcome.Potted.Select(potted => new PottedOutput(Names.Text(potted.Ball), Names.Text(potted.Pocket)))],
        [.. outcome.WhiteCushions.Select(Names.Text)],
        outcome.IsInOff,
        [.. outcome.OffTable.Select(Names.Text)],
        strike is { IsMiscueRisk: true },
        Shared.Code(outcome.End),
        outcome.Duration,
        outcome.WhiteHeight,
        [.. outcome.Passed.Select(passed => Names.Text(passed.Ball)).Distinct()]);

    public static AimOutput? ToAim(FirstContact? first)
    {
        if (first is not { } contact) return null;
        var cut = contact.CutRadians * 180 / Math.PI;
        return new AimOutput(
            Names.Text(contact.Ball),
            Math.Abs(cut),
            Math.Abs(cut) < StraightCut ? "straight" : cut > 0 ? "left" : "right",
            contact.Fraction,
            Shared.ToPlace(contact.White.Place),
            Shared.ToPlace(contact.ObjectPlace));
    }

    private static SegmentOutput ToSegment(PathSegment piece, double radius) => new(
        Shared.Code(piece.Phase),
        piece.StartTime,
        piece.EndTime,
        [
            Point(piece.Start, radius + piece.Heights.Start), Point(piece.Control, radius + piece.Heights.Control),
            Point(piece.End, radius + piece.Heights.End),
        ]);

    /// <summary>The contacts of the white get numerals on the table.</summary>
    private static bool IsContact(ShotEvent told) =>
        told.Kind is ShotEventKind.Ball or ShotEventKind.Cushion or ShotEventKind.Jaw && told.Balls[0].Ball == BallId.Cue;

    private static double[] Point(Place place, double height) => [place.X, place.Y, height];
}
