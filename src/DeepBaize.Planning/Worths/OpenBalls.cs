using DeepBaize.Planning.Leaves;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// How well each ball can be potted from a comfortable place of the white: what a table has to give, wherever the white lies.
/// </summary>
public sealed class OpenBalls
{
    /// <summary>How far behind the contact the white is thought to lie, in metres, and the cut.</summary>
    private const double Run = 0.8;

    private const int MostKnown = 64;

    private readonly LeaveGauge _gauge;
    private readonly Dictionary<PotLines, double[]> _known = new(ReferenceEqualityComparer.Instance);

    /// <summary>Prepares a player on a table.</summary>
    public OpenBalls(LeaveGauge gauge)
    {
        ArgumentNullException.ThrowIfNull(gauge);
        _gauge = gauge;
        Comfortable = gauge.ChanceFrom(Run, PocketId.TopGreenSide, new Place(2.8, 1.0));
    }

    /// <summary>Chance of a comfortable pot: the white and a ball 0.8 m apart, the ball a metre from a top pocket.</summary>
    public double Comfortable { get; }

    /// <summary>How well a ball can be potted, 0 to 1: the chance of its best open pocket as a share of a comfortable pot.</summary>
    /// <param name="balls">The balls without the white.</param>
    /// <param name="index">Which of them.</param>
    public double Of(IReadOnlyList<PlacedBall> balls, int index) => Of(balls)[index];

    /// <summary>The same for every ball, in their order.</summary>
    /// <param name="balls">The balls without the white.</param>
    public IReadOnlyList<double> Of(IReadOnlyList<PlacedBall> balls)
    {
        ArgumentNullException.ThrowIfNull(balls);
        return Of(_gauge.LinesOf(balls));
    }

    /// <summary>The same for balls whose lines are known.</summary>
    /// <param name="lines">The lines of the balls.</param>
    public IReadOnlyList<double> Of(PotLines lines)
    {
        ArgumentNullException.ThrowIfNull(lines);
        if (_known.TryGetValue(lines, out var known)) return known;
        if (_known.Count >= MostKnown) _known.Clear();
        var open = new double[lines.Balls.Length];
        foreach (var line in lines.Lines)
        {
            if (line.IsClear) open[line.Index] = Math.Max(open[line.Index], Math.Min(1, _gauge.ChanceFrom(line, Run) / Comfortable));
        }

        return _known[lines] = open;
    }
}
