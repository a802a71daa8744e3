using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Simulation;

/// <content>What happens next: each ball knows its own next meeting and the ball that it meets next.</content>
public sealed partial class TableSimulation
{
    /// <summary>Gap in metres, beyond the balls' size, within which meetings are looked at closely.</summary>
    private const double NearMargin = 1e-8;

    private (double Time, int Index) FindNext()
    {
        var (time, index) = (double.PositiveInfinity, -1);
        for (var i = 0; i < _count; i++)
        {
            var next = _bodies[i].NextTime;
            if (next < time) (time, index) = (next, i);
        }

        return (time, index);
    }

    /// <summary>Works out anew what a ball meets next, by itself and with every other ball.</summary>
    private void Foresee(int index)
    {
        _bodies[index].Own = OwnMeeting(_bodies[index]);
        FindPartner(index, true);
    }

    /// <summary>Looks for the next ball that a ball meets.</summary>
    /// <param name="index">The ball.</param>
    /// <param name="hasChanged">True when its way is new, so that the others must know of it.</param>
    private void FindPartner(int index, bool hasChanged)
    {
        ref var body = ref _bodies[index];
        (body.Partner, body.PairTime, body.PairLeans) = (-1, double.PositiveInfinity, false);
        var motion = body.MotionAt(_now);
        var remaining = Math.Min(body.Remaining(_now), TimeLimit - _now);
        var sweep = Sweep.Of(motion, body.Arc.IsMoving ? remaining : 0);
        for (var other = 0; other < _count; other++)
        {
            if (other == index) continue;
            var time = PairMeeting(index, motion, remaining, sweep, other, out var leans);
            if (time < body.PairTime) (body.Partner, body.PairTime, body.PairLeans) = (other, time, leans);
            if (hasChanged) LetKnow(other, index, time, leans);
        }
    }

    /// <summary>Tells a ball that another, whose way is new, would meet it at a time.</summary>
    private void LetKnow(int index, int changed, double time, bool leans)
    {
        ref var body = ref _bodies[index];
        if (time < body.PairTime) (body.Partner, body.PairTime, body.PairLeans) = (changed, time, leans);
        else if (body.Partner == changed && time > body.PairTime) FindPartner(index, false);
        else if (body.Partner == changed) body.PairLeans = leans;
    }

    private Meeting OwnMeeting(in Body body)
    {
        if (!body.Arc.IsMoving) return PhaseEnd(body);
        var horizon = body.Remaining(_now);
        var until = Math.Min(horizon, TimeLimit - _now);
        var met = body.Pocket >= 0
            ? _boundary.NextInPocket(body.Pocket, body.MotionAt(_now), body.RiseAt(_now, _radius), until)
            : body.IsAirborne
                ? _boundary.NextInAir(body.MotionAt(_now), body.RiseAt(_now, _radius), until)
                : _boundary.Next(body.MotionAt(_now), until);
        return met.Kind == MeetingKind.None ? PhaseEnd(body) : met with { Time = _now + met.Time };
    }

    private static Meeting PhaseEnd(in Body body) => double.IsPositiveInfinity(body.Arc.Duration)
        ? body.Arc.IsMoving ? Meeting.None with { Time = TimeLimit } : Meeting.None
        : new Meeting(body.Since + body.Arc.Duration, MeetingKind.PhaseEnd, -1, false);

    private double PairMeeting(
        int index, in RelativeMotion motion, double remaining, in Sweep sweep, int other, out bool leans)
    {
        leans = false;
        ref var body = ref _bodies[index];
        ref var partner = ref _bodies[other];
        if (!body.Arc.IsMoving && !partner.Arc.IsMoving) return double.PositiveInfinity;
        if (body.IsGone || partner.IsGone) return double.PositiveInfinity;
        if (body.IsAirborne || partner.IsAirborne) return MeetingInAir(body, motion, partner, out leans);
        if (!partner.Arc.IsMoving)
        {
            var place = partner.Arc.Start.Position;
            if (!sweep.Reaches(place.X, place.Y, 2 * _radius + NearMargin) || PassesBy(body, motion, place.X, place.Y))
                return double.PositiveInfinity;
            var towards = new RelativeMotion(place.X - motion.X, place.Y - motion.Y, -motion.Vx, -motion.Vy, -motion.Ax, -motion.Ay);
            return _now + Approach.ToCircle(towards, 2 * _radius, remaining, out leans);
        }

        var horizon = Math.Min(remaining, partner.Remaining(_now));
        if (!body.Arc.IsMoving)
        {
            horizon = Math.Min(TimeLimit - _now, partner.Remaining(_now));
            var moving = partner.MotionAt(_now);
            if (PassesBy(partner, moving, motion.X, motion.Y)) return double.PositiveInfinity;
            return _now + Approach.ToCircle(moving.From(motion), 2 * _radius, horizon, out leans);
        }

        var relative = partner.MotionAt(_now).From(motion);
        return _now + Approach.ToCircle(relative, 2 * _radius, horizon, out leans);
    }

    /// <summary>When two balls meet of which one at least is in the air.</summary>
    private double MeetingInAir(in Body body, in RelativeMotion motion, in Body partner, out bool leans)
    {
        leans = false;
        var other = partner.MotionAt(_now);
        if (!partner.Arc.IsMoving && PassesBy(body, motion, other.X, other.Y)) return double.PositiveInfinity;
        if (!body.Arc.IsMoving && PassesBy(partner, other, motion.X, motion.Y)) return double.PositiveInfinity;
        var horizon = Math.Min(Until(body), Until(partner));
        var rise = partner.RiseAt(_now, _radius).From(body.RiseAt(_now, _radius));
        return _now + Approach.ToSphere(other.From(motion), rise, 2 * _radius, horizon, out leans);
    }

    /// <summary>Seconds for which a ball's motion is known.</summary>
    private double Until(in Body body) => Math.Min(body.Arc.IsMoving ? body.Remaining(_now) : double.PositiveInfinity, TimeLimit - _now);

    /// <summary>
    /// True when a ball that rolls or flies, so on a straight line seen from above, passes a place without touching a ball there.
    /// </summary>
    private bool PassesBy(in Body body, in RelativeMotion motion, double x, double y)
    {
        // A ball that is pushed, or leaned on by the nap, rolls on a curve.
        if (body.Arc.Phase == MotionPhase.Rolling && _conditions.Table.Nap > 0) return false;
        if (body.Arc.Phase is not (MotionPhase.Rolling or MotionPhase.Airborne or MotionPhase.Falling) || body.PushedBy != -1) return false;
        var across = (x - motion.X) * motion.Vy - (y - motion.Y) * motion.Vx;
        var limit = 2 * _radius + NearMargin;
        return across * across > limit * limit * (motion.Vx * motion.Vx + motion.Vy * motion.Vy);
    }
}
