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
/// <param name="promise">What it promises when it is played as meant.</param>
/// <param name="liking">What the player's school leaves of its worth.</param>
/// <param name="plainness">How plain it is.</param>
internal sealed class StrokeCandidate(
    LeavePot pot, Dials dials, TrialQuestion question, double promise, double liking, Plainness plainness)
{
    /// <summary>Share of the best stroke's worth that is taken for nothing, whatever the samples say.</summary>
    private const double Nothing = 0.02;

    /// <summary>Share of it beyond which a stroke is not as good, however few samples there are.</summary>
    private const double Something = 0.03;

    private readonly List<double> _worths = [];
    private double _sum;
    private int _good;

    /// <summary>The pot, estimated.</summary>
    public LeavePot Pot => pot;

    /// <summary>The stroke as it is meant.</summary>
    public PlannedStroke Stroke => question.Stroke;

    /// <summary>How it is played.</summary>
    public Dials Dials => dials;

    /// <summary>How plain it is.</summary>
    public Plainness Plainness => plainness;

    /// <summary>Mean worth, marked down by what the player's school holds of the stroke.</summary>
    public double Marked => liking * Worth;

    /// <summary>Mean worth of the samples; before there are any what the stroke promises.</summary>
    private double Worth => _worths.Count == 0 ? promise : _sum / _worths.Count;

    /// <summary>Plays it with further draws of a seed.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Sample(SearchWorker worker, int draws, int seed, CancellationToken cancel) => Sampler.Play(
        worker.Player.Trials, question, DrawSeries.Even(seed), _worths.Count, draws, trial =>
            Count(trial.Ruling, worker.Worth.After(trial.Ruling)), cancel);

    /// <summary>What it came to.</summary>
    public RatedStroke Tell() => new(Stroke, Worth, Estimate.Of(_worths).Error, _worths.Count, _good) { Liking = liking };

    /// <summary>
    /// True when another stroke cannot be told from this one: by the draws that both met it is worse by less than two standard errors and
    /// by hardly anything, or by next to nothing.
    /// </summary>
    public bool IsNoBetterThan(StrokeCandidate other)
    {
        if (other._worths.Count < 2) return false;
        var lead = Estimate.OfDifferences([.. _worths.Select(Like)], [.. other._worths.Select(other.Like)]);
        return lead.Mean <= Nothing * Marked || (!lead.IsPositive && lead.Mean <= Something * Marked);
    }

    private double Like(double worth) => liking * worth;

    private void Count(Ruling ruling, double worth)
    {
        _worths.Add(worth);
        _sum += worth;
        if (ruling.Points > 0) _good++;
    }
}
