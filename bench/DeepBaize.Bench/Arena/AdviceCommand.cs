using DeepBaize.Bench.Long;
using DeepBaize.Evidence.Advice;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>advice strokes</c> tells what the planner tells players to play: kinds of stroke, height, side, pace; <c>advice coach</c> plans the
/// coach's positions (<c>--visits 600 --name part</c> plays misses out), <c>advice school</c> what obeying the school costs,
/// <c>advice given-away</c> what plans give away (<c>--positions 24 --visits 600</c>):
/// <c>--players club --strokes 300 --budget 1000 --seed 50000</c>.
/// </summary>
internal static class AdviceCommand
{
    public static int Run(string[] args)
    {
        var options = new Options(args);
        if (args.ElementAtOrDefault(1) == "coach")
        {
            var found = CoachCheck.Run(options.Number("budget", 1000), options.Number("visits", 0), options.Text("name", ""));
            foreach (var figure in found.Figures) Console.WriteLine(figure);
            return 0;
        }

        foreach (var player in options.Players("club"))
        {
            if (args.ElementAtOrDefault(1) == "school")
            {
                Console.WriteLine(SchoolCost.Of(
                    ArenaMatch.Club, player, options.Number("strokes", 300), 1500, options.Number("budget", 1000),
                    options.Number("seed", 50_000)));
                continue;
            }

            if (args.ElementAtOrDefault(1) == "given-away")
            {
                var visits = options.Number("visits", 200);
                Console.WriteLine(GivenAway.Of(
                    ArenaMatch.Club, player,
                    new GivenAwaySize(
                        options.Number("positions", 24), options.Number("budget", CoachCheck.Budget), [visits / 10, visits / 3, visits],
                        visits, options.Number("seed", 50_000)),
                    here =>
                    {
                        Console.WriteLine($"{here.Worth:0.0} points, {here.Cost:0.0} given away");
                        foreach (var stroke in here.Strokes) Console.WriteLine($"  {stroke}");
                    }));
                continue;
            }

            var told = Told.Of(
                ArenaMatch.Club, player, options.Number("strokes", 300), options.Number("budget", 1000), options.Number("seed", 50_000));
            foreach (var line in told.Tell(player.Name)) Console.WriteLine(line);
        }

        return 0;
    }
}
