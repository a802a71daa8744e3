using DeepBaize.Planning.Position;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>How well each ball can be potted from a comfortable place of the white: what a table has to give, wherever the white lies.</summary>
public sealed class OpenBalls
{
    /// <summary>How far behind the contact the white is thought to lie, in metres, and the cut.</summary>
    private const double Run = 0.8;

    private readonly LeaveGauge _gauge;

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
    public double Of(IReadOnlyList<PlacedBall> balls, int index)
    {
        ArgumentNullException.ThrowIfNull(balls);
        var best = 0.0;
        for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
        {
            if (!_gauge.IsOpen(balls, index, pocket)) continue;
            best = Math.Max(best, _gauge.ChanceFrom(Run, pocket, balls[index].Place));
        }

        return Math.Min(1, best / Comfortable);
    }
}
