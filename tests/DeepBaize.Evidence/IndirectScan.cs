using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Evidence;

/// <summary>A window of contacts that pot otherwise than straight, as a brute scan finds it.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="From">Heading of the line of centres at the right edge, in radians.</param>
/// <param name="To">Heading at the left edge.</param>
/// <param name="Metres">The way of the balls from the first contact to the pocket, in metres.</param>
public sealed record IndirectWindow(IndirectPot Pot, double From, double To, double Metres)
{
    public double Width => (To - From) * Metres;
}

/// <summary>
/// The truth about doubles, plants, cannons and in-offs: every contact with a ball is played, in steps of a third of the narrowest window
/// over the longest way. Only balls that fall are looked at, and told by what they and the ball before them met; nothing is followed or
/// aimed.
/// </summary>
public sealed class IndirectScan(TableInUse table)
{
    public const double NarrowestWindow = 0.005;
    private const double LongestWay = 5;
    private const double Mouth = 0.06;
    private const double Throat = 0.1;
    private const double OneContact = 0.005;

    private readonly TableSimulation _simulation = new(table.Conditions, table.Outline);
    private readonly StrokeResult _result = new();
    private readonly ShotRecord _record = new();

    /// <summary>All windows of at least 5 mm.</summary>
    public IReadOnlyList<IndirectWindow> Windows(Layout layout, BallId first, Dials dials)
    {
        var (white, target) = (layout[BallId.Cue]!.Value, layout[first]!.Value);
        var middle = white.HeadingTo(target);
        var reach = Math.Acos(Math.Min(1, table.Diameter / white.DistanceTo(target)));
        const double step = NarrowestWindow / 3 / LongestWay;
        var turned = StraightAim.TurnRadians(layout, dials, white, target, table.Conditions);
        var open = new Dictionary<IndirectPot, (double From, double Metres)>();
        var found = new List<IndirectWindow>();
        for (var turn = -reach; turn <= reach; turn += step)
        {
            var heading = middle + turn;
            var fell = Play(heading);
            foreach (var (pot, (from, metres)) in open.Where(one => fell.All(other => other.Pot != one.Key)).ToList())
            {
                open.Remove(pot);
                Close(new IndirectWindow(pot, from, heading - step, metres));
            }

            foreach (var (pot, metres) in fell) open.TryAdd(pot, (heading, metres));
        }

        foreach (var (pot, (from, metres)) in open) Close(new IndirectWindow(pot, from, middle + reach, metres));
        return found;

        void Close(IndirectWindow window)
        {
            if (window.Width >= NarrowestWindow) found.Add(window);
        }

        List<(IndirectPot Pot, double Metres)> Play(double heading)
        {
            var ghost = target.Offset(-table.Diameter * Math.Cos(heading), -table.Diameter * Math.Sin(heading));
            var direction = white.HeadingTo(ghost) - turned;
            var strike = dials.At(layout, direction).Along(direction);
            _simulation.Run(layout, strike, _result);
            if (_result.FirstContact?.Ball != first || _result.Potted.All(potted => potted.Ball == BallId.Cue)) return [];
            _record.Events.Clear();
            _record.Segments.Clear();
            _simulation.Run(layout, strike, _result, _record);
            return [.. _result.Potted.Where(potted => potted.Ball != BallId.Cue)
                .Select(potted => Judge(first, potted.Ball, potted.Pocket)).OfType<(IndirectPot, double)>()];
        }
    }

    private (IndirectPot Pot, double Metres)? Judge(BallId first, BallId ball, PocketId pocket)
    {
        var met = _record.Events.Find(told => told.Kind == ShotEventKind.Ball && Has(told, BallId.Cue))!;
        var own = Contacts(ball);
        var partners = own.Where(told => told.Kind == ShotEventKind.Ball).SelectMany(told => told.Balls.Select(one => one.Ball))
            .Where(other => other != ball).Distinct().ToList();
        var cushions = own.Where(told => told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw).ToList();
        if (cushions.Exists(told => told.Kind == ShotEventKind.Jaw)) return null;
        if (ball == first) return JudgeFirst(first, pocket, met, own, partners, cushions);
        if (cushions.Count > 0 || own.Count == 0) return null;
        var sentBy = own[0];
        if (own.Exists(told => told.Time > sentBy.Time + OneContact)) return null;
        var before = ReferenceEquals(sentBy, met) || Has(sentBy, first) ? first : BallId.Cue;
        if (!partners.Contains(before) || partners.Exists(other => other != before && other != BallId.Cue)) return null;
        // The ball that sends it came straight from the first contact.
        var between = Contacts(before).Where(told => told.Time > met.Time + 1e-9 && told.Time < sentBy.Time - 1e-9).ToList();
        if (between.Count > 0 || (sentBy.Balls.Count > 2 && !ReferenceEquals(sentBy, met))) return null;
        var way = before == BallId.Cue ? IndirectWay.Cannon : IndirectWay.Plant;
        return (new IndirectPot(way, first, ball, null, null, pocket), Ran(before, met.Time, sentBy.Time) + Ran(ball, sentBy.Time, 1e9));
    }

    private (IndirectPot Pot, double Metres)? JudgeFirst(
        BallId first, PocketId pocket, ShotEvent met, List<ShotEvent> own, List<BallId> partners, List<ShotEvent> cushions)
    {
        var ran = Ran(first, met.Time, 1e9);
        var others = partners.Where(other => other != BallId.Cue).ToList();
        // A ball that touches it at the start is part of how it is sent.
        if (met.Balls.Count > 2) others = [.. others.Where(other => !Has(met, other))];
        var again = own.Exists(told => told.Kind == ShotEventKind.Ball && Has(told, BallId.Cue) && told.Time > met.Time + OneContact);
        if (again) return null;
        if (others.Count == 0 && cushions.Count is 1 or 2)
        {
            var meetsLater = own.Exists(told => told.Kind == ShotEventKind.Ball && told.Time > met.Time + OneContact);
            if (met.Balls.Count > 2 && meetsLater) return null;
            var (one, two) = (cushions[0].Cushion!.Value, cushions.Count == 2 ? cushions[1].Cushion : null);
            return one == two ? null
                : (new IndirectPot(two is null ? IndirectWay.OneCushion : IndirectWay.TwoCushions, first, first, one, two, pocket), ran);
        }

        if (others.Count != 1 || cushions.Count > 0 || met.Balls.Count > 2) return null;
        var contacts = own.Where(told => told.Kind == ShotEventKind.Ball && Has(told, others[0])).ToList();
        var wasStill = !_record.Events.Exists(told => told.Time < contacts[0].Time - 1e-9 && Has(told, others[0]));
        return contacts[^1].Time - contacts[0].Time > OneContact || !wasStill || contacts[0].Balls.Count > 2
            ? null : (new IndirectPot(IndirectWay.InOff, first, others[0], null, null, pocket), ran);
    }

    /// <summary>What a ball met until it came to a pocket's mouth.</summary>
    private List<ShotEvent> Contacts(BallId ball)
    {
        var found = new List<ShotEvent>();
        foreach (var told in _record.Events.Where(told => Has(told, ball)))
        {
            if (told.Kind is ShotEventKind.Drops or ShotEventKind.Pocket) break;
            if (told.Kind is ShotEventKind.Cushion or ShotEventKind.Jaw && ball != BallId.Cue && LeadsIn(told, ball)) break;
            if (told.Kind is ShotEventKind.Ball or ShotEventKind.Cushion or ShotEventKind.Jaw) found.Add(told);
        }

        return found;
    }

    private static bool LeadsIn(ShotEvent told, BallId ball)
    {
        var state = told.Balls.First(one => one.Ball == ball).Before;
        return Enum.GetValues<PocketId>().Any(pocket => Leads(state, pocket));

        static bool Leads(in BallState state, PocketId pocket)
        {
            var (dx, dy) = (PotScan.Corner(pocket).X - state.Position.X, PotScan.Corner(pocket).Y - state.Position.Y);
            var (vx, vy) = (state.Velocity.X, state.Velocity.Y);
            var speed = Math.Sqrt(vx * vx + vy * vy);
            return dx * vx + dy * vy > -Throat * speed && Math.Abs(vy * dx - vx * dy) <= Mouth * speed;
        }
    }

    /// <summary>Metres that a ball ran between two times.</summary>
    private double Ran(BallId ball, double from, double to) => _record.Segments
        .Where(piece => piece.Ball == ball && piece.StartTime >= from - 1e-9 && piece.EndTime <= to + 1e-9)
        .Sum(piece => piece.Start.DistanceTo(piece.End));

    private static bool Has(ShotEvent told, BallId ball) => told.Balls.Any(one => one.Ball == ball);
}
