using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;

namespace DeepBaize.Planning.Breaks;

/// <summary>What one thread of a search works with.</summary>
/// <param name="Player">Aims, plays and judges.</param>
/// <param name="Worth">What a stroke was worth.</param>
/// <param name="Gauge">What can be potted, by straight lines.</param>
/// <param name="Pots">What can be potted, solved.</param>
internal sealed record SearchWorker(FramePlayer Player, IPotWorth Worth, LeaveGauge Gauge, SolvedPots Pots)
{
    /// <summary>The workers of a question.</summary>
    public static Workers<SearchWorker> Of(BreakQuestion question) => new(
    [
        .. Enumerable.Range(0, Math.Max(1, question.Threads)).Select(_ => new SearchWorker(
            new FramePlayer(question.Table, question.Striker, question.LineUp), question.Worth(question),
            new LeaveGauge(question.Table, question.Striker), new SolvedPots(question.Table, question.Striker))),
    ]);
}
