using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Safety;

/// <summary>What one thread of a search for what to leave works with.</summary>
/// <param name="Trials">
/// Where strokes are tried, by a referee who says nothing of snookers and misses: he would look at every foul for milliseconds, and what
/// they bring is taken for granted (<see cref="Left"/>).
/// </param>
/// <param name="Worth">What a stroke brings to both sides.</param>
/// <param name="Indirect">Where pots off cushions and other balls are solved.</param>
internal sealed record SafetyWorker(TrialTable Trials, SafetyWorth Worth, IndirectSolver Indirect)
{
    /// <summary>The workers of a question.</summary>
    public static Workers<SafetyWorker> Of(SafetyQuestion question) => new(
    [
        .. Enumerable.Range(0, Math.Max(1, question.Threads)).Select(_ => new SafetyWorker(
            new TrialTable(question.Table), new SafetyWorth(question), new IndirectSolver(question.Table))),
    ]);

    /// <summary>Where a stroke that is shown is tried: the referee sees snookers, free balls and misses.</summary>
    public static TrialTable TrialsOf(SafetyQuestion question) =>
        new(question.Table, new Referee(new Sight(question.Table.Outline, question.Table.Conditions.Gauge)));
}
