using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// Answers what to leave: searches with growing budgets among safeties and pots by one value for both sides of the game, tells each time
/// the best stroke, and in the last answer what the opponent finds when it is caught thick and thin. One instance serves one plan at a
/// time.
/// </summary>
public sealed class SafetyPlanner
{
    /// <summary>Budget of the first answer; each further one has four times as much.</summary>
    private const int FirstBudget = 1000;

    /// <summary>
    /// Pairs of balls that touch with which a plan gets half of the strokes that it is asked for: a pack is solved as a whole, which takes
    /// long. From the full pack it gets a quarter.
    /// </summary>
    private const double ContactsForHalf = 10;

    /// <summary>Share of the budget for pots.</summary>
    private const double PotShare = 0.25;

    /// <summary>Pots that are judged with fresh draws beside the safeties that were found.</summary>
    private const int MostPots = 2;

    private const int LeastJudged = 100;
    private const int MostJudged = 600;

    /// <summary>
    /// Points by which a pot must be better than a safety, and the same for one that goes less often than the third figure: what both leave
    /// is estimated, and players do not take such a pot on for little (common practice, no source).
    /// </summary>
    private const double LeastLead = 0.5;

    private const double LeadOfDoubtful = 1.5;
    private const double DoubtfulPot = 0.45;

    /// <summary>Share of the budget, over all strokes that are judged, for which draws are fresh.</summary>
    private const double JudgeShare = 0.4;

    /// <summary>
    /// Shares of the budget for each place in the D that is looked at, and for each of those that are searched; how many these are.
    /// </summary>
    private const double PlaceShare = 0.01;

    private const double SearchedShare = 0.1;
    private const int LeastForAPlace = 100;
    private const int PlacesSearched = 3;

    /// <summary>Places that are nearer to each other are taken for one, in metres.</summary>
    private const double PlacesApart = 0.1;

    /// <summary>Of the places in the D every so many is looked at.</summary>
    private const int EveryPlace = 2;

    /// <summary>
    /// A pot of this chance or less of which a miss leaves less than the second figure, in points, and a pot less often than the third, is
    /// a shot to nothing.
    /// </summary>
    private const double LikelyPot = 0.65;

    private const double LittleLeft = 3;
    private const double SeldomAnswered = 0.3;

    /// <summary>What pots less often than this was not played for the pot.</summary>
    private const double UnlikelyPot = 0.1;

    /// <summary>Cover of the ball from which an error to one side is told as left or right and no longer as thick or thin.</summary>
    private const double NearlyFull = 0.9;

    /// <summary>By how much the aim is moved, in the player's own errors of direction.</summary>
    private static readonly double[] Shifts = [-1.2, -0.6, 0.6, 1.2];

    private readonly SafetyQuestion _question;
    private readonly SafetySearch _search;
    private readonly BreakSearch _pots;
    private readonly SafetyWorth _worth;
    private readonly LeftReader _reader;
    private readonly TrialTable _trials;

    /// <summary>Strokes that the searches for pots simulated.</summary>
    private int _potted;

    /// <summary>Prepares a plan.</summary>
    /// <param name="question">The question.</param>
    public SafetyPlanner(SafetyQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _question = question;
        _search = new SafetySearch(question);
        _pots = new BreakSearch(new BreakQuestion(
            question.Table, question.Striker, question.Opponent, _ => new SafetyWorth(question), BreakWishes.Free,
            question.Seed, question.Threads, CountsMisses: true));
        _worth = new SafetyWorth(question);
        _reader = new LeftReader(question.Table, question.Opponent);
        _trials = SafetyWorker.TrialsOf(question);
    }

    /// <summary>Plans.</summary>
    /// <param name="frame">The frame; with the white on the table, in hand or not.</param>
    /// <param name="budget">Strokes that the last search may simulate, about.</param>
    /// <param name="tell">Takes each answer.</param>
    /// <param name="mine">
    /// A stroke that the player has in mind, played from where the white lies: it is held against the last answer. Null for none.
    /// </param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The last answer.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public SafetyPlan Plan(
        FrameState frame, int budget, Action<SafetyPlan>? tell = null, Strike? mine = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var share = 1 / (1 + ContactsIn(frame) / ContactsForHalf);
        for (var spent = Math.Min(FirstBudget, budget); ; spent = Math.Min(4 * spent, budget))
        {
            var plan = PlanOnce(frame, Math.Max(LeastForAPlace, (int)(share * spent)), spent >= budget, cancel);
            if (plan.IsFinal && mine is { } strike) plan = plan with { Mine = OwnOption(frame, strike, plan, cancel) };
            tell?.Invoke(plan);
            if (plan.IsFinal) return plan;
        }
    }

    /// <summary>A stroke that the player has in mind, judged as the answer was.</summary>
    private SafetyOption? OwnOption(FrameState frame, in Strike strike, SafetyPlan plan, CancellationToken cancel)
    {
        var start = frame with { IsInHand = false };
        if (OwnStroke.Read(_question, _worth, _trials, start, strike) is not { } own) return null;
        var draws = plan.Best?.Judged.Worths.Count ?? LeastJudged;
        var judged = _search.Judge(start, [own.Stroke], draws, cancel: cancel)[0];
        return Tell(start, judged, own.Kind) with { White = frame.IsInHand ? start.White : null };
    }

    /// <summary>How many pairs of balls touch.</summary>
    private static int ContactsIn(FrameState frame)
    {
        var (balls, reach, count) = (frame.ObjectBalls, frame.Gauge.Diameter + Layout.TouchingGap, 0);
        for (var i = 0; i < balls.Count; i++)
        {
            for (var j = i + 1; j < balls.Count; j++)
            {
                if (balls[i].Place.DistanceTo(balls[j].Place) <= reach) count++;
            }
        }

        return count;
    }

    private int Played => _search.Played + _potted;

    private SafetyPlan PlanOnce(FrameState frame, int budget, bool isLast, CancellationToken cancel)
    {
        var known = frame.IsInHand ? InHand(frame, budget, cancel) : From(frame, budget, cancel);
        if (known.Count == 0) return new SafetyPlan(null, [], [], null, Played, isLast);
        var draws = Math.Clamp((int)(JudgeShare * budget / known.Count), LeastJudged, MostJudged);
        var options = known.GroupBy(one => one.Start)
            .SelectMany(same => _search.Judge(same.Key, [.. same.Select(one => one.Stroke)], draws, cancel: cancel)
                .Zip(same, (judged, one) => Tell(one.Start, judged, one.Kind) with { White = frame.IsInHand ? one.Start.White : null }))
            .OrderByDescending(one => one.Judged.Worth).ToList();
        PutSafeFirst(options);
        var start = At(frame, options[0].White);
        var (best, shift) = isLast ? Shifted(start, options[0], draws, cancel) : (options[0], null);
        var misses = isLast ? Misses(start, best) : [];
        var kinds = new HashSet<SafetyKind> { best.Kind };
        return new SafetyPlan(best, [.. options.Skip(1).Where(one => kinds.Add(one.Kind))], misses, shift, Played, isLast);
    }

    /// <summary>The best safeties and pots from where the white lies.</summary>
    private List<Known> From(FrameState start, int budget, CancellationToken cancel)
    {
        var safeties = _search.Run(start, (int)((1 - PotShare) * budget), cancel);
        var pots = _pots.Run(start, (int)(PotShare * budget), cancel);
        _potted += pots.Played;
        return
        [
            .. safeties.Select(one => new Known(start, one.Stroke, one.Kind)),
            .. pots.Best.Take(MostPots).Select(one => new Known(start, one.Stroke, null)),
        ];
    }

    /// <summary>A pot that the draws cannot tell from a safety, or that is better by next to nothing, is not taken on.</summary>
    private static void PutSafeFirst(List<SafetyOption> options)
    {
        if (options[0].Kind != SafetyKind.Pot || options.FindIndex(one => one.Kind != SafetyKind.Pot) is not (> 0 and var at)) return;
        var lead = options[0].Judged.Over(options[at].Judged);
        var least = options[0].Judged.Scores.Share < DoubtfulPot ? LeadOfDoubtful : LeastLead;
        if (lead.IsPositive && lead.Mean >= least) return;
        var safe = options[at];
        options.RemoveAt(at);
        options.Insert(0, safe);
    }

    /// <summary>
    /// The same for a white in hand, from where the best safety of a small search begins; and the best of each kind from other places that
    /// were searched, since how the black is opened, say, belongs to where the white is put.
    /// </summary>
    private List<Known> InHand(FrameState frame, int budget, CancellationToken cancel)
    {
        var searched = new List<(FrameState Start, IReadOnlyList<FoundSafety> Found)>();
        foreach (var start in BreakPlanner.PlacesInTheD(frame).Where((_, i) => i % EveryPlace == 0).Select(place => At(frame, place))
            .OrderByDescending(at => Best(Search(at, PlaceShare))))
        {
            if (searched.Exists(one => one.Start.White!.Value.DistanceTo(start.White!.Value) < PlacesApart)) continue;
            searched.Add((start, Search(start, SearchedShare)));
            if (searched.Count == PlacesSearched) break;
        }

        if (searched.Count == 0) return [];
        var best = searched.MaxBy(one => Best(one.Found));
        return
        [
            .. From(best.Start, budget, cancel),
            .. searched.Where(one => one != best).SelectMany(one => one.Found.DistinctBy(found => found.Kind)
                .Select(found => new Known(one.Start, found.Stroke, found.Kind))),
        ];

        IReadOnlyList<FoundSafety> Search(FrameState at, double share) =>
            _search.Run(at, Math.Max(LeastForAPlace, (int)(share * budget)), cancel);

        static double Best(IReadOnlyList<FoundSafety> found) => found.Count == 0 ? double.NegativeInfinity : found[0].Worth;
    }

    private static FrameState At(FrameState frame, Place? white) => white is { } place
        ? frame with { Balls = [new PlacedBall(BallId.Cue, place), .. frame.ObjectBalls], IsInHand = false } : frame;

    private SafetyOption Tell(FrameState frame, JudgedExchange judged, SafetyKind? kind) => new(
        judged, KindOf(judged, kind), CatchAs(frame, judged.Stroke, 0));

    /// <summary>
    /// What pots often is a pot, and what pots sometimes and leaves little when it does not a shot to nothing, whatever it was aimed at.
    /// </summary>
    private static SafetyKind KindOf(JudgedExchange judged, SafetyKind? kind)
    {
        var pots = judged.Scores.Share;
        if (pots < UnlikelyPot) return kind ?? SafetyKind.Pot;
        if (pots <= LikelyPot && judged.Mean.Theirs < LittleLeft * (1 - pots)
            && judged.OpponentScores < SeldomAnswered * (1 - pots)) return SafetyKind.ShotToNothing;
        return judged.Stroke.Intent is IndirectIntent ? SafetyKind.IndirectPot : SafetyKind.Pot;
    }

    /// <summary>Moves the aim to the side on which a miss costs less, where draws that did not choose it tell that it gains.</summary>
    private (SafetyOption Best, AimShift? Shift) Shifted(FrameState frame, SafetyOption best, int draws, CancellationToken cancel)
    {
        var stroke = best.Judged.Stroke;
        var step = stroke.Delivery.DirectionSpread;
        List<PlannedStroke> moved = [.. Shifts.Select(shift => stroke.Turned(shift * step))];
        var tried = _search.Judge(frame, [stroke, .. moved], draws, 1, cancel);
        var chosen = tried.Skip(1).MaxBy(one => one.Worth)!;
        if (!chosen.Over(tried[0]).IsPositive) return (best, null);
        var again = _search.Judge(frame, [chosen.Stroke], draws, cancel: cancel)[0];
        var lead = again.Over(best.Judged);
        if (!lead.IsPositive) return (best, null);
        var turn = chosen.Stroke.Strike.DirectionRadians - stroke.Strike.DirectionRadians;
        var option = best with { Judged = again, Meant = CatchAs(frame, again.Stroke, 0) };
        var run = option.Meant.Ball is { } ball && frame.White is { } white
            ? white.DistanceTo(frame.Balls.First(placed => placed.Ball == ball).Place) : 1;
        return (option, new AimShift(SideOf(best.Meant, option.Meant, turn), Math.Abs(turn) * run, lead.Mean));
    }

    private List<Missed> Misses(FrameState frame, SafetyOption best)
    {
        var step = best.Judged.Stroke.Delivery.DirectionSpread;
        return
        [
            .. new[] { step, -step }.Select(turn =>
            {
                var caught = CatchAs(frame, best.Judged.Stroke, turn);
                return new Missed(
                    SideOf(best.Meant, caught, turn), caught, turn > 0 ? best.Judged.WhenLeft : best.Judged.WhenRight);
            }).OrderBy(miss => miss.Side),
        ];
    }

    /// <summary>What comes of a stroke whose direction is out by an angle, all else being as meant.</summary>
    private Caught CatchAs(FrameState frame, PlannedStroke stroke, double turn)
    {
        var layout = LayoutRules.TryBuild([.. frame.Balls], _question.Table.Outline, frame.Gauge, LayoutMode.Free, out _)!;
        var trial = _trials.Play(new TrialQuestion(frame, layout, stroke.Turned(turn)), StrokeDraw.Exact);
        var ruling = trial.Ruling;
        var isTheirs = !ruling.StaysAtTable && ruling.End == FrameEnd.None;
        var balls = ruling.End == FrameEnd.None ? _reader.Placed(ruling.Next) : ruling.Next;
        var first = trial.Result.FirstContact;
        return new Caught(
            first?.Fraction ?? double.NaN, first?.Ball, ruling, _worth.LeftBy(ruling), isTheirs ? _reader.PotsOf(balls) : [],
            trial.Result[BallId.Cue], ruling.Points > 0 ? PottedOf(trial.Result) : null, balls);
    }

    private static Pot? PottedOf(StrokeResult result)
    {
        foreach (var potted in result.Potted) return new Pot(potted.Ball, potted.Pocket, PocketPart.Opening);
        return null;
    }

    /// <summary>Thick or thin where the same ball is met with an angle, or missed; else left or right.</summary>
    private static ErrSide SideOf(Caught meant, Caught caught, double turn)
    {
        var isSame = caught.Ball == meant.Ball;
        if (meant.Cover > NearlyFull || double.IsNaN(meant.Cover) || (isSame && caught.Cover == meant.Cover))
            return turn > 0 ? ErrSide.Left : ErrSide.Right;
        // What does not meet the ball passed it on the thin side.
        return isSame && caught.Cover > meant.Cover ? ErrSide.Thick : ErrSide.Thin;
    }

    /// <summary>A stroke that was found.</summary>
    /// <param name="Start">The frame, with the white where it is played from.</param>
    /// <param name="Stroke">The stroke.</param>
    /// <param name="Kind">What kind of answer it is; null for a pot.</param>
    private sealed record Known(FrameState Start, PlannedStroke Stroke, SafetyKind? Kind);
}
