using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>Finds the direction of a stroke from what it is for and how it is struck. One instance serves one thread.</summary>
public sealed class IntentAimer
{
    private readonly PotSolver _solver;

    /// <summary>Prepares a table.</summary>
    /// <param name="table">The table.</param>
    public IntentAimer(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        _solver = new PotSolver(table);
    }

    /// <summary>Strokes simulated so far.</summary>
    public int Played => _solver.Played;

    /// <summary>
    /// Aims a stroke: a pot is solved, a ball or a place is played at straight. Ways by cushions are for escapes to find.
    /// </summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="intent">What it is for.</param>
    /// <param name="dials">How it is struck.</param>
    /// <returns>The stroke; null when the pot does not go so, or the ball is not there.</returns>
    public Strike? Aim(Layout layout, Intent intent, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return intent switch
        {
            PotIntent pot => _solver.Solve(layout, pot.Pot, dials, withWindow: false).Solution?.Strike,
            HitIntent hit => layout[hit.Target] is { } ball ? Straight(layout, ball, dials) : null,
            ReachIntent reach => Straight(layout, reach.Place, dials),
            _ => throw new ArgumentOutOfRangeException(nameof(intent)),
        };
    }

    private Strike? Straight(Layout layout, Place at, Dials dials) =>
        StraightAim.Strike(layout, dials, at, _solver.Table.Conditions);
}
