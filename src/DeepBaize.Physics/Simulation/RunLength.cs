using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <summary>
/// How far the white runs alone on a table: from the baulk cushion, struck in the centre, straight up the table,
/// in lengths from cushion to cushion.
/// </summary>
public static class RunLength
{
    private const double ClearOfSpots = 0.45;

    /// <summary>One length: the way of the centre from cushion to cushion, rounded as players use it, in metres.</summary>
    public const double Metres = 3.517;

    /// <summary>Lengths that the white runs when it leaves the tip at a speed.</summary>
    /// <param name="simulation">A simulation of the table.</param>
    /// <param name="conditions">The same table's conditions.</param>
    /// <param name="outline">The same table's outline.</param>
    /// <param name="whiteSpeed">White speed in m/s, above 0.</param>
    public static double Of(TableSimulation simulation, PlayingConditions conditions, TableOutline outline, double whiteSpeed)
    {
        ArgumentNullException.ThrowIfNull(simulation);
        ArgumentNullException.ThrowIfNull(conditions);
        ArgumentNullException.ThrowIfNull(outline);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(whiteSpeed);
        var start = new Place(conditions.Gauge.CushionInset, ClearOfSpots);
        var layout = LayoutRules.TryBuild([new PlacedBall(BallId.Cue, start)], outline, conditions.Gauge, LayoutMode.Free, out _)
            ?? throw new InvalidOperationException("The white cannot stand on the baulk cushion of this table.");
        var record = new ShotRecord();
        simulation.Play(layout, new Strike(0, whiteSpeed, 0, 0), record);
        return record.Segments.Sum(Way) / Metres;
    }

    /// <summary>Length of a straight piece of path; it may turn round within the piece.</summary>
    private static double Way(PathSegment piece)
    {
        var (a, b, c) = (piece.Start.X, piece.Control.X, piece.End.X);
        var bend = a - 2 * b + c;
        var turn = bend == 0 ? 0 : (a - b) / bend;
        if (turn is <= 0 or >= 1) return Math.Abs(c - a);
        var there = a + turn * (b - a);
        return Math.Abs(there - a) + Math.Abs(c - there);
    }
}
