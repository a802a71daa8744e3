using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Evidence.Advice;

/// <summary>How much is played to find what a plan gives away.</summary>
/// <param name="Positions">Positions, one of each few visits on the arena's layouts.</param>
/// <param name="Budget">Budget of the plan.</param>
/// <param name="Rounds">Visits of each stroke after each round; in each next one half as many strokes are left.</param>
/// <param name="Fresh">Fresh visits with which the winner is judged against the plan.</param>
/// <param name="Seed">Seed of the first layout.</param>
public sealed record GivenAwaySize(int Positions, int Budget, IReadOnlyList<int> Rounds, int Fresh, int Seed);

/// <summary>A stroke whose visits are played out.</summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Worth">What the planner holds it to be worth, by draws that did not choose it.</param>
/// <param name="Points">Points of the visits so far.</param>
public sealed record PlayedOut(PlannedStroke Stroke, double Worth, IReadOnlyList<int> Points)
{
    /// <summary>Mean points.</summary>
    public double Mean => Points.Average();

    /// <inheritdoc/>
    public override string ToString()
    {
        var dials = Dials.Of(Stroke.Strike);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{Stroke.Pot.Ball} to {Stroke.Pot.Pocket}, pace {dials.Pace:0.0}, height {dials.Height:0.00}, side {dials.Side:0.00}: "
                + $"held to be worth {Worth:0.0}, {Points.Count} visits {Mean:0.0}");
    }
}

/// <summary>What one plan gives away.</summary>
/// <param name="Worth">Points of fresh visits with the stroke that wins.</param>
/// <param name="Cost">By how much fresh visits with the plan's stroke are worth less.</param>
/// <param name="Strokes">The strokes, the plan's first.</param>
/// <param name="IsSame">True when the plan's stroke wins.</param>
public sealed record GivenAwayHere(double Worth, double Cost, IReadOnlyList<PlayedOut> Strokes, bool IsSame);

/// <summary>
/// Points that the planner's choice gives away: the best six strokes of a position are played out to the end of the visit by halving, with
/// the same chance for all, and what wins is judged against the plan with visits that did not choose it.
/// </summary>
/// <param name="Player">Who plays.</param>
/// <param name="Found">What each position came to.</param>
public sealed record GivenAway(string Player, IReadOnlyList<GivenAwayHere> Found)
{
    private const double TwoSided = 1.96;
    private const int Tried = 6;
    private const int Draws = 800;

    /// <summary>One decision in so many is taken, so that few come of the same visit.</summary>
    private const int Apart = 4;

    private const int DecisionBudget = 1000;

    /// <summary>Mean points of the strokes that win.</summary>
    public double Worth => Found.Average(one => one.Worth);

    /// <summary>What is given away.</summary>
    public Estimate Cost => Estimate.Of([.. Found.Select(one => one.Cost)]);

    /// <summary>Upper end of its 95 % interval, as a share of the worth.</summary>
    public double High => (Cost.Mean + TwoSided * Cost.Error) / Worth;

    /// <summary>Plays positions out.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">Who plays.</param>
    /// <param name="size">How much.</param>
    /// <param name="tell">Takes each position; null for nobody.</param>
    public static GivenAway Of(TableInUse table, PlayerProfile player, GivenAwaySize size, Action<GivenAwayHere>? tell = null)
    {
        ArgumentNullException.ThrowIfNull(player);
        ArgumentNullException.ThrowIfNull(size);
        var found = new List<GivenAwayHere>();
        foreach (var (frame, _, seed) in Told.Decisions(table, player, Apart * size.Positions, DecisionBudget, size.Seed)
            .Where((_, number) => number % Apart == 0))
        {
            var question = BreakPlanner.Ask(table, player, BreakWishes.Free, seed, Environment.ProcessorCount);
            var strokes = Strokes(question, frame, size.Budget);
            if (strokes.Count == 0) continue;
            found.Add(PlayOut(new BreakOutlook(question), frame, strokes, size));
            tell?.Invoke(found[^1]);
        }

        return new GivenAway(player.Name, found);
    }

    /// <summary>The plan's stroke, and the best others that the planner knows: those of its search, and the best at other balls.</summary>
    private static List<PlayedOut> Strokes(BreakQuestion question, FrameState frame, int budget)
    {
        var plan = new BreakPlanner(question).Plan(frame, budget);
        if (plan.Line is not [var first, ..]) return [];
        var search = new BreakSearch(question);
        List<PlannedStroke> known =
        [
            first.Stroke, .. search.Run(frame, budget).Best.Select(one => one.Stroke), .. plan.Others.Select(other => other.Best.Stroke),
        ];
        var strokes = known.DistinctBy(stroke => (stroke.Pot.Ball, stroke.Pot.Pocket, stroke.Strike)).ToList();
        var judged = search.Judge(frame, strokes, Draws).Select(one => new PlayedOut(one.Stroke, one.Worth, [])).ToList();
        return [judged[0], .. judged.Skip(1).OrderByDescending(one => one.Worth).Take(Tried - 1)];
    }

    private static GivenAwayHere PlayOut(BreakOutlook outlook, FrameState frame, List<PlayedOut> strokes, GivenAwaySize size)
    {
        var (left, played) = (Enumerable.Range(0, strokes.Count).ToList(), 0);
        foreach (var visits in size.Rounds)
        {
            foreach (var i in left) strokes[i] = Further(strokes[i], played, visits - played);
            played = visits;
            left = [.. left.OrderByDescending(i => strokes[i].Mean).Take((left.Count + 1) / 2)];
        }

        var winner = left.MaxBy(i => strokes[i].Mean);
        var theirs = Fresh(strokes[winner]);
        return new GivenAwayHere(theirs, winner == 0 ? 0 : theirs - Fresh(strokes[0]), strokes, winner == 0);

        PlayedOut Further(PlayedOut one, int from, int count) =>
            one with { Points = [.. one.Points, .. outlook.Play(frame, one.Stroke, from, count).Points] };

        double Fresh(PlayedOut one) => outlook.Play(frame, one.Stroke, played, size.Fresh).Mean;
    }

    /// <inheritdoc/>
    public override string ToString() => string.Create(
        CultureInfo.InvariantCulture,
        $"{Player}: the plan gives away {100 * Cost.Mean / Worth:0.0} % of {Worth:0.0} points, at most {100 * High:0.0} % (95 %); "
            + $"{Found.Count} positions, in {Found.Count(one => one.IsSame)} the plan's stroke wins");
}
