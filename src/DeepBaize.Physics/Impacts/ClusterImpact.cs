using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Work;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using static DeepBaize.Physics.Impacts.DormandPrince;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// An impulse that arrives at balls which touch, or nearly: all of them are resolved together through compliant contacts, and no simulated
/// time passes. Lines of centres and friction planes stay those of the instant of impact; between balls with a gap, those of the instant in
/// which it closes. Force F = max(0, k d^1.5 + A sqrt(k m / 2) d^0.25 d') (Hertz contact with the damping of Tsuji, Tanaka and Ishida
/// 1992), A such that two balls alone rebound with their restitution; friction min(mu(U) F dt, m u / 7) per step, U the greatest slip since
/// the contact closed, so that two balls alone follow <see cref="BallImpact"/>.
/// </summary>
/// <remarks>
/// Two balls are in contact for about 2.9 d / v, d the greatest overlap: 0.3 ms at 2 m/s. A ball that is struck has gone 1.5 d by then, and
/// has met by then whatever was nearer than that (<see cref="ReachAt"/>): such meetings are one impact, not two. Beyond it the first
/// contact has ended before the second begins, and the law of two balls is exact; there both ways give the same. The damping force is the
/// rate of (4/5) A sqrt(k m / 2) d^1.25, so its impulse follows exactly from the overlap; the elastic force is integrated by the
/// <see cref="DormandPrince"/> pair; friction acts after each step. One instance serves one thread.
/// </remarks>
public sealed partial class ClusterImpact
{
    /// <summary>Stiffness k of a contact in N/m^1.5; it matters only where there are gaps (estimate, from memory).</summary>
    public const double Stiffness = 5e8;

    /// <summary>Stated accuracy of speeds and R times spins with friction, relative to the speed of the ball that arrives.</summary>
    public const double Accuracy = 1e-3;

    /// <summary>The same without friction.</summary>
    public const double SmoothAccuracy = 2e-5;

    /// <summary>Error of a step, relative to the closing speed of the impact.</summary>
    private const double StepTolerance = 1e-7;

    /// <summary>Steps that the time of contact of two balls alone is cut into at least, for the sake of friction.</summary>
    private const int StepsPerContact = 20;

    /// <summary>Closing speed, relative to that of the impact, which is left to a later contact.</summary>
    private const double Negligible = 1e-6;

    /// <summary>Gap in metres, mere rounding, up to which balls touch already.</summary>
    private const double NoGap = 1e-9;

    /// <summary>
    /// What a ball that is struck goes until the contact ends, in greatest overlaps: half the speed of the impact for 2.94 d / v, and a
    /// quarter more, since balls that rebound less are in contact for longer.
    /// </summary>
    private const double ReachOverlaps = 1.25 * ContactOverlaps / 2;

    /// <summary>Time of contact of two balls alone, in greatest overlaps over the closing speed (Hertz 1882).</summary>
    private const double ContactOverlaps = 2.94;

    /// <summary>Flight over a gap, in times of contact, which is left to a later contact: by then the cloth has a say.</summary>
    private const double LongestFlight = 2;

    private const int MaxSteps = 20_000;
    private const int StepsBetweenLooks = 50;

    private readonly BallCoefficients _balls;
    private readonly double _stiffness;
    private readonly ClusterLink[] _links = new ClusterLink[BallSet.Count * (BallSet.Count - 1) / 2];
    private readonly ClusterStage[] _stages = [.. Enumerable.Range(0, 7).Select(_ => new ClusterStage())];
    private readonly ClusterStage _now = new();
    private readonly ClusterStage _trial = new();
    private int _count;
    private int _linkCount;
    private double _contactTime;

    /// <summary>Prepares impacts of a set of balls.</summary>
    /// <param name="balls">The balls.</param>
    public ClusterImpact(BallCoefficients balls)
    {
        ArgumentNullException.ThrowIfNull(balls);
        _balls = balls;
        _stiffness = Stiffness / balls.Mass;
    }

    /// <summary>
    /// Largest gap in metres over which an impact is still going on when the ball that is struck has crossed it; 0.4 mm at 2 m/s.
    /// </summary>
    /// <param name="closing">Speed in m/s at which the two balls that meet close on each other.</param>
    public double ReachAt(double closing) => ReachOverlaps * GreatestOverlap(closing);

    /// <summary>Resolves an impact.</summary>
    /// <param name="balls">
    /// The balls of the cluster at the instant of impact, all linked by gaps of at most a reach; replaced by their states after it.
    /// </param>
    /// <param name="reach">Largest gap in metres that links two balls.</param>
    /// <returns>How many steps it took.</returns>
    public int Resolve(Span<BallState> balls, double reach = Layout.TouchingGap) => Resolve(balls, reach, null);

    /// <summary>As above, on behalf of a question whose work is counted.</summary>
    internal int Resolve(Span<BallState> balls, double reach, WorkMeter? work)
    {
        if (double.IsNaN(_damping)) FindDamping();
        SetUp(balls, reach);
        return Run(balls, work);
    }

    /// <summary>True when two balls of the last impact came together in it.</summary>
    /// <param name="ball">One of them, by its place in the cluster.</param>
    /// <param name="other">The other.</param>
    /// <param name="moved">How far the first had moved when they did, in metres.</param>
    internal bool Met(int ball, int other, out (double X, double Y) moved)
    {
        foreach (ref var link in Links)
        {
            if (!link.HasMet || !((link.First == ball && link.Second == other) || (link.First == other && link.Second == ball))) continue;
            moved = link.First == ball ? link.FirstMoved : link.SecondMoved;
            return true;
        }

        moved = default;
        return false;
    }

    /// <summary>Greatest overlap of two balls alone, (5 m v^2 / 8 k)^(2/5).</summary>
    private double GreatestOverlap(double closing) => Math.Pow(0.625 * closing * closing / _stiffness, 0.4);

    private void SetUp(ReadOnlySpan<BallState> balls, double reach)
    {
        _count = balls.Length;
        _linkCount = 0;
        _now.Clear(_count);
        for (var i = 0; i < _count; i++)
        {
            for (var j = i + 1; j < _count; j++)
            {
                var gap = (balls[j].Position - balls[i].Position).Length - _balls.Diameter;
                if (gap > reach) continue;
                _links[_linkCount++] = new ClusterLink
                {
                    First = i,
                    Second = j,
                    Line = BallContact.Between(balls[i], balls[j]),
                    Gap = Math.Max(gap, 0),
                    Overlap = Math.Min(-gap, 0),
                    IsApart = gap > NoGap,
                };
            }
        }
    }

    private int Run(Span<BallState> balls, WorkMeter? work)
    {
        var closing = 0.0;
        foreach (ref var link in Links) closing = Math.Max(closing, ClosingOf(link, balls));
        if (closing <= 0) return 0;

        _contactTime = ContactOverlaps * GreatestOverlap(closing) / closing;
        var longest = _contactTime / StepsPerContact;
        var (steps, h) = (0, longest);
        while (steps < MaxSteps && (IsPressing() || FliesToContact(balls, closing * Negligible)))
        {
            steps++;
            if (steps % StepsBetweenLooks == 0) work?.Spend(1 + StepsBetweenLooks * _linkCount / WorkMeter.LinkStepsPerEvent);
            Begin(balls);
            var error = Step(h) / closing;
            var change = Math.Clamp(0.9 * Math.Pow(StepTolerance / (error + 1e-30), 0.2), 0.2, 3);
            if (error <= StepTolerance || h < _contactTime * 1e-9) Accept(balls, h);
            h = Math.Min(h * change, longest);
        }

        return steps;
    }

    private Span<ClusterLink> Links => _links.AsSpan(0, _linkCount);

    private static double ClosingOf(in ClusterLink link, ReadOnlySpan<BallState> balls) =>
        link.Line.Closing(balls[link.First], balls[link.Second]);

    private bool IsPressing()
    {
        foreach (ref var link in Links)
        {
            if (link.IsPressing) return true;
        }

        return false;
    }

    /// <summary>While nothing presses, carries the balls to where two that close on each other meet; false when none does.</summary>
    private bool FliesToContact(ReadOnlySpan<BallState> balls, double least)
    {
        var time = double.PositiveInfinity;
        foreach (ref var link in Links)
        {
            var closing = ClosingOf(link, balls);
            if (closing <= least) continue;
            var flight = Math.Max(-link.Overlap, 0) / closing;
            if (!link.IsApart || flight < LongestFlight * _contactTime) time = Math.Min(time, flight);
        }

        if (double.IsPositiveInfinity(time)) return false;
        for (var i = 0; i < _count; i++) _now.Move(i, balls[i].Velocity.X * time, balls[i].Velocity.Y * time);

        foreach (ref var link in Links)
        {
            link.Overlap = OverlapOf(link, _now);
            if (link.IsReleased && (link.Overlap <= 0 || ClosingOf(link, balls) > least)) link.IsReleased = false;
        }

        TurnLines(balls);
        return true;
    }

    /// <summary>Turns the lines of centres between balls that are still apart to where these have come.</summary>
    private void TurnLines(ReadOnlySpan<BallState> balls)
    {
        foreach (ref var link in Links)
        {
            if (!link.IsApart) continue;
            var (firstMoved, secondMoved) = (_now.Moved(link.First), _now.Moved(link.Second));
            var (first, second) = (balls[link.First].Position, balls[link.Second].Position);
            var (x, y) = (second.X + secondMoved.X - first.X - firstMoved.X, second.Y + secondMoved.Y - first.Y - firstMoved.Y);
            var distance = Math.Sqrt(x * x + y * y);
            link.Line = new BallContact(x / distance, y / distance);
            link.Overlap = Math.Min(_balls.Diameter - distance, 0);
            link.Gap = _now.Approach(link) - link.Overlap;
        }
    }

    private static double OverlapOf(in ClusterLink link, ClusterStage at) => at.Approach(link) - link.Gap;

    /// <summary>Impulse per unit mass that the damping of a contact has taken at an overlap.</summary>
    private double Damped(double overlap) => 0.8 * _damping * overlap * Math.Sqrt(Math.Sqrt(overlap));

    /// <summary>Splits the damping off the velocities: what is left is driven by the elastic forces alone.</summary>
    private void Begin(ReadOnlySpan<BallState> balls)
    {
        for (var i = 0; i < _count; i++) _now.SetVelocity(i, balls[i].Velocity.X, balls[i].Velocity.Y);
        foreach (ref var link in Links)
        {
            link.Elastic = 0;
            if (!link.IsPressing) continue;
            link.Slip = link.Line.SlipOf(balls[link.First], balls[link.Second], _balls.Radius);
            _now.Push(link, -Damped(link.Overlap));
        }
    }

    /// <summary>One trial step; returns its error as a speed.</summary>
    private double Step(double h)
    {
        var k = _stages;
        Rate(_now, k[0], h * B1);
        _trial.Set(_now, [h * A21], k);
        Rate(_trial, k[1], 0);
        _trial.Set(_now, [h * A31, h * A32], k);
        Rate(_trial, k[2], h * B3);
        _trial.Set(_now, [h * A41, h * A42, h * A43], k);
        Rate(_trial, k[3], h * B4);
        _trial.Set(_now, [h * A51, h * A52, h * A53, h * A54], k);
        Rate(_trial, k[4], h * B5);
        _trial.Set(_now, [h * A61, h * A62, h * A63, h * A64, h * A65], k);
        Rate(_trial, k[5], h * B6);
        _trial.Set(_now, [h * B1, 0, h * B3, h * B4, h * B5, h * B6], k);
        Rate(_trial, k[6], 0);
        return h * ClusterStage.Error(_contactTime, k);
    }

    /// <summary>Rates of places and velocities; adds to each link's elastic impulse with a weight.</summary>
    private void Rate(ClusterStage at, ClusterStage rate, double weight)
    {
        rate.Begin(at);
        foreach (ref var link in Links)
        {
            if (link.IsReleased) continue;
            var overlap = OverlapOf(link, at);
            if (overlap <= 0) continue;
            var root = Math.Sqrt(overlap);
            var elastic = _stiffness * overlap * root;
            link.Elastic += weight * elastic;
            rate.Drive(link, 0.8 * _damping * overlap * Math.Sqrt(root), elastic);
        }
    }

    /// <summary>Takes the trial step over: velocities, contacts that open, friction.</summary>
    private void Accept(Span<BallState> balls, double h)
    {
        _now.CopyPlaces(_trial);
        foreach (ref var link in Links)
        {
            var overlap = OverlapOf(link, _now);
            if (!link.IsReleased && overlap > 0) _trial.Push(link, Damped(overlap));
        }

        for (var i = 0; i < _count; i++)
        {
            var (x, y) = _trial.Velocity(i);
            balls[i] = balls[i] with { Velocity = new Vec3(x, y, balls[i].Velocity.Z) };
        }

        foreach (ref var link in Links) Settle(ref link, balls, h);
        foreach (ref var link in Links) link.Overlap = OverlapOf(link, _now);
        TurnLines(balls);
    }

    /// <summary>Ends a contact that would have to pull, and applies friction for the impulse of the step.</summary>
    private void Settle(ref ClusterLink link, Span<BallState> balls, double h)
    {
        var overlap = OverlapOf(link, _now);
        if (overlap <= 0 && link.Overlap <= 0 && link.Elastic == 0) return;
        if (!link.HasMet) Meet(ref link);
        ref var first = ref balls[link.First];
        ref var second = ref balls[link.Second];
        var closing = link.Line.Closing(first, second);
        var pressed = link.Overlap > 0 ? Damped(link.Overlap) : 0;
        var impulse = link.IsReleased ? 0 : link.Elastic + (overlap > 0 ? Damped(overlap) : 0) - pressed;
        var isPulling = overlap <= 0 || _stiffness * overlap * Math.Sqrt(overlap) + _damping * Math.Sqrt(Math.Sqrt(overlap)) * closing < 0;
        if (link.IsPressing && isPulling && closing < 0)
        {
            var pull = PullTo(Math.Max(overlap, 0), -closing);
            link.Line.Press(ref first, ref second, pull);
            impulse += pull;
        }

        link.IsReleased = isPulling && overlap > 0;
        if (impulse > 0) Rub(ref link, ref first, ref second, impulse, h);
        if (overlap <= 0) (link.GreatestSlip, link.Slip) = (0, default);
    }

    /// <summary>Notes that two balls have come together: from now on their line of centres stands.</summary>
    private void Meet(ref ClusterLink link)
    {
        if (link.IsApart) (link.FirstMoved, link.SecondMoved) = (_now.Moved(link.First), _now.Moved(link.Second));
        (link.HasMet, link.IsApart) = (true, false);
    }

    /// <summary>
    /// Size of the pull, per unit mass, between the overlap at which the force vanished and a smaller one, the balls parting at a speed.
    /// </summary>
    private double PullTo(double overlap, double parting)
    {
        if (_damping == 0) return 0;
        var vanished = Math.Pow(_damping * parting / _stiffness, 0.8);
        if (vanished <= overlap) return 0;
        var elastic = _stiffness * (vanished * vanished * Math.Sqrt(vanished) - overlap * overlap * Math.Sqrt(overlap)) / (2.5 * parting);
        return Math.Max(Damped(vanished) - Damped(overlap) - elastic, 0);
    }

    private void Rub(ref ClusterLink link, ref BallState first, ref BallState second, double impulse, double h)
    {
        var slip = link.Line.SlipOf(first, second, _balls.Radius);
        if (slip.Size > link.GreatestSlip)
        {
            link.GreatestSlip = slip.Size;
            link.Friction = _balls.FrictionAt(slip.Size);
        }

        // Against the mean slip of the step, and as if it had acted all through it: friction at its end alone would lag behind.
        var before = first.Velocity;
        link.Line.Rub(ref first, ref second, slip, slip.Plus(link.Slip), link.Friction * impulse, _balls.Radius);
        var moved = (first.Velocity - before) * (h / 2);
        _now.Move(link.First, moved.X, moved.Y);
        _now.Move(link.Second, -moved.X, -moved.Y);
    }
}
