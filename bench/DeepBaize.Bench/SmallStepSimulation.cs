using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Bench;

/// <summary>
/// The same laws marched in small steps of time, as a yardstick: motion by the midpoint rule, contacts where two things are found to
/// overlap after a step. Straight cushions, jaws and pockets are met, the noses of cushions also in the air; pairs by the law of two balls.
/// There is no nap.
/// </summary>
public sealed class SmallStepSimulation(PlayingConditions conditions, TableOutline outline)
{
    private readonly double _radius = conditions.Balls.Radius;
    private readonly double _inset = conditions.Gauge.CushionInset;
    private readonly RubberLine[] _noses = [.. outline.Noses];
    private readonly JawArc[] _jaws = [.. outline.Mouths.SelectMany(mouth => mouth.Jaws)];
    private readonly PocketMouth[] _mouths = [.. outline.Mouths];
    private readonly SmallStepPocket[] _pockets = [.. outline.Mouths.Select(mouth => new SmallStepPocket(conditions, mouth))];

    /// <summary>Places at the end; a ball that was potted or went over a cushion is left out.</summary>
    public Dictionary<BallId, Place> Play(Layout layout, in Strike strike, double step)
    {
        var ids = layout.Balls.Select(ball => ball.Ball).ToList();
        var balls = layout.Balls.Select(ball => BallState.AtRest(ball.Place, _radius)).ToArray();
        balls[0] = OnBed(CueStrike.Apply(strike, balls[0], conditions));
        var (gone, pockets) = (new bool[balls.Length], Enumerable.Repeat(-1, balls.Length).ToArray());
        for (var time = 0.0; time < 120 && IsMoving(balls); time += step)
        {
            for (var i = 0; i < balls.Length; i++)
            {
                if (gone[i]) continue;
                if (balls[i].Velocity == Vec3.Zero) balls[i] = Turn(balls[i], step);
                else if (pockets[i] < 0) balls[i] = Move(balls[i], step);
                else Settle(_pockets[pockets[i]].March(ref balls[i], step), ref balls[i], ref pockets[i], ref gone[i]);
            }

            for (var i = 0; i < balls.Length; i++)
            {
                if (gone[i]) continue;
                MeetBalls(balls, gone, i);
                if (balls[i].Velocity == Vec3.Zero || pockets[i] >= 0) continue;
                balls[i] = IsUp(balls[i]) ? MeetNoseInAir(balls[i]) : MeetRubber(balls[i]);
                pockets[i] = PocketAt(balls[i].Place);
                var fate = IsOver(balls[i]) ? PocketFate.Over : pockets[i] >= 0 ? _pockets[pockets[i]].Enter(balls[i]) : PocketFate.Falls;
                Settle(fate, ref balls[i], ref pockets[i], ref gone[i]);
            }
        }

        return ids.Select((id, i) => (id, i)).Where(ball => !gone[ball.i]).ToDictionary(ball => ball.id, ball => balls[ball.i].Place);
    }

    private static bool IsMoving(BallState[] balls)
    {
        foreach (var ball in balls)
        {
            if (ball.Velocity != Vec3.Zero) return true;
        }

        return false;
    }

    /// <summary>The pocket past whose edge a ball is; -1 for none.</summary>
    private int PocketAt(Place place) =>
        Array.FindIndex(_mouths, mouth => mouth.HasFallen(place) && mouth.ThroatMiddle.DistanceTo(place) < 0.2);

    private void Settle(PocketFate fate, ref BallState ball, ref int pocket, ref bool isGone)
    {
        if (fate == PocketFate.Falls) return;
        isGone = fate != PocketFate.Back;
        pocket = -1;
        ball = isGone
            ? ball with { Velocity = Vec3.Zero }
            : OnBed(ball with { Position = ball.Position with { Z = Math.Max(_radius, ball.Position.Z) } });
    }

    private bool IsUp(in BallState ball) => ball.Position.Z > _radius || ball.Velocity.Z > 0;

    /// <summary>What the bed does to a ball that is on it or has sunk into it.</summary>
    private BallState OnBed(in BallState ball)
    {
        if (ball.Position.Z > _radius) return ball;
        var state = ball.Velocity.Z < 0 ? Flight.Land(ball, conditions.Table, _radius) : ball;
        return state.Velocity.Z > Flight.LeastRise ? state : state with { Velocity = state.Velocity with { Z = 0 } };
    }

    private bool IsOver(in BallState ball) => ball.Position.Z > conditions.Gauge.NoseHeight
        && (ball.Position.X < 0 || ball.Position.X > Measurements.Length || ball.Position.Y < 0 || ball.Position.Y > Measurements.Width);

    private BallState Fly(in BallState ball, double step)
    {
        var fall = new Vec3(0, 0, -conditions.Table.Gravity);
        return OnBed(ball with
        {
            Position = ball.Position + ball.Velocity * step + fall * (step * step / 2),
            Velocity = ball.Velocity + fall * step,
        });
    }

    /// <summary>A ball that stands and turns about its upright axis.</summary>
    private BallState Turn(in BallState ball, double step) => ball with { Spin = new Vec3(0, 0, Slowed(ball.Spin.Z, step)) };

    private double Slowed(double side, double step) =>
        Math.CopySign(Math.Max(0, Math.Abs(side) - conditions.Table.SpinDeceleration * step), side);

    private BallState Move(in BallState ball, double step)
    {
        if (IsUp(ball)) return Fly(ball, step);
        var table = conditions.Table;
        var slip = ball.SlipOnCloth(_radius);
        var vertical = Slowed(ball.Spin.Z, step);
        Vec3 acceleration, spin;
        var pull = table.SlidingFriction * table.Gravity;
        // What is left of the slip would die within the step.
        if (slip.Length > 3.5 * pull * step)
        {
            var direction = slip * (1 / slip.Length);
            acceleration = direction * -pull;
            spin = ball.Spin + Vec3.Up.Cross(direction) * (2.5 * pull / _radius * step);
        }
        else
        {
            var speed = ball.Velocity.Length;
            var slow = table.RollingFriction * table.Gravity;
            if (speed <= slow * step) return ball with { Velocity = Vec3.Zero, Spin = new Vec3(0, 0, vertical) };
            acceleration = ball.Velocity * (-slow / speed);
            spin = Vec3.Up.Cross(ball.Velocity + acceleration * step) * (1 / _radius);
        }

        return new BallState(
            ball.Position + ball.Velocity * step + acceleration * (step * step / 2), ball.Velocity + acceleration * step,
            spin with { Z = vertical });
    }

    private void MeetBalls(BallState[] balls, bool[] gone, int i)
    {
        for (var j = i + 1; j < balls.Length; j++)
        {
            if (gone[j] || (balls[i].Velocity == Vec3.Zero && balls[j].Velocity == Vec3.Zero)) continue;
            var apart = balls[j].Position - balls[i].Position;
            var closing = (balls[i].Velocity - balls[j].Velocity).Dot(apart) / apart.Length;
            if (apart.Length >= 2 * _radius || closing <= 0) continue;
            // They met a little earlier, where the line of centres was another.
            var since = (2 * _radius - apart.Length) / closing;
            (balls[i], balls[j]) = (Drift(balls[i], -since), Drift(balls[j], -since));
            BallImpact.Resolve(ref balls[i], ref balls[j], conditions.Balls);
            (balls[i], balls[j]) = (OnBed(Drift(balls[i], since)), OnBed(Drift(balls[j], since)));
        }
    }

    private static BallState Drift(in BallState ball, double time) => ball with { Position = ball.Position + ball.Velocity * time };

    /// <summary>The straight noses as edges at their height; a ball within 1 mm of the bed meets them as if on it.</summary>
    private BallState MeetNoseInAir(BallState ball)
    {
        foreach (var nose in _noses)
        {
            var (across, along) = nose.AlongX ? (ball.Position.Y, ball.Position.X) : (ball.Position.X, ball.Position.Y);
            var (away, under) = ((across - nose.At) * nose.Inward, conditions.Gauge.NoseHeight - ball.Position.Z);
            if (away * away + under * under >= _radius * _radius || under <= 0 || along < nose.From || along > nose.To) continue;
            var level = nose.AlongX ? new Vec3(0, -nose.Inward, 0) : new Vec3(-nose.Inward, 0, 0);
            var sine = under / _radius;
            var into = level * Math.Sqrt(1 - sine * sine) + Vec3.Up * sine;
            if (ball.Velocity.Dot(into) <= 0) continue;
            var share = conditions.Table.CushionLiveliness[nose.Cushion];
            if (ball.Position.Z - _radius <= Flight.BedHeight)
            {
                var flat = new BallState(ball.Position with { Z = _radius }, ball.Velocity with { Z = 0 }, ball.Spin);
                var after = CushionImpact.Resolve(flat, level, share, conditions);
                ball = new BallState(ball.Position, after.Velocity with { Z = ball.Velocity.Z }, after.Spin);
                var pressing = Math.Max(0, ball.Velocity.Dot(into));
                ball = ball with { Velocity = ball.Velocity - Vec3.Up * Math.Min(pressing / into.Z, Math.Max(0, ball.Velocity.Z)) };
                continue;
            }

            ball = CushionImpact.ResolveInAir(ball, into, share, conditions);
        }

        return OnBed(ball);
    }

    private BallState MeetRubber(BallState ball)
    {
        foreach (var nose in _noses)
        {
            var (across, along) = nose.AlongX ? (ball.Position.Y, ball.Position.X) : (ball.Position.X, ball.Position.Y);
            if ((across - nose.At) * nose.Inward >= _inset || along < nose.From || along > nose.To) continue;
            var into = nose.AlongX ? new Vec3(0, -nose.Inward, 0) : new Vec3(-nose.Inward, 0, 0);
            if (ball.Velocity.Dot(into) > 0)
                ball = CushionImpact.Resolve(ball, into, conditions.Table.CushionLiveliness[nose.Cushion], conditions);
        }

        foreach (var jaw in _jaws)
        {
            var reach = jaw.Radius + _inset;
            if (!jaw.Faces(ball.Position.X, ball.Position.Y) || ball.Place.SquaredDistanceTo(jaw.Centre) >= reach * reach) continue;
            var inward = new Vec3(jaw.Centre.X - ball.Position.X, jaw.Centre.Y - ball.Position.Y, 0);
            var into = inward * (1 / inward.Length);
            if (ball.Velocity.Dot(into) > 0) ball = CushionImpact.Resolve(ball, into, conditions.JawFactor, conditions.ForJaws());
        }

        return ball;
    }
}
