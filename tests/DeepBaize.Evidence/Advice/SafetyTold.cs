using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Evidence.Advice;

/// <summary>How what is told of safeties stands against strokes that are counted.</summary>
/// <param name="Situations">Situations.</param>
/// <param name="Illegal">Strokes that are foul when they are played as meant.</param>
/// <param name="Fouls">Mean difference between the chance of a foul that is told and that which is counted, without sign.</param>
/// <param name="Scores">The same for the chance that the opponent scores next.</param>
/// <param name="Bias">The same with its sign: what is told less what is counted.</param>
/// <param name="Kinds">How often each kind of answer was told.</param>
public sealed record SafetyToldReport(
    int Situations, int Illegal, double Fouls, double Scores, double Bias, IReadOnlyDictionary<SafetyKind, int> Kinds)
{
    public override string ToString() =>
        $"{Situations} situations, {Illegal} illegal as meant; told and counted are {100 * Fouls:0.0} points apart for fouls and "
        + $"{100 * Scores:0.0} for the opponent's next pot (bias {100 * Bias:+0.0;-0.0}); "
        + string.Join(", ", Kinds.OrderByDescending(kind => kind.Value).Select(kind => $"{kind.Key} {kind.Value}"));
}

/// <summary>
/// Counts what safeties that are told come to: fouls by the referee, and the pot that is best for the opponent, which is then played.
/// </summary>
public static class SafetyTold
{
    /// <summary>A striker has nothing on who has no pot above this chance.</summary>
    private const double MostChance = 0.35;

    private const int PotBudget = 120;
    private const int NoiseSeed = 77_003;

    /// <summary>Seeded layouts in which a player has no pot to speak of.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="seed">The first seed that is looked at.</param>
    public static IEnumerable<FrameState> NothingOn(TableInUse table, PlayerProfile player, int seed)
    {
        var gauge = new LeaveGauge(table, player);
        for (; ; seed++)
        {
            var frame = ArenaLayouts.Of(seed);
            if (gauge.Read(frame) is not [{ Chance: > MostChance }, ..]) yield return frame;
        }
    }

    /// <summary>Tells and counts.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player; so is the opponent.</param>
    /// <param name="seed">The first seed.</param>
    /// <param name="count">How many situations.</param>
    /// <param name="budget">Budget of a plan.</param>
    /// <param name="fouls">Draws of a stroke for its fouls.</param>
    /// <param name="scores">Draws after which the opponent's next pot is played.</param>
    public static SafetyToldReport Run(TableInUse table, PlayerProfile player, int seed, int count, int budget, int fouls, int scores)
    {
        var told = new (bool IsLegal, double Fouls, double Scores, SafetyKind Kind)[count];
        var frames = NothingOn(table, player, seed).Take(count).ToList();
        Parallel.For(0, count, Play.Processors, i => told[i] = Count(table, player, frames[i], budget, fouls, scores));
        return new SafetyToldReport(
            count, told.Count(one => !one.IsLegal), told.Average(one => Math.Abs(one.Fouls)), told.Average(one => Math.Abs(one.Scores)),
            told.Average(one => one.Scores), told.GroupBy(one => one.Kind).ToDictionary(kind => kind.Key, kind => kind.Count()));
    }

    private static (bool IsLegal, double Fouls, double Scores, SafetyKind Kind) Count(
        TableInUse table, PlayerProfile player, FrameState frame, int budget, int fouls, int scores)
    {
        var best = new SafetyPlanner(new SafetyQuestion(table, player, player, 1)).Plan(frame, budget).Best!;
        var trials = new TrialTable(table);
        var layout = new FramePlayer(table, player).LayoutOf(frame)!;
        var (asked, foul, scored) = (new TrialQuestion(frame, layout, best.Judged.Stroke), 0, 0);
        var (opponent, reader) = (new TrialTable(table), new LeftReader(table, player));
        // He takes on the pot that is best for both sides of the game, as the opponent does of whom it is told.
        var search = new BreakSearch(new BreakQuestion(
            table, player, player, _ => new SafetyWorth(new SafetyQuestion(table, player, player, 1)), BreakWishes.Free, 1,
            CountsSchool: false, CountsMisses: true));
        for (var draw = 0; draw < fouls; draw++)
        {
            var ruling = trials.Play(asked, Draws.Stroke(NoiseSeed, draw)).Ruling;
            if (ruling.IsFoul) foul++;
            if (draw >= scores || ruling.StaysAtTable || ruling.End != FrameEnd.None) continue;
            var theirs = reader.Placed(ruling.Next);
            if (search.Run(theirs, PotBudget).Best is not [var pot, ..] || new FramePlayer(table, player).LayoutOf(theirs) is not { } balls)
                continue;
            if (opponent.Play(new TrialQuestion(theirs, balls, pot.Stroke), Draws.Stroke(NoiseSeed + 1, draw)).Ruling.Points > 0) scored++;
        }

        return (
            !best.Meant.Ruling.IsFoul, best.Judged.Fouls.Share - (double)foul / fouls,
            best.Judged.OpponentScores - (double)scored / scores, best.Kind);
    }
}
