using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;

namespace DeepBaize.Planning.Safety;

/// <summary>A stroke while it is rated for what it leaves.</summary>
/// <param name="contact">Where the white is to go first.</param>
/// <param name="dials">How it is struck.</param>
/// <param name="question">The stroke and its frame.</param>
/// <param name="promise">What it is worth when it is played as meant.</param>
/// <param name="cost">Points by which the striker's school marks it down.</param>
/// <param name="white">How far from the baulk end the white is meant to stop, in metres.</param>
internal sealed class SafetyCandidate(AimedContact contact, Dials dials, TrialQuestion question, double promise, double cost, double white)
{
    private readonly List<double> _worths = [];
    private double _sum;

    /// <summary>Where the white is to go first.</summary>
    public AimedContact Contact => contact;

    /// <summary>How it is struck.</summary>
    public Dials Dials => dials;

    /// <summary>The stroke as it is meant.</summary>
    public PlannedStroke Stroke => question.Stroke;

    /// <summary>What kind of answer it is when it is played as meant.</summary>
    public required SafetyKind Kind { get; init; }

    /// <summary>How far from the baulk end the white is meant to stop, in metres.</summary>
    public double White => white;

    /// <summary>Mean worth of the draws, school counted; before there are any what it is worth when it is played as meant.</summary>
    public double Worth => _worths.Count == 0 ? promise - cost : _sum / _worths.Count;

    /// <summary>Plays it with further draws of a seed.</summary>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public void Sample(SafetyWorker worker, int draws, int seed, CancellationToken cancel) => Sampler.Play(
        worker.Trials, question, DrawSeries.Even(seed), _worths.Count, draws, trial =>
        {
            var worth = worker.Worth.Worth(question.Frame, trial.Ruling) - cost;
            _worths.Add(worth);
            _sum += worth;
        }, cancel);

    /// <summary>What was found.</summary>
    public FoundSafety Tell() => new(Stroke, Kind, Worth);
}
