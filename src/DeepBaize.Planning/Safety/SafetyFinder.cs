using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Safety;

/// <summary>
/// Finds the strokes that are worth sampling for what they leave: every legal first contact with the strokes of a fixed list, and
/// directions all round for ways by cushions. Each is played once as meant.
/// </summary>
/// <param name="question">What the search is about.</param>
/// <param name="workers">Its threads.</param>
internal sealed class SafetyFinder(SafetyQuestion question, Workers<SafetyWorker> workers)
{
    /// <summary>Share of the strokes that are looked at for ways by cushions where the white comes to a ball straight.</summary>
    private const double RoundShare = 0.15;

    /// <summary>Paces at which ways by cushions are looked for.</summary>
    private static readonly Dials[] RoundDials = [Dials.AtPace(4), Dials.AtPace(3), Dials.AtPace(5.5), Dials.AtPace(2)];

    /// <summary>
    /// Heights of the tip, in ball radii, that are tried where the butt would have to be raised too far: a tip and some two.
    /// </summary>
    private static readonly double[] HigherHeights = [0.23, 0.4];

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
        var straight = from dials in DialList.Safeties from contact in contacts select (contact, dials);
        var ways = from dials in RoundDials from contact in FirstContacts.AllRound() select (contact, dials);
        return Look(frame, layout, [.. straight.Take(budget - 2 * round), .. ways.Take(round)], cancel);
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
        workers.Share(
            strokes.Count, (worker, i) => found[i] = Look(frame, layout, worker, strokes[i].Contact, strokes[i].Dials), cancel);
        return [.. found.OfType<SafetyCandidate>().OrderByDescending(one => one.Worth)];
    }

    /// <summary>Aims a stroke and plays it as meant; null when it is foul, cannot be cued, or meets another ball first.</summary>
    private SafetyCandidate? Look(FrameState frame, Layout layout, SafetyWorker worker, AimedContact contact, Dials dials)
    {
        if (contact.Ball is { } ball)
            return Cued(layout, contact, dials, ball) is { } straight ? Judge(frame, layout, worker, contact, straight) : null;
        // What a way by cushions comes to is known when it was played.
        if (FirstContacts.Aim(layout, contact, dials, question.Table.Conditions) is not { } aimed) return null;
        var looked = new PlannedStroke(
            new ReachIntent(default, 1), aimed, BridgeWay.Plain, Delivery.Exact(question.Table.Conditions));
        var first = worker.Trials.Play(new TrialQuestion(frame, layout, looked), StrokeDraw.Exact).Result.FirstContact;
        if (first is not { } met || !frame.Playable.Contains(met.Ball)) return null;
        return Cued(layout, contact, dials, met.Ball) is { } round ? Judge(frame, layout, worker, contact, round) : null;
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
            if (FirstContacts.Aim(layout, contact, tried, question.Table.Conditions) is not { } aimed) continue;
            var cued = CueingReader.Deliver(question.Table, layout, question.Striker, aimed, intent);
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
            question.Table, layout, stroke.Intent, stroke.Strike, stroke.Way > BridgeWay.Stretched, trial.Result.FirstContact,
            trial.Result.WhiteCushions.Count, null);
        return new SafetyCandidate(
            contact, dials, asked, worker.Worth.Worth(trial.Ruling),
            SafetyWorth.SchoolBase * question.Striker.Preferences.Cost(kind with { Cushions = 0 }) / 100, trial.Result[BallId.Cue]?.X ?? 0)
        {
            Kind = SafetyKindReader.Of(worker.Worth, asked, trial),
        };
    }
}
