using DeepBaize.Physics.Balls;
using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <summary>
/// What bounds the centre of a ball: the outline's lines and jaws, moved out by the ball's cushion inset, and the drop edges.
/// </summary>
internal sealed partial class Boundary
{
    /// <summary>Rounding in metres that is allowed where a whole region is left out.</summary>
    private const double Margin = 2e-9;

    private readonly TableOutline _outline;
    private readonly BallGauge _gauge;
    private readonly double _inset;
    private readonly int _noseCount;
    private readonly RubberLine[] _lines;
    private readonly JawArc[] _jaws;
    private readonly PocketMouth[] _mouths;
    private readonly double _corner;
    private readonly double _middle;

    public Boundary(TableOutline outline, BallGauge gauge)
    {
        (_outline, _gauge, _inset) = (outline, gauge, gauge.CushionInset);
        _mouths = [.. outline.Mouths];
        _lines = [.. outline.Noses, .. _mouths.SelectMany(mouth => mouth.Facings)];
        _jaws = [.. _mouths.SelectMany(mouth => mouth.Jaws)];
        _noseCount = outline.Noses.Count;
        _corner = outline.Cut.CornerJawStart;
        _middle = outline.Cut.MiddleJawStart;
    }

    public RubberLine Line(int index) => _lines[index];

    public JawArc Jaw(int index) => _jaws[index];

    public PocketId Pocket(int index) => _mouths[index].Pocket;

    /// <summary>The first thing that a moving ball meets within a time from now; times are counted from now.</summary>
    public Meeting Next(in RelativeMotion ball, double horizon)
    {
        var next = Meeting.None;
        var sweep = Sweep.Of(ball, horizon);
        var edge = _inset + Margin;
        var (edgeX, edgeY) = (Measurements.Length - edge, Measurements.Width - edge);
        if (sweep.LowX > edge && sweep.HighX < edgeX && sweep.LowY > edge && sweep.HighY < edgeY) return next;

        for (var i = 0; i < _noseCount; i++) ConsiderLine(i, ball, horizon, ref next);
        for (var pocket = 0; pocket < _mouths.Length; pocket++)
        {
            if (ComesNear((PocketId)pocket, sweep)) ConsiderMouth(pocket, ball, Math.Min(horizon, next.Time), ref next);
        }

        return next;
    }

    /// <summary>Lifts a ball that has sunk into the rubber by rounding or leaning back to its surface.</summary>
    public Vec3 OutOfLine(int index, Vec3 position)
    {
        var line = _lines[index];
        var across = line.At + line.Inward * _inset;
        return line.AlongX ? position with { Y = across } : position with { X = across };
    }

    /// <summary>As <see cref="OutOfLine"/> for a jaw.</summary>
    public Vec3 OutOfJaw(int index, Vec3 position)
    {
        var jaw = _jaws[index];
        var place = jaw.Centre.Towards(new Place(position.X, position.Y), jaw.Radius + _inset);
        return position with { X = place.X, Y = place.Y };
    }

    /// <summary>Unit vector from a ball into a line's rubber.</summary>
    public Vec3 IntoLine(int index)
    {
        var line = _lines[index];
        return line.AlongX ? new Vec3(0, -line.Inward, 0) : new Vec3(-line.Inward, 0, 0);
    }

    /// <summary>Unit vector from a ball into a jaw.</summary>
    public Vec3 IntoJaw(int index, Vec3 position)
    {
        var inward = new Vec3(_jaws[index].Centre.X - position.X, _jaws[index].Centre.Y - position.Y, 0);
        return inward * (1 / inward.Length);
    }

    private void ConsiderMouth(int pocket, in RelativeMotion ball, double horizon, ref Meeting next)
    {
        for (var i = 2 * pocket; i < 2 * pocket + 2; i++)
        {
            ConsiderJaw(i, ball, horizon, ref next);
            ConsiderLine(_noseCount + i, ball, horizon, ref next);
        }

        Take(TimeToFall(pocket, ball, horizon), horizon, MeetingKind.Drop, pocket, false, ref next);
    }

    /// <summary>Time from now at which the centre passes the drop edge.</summary>
    private double TimeToFall(int pocket, in RelativeMotion ball, double horizon)
    {
        var mouth = _mouths[pocket];
        var fromDrop = ball with { X = ball.X - mouth.DropCentre.X, Y = ball.Y - mouth.DropCentre.Y };
        var falls = Approach.ToCircle(fromDrop, mouth.DropRadius, horizon, out _);
        var height = -mouth.DepthBehindDropCentre(new Place(ball.X, ball.Y));
        var speed = -(ball.Vx * mouth.Axis.X + ball.Vy * mouth.Axis.Y);
        var acceleration = -(ball.Ax * mouth.Axis.X + ball.Ay * mouth.Axis.Y);
        return Math.Min(falls, FirstDescent.OfQuadratic(height, speed, acceleration / 2));
    }

    private void ConsiderLine(int index, in RelativeMotion ball, double horizon, ref Meeting next)
    {
        var line = _lines[index];
        var (across, acrossSpeed, acrossRate) = line.AlongX ? (ball.Y, ball.Vy, ball.Ay) : (ball.X, ball.Vx, ball.Ax);
        var (along, alongSpeed, alongRate) = line.AlongX ? (ball.X, ball.Vx, ball.Ax) : (ball.Y, ball.Vy, ball.Ay);
        var height = (across - line.At) * line.Inward - _inset;
        var isOver = Covers(line, along) && height > -_inset;
        var time = Approach.ToLine(height, acrossSpeed * line.Inward, acrossRate * line.Inward, isOver, out var leans);
        if (time > horizon || !Covers(line, along + (alongSpeed + alongRate * time / 2) * time)) return;
        Take(time, horizon, MeetingKind.Line, index, leans, ref next);
    }

    private void ConsiderJaw(int index, in RelativeMotion ball, double horizon, ref Meeting next)
    {
        var jaw = _jaws[index];
        var fromJaw = ball with { X = ball.X - jaw.Centre.X, Y = ball.Y - jaw.Centre.Y };
        var time = Approach.ToCircle(fromJaw, jaw.Radius + _inset, horizon, out var leans);
        if (time > horizon) return;
        var x = ball.X + (ball.Vx + ball.Ax * time / 2) * time;
        var y = ball.Y + (ball.Vy + ball.Ay * time / 2) * time;
        if (jaw.Faces(x, y)) Take(time, horizon, MeetingKind.Jaw, index, leans, ref next);
    }

    private static void Take(double time, double horizon, MeetingKind kind, int index, bool leans, ref Meeting next)
    {
        if (time <= horizon && time < next.Time) next = new Meeting(time, kind, index, leans);
    }

    private static bool Covers(RubberLine line, double along) => along >= line.From - 1e-12 && along <= line.To + 1e-12;

    private bool ComesNear(PocketId pocket, in Sweep sweep)
    {
        var depth = IsMiddle(pocket) ? _inset : _corner;
        var nearSide = pocket is PocketId.Green or PocketId.MiddleGreenSide or PocketId.TopGreenSide
            ? sweep.HighY > Measurements.Width - depth
            : sweep.LowY < depth;
        if (!nearSide) return false;
        return pocket switch
        {
            PocketId.Yellow or PocketId.Green => sweep.LowX < _corner,
            PocketId.TopYellowSide or PocketId.TopGreenSide => sweep.HighX > Measurements.Length - _corner,
            _ => sweep.LowX < Measurements.Length / 2 + _middle && sweep.HighX > Measurements.Length / 2 - _middle,
        };
    }

    private static bool IsMiddle(PocketId pocket) => pocket is PocketId.MiddleYellowSide or PocketId.MiddleGreenSide;
}
