using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>What became of the object ball.</summary>
public enum ObjectBallFate
{
    /// <summary>The white did not meet it first.</summary>
    NotMet,

    /// <summary>It fell into the pocket.</summary>
    Potted,

    /// <summary>It fell into another pocket.</summary>
    PottedElsewhere,

    /// <summary>It stopped before it reached the pocket.</summary>
    FellShort,

    /// <summary>It met a jaw of the pocket, or the cushion beside it, and stayed up.</summary>
    JawCaught,

    /// <summary>It met a cushion away from the pocket and stayed up.</summary>
    MetCushion,

    /// <summary>It met another ball and stayed up.</summary>
    MetBall,
}

/// <summary>How the object ball ran, read from the record of a stroke.</summary>
/// <param name="Fate">What became of it.</param>
/// <param name="MetFirst">The ball that the white met first; null for none.</param>
/// <param name="MetOnTheWay">The ball that the object ball met on its way; null for none.</param>
/// <param name="Offset">
/// Signed metres by which its line passes the pocket point, positive to the left of its way; NaN when it was not met. The line is that on
/// which it rolls, or slides, before it meets anything; for a ball that lies on a cushion that on which it is sent, whatever the cushion
/// makes of it.
/// </param>
/// <param name="ArrivalSpeed">Speed in m/s with which it comes to the pocket's jaws or edge; 0 when it does not.</param>
/// <param name="LeavingHeading">Heading in radians just after the contact; NaN when it was not met.</param>
public readonly record struct ObjectBallRun(
    ObjectBallFate Fate, BallId? MetFirst, BallId? MetOnTheWay, double Offset, double ArrivalSpeed, double LeavingHeading)
{
    /// <summary>Distance in metres from the pocket point within which a line still counts as sent to the pocket.</summary>
    public const double MouthHalf = 0.06;

    /// <summary>True for a pot on which the ball ran straight to the pocket, touching at most what bounds its mouth.</summary>
    public bool IsDirect => Fate == ObjectBallFate.Potted && MetOnTheWay is null && Math.Abs(Offset) <= MouthHalf;

    /// <summary>Reads the run of a pot's ball.</summary>
    /// <param name="record">The record of the stroke, at least until the ball's fate is known.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="point">The point from which the offset is told, see <see cref="PottingLine.Point"/>.</param>
    /// <param name="inset">Distance in metres from the noses at which a ball lies on a cushion.</param>
    public static ObjectBallRun Read(ShotRecord record, Pot pot, Place point, double inset)
    {
        ArgumentNullException.ThrowIfNull(record);
        var reader = new Reader(pot, point, inset);
        foreach (var told in record.Events)
        {
            if (!reader.Take(told)) break;
        }

        return reader.Run;
    }

    /// <summary>Follows the events of one stroke.</summary>
    private struct Reader(Pot pot, Place point, double inset)
    {
        /// <summary>A ball no farther than this from where the cushion holds it is on the cushion, in metres.</summary>
        private const double OnCushion = 1e-6;

        private double _metAt = double.NaN;
        private bool _metRubber;
        private bool _metMouth;

        public ObjectBallRun Run { get; private set; } = new(ObjectBallFate.NotMet, null, null, double.NaN, 0, double.NaN);

        /// <summary>Takes an event; false when the fate is known.</summary>
        public bool Take(ShotEvent told)
        {
            if (double.IsNaN(_metAt)) return told.Kind != ShotEventKind.Ball || Meet(told);
            for (var i = 0; i < told.Balls.Count; i++)
            {
                if (told.Balls[i].Ball == pot.Ball) return Follow(told, told.Balls[i], OtherThan(pot.Ball, told.Balls));
            }

            return true;
        }

        /// <summary>The first other ball of a contact, which may be one of many; null when there is none.</summary>
        private static BallId? OtherThan(BallId ball, IReadOnlyList<BallAtEvent> balls)
        {
            for (var i = 0; i < balls.Count; i++)
            {
                if (balls[i].Ball != ball) return balls[i].Ball;
            }

            return null;
        }

        private bool Meet(ShotEvent told)
        {
            if (told.Balls[0].Ball != BallId.Cue) return true;
            Run = Run with { MetFirst = told.Balls[1].Ball };
            if (told.Balls[1].Ball != pot.Ball) return false;
            _metAt = told.Time;
            var after = told.Balls[1].After;
            Run = Run with { Fate = ObjectBallFate.FellShort, LeavingHeading = Math.Atan2(after.Velocity.Y, after.Velocity.X) };
            Line(after);
            return true;
        }

        private bool Follow(ShotEvent told, in BallAtEvent ball, BallId? other)
        {
            switch (told.Kind)
            {
                case ShotEventKind.Ball when told.Time > _metAt + 1e-9:
                    Run = Run with { Fate = ObjectBallFate.MetBall, MetOnTheWay = other };
                    return true;
                case ShotEventKind.Ball:
                    Run = Run with { LeavingHeading = Math.Atan2(ball.After.Velocity.Y, ball.After.Velocity.X) };
                    Straighten(ball.After);
                    return true;
                case ShotEventKind.Rolls:
                    Straighten(ball.After);
                    return true;
                case ShotEventKind.Stops:
                    return false;
                case ShotEventKind.Cushion or ShotEventKind.Jaw:
                    Arrive(ball.Before, told.Kind == ShotEventKind.Jaw);
                    if (Run.Fate == ObjectBallFate.FellShort)
                        Run = Run with { Fate = Math.Abs(Run.Offset) <= MouthHalf ? ObjectBallFate.JawCaught : ObjectBallFate.MetCushion };
                    return true;
                case ShotEventKind.Drops:
                    Arrive(ball.Before, true);
                    if (Run.Fate == ObjectBallFate.FellShort) Run = Run with { Fate = ObjectBallFate.JawCaught };
                    return true;
                case ShotEventKind.Pocket:
                    Run = Run with { Fate = told.Pocket == pot.Pocket ? ObjectBallFate.Potted : ObjectBallFate.PottedElsewhere };
                    return false;
                default:
                    return true;
            }
        }

        private void Arrive(in BallState before, bool isMouth)
        {
            if (Run.MetOnTheWay is not null) return;
            Straighten(before);
            if (!_metRubber || (isMouth && !_metMouth)) Run = Run with { ArrivalSpeed = before.Velocity.Length };
            (_metRubber, _metMouth) = (true, _metMouth || isMouth);
        }

        /// <summary>
        /// Takes a later state for its line while it runs free. A cushion straightens the way of a ball that is sent along it: where it was
        /// sent says more.
        /// </summary>
        private void Straighten(in BallState state)
        {
            if (!_metRubber && !IsOnCushion(state.Place)) Line(state);
        }

        private readonly bool IsOnCushion(Place place) =>
            Math.Min(Math.Min(place.X, Measurements.Length - place.X), Math.Min(place.Y, Measurements.Width - place.Y)) < inset + OnCushion;

        private void Line(in BallState state)
        {
            if (Run.MetOnTheWay is not null) return;
            var speed = Math.Sqrt(state.Velocity.X * state.Velocity.X + state.Velocity.Y * state.Velocity.Y);
            if (speed < 1e-9) return;
            var (ux, uy) = (state.Velocity.X / speed, state.Velocity.Y / speed);
            Run = Run with { Offset = uy * (point.X - state.Position.X) - ux * (point.Y - state.Position.Y) };
        }
    }
}
