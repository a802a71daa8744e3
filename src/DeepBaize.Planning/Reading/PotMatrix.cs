using System.Collections.Concurrent;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Reading;

/// <summary>How far a pot is open.</summary>
public enum PotState
{
    /// <summary>The whole pocket is open to the ball.</summary>
    Open,

    /// <summary>Only a part of the pocket is open.</summary>
    Partly,

    /// <summary>Another ball is in the way.</summary>
    Blocked,

    /// <summary>There is no line: too thin, no opening, or the pace does not reach.</summary>
    NoLine,
}

/// <summary>One ball and one pocket.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="State">How far it is open.</param>
/// <param name="Line">The pot as plain geometry.</param>
/// <param name="Pace">The sensible pace at which it was tried.</param>
/// <param name="Solution">The stroke at that pace, with its window; null when there is none.</param>
/// <param name="Refusal">Why it is not fully open.</param>
/// <param name="Blockers">Balls in the way of the white or of the ball, the worst first.</param>
/// <param name="OpensWithout">The one ball whose going opens the pot; null when none does alone.</param>
public sealed record PotEntry(
    Pot Pot, PotState State, PottingLine Line, double Pace, PotSolution? Solution, NoPot? Refusal, IReadOnlyList<NearBall> Blockers,
    BallId? OpensWithout);

/// <summary>Every ball on every pocket.</summary>
public static class PotMatrix
{
    private const double ArrivalSpeed = 0.9;
    private const double SoftestSensible = 2;
    private const double HardestSensible = 8;

    /// <summary>Reads the table.</summary>
    /// <param name="table">The table in use.</param>
    /// <param name="layout">The balls.</param>
    /// <param name="cancel">Stops the reading.</param>
    /// <returns>An entry for each object ball and pocket, in their orders.</returns>
    /// <exception cref="OperationCanceledException">The reading was stopped.</exception>
    public static IReadOnlyList<PotEntry> Read(TableInUse table, Layout layout, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(layout);
        var pots = layout.Balls.Where(placed => placed.Ball != BallId.Cue)
            .SelectMany(placed => Enum.GetValues<PocketId>().Select(pocket => new Pot(placed.Ball, pocket)))
            .ToList();
        if (pots.Count == 0) return [];
        var entries = new PotEntry[pots.Count];
        Parallel.ForEach(
            Partitioner.Create(0, pots.Count, 6),
            Sharing.Options(0, cancel),
            () => new PotSolver(table),
            (range, _, solver) =>
            {
                for (var i = range.Item1; i < range.Item2; i++)
                {
                    cancel.ThrowIfCancellationRequested();
                    entries[i] = Enter(solver, layout, pots[i]);
                }

                return solver;
            },
            _ => { });
        return entries;
    }

    /// <summary>
    /// The softest half pace, from 2 to 8, with which a pot's ball comes to the pocket with some speed left: from the losses of slide, roll
    /// and contact.
    /// </summary>
    public static double SensiblePace(TableInUse table, PottingLine line)
    {
        ArgumentNullException.ThrowIfNull(table);
        var cloth = table.Conditions.Table;
        var roll = 2 * cloth.RollingFriction * cloth.Gravity;
        // The ball slides first and rolls with 5/7 of its speed.
        var leaving = Math.Sqrt(ArrivalSpeed * ArrivalSpeed + roll * line.Distance) * 7 / 5;
        var share = Math.Max(
            0.05, (1 + table.Conditions.Balls.Restitution) / 2 * Math.Cos(Math.Min(Math.Abs(line.CutRadians), Math.PI / 2)));
        var atContact = leaving / share;
        var white = Math.Sqrt(atContact * atContact + 2 * roll * line.WhiteDistance);
        var hardest = Math.Clamp(CueStrike.HardestPace(0, table.Conditions), SoftestSensible, HardestSensible);
        return Math.Clamp(Math.Ceiling(Pace.FromSpeed(white) * 2) / 2, SoftestSensible, hardest);
    }

    private static PotEntry Enter(PotSolver solver, Layout layout, Pot pot)
    {
        var line = PottingLine.Of(layout, pot, solver.Table);
        var pace = SensiblePace(solver.Table, line);
        if (!line.IsReachable)
            return new PotEntry(pot, PotState.NoLine, line, pace, null, new NoPot(NoPotReason.TooThin, CutDegrees: line.CutDegrees), [],
                null);
        var dials = Dials.AtPace(pace);
        var answer = solver.Solve(layout, pot, dials);
        var blockers = BlockersOf(layout, pot, line);
        return new PotEntry(pot, StateOf(answer, blockers), line, pace, answer.Solution, answer.Refusal, blockers,
            OpensWithout(solver, layout, pot, dials, answer, blockers));
    }

    private static PotState StateOf(PotAnswer answer, IReadOnlyList<NearBall> blockers)
    {
        if (answer.Solution is { } solution) return solution.IsPartial || blockers.Count > 0 ? PotState.Partly : PotState.Open;
        return answer.Refusal is { Blocker: not null } ? PotState.Blocked : PotState.NoLine;
    }

    private static IReadOnlyList<NearBall> BlockersOf(Layout layout, Pot pot, PottingLine line) =>
    [
        .. Corridor.Blockers(layout, line.White, line.Contact, BallId.Cue, pot.Ball)
            .Concat(Corridor.Blockers(layout, line.Ball, line.Target, pot.Ball, BallId.Cue))
            .GroupBy(near => near.Ball).Select(group => group.MinBy(near => near.Passes))
            .OrderBy(near => near.Passes),
    ];

    private static BallId? OpensWithout(
        PotSolver solver, Layout layout, Pot pot, Dials dials, PotAnswer answer, IReadOnlyList<NearBall> blockers)
    {
        if (answer.Solution is { IsPartial: false } || blockers.Count > 1) return null;
        var blocker = blockers.Count == 1 ? blockers[0].Ball : answer.Refusal?.Blocker;
        if (blocker is not { } gone || gone == BallId.Cue || gone == pot.Ball) return null;
        var without = layout.Keeping(placed => placed.Ball != gone);
        return solver.Solve(without, pot, dials, withWindow: false).Solution is { IsPartial: false } ? gone : null;
    }
}
