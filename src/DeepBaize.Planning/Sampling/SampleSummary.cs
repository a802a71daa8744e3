using DeepBaize.Table;
using MathNet.Numerics.Statistics;

namespace DeepBaize.Planning.Sampling;

/// <summary>What decides where the white stops.</summary>
public enum ScatterSource
{
    /// <summary>The player's hands.</summary>
    Hands,

    /// <summary>What is not known of the table.</summary>
    Table,

    /// <summary>Both about alike.</summary>
    Both,
}

/// <summary>What a sample of a stroke comes to.</summary>
/// <param name="Pot">The ball falls and nothing forbidden does.</param>
/// <param name="InOff">The white falls.</param>
/// <param name="InOffs">The white falls, by pocket, the likeliest first.</param>
/// <param name="Thick">The pot is missed thick.</param>
/// <param name="Thin">The pot is missed thin.</param>
/// <param name="NotMet">The ball is not met first.</param>
/// <param name="Zone">Potted, and the white stops in the zone.</param>
/// <param name="Next">Potted, and a next pot is on.</param>
/// <param name="Contacts">The white meets another ball after a pot, by ball, the likeliest first.</param>
/// <param name="Miscue">The tip comes outside half the radius.</param>
/// <param name="HandsMetres">Spread of the white's place due to the hands: root of the mean square over both axes.</param>
/// <param name="TableMetres">The same due to the table.</param>
public sealed record SampleSummary(
    Chance Pot,
    Chance InOff,
    IReadOnlyList<(PocketId Pocket, Chance Chance)> InOffs,
    Chance Thick,
    Chance Thin,
    Chance NotMet,
    Chance Zone,
    Chance Next,
    IReadOnlyList<(BallId Ball, Chance Chance)> Contacts,
    Chance Miscue,
    double HandsMetres,
    double TableMetres)
{
    private const double Clearly = 1.5;

    /// <summary>What decides where the white stops.</summary>
    public ScatterSource Source => HandsMetres > Clearly * TableMetres ? ScatterSource.Hands
        : TableMetres > Clearly * HandsMetres ? ScatterSource.Table
        : ScatterSource.Both;

    /// <summary>Sums a sample up.</summary>
    public static SampleSummary Of(IReadOnlyList<StrokeSample> samples)
    {
        ArgumentNullException.ThrowIfNull(samples);
        var (hands, table) = Sources(samples);
        return new SampleSummary(
            Count(sample => sample.IsGood),
            Count(sample => sample.InOff is not null),
            [.. samples.Where(sample => sample.InOff is not null).GroupBy(sample => sample.InOff!.Value)
                .Select(group => (group.Key, new Chance(group.Count(), samples.Count))).OrderByDescending(pair => pair.Item2.Count)
                    .ThenBy(pair => pair.Key)],
            Count(sample => sample.Miss == MissSide.Thick),
            Count(sample => sample.Miss == MissSide.Thin),
            Count(sample => sample.Miss == MissSide.NotMet),
            Count(sample => sample.IsGood && sample.IsInZone),
            Count(sample => sample.IsGood && sample.NextOn > 0),
            [.. samples.Where(sample => sample is { IsServed: true, Met: not null }).GroupBy(sample => sample.Met!.Value)
                .Select(group => (group.Key, new Chance(group.Count(), samples.Count))).OrderByDescending(pair => pair.Item2.Count)
                    .ThenBy(pair => pair.Key)],
            Count(sample => sample.IsMiscueRisk),
            hands,
            table);

        Chance Count(Func<StrokeSample, bool> holds) => new(samples.Count(holds), samples.Count);
    }

    /// <summary>
    /// Parts the scatter of the white by analysis of variance: within a table it is the hands', between tables the table's.
    /// </summary>
    private static (double Hands, double Table) Sources(IReadOnlyList<StrokeSample> samples)
    {
        var groups = samples.Where(sample => sample.White is not null).GroupBy(sample => sample.Table)
            .Select(group => group.Select(sample => sample.White!.Value).ToList()).Where(group => group.Count > 1).ToList();
        if (groups.Count < 2) return (0, 0);
        var (handsX, tableX) = Parts(place => place.X);
        var (handsY, tableY) = Parts(place => place.Y);
        return (Math.Sqrt(handsX + handsY), Math.Sqrt(Math.Max(0, tableX) + Math.Max(0, tableY)));

        (double Hands, double Table) Parts(Func<Place, double> axis)
        {
            var within = groups.Average(group => group.Select(axis).Variance());
            var each = groups.Average(group => (double)group.Count);
            return (within, groups.Select(group => group.Average(axis)).Variance() - within / each);
        }
    }
}
