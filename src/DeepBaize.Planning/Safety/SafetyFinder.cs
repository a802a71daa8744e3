using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// Finds the strokes that are worth sampling for what they leave: every legal first contact with the strokes of a fixed list, and
/// directions all round for ways by cushions. Each is played once as meant.
/// </summary>
internal sealed class SafetyFinder
{
    /// <summary>Share of the strokes that are looked at for ways by cushions where the white comes to a ball straight.</summary>
    private const double RoundShare = 0.15;

    /// <summary>
    /// Share of the strokes that are looked at for doubles, plants, cannons and in-offs, and about how many one of them takes.
    /// </summary>
    private const double PotShare = 0.25;

    private const int StrokesASolution = 60;

    /// <summary>The hardest pace at which they are tried.</summary>
    private const double HardestPot = 8.5;

    /// <summary>Paces at which they are tried for a way of less than a metre; each metre more takes one pace more.</summary>
    private static readonly double[] PotPaces = [6, 5];

    /// <summary>Paces at which ways by cushions are looked for.</summary>
    private static readonly Dials[] RoundDials = [Dials.AtPace(4), Dials.AtPace(3), Dials.AtPace(5.5), Dials.AtPace(2)];

    /// <summary>
    /// Heights of the tip, in ball radii, that are tried where the butt would have to be raised too far: a tip and some two.
    /// </summary>
    private static readonly double[] HigherHeights = [0.23, 0.4];

    private readonly SafetyQuestion _question;
    private readonly Workers<SafetyWorker> _workers;
    private readonly LeaveGauge _gauge;
    private readonly IndirectGauge _pots;

    /// <summary>Prepares a search.</summary>
    /// <param name="question">What the search is about.</param>
    /// <param name="workers">Its threads.</param>
    public SafetyFinder(SafetyQuestion question, Workers<SafetyWorker> workers)
    {
        (_question, _workers) = (question, workers);
        _gauge = new LeaveGauge(_question.Table, _question.Striker);
        _pots = new IndirectGauge(_question.Table, _question.Striker, _gauge);
    }

    /// <summary>Looks at strokes of the list.</summary>
    /// <param name="frame">The frame, with the white on the table.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>Those that are legal as they are meant, the best first.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public List<SafetyCandidate> Find(FrameState frame, Layout layout, int budget, CancellationToken cancel)
    {
        var contacts = FirstContacts.Straight(frame, layout.Gauge.Diameter);
        var round = contacts.Count == 0 ? budget / 2 : (int)(RoundShare * budget / 2);
        var straight = from dials in DialList.Safeties from contact in contacts where contact.Suits(dials.Pace) select (contact, dials);
        var ways = from dials in RoundDials from contact in FirstContacts.AllRound() select (contact, dials);
        var pots = IndirectPots(frame, (int)(PotShare * budget) / StrokesASolution);
        var left = budget - 2 * round - pots.Count * StrokesASolution;
        List<SafetyCandidate> found =
        [
            .. Look(frame, layout, [.. straight.Take(left), .. ways.Take(round)], cancel)
                .Concat(Solve(frame, layout, pots, cancel)).OrderByDescending(one => one.Worth),
        ];
        // Who is snookered looks all round, whatever it takes, before he gives up.
        return found.Count > 0 || contacts.Count > 0 ? found : Look(frame, layout, [.. ways.Skip(round)], cancel);
    }

    /// <summary>The stroke in any direction that is worth most as it is meant, foul or not; null when none can be cued.</summary>
    /// <param name="frame">The frame, with the white on the table.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public PlannedStroke? LeastBad(FrameState frame, Layout layout, CancellationToken cancel)
    {
        var (worker, best, most) = (_workers.First, (PlannedStroke?)null, double.NegativeInfinity);
        foreach (var contact in FirstContacts.AllRound())
        {
            cancel.ThrowIfCancellationRequested();
            if (Cued(layout, contact, RoundDials[0], frame.Playable.First()) is not { Stroke: var stroke }) continue;
            var worth = worker.Worth.Worth(frame, worker.Trials.Play(new TrialQuestion(frame, layout, stroke), StrokeDraw.Exact).Ruling);
            if (worth > most) (best, most) = (stroke, worth);
        }

        return best;
    }

    /// <summary>The doubles, plants, cannons and in-offs that are likeliest by plain geometry, and how to strike them.</summary>
    private List<(IndirectLeave Pot, Dials Dials)> IndirectPots(FrameState frame, int most) =>
    [
        .. (from pot in _pots.All(frame.White!.Value, _gauge.LinesOf(frame.ObjectBalls), frame.Playable.ToHashSet())
            from pace in PotPaces
            select (pot, Dials.AtPace(Math.Min(HardestPot, pace + Math.Floor(pot.Metres))))).Take(most),
    ];

    private IEnumerable<SafetyCandidate> Solve(
        FrameState frame, Layout layout, List<(IndirectLeave Pot, Dials Dials)> pots, CancellationToken cancel)
    {
        var found = new SafetyCandidate?[pots.Count];
        _workers.Share(pots.Count, (worker, i) => found[i] = Solve(frame, layout, worker, pots[i].Pot, pots[i].Dials), cancel);
        return found.OfType<SafetyCandidate>();
    }

    private SafetyCandidate? Solve(FrameState frame, Layout layout, SafetyWorker worker, IndirectLeave pot, Dials dials)
    {
        if (worker.Indirect.Solve(layout, pot.Pot, dials, pot.HeadingRadians) is not { } solved) return null;
        var intent = new IndirectIntent(pot.Pot);
        var cued = CueingReader.Deliver(_question.Table, layout, _question.Striker, solved.Strike, intent);
        var contact = new AimedContact(pot.Pot.First, Math.Sin(solved.CutRadians));
        return cued.IsPossible ? Judge(frame, layout, worker, contact, (new PlannedStroke(intent, solved.Strike, cued), dials)) : null;
    }

    /// <summary>Looks at strokes near one: finer, fuller, softer, harder, with a little side.</summary>
    /// <param name="of">The stroke.</param>
    /// <param name="known">Strokes that were looked at.</param>
    public static IEnumerable<(AimedContact Contact, Dials Dials)> Near(SafetyCandidate of, HashSet<(AimedContact, Dials)> known) =>
        FirstContacts.Near(of.Contact).Select(contact => (contact, of.Dials))
            .Concat(DialList.Near(of.Dials).Select(dials => (of.Contact, dials)))
            .Where(known.Add);

    /// <summary>Fine contacts with every stroke of the list.</summary>
    /// <param name="frame">The frame, with the white on the table.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public List<SafetyCandidate> ThinClips(FrameState frame, Layout layout, CancellationToken cancel)
    {
        var thin = FirstContacts.Straight(frame, layout.Gauge.Diameter).Where(contact => contact.IsFine).ToList();
        return Look(frame, layout, [.. from contact in thin from dials in DialList.Safeties select (contact, dials)], cancel);
    }

    /// <summary>Plays strokes once as they are meant.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public List<SafetyCandidate> Look(
        FrameState frame, Layout layout, IReadOnlyList<(AimedContact Contact, Dials Dials)> strokes, CancellationToken cancel)
    {
        var found = new SafetyCandidate?[strokes.Count];
        _workers.Share(
            strokes.Count, (worker, i) => found[i] = Look(frame, layout, worker, strokes[i].Contact, strokes[i].Dials), cancel);
        return [.. found.OfType<SafetyCandidate>().OrderByDescending(one => one.Worth)];
    }

    /// <summary>Aims a stroke and plays it as meant; null when it is foul, cannot be cued, or meets another ball first.</summary>
    private SafetyCandidate? Look(FrameState frame, Layout layout, SafetyWorker worker, AimedContact contact, Dials dials)
    {
        if (contact.Ball is { } ball)
            return Cued(layout, contact, dials, ball) is { } straight ? Judge(frame, layout, worker, contact, straight) : null;
        // What a way by cushions comes to is known when it was played.
        if (FirstContacts.Aim(layout, contact, dials, _question.Table.Conditions) is not { } aimed) return null;
        var looked = new PlannedStroke(
            new ReachIntent(default, 1), aimed, BridgeWay.Plain, Delivery.Exact(_question.Table.Conditions));
        var first = worker.Trials.Play(new TrialQuestion(frame, layout, looked), StrokeDraw.Exact).Result.FirstContact;
        if (first is not { } met || !frame.Playable.Contains(met.Ball)) return null;
        if (Cued(layout, contact, dials, met.Ball) is not { } round) return null;
        // Where the white comes off a cushion is judged by eye.
        var delivery = round.Stroke.Delivery.Widened(EscapeGauge.Spread(_question.Table, _question.Striker));
        return Judge(frame, layout, worker, contact, (round.Stroke with { Delivery = delivery }, round.Dials));
    }

    /// <summary>
    /// The stroke with the tip where it is meant, or where a cushion or a ball behind the white lets it be; null for nowhere.
    /// </summary>
    private (PlannedStroke Stroke, Dials Dials)? Cued(Layout layout, AimedContact contact, Dials dials, BallId ball)
    {
        var intent = new HitIntent(ball);
        var higher = HigherHeights.Where(height => height > dials.Height).Select(height => dials with { Height = height });
        foreach (var tried in higher.Prepend(dials))
        {
            if (FirstContacts.Aim(layout, contact, tried, _question.Table.Conditions) is not { } aimed) continue;
            var cued = CueingReader.Deliver(_question.Table, layout, _question.Striker, aimed, intent);
            if (cued.IsPossible) return (new PlannedStroke(intent, aimed, cued), tried);
        }

        return null;
    }

    private SafetyCandidate? Judge(
        FrameState frame, Layout layout, SafetyWorker worker, AimedContact contact, (PlannedStroke Stroke, Dials Dials) cued)
    {
        var (stroke, dials) = cued;
        var asked = new TrialQuestion(frame, layout, stroke);
        var trial = worker.Trials.Play(asked, StrokeDraw.Exact);
        if (trial.Ruling.IsFoul || !trial.IsServed) return null;
        var kind = StrokeKindReader.Of(
            _question.Table, layout, stroke.Intent, stroke.Strike, stroke.Way > BridgeWay.Stretched, trial.Result.FirstContact,
            trial.Result.WhiteCushions.Count, null);
        return new SafetyCandidate(
            contact, dials, asked, worker.Worth.Worth(frame, trial.Ruling),
            SafetyWorth.SchoolBase * _question.Striker.Preferences.Cost(kind with { Cushions = 0 }) / 100, trial.Result[BallId.Cue]?.X ?? 0)
        {
            Kind = SafetyKindReader.Of(worker.Worth, asked, trial),
        };
    }
}
