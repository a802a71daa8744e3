using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>Something that the white meets after it met the object ball.</summary>
/// <param name="Kind">Ball, cushion, jaw or pocket.</param>
/// <param name="Ball">The ball met.</param>
/// <param name="Cushion">The cushion met.</param>
/// <param name="Pocket">The pocket, for jaws and falls.</param>
/// <param name="Side">What the side on the white does at that cushion.</param>
/// <param name="Where">Centre of the white there.</param>
public readonly record struct WhiteMeeting(
    ShotEventKind Kind, BallId? Ball, CushionId? Cushion, PocketId? Pocket, CushionSide Side, Place Where);

/// <summary>Where the white goes once it has met the object ball, read from a record.</summary>
/// <param name="LeavingHeading">Heading in radians just after the contact; NaN when it stops there or meets nothing.</param>
/// <param name="RollingHeading">Heading once it rolls again, before it meets anything else; NaN when it does not.</param>
/// <param name="Meetings">What it meets afterwards, in order.</param>
/// <param name="Rest">Where it comes to rest; null when it falls or leaves the table.</param>
/// <param name="Pieces">Its path from the contact on.</param>
public sealed record WhitePath(
    double LeavingHeading, double RollingHeading, IReadOnlyList<WhiteMeeting> Meetings, Place? Rest, IReadOnlyList<PathSegment> Pieces)
{
    /// <summary>The pocket into which the white falls; null when it stays up.</summary>
    public PocketId? InOff => Meetings.Count > 0 && Meetings[^1].Kind == ShotEventKind.Pocket ? Meetings[^1].Pocket : null;

    /// <summary>Reads the path of the white.</summary>
    /// <param name="record">The record of a stroke that was played to its end.</param>
    /// <param name="result">Its result.</param>
    /// <param name="radius">Radius of the balls in metres.</param>
    public static WhitePath Read(ShotRecord record, StrokeResult result, double radius)
    {
        ArgumentNullException.ThrowIfNull(record);
        ArgumentNullException.ThrowIfNull(result);
        var contact = record.Events.FirstOrDefault(told => told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue);
        var from = contact?.Time ?? 0;
        var leaving = contact?.Balls[0].After.Velocity ?? default;
        var meetings = record.Events
            .Where(told => told.Time >= from && told != contact && !told.Trembles && told.Balls[0].Ball == BallId.Cue
                && told.Kind is ShotEventKind.Ball or ShotEventKind.Cushion or ShotEventKind.Jaw or ShotEventKind.Pocket)
            .Select(told => Meeting(told, radius))
            .ToList();
        var next = record.Events.Find(told =>
            told.Time >= from && told != contact && !told.Trembles && told.Balls[0].Ball == BallId.Cue
            && told.Kind is not (ShotEventKind.Stops or ShotEventKind.Lands));
        var rolls = next?.Kind == ShotEventKind.Rolls ? next : null;
        return new WhitePath(
            leaving.Length > 1e-6 ? Math.Atan2(leaving.Y, leaving.X) : double.NaN,
            rolls is null ? double.NaN : Math.Atan2(rolls.Balls[0].After.Velocity.Y, rolls.Balls[0].After.Velocity.X),
            meetings,
            result[BallId.Cue],
            [.. record.Segments.Where(piece => piece.Ball == BallId.Cue && piece.StartTime >= from - 1e-12)]);
    }

    /// <summary>
    /// The distance of the resting place from a wanted place: negative when the white falls short of it or never comes nearer, positive
    /// when it came nearer on its way and ran past; NaN when it falls.
    /// </summary>
    /// <param name="target">The wanted place.</param>
    public double MissOf(Place target)
    {
        if (Rest is not { } rest) return double.NaN;
        const int steps = 12;
        var nearest = double.PositiveInfinity;
        foreach (var piece in Pieces)
        {
            for (var i = 0; i <= steps; i++)
            {
                var u = i / (double)steps;
                var x = (1 - u) * (1 - u) * piece.Start.X + 2 * u * (1 - u) * piece.Control.X + u * u * piece.End.X;
                var y = (1 - u) * (1 - u) * piece.Start.Y + 2 * u * (1 - u) * piece.Control.Y + u * u * piece.End.Y;
                nearest = Math.Min(nearest, target.DistanceTo(new Place(x, y)));
            }
        }

        var end = target.DistanceTo(rest);
        var start = Pieces.Count == 0 ? end : target.DistanceTo(Pieces[0].Start);
        return nearest < Math.Min(start, end) - 1e-3 ? end : -end;
    }

    private static WhiteMeeting Meeting(ShotEvent told, double radius)
    {
        var white = told.Balls[0];
        return new WhiteMeeting(
            told.Kind,
            told.Kind == ShotEventKind.Ball ? told.Balls[1].Ball : null,
            told.Cushion,
            told.Pocket,
            told.Kind == ShotEventKind.Cushion ? SpinOf.AtCushion(white.Before, white.After, radius) : CushionSide.None,
            white.After.Place);
    }
}
