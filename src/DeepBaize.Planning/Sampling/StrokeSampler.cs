using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Table;

namespace DeepBaize.Planning.Sampling;

/// <summary>A stroke that is sampled, on which table, and what is asked of it.</summary>
/// <param name="Table">The table.</param>
/// <param name="Trial">The stroke and its frame.</param>
/// <param name="Doubt">How far the table may be from its profile.</param>
/// <param name="Next">The player for whom next pots are estimated; null to leave them out.</param>
/// <param name="Zone">Says whether a place lies in the wanted zone; null for none.</param>
public sealed record SampleQuestion(
    TableInUse Table, TrialQuestion Trial, TableDoubt Doubt, PlayerProfile? Next = null, Func<Place, bool>? Zone = null);

/// <summary>
/// Plays a stroke again and again, with the player's scatter and on tables as they may be, and tells of each what a player asks.
/// </summary>
public static class StrokeSampler
{
    /// <summary>Plays the strokes with the numbers from 0 to a count.</summary>
    /// <param name="question">The stroke.</param>
    /// <param name="count">How many, at least 1.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="threads">Threads at most; 0 for those that the question has.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <returns>The samples in the order of their numbers.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static StrokeSample[] Play(SampleQuestion question, int count, int seed, int threads = 0, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(question);
        return Sampler.Play<StrokeSample>(
            question.Table, question.Doubt, question.Trial, DrawSeries.Independent(seed), count,
            (table, number) => new SampleReader(question, table, number).Read, threads, cancel);
    }

    /// <summary>Strokes that are simulated for a count of samples: on each table the stroke is played once as it is meant.</summary>
    /// <param name="count">How many samples.</param>
    public static int StrokesFor(int count) => count + Math.Min(TableDoubt.Tables, count);
}
