using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// Tries a stroke again and again with the player's scatter. The draws depend on seed and number alone: strokes that are compared meet the
/// same chance, and no answer depends on the number of threads.
/// </summary>
public static class Sampler
{
    /// <summary>Tries a stroke on one table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="draws">The draws.</param>
    /// <param name="from">Number of the first draw.</param>
    /// <param name="count">How many.</param>
    /// <param name="read">Takes each trial.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static void Play(
        TrialTable table, TrialQuestion question, DrawSeries draws, int from, int count, Action<Trial> read,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(read);
        Play(table, question, draws, from, from + count, 1, (_, trial) => read(trial), cancel);
    }

    /// <summary>Tries a stroke on tables as they may be, by turns.</summary>
    /// <param name="table">The table by its profile.</param>
    /// <param name="doubt">How far it may be from it.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="draws">The draws; their seed is also that of the tables.</param>
    /// <param name="count">How many strokes, at least 1; their numbers begin at 0.</param>
    /// <param name="reader">Makes for each of the tables, by its number, what reads its trials.</param>
    /// <param name="threads">Threads at most; 0 for those that the question has.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <returns>What was read, in the order of the numbers.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static T[] Play<T>(
        TableInUse table, TableDoubt doubt, TrialQuestion question, DrawSeries draws, int count,
        Func<TrialTable, int, Func<Trial, T>> reader,
        int threads = 0, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(doubt);
        ArgumentNullException.ThrowIfNull(reader);
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 1);
        var samples = new T[count];
        Parallel.For(0, Math.Min(TableDoubt.Tables, count), Sharing.Options(threads, cancel), number =>
        {
            var trials = new TrialTable(doubt.Draw(table.Conditions, draws.Seed, number), table.Outline);
            var read = reader(trials, number);
            Play(trials, question, draws, number, count, TableDoubt.Tables, (i, trial) => samples[i] = read(trial), cancel);
        });
        return samples;
    }

    /// <summary>Tries a stroke with independent draws on tables as they may be, one after the other.</summary>
    /// <param name="trials">The table by its profile, and its referee.</param>
    /// <param name="table">The same table.</param>
    /// <param name="doubt">How far it may be from it; null for not at all.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="seed">Seed of the draws and of the tables.</param>
    /// <param name="draws">How many strokes.</param>
    /// <param name="read">Takes each trial with the number of its draw.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    internal static void PlayFresh(
        TrialTable trials, TableInUse table, TableDoubt? doubt, TrialQuestion question, int seed, int draws, Action<int, Trial> read,
        CancellationToken cancel)
    {
        var tables = doubt is { IsNone: false } ? TableDoubt.Tables : 1;
        for (var number = 0; number < tables; number++)
        {
            var here = tables == 1 ? trials : trials.Under(doubt!.Draw(table.Conditions, seed, number));
            Play(here, question, DrawSeries.Independent(seed), number, draws, tables, read, cancel);
        }
    }

    /// <summary>Tries a stroke on one table with some of the draws, evenly apart.</summary>
    /// <param name="table">The table.</param>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="draws">The draws.</param>
    /// <param name="from">Number of the first draw.</param>
    /// <param name="to">Number before which to stop.</param>
    /// <param name="step">From one number to the next.</param>
    /// <param name="read">Takes each trial with the number of its draw.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    internal static void Play(
        TrialTable table, TrialQuestion question, DrawSeries draws, int from, int to, int step, Action<int, Trial> read,
        CancellationToken cancel)
    {
        for (var number = from; number < to; number += step)
        {
            cancel.ThrowIfCancellationRequested();
            read(number, table.Play(question, draws.At(number)));
        }
    }
}
