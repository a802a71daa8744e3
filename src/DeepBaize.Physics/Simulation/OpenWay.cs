using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Simulation;

/// <summary>Where the white goes that nothing is in the way of.</summary>
public static class OpenWay
{
    private const int Halvings = 40;

    /// <summary>
    /// The angle in radians, positive to the left, by which the white is off the cue's line when it has come to a distance: push-off and
    /// swerve together. A white that stops before is told where it stops.
    /// </summary>
    /// <param name="strike">The strike.</param>
    /// <param name="distance">Metres from where the white stood, above 0.</param>
    /// <param name="conditions">Cloth, balls and cue.</param>
    public static double TurnRadians(in Strike strike, double distance, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(distance);
        var (table, radius) = (conditions.Table, conditions.Balls.Radius);
        var still = BallState.AtRest(default, radius);
        var arc = ClothMotion.Begin(CueStrike.Apply(strike, still, conditions), table, radius);
        while (arc.IsMoving && Level(arc.PositionAt(Longest(arc, distance))) < distance) arc = ClothMotion.Continue(arc, table, radius);
        var at = arc.PositionAt(arc.IsMoving ? TimeAt(arc, distance) : 0);
        return Math.IEEERemainder(Math.Atan2(at.Y, at.X) - strike.DirectionRadians, Math.Tau);
    }

    /// <summary>A ball that never stops leaves the circle within twice the time that its radius takes.</summary>
    private static double Longest(in MotionArc arc, double distance) =>
        double.IsFinite(arc.Duration) ? arc.Duration : 2 * distance / arc.Start.Velocity.Length;

    private static double TimeAt(in MotionArc arc, double distance)
    {
        var (before, after) = (0.0, Longest(arc, distance));
        for (var i = 0; i < Halvings; i++)
        {
            var middle = (before + after) / 2;
            if (Level(arc.PositionAt(middle)) < distance) before = middle;
            else after = middle;
        }

        return after;
    }

    private static double Level(Vec3 position) => Math.Sqrt(position.X * position.X + position.Y * position.Y);
}
