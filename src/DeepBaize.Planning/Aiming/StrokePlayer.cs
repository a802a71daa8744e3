using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>A stroke played to its end for a pot.</summary>
/// <param name="Strike">The stroke.</param>
/// <param name="ObjectBall">How the object ball ran.</param>
/// <param name="White">How the white went on.</param>
/// <param name="ContactRoll">The white's spin along its way at the contact as a share of natural roll; NaN when nothing was met.</param>
/// <param name="Rise">Greatest height of the white over the bed in metres; 0 when it hardly left it.</param>
public sealed record PlayedStroke(Strike Strike, ObjectBallRun ObjectBall, WhitePath White, double ContactRoll, double Rise)
{
    /// <summary>True when the ball falls into its pocket and the white stays up.</summary>
    public bool IsClean => ObjectBall.Fate == ObjectBallFate.Potted && White.Rest is not null;
}

/// <summary>Plays strokes on a table and reads what a player asks of them. One instance serves one thread.</summary>
public sealed class StrokePlayer
{
    private readonly TableInUse _table;
    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();

    /// <summary>Prepares a table.</summary>
    public StrokePlayer(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, Solver) = (table, new PotSolver(table));
        _simulation = new TableSimulation(table.Conditions, table.Outline);
    }

    /// <summary>The solver on the same table.</summary>
    public PotSolver Solver { get; }

    /// <summary>Plays a stroke.</summary>
    public PlayedStroke Play(Layout layout, Pot pot, in Strike strike)
    {
        ArgumentNullException.ThrowIfNull(layout);
        _record.Events.Clear();
        _record.Segments.Clear();
        _simulation.Run(layout, strike, _result, _record);
        return new PlayedStroke(
            strike,
            ObjectBallRun.Read(_record, pot, PottingLine.Of(layout, pot, _table).Point, _table.Conditions.Gauge.CushionInset),
            WhitePath.Read(_record, _result, _table.Conditions.Balls.Radius),
            _result.FirstContact is { } contact ? SpinOf.Roll(contact.White, _table.Conditions.Balls.Radius) : double.NaN,
            _result.WhiteHeight);
    }

    /// <summary>Aims and plays a pot; null when it cannot be potted with these dials.</summary>
    public PlayedStroke? PlayPot(Layout layout, Pot pot, Dials dials) =>
        Solver.Solve(layout, pot, dials, withWindow: false).Solution is { } solution ? Play(layout, pot, solution.Strike) : null;

    /// <summary>The white's spin along its way when it meets the ball, as a share of natural roll; NaN when it does not meet it.</summary>
    internal double RollAtContact(Layout layout, BallId ball, in Strike strike)
    {
        _simulation.RunUntilDecided(layout, strike, ball, _result);
        return _result.FirstContact is { } contact
            && contact.Ball == ball ? SpinOf.Roll(contact.White, _table.Conditions.Balls.Radius) : double.NaN;
    }
}
