using System.Diagnostics;
using System.Globalization;
using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;

namespace DeepBaize.Bench.Arena;

/// <summary>How much is played.</summary>
/// <param name="Situations">Situations in which the striker has no pot to speak of.</param>
/// <param name="Draws">Draws of the stroke in each.</param>
/// <param name="Budget">Strokes simulated for a decision, about.</param>
/// <param name="Seed">Seed of the first layout that is looked at.</param>
internal readonly record struct SafetySize(int Situations, int Draws, int Budget, int Seed);

/// <summary>What a way of choosing safeties leaves.</summary>
/// <param name="Policy">Its name.</param>
/// <param name="Points">Points of the opponent's next visit with what was given away, by situation.</param>
/// <param name="Seconds">How long it took.</param>
internal sealed record SafetyRow(string Policy, double[] Points, double Seconds)
{
    public override string ToString() => string.Create(
        CultureInfo.InvariantCulture, $"{Policy}: the opponent's next visit {Points.Average():0.00} points, {Seconds:0} s");
}

/// <summary>
/// Plays safeties in seeded situations, and the opponent's next visit by the break planner at a small budget; what a foul gives away counts
/// with it.
/// </summary>
internal sealed class SafetyArena(PlayerProfile striker, PlayerProfile opponent, SafetySize size)
{
    private const int NoiseSeed = 88_007;

    private readonly TableInUse _table = ArenaMatch.Club;

    /// <summary>The situations: layouts of the arena in which nothing is on, in the order of their seeds.</summary>
    public IReadOnlyList<FrameState> Situations() => [.. SafetyTold.NothingOn(_table, striker, size.Seed).Take(size.Situations)];

    /// <summary>Plays all situations with a policy: <c>search</c>, <c>thin</c> or <c>as-meant</c>.</summary>
    public SafetyRow Play(string policy, IReadOnlyList<FrameState> situations)
    {
        var clock = Stopwatch.StartNew();
        var points = new double[situations.Count];
        Parallel.For(0, situations.Count, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, i =>
            points[i] = Play(policy, situations[i], size.Seed + i));
        return new SafetyRow(policy, points, clock.Elapsed.TotalSeconds);
    }

    /// <summary>The stroke that a policy chooses; null when it finds none.</summary>
    public PlannedStroke? Choose(string policy, FrameState frame, int seed)
    {
        var question = new SafetyQuestion(_table, striker, opponent, seed);
        var search = new SafetySearch(question);
        return policy switch
        {
            "thin" => search.Plain(frame)?.Stroke,
            "as-meant" => search.AsMeant(frame, size.Budget)?.Stroke,
            _ => search.Run(frame, size.Budget) is [var best, ..] ? best.Stroke : null,
        };
    }

    private double Play(string policy, FrameState frame, int seed)
    {
        if (Choose(policy, frame, seed) is not { } stroke) return double.NaN;
        var trials = new TrialTable(_table, new Referee(new Sight(_table.Outline, _table.Conditions.Gauge)));
        var layout = new FramePlayer(_table, striker).LayoutOf(frame)!;
        var asked = new TrialQuestion(frame, layout, stroke);
        var answer = new ReplyVisit(_table, opponent);
        return Enumerable.Range(0, size.Draws).Average(draw =>
        {
            var ruling = trials.Play(asked, Draws.Stroke(NoiseSeed + seed, draw)).Ruling;
            var isTheirs = !ruling.StaysAtTable && ruling.End == FrameEnd.None;
            return ruling.Penalty + (isTheirs ? answer.Points(ruling.Next, NoiseSeed + 7 * seed + 1000 * draw) : 0);
        });
    }
}
