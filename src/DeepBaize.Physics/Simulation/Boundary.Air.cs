using DeepBaize.Physics.Balls;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <content>
/// What bounds a ball in the air. The nose is met as an edge at its height: the farther the centre is below or above it, the nearer the
/// ball comes. A ball whose centre is above the nose when it meets it, or passes it, is gone over the cushion.
/// </content>
internal sealed partial class Boundary
{
    /// <summary>The first thing that a ball in the air meets within a time from now; times are counted from now.</summary>
    /// <param name="ball">Its motion seen from above; in the air it keeps its speed.</param>
    /// <param name="rise">Height of its centre over where it is on the bed.</param>
    /// <param name="horizon">Seconds to look ahead.</param>
    public Meeting NextInAir(in RelativeMotion ball, in Rise rise, double horizon)
    {
        var next = Meeting.None;
        var sweep = Sweep.Of(ball, horizon);
        var edge = _gauge.Radius + Margin;
        if (sweep.LowX > edge && sweep.HighX < Measurements.Length - edge && sweep.LowY > edge && sweep.HighY < Measurements.Width - edge)
            return next;

        for (var i = 0; i < _lines.Length; i++) ConsiderEdge(i, ball, rise, horizon, ref next);
        for (var i = 0; i < _jaws.Length; i++) ConsiderJawEdge(i, ball, rise, horizon, ref next);
        for (var i = 0; i < _mouths.Length; i++)
        {
            if (ComesNear((PocketId)i, sweep)) Take(TimeToFall(i, ball, horizon), horizon, MeetingKind.Drop, i, false, ref next);
        }

        return next;
    }

    /// <summary>Height of the nose over a ball's centre on the bed.</summary>
    private double NoseOverCentre => _gauge.NoseHeight - _gauge.Radius;

    /// <summary>A level unit vector into rubber turned to where the nose is seen from a ball at a height.</summary>
    /// <param name="into">The level vector.</param>
    /// <param name="height">Height of the ball's centre over where it is on the bed, up to the nose.</param>
    public Vec3 Climb(Vec3 into, double height)
    {
        var sine = (NoseOverCentre - height) / _gauge.Radius;
        return into * Math.Sqrt(1 - sine * sine) + Vec3.Up * sine;
    }

    private void ConsiderEdge(int index, in RelativeMotion ball, in Rise rise, double horizon, ref Meeting next)
    {
        var line = _lines[index];
        var (across, acrossSpeed) = line.AlongX ? (ball.Y, ball.Vy) : (ball.X, ball.Vx);
        var (along, alongSpeed) = line.AlongX ? (ball.X, ball.Vx) : (ball.Y, ball.Vy);
        var (height, speed) = ((across - line.At) * line.Inward, acrossSpeed * line.Inward);
        var (enters, leaves) = Beside(line, along, alongSpeed, Math.Min(horizon, next.Time));
        if (height < 0 || enters > leaves) return;
        var nose = rise with { Height = rise.Height - NoseOverCentre };
        var there = new RelativeMotion(height + speed * enters, 0, speed, 0, 0, 0);
        var time = enters + Approach.ToSphere(there, nose.After(enters), _gauge.Radius, leaves - enters, out var leans);
        Take(time, horizon, nose.At(time) < 0 ? MeetingKind.Line : MeetingKind.Over, index, leans, ref next);
        var passes = speed < 0 ? height / -speed : double.PositiveInfinity;
        if (passes >= enters && passes <= leaves) Take(passes, horizon, MeetingKind.Over, index, false, ref next);
    }

    /// <summary>From when to when, within a time from now, a ball is beside the run of a line.</summary>
    private static (double From, double To) Beside(RubberLine line, double along, double speed, double horizon)
    {
        if (speed == 0) return Covers(line, along) ? (0, horizon) : (double.PositiveInfinity, 0);
        var (first, second) = ((line.From - along) / speed, (line.To - along) / speed);
        return (Math.Max(0, Math.Min(first, second)), Math.Min(horizon, Math.Max(first, second)));
    }

    /// <summary>True when a ball that has come down lies behind the noses or in a jaw.</summary>
    public bool IsBehindNose(Place place)
    {
        var isWithin = place.X >= 0 && place.X <= Measurements.Length && place.Y >= 0 && place.Y <= Measurements.Width;
        return !isWithin && !_outline.IsOnBed(place, 0);
    }

    private void ConsiderJawEdge(int index, in RelativeMotion ball, in Rise rise, double horizon, ref Meeting next)
    {
        var jaw = _jaws[index];
        var fromJaw = ball with { X = ball.X - jaw.Centre.X, Y = ball.Y - jaw.Centre.Y };
        var nose = rise with { Height = rise.Height - NoseOverCentre };
        var outer = Approach.ToCircle(fromJaw, jaw.Radius + _gauge.Radius, horizon, out _);
        var isNear = fromJaw.X * fromJaw.X + fromJaw.Y * fromJaw.Y < Square(jaw.Radius + _gauge.Radius);
        if (!isNear && outer > horizon) return;
        var time = Approach.ToRing(fromJaw, nose, jaw.Radius, _gauge.Radius, horizon, out var leans);
        if (IsFaced(jaw, ball, time, horizon))
            Take(time, horizon, nose.At(time) < 0 ? MeetingKind.Jaw : MeetingKind.Over, index, leans, ref next);
        var passes = Approach.ToCircle(fromJaw, jaw.Radius, horizon, out _);
        if (IsFaced(jaw, ball, passes, horizon)) Take(passes, horizon, MeetingKind.Over, index, false, ref next);
    }

    /// <summary>True when a ball that keeps its speed lies before a jaw's quarter circle at a time.</summary>
    private static bool IsFaced(JawArc jaw, in RelativeMotion ball, double time, double horizon) =>
        time <= horizon && ball.PlaceAfter(time) is var place && jaw.Faces(place.X, place.Y);

    private static double Square(double x) => x * x;
}
