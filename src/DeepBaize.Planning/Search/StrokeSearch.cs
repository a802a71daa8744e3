using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Search;

/// <summary>A stroke that is searched for.</summary>
/// <param name="Table">The table.</param>
/// <param name="Frame">The frame.</param>
/// <param name="Layout">Its balls.</param>
/// <param name="Intent">What the stroke is for.</param>
/// <param name="Player">The player.</param>
/// <param name="Doubt">How far the table may be from its profile.</param>
/// <param name="Zone">Where the white should stop; null to look for the best next pot after a pot.</param>
/// <param name="Seed">Seed of the draws.</param>
public sealed record SearchQuestion(
    TableInUse Table, FrameState Frame, Layout Layout, Intent Intent, PlayerProfile Player, TableDoubt Doubt, Func<Place, bool>? Zone,
    int Seed)
{
    /// <summary>True when a stroke is as good as the pot that it leaves.</summary>
    public bool SeeksNextPot => Zone is null && Intent is PotIntent;

    /// <summary>A stroke of the search as it is cued and tried.</summary>
    /// <param name="strike">The stroke.</param>
    /// <param name="cued">How it is cued.</param>
    public TrialQuestion Try(in Strike strike, CuedDelivery cued) => new(Frame, Layout, new PlannedStroke(Intent, strike, cued));
}

/// <summary>A stroke that was found.</summary>
/// <param name="Strike">The stroke.</param>
/// <param name="Cued">How it is cued.</param>
/// <param name="Rest">Where the white stops when it is played as meant.</param>
/// <param name="Plan">What it is compared by.</param>
/// <param name="Success">Chance that it does what it is for and the white stops in the zone, or that a next pot follows.</param>
/// <param name="Samples">Strokes of which that chance comes.</param>
public sealed record FoundStroke(Strike Strike, CuedDelivery Cued, Place? Rest, ComparedPlan Plan, double Success, int Samples);

/// <summary>The strokes found so far, the least demanding of the good ones first.</summary>
/// <param name="Best">Up to five strokes.</param>
/// <param name="Played">Strokes simulated so far.</param>
/// <param name="IsFinal">True for the last answer.</param>
public sealed record SearchProgress(IReadOnlyList<FoundStroke> Best, int Played, bool IsFinal);

/// <summary>
/// Searches over height, pace and side for the strokes that do what they are for and bring the white where it should stop: first all dials
/// on a grid, played as meant; then the likeliest with the player's scatter; then their neighbours; then the best with many strokes. All
/// strokes meet the same draws.
/// </summary>
public sealed class StrokeSearch
{
    private const int FirstSamples = 24;
    private const int MiddleSamples = 80;
    private const int LastSamples = 400;
    private const int Kept = 5;
    private const int Tried = 16;

    /// <summary>Cost in points of a hundred of a stroke that cannot be cued: more than any chance is worth.</summary>
    private const double RuledOut = 100;

    private readonly SearchQuestion _question;
    private readonly IntentAimer _aimer;
    private readonly LeaveReader _leaves;
    private readonly CuedDelivery _exactly;
    private int _played;

    /// <summary>Prepares a search; one instance serves one thread.</summary>
    public StrokeSearch(SearchQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _question = question;
        _aimer = new IntentAimer(question.Table);
        _leaves = new LeaveReader(question.Table, question.Player);
        _exactly = CuedDelivery.Exact(question.Table.Conditions);
    }

    /// <summary>Answers that get better, the last one final.</summary>
    /// <param name="cancel">Stops the search between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IEnumerable<SearchProgress> Run(CancellationToken cancel = default)
    {
        var promising = new List<(double Promise, Strike Strike)>();
        foreach (var side in DialList.Sides)
        {
            // Without side first: the plain answer is there at once.
            if (side != 0 && _question.Player.Preferences.Side == SidePolicy.Avoid && promising.Count > 0) break;
            promising.AddRange(Grid(side, cancel));
            if (side == 0) yield return Tell(Sample(promising, FirstSamples, cancel), false);
        }

        var found = Sample(promising, FirstSamples, cancel);
        yield return Tell(found, false);
        for (var step = 1.0; step > 0.2; step /= 2)
        {
            found = Refine(found, step, cancel);
            yield return Tell(found, false);
        }

        yield return Tell([.. Order(found).Take(Kept).Select(one => Try(one.Strike, LastSamples, cancel))], true);
    }

    /// <summary>The plainest stroke that is nearly as good as a given one; null when that is the plainest itself.</summary>
    /// <param name="given">The stroke.</param>
    /// <param name="cancel">Stops the search.</param>
    public (FoundStroke Given, FoundStroke? Simpler) Simplify(in Strike given, CancellationToken cancel = default)
    {
        var own = Try(given, LastSamples, cancel);
        var plain = Sample([.. Grid(0, cancel)], FirstSamples, cancel)
            .Where(one => one.Plan.Demand < own.Plan.Demand - 0.05)
            .OrderByDescending(one => one.Success).Take(Kept)
            .Select(one => Try(one.Strike, LastSamples, cancel))
            .Where(one => one.Success >= own.Success - NearlyAsGood)
            .MinBy(one => one.Plan.Demand);
        return (own, plain);
    }

    /// <summary>Loss of chance that a plainer stroke may cost.</summary>
    public const double NearlyAsGood = 0.06;

    private IEnumerable<(double Promise, Strike Strike)> Grid(double side, CancellationToken cancel)
    {
        foreach (var dials in DialList.Grid(side, _question.Table.Conditions))
        {
            cancel.ThrowIfCancellationRequested();
            if (Aim(dials) is { } strike && Promise(strike) is > 0 and var promise) yield return (promise, strike);
        }
    }

    private Strike? Aim(Dials dials)
    {
        var before = _aimer.Played;
        var aimed = _aimer.Aim(_question.Layout, _question.Intent, dials);
        _played += _aimer.Played - before;
        return aimed;
    }

    /// <summary>What a stroke promises when it is played as meant, and a little too hard and too soft.</summary>
    private double Promise(in Strike strike)
    {
        var (sum, meant) = (0.0, _question.Try(strike, _exactly));
        foreach (var share in new[] { 0, -0.06, 0.06 })
        {
            _played++;
            var leave = _leaves.Of(meant, share);
            if (!leave.IsServed || leave.White is not { } white) continue;
            if (_question.SeeksNextPot) sum += leave.Pots.Count > 0 ? leave.Pots[0].Chance : 0;
            else if (_question.Zone is not { } zone || zone(white)) sum++;
        }

        return sum;
    }

    private List<FoundStroke> Sample(List<(double Promise, Strike Strike)> promising, int samples, CancellationToken cancel) =>
        [.. promising.OrderByDescending(one => one.Promise).ThenBy(one => Demand.Of(Dials.Of(one.Strike), 1)).Take(Tried)
            .Select(one => Try(one.Strike, samples, cancel))];

    private List<FoundStroke> Refine(List<FoundStroke> found, double step, CancellationToken cancel)
    {
        var better = new List<FoundStroke>();
        foreach (var one in Order(found).Take(Kept))
        {
            better.Add(Try(one.Strike, MiddleSamples, cancel));
            var dials = Dials.Of(one.Strike);
            // Side that is not used is not begun with here: the grid has tried it.
            foreach (var near in new[]
            {
                dials with { Side = dials.Side * (1 + 0.4 * step) }, dials with { Side = dials.Side * (1 - 0.4 * step) },
                dials with { Height = dials.Height + 0.07 * step }, dials with { Height = dials.Height - 0.07 * step },
                Dials.AtPace(Math.Max(1, dials.Pace - 0.25 * step), dials.Side, dials.Height),
                Dials.AtPace(dials.Pace + 0.25 * step, dials.Side, dials.Height),
            })
            {
                var offset = Math.Sqrt(near.Side * near.Side + near.Height * near.Height);
                if (near != dials && offset <= Dials.SafeHeight && near.Pace <= CueStrike.HardestPace(offset, _question.Table.Conditions)
                    && Aim(near) is { } strike && Promise(strike) > 0)
                    better.Add(Try(strike, MiddleSamples, cancel));
            }
        }

        return better;
    }

    private FoundStroke Try(in Strike strike, int count, CancellationToken cancel)
    {
        var (table, player) = (_question.Table, _question.Player);
        var cued = CueingReader.Deliver(table, _question.Layout, player, strike, _question.Intent);
        var trial = _question.Try(strike, cued);
        var asked = new SampleQuestion(table, trial, _question.Doubt, _question.SeeksNextPot ? player : null, _question.Zone);
        var samples = StrokeSampler.Play(asked, count, _question.Seed, cancel: cancel);
        _played += StrokeSampler.StrokesFor(count) + 1;
        var pot = samples.Count(sample => sample.IsGood) / (double)count;
        var success = samples.Where(sample => sample.IsGood).Sum(Worth) / count;
        var leave = _leaves.Of(trial);
        var kind = StrokeKindReader.Of(
            table, _question.Layout, _question.Intent, strike, cued.NeedsRest, leave.Contact, leave.Cushions, leave.NextSide);
        var plan = new ComparedPlan(
            pot, pot == 0 ? 0 : success / pot, Demand.Of(Dials.Of(strike), cued.Factor),
            player.Preferences.Cost(kind) + (cued.IsPossible ? 0 : RuledOut));
        return new FoundStroke(strike, cued, leave.White, plan, success, count);
    }

    private double Worth(StrokeSample good) =>
        _question.SeeksNextPot ? good.Next?.Chance ?? 0 : _question.Zone is null || good.IsInZone ? 1 : 0;

    private SearchProgress Tell(List<FoundStroke> found, bool isFinal) => new([.. Order(found).Take(Kept)], _played, isFinal);

    /// <summary>
    /// Those as good as the best first, the plainest of them leading; then the others by their worth. Strokes that are almost the same
    /// stand once.
    /// </summary>
    private static List<FoundStroke> Order(List<FoundStroke> found)
    {
        var sorted = found.Where(one => one.Success > 0).OrderByDescending(one => one.Plan.Worth).ToList();
        if (sorted.Count == 0) return sorted;
        var least = sorted[0].Plan.Worth - Comparison.AsGood;
        var ranked = sorted.Where(one => one.Plan.Worth >= least).OrderBy(one => one.Plan.Demand)
            .Concat(sorted.Where(one => one.Plan.Worth < least));
        var apart = new List<FoundStroke>();
        foreach (var one in ranked)
        {
            if (!apart.Exists(other => IsSame(other.Strike, one.Strike))) apart.Add(one);
        }

        return apart;
    }

    private static bool IsSame(in Strike a, in Strike b) =>
        Math.Abs(a.Height - b.Height) < 0.05 && Math.Abs(a.Side - b.Side) < 0.05 && Math.Abs(Dials.Of(a).Pace - Dials.Of(b).Pace) < 0.3;
}
