using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using MathNet.Numerics;

namespace DeepBaize.Planning.Escapes;

/// <summary>
/// Finds ways out of a snooker: sweeps the table at several paces, merges what is the same way, and tries the widest with the player's
/// scatter for what they bring and leave. One instance serves one plan at a time.
/// </summary>
public sealed class EscapePlanner
{
    /// <summary>Ways that are told.</summary>
    public const int MostRoutes = 8;

    /// <summary>Ways of which the family is told: those that are listed at first.</summary>
    private const int WithFamily = 3;

    private const int FirstDirections = 1800;
    private const int FirstDraws = 40;

    /// <summary>Directions of a sketch, and ways that it shows.</summary>
    private const int SketchDirections = 900;

    private const int Sketched = 4;
    private const int Draws = 200;

    /// <summary>Ways that are tried with scatter in the first and in the last answer: the widest.</summary>
    private const int FirstTried = 6;

    private const int Tried = 14;

    /// <summary>A pace at which a way is this wide, as a share of where it is widest by its chance, belongs to its band.</summary>
    private const double OfBand = 0.7;

    /// <summary>The softest pace of a way is tried as well while its chance is this share of the best.</summary>
    private const double OfSoft = 0.5;

    /// <summary>Share of the best chance below which a way is left out, and points within which two are as good.</summary>
    private const double OfBest = 0.6;

    private const double AsGood = 1;

    /// <summary>Windows at neighbouring paces are the same way when they are no farther apart than this, in radians.</summary>
    private const double SameWay = 0.06;

    private static readonly Dials[] FirstStrokes = [Dials.AtPace(3.5), Dials.AtPace(5)];

    private static readonly Dials[] CentreBall =
        [.. new[] { 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8 }.Select(pace => Dials.AtPace(pace))];

    /// <summary>
    /// With side, low, and with side and the butt up for a swerve: what players try when the plain ways are shut (common practice, no
    /// source).
    /// </summary>
    private static readonly Dials[] Others =
    [
        .. from pace in new[] { 3, 4.5, 6 } from side in new[] { -0.26, 0.26 } select Dials.AtPace(pace, side),
        .. from pace in new[] { 4, 5.5 } select Dials.AtPace(pace, 0, -0.3),
        .. from pace in new[] { 2.5, 3.5 }
           from side in new[] { -0.35, 0.35 }
           select Dials.AtPace(pace, side) with { ElevationRadians = Swerve },
    ];

    /// <summary>How far the butt is raised for a swerve, in radians: fifteen degrees (estimate).</summary>
    private const double Swerve = 0.26;

    private readonly SafetyQuestion _question;
    private readonly EscapeSweep _sweep;
    private readonly SafetySearch _judge;
    private readonly SnookerReader _reader;
    private readonly double _spread;
    private readonly RouteScan _scan;
    private readonly FamilyReader _families;
    private readonly TrialTable _trials;

    /// <summary>Prepares a plan.</summary>
    /// <param name="question">Who plays on which table, and who comes then.</param>
    public EscapePlanner(SafetyQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        (_question, _sweep, _judge) = (question, new EscapeSweep(question.Table, question.Threads), new SafetySearch(question));
        (_reader, _scan) = (new SnookerReader(question.Table), new RouteScan(question.Table));
        (_families, _trials) = (new FamilyReader(question.Table), new TrialTable(question.Table));
        _spread = EscapeGauge.Spread(question.Table, question.Striker);
    }

    private int Simulated => _sweep.Played + _judge.Played + _scan.Played + _families.Played + _trials.Played;

    /// <summary>Plans.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="tell">Takes each answer.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The last answer.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public EscapePlan Plan(FrameState frame, Action<EscapePlan>? tell = null, CancellationToken cancel = default)
    {
        var first = Glance(frame, cancel);
        tell?.Invoke(first);
        if (first.IsFinal || LayoutOf(frame) is not { } layout) return first;
        var on = frame.Playable.ToHashSet();
        var all = Group(_sweep.Find(layout, on, [.. CentreBall, .. Others], cancel: cancel));
        var ways = Try(frame, layout, all, Tried, Draws, cancel)
            .Select((way, i) => i < WithFamily ? way with { Family = _families.Read(layout, on, way, cancel) } : way).ToList();
        var plan = first with { Routes = ways, Played = Simulated, IsFinal = true };
        tell?.Invoke(plan);
        return plan;
    }

    /// <summary>A first look: two paces without side, a few draws of the widest ways.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>What it shows; it is final where there is nothing to look for.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public EscapePlan Glance(FrameState frame, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var empty = new EscapePlan(_reader.IsSnookered(frame), _reader.Read(frame), [], Simulated, true);
        if (empty.Balls.Count == 0 || LayoutOf(frame) is not { } layout) return empty;
        var ways = Group(_sweep.Find(layout, frame.Playable.ToHashSet(), FirstStrokes, FirstDirections, cancel));
        return empty with { Routes = Try(frame, layout, ways, FirstTried, FirstDraws, cancel), Played = Simulated, IsFinal = false };
    }

    /// <summary>Ways in a few milliseconds, for balls that are being moved: one pace without side, directions 0.4 degrees apart.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The widest ways, the widest first, and the white's way to the ball.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<(EscapeWindow Window, IReadOnlyList<Place> Path)> Sketch(FrameState frame, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (LayoutOf(frame) is not { } layout || frame.Playable.ToHashSet() is not { Count: > 0 } on) return [];
        var windows = _sweep.Find(layout, on, [FirstStrokes[0]], SketchDirections, cancel);
        return
        [
            .. windows.OrderByDescending(one => one.Width).Take(Sketched).Select(one => (one, (IReadOnlyList<Place>)PathOf(layout, one))),
        ];
    }

    private Layout? LayoutOf(FrameState frame) => frame.White is null
        ? null : LayoutRules.TryBuild([.. frame.Balls], _question.Table.Outline, frame.Gauge, LayoutMode.Free, out _);

    /// <summary>Chance that a window is met, by its width alone.</summary>
    private double Quick(in EscapeWindow window) => SpecialFunctions.Erf(window.Width / (2 * Constants.Sqrt2 * _spread));

    /// <summary>Windows of the same way at neighbouring paces, the way with the widest first.</summary>
    private List<List<EscapeWindow>> Group(IReadOnlyList<EscapeWindow> windows)
    {
        var ways = new List<List<EscapeWindow>>();
        foreach (var window in windows.OrderBy(one => one.Dials.Pace))
        {
            var same = ways.Find(way => IsSame(way[^1], window));
            if (same is null) ways.Add([window]);
            else same.Add(window);
        }

        return [.. ways.OrderByDescending(way => way.Max(one => Quick(one)))];
    }

    private static bool IsSame(in EscapeWindow one, in EscapeWindow other) =>
        one.Way == other.Way && one.Dials.WhiteSpeed < other.Dials.WhiteSpeed
            && (one.Dials.Side, one.Dials.Height, one.Dials.ElevationRadians)
                == (other.Dials.Side, other.Dials.Height, other.Dials.ElevationRadians)
            && Apart(one, other) < SameWay;

    /// <summary>Radians between two windows; 0 when they overlap.</summary>
    private static double Apart(in EscapeWindow one, in EscapeWindow other) => Math.Max(
        0, Math.Abs(Math.IEEERemainder(one.Middle - other.Middle, Math.Tau)) - (one.Width + other.Width) / 2);

    /// <summary>Tries the widest ways with scatter, each where it is widest and at its softest.</summary>
    private List<EscapeRoute> Try(
        FrameState frame, Layout layout, List<List<EscapeWindow>> ways, int most, int draws, CancellationToken cancel)
    {
        var strokes = ways.Take(most).SelectMany((way, i) => WindowsOf(way).Select(window => (Way: i, Window: window)))
            .Select(one => (one.Way, one.Window, Stroke: Cue(layout, one.Window)))
            .Where(one => one.Stroke is { } stroke && IsLegal(frame, layout, stroke)).ToList();
        var judged = _judge.Judge(frame, [.. strokes.Select(one => one.Stroke!)], draws, cancel: cancel);
        return Ranked([.. strokes.Zip(judged, (one, result) => ToRoute(layout, ways[one.Way], one.Window, result))]);
    }

    /// <summary>
    /// One stroke for each way, the ways by what they are worth; but first the plainest of those that are as good. What seldom comes off is
    /// left out: the rules want a fair attempt, and who misses may have to play again.
    /// </summary>
    private static List<EscapeRoute> Ranked(List<EscapeRoute> routes)
    {
        if (routes.Count == 0) return routes;
        var least = OfBest * routes.Max(one => one.GetsOut);
        var ways = routes.Where(one => one.GetsOut >= least).GroupBy(one => one.Window.Way).Select(way => WithSoft([.. way]))
            .OrderByDescending(one => one.Judged.Worth).Take(MostRoutes).ToList();
        var first = Plainest(ways);
        return [first, .. ways.Where(one => one != first)];
    }

    /// <summary>The plainest of a way's strokes, with the softest beside it.</summary>
    private static EscapeRoute WithSoft(IReadOnlyList<EscapeRoute> way)
    {
        var told = Plainest(way);
        var soft = way.MinBy(one => one.Window.Dials.WhiteSpeed)!;
        return soft.Window.Dials.WhiteSpeed < told.Window.Dials.WhiteSpeed ? told with { Soft = soft } : told;
    }

    /// <summary>Of the strokes that are as good as the best: no side, no tip high or low, few cushions, softer.</summary>
    private static EscapeRoute Plainest(IReadOnlyList<EscapeRoute> routes)
    {
        var best = routes.Max(one => one.Judged.Worth);
        return routes.Where(one => one.Judged.Worth >= best - AsGood)
            .MinBy(one => (one.Window.Dials is { Side: 0, Height: 0 } ? 0 : 1, one.Window.Way.Cushions, one.Window.Dials.WhiteSpeed))!;
    }

    private IEnumerable<EscapeWindow> WindowsOf(List<EscapeWindow> way)
    {
        var best = way.MaxBy(one => Quick(one));
        yield return best;
        var softest = way.First(one => Quick(one) >= OfSoft * Quick(best));
        if (softest.Dials.WhiteSpeed < best.Dials.WhiteSpeed) yield return softest;
    }

    /// <summary>The stroke into the middle of a window; null when the cue does not get there.</summary>
    private PlannedStroke? Cue(Layout layout, in EscapeWindow window)
    {
        var strike = window.Dials.At(layout, window.Middle).Along(window.Middle);
        var intent = new HitIntent(window.Ball);
        var cued = CueingReader.Deliver(_question.Table, layout, _question.Striker, strike, intent);
        if (!cued.IsPossible) return null;
        var stroke = new PlannedStroke(intent, strike, cued);
        // Where the white comes off a cushion is judged by eye.
        return window.Way.Cushions == 0 && !window.Way.UsesJaw ? stroke : stroke with { Delivery = stroke.Delivery.Widened(_spread) };
    }

    /// <summary>True for a stroke that is no foul as it is meant: one that goes in off is no way out.</summary>
    private bool IsLegal(FrameState frame, Layout layout, PlannedStroke stroke) =>
        !_trials.Play(new TrialQuestion(frame, layout, stroke), StrokeDraw.Exact).Ruling.IsFoul;

    private EscapeRoute ToRoute(Layout layout, List<EscapeWindow> way, in EscapeWindow window, JudgedExchange judged)
    {
        var best = way.Max(one => Quick(one));
        var band = way.Where(one => Quick(one) >= OfBand * best).Select(one => one.Dials.Pace).ToList();
        return new EscapeRoute(window, judged, FirstOf(layout, window), band[0], band[^1], PathOf(layout, window));
    }

    /// <summary>The white's way to the ball: where it lies, where it meets rubber, and where it meets the ball.</summary>
    private List<Place> PathOf(Layout layout, EscapeWindow window)
    {
        var record = Played(layout, window, window.Middle);
        return
        [
            layout[BallId.Cue]!.Value,
            .. record.Events.Where(told => told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw or ShotEventKind.Ball
                && told.Balls[0].Ball == BallId.Cue).Select(told => told.Balls[0].After.Place),
        ];
    }

    private ShotRecord Played(Layout layout, EscapeWindow window, double heading)
    {
        var record = new ShotRecord();
        _scan.Look(layout, window.Dials.At(layout, heading).Along(heading), record);
        return record;
    }

    private CushionPoint? FirstOf(Layout layout, EscapeWindow window)
    {
        if (At(window.Middle) is not var (cushion, point)) return null;
        // An edge that comes to another rubber first has no place on this cushion.
        double[] ends = [.. new[] { window.From, window.To }.Select(At).Where(at => at?.Cushion == cushion)
            .Select(at => Mirrors.Along(at!.Value.Point, cushion)).Append(Mirrors.Along(point, cushion))];
        return new CushionPoint(cushion, point, ends.Min(), ends.Max());

        (CushionId Cushion, Place Point)? At(double heading)
        {
            var met = Played(layout, window, heading).Events.Find(
                told => told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw && told.Balls[0].Ball == BallId.Cue);
            return met?.Cushion is { } cushion ? (cushion, met.Balls[0].After.Place) : null;
        }
    }
}
