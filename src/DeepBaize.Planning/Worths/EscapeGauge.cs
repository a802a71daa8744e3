using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using MathNet.Numerics;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// Estimates in microseconds how often a snookered player hits a ball that is on: straight lines off one cushion, with cushions as mirrors,
/// and the player's spread of direction. It plays nothing. One instance serves one thread.
/// </summary>
/// <param name="table">The table.</param>
/// <param name="player">The player.</param>
public sealed class EscapeGauge(TableInUse table, PlayerProfile player)
{
    /// <summary>
    /// How much wider than the hands' own the spread is off a cushion: where it comes off is judged by eye. So a club player hits a ball
    /// off a cushion some two times in three over 3.5 m, and a league player nine times in ten (estimate, common practice without a
    /// source).
    /// </summary>
    private const double CushionSpread = 12;

    /// <summary>Chance to hit where no way off one cushion is open: two or more are left (estimate).</summary>
    private const double Otherwise = 0.35;

    /// <summary>A way comes to a cushion no nearer than this to its end, in metres.</summary>
    private const double PocketRoom = 0.09;

    private readonly double _spread = Spread(table, player);
    private readonly double _diameter = table.Diameter;
    private readonly double _inset = table.Conditions.Gauge.CushionInset;

    /// <summary>Spread of the white's direction in radians when it is to come off a cushion.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    public static double Spread(TableInUse table, PlayerProfile player) => CushionSpread * CueingReader.DirectionSpread(table, player);

    /// <summary>Chance, 0 to 1, to hit one of the balls that are on.</summary>
    /// <param name="frame">The frame, with the white on the table.</param>
    public double Hit(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.White is not { } white) return 1;
        var balls = frame.ObjectBalls.ToArray();
        var on = frame.Playable.ToHashSet();
        var best = Otherwise;
        for (var i = 0; i < balls.Length; i++)
        {
            if (!on.Contains(balls[i].Ball)) continue;
            for (var cushion = CushionId.Baulk; cushion <= CushionId.GreenSide; cushion++)
                best = Math.Max(best, Off(cushion, white, balls, i));
        }

        return best;
    }

    /// <summary>Chance to hit a ball off a cushion; 0 when the way is shut.</summary>
    private double Off(CushionId cushion, Place white, PlacedBall[] balls, int target)
    {
        var ball = balls[target].Place;
        if (MirroredWay.By(white, ball, cushion, _inset, PocketRoom) is not { } way) return 0;
        if (Corridor.IsBlocked(balls, white, way.Meets, -1, _diameter) || Corridor.IsBlocked(balls, way.Meets, ball, target, _diameter))
            return 0;
        return SpecialFunctions.Erf(_diameter / (_spread * way.Metres * Math.Sqrt(2)));
    }
}
