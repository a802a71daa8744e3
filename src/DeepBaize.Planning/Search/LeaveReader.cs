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
/// <param name="IsServed">True when the stroke does what it is for: for a pot, when the ball falls.</param>
/// <param name="IsOver">True when the stroke is good and no ball is left but the white: nothing is to follow.</param>
/// <param name="Pots">Next pots, the likeliest first; empty without a pot.</param>
/// <param name="Contact">The white's first contact; null for none.</param>
/// <param name="Cushions">Cushions that the white meets.</param>
/// <param name="NextSide">On which side of the likeliest next colour it stops; null where none is to come.</param>
public sealed record LeaveReading(
    Place? White, PocketId? InOff, bool IsServed, bool IsOver, IReadOnlyList<LeavePot> Pots, FirstContact? Contact,
    int Cushions, SideOfStraight? NextSide)
{
    /// <summary>How far pace is out in the rows "if it runs past" and "if it falls short".</summary>
    public const double PaceShare = 0.12;

    /// <summary>Next pots that are one in two or better.</summary>
    public IEnumerable<LeavePot> On => Pots.Where(pot => pot.IsOn);
}

/// <summary>Looks at what a stroke leaves when it is played as meant, too hard and too soft.</summary>
public sealed class LeaveReader
{
    /// <summary>How many of the likeliest pots are found on the simulator.</summary>
    private const int Sharpened = 2;

    private readonly TableInUse _table;
    private readonly PlayerProfile _player;
    private readonly TrialTable _trials;
    private readonly LeaveGauge _gauge;

    /// <summary>Prepares a player on a table; one instance serves one thread.</summary>
    public LeaveReader(TableInUse table, PlayerProfile player)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, _player) = (table, player);
        (_trials, _gauge) = (new TrialTable(table), new LeaveGauge(table, player));
    }

    /// <summary>What a stroke leaves.</summary>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="paceShare">How far the white's speed is out: 0.12 is 12 % too hard.</param>
    public LeaveReading Of(TrialQuestion question, double paceShare = 0) => Read(Try(question, paceShare));

    /// <summary>
    /// The same as a stroke's leave, with the chances of the likeliest pots no longer estimated from straight lines but found on the
    /// simulator, at a sensible pace and as they have to be cued: what is shown to a player.
    /// </summary>
    /// <param name="question">The stroke and its frame.</param>
    /// <param name="paceShare">How far the white's speed is out.</param>
    public LeaveReading Sharp(TrialQuestion question, double paceShare = 0)
    {
        var trial = Try(question, paceShare);
        var leave = Read(trial);
        if (leave.White is null || leave.Pots.Count == 0) return leave;
        var frame = trial.Ruling.Next;
        if (LayoutRules.TryBuild([.. frame.Balls], _table.Outline, frame.Gauge, LayoutMode.Free, out _) is not { } next) return leave;
        var solver = new PotSolver(_table);
        var pots = leave.Pots.Select((found, i) => i < Sharpened ? Sharpen(solver, next, found) : found).Where(found => found.Chance > 0);
        return leave with { Pots = [.. pots.OrderByDescending(found => found.Chance)] };
    }

    private Trial Try(TrialQuestion question, double paceShare)
    {
        ArgumentNullException.ThrowIfNull(question);
        var strike = question.Stroke.Strike;
        var played = question.Stroke with { Strike = strike with { WhiteSpeed = strike.WhiteSpeed * (1 + paceShare) } };
        return _trials.Play(question with { Stroke = played }, StrokeDraw.Exact);
    }

    private LeaveReading Read(Trial trial)
    {
        var goesOn = trial.IsGood && trial.Ruling.StaysAtTable;
        var isOver = trial.IsGood && trial.Ruling.Next.Balls.All(placed => placed.Ball == BallId.Cue);
        var pots = goesOn ? _gauge.Read(trial.Ruling.Next) : [];
        return new LeaveReading(
            trial.Result[BallId.Cue], trial.InOff, trial.IsServed, isOver, pots, trial.Result.FirstContact,
            trial.Result.WhiteCushions.Count, pots.Count > 0 ? NextSide.Of(_table, trial.Ruling.Next, pots[0].Pot) : null);
    }

    private LeavePot Sharpen(PotSolver solver, Layout next, LeavePot found)
    {
        var pot = found.Pot with { Part = PocketPart.Opening };
        var pace = PotMatrix.SensiblePace(_table, PottingLine.Of(next, pot, _table));
        if (solver.Solve(next, pot, Dials.AtPace(pace)).Solution is not { } solution) return found with { Chance = 0 };
        var cued = CueingReader.Deliver(_table, next, _player, solution.Strike, new PotIntent(pot));
        return found with { Chance = new FastChance(solver).Of(next, solution, cued.Delivery), Way = cued.Way };
    }
}
