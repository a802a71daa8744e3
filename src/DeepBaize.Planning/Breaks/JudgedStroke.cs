using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// A stroke that was tried with fresh draws, which did not choose it: what it shows is not flattered by the choice, and its interval is
/// right.
/// </summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Worths">Worth of each draw; strokes that are judged together meet the same draws.</param>
/// <param name="Good">How many of them potted a ball legally.</param>
/// <param name="Parts">What the worth is made of.</param>
public sealed record JudgedStroke(PlannedStroke Stroke, IReadOnlyList<double> Worths, int Good, WorthParts Parts)
{
    /// <summary>Mean worth.</summary>
    public double Worth => Parts.Worth;

    /// <summary>Standard error of it.</summary>
    public double Error => Estimate.Of(Worths).Error;

    /// <summary>The stroke as it is rated.</summary>
    public RatedStroke Rated => new(Stroke, Worth, Error, Worths.Count, Good);

    /// <summary>By how much it is worth more than another that met the same draws.</summary>
    /// <param name="other">The other.</param>
    public Estimate Over(JudgedStroke other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Estimate.OfDifferences(Worths, other.Worths);
    }

    /// <summary>Plays a stroke with fresh draws.</summary>
    /// <param name="worker">Who plays it.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="goal">What the visit is for.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="draws">How many.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    internal static JudgedStroke Try(
        SearchWorker worker, TrialQuestion question, BreakGoal goal, int seed, int draws, CancellationToken cancel)
    {
        var worths = new List<double>(draws);
        var (good, points, next, leaves) = (0, 0.0, 0.0, 0.0);
        Sampler.Play(worker.Player.Trials, question, DrawSeries.Independent(seed), 0, draws, trial =>
        {
            var ruling = trial.Ruling;
            var worth = worker.Worth.After(ruling);
            worths.Add(worth);
            if (ruling.Points == 0) return;
            var scored = goal == BreakGoal.Score ? ruling.Points : 0;
            (good, points, leaves) = (good + 1, points + scored, leaves + worth - scored);
            if (worth > scored) next += NextChance(worker, ruling);
        }, cancel);
        return new JudgedStroke(question.Stroke, worths, good, new WorthParts(
            good / (double)draws, good == 0 ? 0 : points / good, good == 0 ? 0 : next / good, next == 0 ? 0 : leaves / next));
    }

    /// <summary>Chance of the pot that promises most; 1 where something is gained for certain.</summary>
    private static double NextChance(SearchWorker worker, Ruling ruling)
    {
        if (!ruling.StaysAtTable || ruling.End != FrameEnd.None) return 1;
        var pots = worker.Gauge.Read(ruling.Next);
        return pots.Count == 0 ? 1 : pots.MaxBy(pot => worker.Worth.Promise(ruling.Next, pot)).Chance;
    }
}
