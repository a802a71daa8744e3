using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>What becomes of a ball past the edge of a pocket.</summary>
internal enum PocketFate
{
    /// <summary>It is still falling.</summary>
    Falls,

    /// <summary>It is potted.</summary>
    Lost,

    /// <summary>It is over the bed again.</summary>
    Back,

    /// <summary>It has gone over the rubber.</summary>
    Over,
}

/// <summary>A ball in one pocket, marched: jaws as edges, the rounded edge of the slate, the back. It meets no facings.</summary>
internal sealed class SmallStepPocket(PlayingConditions conditions, PocketMouth mouth)
{
    private readonly double _radius = conditions.Balls.Radius;
    private readonly double _nose = conditions.Gauge.NoseHeight;
    private readonly double _reach = conditions.Balls.Radius + conditions.Pockets.EdgeRadius;
    private readonly PlayingConditions _jaws = conditions.ForJaws();

    /// <summary>The slate as something to rebound from: its edge gives back a share at any speed and rubs as the cloth does.</summary>
    private readonly PlayingConditions _slate = conditions with
    {
        Table = conditions.Table with
        {
            CushionRestitution = conditions.EdgeRestitution,
            CushionRestitutionLoss = 0,
            CushionFriction = conditions.Table.SlidingFriction,
            CushionFrictionFall = 0,
        },
    };

    /// <summary>What a ball does that comes over the edge: a slow one, and one that comes in beside the circle, is lost at once.</summary>
    public PocketFate Enter(in BallState ball)
    {
        var across = Outwards(ball);
        var isSlow = ball.Position.Z <= _radius && across * across < conditions.Table.Gravity * _reach;
        if (!isSlow && ball.Place.DistanceTo(mouth.DropCentre) <= mouth.DropRadius) return PocketFate.Falls;
        return ball.Position.Z > _nose ? PocketFate.Over : PocketFate.Lost;
    }

    /// <summary>One step.</summary>
    public PocketFate March(ref BallState ball, double step)
    {
        var fall = new Vec3(0, 0, -conditions.Table.Gravity);
        ball = ball with
        {
            Position = ball.Position + ball.Velocity * step + fall * (step * step / 2),
            Velocity = ball.Velocity + fall * step,
        };
        if (ball.Position.Z < _nose - _radius) return PocketFate.Lost;
        if (ball.Place.DistanceTo(mouth.DropCentre) > mouth.DropRadius)
            return mouth.DepthBehindDropCentre(ball.Place) < 0 ? PocketFate.Back : PocketFate.Lost;
        foreach (var jaw in mouth.Jaws)
        {
            if (!jaw.Faces(ball.Position.X, ball.Position.Y)) continue;
            if (ball.Position.Z > _nose && ball.Place.DistanceTo(jaw.Centre) < jaw.Radius) return PocketFate.Over;
            var at = jaw.Centre.Towards(ball.Place, jaw.Radius);
            Meet(ref ball, new Vec3(at.X, at.Y, _nose), conditions.JawFactor * conditions.Table.CushionLiveliness[jaw.Cushion]);
        }

        var meets = MeetSlate(ref ball, out var isLost);
        meets |= MeetBack(ref ball, out var isOver);
        return isLost ? PocketFate.Lost : isOver ? PocketFate.Over : meets ? Rated(ball) : PocketFate.Falls;
    }

    private void Meet(ref BallState ball, Vec3 edge, double share)
    {
        var into = edge - ball.Position;
        if (into.Length >= _radius || ball.Velocity.Dot(into) <= 0) return;
        ball = CushionImpact.ResolveInAir(ball, into * (1 / into.Length), share, _jaws);
    }

    private double Outwards(in BallState ball)
    {
        var from = new Vec3(ball.Position.X - mouth.DropCentre.X, ball.Position.Y - mouth.DropCentre.Y, 0);
        return ball.Velocity.Dot(from) / from.Length;
    }

    private bool MeetSlate(ref BallState ball, out bool isLost)
    {
        isLost = false;
        var (depth, axis) = (mouth.DepthBehindDropCentre(ball.Place), mouth.Axis);
        var side = (ball.Position.Y - mouth.DropCentre.Y) * axis.X - (ball.Position.X - mouth.DropCentre.X) * axis.Y > 0 ? 1 : -1;
        var at = depth < 0
            ? mouth.DropCentre.Towards(ball.Place, mouth.DropRadius)
            : mouth.DropCentre.Offset(-axis.Y * side * mouth.DropRadius, axis.X * side * mouth.DropRadius);
        var into = new Vec3(at.X, at.Y, -conditions.Pockets.EdgeRadius) - ball.Position;
        var distance = into.Length;
        into *= 1 / distance;
        var down = ball.Velocity.Dot(into);
        if (distance >= _reach || down <= 0) return false;
        var leans = down * conditions.EdgeRestitution <= Flight.LeastRise;
        ball = CushionImpact.ResolveInAir(ball, into, leans ? 0 : 1, _slate);
        var outwards = Math.Max(0, Outwards(ball));
        isLost = leans && outwards * outwards <= 2 * conditions.Table.Gravity * Math.Max(0, _radius - ball.Position.Z);
        return true;
    }

    private bool MeetBack(ref BallState ball, out bool isOver)
    {
        isOver = false;
        var into = new Vec3(mouth.Axis.X, mouth.Axis.Y, 0);
        var depth = mouth.DepthBehindDropCentre(ball.Place) + mouth.DropRadius;
        var speed = ball.Velocity.Dot(into);
        if (depth < conditions.Pockets.BackDepth - _radius || speed <= 0) return false;
        isOver = ball.Position.Z > _nose;
        if (isOver) return false;
        var level = ball.Velocity with { Z = 0 };
        ball = ball with { Velocity = ((level - into * (2 * speed)) * conditions.BackRestitution) with { Z = ball.Velocity.Z } };
        return true;
    }

    /// <summary>After a contact a ball whose speed does not carry it up to the bed again is lost.</summary>
    private PocketFate Rated(in BallState ball) =>
        ball.Velocity.Dot(ball.Velocity) < 2 * conditions.Table.Gravity * (_radius - ball.Position.Z) ? PocketFate.Lost : PocketFate.Falls;
}
