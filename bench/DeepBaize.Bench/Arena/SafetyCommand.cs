using DeepBaize.Evidence.Advice;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Rules;
using DeepBaize.Words;

namespace DeepBaize.Bench.Arena;

/// <summary>
/// <c>safety</c>: plays situations in which nothing is on: <c>--striker club --opponent club --policies search,thin,as-meant
/// --situations 200 --draws 40 --budget 4000 --seed 500000</c>; <c>safety coach --budget 16000 --name part</c> asks the coach's positions.
/// </summary>
internal static class SafetyCommand
{
    public static int Run(string[] args)
    {
        var options = new Options(args);
        if (args.ElementAtOrDefault(1) == "coach") return AskCoach(options.Number("budget", 16_000), options.Text("name", ""));
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

        PlayerProfile Player(string role) => HousePlayers.Find(options.Text(role, "club"))
            ?? throw new ArgumentException($"There is no player {options.Text(role, "")}.");
    }

    private static int AskCoach(int budget, string name)
    {
        var (right, asked) = (0, SafetyPosition.All.Where(one => one.Name.Contains(name, StringComparison.OrdinalIgnoreCase)).ToList());
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
