using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Search;

/// <summary>A pot off a cushion or another ball, and how often a player makes it.</summary>
/// <param name="Solution">The stroke and its window.</param>
/// <param name="Stroke">How the player delivers it.</param>
/// <param name="Chance">How often it goes without a foul.</param>
public sealed record IndirectEntry(IndirectSolution Solution, PlannedStroke Stroke, Chance Chance);

/// <summary>Reads from a table what can be potted by doubles, plants, cannons and in-offs.</summary>
public static class IndirectReading
{
    /// <summary>
    /// Paces at which they are looked for: what is softer hardly ever comes to a pocket, what is harder is thrown off it.
    /// </summary>
    private static readonly double[] Paces = [6.5, 4.5];

    private const int FirstDraws = 24;
    private const int Strokes = 200;
    private const int Seed = 1;

    /// <summary>A pot that goes fewer times than this of the first draws is not looked at twice.</summary>
    private const int LeastGood = 2;

    /// <summary>Reads.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="frame">The frame.</param>
    /// <param name="player">The player.</param>
    /// <param name="isPractice">True when any ball may be met and potted, whatever is on.</param>
    /// <param name="cancel">Stops the reading.</param>
    /// <returns>The pots at the pace at which each is likeliest, the likeliest first.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static IReadOnlyList<IndirectEntry> Read(
        TableInUse table, Layout layout, FrameState frame, PlayerProfile player, bool isPractice, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(frame);
        ArgumentNullException.ThrowIfNull(player);
        var asked = (from ball in isPractice ? frame.Up : frame.Playable from pace in Paces select (ball, pace)).ToList();
        var found = new IReadOnlyList<IndirectEntry>[asked.Count];
        Parallel.For(
            0, asked.Count, Sharing.Options(0, cancel), () => (new IndirectSolver(table), new TrialTable(table)), (i, _, own) =>
            {
                found[i] =
                [
                    .. own.Item1.All(layout, asked[i].ball, Dials.AtPace(asked[i].pace), cancel)
                        .Where(solved => isPractice || IndirectPot.GoTogether(solved.Pot.First, solved.Pot.Ball))
                        .Select(solved => Try(table, layout, frame, player, isPractice, own.Item2, solved, cancel))
                        .OfType<IndirectEntry>(),
                ];
                return own;
            },
            _ => { });
        return
        [
            .. found.SelectMany(entries => entries).GroupBy(entry => entry.Solution.Pot)
                .Select(same => same.MaxBy(entry => entry.Chance.Share)!)
                .OrderByDescending(entry => entry.Chance.Share).ThenBy(entry => entry.Solution.Pot.ToString(), StringComparer.Ordinal),
        ];
    }

    private static IndirectEntry? Try(
        TableInUse table, Layout layout, FrameState frame, PlayerProfile player, bool isPractice, TrialTable trials,
        IndirectSolution solved, CancellationToken cancel)
    {
        var intent = new IndirectIntent(solved.Pot);
        var cued = CueingReader.Deliver(table, layout, player, solved.Strike, intent);
        if (!cued.IsPossible) return null;
        var stroke = new PlannedStroke(intent, solved.Strike, cued);
        var question = new TrialQuestion(frame, layout, stroke);
        if (Good(DrawSeries.Even(Seed), FirstDraws) < LeastGood) return null;
        return new IndirectEntry(solved, stroke, new Chance(Good(DrawSeries.Independent(Seed), Strokes), Strokes));

        int Good(DrawSeries draws, int count)
        {
            var good = 0;
            Sampler.Play(
                trials, question, draws, 0, count, trial => good += isPractice ? (trial.IsServed ? 1 : 0) : trial.IsGood ? 1 : 0, cancel);
            return good;
        }
    }
}
