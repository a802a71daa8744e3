using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;

namespace DeepBaize.Planning.Indirect;

/// <summary>A ball on its last way to a pocket, or past it.</summary>
/// <param name="Pot">How it came there; the pocket is the one that it fell into, if it did.</param>
/// <param name="From">Where its last way begins.</param>
/// <param name="Way">The direction of it, of length 1; where the ball rolls, if it began to roll.</param>
/// <param name="Metres">What ran before, from the first contact on.</param>
/// <param name="HasFallen">True when it fell into a pocket so.</param>
public readonly record struct IndirectLine(IndirectPot Pot, Place From, (double X, double Y) Way, double Metres, bool HasFallen)
{
    /// <summary>
    /// Signed metres by which the line passes a pocket's point, positive to the left of its way; NaN when it leads away from the pocket.
    /// </summary>
    /// <param name="point">The pocket's point.</param>
    public double Offset(Place point)
    {
        var (dx, dy) = (point.X - From.X, point.Y - From.Y);
        return dx * Way.X + dy * Way.Y > 0 ? Way.Y * dx - Way.X * dy : double.NaN;
    }
}

/// <summary>
/// Reads from the record of a stroke which balls are on their way to a pocket otherwise than straight. Each ball is followed through what
/// it meets; what is none of the known ways is forgotten. One instance serves one thread.
/// </summary>
public sealed class IndirectRun
{
    /// <summary>Contacts of the same two balls within this time are one, in seconds: balls that touch press on each other.</summary>
    private const double SameContact = 0.005;

    /// <summary>Metres behind a pocket's point in which its jaws are.</summary>
    private const double Throat = 0.1;

    private static readonly Place[] Points = [.. Enum.GetValues<PocketId>().Select(PottingLine.PointOf)];

    private readonly Followed[] _balls = new Followed[BallSet.Count];
    private readonly List<IndirectLine> _lines = [];
    private BallId? _first;
    private bool _isWhiteFree;

    private enum Stage
    {
        /// <summary>It has not been met.</summary>
        Still,

        /// <summary>The ball that the white met, on its straight way.</summary>
        Straight,

        /// <summary>It is on one of the ways.</summary>
        OnItsWay,

        /// <summary>The same, and has come to a pocket's mouth.</summary>
        AtMouth,

        /// <summary>It met something that belongs to no way.</summary>
        Lost,

        /// <summary>It fell while it was on its way.</summary>
        Fallen,
    }

    /// <summary>Reads a stroke.</summary>
    /// <param name="record">Its record.</param>
    /// <param name="first">The ball that the white met first.</param>
    /// <returns>
    /// The last ways of balls, one for each way that a ball was on: a double that misses its pocket may go on to be one off two cushions.
    /// The list is used again.
    /// </returns>
    public IReadOnlyList<IndirectLine> Read(ShotRecord record, BallId first)
    {
        ArgumentNullException.ThrowIfNull(record);
        Array.Clear(_balls);
        (_first, _isWhiteFree) = (null, true);
        _lines.Clear();
        foreach (var told in record.Events) Take(told, first);
        for (var i = 0; i < _balls.Length; i++) End(_balls[i]);
        return _lines;
    }

    /// <summary>Keeps the way on which a ball was, if it was on any.</summary>
    private void End(in Followed ball)
    {
        if (ball.Stage is Stage.OnItsWay or Stage.AtMouth or Stage.Fallen)
            _lines.Add(new IndirectLine(ball.Pot, ball.From, ball.Way, ball.Metres, ball.Stage == Stage.Fallen));
    }

    private void Take(ShotEvent told, BallId first)
    {
        switch (told.Kind)
        {
            case ShotEventKind.Ball:
                Meet(told, first);
                break;
            case ShotEventKind.Cushion or ShotEventKind.Jaw:
                Rebound(told);
                break;
            case ShotEventKind.Rolls when _balls[(int)told.Balls[0].Ball].Stage is Stage.Straight or Stage.OnItsWay:
                _balls[(int)told.Balls[0].Ball].Head(told.Balls[0].After);
                break;
            case ShotEventKind.Drops when _balls[(int)told.Balls[0].Ball].Stage == Stage.OnItsWay:
                _balls[(int)told.Balls[0].Ball].Stage = Stage.AtMouth;
                break;
            case ShotEventKind.Pocket:
                Fall(ref _balls[(int)told.Balls[0].Ball], told.Pocket!.Value);
                break;
        }
    }

    private static void Fall(ref Followed ball, PocketId pocket)
    {
        if (ball.Stage is not (Stage.OnItsWay or Stage.AtMouth)) return;
        ball.Stage = Stage.Fallen;
        ball.Pot = ball.Pot with { Pocket = pocket };
    }

    private void Meet(ShotEvent told, BallId first)
    {
        if (_first is null)
        {
            if (told.Balls[0].Ball != BallId.Cue) return;
            _first = first;
            foreach (var met in told.Balls)
            {
                if (met.Ball == BallId.Cue || met.Ball == first) Begin(met, Stage.Straight, default, told.Time);
                // Balls that touch the first one are sent off with it.
                else Begin(met, Stage.OnItsWay, Together(IndirectWay.Plant, met.Ball), told.Time);
            }

            return;
        }

        var (a, b) = (told.Balls[0], told.Balls[1]);
        if (told.Balls.Count > 2 || !Joins(a, b, told.Time))
        {
            foreach (var met in told.Balls) Lose(met.Ball);
        }
    }

    /// <summary>Takes a contact of two balls; false when it belongs to no way.</summary>
    private bool Joins(in BallAtEvent a, in BallAtEvent b, double time)
    {
        ref var first = ref _balls[(int)a.Ball];
        ref var second = ref _balls[(int)b.Ball];
        if (second.Stage != Stage.Still && first.Stage != Stage.Still) return Presses(a, b, time);
        var (moving, still) = first.Stage == Stage.Still ? (b, a) : (a, b);
        ref var mover = ref _balls[(int)moving.Ball];
        if (mover.Stage != Stage.Straight) return false;
        if (moving.Ball == BallId.Cue)
        {
            if (!_isWhiteFree) return false;
            _isWhiteFree = false;
            Begin(still, Stage.OnItsWay, Together(IndirectWay.Cannon, still.Ball), time, mover.MetresTo(moving.After.Place));
            return true;
        }

        var run = mover.MetresTo(moving.After.Place);
        Begin(still, Stage.OnItsWay, Together(IndirectWay.Plant, still.Ball), time, run);
        Begin(moving, Stage.OnItsWay, Together(IndirectWay.InOff, still.Ball), time, run);
        return true;
    }

    /// <summary>True for balls that have just met, or touched from the start, and still press on each other: their ways go on.</summary>
    private bool Presses(in BallAtEvent a, in BallAtEvent b, double time)
    {
        ref readonly var first = ref _balls[(int)a.Ball];
        ref readonly var second = ref _balls[(int)b.Ball];
        if (time - Math.Max(first.Since, second.Since) >= SameContact || first.Stage == Stage.Lost || second.Stage == Stage.Lost)
            return false;
        Update(a);
        Update(b);
        return true;
    }

    private IndirectPot Together(IndirectWay way, BallId other) => new(way, _first!.Value, other, null, null, default);

    private void Begin(in BallAtEvent met, Stage stage, IndirectPot pot, double time, double metres = 0)
    {
        ref var ball = ref _balls[(int)met.Ball];
        ball = new Followed { Stage = stage, Pot = pot, Metres = metres, Since = time, From = met.After.Place };
        ball.Head(met.After);
    }

    private void Update(in BallAtEvent met)
    {
        ref var ball = ref _balls[(int)met.Ball];
        if (ball.Stage is Stage.Straight or Stage.OnItsWay) ball.Head(met.After);
    }

    private void Lose(BallId ball)
    {
        if (ball == BallId.Cue) _isWhiteFree = false;
        Lose(ref _balls[(int)ball]);
    }

    private void Lose(ref Followed ball)
    {
        End(ball);
        ball.Stage = Stage.Lost;
    }

    private void Rebound(ShotEvent told)
    {
        var met = told.Balls[0];
        if (met.Ball == BallId.Cue)
        {
            if (_first is not null) _isWhiteFree = false;
            return;
        }

        ref var ball = ref _balls[(int)met.Ball];
        if (ball.Stage is not (Stage.Straight or Stage.OnItsWay)) return;
        if (IsAtMouth(met.Before))
        {
            if (ball.Stage == Stage.Straight) ball.Stage = Stage.Lost;
            else ball.Stage = Stage.AtMouth;
            return;
        }

        if (told is not { Kind: ShotEventKind.Cushion, Cushion: { } cushion } || Doubled(ball, cushion) is not { } pot)
        {
            Lose(ref ball);
            return;
        }

        End(ball);
        (ball.Stage, ball.Pot, ball.Since) = (Stage.OnItsWay, pot, told.Time);
        ball.Head(met.After);
    }

    private IndirectPot? Doubled(in Followed ball, CushionId cushion) => ball switch
    {
        { Stage: Stage.Straight } => new IndirectPot(IndirectWay.OneCushion, _first!.Value, _first.Value, cushion, null, default),
        { Pot: { Way: IndirectWay.OneCushion } once } when once.Cushion != cushion =>
            once with { Way = IndirectWay.TwoCushions, SecondCushion = cushion },
        _ => null,
    };

    /// <summary>True for a ball whose line leads into a pocket's mouth: what it touches there belongs to the pocket.</summary>
    private static bool IsAtMouth(in BallState state)
    {
        var (vx, vy) = (state.Velocity.X, state.Velocity.Y);
        var speed = Math.Sqrt(vx * vx + vy * vy);
        foreach (var point in Points)
        {
            var (dx, dy) = (point.X - state.Position.X, point.Y - state.Position.Y);
            // The throat lies behind the pocket's point: there a ball that is past the point touches a jaw.
            if (dx * vx + dy * vy > -Throat * speed && Math.Abs(vy * dx - vx * dy) <= ObjectBallRun.MouthHalf * speed) return true;
        }

        return false;
    }

    /// <summary>A ball that is followed.</summary>
    private struct Followed
    {
        public Stage Stage;
        public IndirectPot Pot;
        public Place From;
        public (double X, double Y) Way;
        public double Metres;
        public double Since;

        /// <summary>Metres that it ran when it comes to a place.</summary>
        public readonly double MetresTo(Place place) => Metres + From.DistanceTo(place);

        /// <summary>Takes where it is and whither it goes.</summary>
        public void Head(in BallState state)
        {
            var speed = Math.Sqrt(state.Velocity.X * state.Velocity.X + state.Velocity.Y * state.Velocity.Y);
            if (speed < 1e-9) return;
            Metres = MetresTo(state.Place);
            (From, Way) = (state.Place, (state.Velocity.X / speed, state.Velocity.Y / speed));
        }
    }
}
