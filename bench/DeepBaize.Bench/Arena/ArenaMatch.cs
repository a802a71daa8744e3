using System.Diagnostics;
using System.Globalization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Worths;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench.Arena;

/// <summary>What is played.</summary>
/// <param name="Layouts">Layouts.</param>
/// <param name="Replicates">Visits on each.</param>
/// <param name="Budget">Strokes simulated for a decision, about.</param>
/// <param name="Seed">Seed of the first layout; the others follow.</param>
internal readonly record struct ArenaSize(int Layouts, int Replicates, int Budget, int Seed)
{
    public override string ToString() => $"{Layouts} layouts x {Replicates} visits, budget {Budget}";
}

/// <summary>By how much one policy is above another, with a 95 % interval.</summary>
/// <param name="Mean">Share of the other's points, 0 for none.</param>
/// <param name="Low">Lower end.</param>
/// <param name="High">Upper end.</param>
internal readonly record struct Gain(double Mean, double Low, double High)
{
    private const int Resamples = 4000;

    /// <summary>Compares mean points by layout; the interval is by bootstrap over layouts.</summary>
    public static Gain Of(double[] better, double[] worse) => Of(better, worse, worse);

    /// <summary>Compares means by layout as a share of others; the interval is by bootstrap over layouts.</summary>
    public static Gain Of(double[] better, double[] worse, double[] of)
    {
        var random = new Random(1);
        var ratios = new double[Resamples];
        for (var i = 0; i < Resamples; i++)
        {
            var (a, b, c) = (0.0, 0.0, 0.0);
            for (var j = 0; j < better.Length; j++)
            {
                var pick = random.Next(better.Length);
                a += better[pick];
                b += worse[pick];
                c += of[pick];
            }

            ratios[i] = c == 0 ? 0 : (a - b) / c;
        }

        Array.Sort(ratios);
        return new Gain((better.Sum() - worse.Sum()) / of.Sum(), ratios[(int)(0.025 * Resamples)], ratios[(int)(0.975 * Resamples)]);
    }

    public override string ToString() => $"{Signed(Mean)}, 95 % interval {Signed(Low)} to {Signed(High)}";

    private static string Signed(double share) =>
        (share < 0 ? "-" : "+") + Math.Abs(100 * share).ToString("0.0", CultureInfo.InvariantCulture) + " %";
}

/// <summary>What a policy came to.</summary>
/// <param name="Policy">Its name.</param>
/// <param name="Visits">Its visits, by layout and replicate.</param>
/// <param name="Theirs">What the other side got after each.</param>
/// <param name="Played">Strokes simulated.</param>
/// <param name="Seconds">How long it took.</param>
internal sealed record ArenaRow(string Policy, Visit[,] Visits, int[,] Theirs, long Played, double Seconds)
{
    private IEnumerable<Visit> All => Visits.Cast<Visit>();

    /// <summary>Mean points of each layout.</summary>
    public double[] Points => Means((layout, replicate) => Visits[layout, replicate].Points);

    /// <summary>The same less what the other side got.</summary>
    public double[] BothSides => Means((layout, replicate) => Visits[layout, replicate].Points - Theirs[layout, replicate]);

    /// <summary>By how much it is above another policy, as a share of the other's points: points, and points of both sides.</summary>
    /// <param name="other">The other.</param>
    public (Gain Points, Gain BothSides) Over(ArenaRow other) =>
        (Gain.Of(Points, other.Points), Gain.Of(BothSides, other.BothSides, other.Points));

    private double[] Means(Func<int, int, double> of) =>
        [.. Enumerable.Range(0, Visits.GetLength(0))
            .Select(layout => Enumerable.Range(0, Visits.GetLength(1)).Average(replicate => of(layout, replicate)))];

    public override string ToString()
    {
        var (strokes, pots, kept) = (All.Sum(visit => visit.Strokes), All.Sum(visit => visit.Pots), All.Sum(visit => visit.Kept));
        var colours = All.Sum(visit => visit.Colours);
        var scored = (double)(All.Sum(visit => visit.Points) - pots + colours) / Math.Max(1, colours);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{Policy}: {All.Average(visit => visit.Points):0.00} points a visit of {All.Count()}, "
            + $"the other side then {Theirs.Cast<int>().Average():0.00}, "
            + $"{(double)pots / Math.Max(1, strokes):0.0 %} potted, position kept {(double)kept / Math.Max(1, pots):0.0 %}, "
            + $"{scored:0.00} points a colour, best break {All.Max(visit => visit.Points)}, "
            + $"{(double)Played / Math.Max(1, strokes):0} strokes simulated a decision, {Seconds:0} s");
    }
}

/// <summary>Plays the arena's layouts with a policy; nobody's school counts.</summary>
internal static class ArenaMatch
{
    /// <summary>The table on which is played.</summary>
    public static TableInUse Club => new(PlayingConditions.Club, TableOutline.Club);

    /// <summary>Plays all visits of a policy.</summary>
    /// <param name="policy">
    /// Its name: potter, one-ahead, planner, or planner-x for the planner whose leaves are rated without the part x.
    /// </param>
    /// <param name="player">Who plays.</param>
    /// <param name="size">How much is played.</param>
    public static ArenaRow Play(string policy, PlayerProfile player, ArenaSize size)
    {
        var table = Club;
        var (visits, theirs) = (new Visit[size.Layouts, size.Replicates], new int[size.Layouts, size.Replicates]);
        long played = 0;
        var clock = Stopwatch.StartNew();
        Parallel.For(0, size.Layouts, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, layout =>
        {
            var maker = Make(policy, table, player, size.Budget);
            var arena = new ArenaPlay(table, player);
            for (var replicate = 0; replicate < size.Replicates; replicate++)
                (visits[layout, replicate], theirs[layout, replicate]) = arena.Play(maker, size.Seed + layout, replicate);
            Interlocked.Add(ref played, maker.Played);
        });
        return new ArenaRow(policy, visits, theirs, played, clock.Elapsed.TotalSeconds);
    }

    private static IBreakPolicy Make(string name, TableInUse table, PlayerProfile player, int budget)
    {
        if (name == "potter") return new Potter(table, player, budget);
        if (name == "one-ahead")
        {
            return new Searcher(
                name,
                new BreakQuestion(
                    table, player, player, _ => new OneAheadWorth(table, player), BreakWishes.Free, 0, CountsSchool: false),
                budget);
        }

        var parts = LeaveParts.All;
        foreach (var part in name.Split('-').Skip(1)) parts &= ~Enum.Parse<LeaveParts>(part, ignoreCase: true);
        return new Searcher(name,
            BreakPlanner.Ask(table, player, BreakWishes.Free, 0) with
            {
                Worth = _ => new VisitWorth(table, player, player, parts),
                CountsSchool = false,
            }, budget);
    }
}
