using System.Diagnostics;
using System.Globalization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Players;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>arena</c>: plays out seeded layouts with the policies and compares them: <c>--players club,league,expert --policies potter,one-ahead,planner --layouts 100 --replicates 8 --budget 1000
/// --seed 50000</c>.
/// </summary>
internal static class ArenaCommand
{
    private const int Resamples = 4000;

    public static int Run(string[] args)
    {
        string Option(string name, string usual) => Array.IndexOf(args, "--" + name) is >= 0 and var at && at + 1 < args.Length ? args[at + 1] : usual;
        int Number(string name, int usual) => int.Parse(Option(name, usual.ToString(CultureInfo.InvariantCulture)), CultureInfo.InvariantCulture);
        var (layouts, replicates, budget, seed) = (Number("layouts", 100), Number("replicates", 8), Number("budget", 1000), Number("seed", 50_000));
        var policies = Option("policies", "potter,one-ahead,planner").Split(',');
        foreach (var name in Option("players", "club,league,expert").Split(','))
        {
            var player = HousePlayers.Find(name) ?? throw new ArgumentException($"There is no player {name}.");
            var rows = policies.Select(policy => Play(policy, player, layouts, replicates, budget, seed)).ToList();
            foreach (var row in rows) Console.WriteLine(row.Tell(name, budget));
            for (var i = 1; i < rows.Count; i++)
            {
                for (var j = 0; j < i; j++) Console.WriteLine($"{name}: {rows[i].Name} over {rows[j].Name}: {Compare(rows[i].Points, rows[j].Points)}");
            }
        }

        return 0;
    }

    /// <summary>A policy by its name; <c>planner-x</c> leaves out the part x of a leave's worth.</summary>
    private static IBreakPolicy Make(string name, TableInUse table, PlayerProfile player, int budget)
    {
        if (name == "potter") return new Potter(table, player, budget);
        if (name == "one-ahead") return new Searcher(name, new BreakQuestion(table, player, () => new OneAheadWorth(table, player), BreakWishes.Free, 0), budget);
        var parts = LeaveParts.All;
        foreach (var part in name.Split('-').Skip(1)) parts &= ~Enum.Parse<LeaveParts>(part, ignoreCase: true);
        return new Searcher(name, BreakPlanner.Ask(table, player, BreakWishes.Free, 0) with { Worth = () => new LeaveWorth(table, player, parts) }, budget);
    }

    private static ArenaRow Play(string policy, PlayerProfile player, int layouts, int replicates, int budget, int seed)
    {
        var table = new TableInUse(PlayingConditions.Club, TableOutline.Club);
        var visits = new Visit[layouts, replicates];
        long played = 0;
        var clock = Stopwatch.StartNew();
        Parallel.For(0, layouts, layout =>
        {
            var maker = Make(policy, table, player, budget);
            var arena = new ArenaPlay(table, player);
            for (var replicate = 0; replicate < replicates; replicate++) visits[layout, replicate] = arena.Play(maker, seed + layout, replicate);
            Interlocked.Add(ref played, maker.Played);
        });
        return new ArenaRow(policy, visits, played, clock.Elapsed.TotalSeconds);
    }

    /// <summary>By how much the mean of one is above that of the other, with a 95 % interval by bootstrap over layouts.</summary>
    private static string Compare(double[] better, double[] worse)
    {
        var random = new Random(1);
        var ratios = new double[Resamples];
        for (var i = 0; i < Resamples; i++)
        {
            var (a, b) = (0.0, 0.0);
            for (var j = 0; j < better.Length; j++)
            {
                var pick = random.Next(better.Length);
                a += better[pick];
                b += worse[pick];
            }

            ratios[i] = b == 0 ? 0 : a / b - 1;
        }

        Array.Sort(ratios);
        return FormattableString.Invariant(
            $"{better.Sum() / worse.Sum() - 1:+0.0 %;-0.0 %}, 95 % interval {ratios[(int)(0.025 * Resamples)]:+0.0 %;-0.0 %} to {ratios[(int)(0.975 * Resamples)]:+0.0 %;-0.0 %}");
    }

    private sealed record ArenaRow(string Name, Visit[,] Visits, long Played, double Seconds)
    {
        private IEnumerable<Visit> All => Visits.Cast<Visit>();

        /// <summary>Mean points of each layout.</summary>
        public double[] Points => [.. Enumerable.Range(0, Visits.GetLength(0)).Select(layout => Enumerable.Range(0, Visits.GetLength(1)).Average(replicate => Visits[layout, replicate].Points))];

        public string Tell(string player, int budget)
        {
            var (strokes, pots, kept) = (All.Sum(visit => visit.Strokes), All.Sum(visit => visit.Pots), All.Sum(visit => visit.Kept));
            var colours = All.Sum(visit => visit.Colours);
            return FormattableString.Invariant(
                $"{player}, {Name}: {All.Average(visit => visit.Points):0.00} points a visit of {All.Count()}, {(double)pots / Math.Max(1, strokes):0.0 %} potted, position kept {(double)kept / Math.Max(1, pots):0.0 %}, {(double)(All.Sum(visit => visit.Points) - pots + colours) / Math.Max(1, colours):0.00} points a colour, best break {All.Max(visit => visit.Points)}, budget {budget}, {(double)Played / Math.Max(1, strokes):0} strokes simulated a decision, {Seconds:0} s");
        }
    }
}
