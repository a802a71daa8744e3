using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// Plans a break: searches with growing budgets, tells each time the best line, then why it is best and what other balls cost. One instance
/// serves one plan at a time.
/// </summary>
public sealed class BreakPlanner
{
    /// <summary>Strokes of a line.</summary>
    public const int Depth = 4;

    /// <summary>Strokes of a line when no red is up: a colour after the last red, and all six in order.</summary>
    public const int DepthOfColours = 7;

    /// <summary>Budget of the first answer; each further one has four times as much.</summary>
    private const int FirstBudget = 250;

    /// <summary>Share of a budget that each further stroke of the line and each other ball gets.</summary>
    private const int LineShare = 5;

    private const int LeastBudget = 120;

    /// <summary>Budget from which every pot is solved first: it costs as much as some thousand strokes.</summary>
    private const int SolveFrom = 2000;

    private const int MostOthers = 6;
    private const int MissSamples = 48;

    /// <summary>Steps on the lines of the D on which a white in hand is tried.</summary>
    private const int PlacesAcross = 12;

    private const int PlacesSearched = 3;

    private readonly BreakQuestion _question;
    private readonly BreakSearch _search;
    private readonly FramePlayer _frames;
    private readonly LeaveGauge _gauge;
    private readonly LeaveWorth _worth;
    private readonly FactFinder _facts;
    private readonly PlanExplainer _explainer;
    private readonly LeftReader _reply;

    /// <summary>The pots of the present plan, solved, by the place of the white.</summary>
    private readonly Dictionary<Place, IReadOnlyList<LeavePot>> _solved = [];

    /// <summary>Prepares a plan.</summary>
    /// <param name="question">The question; its worth is left to the planner.</param>
    public BreakPlanner(BreakQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _question = question;
        _search = new BreakSearch(question);
        _frames = new FramePlayer(question.Table, question.Striker, question.LineUp);
        _gauge = new LeaveGauge(question.Table, question.Striker);
        _worth = new LeaveWorth(question.Table, question.Striker);
        _facts = new FactFinder(question.Table, question.Striker);
        _explainer = new PlanExplainer(question, _search, _frames, _facts);
        _reply = new LeftReader(question.Table, question.Opponent);
    }

    /// <summary>A question with the planner's own worth, against an opponent who plays like the striker.</summary>
    public static BreakQuestion Ask(TableInUse table, PlayerProfile striker, BreakWishes wishes, int seed, int threads = 1) =>
        new(table, striker, striker, WorthOf, wishes, seed, threads);

    private static IPotWorth WorthOf(BreakQuestion question)
    {
        if (question.LineUp is not null) return new VisitAlone(new LeaveWorth(question.Table, question.Striker));
        var visit = new VisitWorth(question.Table, question.Striker, question.Opponent);
        return question.Wishes.Goal == BreakGoal.Secure ? new SecureWorth(visit) : visit;
    }

    /// <summary>Plans.</summary>
    /// <param name="frame">The frame; with the white on the table, in hand or not.</param>
    /// <param name="budget">Strokes that the last search may simulate, about; the line and the other balls come on top of it.</param>
    /// <param name="tell">Takes each answer.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The last answer.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public BreakPlan Plan(FrameState frame, int budget, Action<BreakPlan>? tell = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var played = 0;
        _solved.Clear();
        BreakPlan? plan = null;
        for (var spent = Math.Min(FirstBudget, budget); ; spent = Math.Min(4 * spent, budget))
        {
            var isLast = spent >= budget;
            plan = PlanOnce(frame, spent, isLast, ref played, cancel);
            tell?.Invoke(plan);
            if (isLast) return plan;
        }
    }

    private BreakPlan PlanOnce(FrameState frame, int budget, bool isLast, ref int played, CancellationToken cancel)
    {
        var (start, found) = frame.IsInHand
            ? SearchInHand(frame, budget, ref played, cancel)
            : (frame, SearchFirst(frame, budget, budget, ref played, cancel));
        if (found.Best.Count == 0) return new BreakPlan([], 0, 0, 0, null, [], default, [], null, played, isLast) { Pots = PotsOf(start) };
        var share = Math.Max(LeastBudget, budget / LineShare);
        var said = isLast ? Explain(start, found, share, budget, ref played, cancel) : null;
        var best = said?.Stroke.Rated ?? found.Best[0];
        var line = Follow(start, best, share, ref played, cancel);
        var before = _frames.Played;
        var misses = isLast ? MissLeaves(start, best.Stroke, cancel) : null;
        played += _frames.Played - before;
        var remedies = isLast ? Remedies(start, ref played, cancel) : [];
        return new BreakPlan(
            line, best.Gain, best.Cost, best.Error, frame.IsInHand ? start.White : null, said?.Others ?? [], _facts.Closed(line), remedies,
            misses, played, isLast)
        { Pots = PotsOf(start), Plain = said?.Plain, IsPlain = said?.IsPlain == true, GivenUp = said?.GivenUp };
    }

    /// <summary>Judges the best strokes at all balls, and says why one of them is the plan.</summary>
    private Explained? Explain(
        FrameState start, BreakSearchResult found, int share, int budget, ref int played, CancellationToken cancel)
    {
        var others = Others(start, found.Best[0].Stroke, share, ref played, cancel);
        var on = (PotsOf(start) ?? _gauge.Read(start)).Where(pot => _question.Wishes.Only is not { } only || pot.Pot.Ball == only).ToList();
        var said = _explainer.Explain(start, found, others, on, budget, cancel);
        played += said?.Played ?? 0;
        return said;
    }

    private static BreakSearchResult Search(BreakSearch search, FrameState frame, int budget, ref int played, CancellationToken cancel)
    {
        var found = search.Run(frame, budget, cancel);
        played += found.Played;
        return found;
    }

    /// <summary>Searches the first stroke: with a large budget among all pots, solved once for the plan.</summary>
    private BreakSearchResult SearchFirst(FrameState frame, int share, int budget, ref int played, CancellationToken cancel)
    {
        var pots = PotsOf(frame);
        if (pots is null && budget >= SolveFrom)
        {
            (pots, var solving) = _search.Solve(frame, cancel);
            played += solving;
            _solved[frame.White!.Value] = pots;
        }

        var found = _search.Run(frame, share, pots, cancel);
        played += found.Played;
        return found;
    }

    /// <summary>The pots of a frame that the plan has solved; null when it has not.</summary>
    private IReadOnlyList<LeavePot>? PotsOf(FrameState frame) =>
        frame.White is { } white && _solved.TryGetValue(white, out var pots) ? pots : null;

    /// <summary>Tries places for the white in hand: all are looked at, the most promising are searched.</summary>
    private (FrameState Frame, BreakSearchResult Found) SearchInHand(FrameState frame, int budget, ref int played, CancellationToken cancel)
    {
        var best = (Frame: frame, Found: new BreakSearchResult([], 0));
        foreach (var place in PlacesInTheD(frame).OrderByDescending(WorthAt).Take(PlacesSearched))
        {
            var placed = At(frame, place);
            var found = SearchFirst(placed, Math.Max(LeastBudget, budget / PlacesSearched), budget, ref played, cancel);
            if (found.Best.Count > 0 && (best.Found.Best.Count == 0 || found.Best[0].Worth > best.Found.Best[0].Worth))
                best = (placed, found);
        }

        return best;

        double WorthAt(Place place) => _worth.Of(At(frame, place));
    }

    /// <summary>What a white in hand is worth at a place, as leaves are estimated.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="place">A place in the D.</param>
    public double WorthInHand(FrameState frame, Place place) => _worth.Of(At(frame, place));

    private static FrameState At(FrameState frame, Place place) => frame with
    {
        Balls = [new Table.Layouts.PlacedBall(BallId.Cue, place), .. frame.ObjectBalls],
        IsInHand = false,
    };

    /// <summary>Places on the baulk line and on the arc of the D at which there is room, and where the white stands already.</summary>
    public static IEnumerable<Place> PlacesInTheD(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var others = frame.ObjectBalls.Select(placed => placed.Place).ToList();
        var places = new List<Place>();
        if (frame.White is { } white) places.Add(white);
        for (var i = 0; i <= PlacesAcross; i++)
        {
            var across = Measurements.DRadius * (2.0 * i / PlacesAcross - 1);
            places.Add(TheD.Centre.Offset(0, across));
            if (i > 0 && i < PlacesAcross)
                places.Add(TheD.Centre.Offset(-Math.Sqrt(Measurements.DRadius * Measurements.DRadius - across * across), across));
        }

        return places.Where(place => TheD.Contains(place) && others.TrueForAll(other => other.DistanceTo(place) >= frame.Gauge.Diameter));
    }

    /// <summary>The line: each stroke played as meant, and the next searched from there.</summary>
    private List<PlanStep> Follow(FrameState start, RatedStroke first, int budget, ref int played, CancellationToken cancel)
    {
        var line = new List<PlanStep>();
        var (frame, rated) = (start, first);
        var depth = start.Reds == 0 ? DepthOfColours : Depth;
        var free = new BreakSearch(_question with { Wishes = _question.Wishes with { Only = null } });
        while (_frames.Step(frame, rated.Stroke, rated.Pot) is { } step)
        {
            played++;
            line.Add(step);
            if (line.Count == depth || step.After is not { } after) break;
            frame = after;
            var found = Search(free, frame, budget, ref played, cancel);
            if (found.Best.Count == 0) break;
            rated = found.Best[0];
        }

        return line;
    }

    /// <summary>The best strokes at the other balls that are on.</summary>
    private List<RatedStroke> Others(FrameState start, PlannedStroke best, int budget, ref int played, CancellationToken cancel)
    {
        if (_question.Wishes.Only is not null) return [];
        var others = new List<RatedStroke>();
        var solved = PotsOf(start);
        foreach (var ball in (solved ?? _gauge.Read(start)).Select(pot => pot.Pot.Ball).Distinct()
            .Where(ball => ball != best.Pot.Ball).Take(MostOthers).ToList())
        {
            var search = new BreakSearch(_question with { Wishes = _question.Wishes with { Only = ball } });
            var found = search.Run(start, budget, solved?.Where(pot => pot.Pot.Ball == ball).ToList(), cancel);
            played += found.Played;
            if (found.Best.Count > 0) others.Add(found.Best[0]);
        }

        return others;
    }

    private IReadOnlyList<Remedy> Remedies(FrameState start, ref int played, CancellationToken cancel)
    {
        var clearing = new ColourClearing(_question.Table, _question.Striker, _question.LineUp);
        var found = clearing.Find(start, _question.Wishes, _question.Seed, cancel);
        played += clearing.Played;
        return found;
    }

    /// <summary>What the opponent finds after the misses of a sample.</summary>
    private double? MissLeaves(FrameState start, PlannedStroke stroke, CancellationToken cancel)
    {
        if (_frames.LayoutOf(start) is not { } layout) return null;
        var (sum, misses) = (0.0, 0);
        Sampler.Play(
            _frames.Trials, new TrialQuestion(start, layout, stroke), DrawSeries.Even(_question.Seed), 0, MissSamples,
            trial =>
            {
                if (trial.Ruling.Points > 0) return;
                misses++;
                sum += _reply.ChanceToScore(trial.Ruling.Next);
            },
            cancel);
        return misses == 0 ? null : sum / misses;
    }
}
