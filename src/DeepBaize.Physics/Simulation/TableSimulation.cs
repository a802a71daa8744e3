using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Physics.Work;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Simulation;

/// <summary>
/// Plays out a stroke in continuous time, event by event: between events all motion is closed form, the next event comes
/// from polynomial roots, and an event re-computes only what concerns the balls that it touched. One instance serves one thread and
/// may be used again and again; reading strokes into a <see cref="StrokeResult"/> allocates nothing.
/// </summary>
public sealed partial class TableSimulation
{
    /// <summary>Most events that one shot may take.</summary>
    public const int EventBudget = 100_000;

    /// <summary>
    /// Events after which a shot is one of many balls that press on each other: what is slower than <see cref="CalmSpeed"/> stands from
    /// then on.
    /// </summary>
    private const int CalmAfter = 20_000;

    /// <summary>Speed in m/s with which a ball would come no farther than some hundredths of a millimetre.</summary>
    private const double CalmSpeed = 0.002;

    /// <summary>Simulated seconds after which a shot that does not end by itself is stopped.</summary>
    public const double TimeLimit = 120;

    /// <summary>Closing speed in m/s under which a contact that is not a pair's first is a mere tremble of balls that press.</summary>
    private const double TrembleSpeed = 0.005;

    /// <summary>A slide that a tremble set off and that ends within this many seconds belongs to the tremble.</summary>
    private const double TrembleSlide = 0.005;

    private readonly PlayingConditions _conditions;
    private readonly PlayingConditions _jaws;
    private readonly Boundary _boundary;
    private readonly ClusterImpact _clusters;
    private readonly double _radius;
    private readonly Body[] _bodies = new Body[BallSet.Count];
    private readonly bool[] _pairMet = new bool[BallSet.Count * BallSet.Count];
    private readonly int[] _group = new int[BallSet.Count];
    private readonly BallState[] _before = new BallState[BallSet.Count];
    private readonly BallState[] _after = new BallState[BallSet.Count];
    private readonly StrokeResult _own = new();
    private StrokeResult _result;
    private int _count;
    private double _now;
    private ShotRecord? _record;
    private WorkMeter? _work;

    /// <summary>Prepares a table.</summary>
    /// <param name="conditions">Conditions that can be simulated, see <see cref="Profiles.Coefficients.Problems"/>.</param>
    /// <param name="outline">The outline built from the conditions' pocket cut.</param>
    public TableSimulation(PlayingConditions conditions, TableOutline outline)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        ArgumentNullException.ThrowIfNull(outline);
        (_conditions, _jaws) = (conditions, conditions.ForJaws());
        _radius = conditions.Balls.Radius;
        _boundary = new Boundary(outline, conditions.Gauge);
        _clusters = new ClusterImpact(conditions.Balls);
        _result = _own;
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
    /// <param name="velocity">Initial velocity of the white in m/s; the bed answers a downward part at once.</param>
    /// <param name="spin">Initial spin of the white in rad/s.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="EventBudgetException">The shot takes more events than <see cref="EventBudget"/>.</exception>
    public ShotOutcome Play(Layout layout, Vec3 velocity, Vec3 spin, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        return Play(layout, WhiteAtRest(layout) with { Velocity = velocity, Spin = spin }, record);
    }

    /// <summary>Plays a stroke for its outcome only. Does not throw when the budget of events runs out: the result says so.</summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strike">The strike.</param>
    /// <param name="result">Filled with what came of it.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="ImpactBudgetException">An impact did not come to its end.</exception>
    public void Run(Layout layout, in Strike strike, StrokeResult result, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(result);
        Run(layout, CueStrike.Apply(strike, WhiteAtRest(layout), _conditions), result, record, null);
    }

    /// <summary>
    /// Plays a stroke only until the white meets a ball. The result then ends with <see cref="ShotEnd.Decided"/>; a white that meets none
    /// lets the stroke run to its end.
    /// </summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strike">The strike.</param>
    /// <param name="result">Filled with what came of it.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="ImpactBudgetException">An impact did not come to its end.</exception>
    public void RunUntilContact(Layout layout, in Strike strike, StrokeResult result, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(result);
        Run(layout, CueStrike.Apply(strike, WhiteAtRest(layout), _conditions), result, record, null, stopsAtContact: true);
    }

    /// <summary>
    /// Plays a stroke only until it is known whether it pots one ball by meeting it first: the ball falls, or it moved and stopped, or the
    /// white meets another ball first. The result then ends with <see cref="ShotEnd.Decided"/> and the balls as they are at that moment. A
    /// white that meets nothing lets the stroke run to its end.
    /// </summary>
    /// <param name="layout">Where the balls are; with the white.</param>
    /// <param name="strike">The strike.</param>
    /// <param name="ball">The ball that is watched.</param>
    /// <param name="result">Filled with what came of it.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    /// <exception cref="ImpactBudgetException">An impact did not come to its end.</exception>
    public void RunUntilDecided(Layout layout, in Strike strike, BallId ball, StrokeResult result, ShotRecord? record = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(result);
        Run(layout, CueStrike.Apply(strike, WhiteAtRest(layout), _conditions), result, record, ball);
    }

    private ShotOutcome Play(Layout layout, in BallState white, ShotRecord? record)
    {
        Run(layout, white, _own, record, null);
        var outcome = _own.ToOutcome();
        return outcome.End == ShotEnd.EventBudget ? throw new EventBudgetException(outcome.Duration, outcome.Final) : outcome;
    }

    private void Run(
        Layout layout, in BallState white, StrokeResult result, ShotRecord? record, BallId? watched, bool stopsAtContact = false)
    {
        SetUp(layout, white, result, record);
        _work = WorkMeter.Current;
        _work?.Begin();
        var watch = watched is { } ball ? IndexOf(ball) : -1;
        while (true)
        {
            if (_result.EventCount % WorkMeter.LookEvery == WorkMeter.LookEvery - 1) _work?.Spend(WorkMeter.LookEvery);
            var (time, index) = FindNext();
            if (time >= TimeLimit)
            {
                if (!double.IsPositiveInfinity(time)) (_now, _result.End) = (TimeLimit, ShotEnd.TimeLimit);
                break;
            }

            if (_result.EventCount >= EventBudget)
            {
                _result.End = ShotEnd.EventBudget;
                break;
            }

            _result.EventCount++;
            _now = Math.Max(_now, time);
            ref var body = ref _bodies[index];
            if (body.Own.Time <= body.PairTime) HandleOwn(index);
            else HandlePair(Math.Min(index, body.Partner), Math.Max(index, body.Partner), body.PairLeans);
            var isDecided = watch >= 0 ? IsDecided(index, watch) : stopsAtContact && _result.FirstContact is not null;
            if (!isDecided) continue;
            _result.End = ShotEnd.Decided;
            break;
        }

        _work?.Spend(_result.EventCount % WorkMeter.LookEvery);
        Finish();
    }

    /// <summary>True when a watched ball fell, or stands still at the end of a motion, or when the white met another ball first.</summary>
    private bool IsDecided(int handled, int watch)
    {
        if (_result.FirstContact is { } first && first.Ball != _bodies[watch].Ball) return true;
        return handled == watch && _bodies[watch].Arc.Phase is (
            MotionPhase.Potted or MotionPhase.OffTable or MotionPhase.AtRest or MotionPhase.Spinning);
    }

    private int IndexOf(BallId ball)
    {
        for (var i = 0; i < _count; i++)
        {
            if (_bodies[i].Ball == ball) return i;
        }

        return -1;
    }

    private BallState WhiteAtRest(Layout layout) => BallState.AtRest(
        layout[BallId.Cue] ?? throw new ArgumentException("The layout has no white.", nameof(layout)), _radius);

    private void SetUp(Layout layout, in BallState white, StrokeResult result, ShotRecord? record)
    {
        (_record, _result, _now) = (record, result, 0);
        (_firstContactTime, _whiteMetMore) = (double.PositiveInfinity, false);
        _result.Clear();
        Array.Clear(_pairMet);
        _count = layout.Balls.Count;
        _white = 0;
        for (var i = 0; i < _count; i++)
        {
            var placed = layout.Balls[i];
            if (placed.Ball == BallId.Cue) _white = i;
            ref var body = ref _bodies[i];
            body = new Body { Ball = placed.Ball, Own = Meeting.None, PushedBy = -1, Partner = -1, Pocket = -1 };
            body.PairTime = double.PositiveInfinity;
            body.Arc = ClothMotion.Rest(BallState.AtRest(placed.Place, _radius));
        }

        _bodies[_white].Arc = ClothMotion.Begin(white, _conditions.Table, _radius);
        Foresee(_white);
        if (_record is not null)
        {
            var body = _bodies[_white];
            var still = BallState.AtRest(body.Arc.Start.Place, _radius);
            Tell(ShotEventKind.Strike, null, null, false, new BallAtEvent(body.Ball, still, body.Arc.Start, body.Arc.Phase));
        }
    }

    private void HandleOwn(int index)
    {
        ref var body = ref _bodies[index];
        var next = body.Own;
        var before = body.StateAt(_now);
        if (next.Kind == MeetingKind.PhaseEnd && body.PushedBy != -1)
        {
            RenewPush(index, before);
            return;
        }

        switch (next.Kind)
        {
            case MeetingKind.PhaseEnd:
                EndPhase(ref body, before);
                break;
            case MeetingKind.Line:
                var line = _boundary.Line(next.Index);
                if (!body.IsAirborne) before = before with { Position = _boundary.OutOfLine(next.Index, before.Position) };
                MeetRubber(ref body, before, _boundary.IntoLine(next.Index), line.Pocket, line.Cushion);
                break;
            case MeetingKind.Jaw:
                var jaw = _boundary.Jaw(next.Index);
                if (!body.IsAirborne) before = before with { Position = _boundary.OutOfJaw(next.Index, before.Position) };
                MeetRubber(ref body, before, _boundary.IntoJaw(next.Index, before.Position), jaw.Pocket, jaw.Cushion);
                break;
            case MeetingKind.Over:
                GoOver(ref body, before);
                break;
            case MeetingKind.Drop:
                Drop(ref body, before, next.Index);
                break;
            case MeetingKind.Edge:
                MeetEdge(ref body, before);
                break;
            case MeetingKind.Back:
                MeetBack(ref body, before);
                break;
            case MeetingKind.Leave:
                LeavePocket(ref body, before);
                break;
            default:
                throw new InvalidOperationException($"A ball has nothing to meet at {_now} s.");
        }

        Foresee(index);
    }

    private void EndPhase(ref Body body, in BallState before)
    {
        var ended = body.Arc.Phase;
        if (ended == MotionPhase.Falling)
        {
            Pot(ref body, before);
            return;
        }

        if (ended == MotionPhase.Airborne && _boundary.IsBehindNose(before.Place))
        {
            GoOver(ref body, before);
            return;
        }

        var trembles = body.Trembles && body.Arc.Duration < TrembleSlide;
        var arc = ClothMotion.Continue(body.Arc, _conditions.Table, _radius);
        Change(ref body, arc, trembles);
        if (_record is null || ended == MotionPhase.Spinning || (ended == MotionPhase.Rolling && arc.Phase == MotionPhase.Rolling)) return;
        if (ended == MotionPhase.Airborne)
        {
            TellLanding(body, before);
            return;
        }

        var kind = arc.Phase == MotionPhase.Rolling ? ShotEventKind.Rolls : ShotEventKind.Stops;
        Tell(kind, null, null, trembles && kind == ShotEventKind.Rolls, new BallAtEvent(body.Ball, before, arc.Start, arc.Phase));
    }

    private void MeetRubber(ref Body body, in BallState before, Vec3 into, PocketId? pocket, CushionId cushion)
    {
        var isInAir = body.IsAirborne;
        var normal = isInAir ? _boundary.Climb(into, before.Position.Z - _radius) : into;
        var leans = body.Own.Presses || before.Velocity.Dot(normal) < CushionImpact.DeadSpeed;
        var share = _conditions.Table.CushionLiveliness[cushion] * (pocket is null ? 1 : _conditions.JawFactor);
        var rubber = pocket is null ? _conditions : _jaws;
        var after = leans ? CushionImpact.TakeNormalVelocity(before, normal)
            : body.Pocket >= 0 ? CushionImpact.ResolveInAir(before, normal, share, rubber)
            : isInAir && before.Position.Z - _radius <= Flight.BedHeight ? UnderNose(before, into, normal, share, rubber)
            : isInAir ? CushionImpact.ResolveInAir(before, normal, share, rubber)
            : CushionImpact.Resolve(before, into, share, rubber);
        if (body.Pocket >= 0)
        {
            if (!leans) TellPocket(ShotEventKind.Jaw, false, body, before, after);
            FallOn(ref body, leans, false, after);
            return;
        }

        Change(ref body, Onward(body, after), leans);
        if (leans)
        {
            if (!isInAir) PressOnRubber(ref body, into);
            return;
        }

        if (body.Ball == BallId.Cue && pocket is null) _result.Add(cushion);
        else if (body.Ball == BallId.Cue) _result.WhiteJaws++;
        if (body.Ball == BallId.Cue && _result.FirstContact is not null) _whiteMetMore = true;
        if (_record is null) return;
        var kind = pocket is null ? ShotEventKind.Cushion : ShotEventKind.Jaw;
        Tell(kind, cushion, pocket, false, new BallAtEvent(body.Ball, before, after, body.Arc.Phase));
    }

    /// <summary>A ball that is hardly off the bed, as if it were on it.</summary>
    private BallState OnBed(in BallState state) =>
        state with { Position = state.Position with { Z = _radius }, Velocity = state.Velocity with { Z = 0 } };

    /// <summary>
    /// A ball in the air that is hardly off the bed meets rubber as if it were on it. What then still brings it up under the nose the nose
    /// takes, and does not push it away.
    /// </summary>
    private BallState UnderNose(in BallState before, Vec3 into, Vec3 normal, double share, PlayingConditions rubber)
    {
        var after = KeepHeight(before, CushionImpact.Resolve(OnBed(before), into, share, rubber));
        var pressing = after.Velocity.Dot(normal);
        if (pressing <= 0) return after;
        return after with { Velocity = after.Velocity - Vec3.Up * Math.Min(pressing / normal.Z, Math.Max(0, after.Velocity.Z)) };
    }

    /// <summary>What a ball that was taken as on the bed for an impact has after it: its height and vertical speed are untouched.</summary>
    private static BallState KeepHeight(in BallState before, in BallState after) => after with
    {
        Position = after.Position with { Z = before.Position.Z },
        Velocity = after.Velocity with { Z = before.Velocity.Z },
    };

    private void GoOver(ref Body body, in BallState before)
    {
        _result.AddOffTable(body.Ball);
        Change(ref body, new MotionArc { Phase = MotionPhase.OffTable, Duration = double.PositiveInfinity, Start = before }, false);
        if (_record is not null)
            Tell(ShotEventKind.OffTable, null, null, false, new BallAtEvent(body.Ball, before, before, MotionPhase.OffTable));
    }

    private void Pot(ref Body body, in BallState before)
    {
        var pocket = _boundary.Pocket(body.Pocket);
        _result.Add(new PottedBall(body.Ball, pocket));
        Change(ref body, new MotionArc { Phase = MotionPhase.Potted, Duration = double.PositiveInfinity, Start = before }, false);
        if (_record is not null)
            Tell(ShotEventKind.Pocket, null, pocket, false, new BallAtEvent(body.Ball, before, before, MotionPhase.Potted));
    }

    /// <summary>The motion that begins from a state of a ball: in a pocket nothing is under it.</summary>
    private MotionArc Onward(in Body body, in BallState state)
    {
        if (body.Pocket >= 0) return Flight.Fall(state, _conditions.Table, _boundary.LostHeight);
        var isCalm = _result.EventCount > CalmAfter && state.Position.Z <= _radius && state.Velocity.Length < CalmSpeed;
        return isCalm ? ClothMotion.Rest(state) : ClothMotion.Begin(state, _conditions.Table, _radius);
    }

    /// <summary>Puts a ball into a new phase and tells the piece of path behind it.</summary>
    private void Change(ref Body body, in MotionArc arc, bool trembles)
    {
        TellPiece(body, trembles);
        NoteFlight(body);
        var pusher = body.PushedBy;
        body.Arc = arc;
        body.Since = _now;
        body.Trembles = trembles;
        body.PushedBy = -1;
        if (pusher >= 0) LetGo(pusher);
    }

    private void Finish()
    {
        _result.Duration = _now;
        for (var i = 0; i < _count; i++)
        {
            ref var body = ref _bodies[i];
            TellPiece(body, false);
            NoteFlight(body);
            if (!body.IsGone) _result.Add(new BallAtEnd(body.Ball, body.StateAt(_now), body.Arc.Phase));
        }
    }
}
