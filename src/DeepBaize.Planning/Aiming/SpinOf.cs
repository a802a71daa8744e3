using DeepBaize.Physics.Balls;

namespace DeepBaize.Planning.Aiming;

/// <summary>What side does at a cushion.</summary>
public enum CushionSide
{
    /// <summary>None to speak of.</summary>
    None,

    /// <summary>Running side: the ball comes off wider and keeps its run.</summary>
    Running,

    /// <summary>Check side: the ball comes off narrower and is held.</summary>
    Check,
}

/// <summary>What side does for a pot.</summary>
public enum PotSide
{
    /// <summary>None, or the pot is straight.</summary>
    None,

    /// <summary>Helping side: on the outside of the cut, it throws the ball thinner.</summary>
    Helping,

    /// <summary>Opposite side: on the inside of the cut, it throws the ball thicker.</summary>
    Opposite,
}

/// <summary>Spin as players speak of it.</summary>
public static class SpinOf
{
    private const double SideToSpeakOf = 0.03;

    /// <summary>Spin along the ball's way as a share of natural roll: 1 rolls, 0 stun, negative back-spin.</summary>
    /// <param name="ball">A moving ball.</param>
    /// <param name="radius">Its radius in metres.</param>
    public static double Roll(in BallState ball, double radius)
    {
        var speed = ball.Velocity.Length;
        return speed == 0 ? 0 : ball.Spin.Dot(Vec3.Up.Cross(ball.Velocity * (1 / speed))) * radius / speed;
    }

    /// <summary>What a tip's side does for a pot.</summary>
    /// <param name="side">Contact point right of centre in ball radii.</param>
    /// <param name="cutRadians">Signed cut, positive to the left.</param>
    public static PotSide ForPot(double side, double cutRadians)
    {
        if (Math.Abs(side) < 0.005 || Math.Abs(cutRadians) * 180 / Math.PI < 0.5) return PotSide.None;
        return side * cutRadians > 0 ? PotSide.Helping : PotSide.Opposite;
    }

    /// <summary>What the side on a ball does at a cushion.</summary>
    /// <param name="before">The ball just before.</param>
    /// <param name="after">The ball just after; the change of its velocity tells where the cushion is.</param>
    /// <param name="radius">Its radius in metres.</param>
    public static CushionSide AtCushion(in BallState before, in BallState after, double radius)
    {
        var push = after.Velocity - before.Velocity;
        // The push of a straight cushion points nearly along one axis.
        var into = Math.Abs(push.X) > Math.Abs(push.Y) ? new Vec3(-Math.Sign(push.X), 0, 0) : new Vec3(0, -Math.Sign(push.Y), 0);
        var along = before.Velocity - into * before.Velocity.Dot(into);
        var surface = Vec3.Up.Cross(into) * (before.Spin.Z * radius);
        var speed = before.Velocity.Length;
        if (surface.Length < SideToSpeakOf * speed) return CushionSide.None;
        // Square on there is no way along the cushion: any side makes the ball run off.
        if (along.Length < 1e-3 * speed) return CushionSide.Running;
        return surface.Dot(along) < 0 ? CushionSide.Running : CushionSide.Check;
    }
}
