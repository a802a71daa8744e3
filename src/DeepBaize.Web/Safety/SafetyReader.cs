using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Web.Breaks;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Safety;

/// <summary>A frame in which it is asked what to leave, read and found possible.</summary>
internal sealed record SafetyScene(
    TableInUse Table, FrameState Frame, PlayerProfile Player, PlayerProfile? Opponent, double Daring, TableDoubt Doubt, int Budget,
    int Seed, Strike? Mine)
{
    /// <summary>It as a question to the planner.</summary>
    public SafetyQuestion Plan(int threads) => new(Table, Player, Opponent ?? Player, Seed, threads, Doubt, Daring);
}

/// <summary>Reads questions about what to leave and refuses what makes no sense.</summary>
internal static class SafetyReader
{
    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static SafetyScene Read(SafetyQuestionInput question)
    {
        var (_, table, _, frame) = BreakReader.ReadFrame(question.Balls, question.State, question.Profile, question.Coefficients);
        return new SafetyScene(
            table, frame, PlayerReader.Read(question.Player), question.Opponent is { } opponent ? PlayerReader.Read(opponent) : null,
            FieldReader.Within(question.Daring, -1, 1, "daring"), ChanceReader.ReadDoubt(question.Doubt),
            BreakReader.ReadBudget(question.Budget), question.Seed,
            question.Mine is { } mine ? StrikeReader.Read(mine, table.Conditions) : null);
    }
}
