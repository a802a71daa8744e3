using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>
/// Finds the cue's direction that sends a ball to a part of a pocket, with throw, push-off and spin, by root finding on the
/// simulator; and the window of directions that pot. The unknown is the heading of the line of centres at contact: the place at
/// which the ball comes to the pocket is nearly linear in it. One instance serves one thread.
/// </summary>
public sealed class PotSolver
{
    private const double RootTolerance = 2e-6;
    private const int RootSteps = 14;
    private const int QuickSteps = 4;

    /// <summary>A search aims no finer than this at the middle of what drops, in metres: some thirtieths of the opening.</summary>
    private const double QuickTolerance = 0.0015;
    private const double LongestStep = 0.25;
    private const double ScanStep = 0.002;
    private const double EdgeStep = 0.001;
    private const int EdgeHalvings = 7;
    private const double WidestOffset = 0.12;

    /// <summary>How far from where one stroke pots a ball another one is looked for, in metres at the pocket, and how finely.</summary>
    private const double NearReach = 0.012;

    private const double NearStep = 0.0015;

    /// <summary>Metres at the pocket by which an aim may be off the middle of its window.</summary>
    private const double OffMiddle = 0.003;
    private const double NarrowWindow = 0.005;

    private readonly TableInUse _table;
    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();

    /// <summary>Prepares a solver for a table.</summary>
    public PotSolver(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        _table = table;
        _simulation = new TableSimulation(table.Conditions, table.Outline);
    }

    /// <summary>The table for which it solves.</summary>
    public TableInUse Table => _table;

    /// <summary>Strokes that it has simulated so far.</summary>
    public int Played { get; private set; }

    /// <summary>Solves a pot.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">Pace, side and height of the stroke.</param>
    /// <param name="withWindow">False to leave the window out, which is several times faster.</param>
    /// <returns>The stroke, or why there is none; both when only another part of the pocket is open.</returns>
    public PotAnswer Solve(Layout layout, Pot pot, Dials dials, bool withWindow = true)
    {
        ArgumentNullException.ThrowIfNull(layout);
        if (layout[pot.Ball] is null) return new PotAnswer(null, new NoPot(NoPotReason.NotOnTable));
        if (layout.Contacts.Contains(new Contact(BallId.Cue, pot.Ball)))
            return new PotAnswer(null, new NoPot(NoPotReason.WhiteTouches, pot.Ball));
        var answer = new Question(this, layout, pot, dials, PottingLine.Of(layout, pot, _table)).Answer(withWindow);
        if (pot.Part != PocketPart.Opening || answer.Solution is { IsPartial: false }) return answer;
        // Along a cushion, or past another ball, the middle of what drops may be shut and the pocket point open.
        var point = pot with { Part = PocketPart.Middle };
        return new Question(this, layout, point, dials, PottingLine.Of(layout, point, _table)).Direct(withWindow) is { } found
            ? new PotAnswer(found with { Pot = pot }, null)
            : answer;
    }

    /// <summary>Solves a pot into the very part of the pocket that is named, without looking for what else is open.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">Pace, side and height of the stroke.</param>
    /// <returns>The stroke, without its window; null when it does not go.</returns>
    public PotSolution? Direct(Layout layout, Pot pot, Dials dials) => QuestionOf(layout, pot, dials)?.Direct(withWindow: false);

    /// <summary>
    /// Aims a pot with as few strokes as it takes: the middle of what drops or nothing. A search that looks at many strokes has no use for
    /// what is told beside it.
    /// </summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">Pace, side and height of the stroke.</param>
    /// <returns>
    /// The stroke; null when the ball cannot be sent there. Whether it drops among the other balls is for the caller to see.
    /// </returns>
    public Strike? Aim(Layout layout, Pot pot, Dials dials) => QuestionOf(layout, pot, dials)?.Aim();

    /// <summary>
    /// Aims a pot of which only a part is open, near where another stroke potted it: the middle of the widest interval there that pots.
    /// </summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">Pace, side and height of the stroke.</param>
    /// <param name="headingRadians">Heading from white to ball at contact with which it was potted.</param>
    /// <returns>The stroke; null when none near there pots.</returns>
    public Strike? AimNear(Layout layout, Pot pot, Dials dials, double headingRadians) =>
        QuestionOf(layout, pot, dials)?.AimNear(headingRadians);

    /// <summary>
    /// The same pot aimed at the middle of its window: near a pocket the middle of what it takes at that angle is not the middle of what
    /// drops.
    /// </summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="solution">The pot, solved with its window.</param>
    /// <param name="dials">Pace, side and height with which it was solved.</param>
    /// <returns>The pot with more room on its narrow side; as it was when it is in the middle already.</returns>
    public PotSolution Centred(Layout layout, PotSolution solution, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(solution);
        if (solution.Window is not { } window) return solution;
        var off = Math.IEEERemainder(window.MiddleHeadingRadians - solution.HeadingRadians, Math.Tau) * window.Distance;
        return Math.Abs(off) < OffMiddle || QuestionOf(layout, solution.Pot, dials) is not { } question
            ? solution
            : question.Moved(solution, window.MiddleHeadingRadians);
    }

    /// <summary>How the object ball runs when a stroke is played with the balls as they are.</summary>
    public ObjectBallRun Watch(Layout layout, Pot pot, in Strike strike)
    {
        var line = PottingLine.Of(layout, pot, _table);
        return Watch(layout, pot, strike, line.Point);
    }

    /// <summary>True when a stroke pots the ball by meeting it first; allocates nothing.</summary>
    public bool Pots(Layout layout, Pot pot, in Strike strike)
    {
        Played++;
        _simulation.RunUntilDecided(layout, strike, pot.Ball, _result);
        if (_result.FirstContact?.Ball != pot.Ball) return false;
        for (var i = 0; i < _result.Potted.Count; i++)
        {
            if (_result.Potted[i].Ball == pot.Ball) return _result.Potted[i].Pocket == pot.Pocket;
        }

        return false;
    }

    private Question? QuestionOf(Layout layout, Pot pot, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var isPlayable = layout[pot.Ball] is not null && !layout.Contacts.Contains(new Contact(BallId.Cue, pot.Ball));
        return isPlayable ? new Question(this, layout, pot, dials, PottingLine.Of(layout, pot, _table)) : null;
    }

    private ObjectBallRun Watch(Layout layout, Pot pot, in Strike strike, Place point)
    {
        Played++;
        _record.Events.Clear();
        _record.Segments.Clear();
        _simulation.RunUntilDecided(layout, strike, pot.Ball, _result, _record);
        return ObjectBallRun.Read(_record, pot, point, _table.Conditions.Gauge.CushionInset);
    }

    /// <summary>One pot that is being solved.</summary>
    private readonly struct Question
    {
        private readonly PotSolver _solver;
        private readonly Layout _layout;
        private readonly Layout _clear;
        private readonly Pot _pot;
        private readonly PottingLine _line;
        private readonly ContactAim _aim;

        public Question(PotSolver solver, Layout layout, Pot pot, Dials dials, PottingLine line)
        {
            (_solver, _layout, _pot, _line) = (solver, layout, pot, line);
            _clear = Clear(layout, pot.Ball);
            _aim = new ContactAim(layout, dials, line.White, line.Ball, line.Contact, solver._table);
        }

        private double Distance => _line.Distance;

        public Strike? Aim()
        {
            if (!Corridor.MayBeOpen(_layout, _line, _pot.Ball)) return null;
            var (heading, run) = FindRoot(_line.WantedOffset, QuickSteps, QuickTolerance);
            return Math.Abs(run.Offset - _line.WantedOffset) < 2 * QuickTolerance ? Strike(heading) : null;
        }

        public Strike? AimNear(double heading) => Widest(heading, NearReach, NearStep, isDirect: false) is { } found ? Strike(found) : null;

        public PotAnswer Answer(bool withWindow)
        {
            if (!Corridor.MayBeOpen(_layout, _line, _pot.Ball))
                return new PotAnswer(
                    null, new Refusal(_solver._table, _layout, _clear, _pot, _line).Explain(default, true),
                    Strike(Reachable(_line.BallHeading)));
            var wanted = _line.WantedOffset;
            var (heading, run) = FindRoot(wanted);
            if (AtRoot(heading, run, withWindow) is { } direct) return new PotAnswer(direct, null);
            var isAimed = Math.Abs(run.Offset - wanted) < EdgeStep;
            var refusal = new Refusal(_solver._table, _layout, _clear, _pot, _line).Explain(run, isAimed);
            return WidestRun(heading, run) is { } other
                ? new PotAnswer(Tell(other, withWindow ? Grow(other) : null, true), refusal)
                : new PotAnswer(null, refusal, isAimed ? Strike(heading) : null);
        }

        /// <summary>The stroke at what was asked for; null when it does not go, or hardly.</summary>
        public PotSolution? Direct(bool withWindow)
        {
            if (!Corridor.MayBeOpen(_layout, _line, _pot.Ball)) return null;
            var (heading, run) = FindRoot(_line.WantedOffset);
            return AtRoot(heading, run, withWindow);
        }

        private PotSolution? AtRoot(double heading, in ObjectBallRun run, bool withWindow)
        {
            if (!(Math.Abs(run.Offset - _line.WantedOffset) < EdgeStep) || !Drops(heading)) return null;
            if (!withWindow) return Tell(heading, null, false);
            var window = Grow(heading);
            return window.WidthAtPocket >= NarrowWindow ? Tell(heading, window, false) : null;
        }

        public PotSolution Moved(PotSolution solution, double heading) =>
            Drops(heading) ? Tell(heading, solution.Window, solution.IsPartial) : solution;

        /// <summary>The heading at which the ball passes the pocket point at an offset when no other ball is near.</summary>
        private (double Heading, ObjectBallRun Run) FindRoot(double wanted, int steps = RootSteps, double tolerance = RootTolerance)
        {
            var heading = Reachable(_line.BallHeading);
            var run = Run(_clear, heading);
            var (beforeHeading, beforeOffset) = (double.NaN, double.NaN);
            for (var step = 0; step < steps; step++)
            {
                var miss = wanted - run.Offset;
                if (!(Math.Abs(miss) > tolerance)) break;
                var slope = (run.Offset - beforeOffset) / (heading - beforeHeading);
                // Far from the root, and where the ball meets a rubber early, the plain lever is the safer slope.
                if (!(slope > Distance / 3 && slope < Distance * 3)) slope = Distance;
                var next = Reachable(heading + Math.Clamp(miss / slope, -LongestStep, LongestStep));
                if (next == heading) break;
                (beforeHeading, beforeOffset) = (heading, run.Offset);
                heading = next;
                run = Run(_clear, heading);
            }

            return (heading, run);
        }

        /// <summary>The middle of the widest run of headings that pot directly; null when there is none.</summary>
        private double? WidestRun(double heading, in ObjectBallRun run)
        {
            var offset = double.IsNaN(run.Offset) ? 0 : Math.Clamp(run.Offset, -WidestOffset, WidestOffset);
            return Widest(heading - offset / Distance, WidestOffset / 2, ScanStep, isDirect: true);
        }

        /// <summary>The middle of the widest run of headings about one that pot.</summary>
        /// <param name="about">The heading about which they are looked for.</param>
        /// <param name="reach">Metres at the pocket to both sides.</param>
        /// <param name="step">Metres at the pocket from one to the next.</param>
        /// <param name="isDirect">True when the ball must run straight to the pocket somewhere in the run.</param>
        private double? Widest(double about, double reach, double step, bool isDirect)
        {
            (double From, double To)? best = null;
            var (from, counts) = (double.NaN, !isDirect);
            for (var x = -reach; x <= reach + 1e-9; x += step)
            {
                var at = about + x / Distance;
                if (!IsReachable(at) || !Drops(at))
                {
                    (from, counts) = (double.NaN, !isDirect);
                    continue;
                }

                if (double.IsNaN(from)) from = at;
                counts = counts || Run(_layout, at).IsDirect;
                if (counts && (best is not { } known || at - from > known.To - known.From)) best = (from, at);
            }

            return best is { } widest ? (widest.From + widest.To) / 2 : null;
        }

        private PotWindow Grow(double heading)
        {
            var (right, left) = (Edge(heading, -1), Edge(heading, 1));
            return _line.CutRadians >= 0 ? new PotWindow(right, left, Distance) : new PotWindow(left, right, Distance);
        }

        /// <summary>The last heading to one side that still pots.</summary>
        private WindowEdge Edge(double heading, int way)
        {
            var step = way * EdgeStep / Distance;
            var inside = heading;
            var outside = heading + step;
            while (IsReachable(outside) && Math.Abs(outside - heading) * Distance < 2 * WidestOffset && Drops(outside))
            {
                inside = outside;
                outside += step;
            }

            for (var i = 0; i < EdgeHalvings; i++)
            {
                var middle = (inside + outside) / 2;
                if (IsReachable(middle) && Drops(middle)) inside = middle;
                else outside = middle;
            }

            var run = Run(_layout, inside);
            return new WindowEdge(_aim.Direction(inside), inside, _aim.Ghost(inside), run.Offset);
        }

        private PotSolution Tell(double heading, PotWindow? window, bool isPartial)
        {
            var run = Run(_layout, heading);
            var contact = _solver._result.FirstContact!.Value;
            return new PotSolution(
                _pot, Strike(heading), _line, contact.White.Place, contact.CutRadians, run.Offset, run.ArrivalSpeed, window, isPartial,
                heading);
        }

        private bool Drops(double heading) => _solver.Pots(_layout, _pot, Strike(heading));

        private ObjectBallRun Run(Layout layout, double heading) => _solver.Watch(layout, _pot, Strike(heading), _line.Point);

        private Strike Strike(double heading) => _aim.Strike(heading);

        private bool IsReachable(double heading) => _aim.IsReachable(heading);

        private double Reachable(double heading) => _aim.Reachable(heading);

        /// <summary>The white, the ball and what touches it: what decides how the ball leaves.</summary>
        private static Layout Clear(Layout layout, BallId ball) => layout.Keeping(
            placed => placed.Ball is BallId.Cue || placed.Ball == ball
                || layout.Contacts.Contains(new Contact(placed.Ball, ball)) || layout.Contacts.Contains(new Contact(ball, placed.Ball)));
    }
}
