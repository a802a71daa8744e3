using System.Globalization;
using DeepBaize.Evidence;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench.Long;

/// <summary>
/// Positions in which players name certain balls: where the planner names another, whole visits that begin with either stroke are played
/// out in pairs with the same chance, the rest of them by a fast policy.
/// </summary>
internal static class AnswersCheck
{
    /// <summary>Visits that are played with each of two strokes.</summary>
    public const int Visits = 2000;

    private const int Budget = 2500;

    private static readonly TableInUse Club = new(PlayingConditions.Club, TableOutline.Club);

    /// <summary>How many positions are answered as players do, and for the others what the visits came to.</summary>
    /// <param name="asked">The positions.</param>
    /// <param name="seed">Seed of the searches and the visits.</param>
    public static Answered Run(IReadOnlyList<PlainAnswer> asked, int seed)
    {
        var (figures, worse) = (new List<string>(), 0);
        foreach (var one in asked)
        {
            var found = Best(one, null, seed);
            if (found is null || one.Answers.Contains(found.Stroke.Pot.Ball)) continue;
            var difference = Compare(one, found.Stroke, seed);
            figures.Add($"{one.Name}: the planner plays the {found.Stroke.Pot.Ball}. {difference}");
            if (difference is { IsWorse: true }) worse++;
        }

        return new Answered(asked.Count - figures.Count, asked.Count, worse, figures);
    }

    private static RatedStroke? Best(PlainAnswer position, BallId? only, int seed)
    {
        var question = BreakPlanner.Ask(Club, HousePlayers.League, new BreakWishes(Only: only), seed, Environment.ProcessorCount);
        return new BreakSearch(question).Run(position.Frame, Budget).Best is [var best, ..] ? best : null;
    }

    /// <summary>The planner's stroke against the best at a ball that players name; null when none of them can be potted.</summary>
    private static PairedVisits? Compare(PlainAnswer position, PlannedStroke found, int seed)
    {
        var theirs = position.Answers.Select(ball => Best(position, ball, seed)).OfType<RatedStroke>().MaxBy(rated => rated.Worth);
        if (theirs is null) return null;
        var outlook = new BreakOutlook(BreakPlanner.Ask(Club, HousePlayers.League, BreakWishes.Free, seed, Environment.ProcessorCount));
        var ours = outlook.Play(position.Frame, found, 0, Visits).Points;
        return PairedVisits.Of(ours, outlook.Play(position.Frame, theirs.Stroke, 0, Visits).Points, theirs.Stroke.Pot.Ball);
    }
}

/// <summary>What a set of positions came to.</summary>
/// <param name="Right">Positions in which the planner names a ball that players name.</param>
/// <param name="Asked">Positions.</param>
/// <param name="Worse">Positions in which what it names instead is worse by more than two standard errors.</param>
/// <param name="Figures">A line for each position in which it names another.</param>
internal sealed record Answered(int Right, int Asked, int Worse, IReadOnlyList<string> Figures)
{
    /// <summary>The record of it.</summary>
    /// <param name="holds">True when it shows what it must.</param>
    public LongResult Tell(bool holds) => new(holds, [$"{Right} of {Asked} answered as players do", .. Figures]);
}

/// <summary>
/// Points of visits that begin with the planner's stroke, less those of visits with the same chance that begin with another.
/// </summary>
/// <param name="Against">The ball that the other stroke pots.</param>
/// <param name="Visits">Pairs of visits.</param>
/// <param name="Mean">Mean of the differences.</param>
/// <param name="Error">Its standard error.</param>
internal sealed record PairedVisits(BallId Against, int Visits, double Mean, double Error)
{
    /// <summary>True when the planner's stroke is worse by more than two standard errors.</summary>
    public bool IsWorse => Mean < -2 * Error;

    /// <summary>Compares visits.</summary>
    public static PairedVisits Of(IReadOnlyList<int> ours, IReadOnlyList<int> theirs, BallId against)
    {
        var lead = Estimate.OfDifferences([.. ours.Select(points => (double)points)], [.. theirs.Select(points => (double)points)]);
        return new PairedVisits(against, ours.Count, lead.Mean, lead.Error);
    }

    /// <inheritdoc/>
    public override string ToString()
    {
        var verdict = IsWorse ? "a miss: the players' is better" : Mean > 2 * Error ? "the planner's is better" : "not resolved";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{Visits} visits in pairs against the {Against}: {Mean:+0.00;-0.00} points, standard error {Error:0.00}: {verdict}");
    }
}
