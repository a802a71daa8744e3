using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <content>
/// Balls in a pocket: past the edge they fall as in a flight, among the rubber, the rounded edge of the slate and the back of the pocket,
/// until they are lost or back over the bed.
/// </content>
public sealed partial class TableSimulation
{
    /// <summary>Contacts in a pocket after which a ball is wedged there, and lost.</summary>
    private const int MostMetInPocket = 300;

    /// <summary>
    /// A ball passes the edge. One that comes slowly across it rolls over it and is lost; so is one that comes in behind the middle of the
    /// drop, beside which there is no slate.
    /// </summary>
    private void Drop(ref Body body, in BallState before, int pocket)
    {
        if (!_boundary.IsInDrop(pocket, before.Place) && _boundary.IsOverNose(before.Position))
        {
            GoOver(ref body, before);
            return;
        }

        (body.Pocket, body.MetInPocket) = (pocket, 0);
        TellPocket(ShotEventKind.Drops, false, body, before, before);
        if (RollsOver(pocket, before) || !_boundary.IsInDrop(pocket, before.Place)) Pot(ref body, before);
        else Change(ref body, Onward(body, before), false);
    }

    /// <summary>
    /// True for a ball that keeps to the rounded edge while it goes over it: v^2 under g (R + edge), v being its speed across the edge.
    /// </summary>
    private bool RollsOver(int pocket, in BallState ball)
    {
        if (ball.Position.Z > _radius) return false;
        var across = _boundary.Outwards(pocket, ball);
        return across * across < _conditions.Table.Gravity * _boundary.EdgeReach;
    }

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
        // What rolls on the edge falls off it, unless it is on its way out.
        var isLost = leans && IsLost(after, Math.Max(0, _boundary.Outwards(body.Pocket, after)));
        GoOnInPocket(ref body, ShotEventKind.Edge, leans, isLost, before, after);
    }

    /// <summary>Leather that hangs loose gives back a share of the level speed; it does not turn the ball.</summary>
    private void MeetBack(ref Body body, in BallState before)
    {
        var into = _boundary.IntoBack(body.Pocket);
        var along = before.Velocity with { Z = 0 };
        var back = (along - into * (2 * along.Dot(into))) * (body.Own.Presses ? 0 : _conditions.BackRestitution);
        var after = before with { Velocity = back with { Z = before.Velocity.Z } };
        GoOnInPocket(ref body, ShotEventKind.Back, body.Own.Presses, false, before, after);
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
        if (body.Ball == BallId.Cue && _result.FirstContact is not null) _whiteMetMore = true;
        var over = before with { Position = before.Position with { Z = Math.Max(_radius, before.Position.Z) } };
        Change(ref body, Onward(body, over), false);
    }

    /// <summary>After a contact in the pocket: a ball whose speed does not carry it up to the bed again is lost.</summary>
    private void GoOnInPocket(
        ref Body body, ShotEventKind kind, bool trembles, bool isLost, in BallState before, in BallState after)
    {
        TellPocket(kind, trembles, body, before, after);
        FallOn(ref body, trembles, isLost, after);
    }

    private void FallOn(ref Body body, bool trembles, bool isLost, in BallState after)
    {
        body.MetInPocket++;
        if (isLost || body.MetInPocket > MostMetInPocket || IsLost(after, after.Velocity.Length)) Pot(ref body, after);
        else Change(ref body, Onward(body, after), trembles);
    }

    /// <summary>True when a speed is too little to carry a ball up to the bed again.</summary>
    private bool IsLost(in BallState ball, double speed) =>
        speed * speed <= 2 * _conditions.Table.Gravity * Math.Max(0, _radius - ball.Position.Z);

    private void TellPocket(ShotEventKind kind, bool trembles, in Body body, in BallState before, in BallState after)
    {
        if (_record is not null)
            Tell(kind, null, _boundary.Pocket(body.Pocket), trembles, new BallAtEvent(body.Ball, before, after, MotionPhase.Falling));
    }
}
