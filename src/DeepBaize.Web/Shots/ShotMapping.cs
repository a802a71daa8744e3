using System.Text.Json;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Web.Wording;

namespace DeepBaize.Web.Shots;

/// <summary>Maps a simulated shot to the response's shape.</summary>
internal static class ShotMapping
{
    private const double StraightCut = 0.1;

    public static List<EventOutput> ToEvents(ShotRecord record)
    {
        var number = 0;
        return [.. record.Events.Where(told => !told.Trembles).Select(told => new EventOutput(
            told.Time,
            JsonNamingPolicy.CamelCase.ConvertName(told.Kind.ToString()),
            [.. told.Balls.Select(ball => ToState(ball.Ball, ball.After, ball.Phase))],
            told.Cushion is { } cushion ? Names.Text(cushion) : null,
            told.Pocket is { } pocket ? Names.Text(pocket) : null,
            IsContact(told) ? ++number : null,
            EventWords.Describe(told)))];
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

    public static OutcomeOutput ToOutcome(ShotOutcome outcome, Strike? strike) => new(
        outcome.FirstContact is { } contact ? Names.Text(contact.Ball) : null,
        [.. outcome.Potted.Select(potted => new PottedOutput(Names.Text(potted.Ball), Names.Text(potted.Pocket)))],
        [.. outcome.WhiteCushions.Select(Names.Text)],
        outcome.IsInOff,
        [],
        strike is { IsMiscueRisk: true },
        JsonNamingPolicy.CamelCase.ConvertName(outcome.End.ToString()),
        outcome.Duration);

    public static AimOutput? ToAim(FirstContact? first)
    {
        if (first is not { } contact) return null;
        var cut = contact.CutRadians * 180 / Math.PI;
        return new AimOutput(
            Names.Text(contact.Ball),
            Math.Abs(cut),
            Math.Abs(cut) < StraightCut ? "straight" : cut > 0 ? "left" : "right",
            contact.Fraction,
            ToPlace(contact.White.Place),
            ToPlace(contact.ObjectPlace));
    }

    public static BallStateOutput ToBallAtEnd(BallAtEnd ball) => ToState(ball.Ball, ball.State, ball.Phase);

    private static BallStateOutput ToState(BallId ball, in BallState state, MotionPhase phase) => new(
        Names.Text(ball), Numbers(state.Position), Numbers(state.Velocity), Numbers(state.Spin), JsonNamingPolicy.CamelCase.ConvertName(phase.ToString()));

    private static SegmentOutput ToSegment(PathSegment piece, double radius) => new(
        JsonNamingPolicy.CamelCase.ConvertName(piece.Phase.ToString()),
        piece.StartTime,
        piece.EndTime,
        [Point(piece.Start, radius), Point(piece.Control, radius), Point(piece.End, radius)]);

    /// <summary>The contacts of the white get numerals on the table.</summary>
    private static bool IsContact(ShotEvent told) =>
        told.Kind is ShotEventKind.Ball or ShotEventKind.Cushion or ShotEventKind.Jaw && told.Balls[0].Ball == BallId.Cue;

    private static PlaceOutput ToPlace(Place place) => new(place.X, place.Y);

    private static double[] Point(Place place, double radius) => [place.X, place.Y, radius];

    private static double[] Numbers(Vec3 vector) => [vector.X, vector.Y, vector.Z];
}
