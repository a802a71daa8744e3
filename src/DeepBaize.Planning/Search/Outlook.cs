using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Search;

/// <summary>What is on where the white stops.</summary>
/// <param name="White">Where it stops; null when it falls.</param>
/// <param name="InOff">The pocket into which it falls.</param>
/// <param name="IsPotted">True when the ball falls.</param>
/// <param name="Pots">Next pots, the likeliest first; empty without a pot.</param>
public sealed record Outlook(Place? White, PocketId? InOff, bool IsPotted, IReadOnlyList<LeavePot> Pots)
{
    /// <summary>How far pace is out in the rows "if it runs past" and "if it falls short".</summary>
    public const double PaceShare = 0.12;

    /// <summary>Next pots that are one in two or better.</summary>
    public IEnumerable<LeavePot> On => Pots.Where(pot => pot.IsOn);
}

/// <summary>Looks at what a stroke leaves when it is played as meant, too hard and too soft.</summary>
public sealed class OutlookReader
{
    /// <summary>How many of the likeliest pots are found on the simulator.</summary>
    private const int Sharpened = 2;

    private readonly TableInUse _table;
    private readonly PlayerProfile _player;
    private readonly TableSimulation _simulation;
    private readonly LeaveGauge _gauge;
    private readonly StrokeResult _result = new();

    /// <summary>Prepares a player on a table; one instance serves one thread.</summary>
    public OutlookReader(TableInUse table, PlayerProfile player)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, _player) = (table, player);
        (_simulation, _gauge) = (new TableSimulation(table.Conditions, table.Outline), new LeaveGauge(table, player));
    }

    /// <summary>What a stroke leaves.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="paceShare">How far the white's speed is out: 0.12 is 12 % too hard.</param>
    public Outlook Of(Layout layout, Pot pot, in Strike strike, double paceShare = 0)
    {
        ArgumentNullException.ThrowIfNull(layout);
        _simulation.Run(layout, strike with { WhiteSpeed = strike.WhiteSpeed * (1 + paceShare) }, _result);
        PocketId? inOff = null;
        var isPotted = false;
        foreach (var potted in _result.Potted)
        {
            if (potted.Ball == BallId.Cue) inOff = potted.Pocket;
            isPotted = isPotted || (potted.Ball == pot.Ball && potted.Pocket == pot.Pocket);
        }

        var leave = NextLeave.AfterStroke(layout, pot.Ball, _result);
        return new Outlook(leave.White, inOff, isPotted, isPotted ? Read(leave) : []);
    }

    /// <summary>
    /// The same as a stroke's outlook, with the chances of the likeliest pots no longer estimated from straight lines but found on the simulator, at a sensible pace and as they have to be
    /// cued: what is shown to a player.
    /// </summary>
    /// <param name="layout">The balls before the stroke.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="paceShare">How far the white's speed is out.</param>
    public Outlook Sharp(Layout layout, Pot pot, in Strike strike, double paceShare = 0)
    {
        var outlook = Of(layout, pot, strike, paceShare);
        if (outlook.White is not { } white || outlook.Pots.Count == 0) return outlook;
        var balls = NextLeave.AfterStroke(layout, pot.Ball, _result).Balls;
        var next = LayoutRules.TryBuild([new PlacedBall(BallId.Cue, white), .. balls], _table.Outline, layout.Gauge, LayoutMode.Free, out _);
        if (next is null) return outlook;
        var solver = new PotSolver(_table);
        var pots = outlook.Pots.Select((found, i) => i < Sharpened ? Sharpen(solver, next, found) : found).Where(found => found.Chance > 0);
        return outlook with { Pots = [.. pots.OrderByDescending(found => found.Chance)] };
    }

    private LeavePot Sharpen(PotSolver solver, Layout next, LeavePot found)
    {
        var pot = found.Pot with { Part = PocketPart.Opening };
        var pace = PotMatrix.SensiblePace(_table, PottingLine.Of(next, pot, _table));
        if (solver.Solve(next, pot, Dials.AtPace(pace)).Solution is not { } solution) return found with { Chance = 0 };
        var cued = CueingReader.Deliver(_table, next, _player, solution.Strike);
        return found with { Chance = new FastChance(solver).Of(next, solution, cued.Delivery), Way = cued.Way };
    }

    /// <summary>What is on from a leave.</summary>
    public IReadOnlyList<LeavePot> Read(NextLeave leave)
    {
        ArgumentNullException.ThrowIfNull(leave);
        var pots = new List<LeavePot>();
        if (leave.White is { } white) _gauge.Read(white, leave.Balls, leave.On, pots);
        return pots;
    }
}
