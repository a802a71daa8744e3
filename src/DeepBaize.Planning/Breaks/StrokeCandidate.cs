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
internal sealed class StrokeCandidate(LeavePot pot, Dials dials, TrialQuestion question, double promise, double liking)
{
    private double _sum;
    private double _squares;
    private int _samples;
    private int _good;

    /// <summary>The pot, estimated.</summary>
    public LeavePot Pot => pot;

    /// <summary>The stroke as it is meant.</summary>
    public PlannedStroke Stroke => question.Stroke;

    /// <summary>How it is played.</summary>
    public Dials Dials => dials;

    /// <summary>Mean worth, marked down by what the player's school holds of the stroke.</summary>
    public double Marked => liking * Worth;

    /// <summary>Mean worth of the samples; before there are any what the stroke promises.</summary>
    private double Worth => _samples == 0 ? promise : _sum / _samples;

    /// <summary>Plays it with further draws of a seed.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Sample(SearchWorker worker, int draws, int seed, CancellationToken cancel) => Sampler.Play(
        worker.Player.Trials, question, DrawSeries.Even(seed), _samples, draws, trial =>
            Count(trial.Ruling, worker.Worth.After(trial.Ruling)), cancel);

    /// <summary>What it came to.</summary>
    public RatedStroke Tell()
    {
        var variance = _samples < 2 ? 0 : Math.Max(0, _squares / _samples - Worth * Worth) / (_samples - 1);
        return new RatedStroke(Stroke, Worth, Math.Sqrt(variance), _samples, _good);
    }

    private void Count(Ruling ruling, double worth)
    {
        _samples++;
        _sum += worth;
        _squares += worth * worth;
        if (ruling.Points > 0) _good++;
    }
}
