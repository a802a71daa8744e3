using DeepBaize.Physics.Balls;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <content>
/// What a ball meets that is past the edge of a pocket. Its jaws and facings are met as edges at the nose's height. The slate falls away
/// over a rounded edge: half a ring of the edge's radius, under the front half of the drop circle; behind its middle there is no slate. The
/// back of the pocket is a plane across its axis.
/// </content>
internal sealed partial class Boundary
{
    /// <summary>Distance in metres of a ball's centre from the middle of the rounded edge while it touches it.</summary>
    public double EdgeReach => _gauge.Radius + _outline.Cut.EdgeRadius;

    /// <summary>
    /// Height in metres over the bed at which a centre is lost in a pocket: a ball's radius under the nose, so that the rubber is passed.
    /// </summary>
    public double LostHeight => _gauge.NoseHeight - _gauge.Radius;

    /// <summary>True when a centre is within the circle along which a pocket's slate falls away.</summary>
    public bool IsInDrop(int pocket, Place place) =>
        place.DistanceTo(_mouths[pocket].DropCentre) <= _mouths[pocket].DropRadius + Margin;

    /// <summary>True when a centre is in front of the middle of a pocket's drop.</summary>
    public bool IsInFront(int pocket, Place place) => _mouths[pocket].DepthBehindDropCentre(place) < 0;

    /// <summary>True for a centre higher than the nose.</summary>
    public bool IsOverNose(Vec3 position) => position.Z > _gauge.NoseHeight;

    /// <summary>Unit vector into the back of a pocket.</summary>
    public Vec3 IntoBack(int pocket) => new(_mouths[pocket].Axis.X, _mouths[pocket].Axis.Y, 0);

    /// <summary>Unit vector from a ball to the nearest point of the middle of a pocket's rounded edge.</summary>
    public Vec3 IntoEdge(int pocket, Vec3 position)
    {
        var into = EdgePoint(pocket, position) - position;
        return into * (1 / into.Length);
    }

    /// <summary>Lifts a ball that has sunk into the rounded edge back to its surface.</summary>
    public Vec3 OutOfEdge(int pocket, Vec3 position, Vec3 into) =>
        position - into * (EdgeReach - (EdgePoint(pocket, position) - position).Length);

    /// <summary>Speed in m/s with which a ball moves away from the middle of a pocket's drop; negative towards it.</summary>
    public double Outwards(int pocket, in BallState ball)
    {
        var centre = _mouths[pocket].DropCentre;
        var (x, y) = (ball.Position.X - centre.X, ball.Position.Y - centre.Y);
        return (ball.Velocity.X * x + ball.Velocity.Y * y) / Math.Sqrt(x * x + y * y);
    }

    private Vec3 EdgePoint(int pocket, Vec3 position)
    {
        var mouth = _mouths[pocket];
        var place = new Place(position.X, position.Y);
        var nearest = IsInFront(pocket, place) ? mouth.DropCentre.Towards(place, mouth.DropRadius) : EdgeEnd(mouth, SideOf(mouth, place));
        return new Vec3(nearest.X, nearest.Y, -_outline.Cut.EdgeRadius);
    }

    /// <summary>Where the edge ends, beside the middle of the drop; on the left of the way into the pocket or on its right.</summary>
    private static Place EdgeEnd(PocketMouth mouth, int side) =>
        mouth.DropCentre.Offset(-mouth.Axis.Y * side * mouth.DropRadius, mouth.Axis.X * side * mouth.DropRadius);

    private static int SideOf(PocketMouth mouth, Place place) =>
        (place.Y - mouth.DropCentre.Y) * mouth.Axis.X - (place.X - mouth.DropCentre.X) * mouth.Axis.Y > 0 ? 1 : -1;

    /// <summary>The first thing that a ball in a pocket meets within a time from now; times are counted from now.</summary>
    /// <param name="pocket">The pocket past whose edge it is.</param>
    /// <param name="ball">Its motion seen from above; it keeps its speed.</param>
    /// <param name="rise">Height of its centre over where it is on the bed.</param>
    /// <param name="horizon">Seconds to look ahead.</param>
    public Meeting NextInPocket(int pocket, in RelativeMotion ball, in Rise rise, double horizon)
    {
        var next = Meeting.None;
        for (var i = 2 * pocket; i < 2 * pocket + 2; i++)
        {
            ConsiderJawEdge(i, ball, rise, horizon, ref next);
            ConsiderEdge(_noseCount + i, ball, rise, horizon, ref next);
        }

        var mouth = _mouths[pocket];
        var fromDrop = ball with { X = ball.X - mouth.DropCentre.X, Y = ball.Y - mouth.DropCentre.Y };
        ConsiderSlate(pocket, ball, fromDrop, rise, horizon, ref next);
        ConsiderBack(pocket, ball, rise, horizon, ref next);
        var radius = mouth.DropRadius;
        var leaves = FirstDescent.OfQuadratic(
            radius * radius - fromDrop.X * fromDrop.X - fromDrop.Y * fromDrop.Y,
            -2 * (fromDrop.X * fromDrop.Vx + fromDrop.Y * fromDrop.Vy),
            -fromDrop.Vx * fromDrop.Vx - fromDrop.Vy * fromDrop.Vy);
        Take(leaves, horizon, MeetingKind.Leave, pocket, false, ref next);
        return next;
    }

    private void ConsiderSlate(
        int pocket, in RelativeMotion ball, in RelativeMotion fromDrop, in Rise rise, double horizon, ref Meeting next)
    {
        var mouth = _mouths[pocket];
        var overEdge = rise with { Height = rise.Height + EdgeReach };
        var time = Approach.ToRing(fromDrop, overEdge, mouth.DropRadius, EdgeReach, horizon, out var leans);
        if (IsInFront(pocket, ball.PlaceAfter(time))) Take(time, horizon, MeetingKind.Edge, pocket, leans, ref next);
        for (var side = -1; side <= 1; side += 2)
        {
            var end = EdgeEnd(mouth, side);
            time = Approach.ToSphere(ball with { X = ball.X - end.X, Y = ball.Y - end.Y }, overEdge, EdgeReach, horizon, out leans);
            if (!IsInFront(pocket, ball.PlaceAfter(time))) Take(time, horizon, MeetingKind.Edge, pocket, leans, ref next);
        }
    }

    private void ConsiderBack(int pocket, in RelativeMotion ball, in Rise rise, double horizon, ref Meeting next)
    {
        var mouth = _mouths[pocket];
        var depth = mouth.DepthBehindDropCentre(new Place(ball.X, ball.Y)) + mouth.DropRadius;
        var speed = ball.Vx * mouth.Axis.X + ball.Vy * mouth.Axis.Y;
        var time = Approach.ToLine(_outline.Cut.BackDepth - _gauge.Radius - depth, -speed, 0, true, out var leans);
        var kind = rise.At(time) > NoseOverCentre ? MeetingKind.Over : MeetingKind.Back;
        Take(time, horizon, kind, pocket, leans, ref next);
    }
}
