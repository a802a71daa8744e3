using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// Finds the strokes that are worth sampling: strokes of a fixed list at the pots that promise most, then strokes near those of them that
/// promise most. Each is aimed and played once as meant.
/// </summary>
/// <param name="question">What the search is about.</param>
/// <param name="workers">Its threads.</param>
internal sealed class CandidateFinder(BreakQuestion question, Workers<SearchWorker> workers)
{
    /// <summary>
    /// Strokes that it takes to aim one and play it as meant, about; the solver starts from the straight line and needs few.
    /// </summary>
    private const int PerCandidate = 4;

    /// <summary>More strokes at few pots find better positions than few strokes at many; docs/planning-experiments.md.</summary>
    private const double PotsPerRoot = 3.5;

    /// <summary>Share of the candidates that are looked for near the best of the list; docs/planning-experiments.md.</summary>
    private const double NearShare = 0.4;

    /// <summary>Strokes near one, about, that have not been tried.</summary>
    private const int NearOne = 4;

    /// <summary>Pots that are tried for their chance, whatever they promise, once so many are tried.</summary>
    private const int Likeliest = 8;

    /// <summary>A pot that straight lines give this chance is one, whatever they deny.</summary>
    private const double Doubtless = 0.4;

    /// <summary>Strokes that show whether a pot goes as straight lines promise, and the share of their promise that is enough.</summary>
    private const int Proofs = 12;

    private const double LeastKept = 0.4;

    /// <summary>A pot that was solved with this chance is tried at any budget.</summary>
    private const double Undenied = 0.2;

    /// <summary>What is left of the worth of a stroke that comes out on the side that the player does not like.</summary>
    private const double WrongSide = 0.94;

    /// <summary>Chance from which nobody asks beforehand what a miss costs.</summary>
    private const double Sure = 0.7;

    /// <summary>By how much a stroke is out that is missed, in the player's errors of direction.</summary>
    private const double Missing = 1.5;

    /// <summary>Finds candidates.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="budget">
    /// Strokes that may be simulated, about; what it takes to solve pots that straight lines deny comes on top of it.
    /// </param>
    /// <param name="known">
    /// The pots that are on, as <see cref="Solve"/> finds them; null to go by straight lines as far as they are to be trusted.
    /// </param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The candidates, those that promise most first, and the strokes simulated.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public (List<StrokeCandidate> Found, int Played) Find(
        FrameState frame, Layout layout, int budget, IReadOnlyList<LeavePot>? known, CancellationToken cancel)
    {
        var played = 0;
        var pots = known ?? Listed(frame);
        // Where straight lines give no pot a chance that leaves no doubt, or one that cannot be played, the pots are solved.
        var isDoubtful = known is null && pots is not [{ Chance: >= Doubtless }, ..];
        var found = isDoubtful ? [] : Try(frame, layout, budget, pots, ref played, cancel);
        if (known is not null || KeepsItsPromise(frame, layout, pots, found, ref played, cancel)) return (found, played);
        var solved = Try(frame, layout, budget, Solve(frame, layout, ref played, cancel), ref played, cancel);
        return (solved.Count > 0 ? solved : found, played);
    }

    /// <summary>
    /// True when there are strokes at the pot to which straight lines give most, and the first of them pots about as often as they say.
    /// </summary>
    private bool KeepsItsPromise(
        FrameState frame, Layout layout, IReadOnlyList<LeavePot> pots, List<StrokeCandidate> found, ref int played,
        CancellationToken cancel)
    {
        if (found.Find(one => one.Pot.Pot == pots[0].Pot) is not { } first) return false;
        played += Proofs;
        var kept = 0;
        Sampler.Play(
            workers.First.Player.Trials, new TrialQuestion(frame, layout, first.Stroke), DrawSeries.Even(question.Seed), 0, Proofs,
            trial => kept += trial.Ruling.Points > 0 ? 1 : 0, cancel);
        return kept >= Proofs * LeastKept * pots[0].Chance;
    }

    /// <summary>Solves every pot of the balls that may be played and that plain geometry leaves open.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="layout">Its balls.</param>
    /// <param name="played">Strokes simulated are added to it.</param>
    /// <param name="cancel">Stops between pots.</param>
    /// <returns>The pots that this player may pot, the likeliest first.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public List<LeavePot> Solve(FrameState frame, Layout layout, ref int played, CancellationToken cancel)
    {
        var pots = SolvedPots.MayBeOpen(question.Table, layout, frame.Playable.Where(IsWanted)).ToList();
        var (solved, strokes) = (new SolvedPot?[pots.Count], new int[pots.Count]);
        workers.Share(pots.Count, (worker, i) =>
        {
            var before = worker.Pots.Played;
            solved[i] = worker.Pots.Read(layout, pots[i]);
            strokes[i] = worker.Pots.Played - before;
        }, cancel);
        played += strokes.Sum();
        return [.. solved.OfType<SolvedPot>().Where(pot => pot.Chance >= LeaveGauge.LeastChance).Select(pot => pot.ToLeavePot())
            .OrderByDescending(pot => pot.Chance)];
    }

    private List<StrokeCandidate> Try(
        FrameState frame, Layout layout, int budget, IReadOnlyList<LeavePot> pots, ref int played, CancellationToken cancel)
    {
        if (pots.Count == 0) return [];
        var count = Math.Max(4, budget / PerCandidate);
        var listed = Math.Max(4, (int)(count * (1 - NearShare)));
        // With a larger budget more pots are looked at, and more strokes for each.
        var looked = Math.Min(pots.Count, Math.Max(2, (int)Math.Ceiling(Math.Sqrt(listed) / PotsPerRoot)));
        var dials = Math.Min(DialList.Count, Math.Max(1, listed / looked));
        var chosen = Chosen(frame, pots, looked);
        var solved = chosen.Union(Likely(pots)).Where(pot => pot.Solved.WhiteSpeed > 0).ToList();
        var listedStrokes = Enumerable.Range(0, looked * dials).Select(i => (chosen[i % looked], DialList.At(i / looked)));
        var (found, first) = Try(frame, layout, [.. solved.Select(pot => (pot, DialList.Handy(pot.Solved))), .. listedStrokes], cancel);
        var lost = solved.Where(pot => !found.Exists(one => one.Pot.Pot == pot.Pot));
        var beside = lost.SelectMany(pot => DialList.Around(pot.Solved).Prepend(pot.Solved).Select(other => (pot, other)));
        var (saved, second) = Try(frame, layout, [.. beside], cancel);
        found.AddRange(saved);
        var (near, third) = Try(frame, layout, Near(found, count - looked * dials), cancel);
        played += first + second + third;
        return [.. found.Concat(near).OrderByDescending(one => one.Marked)];
    }

    private bool IsWanted(BallId ball) => question.Wishes.Only is not { } only || ball == only;

    /// <summary>Pots that are on by straight lines, the likeliest first.</summary>
    private List<LeavePot> Listed(FrameState frame) => [.. workers.First.Gauge.Read(frame).Where(pot => IsWanted(pot.Pot.Ball))];

    /// <summary>
    /// Pots of which none is denied for want of budget: with the stroke that solved it each costs next to nothing to try.
    /// </summary>
    private static IEnumerable<LeavePot> Likely(IReadOnlyList<LeavePot> pots) =>
        pots.Where(pot => pot.Chance >= Undenied).OrderByDescending(pot => pot.Chance).Take(Likeliest);

    /// <summary>
    /// The pots that are tried: the likeliest and those that promise most, and once there is room for them all that are likely.
    /// </summary>
    private List<LeavePot> Chosen(FrameState frame, IReadOnlyList<LeavePot> pots, int count)
    {
        var promising = pots.OrderByDescending(pot => workers.First.Worth.Promise(frame, pot)).ToList();
        var likely = pots.OrderByDescending(pot => pot.Chance).Take(count < Likeliest ? 1 : Likeliest).ToList();
        var others = promising.Except(likely).Take(count - likely.Count).ToList();
        return [.. promising.Where(pot => likely.Contains(pot) || others.Contains(pot))];
    }

    /// <summary>Strokes near those that promise most, at most a number, that are not like any that were tried.</summary>
    private static List<(LeavePot Pot, Dials Dials)> Near(List<StrokeCandidate> found, int most)
    {
        var near = new List<(LeavePot Pot, Dials Dials)>();
        foreach (var parent in found.OrderByDescending(one => one.Marked).Take(Math.Max(1, most / NearOne)))
        {
            foreach (var dials in DialList.Near(parent.Dials))
            {
                if (near.Count >= most) return near;
                if (!found.Exists(other => IsLike(other.Pot, other.Dials)) && !near.Exists(other => IsLike(other.Pot, other.Dials)))
                    near.Add((parent.Pot, dials));
                bool IsLike(in LeavePot pot, Dials other) => pot.Pot == parent.Pot.Pot && DialList.AreAlike(other, dials);
            }
        }

        return near;
    }

    private (List<StrokeCandidate> Found, int Played) Try(
        FrameState frame, Layout layout, List<(LeavePot Pot, Dials Dials)> strokes, CancellationToken cancel)
    {
        var found = new StrokeCandidate?[strokes.Count];
        var played = new int[strokes.Count];
        workers.Share(strokes.Count, (worker, i) =>
        {
            var before = worker.Player.Played;
            found[i] = Look(frame, layout, worker, strokes[i].Pot, strokes[i].Dials);
            played[i] = worker.Player.Played - before;
        }, cancel);
        return ([.. found.OfType<StrokeCandidate>()], played.Sum());
    }

    /// <summary>Aims a stroke and plays it as meant; null when it does not pot, or is ruled out.</summary>
    private StrokeCandidate? Look(FrameState frame, Layout layout, SearchWorker worker, in LeavePot pot, Dials dials)
    {
        var wide = pot.Pot with { Part = PocketPart.Opening };
        if (worker.Player.Aim(layout, wide, dials, question.Wishes, pot.HeadingRadians) is not { } stroke) return null;
        var asked = new TrialQuestion(frame, layout, stroke);
        var trial = worker.Player.Trials.Play(asked, StrokeDraw.Exact);
        var ruling = trial.Ruling;
        if (ruling.Points == 0 || (!question.Wishes.Cushion && trial.Result.WhiteCushions.Count > 0)) return null;
        var side = NextSideOf(ruling.Next, worker);
        var kind = StrokeKindReader.Of(
            question.Table, layout, stroke.Intent, stroke.Strike, stroke.Way > BridgeWay.Stretched, trial.Result.FirstContact,
            trial.Result.WhiteCushions.Count, side);
        var isUnwished = question.Wishes.Approach is { } wished && side is not null && side != wished && side != SideOfStraight.Straight;
        var liking = (question.CountsSchool ? Math.Max(0, 1 - question.Striker.Preferences.Cost(kind) / 100) : 1)
            * (isUnwished ? WrongSide : 1);
        var moved = MovedBalls.Beside(layout, stroke.Pot.Ball, trial.Result);
        return new StrokeCandidate(
            pot, dials, asked, pot.Chance * worker.Worth.After(ruling), CostOf(asked, worker, pot.Chance), liking,
            Plainness.Of(kind, moved, isUnwished));
    }

    /// <summary>
    /// What misses cost where they count, played to either side with all else as meant; 0 for a pot that is not missed often. A stroke that
    /// comes home is worth little when it pots, and would not be sampled if that were all that is looked at.
    /// </summary>
    private double CostOf(TrialQuestion asked, SearchWorker worker, double chance)
    {
        if (!question.CountsMisses || chance >= Sure) return 0;
        var (sum, misses) = (0.0, 0);
        for (var side = -1; side <= 1; side += 2)
        {
            var missed = asked with { Stroke = asked.Stroke.Turned(side * Missing * asked.Stroke.Delivery.DirectionSpread) };
            var ruling = worker.Player.Trials.Play(missed, StrokeDraw.Exact).Ruling;
            if (ruling.Points == 0) (sum, misses) = (sum + worker.Worth.Cost(ruling), misses + 1);
        }

        return misses == 0 ? 0 : (1 - chance) * sum / misses;
    }

    /// <summary>On which side of the next colour the white comes out, as far as anybody asks.</summary>
    private SideOfStraight? NextSideOf(FrameState next, SearchWorker worker)
    {
        var (wishes, school) = (question.Wishes, question.Striker.Preferences);
        if (wishes.Approach is null && school.High == school.Low) return null;
        if (next.On == BallOn.Red || worker.Gauge.Read(next) is not { Count: > 0 } pots) return null;
        return NextSide.Of(question.Table, next, pots.MaxBy(one => worker.Worth.Promise(next, one)).Pot);
    }
}
