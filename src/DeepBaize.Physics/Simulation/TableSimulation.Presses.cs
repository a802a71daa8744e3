using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;

namespace DeepBaize.Physics.Simulation;

/// <content>
/// Balls that keep pressing on each other or on rubber: a phase of contact in which the push between them is part of their motion, so
/// that they neither sink into each other nor make endless small impacts.
/// </content>
public sealed partial class TableSimulation
{
    /// <summary>
    /// The first two balls of the group, which lean on each other, come to share their speed along the line of centres; nothing else:
    /// friction between them would set them slipping on the cloth again and again without moving them.
    /// </summary>
    private void ShareSpeed(double closing)
    {
        if (closing <= 0) return;
        var line = BallContact.Between(_after[0], _after[1]);
        var (first, second) = (_bodies[_group[0]].Arc.Phase, _bodies[_group[1]].Arc.Phase);
        var push = new Vec3(line.X, line.Y, 0) * (closing / (ClothMotion.Yield(first) + ClothMotion.Yield(second)));
        _after[0] = ClothMotion.Nudged(_after[0], first, -push, _radius);
        _after[1] = ClothMotion.Nudged(_after[1], second, push, _radius);
    }

    /// <summary>
    /// After they have come to share their speed along the line of centres, two balls that press share their acceleration too.
    /// </summary>
    private void PressTogether(int i, int j)
    {
        ref var first = ref _bodies[i];
        ref var second = ref _bodies[j];
        var line = BallContact.Between(first.Arc.Start, second.Arc.Start);
        var normal = new Vec3(line.X, line.Y, 0);
        var closing = (first.Arc.Acceleration - second.Arc.Acceleration).Dot(normal);
        if (closing <= 0 || !first.Arc.IsMoving || !second.Arc.IsMoving) return;
        if (line.Closing(first.Arc.Start, second.Arc.Start) < -Approach.LeanSpeed) return;
        var push = closing / (ClothMotion.Yield(first.Arc.Phase) + ClothMotion.Yield(second.Arc.Phase));
        first.Arc = ClothMotion.Pushed(first.Arc, normal * -push, _radius);
        second.Arc = ClothMotion.Pushed(second.Arc, normal * push, _radius);
        first.Arc.Duration = second.Arc.Duration = Math.Min(first.Arc.Duration, second.Arc.Duration);
        (first.PushedBy, second.PushedBy) = (j, i);
    }

    /// <summary>Rubber holds a ball that presses on it.</summary>
    private void PressOnRubber(ref Body body, Vec3 into)
    {
        var closing = body.Arc.Acceleration.Dot(into);
        if (closing <= 0 || !body.Arc.IsMoving) return;
        body.Arc = ClothMotion.Pushed(body.Arc, into * (-closing / ClothMotion.Yield(body.Arc.Phase)), _radius);
        body.PushedBy = Body.Rubber;
    }

    /// <summary>The push has been taken as steady for long enough, or a phase has ended: it is looked at anew.</summary>
    private void RenewPush(int index, in BallState before)
    {
        ref var body = ref _bodies[index];
        if (body.PushedBy >= 0)
        {
            HandlePair(Math.Min(index, body.PushedBy), Math.Max(index, body.PushedBy), true);
        }
        else
        {
            Change(ref body, Onward(body, before), true);
            Foresee(index);
        }

        if (_record is not null && !body.Arc.IsMoving)
            Tell(ShotEventKind.Stops, null, null, false, new BallAtEvent(body.Ball, before, body.Arc.Start, body.Arc.Phase));
    }

    /// <summary>The ball that pushed this one has changed its way: this one goes on without the push.</summary>
    private void LetGo(int index)
    {
        ref var body = ref _bodies[index];
        if (body.PushedBy < 0) return;
        body.PushedBy = -1;
        Change(ref body, Onward(body, body.StateAt(_now)), true);
        Foresee(index);
    }
}
