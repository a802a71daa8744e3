using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// A stroke that was tried with fresh draws, which did not choose it: what it shows is not flattered by the choice, and its interval is
/// right.
/// </summary>
/// <param name="Stroke">The stroke.</param>
/// <param name="Gains">What each draw brought the striker; strokes that are judged together meet the same draws.</param>
/// <param name="Costs">What each draw cost that missed.</param>
/// <param name="Good">How many of them potted a ball legally.</param>
/// <param name="Parts">What the worth is made of.</param>
public sealed record JudgedStroke(
    PlannedStroke Stroke, IReadOnlyList<double> Gains, IReadOnlyList<double> Costs, int Good, WorthParts Parts)
{
    /// <summary>Mean worth to both sides.</summary>
    public double Worth => Parts.Worth;

    /// <summary>Standard error of it.</summary>
    public double Error => Estimate.Of(Marks(1)).Plus(Estimate.Of(Looks)).Error;

    /// <summary>
    /// What each look one stroke further adds to the worth, by draws that strokes which are judged together share; empty where nobody
    /// looked further.
    /// </summary>
    public IReadOnlyList<double> Looks { get; private init; } = [];

    /// <summary>What the player's school leaves of what it brings, 0 to 1.</summary>
    public double Liking { get; init; } = 1;

    /// <summary>The worth as the player's school marks it.</summary>
    public double Marked => Liking * Parts.Gain - Parts.Cost;

    /// <summary>The stroke as it is rated.</summary>
    public RatedStroke Rated => new(Stroke, Worth, Error, Gains.Count, Good) { Liking = Liking, Cost = Parts.Cost };

    /// <summary>By how much it is worth more than another that met the same draws.</summary>
    /// <param name="other">The other.</param>
    public Estimate Over(JudgedStroke other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Between(this, 1, other, 1);
    }

    /// <summary>True when the player's school and the draws both tell that it is better than another.</summary>
    /// <param name="other">The other.</param>
    public bool IsBetterThan(JudgedStroke other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Between(this, Liking, other, other.Liking).IsPositive;
    }

    /// <summary>
    /// The same with looks further. What they add is part of what follows the next pot; where there is none they add nothing.
    /// </summary>
    /// <param name="looks">What each look adds to the worth.</param>
    internal JudgedStroke With(IReadOnlyList<double> looks)
    {
        var sure = Parts.Pot * Parts.Next;
        return sure == 0
            ? this : this with { Looks = looks, Parts = Parts with { Further = Parts.Further + Estimate.Of(looks).Mean / sure } };
    }

    private static Estimate Between(JudgedStroke one, double liking, JudgedStroke other, double otherLiking)
    {
        var worths = Estimate.OfDifferences(one.Marks(liking), other.Marks(otherLiking));
        if (one.Looks.Count == 0 && other.Looks.Count == 0) return worths;
        var count = Math.Max(one.Looks.Count, other.Looks.Count);
        return worths.Plus(Estimate.OfDifferences(Padded(one, liking), Padded(other, otherLiking)));

        double[] Padded(JudgedStroke judged, double by) =>
            judged.Looks.Count == 0 ? new double[count] : [.. judged.Looks.Select(look => by * look)];
    }

    /// <summary>The worth of each draw, what it brings marked down.</summary>
    private double[] Marks(double liking) => [.. Gains.Zip(Costs, (gain, cost) => liking * gain - cost)];

    /// <summary>Plays a stroke with fresh draws, on tables as they may be.</summary>
    /// <param name="worker">Who plays it.</param>
    /// <param name="asked">The stroke and its frame.</param>
    /// <param name="question">What the visit is for, and how far the table may be from what it is taken to be.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="draws">How many.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    internal static JudgedStroke Try(
        SearchWorker worker, TrialQuestion asked, BreakQuestion question, int seed, int draws, CancellationToken cancel)
    {
        var (gains, costs) = (new double[draws], new double[draws]);
        var (good, points, next, leaves, missed) = (0, 0.0, 0.0, 0.0, 0.0);
        Sampler.PlayFresh(worker.Player.Trials, question.Table, question.Doubt, asked, seed, draws, Read, cancel);

        return new JudgedStroke(asked.Stroke, gains, costs, good, new WorthParts(
            good / (double)draws, good == 0 ? 0 : points / good, good == 0 ? 0 : next / good, next == 0 ? 0 : leaves / next,
            good == draws ? 0 : missed / (draws - good)));

        void Read(int draw, Trial trial)
        {
            var ruling = trial.Ruling;
            var (worth, cost) = (gains[draw], costs[draw]) = (worker.Worth.After(ruling), worker.Worth.Cost(ruling));
            if (ruling.Points == 0)
            {
                missed += cost;
                return;
            }

            var scored = question.Wishes.Goal == BreakGoal.Score ? ruling.Points : 0;
            (good, points, leaves) = (good + 1, points + scored, leaves + worth - scored);
            if (worth > scored) next += NextChance(worker, ruling);
        }
    }

    /// <summary>Chance of the pot that promises most; 1 where something is gained for certain.</summary>
    private static double NextChance(SearchWorker worker, Ruling ruling)
    {
        if (!ruling.StaysAtTable || ruling.End != FrameEnd.None) return 1;
        var pots = worker.Gauge.Read(ruling.Next);
        return pots.Count == 0 ? 1 : pots.MaxBy(pot => worker.Worth.Promise(ruling.Next, pot)).Chance;
    }
}
