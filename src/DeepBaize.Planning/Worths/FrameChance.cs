using DeepBaize.Rules;
using MathNet.Numerics;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// How often a frame is won that stands so, between players who are alike: what is still to come is spread about the lead, by the points
/// that are left. Of turns of whole frames that two club players and two league players played out, see docs/safety.md.
/// </summary>
public static class FrameChance
{
    /// <summary>Spread of the final lead, in points, where one point is left; it grows with the root of what is left.</summary>
    private const double Spread = 2.8;

    /// <summary>Leads, in spreads, beyond which no stroke would change anything: they count as this many.</summary>
    private const double Most = 2.5;

    /// <summary>Chance, 0 to 1, that the frame is won.</summary>
    /// <param name="lead">Points ahead, or behind when less than 0, with what can be expected of the turn.</param>
    /// <param name="left">Points that can still be potted, 0 or more.</param>
    public static double Of(double lead, int left) => (1 + SpecialFunctions.Erf(lead / (SpreadOf(left) * Constants.Sqrt2))) / 2;

    /// <summary>
    /// What points are worth where a frame stands so, in points: as much as they raise the chance to win it, where one point more raises it
    /// as it does now. With an even score it is about the points; who leads by much prefers to leave nothing, who is far behind to take
    /// what there is, and who needs penalties to leave a snooker.
    /// </summary>
    /// <param name="before">The frame before the stroke, seen by who plays it.</param>
    /// <param name="ruling">What the stroke came to.</param>
    /// <param name="points">What it brings to both sides, in points.</param>
    public static double Weigh(FrameState before, Ruling ruling, double points)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(ruling);
        // The last black decides: what it brings is in points of the frame already.
        if (before.IsOnlyBlackLeft || ruling.End != FrameEnd.None) return points;
        var left = FrameArithmetic.PointsRemaining(before);
        var spread = SpreadOf(left);
        var lead = Math.Clamp(before.Scores.Player - before.Scores.Opponent, -Most * spread, Most * spread);
        var slope = Math.Exp(-lead * lead / (2 * spread * spread)) / (spread * Constants.Sqrt2Pi);
        return (Of(lead + points, FrameArithmetic.PointsRemaining(ruling.Next)) - Of(lead, left)) / slope;
    }

    /// <summary>Chance, 0 to 1, that the frame is won after a stroke.</summary>
    /// <param name="before">The frame before it, seen by who plays it.</param>
    /// <param name="ruling">What it came to.</param>
    /// <param name="points">What it brings to both sides, in points.</param>
    public static double After(FrameState before, Ruling ruling, double points)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(ruling);
        if (ruling.End != FrameEnd.None) return ruling.End == FrameEnd.PlayerWins ? 1 : 0;
        // The frame is worth as much to one side as to the other: half of it lies between even chances and a frame that is won.
        if (before.IsOnlyBlackLeft) return Math.Clamp(0.5 + points / (2 * LeftReader.FrameWorth), 0, 1);
        return Of(before.Scores.Player - before.Scores.Opponent + points, FrameArithmetic.PointsRemaining(ruling.Next));
    }

    private static double SpreadOf(int left) => Spread * Math.Sqrt(Math.Max(1, left));
}
