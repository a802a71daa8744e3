using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <summary>
/// Plays out a stroke in continuous time, event by event: between events all motion is closed form, the next event comes
/// from polynomial roots, and an event re-computes only what concerns the balls that it touched. One instance serves one thread and
/// may be used again and again.
/// </summary>
public sealed class TableSimulation
{
    /// <summary>Most events that one shot may take.</summary>
    public const int EventBudget = 100_000;

    /// <summary>Simulated seconds after which a shot that does not end by itself is stopped.</summary>
    public const double TimeLimit = 120;

    /// <summary>Closing speed in m/s under which a contact that is not a pair's first is a mere tremble of balls that press.</summary>
    private const double TrembleSpeed = 0.005;

    /// <summary>A slide that a tremble set off and that ends within this many seconds belongs to the tremble.</summary>
    private const double TrembleSlide = 0.005;

    /// <summary>Overlap in metres that is mere rounding.</summary>
    private const double RoundingOverlap = 1e-11;

    private readonly PlayingConditions _conditions;
    private readonly Boundary _boundary;
    private readonly double _radius;
    private readonly Body[] _bodies = new Body[BallSet.Count];
    private readonly double[] _pairTime = new double[BallSet.Count * BallSet.Count];
    private readonly bool[] _pairLeans = new bool[BallSet.Count * BallSet.Count];
    private readonly bool[] _pairMet = new bool[BallSet.Count * BallSet.Count];
    private readonly List<PottedBall> _potted = [];
    private readonly List<CushionId> _whiteCushions = [];
    private int _count;
    private double _now;
    private FirstContact? _firstContact;
    private ShotRecord? _record;

    /// <summary>Prepares a table.</summary>
    /// <param name="conditions">Conditions without <see cref="PlayingConditions.Problems"/>.</param>
    /// <param name="outline">The outline built from the conditions' pocket cut.</param>
    public TableSimulation(PlayingConditions conditions, TableOutline outline)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        ArgumentNullException.ThrowIfNull(outline);
        _conditions = conditions;
        _radius = conditions.Balls.Radius;
        _boundary = new Boundary(outline, conditions.Gauge.CushionInset);
    }

    /// <summary>Plays a stroke on the white.</summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strike">The strike.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="EventBudgetException">The shot takes more events than <see cref="EventBudget"/>.</exception>
    public ShotOutcome Play(Layout layout, in Strike strike, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Play(layout, CueStrike.Apply(strike, WhiteAtRest(layout), _conditions), record);
    }

    /// <summary>Lets the white set off with a given velocity and spin.</summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="velocity">Initial velocity of the white in m/s, horizontal.</param>
    /// <param name="spin">Initial spin of the white in rad/s.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="EventBudgetException">The shot takes more events than <see cref="EventBudget"/>.</exception>
    public ShotOutcome Play(Layout layout, Vec3 velocity, Vec3 spin, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Play(layout, WhiteAtRest(layout) with { Velocity = velocity with { Z = 0 }, Spin = spin }, record);
    }

    private ShotOutcome Play(Layout layout, in BallState white, ShotRecord? record)
    {
        SetUp(layout, white, record);
        var events = 0;
        while (true)
        {
            var (time, first, second) = FindNext();
            if (double.IsPositiveInfinity(time)) return Finish(ShotEnd.AtRest, events);
            if (time >= TimeLimit)
            {
                _now = TimeLimit;
                return Finish(ShotEnd.TimeLimit, events);
            }

            if (++events > EventBudget) throw new EventBudgetException(_now, Snapshot());
            _now = Math.Max(_now, time);
            if (second < 0) HandleOwn(first);
            else HandlePair(first, second);
        }
    }

    private BallState WhiteAtRest(Layout layout) => BallState.AtRest(
        layout[BallId.Cue] ?? throw new ArgumentException("The layout has no white.", nameof(layout)), _radius);

    private void SetUp(Layout layout, in BallState white, ShotRecord? record)
    {
        _record = record;
        _now = 0;
        _firstContact = null;
        Array.Clear(_pairMet);
        _potted.Clear();
        _whiteCushions.Clear();
        _count = layout.Balls.Count;
        for (var i = 0; i < _count; i++)
        {
            var placed = layout.Balls[i];
            var state = placed.Ball == BallId.Cue ? white : BallState.AtRest(placed.Place, _radius);
            _bodies[i] = new Body { Ball = placed.Ball, Arc = ClothMotion.Begin(state, _conditions.Table, _radius) };
        }

        for (var i = 0; i < _count; i++) Foresee(i);
        if (_record is not null)
        {
            var body = _bodies[0];
            var still = BallState.AtRest(body.Arc.Start.Place, _radius);
            Tell(ShotEventKind.Strike, null, null, false, new BallAtEvent(body.Ball, still, body.Arc.Start, body.Arc.Phase));
        }
    }

    private (double Time, int First, int Second) FindNext()
    {
        var (time, first, second) = (double.PositiveInfinity, -1, -1);
        for (var i = 0; i < _count; i++)
        {
            if (_bodies[i].Next.Time < time) (time, first, second) = (_bodies[i].Next.Time, i, -1);
            for (var j = i + 1; j < _count; j++)
            {
                var pair = _pairTime[i * BallSet.Count + j];
                if (pair < time) (time, first, second) = (pair, i, j);
            }
        }

        return (time, first, second);
    }

    private void HandleOwn(int index)
    {
        ref var body = ref _bodies[index];
        var next = body.Next;
        var before = body.StateAt(_now);
        switch (next.Kind)
        {
            case MeetingKind.PhaseEnd:
                EndPhase(ref body, before);
                break;
            case MeetingKind.Line:
                var line = _boundary.Line(next.Index);
                before = before with { Position = _boundary.OutOfLine(next.Index, before.Position) };
                MeetRubber(ref body, before, _boundary.IntoLine(next.Index), line.Pocket, line.Cushion);
                break;
            case MeetingKind.Jaw:
                var jaw = _boundary.Jaw(next.Index);
                before = before with { Position = _boundary.OutOfJaw(next.Index, before.Position) };
                MeetRubber(ref body, before, _boundary.IntoJaw(next.Index, before.Position), jaw.Pocket, jaw.Cushion);
                break;
            case MeetingKind.Drop:
                Pot(ref body, before, _boundary.Pocket(next.Index));
                break;
            default:
                throw new InvalidOperationException($"A ball has nothing to meet at {_now} s.");
        }

        Foresee(index);
    }

    private void EndPhase(ref Body body, in BallState before)
    {
        var ended = body.Arc.Phase;
        var trembles = body.Trembles && body.Arc.Duration < TrembleSlide;
        var arc = ClothMotion.Continue(body.Arc, _conditions.Table, _radius);
        Change(ref body, arc, trembles);
        if (_record is null || ended == MotionPhase.Spinning) return;
        var kind = arc.Phase == MotionPhase.Rolling ? ShotEventKind.Rolls : ShotEventKind.Stops;
        Tell(kind, null, null, trembles && kind == ShotEventKind.Rolls, new BallAtEvent(body.Ball, before, arc.Start, arc.Phase));
    }

    private void MeetRubber(ref Body body, in BallState before, Vec3 into, PocketId? pocket, CushionId cushion)
    {
        var leans = body.Next.Presses || before.Velocity.Dot(into) < CushionImpact.DeadSpeed;
        var after = leans
            ? CushionImpact.TakeNormalVelocity(before, into)
            : CushionImpact.Resolve(before, into, pocket is null ? 1 : _conditions.JawFactor, _conditions);
        Change(ref body, ClothMotion.Begin(after, _conditions.Table, _radius), leans);
        if (leans) return;
        if (body.Ball == BallId.Cue && pocket is null) _whiteCushions.Add(cushion);
        if (_record is null) return;
        var kind = pocket is null ? ShotEventKind.Cushion : ShotEventKind.Jaw;
        Tell(kind, cushion, pocket, false, new BallAtEvent(body.Ball, before, after, body.Arc.Phase));
    }

    private void Pot(ref Body body, in BallState before, PocketId pocket)
    {
        _potted.Add(new PottedBall(body.Ball, pocket));
        Change(ref body, new MotionArc { Phase = MotionPhase.Potted, Duration = double.PositiveInfinity, Start = before }, false);
        if (_record is not null)
            Tell(ShotEventKind.Pocket, null, pocket, false, new BallAtEvent(body.Ball, before, before, MotionPhase.Potted));
    }

    private void HandlePair(int i, int j)
    {
        ref var first = ref _bodies[i];
        ref var second = ref _bodies[j];
        var leans = _pairLeans[i * BallSet.Count + j];
        var (a, b) = (first.StateAt(_now), second.StateAt(_now));
        MoveApart(ref a, ref b);
        var (beforeA, beforeB) = (a, b);
        var trembles = leans || (_pairMet[i * BallSet.Count + j] && ClosingSpeed(a, b) < TrembleSpeed);
        _pairMet[i * BallSet.Count + j] = true;
        if (!leans && _firstContact is null && i == 0 && first.Ball == BallId.Cue) _firstContact = Contact(a, second.Ball, b);
        if (leans) BallImpact.ShareNormalVelocity(ref a, ref b);
        else BallImpact.Resolve(ref a, ref b, _conditions.Balls);
        Change(ref first, ClothMotion.Begin(a, _conditions.Table, _radius), trembles);
        Change(ref second, ClothMotion.Begin(b, _conditions.Table, _radius), trembles);
        Foresee(i);
        Foresee(j);
        if (leans || _record is null) return;
        Tell(
            ShotEventKind.Ball,
            null,
            null,
            trembles,
            new BallAtEvent(first.Ball, beforeA, a, first.Arc.Phase),
            new BallAtEvent(second.Ball, beforeB, b, second.Arc.Phase));
    }

    private static double ClosingSpeed(in BallState a, in BallState b)
    {
        var apart = b.Position - a.Position;
        return (a.Velocity - b.Velocity).Dot(apart) / apart.Length;
    }

    /// <summary>Takes out the overlap, a tenth of a micrometre at most, into which two pressing balls have sunk.</summary>
    private void MoveApart(ref BallState a, ref BallState b)
    {
        var apart = b.Position - a.Position;
        var distance = apart.Length;
        var overlap = 2 * _radius - distance;
        if (overlap < RoundingOverlap) return;
        var shift = apart * (overlap / (2 * distance));
        a = a with { Position = a.Position - shift };
        b = b with { Position = b.Position + shift };
    }

    private static FirstContact Contact(in BallState white, BallId ball, in BallState met)
    {
        var line = met.Position - white.Position;
        var cut = Math.Atan2(
            white.Velocity.X * line.Y - white.Velocity.Y * line.X,
            white.Velocity.X * line.X + white.Velocity.Y * line.Y);
        return new FirstContact(ball, white, met.Place, cut);
    }

    /// <summary>Puts a ball into a new phase and tells the piece of path behind it.</summary>
    private void Change(ref Body body, in MotionArc arc, bool trembles)
    {
        TellPiece(body, trembles);
        body.Arc = arc;
        body.Since = _now;
        body.Trembles = trembles;
    }

    /// <summary>Works out anew what a ball meets next, by itself and with every other ball.</summary>
    private void Foresee(int index)
    {
        ref var body = ref _bodies[index];
        body.Next = OwnMeeting(body);
        for (var other = 0; other < _count; other++)
        {
            if (other == index) continue;
            var (low, high) = index < other ? (index, other) : (other, index);
            var time = PairMeeting(_bodies[low], _bodies[high], out var leans);
            _pairTime[low * BallSet.Count + high] = time;
            _pairLeans[low * BallSet.Count + high] = leans;
        }
    }

    private Meeting OwnMeeting(in Body body)
    {
        if (!body.Arc.IsMoving) return PhaseEnd(body);
        var horizon = body.Remaining(_now);
        var met = _boundary.Next(body.MotionAt(_now), Math.Min(horizon, TimeLimit - _now));
        return met.Kind == MeetingKind.None ? PhaseEnd(body) : met with { Time = _now + met.Time };
    }

    private static Meeting PhaseEnd(in Body body) => double.IsPositiveInfinity(body.Arc.Duration)
        ? body.Arc.IsMoving ? Meeting.None with { Time = TimeLimit } : Meeting.None
        : new Meeting(body.Since + body.Arc.Duration, MeetingKind.PhaseEnd, -1, false);

    private double PairMeeting(in Body a, in Body b, out bool leans)
    {
        leans = false;
        if (!a.Arc.IsMoving && !b.Arc.IsMoving) return double.PositiveInfinity;
        if (a.Arc.Phase == MotionPhase.Potted || b.Arc.Phase == MotionPhase.Potted) return double.PositiveInfinity;
        var horizon = Math.Min(TimeLimit - _now, Math.Min(a.Remaining(_now), b.Remaining(_now)));
        var relative = b.MotionAt(_now).From(a.MotionAt(_now));
        return _now + Approach.ToCircle(relative, 2 * _radius, horizon, out leans);
    }

    private ShotOutcome Finish(ShotEnd end, int events)
    {
        for (var i = 0; i < _count; i++) TellPiece(_bodies[i], false);
        return new ShotOutcome
        {
            End = end,
            Duration = _now,
            EventCount = events,
            FirstContact = _firstContact,
            Potted = [.. _potted],
            WhiteCushions = [.. _whiteCushions],
            Final = Snapshot(),
        };
    }

    private List<BallAtEnd> Snapshot()
    {
        var balls = new List<BallAtEnd>(_count);
        for (var i = 0; i < _count; i++)
        {
            var body = _bodies[i];
            if (body.Arc.Phase != MotionPhase.Potted) balls.Add(new BallAtEnd(body.Ball, body.StateAt(_now), body.Arc.Phase));
        }

        return balls;
    }

    private void Tell(ShotEventKind kind, CushionId? cushion, PocketId? pocket, bool trembles, params BallAtEvent[] balls) =>
        _record?.Events.Add(new ShotEvent(_now, kind, balls, cushion, pocket, trembles));

    private void TellPiece(in Body body, bool trembles)
    {
        var length = _now - body.Since;
        if (_record is null || length <= 0 || body.Arc.Phase is MotionPhase.AtRest or MotionPhase.Potted) return;
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
            trembles));
    }
}
