using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Bench.Arena;

/// <summary>Chooses a player's strokes.</summary>
internal interface IBreakPolicy
{
    /// <summary>Name in tables.</summary>
    string Name { get; }

    /// <summary>The stroke to play; null when nothing is on.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="seed">Seed of what the policy draws.</param>
    PlannedStroke? Choose(FrameState frame, int seed);

    /// <summary>Strokes simulated so far.</summary>
    long Played { get; }
}

/// <summary>
/// Always the likeliest pot: solved aim, centre ball at pace 4 or the least pace that reaches. The budget goes into finding which is
/// likeliest.
/// </summary>
internal sealed class Potter(TableInUse table, PlayerProfile player, int budget) : IBreakPolicy
{
    private const int Looked = 6;
    private static readonly double[] Paces = [4, 5, 6, 7, 8, 9];

    private readonly FramePlayer _frames = new(table, player);
    private readonly LeaveGauge _gauge = new(table, player);

    public string Name => "potter";

    public long Played => _frames.Played;

    public PlannedStroke? Choose(FrameState frame, int seed)
    {
        if (_frames.LayoutOf(frame) is not { } layout) return null;
        PlannedStroke? best = null;
        var most = -1;
        foreach (var pot in _gauge.Read(frame).Take(Looked))
        {
            var stroke = Paces.Select(
                pace => _frames.Aim(layout, pot.Pot with { Part = PocketPart.Opening }, Dials.AtPace(pace), BreakWishes.Free))
                .FirstOrDefault(aimed => aimed is not null);
            if (stroke is null) continue;
            var good = 0;
            Sampler.Play(
                _frames.Trials, new TrialQuestion(frame, layout, stroke), DrawSeries.Independent(seed), 0, Math.Max(1, budget / Looked),
                trial => good += trial.Ruling.Points > 0 ? 1 : 0);
            if (good > most) (best, most) = (stroke, good);
        }

        return best;
    }
}

/// <summary>
/// Chance of the pot times chance of the best next pot, over the same strokes, scatter and budget as the planner; what a miss leaves does
/// not count.
/// </summary>
internal sealed class OneAheadWorth(TableInUse table, PlayerProfile player) : IPotWorth
{
    private readonly LeaveGauge _gauge = new(table, player);

    public double Promise(FrameState frame, in LeavePot pot) => pot.Chance;

    public double Cost(Ruling ruling) => 0;

    public double After(Ruling ruling)
    {
        if (ruling.Points == 0) return 0;
        if (ruling.End != FrameEnd.None || ruling.Next.IsInHand) return 1;
        return _gauge.Read(ruling.Next) is [var best, ..] ? best.Chance : 0;
    }
}

/// <summary>A search that follows a worth.</summary>
internal sealed class Searcher(string name, BreakQuestion question, int budget) : IBreakPolicy
{
    public string Name => name;

    public long Played { get; private set; }

    public PlannedStroke? Choose(FrameState frame, int seed)
    {
        var found = new BreakSearch(question with { Seed = seed }).Run(frame, budget);
        Played += found.Played;
        return found.Best.Count == 0 ? null : found.Best[0].Stroke;
    }
}
