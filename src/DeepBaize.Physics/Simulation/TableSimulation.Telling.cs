using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <content>Recording events and paths, when asked to.</content>
public sealed partial class TableSimulation
{
    private void Tell(ShotEventKind kind, CushionId? cushion, PocketId? pocket, bool trembles, params BallAtEvent[] balls) =>
        _record?.Events.Add(new ShotEvent(_now, kind, balls, cushion, pocket, trembles));

    private void TellContact(int count, bool trembles)
    {
        if (_record is null) return;
        var balls = new BallAtEvent[count];
        for (var k = 0; k < count; k++)
            balls[k] = new BallAtEvent(_bodies[_group[k]].Ball, _before[k], _after[k], _bodies[_group[k]].Arc.Phase);
        Tell(ShotEventKind.Ball, null, null, trembles, balls);
    }

    private void TellLanding(in Body body, in BallState before)
    {
        var isSmall = -before.Velocity.Z < Math.Sqrt(2 * _conditions.Table.Gravity * Flight.BedHeight);
        Tell(ShotEventKind.Lands, null, null, isSmall, new BallAtEvent(body.Ball, before, body.Arc.Start, body.Arc.Phase));
    }

    private void TellPiece(in Body body, bool trembles)
    {
        if (_record is null) return;
        var length = _now - body.Since;
        if (length <= 0 || body.IsGone || body.Arc.Phase == MotionPhase.AtRest) return;
        var start = body.Arc.Start;
        var control = start.Position + start.Velocity * (length / 2);
        _record.Segments.Add(new PathSegment(
            body.Ball,
            body.Arc.Phase,
            body.Since,
            _now,
            start.Place,
            new Place(control.X, control.Y),
            body.StateAt(_now).Place,
            trembles,
            body.IsAirborne ? HeightsOf(body) : default));
    }
}
