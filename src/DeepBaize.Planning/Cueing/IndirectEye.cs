using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Cueing;

/// <summary>
/// How wrong the eye is about a way that is not straight: where a ball comes off a cushion, on which line a plant lies. It is told as so
/// many times the player's spread of direction, of the way on which the first ball is sent. Estimates, common practice without a source: a
/// plain double across the table goes some 3 times in 10 for a club player and 6 in 10 for the expert.
/// </summary>
public static class IndirectEye
{
    /// <summary>Least cosine of the first cut: beyond it the ball is hardly sent.</summary>
    private const double LeastCut = 0.1;

    /// <summary>Spread in radians of the way of the first ball that the eye adds.</summary>
    /// <param name="way">How the ball comes to the pocket.</param>
    /// <param name="directionSpread">The player's spread of direction in a plain stroke, in radians.</param>
    public static double Spread(IndirectWay way, double directionSpread) => directionSpread * (way switch
    {
        IndirectWay.OneCushion => 20,
        IndirectWay.TwoCushions => 30,
        IndirectWay.Plant => 5,
        _ => 8,
    });

    /// <summary>What that is at the cue, in radians: the ball's way turns with where the white meets it.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="player">The player.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="pot">What it is for.</param>
    internal static double AtTheCue(TableInUse table, Layout layout, PlayerProfile player, in Strike strike, IndirectPot pot)
    {
        var (white, ball) = (layout[BallId.Cue]!.Value, layout[pot.First]!.Value);
        var away = white.DistanceTo(ball);
        var beside = away * Math.Sin(white.HeadingTo(ball) - strike.DirectionRadians) / table.Diameter;
        var cos = Math.Max(LeastCut, Math.Sqrt(Math.Max(0, 1 - beside * beside)));
        var run = Math.Max(table.Diameter / 2, away - table.Diameter * cos);
        return Spread(pot.Way, CueingReader.DirectionSpread(table, player)) * table.Diameter * cos / run;
    }
}
