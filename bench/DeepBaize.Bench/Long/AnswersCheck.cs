using System.Globalization;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench.Long;

/// <summary>
/// Positions in which players name the same ball: where the planner names another, whole visits that begin with either stroke are played out in pairs with the same chance, the rest of
/// them by a fast policy.
/// </summary>
internal static class AnswersCheck
{
    /// <summary>Times that the balls of each position are moved.</summary>
    private const int Shakes = 2;

    private const int Budget = 2500;

    /// <summary>Visits that are played with each of two strokes.</summary>
    public const int Visits = 2000;

    /// <summary>Share of the positions that must be answered as players do.</summary>
    private const double Least = 0.8;

    private static readonly TableInUse Club = new(PlayingConditions.Club, TableOutline.Club);

    public static LongResult Run(int seed)
    {
        var asked = PlainAnswer.Varied(Shakes);
        var figures = new List<string>();
        foreach (var one in asked)
        {
            var found = Best(one, null, seed);
            if (found is null || one.Answers.Contains(found.Pot.Ball)) continue;
            figures.Add($"{one.Name}: the planner plays the {found.Pot.Ball}. {Compare(one, found, seed)}");
        }

        var right = asked.Count - figures.Count;
        return new LongResult(right >= Least * asked.Count, [$"{right} of {asked.Count} answered as players do", .. figures]);
    }

    private static BreakStroke? Best(PlainAnswer position, BallId? only, int seed)
    {
        var question = BreakPlanner.Ask(Club, HousePlayers.League, new BreakWishes(Only: only), seed, Environment.ProcessorCount);
        return new BreakSearch(question).Run(position.Frame, Budget).Best is [var best, ..] ? best.Stroke : null;
    }

    private static string Compare(PlainAnswer position, BreakStroke found, int seed)
    {
        var outlook = new BreakOutlook(BreakPlanner.Ask(Club, HousePlayers.League, BreakWishes.Free, seed, Environment.ProcessorCount));
        var ours = outlook.Play(position.Frame, found, 0, Visits).Points;
        var told = new List<string>();
        foreach (var ball in position.Answers)
        {
            if (Best(position, ball, seed) is not { } theirs) continue;
            var differences = outlook.Play(position.Frame, theirs, 0, Visits).Points.Zip(ours, (their, our) => (double)(our - their)).ToList();
            var mean = differences.Average();
            var error = Math.Sqrt(differences.Sum(difference => (difference - mean) * (difference - mean)) / (Visits - 1) / Visits);
            var verdict = mean > 2 * error ? "the planner's is better" : mean < -2 * error ? "a miss: the players' is better" : "a miss: not resolved";
            told.Add(string.Create(CultureInfo.InvariantCulture, $"{Visits} visits in pairs against the {ball}: {mean:+0.00;-0.00} points, standard error {error:0.00}: {verdict}"));
        }

        return string.Join("; ", told);
    }
}
