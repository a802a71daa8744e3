using System.Globalization;
using DeepBaize.Planning.Players;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>arena</c>: plays out seeded layouts with the policies and compares them: <c>--players club,league,expert --policies
/// potter,one-ahead,planner --layouts 100 --replicates 8 --budget 1000 --seed 50000</c>. With <c>--policies strokes</c> it tells what the
/// planner chooses: kinds of stroke, height, side, pace.
/// </summary>
internal static class ArenaCommand
{
    public static int Run(string[] args)
    {
        string Option(string name, string usual) =>
            Array.IndexOf(args, "--" + name) is >= 0 and var at && at + 1 < args.Length ? args[at + 1] : usual;
        int Number(string name, int usual) =>
            int.Parse(Option(name, usual.ToString(CultureInfo.InvariantCulture)), CultureInfo.InvariantCulture);
        var size = new ArenaSize(Number("layouts", 100), Number("replicates", 8), Number("budget", 1000), Number("seed", 50_000));
        var policies = Option("policies", "potter,one-ahead,planner").Split(',');
        foreach (var name in Option("players", "club,league,expert").Split(','))
        {
            var player = HousePlayers.Find(name) ?? throw new ArgumentException($"There is no player {name}.");
            if (policies is ["strokes"])
            {
                foreach (var line in ArenaMatch.Watch(player, size).Tell(name)) Console.WriteLine(line);
                continue;
            }

            var rows = new List<ArenaRow>();
            foreach (var policy in policies)
            {
                rows.Add(ArenaMatch.Play(policy, player, size));
                Console.WriteLine($"{name}, {rows[^1]}");
                foreach (var other in rows.SkipLast(1))
                    Console.WriteLine($"{name}: {policy} over {other.Policy}: {Gain.Of(rows[^1].Points, other.Points)}");
            }
        }

        return 0;
    }
}
