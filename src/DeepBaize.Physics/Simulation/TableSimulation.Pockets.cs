using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Simulation;

/// <content>
/// Balls in a pocket: past the edge they fall as in a flight, among the rubber, the rounded edge of the slate and the back of the pocket,
/// until they are lost or back over the bed.
/// </content>
public sealed partial class TableSimulation
{
    /// <summary>
    /// A ball passes the edge. A slow one rolls over it and is lost; so is one that comes in behind the middle of the drop, beside which
    /// there is no slate.
    /// </summary>
    private void Drop(ref Body body, in BallState before, int pocket)
    {
        if (!_boundary.IsInDrop(pocket, before.Place) && _boundary.IsOverNose(before.Position))
        {
            GoOver(ref body, before);
            return;
        }

        body.Pocket = pocket;
        TellPocket(ShotEventKind.Drops, false, body, before, before);
        if (RollsOver(before) || !_boundary.IsInDrop(pocket, before.Place)) Pot(ref body, before);
        else Change(ref body, Onward(body, before), false);
    }

    /// <summary>True for a ball so slow that it keeps to the rounded edge while it goes over it: v^2 under g (R + edge).</summary>
    private bool RollsOver(in BallState ball) =>
        ball.Position.Z <= _radius && ball.Velocity.Dot(ball.Velocity) < _conditions.Table.Gravity * _boundary.EdgeReach;

    /// <summary>The slate's edge answers as the bed does, but gives back less.</summary>
    private void MeetEdge(ref Body body, in BallState met)
    {
        var into = _boundary.IntoEdge(body.Pocket, met.Position);
        var before = met with { Position = _boundary.OutOfEdge(body.Pocket, met.Position, into) };
        var down = Math.Max(0, before.Velocity.Dot(into));
        var back = down * _conditions.EdgeRestitution;
        var leans = body.Own.Presses || back <= Flight.LeastRise;
        var after = down > 0
            ? SurfaceImpact.Resolve(before, into, leans ? 0 : back, new Friction(_conditions.Table.SlidingFriction), _radius)
            : before;
        GoOnInPocket(ref body, ShotEventKind.Edge, leans, before, after);
    }

    /// <summary>Leather that hangs loose gives back a share of the level speed; it does not turn the ball.</summary>
    private void MeetBack(ref Body body, in BallState before)
    {
        var into = _boundary.IntoBack(body.Pocket);
        var along = before.Velocity with { Z = 0 };
        var back = (along - into * (2 * along.Dot(into))) * (body.Own.Presses ? 0 : _conditions.BackRestitution);
        var after = before with { Velocity = back with { Z = before.Velocity.Z } };
        GoOnInPocket(ref body, ShotEventKind.Back, body.Own.Presses, before, after);
    }

    /// <summary>The ball leaves the circle of the drop: in front it is over the bed again, behind it is lost.</summary>
    private void LeavePocket(ref Body body, in BallState before)
    {
        if (!_boundary.IsInFront(body.Pocket, before.Place))
        {
            Pot(ref body, before);
            return;
        }

        body.Pocket = -1;
        var over = before with { Position = before.Position with { Z = Math.Max(_radius, before.Position.Z) } };
        Change(ref body, Onward(body, over), false);
    }

    /// <summary>After a contact in the pocket: a ball whose speed does not carry it up to the bed again is lost.</summary>
    private void GoOnInPocket(ref Body body, ShotEventKind kind, bool trembles, in BallState before, in BallState after)
    {
        TellPocket(kind, trembles, body, before, after);
        var needed = 2 * _conditions.Table.Gravity * (_radius - after.Position.Z);
        if (after.Velocity.Dot(after.Velocity) < needed) Pot(ref body, after);
        else Change(ref body, Onward(body, after), trembles);
    }

    private void TellPocket(ShotEventKind kind, bool trembles, in Body body, in BallState before, in BallState after)
    {
        if (_record is not null)
            Tell(kind, null, _boundary.Pocket(body.Pocket), trembles, new BallAtEvent(body.Ball, before, after, MotionPhase.Falling));
    }
}
