using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Evidence;

/// <summary>Ways to set up and play a stroke.</summary>
internal static class Play
{
    /// <summary>Long loops use as many threads as there are processors: more would only crowd out what else runs.</summary>
    public static readonly ParallelOptions Processors = new() { MaxDegreeOfParallelism = Environment.ProcessorCount };

    public const double Radius = 0.02625;
    public const double Diameter = 2 * Radius;
    public const double Gravity = 9.81;

    public static readonly Place Contact = new(1.5, 0.889);

    /// <summary>
    /// Friction on the cloth as the tables of the sources have it; constant cushions, and balls with a restitution and friction.
    /// </summary>
    public static PlayingConditions Ideal(
        double slidingFriction = 0.2, double rollingFriction = 0.0127, double restitution = 1, double ballFriction = 0) => new()
        {
            Table = new TableCoefficients
            {
                SlidingFriction = slidingFriction,
                RollingFriction = rollingFriction,
                CushionRestitutionLoss = 0,
                CushionFrictionFall = 0,
            },
            Balls = new BallCoefficients { Restitution = restitution, FrictionFactor = ballFriction },
        };

    public static TableSimulation Simulation(PlayingConditions conditions) => new(conditions, new TableOutline(conditions.Pockets));

    public static Layout Lay(PlayingConditions conditions, params (BallId Ball, double X, double Y)[] balls) =>
        LayoutRules.TryBuild(
            [.. balls.Select(ball => new PlacedBall(ball.Ball, new Place(ball.X, ball.Y)))],
            new TableOutline(conditions.Pockets),
            conditions.Gauge,
            LayoutMode.Free,
            out var problems) ?? throw new InvalidOperationException(problems[0].ToString());

    public static (ShotOutcome Outcome, ShotRecord Record) Strike(
        PlayingConditions conditions, Strike strike, params (BallId Ball, double X, double Y)[] balls)
    {
        var record = new ShotRecord();
        return (Simulation(conditions).Play(Lay(conditions, balls), strike, record), record);
    }

    public static (ShotOutcome Outcome, ShotRecord Record) Send(
        PlayingConditions conditions, Vec3 velocity, Vec3 spin, params (BallId Ball, double X, double Y)[] balls)
    {
        var record = new ShotRecord();
        return (Simulation(conditions).Play(Lay(conditions, balls), velocity, spin, record), record);
    }

    /// <summary>Spin of a ball with s times the natural roll along its way, and R w_z = k v about the vertical.</summary>
    public static Vec3 Spin(Vec3 velocity, double roll, double side = 0) =>
        Vec3.Up.Cross(velocity) * (roll / Radius) + Vec3.Up * (side * velocity.Length / Radius);

    /// <summary>The white, moving along +x, meets a red to its left at a cut; it starts a micrometre short of contact.</summary>
    public static Meeting Meet(double cut, double speed, double roll, double side = 0, PlayingConditions? conditions = null)
    {
        var (sin, cos) = Math.SinCos(Radians(cut));
        var velocity = new Vec3(speed, 0, 0);
        var (_, record) = Send(
            conditions ?? Ideal(),
            velocity,
            Spin(velocity, roll, side),
            (BallId.Cue, Contact.X - 1e-6, Contact.Y),
            (BallId.Red1, Contact.X + Diameter * cos, Contact.Y + Diameter * sin));
        return new Meeting(record, cut);
    }

    public static double Radians(double degrees) => degrees * Math.PI / 180;

    public static double Degrees(double radians) => radians * 180 / Math.PI;

    /// <summary>Heading in degrees, anticlockwise from +x.</summary>
    public static double Heading(Vec3 velocity) => Degrees(Math.Atan2(velocity.Y, velocity.X));

    /// <summary>Rebound off a cushion on the +y side: angle from the cushion, roll s, side k.</summary>
    public static BallState Rebound(double angle, double roll, double side, double speed, PlayingConditions conditions)
    {
        var (sin, cos) = Math.SinCos(Radians(angle));
        var velocity = new Vec3(cos, sin, 0) * speed;
        return CushionImpact.Resolve(
            new BallState(new Vec3(0, 0, Radius), velocity, Spin(velocity, roll, side)), new Vec3(0, 1, 0), 1, conditions);
    }

    /// <summary>Angle of a rebound from the cushion in degrees.</summary>
    public static double OutAngle(BallState after) => Degrees(Math.Atan2(-after.Velocity.Y, after.Velocity.X));

    /// <summary>Velocity once a sliding ball rolls: v_f = (5 v + 2 R (w_y, -w_x)) / 7.</summary>
    public static Vec3 Rolling(BallState state) =>
        state.Velocity * (5.0 / 7) + new Vec3(state.Spin.Y, -state.Spin.X, 0) * (2.0 / 7 * Radius);

    /// <summary>Velocity of a ball at a time, from its recorded path.</summary>
    public static Vec3 VelocityAt(ShotRecord record, BallId ball, double time)
    {
        var piece = record.Segments.Last(segment => segment.Ball == ball && segment.StartTime <= time);
        var length = piece.EndTime - piece.StartTime;
        var u = (time - piece.StartTime) / length;
        return new Vec3(
            2 * ((1 - u) * (piece.Control.X - piece.Start.X) + u * (piece.End.X - piece.Control.X)) / length,
            2 * ((1 - u) * (piece.Control.Y - piece.Start.Y) + u * (piece.End.Y - piece.Control.Y)) / length,
            0);
    }

    public static Place RestOf(ShotOutcome outcome, BallId ball = BallId.Cue) =>
        outcome.Final.First(other => other.Ball == ball).State.Place;
}

/// <summary>How two balls met, and how the white went on.</summary>
internal sealed class Meeting(ShotRecord record, double cut)
{
    private readonly ShotEvent _contact = record.Events.First(told => told.Kind == ShotEventKind.Ball);

    public BallState White => _contact.Balls[0].After;

    public BallState Red => _contact.Balls[1].After;

    public double Time => _contact.Time;

    public ShotRecord Record => record;

    /// <summary>Angle between the ways of the two balls just after contact.</summary>
    public double Separation => Math.Abs(Play.Heading(Red.Velocity) - Play.Heading(White.Velocity));

    /// <summary>Throw in degrees: how far the red leaves from the line of centres towards the white's way.</summary>
    public double Throw => cut - Play.Heading(Red.Velocity);

    /// <summary>The white when it rolls again.</summary>
    public BallState RollingWhite
    {
        get
        {
            var rolls = record.Events.FirstOrDefault(
                told => told.Time >= Time && told.Kind == ShotEventKind.Rolls && told.Balls[0].Ball == BallId.Cue);
            return rolls?.Balls[0].After ?? White;
        }
    }

    public double RollsAfter => record.Events.First(told =>
        told.Time >= Time && told.Kind == ShotEventKind.Rolls && told.Balls[0].Ball == BallId.Cue).Time - Time;

    /// <summary>Final direction of the white from its original line in degrees, positive away from the red.</summary>
    public double Deflection => -Play.Heading(RollingWhite.Velocity);
}
