using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>A stroke while it is rated.</summary>
/// <param name="pot">The pot, estimated.</param>
/// <param name="dials">How it is played.</param>
/// <param name="question">The stroke and its frame.</param>
/// <param name="promise">What it promises the striker when it is played as meant.</param>
/// <param name="cost">What its misses promise to cost.</param>
/// <param name="liking">What the player's school leaves of what it brings.</param>
/// <param name="plainness">How plain it is.</param>
internal sealed class StrokeCandidate(
    LeavePot pot, Dials dials, TrialQuestion question, double promise, double cost, double liking, Plainness plainness)
{
    /// <summary>Share of what the best stroke brings that is taken for nothing, whatever the samples say.</summary>
    private const double Nothing = 0.02;

    /// <summary>Share of it beyond which a stroke is not as good, however few samples there are.</summary>
    private const double Something = 0.03;

    /// <summary>What each sample brought, as the player's school marks it, less what it cost.</summary>
    private readonly List<double> _marks = [];

    private double _gain;
    private double _cost;
    private double _squares;
    private int _good;

    /// <summary>The pot, estimated.</summary>
    public LeavePot Pot => pot;

    /// <summary>The stroke as it is meant.</summary>
    public PlannedStroke Stroke => question.Stroke;

    /// <summary>How it is played.</summary>
    public Dials Dials => dials;

    /// <summary>How plain it is.</summary>
    public Plainness Plainness => plainness;

    /// <summary>Mean worth, what it brings marked down by what the player's school holds of the stroke.</summary>
    public double Marked => liking * Gain - Cost;

    /// <summary>What it brings in the mean of the samples; before there are any what the stroke promises.</summary>
    private double Gain => Mean(_gain, promise);

    private double Cost => Mean(_cost, cost);

    /// <summary>Plays it with further draws.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Sample(SearchWorker worker, int draws, BreakQuestion asked, CancellationToken cancel) => Sampler.Play(
        worker.Player.Trials, question, DrawSeries.Even(asked.Seed), _marks.Count, draws, trial => Count(
            trial.Ruling, worker.Worth.After(trial.Ruling), asked.CountsMisses ? worker.Worth.Cost(trial.Ruling) : 0), cancel);

    /// <summary>What it came to.</summary>
    public RatedStroke Tell()
    {
        var worth = Gain - Cost;
        var error = Math.Sqrt(Math.Max(0, _squares / Math.Max(1, _marks.Count) - worth * worth) / Math.Max(1, _marks.Count - 1));
        return new(Stroke, worth, error, _marks.Count, _good) { Liking = liking, Cost = Cost };
    }

    /// <summary>
    /// True when another stroke cannot be told from this one: by the draws that both met it is worse by less than two standard errors and
    /// by hardly anything, or by next to nothing.
    /// </summary>
    public bool IsNoBetterThan(StrokeCandidate other)
    {
        if (other._marks.Count < 2) return false;
        var lead = Estimate.OfDifferences(_marks, other._marks);
        return lead.Mean <= Nothing * liking * Gain || (!lead.IsPositive && lead.Mean <= Something * liking * Gain);
    }

    private double Mean(double sum, double before) => _marks.Count == 0 ? before : sum / _marks.Count;

    private void Count(Ruling ruling, double gain, double lost)
    {
        _marks.Add(liking * gain - lost);
        (_gain, _cost, _squares) = (_gain + gain, _cost + lost, _squares + (gain - lost) * (gain - lost));
        if (ruling.Points > 0) _good++;
    }
}
