using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>A stroke that curves round what is in the way and meets a ball first.</summary>
/// <param name="Strike">The stroke along the middle of its window.</param>
/// <param name="Fraction">How much of the ball is covered then, 0 to 1.</param>
/// <param name="WindowRadians">Width of the directions that meet the ball first.</param>
public readonly record struct SwerveStroke(Strike Strike, double Fraction, double WindowRadians);

/// <summary>
/// Finds strokes with side and a raised butt that pass a ball in the way and meet another first, without jumping over anything. For each
/// tip, pace and elevation the directions about the straight line are looked through on the simulator; the ends of what meets the ball are
/// then found by halving. One instance serves one thread.
/// </summary>
public sealed class SwerveFinder
{
    private const double Reach = 0.45;
    private const int Directions = 90;
    private const double EndsWithin = 1e-6;

    private static readonly double[] Degrees = [8, 15, 25, 35, 45, 55, 65];
    private static readonly double[] Sides = [0.2, 0.3, 0.4];

    /// <summary>Low tips keep the white sliding, and so curving, for longer.</summary>
    private static readonly double[] Heights = [0, -0.2, -0.35];
    private static readonly double[] Paces = [3, 4, 5, 6, 7];

    private readonly TableSimulation _simulation;
    private readonly StrokeResult _result = new();

    /// <summary>Prepares a table.</summary>
    /// <param name="table">The table.</param>
    public SwerveFinder(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        _simulation = new TableSimulation(table.Conditions, table.Outline);
    }

    /// <summary>Strokes simulated so far.</summary>
    public int Played { get; private set; }

    /// <summary>The strokes with the widest windows, the widest first, each with another tip, pace or butt.</summary>
    /// <param name="layout">The balls; with the white and the target.</param>
    /// <param name="target">The ball to meet.</param>
    /// <param name="most">Most strokes to tell, 1 or more.</param>
    /// <returns>The strokes; none when no curve goes round, or the ball is not there.</returns>
    public IReadOnlyList<SwerveStroke> Find(Layout layout, BallId target, int most)
    {
        ArgumentNullException.ThrowIfNull(layout);
        if (layout[BallId.Cue] is not { } white || layout[target] is not { } ball) return [];
        var straight = white.HeadingTo(ball);
        var found = new List<SwerveStroke>();
        foreach (var dials in AllDials())
        {
            if (Widest(layout, target, dials, straight) is { } stroke) found.Add(stroke);
        }

        return [.. found.OrderByDescending(stroke => stroke.WindowRadians).Take(most)];
    }

    private static IEnumerable<Dials> AllDials() =>
        from degrees in Degrees
        from side in Sides
        from way in new[] { 1, -1 }
        from height in Heights
        where -height <= Dials.SafeHeightWith(side)
        from pace in Paces
        select Dials.AtPace(pace, way * side, height) with { ElevationRadians = degrees * Math.PI / 180 };

    private SwerveStroke? Widest(Layout layout, BallId target, Dials dials, double straight)
    {
        // The white starts on the other side of the line from that to which it curves.
        var away = Math.Sign(dials.Side);
        SwerveStroke? widest = null;
        var from = double.NaN;
        for (var i = 0; i <= Directions; i++)
        {
            var turn = i * Reach / Directions;
            var meets = i < Directions && Meets(layout, target, dials.Along(straight + away * turn));
            if (meets && double.IsNaN(from)) from = turn;
            if (meets || double.IsNaN(from)) continue;
            var stroke = Between(layout, target, dials, straight, away, from, turn);
            if (widest is not { } best || stroke.WindowRadians > best.WindowRadians) widest = stroke;
            from = double.NaN;
        }

        return widest;
    }

    /// <summary>The stroke along the middle of a window whose first and first missing direction are known.</summary>
    private SwerveStroke Between(Layout layout, BallId target, Dials dials, double straight, int away, double first, double missing)
    {
        const double step = Reach / Directions;
        var low = first == 0 ? 0 : End(first, first - step);
        var high = End(missing - step, missing);
        var strike = dials.Along(straight + away * (low + high) / 2);
        var fraction = Meets(layout, target, strike) ? _result.FirstContact!.Value.Fraction : 0;
        return new SwerveStroke(strike, fraction, high - low);

        double End(double meets, double misses)
        {
            while (Math.Abs(misses - meets) > EndsWithin)
            {
                var middle = (meets + misses) / 2;
                if (Meets(layout, target, dials.Along(straight + away * middle))) meets = middle;
                else misses = middle;
            }

            return meets;
        }
    }

    private bool Meets(Layout layout, BallId target, in Strike strike)
    {
        Played++;
        _simulation.RunUntilDecided(layout, strike, target, _result);
        return _result.FirstContact?.Ball == target && _result.WhiteCushions.Count == 0 && _result.Passed.Count == 0;
    }
}
