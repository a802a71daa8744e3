namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>arena</c>: plays out seeded layouts with the policies and compares them: <c>--players club,league,expert --policies
/// potter,one-ahead,planner --layouts 100 --replicates 8 --budget 1000 --seed 50000</c>.
/// </summary>
internal static class ArenaCommand
{
    public static int Run(string[] args)
    {
        var options = new Options(args);
        var size = new ArenaSize(
            options.Number("layouts", 100), options.Number("replicates", 8), options.Number("budget", 1000),
            options.Number("seed", 50_000));
        var policies = options.Text("policies", "potter,one-ahead,planner").Split(',');
        foreach (var player in options.Players("club,league,expert"))
        {
            var name = player.Name;
            var rows = new List<ArenaRow>();
            foreach (var policy in policies)
            {
                rows.Add(ArenaMatch.Play(policy, player, size));
                Console.WriteLine($"{name}, {rows[^1]}");
                foreach (var other in rows.SkipLast(1))
                {
                    var (points, both) = rows[^1].Over(other);
                    Console.WriteLine($"{name}: {policy} over {other.Policy}: {points}; with the other side's points {both}");
                }
            }
        }

        return 0;
    }
}
