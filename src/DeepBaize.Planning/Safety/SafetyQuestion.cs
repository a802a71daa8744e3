using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;

namespace DeepBaize.Planning.Safety;

/// <summary>What a search for what to leave is about.</summary>
/// <param name="Table">The table, taken as it is.</param>
/// <param name="Striker">Who is at the table.</param>
/// <param name="Opponent">Who comes to the table then.</param>
/// <param name="Seed">Seed of the draws.</param>
/// <param name="Threads">Threads at most; the answer does not depend on it.</param>
/// <param name="Doubt">How far the table may be from what it is taken to be, when strokes are judged; null for not at all.</param>
/// <param name="Daring">
/// How much the striker dares: what the opponent may score counts once at 0, half at 1 and twice at -1; -1 to 1.
/// </param>
public sealed record SafetyQuestion(
    TableInUse Table, PlayerProfile Striker, PlayerProfile Opponent, int Seed, int Threads = 1, TableDoubt? Doubt = null,
    double Daring = 0)
{
    /// <summary>Weight of the opponent's points against one's own.</summary>
    public double Fear => Math.Pow(2, -Daring);
}
