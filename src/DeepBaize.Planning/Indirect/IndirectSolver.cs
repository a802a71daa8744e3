using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Indirect;

/// <summary>
/// Finds what can be potted off cushions and off other balls by meeting a ball: contacts all over it are played on the simulator, and where
/// a ball's last way passes a pocket first on one side and then on the other, or falls, the directions that pot are searched. One instance
/// serves one thread.
/// </summary>
public sealed class IndirectSolver
{
    /// <summary>Radians of the line of centres from one contact that is played to the next.</summary>
    private const double SweepStep = 0.0125;

    /// <summary>Radians to both sides within which a pot is looked for about where plain geometry has it.</summary>
    private const double Near = 0.2;

    /// <summary>Narrowest window that is told, in metres at the pocket.</summary>
    private const double NarrowestWindow = 0.004;

    /// <summary>A way that passes the pocket farther off than this on both sides leaps over it, in metres.</summary>
    private const double FarthestBracket = 1.5;

    /// <summary>How often the step is halved between contacts of which balls go on other ways.</summary>
    private const int FinerSteps = 2;

    private const int RootSteps = 18;
    private const double RootTolerance = 5e-4;

    /// <summary>Metres at the pocket at which it is tried whether the ball falls where its middle does not take it.</summary>
    private static readonly double[] Beside = [0, 0.015, -0.015, 0.03, -0.03, 0.045, -0.045];

    private const double EdgeStep = 0.0015;
    private const double LongestEdgeStep = 0.01;
    private const int EdgeHalvings = 6;
    private const int MostEdgeSteps = 400;

    private readonly TableInUse _table;
    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();
    private readonly IndirectRun _run = new();

    /// <summary>Prepares a solver for a table.</summary>
    /// <param name="table">The table.</param>
    public IndirectSolver(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        _table = table;
        _simulation = new TableSimulation(table.Conditions, table.Outline);
    }

    /// <summary>Strokes that it has simulated so far.</summary>
    public int Played { get; private set; }

    /// <summary>Everything that can be potted so by meeting a ball.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="first">The ball that is met.</param>
    /// <param name="dials">How the white is struck.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>For each pot its widest window, the widest first; empty when the white touches the ball.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<IndirectSolution> All(Layout layout, BallId first, Dials dials, CancellationToken cancel = default) =>
        QuestionOf(layout, first, dials) is { } question
            ? question.Sweep(question.Aim.Middle, question.Aim.Reach, cancel) : [];

    /// <summary>One such pot, looked for about where plain geometry has it.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">How the white is struck.</param>
    /// <param name="headingRadians">Heading from the white to the first ball about which it is looked for.</param>
    /// <returns>The stroke; null when it does not go.</returns>
    public IndirectSolution? Solve(Layout layout, IndirectPot pot, Dials dials, double headingRadians) =>
        QuestionOf(layout, pot.First, dials, pot) is { } question
            ? question.Sweep(headingRadians, Near, default) is [var found, ..] ? found : null : null;

    private Question? QuestionOf(Layout layout, BallId first, Dials dials, IndirectPot? only = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return layout[BallId.Cue] is { } white && layout[first] is { } ball && !layout.Contacts.Contains(new Contact(BallId.Cue, first))
            ? new Question(this, layout, first, new ContactAim(layout, dials, white, ball, ball, _table), only) : null;
    }

    /// <summary>The first contact with one ball that is asked about, for all that goes so or for one pot only.</summary>
    private sealed class Question(IndirectSolver solver, Layout layout, BallId first, ContactAim aim, IndirectPot? only)
    {
        private readonly Dictionary<IndirectPot, IndirectSolution> _found = [];

        public ContactAim Aim => aim;

        public IReadOnlyList<IndirectSolution> Sweep(double about, double reach, CancellationToken cancel)
        {
            var steps = Math.Max(2, (int)Math.Ceiling(2 * reach / SweepStep));
            Seen? before = null;
            for (var i = 0; i <= steps; i++)
            {
                cancel.ThrowIfCancellationRequested();
                var heading = about - reach + 2 * reach * i / steps;
                if (!aim.IsReachable(heading)) continue;
                var here = new Seen(heading, [.. Play(heading)]);
                Between(before, here, FinerSteps);
                before = here;
            }

            return [.. _found.Values.OrderByDescending(one => one.Window.WidthAtPocket)];
        }

        /// <summary>Looks between two contacts, more finely where balls come on other ways from one to the other.</summary>
        private void Between(Seen? before, Seen here, int finer)
        {
            if (finer > 0 && before is not null && !before.HasTheWaysOf(here))
            {
                var heading = (before.Heading + here.Heading) / 2;
                var middle = new Seen(heading, [.. Play(heading)]);
                Between(before, middle, finer - 1);
                Between(middle, here, finer - 1);
                return;
            }

            foreach (var line in here.Lines) Follow(line, here.Heading, before?.Lines ?? [], before?.Heading ?? double.NaN);
        }

        /// <summary>Takes what one stroke shows beside the one before it.</summary>
        private void Follow(IndirectLine line, double heading, List<IndirectLine> before, double beforeHeading)
        {
            if (line.HasFallen)
            {
                Take(line.Pot, heading, double.NaN);
                return;
            }

            var last = before.FindIndex(other => !other.HasFallen && IsSameWay(other.Pot, line.Pot));
            if (last < 0) return;
            for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
            {
                var pot = line.Pot with { Pocket = pocket };
                if (only is { } wanted && wanted != pot) continue;
                var point = PottingLine.PointOf(pocket);
                var (from, to) = (before[last].Offset(point), line.Offset(point));
                if (from * to <= 0 && Math.Abs(from) + Math.Abs(to) < FarthestBracket && !IsKnown(pot, beforeHeading, heading))
                    Cross(pot, (beforeHeading, from), (heading, to));
            }
        }

        /// <summary>Finds where the ball's way crosses the pocket's point, and whether it falls there.</summary>
        private void Cross(IndirectPot pot, (double Heading, double Offset) a, (double Heading, double Offset) b)
        {
            var slope = (b.Offset - a.Offset) / (b.Heading - a.Heading);
            for (var step = 0; step < RootSteps && Math.Abs(b.Heading - a.Heading) > 1e-7; step++)
            {
                // By turns where a straight line crosses and the middle: the ways are bent, and may end at a ball.
                var middle = step % 2 == 0 && b.Offset != a.Offset
                    ? a.Heading - a.Offset * (b.Heading - a.Heading) / (b.Offset - a.Offset) : (a.Heading + b.Heading) / 2;
                var (offset, hasFallen, _) = Look(pot, middle);
                if (hasFallen)
                {
                    Take(pot, middle, slope);
                    return;
                }

                if (double.IsNaN(offset)) return;
                if (Math.Abs(offset) < RootTolerance)
                {
                    TakeBeside(pot, middle, slope);
                    return;
                }

                if (offset * a.Offset > 0) a = (middle, offset);
                else b = (middle, offset);
                slope = (b.Offset - a.Offset) / (b.Heading - a.Heading);
            }
        }

        private void TakeBeside(IndirectPot pot, double heading, double slope)
        {
            foreach (var metres in Beside)
            {
                if (Look(pot, heading + metres / slope) is not { HasFallen: true }) continue;
                Take(pot, heading + metres / slope, slope);
                return;
            }
        }

        /// <summary>Takes a heading at which a ball falls: its window is searched, unless it lies in one that is known.</summary>
        private void Take(IndirectPot pot, double heading, double slope)
        {
            if ((only is { } wanted && wanted != pot) || IsKnown(pot, heading, heading)) return;
            var metres = Look(pot, heading).Metres;
            var step = Math.Min(LongestEdgeStep, EdgeStep / (double.IsNaN(slope) ? metres : Math.Max(Math.Abs(slope), metres)));
            var window = new PotWindow(Edge(pot, heading, -step), Edge(pot, heading, step), metres);
            if (window.WidthAtPocket < NarrowestWindow) return;
            if (_found.TryGetValue(pot, out var known) && known.Window.WidthAtPocket >= window.WidthAtPocket) return;
            _found[pot] = Tell(pot, window, heading);
        }

        private IndirectSolution Tell(IndirectPot pot, PotWindow window, double inside)
        {
            var middle = window.MiddleHeadingRadians;
            // The middle of a window with a hole would miss.
            if (!Look(pot, middle).HasFallen) Look(pot, middle = inside);
            var contact = solver._result.FirstContact!.Value;
            var (thick, thin) = contact.CutRadians >= 0 ? (window.Thick, window.Thin) : (window.Thin, window.Thick);
            return new IndirectSolution(
                pot, aim.Strike(middle), middle, contact.CutRadians, layout[BallId.Cue]!.Value.DistanceTo(aim.Ghost(middle)),
                window with { Thick = thick, Thin = thin });
        }

        private WindowEdge Edge(IndirectPot pot, double inside, double step)
        {
            var outside = inside + step;
            for (var i = 0; i < MostEdgeSteps && aim.IsReachable(outside) && Look(pot, outside).HasFallen; i++)
            {
                inside = outside;
                outside += step;
            }

            for (var i = 0; i < EdgeHalvings; i++)
            {
                var middle = (inside + outside) / 2;
                if (aim.IsReachable(middle) && Look(pot, middle).HasFallen) inside = middle;
                else outside = middle;
            }

            return new WindowEdge(aim.Direction(inside), inside, aim.Ghost(inside), Look(pot, inside).Offset);
        }

        private bool IsKnown(IndirectPot pot, double from, double to) =>
            _found.TryGetValue(pot, out var known) && (known.Window.Holds(from) || known.Window.Holds(to));

        /// <summary>How the ball passes the pocket, whether it falls, and how far it is from the first contact to there.</summary>
        private (double Offset, bool HasFallen, double Metres) Look(IndirectPot pot, double heading)
        {
            if (!aim.IsReachable(heading)) return (double.NaN, false, double.NaN);
            var point = PottingLine.PointOf(pot.Pocket);
            foreach (var line in Play(heading))
            {
                if (!IsSameWay(line.Pot, pot)) continue;
                return (line.Offset(point), line.HasFallen && line.Pot.Pocket == pot.Pocket, line.Metres + line.From.DistanceTo(point));
            }

            return (double.NaN, false, double.NaN);
        }

        private IReadOnlyList<IndirectLine> Play(double heading)
        {
            solver.Played++;
            solver._record.Events.Clear();
            solver._record.Segments.Clear();
            solver._simulation.Run(layout, aim.Strike(heading), solver._result, solver._record);
            return solver._result.FirstContact?.Ball == first ? solver._run.Read(solver._record, first) : [];
        }

        public static bool IsSameWay(IndirectPot a, IndirectPot b) => a with { Pocket = default } == b with { Pocket = default };
    }

    /// <summary>What a contact shows.</summary>
    private sealed record Seen(double Heading, List<IndirectLine> Lines)
    {
        public bool HasTheWaysOf(Seen other)
        {
            if (Lines.Count != other.Lines.Count) return false;
            foreach (var line in other.Lines)
            {
                if (!Lines.Exists(own => Question.IsSameWay(own.Pot, line.Pot))) return false;
            }

            return true;
        }
    }
}
