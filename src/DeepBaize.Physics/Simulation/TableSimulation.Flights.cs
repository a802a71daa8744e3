using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Simulation;

/// <content>Balls in the air: how they meet others, and what a referee sees of the white's flight.</content>
public sealed partial class TableSimulation
{
    private int _white;
    private double _firstContactTime;

    /// <summary>True once the white has met a cushion or another ball after its first.</summary>
    private bool _whiteMetMore;

    /// <summary>True for two balls of which one at least is too high, or too deep in a pocket, to count as on the bed.</summary>
    private bool IsAloft(in BallState first, in BallState second) =>
        Math.Max(Math.Abs(first.Position.Z - _radius), Math.Abs(second.Position.Z - _radius)) > Flight.BedHeight;

    /// <summary>
    /// The first two balls of the group lose what still brings them together, and nothing else: a ball that lies on another slides off.
    /// </summary>
    private void ShareSpeedInAir(double closing)
    {
        if (closing > 0) BallContact.Between(_after[0], _after[1]).Press(ref _after[0], ref _after[1], closing / 2);
    }

    /// <summary>
    /// Resolves a cluster as if all its balls were at the height of the bed; one that is hardly off it has its height again after it, and
    /// the bed answers then. Where that still brings the first two together they meet once more, in space.
    /// </summary>
    private void ResolveNearBed(int count, double reach)
    {
        for (var k = 0; k < count; k++) _after[k] = AtHeight(_after[k], _radius);
        ResolveCluster(count, reach);
        for (var k = 0; k < count; k++) _after[k] = AtHeight(_after[k], _before[k].Position.Z);
        if (_bodies[_group[0]].IsAirborne || _bodies[_group[1]].IsAirborne)
            BallImpact.Resolve(ref _after[0], ref _after[1], _conditions.Balls);
    }

    private static BallState AtHeight(in BallState state, double height) => state with { Position = state.Position with { Z = height } };

    /// <summary>Notes what a referee sees of a piece of path that ends now, or of the white's flight beside it.</summary>
    private void NoteFlight(in Body body)
    {
        ref var white = ref _bodies[_white];
        if (white.Arc.Phase != MotionPhase.Airborne || body.IsGone) return;
        if (body.Ball != white.Ball)
        {
            NotePass(white, body);
            return;
        }

        var heights = HeightsOf(body);
        if (heights.Greatest <= Flight.BedHeight) return;
        _result.WhiteHeight = Math.Max(_result.WhiteHeight, heights.Greatest);
        for (var i = 0; i < _count; i++)
        {
            if (i != _white && !_bodies[i].IsGone) NotePass(white, _bodies[i]);
        }
    }

    /// <summary>Notes that the white in the air is, or was since both set off, over a part of a ball.</summary>
    private void NotePass(in Body white, in Body ball)
    {
        var from = Math.Max(white.Since, ball.Since);
        var motion = white.MotionAt(from).From(ball.MotionAt(from));
        // A white that is hardly off the bed cannot come nearer than this, seen from above.
        var limit = Math.Sqrt(4 * _radius * _radius - Flight.BedHeight * Flight.BedHeight);
        var isOver = motion.X * motion.X + motion.Y * motion.Y < limit * limit;
        if (!isOver && Approach.ToCircle(motion, limit, _now - from, out _) > _now - from) return;
        var end = white.MotionAt(_now).From(ball.MotionAt(_now));
        var moment = white.Since < _firstContactTime ? PassMoment.BeforeContact
            : _whiteMetMore ? PassMoment.Later
            : PassMoment.AfterContact;
        _result.Add(new PassedBall(ball.Ball, moment, end.X * end.Vx + end.Y * end.Vy > 0));
    }

    private PathHeights HeightsOf(in Body body)
    {
        var (start, length) = (body.Arc.Start, _now - body.Since);
        var height = start.Position.Z - _radius;
        return new PathHeights(height, height + start.Velocity.Z * length / 2, body.StateAt(_now).Position.Z - _radius);
    }
}
