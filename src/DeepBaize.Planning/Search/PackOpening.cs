using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;

namespace DeepBaize.Planning.Search;

/// <summary>A stroke into the reds.</summary>
/// <param name="Dials">Its dials.</param>
/// <param name="Strike">The stroke; null when the ball cannot be potted with these dials.</param>
/// <param name="Entry">The red that the white meets when it is played as meant; null when it meets none.</param>
/// <param name="EntryPlace">Centre of the white there.</param>
/// <param name="EntrySpeed">Its speed there in m/s.</param>
/// <param name="Enters">Chance that the white meets a red.</param>
/// <param name="Next">Chance that the ball falls and a next red is on.</param>
/// <param name="NextByRest">Of those, how many need the rest.</param>
/// <param name="Pot">Chance of the pot.</param>
/// <param name="InOff">Chance that the white falls.</param>
public sealed record PackStroke(
    Dials Dials, Strike? Strike, BallId? Entry, Place EntryPlace, double EntrySpeed, Chance Enters, Chance Next, Chance NextByRest,
    Chance Pot, Chance InOff);

/// <summary>Compares ways of opening the pack off a pot.</summary>
public static class PackOpening
{
    /// <summary>Plays each of several dials with the player's scatter.</summary>
    /// <param name="question">Table, balls, player and a pot; its zone is not used.</param>
    /// <param name="dials">The dials.</param>
    /// <param name="count">Strokes for each.</param>
    /// <param name="cancel">Stops the work.</param>
    public static IReadOnlyList<PackStroke> Compare(
        SearchQuestion question, IEnumerable<Dials> dials, int count, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(question);
        ArgumentNullException.ThrowIfNull(dials);
        var (table, layout, aimer) = (question.Table, question.Layout, new IntentAimer(question.Table));
        return [.. dials.Select(one => Play(one))];

        PackStroke Play(Dials one)
        {
            if (aimer.Aim(layout, question.Intent, one) is not { } strike)
                return new PackStroke(one, null, null, default, 0, default, default, default, default, default);
            // The stroke as it is meant tells where it enters.
            var meant = Sample(strike, CuedDelivery.Exact(table.Conditions), TableDoubt.None, 1)[0];
            var cued = CueingReader.Deliver(table, layout, question.Player, strike, question.Intent);
            var samples = Sample(strike, cued, question.Doubt, count);
            var enters = meant.Met is { } met && BallSet.IsRed(met);
            return new PackStroke(
                one, strike, enters ? meant.Met : null, meant.MetPlace, enters ? meant.MetSpeed : 0,
                Count(sample => sample.Met is { } ball && BallSet.IsRed(ball)),
                Count(sample => sample.IsGood && sample.NextOn > 0),
                Count(sample => sample is { IsGood: true, NextOn: > 0, Next.Way: > BridgeWay.Stretched }),
                Count(sample => sample.IsGood),
                Count(sample => sample.InOff is not null));

            Chance Count(Func<StrokeSample, bool> holds) => new(samples.Count(holds), samples.Length);
        }

        StrokeSample[] Sample(in Strike strike, CuedDelivery cued, TableDoubt doubt, int strokes) => StrokeSampler.Play(
            new SampleQuestion(table, question.Try(strike, cued), doubt, question.Player), strokes, question.Seed, cancel: cancel);
    }
}
