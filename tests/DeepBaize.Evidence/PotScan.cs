using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence;

/// <summary>A window of directions that pot, as a brute scan finds it.</summary>
/// <param name="Pocket">The pocket.</param>
/// <param name="From">Heading of the line of centres at the right edge, in radians.</param>
/// <param name="To">Heading at the left edge.</param>
/// <param name="Right">Metres by which the ball's line passes the pocket's point at the right edge, positive to the left.</param>
/// <param name="Left">The same at the left edge.</param>
public sealed record ScannedWindow(PocketId Pocket, double From, double To, double Right, double Left)
{
    public double Width => Left - Right;
}

/// <summary>
/// The truth about pots: every direction in which the white meets a ball is played, in steps that move the ball by a third of the narrowest
/// window at the farthest pocket. A pot counts when the white meets the ball first and the ball falls before it stops; a window counts
/// when on some line in it the ball runs straight to the pocket, touching neither another ball nor a cushion away from the mouth.
/// </summary>
public sealed class PotScan(TableInUse table)
{
    public const double NarrowestWindow = 0.005;
    public const double LeastArrival = 0.3;
    private const double Mouth = 0.06;

    private readonly TableSimulation _simulation = new(table.Conditions, table.Outline);
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();

    /// <summary>Windows of at least 5 mm into which the ball comes with at least 0.3 m/s.</summary>
    public IReadOnlyList<ScannedWindow> Windows(Layout layout, BallId ball, Dials dials)
    {
        var (white, target) = (layout[BallId.Cue]!.Value, layout[ball]!.Value);
        var middle = white.HeadingTo(target);
        var reach = Math.Acos(Math.Min(1, table.Diameter / white.DistanceTo(target)));
        // The farthest pocket that the ball can be cut to at all, a little beyond the finest edge included.
        var farthest = Enum.GetValues<PocketId>()
            .Where(pocket => Math.Abs(Math.IEEERemainder(target.HeadingTo(Corner(pocket)) - middle, Math.Tau)) < reach + 0.2)
            .Select(pocket => target.DistanceTo(Corner(pocket)))
            .DefaultIfEmpty(1).Max();
        var step = NarrowestWindow / 3 / farthest;
        // Where the swept directions begin, no more: that this turn is the engine's own is a test of its own (OpenWayTests).
        var turned = StraightAim.TurnRadians(layout, dials, white, target, table.Conditions);
        var found = new List<ScannedWindow>();
        PocketId? open = null;
        var (from, last, counts) = (0.0, 0.0, false);
        for (var turn = -reach; turn <= reach; turn += step)
        {
            var heading = middle + turn;
            var (pocket, isDirect, arrival, _) = Play(heading);
            if (pocket != open)
            {
                Close();
                (open, from, counts) = (pocket, heading, false);
            }

            counts |= isDirect && arrival >= LeastArrival;
            last = heading;
        }

        Close();
        return found;

        void Close()
        {
            if (open is not { } pocket || !counts) return;
            var (right, left) = (Refine(from, from - step, pocket), Refine(last, last + step, pocket));
            var window = new ScannedWindow(pocket, right, left, Play(right).Offset, Play(left).Offset);
            if (window.Width >= NarrowestWindow) found.Add(window);
        }

        double Refine(double inside, double outside, PocketId pocket)
        {
            for (var i = 0; i < 12; i++)
            {
                var between = (inside + outside) / 2;
                if (Math.Abs(between - middle) <= reach && Play(between).Pocket == pocket) inside = between;
                else outside = between;
            }

            return inside;
        }

        (PocketId? Pocket, bool IsDirect, double Arrival, double Offset) Play(double heading)
        {
            var ghost = target.Offset(-table.Diameter * Math.Cos(heading), -table.Diameter * Math.Sin(heading));
            var direction = white.HeadingTo(ghost) - turned;
            var strike = dials.At(layout, direction).Along(direction);
            _simulation.RunUntilDecided(layout, strike, ball, _result);
            if (_result.FirstContact?.Ball != ball || _result.Potted.All(potted => potted.Ball != ball)) return default;
            // Only what falls is played again with its events.
            _record.Events.Clear();
            _record.Segments.Clear();
            _simulation.RunUntilDecided(layout, strike, ball, _result, _record);
            return Judge(ball, target);
        }
    }

    private (PocketId? Pocket, bool IsDirect, double Arrival, double Offset) Judge(BallId ball, Place start)
    {
        var met = _record.Events.Find(told => told.Kind == ShotEventKind.Ball && told.Balls[0].Ball == BallId.Cue);
        var fell = _record.Events.Find(told => told.Kind == ShotEventKind.Pocket && told.Balls[0].Ball == ball);
        if (met?.Balls[1].Ball != ball || fell is null) return default;
        var own = _record.Events.Where(told => told.Time >= met.Time && told.Balls.Any(one => one.Ball == ball)).ToList();
        var meetsBall = own.Exists(told => told.Kind == ShotEventKind.Ball && told.Time > met.Time + 1e-9);
        var first = own.First(told => told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw or ShotEventKind.Drops
            || (told.Kind == ShotEventKind.Ball && told.Time > met.Time + 1e-9));
        var before = first.Balls.First(one => one.Ball == ball).Before;
        var corner = Corner(fell.Pocket!.Value);
        if (start.DistanceTo(corner) < Mouth) corner = table.Outline.Mouths[(int)fell.Pocket.Value].DropCentre;
        var speed = before.Velocity.Length;
        var offset = (before.Velocity.Y * (corner.X - before.Position.X) - before.Velocity.X * (corner.Y - before.Position.Y)) / speed;
        return (fell.Pocket, !meetsBall && Math.Abs(offset) <= Mouth, speed, offset);
    }

    internal static Place Corner(PocketId pocket) => new(
        pocket <= PocketId.Green ? 0 : pocket <= PocketId.MiddleGreenSide ? Measurements.Length / 2 : Measurements.Length,
        (int)pocket % 2 == 0 ? 0 : Measurements.Width);
}
