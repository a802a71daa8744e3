using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Words;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>safety</c>: plays situations in which nothing is on: <c>--striker club --opponent club --policies search,thin,as-meant
/// --situations 200 --draws 40 --budget 4000 --seed 500000</c>; <c>safety coach --budget 16000 --name part</c> asks the coach's positions,
/// <c>safety choices --striker club --situations 100</c> tells what kinds of stroke are told.
/// </summary>
internal static class SafetyCommand
{
    public static int Run(string[] args)
    {
        var options = new Options(args);
        if (args.ElementAtOrDefault(1) == "coach") return AskCoach(options.Number("budget", 16_000), options.Text("name", ""));
        if (args.ElementAtOrDefault(1) == "choices") return TellChoices(options);
        if (args.ElementAtOrDefault(1) == "frames") return PlayFrames(options);
        if (args.ElementAtOrDefault(1) == "play-on") return PlayOn(options);
        var (striker, opponent) = (Player("striker"), Player("opponent"));
        var arena = new SafetyArena(striker, opponent, new SafetySize(
            options.Number("situations", 200), options.Number("draws", 40), options.Number("budget", 4000),
            options.Number("seed", 500_000)));
        var situations = arena.Situations();
        var rows = new List<SafetyRow>();
        foreach (var policy in options.Text("policies", "thin,as-meant,search").Split(','))
        {
            rows.Add(arena.Play(policy, situations));
            Console.WriteLine($"{striker.Name} against {opponent.Name}, {rows[^1]}");
            foreach (var other in rows.SkipLast(1))
                Console.WriteLine($"  {policy} over {other.Policy}: {Gain.Of(rows[^1].Points, other.Points)}");
        }

        return 0;

        PlayerProfile Player(string role) => PlayerOf(options, role);
    }

    private static PlayerProfile PlayerOf(Options options, string role) => HousePlayers.Find(options.Text(role, "club"))
        ?? throw new ArgumentException($"There is no player {options.Text(role, "")}.");

    private static GameSize GamesOf(Options options) =>
        new(options.Number("pots", 250), options.Number("safeties", 500), options.Number("least", 35) / 100.0);

    private static int TellChoices(Options options)
    {
        var player = PlayerOf(options, "striker");
        var chosen = SafetiesChosen.Of(
            ArenaMatch.Club, player, options.Number("seed", 540_000), options.Number("situations", 100), options.Number("budget", 4000));
        foreach (var line in chosen.Tell(player.Name)) Console.WriteLine(line);
        return 0;
    }

    private static int PlayFrames(Options options)
    {
        var (player, count) = (PlayerOf(options, "striker"), options.Number("frames", 400));
        var won = new FrameArena(player, GamesOf(options)).Frames(count, options.Number("seed", 600_000));
        Console.WriteLine($"{player.Name}, {count} frames: {Estimate.Of(won)} won by who may play safe");
        return 0;
    }

    private static int PlayOn(Options options)
    {
        var (games, turns) = (options.Number("games", 100), options.Number("turns", 6));
        foreach (var position in Named(options.Text("name", "")))
        {
            var question = new SafetyQuestion(ArenaMatch.Club, position.Striker, position.Striker, 1, Environment.ProcessorCount);
            var plan = new SafetyPlanner(question).Plan(position.Frame, options.Number("budget", 4000));
            Console.WriteLine($"{position.Kind}, {position.Name}");
            var first = Array.Empty<double>();
            foreach (var option in plan.Others.Prepend(plan.Best!))
            {
                var leads = new FrameArena(position.Striker, GamesOf(options)).PlayOn(position.Frame, option.Judged.Stroke, games, turns);
                if (first.Length == 0) first = leads;
                var (on, over) = (Estimate.Of(leads), Estimate.OfDifferences(leads, first));
                Console.WriteLine(
                    $"    told {option.Judged.Worth:0.00}, played on {on.Mean:0.00} +- {on.Error:0.00}, "
                    + $"over the best {over.Mean:0.00} +- {over.Error:0.00}: "
                    + SafetyWords.Other(option, plan, position.Frame, ArenaMatch.Club.Conditions));
            }
        }

        return 0;
    }

    private static int AskCoach(int budget, string name)
    {
        var (right, asked) = (0, Named(name));
        foreach (var position in asked)
        {
            var question = new SafetyQuestion(ArenaMatch.Club, position.Striker, position.Striker, 1, Environment.ProcessorCount);
            var plan = new SafetyPlanner(question).Plan(position.Frame, budget);
            var wrong = position.Read(ArenaMatch.Club, plan).ToList();
            if (wrong.Count == 0) right++;
            Console.WriteLine(
                $"{(wrong.Count == 0 ? "right" : "WRONG")} {position.Kind}, {position.Name}: {string.Join("; ", wrong)}. "
                + SafetyWords.Sentence(plan, position.Frame, ArenaMatch.Club.Conditions));
            if (wrong.Count > 0) Tell(plan, position.Frame);
        }

        Console.WriteLine($"{right} of {asked.Count} right");
        return 0;
    }

    private static List<SafetyPosition> Named(string part) =>
        [.. SafetyPosition.All.Where(one => one.Name.Contains(part, StringComparison.OrdinalIgnoreCase))];

    private static void Tell(SafetyPlan plan, FrameState frame)
    {
        foreach (var option in plan.Others.Prepend(plan.Best!))
        {
            var (judged, white) = (option.Judged, option.Meant.White);
            Console.WriteLine(
                $"    {judged.Worth:0.00} +- {judged.Error:0.00}, they score {judged.OpponentScores:0.00}, foul {judged.Fouls.Share:0.00}, "
                + $"the white stops at {white?.X:0.00}, {white?.Y:0.00}. "
                + SafetyWords.Other(option, plan, frame, ArenaMatch.Club.Conditions));
        }
    }
}
