using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>How the cue points when the white is to come to a place with nothing in between.</summary>
public static class StraightAim
{
    /// <summary>A place nearer than this is played at as if it were as far as this, in metres.</summary>
    private const double Nearest = 0.001;

    /// <summary>
    /// Angle in radians, positive to the left, from the cue's line to the straight line on which the white comes to a place: push-off and
    /// swerve together.
    /// </summary>
    /// <param name="layout">The balls, which may raise the butt.</param>
    /// <param name="dials">How the white is struck.</param>
    /// <param name="white">Where it stands.</param>
    /// <param name="at">Where it is to come to.</param>
    /// <param name="conditions">Cloth, balls and cue.</param>
    public static double TurnRadians(Layout layout, Dials dials, Place white, Place at, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        // Nothing takes a white without side off its line but the nap; most strokes that a search aims are such.
        if (dials.Side == 0 && conditions.Table.Nap == 0) return 0;
        var direction = white.HeadingTo(at) - CueStrike.PushOffRadians(dials.Side, conditions.Cue.EndMassRatio);
        return TurnRadians(dials.At(layout, direction).Along(direction), white.DistanceTo(at), conditions);
    }

    /// <summary>The same for a stroke that is known, at a distance in metres.</summary>
    internal static double TurnRadians(in Strike strike, double distance, PlayingConditions conditions) =>
        OpenWay.TurnRadians(strike, Math.Max(Nearest, distance), conditions);

    /// <summary>The stroke that sends the white straight to a place.</summary>
    /// <param name="layout">The balls, which may raise the butt; with the white.</param>
    /// <param name="dials">How the white is struck.</param>
    /// <param name="at">Where it is to come to.</param>
    /// <param name="conditions">Cloth, balls and cue.</param>
    /// <returns>The stroke; null without a white.</returns>
    public static Strike? Strike(Layout layout, Dials dials, Place at, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(layout);
        if (layout[BallId.Cue] is not { } white) return null;
        var direction = white.HeadingTo(at) - TurnRadians(layout, dials, white, at, conditions);
        return dials.At(layout, direction).Along(direction);
    }
}
