using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>How the straight line square to the potting line meets a second ball, as plain geometry.</summary>
/// <param name="Passes">Signed metres by which the line passes the second ball's centre, positive to the left of the white's way.</param>
/// <param name="Distance">Metres from the contact to the second ball.</param>
/// <param name="Diameter">Diameter of the balls.</param>
public readonly record struct CannonLine(double Passes, double Distance, double Diameter)
{
    /// <summary>How much of the second ball is covered; 0 when it is missed.</summary>
    public double Fraction => FractionWhenTurned(0);

    /// <summary>How much of it is covered when the leaving line turns, in radians anticlockwise.</summary>
    public double FractionWhenTurned(double turnRadians)
    {
        var along = Math.Sqrt(Math.Max(0, Distance * Distance - Passes * Passes));
        var passes = Passes * Math.Cos(turnRadians) + along * Math.Sin(turnRadians);
        return Math.Max(0, 1 - Math.Abs(passes) / Diameter);
    }

    /// <summary>The stun line of a pot beside a second ball.</summary>
    /// <param name="line">The pot.</param>
    /// <param name="second">Centre of the second ball.</param>
    /// <param name="diameter">Diameter of the balls in metres.</param>
    public static CannonLine Of(PottingLine line, Place second, double diameter)
    {
        // The white leaves square to the potting line, on the side away from the cut.
        var heading = line.BallHeading - Math.CopySign(Math.PI / 2, line.CutRadians);
        var (dx, dy) = (second.X - line.Contact.X, second.Y - line.Contact.Y);
        var passes = Math.Sin(heading) * dx - Math.Cos(heading) * dy;
        return new CannonLine(passes, Math.Sqrt(dx * dx + dy * dy), diameter);
    }
}

/// <summary>A stroke that pots a ball and then meets a second.</summary>
/// <param name="Dials">Its dials.</param>
/// <param name="DirectionRadians">The cue's direction.</param>
/// <param name="Fraction">How much of the second ball is covered.</param>
/// <param name="ChangePerDegree">Change of that fraction when the white leaves a degree to the left.</param>
/// <param name="SecondSpeed">Speed in m/s that the second ball takes.</param>
/// <param name="WhiteRest">Where the white stops; null when it falls.</param>
/// <param name="SecondRest">Where the second ball stops; null when it falls.</param>
public sealed record Cannon(
    Dials Dials, double DirectionRadians, double Fraction, double ChangePerDegree, double SecondSpeed, Place? WhiteRest, Place? SecondRest);

/// <summary>Looks for strokes that pot a first ball and meet a second at a chosen thickness.</summary>
public sealed class CannonFinder
{
    private const int Heights = 13;
    private const int Paces = 9;

    private readonly TableInUse _table;
    private readonly PotSolver _solver;
    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();

    /// <summary>Prepares a table; one instance serves one thread.</summary>
    public CannonFinder(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, _solver) = (table, new PotSolver(table));
        _simulation = new TableSimulation(table.Conditions, table.Outline);
    }

    /// <summary>
    /// Strokes over height and pace that pot the ball and then meet the second, the nearest to the chosen thickness first.
    /// </summary>
    /// <param name="layout">The balls.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="second">The ball to meet.</param>
    /// <param name="side">Side of the strokes in ball radii.</param>
    /// <param name="fraction">Chosen thickness at the second ball, 0 to 1.</param>
    /// <param name="cancel">Stops the search.</param>
    public IReadOnlyList<Cannon> Find(
        Layout layout, Pot pot, BallId second, double side, double fraction, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var most = Dials.SafeHeightWith(side);
        var found = new List<Cannon>();
        foreach (var pace in DialMap.Steps(2, Math.Clamp(CueStrike.HardestPace(Dials.SafeHeight, _table.Conditions), 2, 8), Paces))
        {
            cancel.ThrowIfCancellationRequested();
            foreach (var height in DialMap.Steps(-most, most, Heights))
            {
                if (Try(layout, pot, second, Dials.AtPace(pace, side, height)) is { } cannon) found.Add(cannon);
            }
        }

        return [.. found.OrderBy(cannon => Math.Round(Math.Abs(cannon.Fraction - fraction) * 20))
            .ThenBy(cannon => Math.Abs(cannon.ChangePerDegree)).ThenBy(cannon => cannon.Dials.WhiteSpeed)];
    }

    private Cannon? Try(Layout layout, Pot pot, BallId second, Dials dials)
    {
        if (_solver.Solve(layout, pot, dials, withWindow: false).Solution is not { } solution) return null;
        _record.Events.Clear();
        _record.Segments.Clear();
        _simulation.Run(layout, solution.Strike, _result, _record);
        var first = _record.Events.FindIndex(told => told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue);
        var next = _record.Events.FindIndex(first + 1, told => told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue);
        if (next < 0 || _record.Events[next].Balls[1].Ball != second) return null;
        if (_result.Potted.All(potted => potted.Ball != pot.Ball || potted.Pocket != pot.Pocket)) return null;
        var (white, ball) = (_record.Events[next].Balls[0].Before, _record.Events[next].Balls[1]);
        var way = _record.Events[first].Balls[0].Before.Place.DistanceTo(white.Place);
        return new Cannon(
            dials,
            solution.Strike.DirectionRadians,
            FractionOf(white.Velocity.X, white.Velocity.Y, white.Place, ball.Before.Place),
            SignedChange(white.Velocity.X, white.Velocity.Y, white.Place, ball.Before.Place, way),
            ball.After.Velocity.Length,
            _result[BallId.Cue],
            _result[second]);
    }

    private static double Passes(double vx, double vy, Place white, Place ball) =>
        (vy * (ball.X - white.X) - vx * (ball.Y - white.Y)) / Math.Sqrt(vx * vx + vy * vy);

    private double FractionOf(double vx, double vy, Place white, Place ball) =>
        1 - Math.Min(1, Math.Abs(Passes(vx, vy, white, ball)) / _table.Diameter);

    /// <summary>A turn of the leaving line shifts the white at the second ball by the way between, to the left.</summary>
    private double SignedChange(double vx, double vy, Place white, Place ball, double way)
    {
        var passes = Passes(vx, vy, white, ball);
        var turned = passes + way * Math.PI / 180;
        return (Math.Abs(passes) - Math.Abs(turned)) / _table.Diameter;
    }
}
