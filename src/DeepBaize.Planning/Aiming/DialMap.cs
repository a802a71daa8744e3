using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>What a stroke of a sweep or map comes to.</summary>
public enum CellKind
{
    /// <summary>The ball is not potted.</summary>
    NoPot,

    /// <summary>The white goes in.</summary>
    InOff,

    /// <summary>The white leaves the table.</summary>
    OffTable,

    /// <summary>The white meets another ball.</summary>
    MeetsBall,

    /// <summary>The white stops within the distance of the wanted place.</summary>
    InZone,

    /// <summary>It falls short of it.</summary>
    FallsShort,

    /// <summary>It runs past it.</summary>
    RunsPast,

    /// <summary>It stops somewhere; no place was asked for.</summary>
    Free,
}

/// <summary>One stroke of a sweep or map.</summary>
/// <param name="Dials">Its dials.</param>
/// <param name="DirectionRadians">The cue's direction.</param>
/// <param name="Kind">What it comes to.</param>
/// <param name="Met">The first other ball that the white meets.</param>
/// <param name="InOff">The pocket into which the white falls.</param>
/// <param name="Rest">Where the white stops; null when it falls or cannot be played.</param>
/// <param name="Miss">Metres from the wanted place, negative short, positive past; NaN when none was asked for or the white falls.</param>
/// <param name="CushionCount">Cushions that the white meets after the ball.</param>
public sealed record DialCell(
    Dials Dials, double DirectionRadians, CellKind Kind, BallId? Met, PocketId? InOff, Place? Rest, double Miss, int CushionCount);

/// <summary>A wanted place for the white.</summary>
/// <param name="Centre">Its centre.</param>
/// <param name="Radius">Distance in metres that still counts as there, more than 0.</param>
public readonly record struct WantedPlace(Place Centre, double Radius);

/// <summary>How a sweep or map is asked for.</summary>
/// <param name="Layout">The balls.</param>
/// <param name="Pot">The pot.</param>
/// <param name="FixedDirection">
/// The cue's direction in radians when the aim is not solved anew for each stroke; null to keep the pot.
/// </param>
/// <param name="Wanted">Where the white should stop; null for nowhere in particular.</param>
public sealed record MapQuestion(Layout Layout, Pot Pot, double? FixedDirection, WantedPlace? Wanted);

/// <summary>Plays strokes over one or two dials and sorts them by what they come to.</summary>
public sealed class DialMap
{
    private readonly StrokePlayer _player;

    /// <summary>Prepares maps on a table; one instance serves one thread.</summary>
    public DialMap(StrokePlayer player)
    {
        ArgumentNullException.ThrowIfNull(player);
        _player = player;
    }

    /// <summary>Values from one to another, evenly spaced, both included.</summary>
    public static IReadOnlyList<double> Steps(double from, double to, int count) =>
        [.. Enumerable.Range(0, count).Select(i => count == 1 ? from : from + (to - from) * i / (count - 1))];

    /// <summary>Plays one stroke.</summary>
    public DialCell Play(MapQuestion question, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(question);
        var direction = question.FixedDirection
            ?? _player.Solver.Solve(question.Layout, question.Pot, dials, withWindow: false).Solution?.Strike.DirectionRadians;
        if (direction is not { } along) return new DialCell(dials, double.NaN, CellKind.NoPot, null, null, null, double.NaN, 0);
        return Sort(question, dials, _player.Play(question.Layout, question.Pot, dials.At(question.Layout, along).Along(along)));
    }

    private static DialCell Sort(MapQuestion question, Dials dials, PlayedStroke played)
    {
        var white = played.White;
        BallId? met = white.Meetings.Where(meeting => meeting.Kind == ShotEventKind.Ball && meeting.Ball != question.Pot.Ball)
            .Select(meeting => meeting.Ball).FirstOrDefault();
        var miss = question.Wanted is { } wanted ? white.MissOf(wanted.Centre) : double.NaN;
        return new DialCell(
            dials,
            played.Strike.DirectionRadians,
            Kind(),
            met,
            white.InOff,
            white.Rest,
            miss,
            white.Meetings.Count(meeting => meeting.Kind == ShotEventKind.Cushion));

        CellKind Kind()
        {
            if (white.InOff is not null) return CellKind.InOff;
            if (white.Rest is null) return CellKind.OffTable;
            if (played.ObjectBall.Fate != ObjectBallFate.Potted) return CellKind.NoPot;
            if (question.Wanted is { } place && Math.Abs(miss) <= place.Radius) return CellKind.InZone;
            if (met is not null) return CellKind.MeetsBall;
            if (question.Wanted is null) return CellKind.Free;
            return miss < 0 ? CellKind.FallsShort : CellKind.RunsPast;
        }
    }
}
