using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>What threatens.</summary>
public enum DangerKind
{
    /// <summary>The white falls into a pocket.</summary>
    InOff,

    /// <summary>The white meets the jaws of a pocket.</summary>
    Jaws,

    /// <summary>The white meets a ball that it should leave alone.</summary>
    WhiteMeetsBall,

    /// <summary>The object ball meets another ball on its way.</summary>
    BallMeetsBall,

    /// <summary>The ball is not potted.</summary>
    PotMissed,
}

/// <summary>Something that threatens a stroke.</summary>
/// <param name="Kind">What.</param>
/// <param name="Ball">The ball met.</param>
/// <param name="Pocket">The pocket concerned.</param>
/// <param name="IsExact">True when the stroke itself does it, false when only neighbours do.</param>
/// <param name="Count">How many of the strokes tried do it.</param>
/// <param name="Of">How many were tried: the stroke and its neighbours.</param>
public sealed record Danger(DangerKind Kind, BallId? Ball, PocketId? Pocket, bool IsExact, int Count, int Of);

/// <summary>What was changed to avoid a danger.</summary>
public enum FixKind
{
    /// <summary>Another part of the pocket.</summary>
    PocketPart,

    /// <summary>Stun instead.</summary>
    Stun,

    /// <summary>Another tip height.</summary>
    Height,

    /// <summary>Another pace.</summary>
    Pace,

    /// <summary>Some side.</summary>
    Side,
}

/// <summary>A stroke that pots the same ball without the danger; it was simulated with its neighbours.</summary>
/// <param name="Kind">What was changed.</param>
/// <param name="Pot">The pot, with the part of the pocket.</param>
/// <param name="Dials">The dials.</param>
/// <param name="Rest">Where the white stops.</param>
/// <param name="StillNear">How many of its neighbours still fall or meet jaws.</param>
public sealed record Fix(FixKind Kind, Pot Pot, Dials Dials, Place Rest, int StillNear);

/// <summary>Looks at a stroke and its neighbours for in-offs and unwanted contacts, and for strokes that avoid them.</summary>
public sealed class DangerFinder
{
    private const double TurnRadians = 0.002;
    private const double PaceShare = 0.05;
    private const double HeightMetres = 0.001;

    private readonly StrokePlayer _player;

    /// <summary>Prepares a table; one instance serves one thread.</summary>
    public DangerFinder(StrokePlayer player)
    {
        ArgumentNullException.ThrowIfNull(player);
        _player = player;
    }

    /// <summary>
    /// What threatens a stroke or its 26 neighbours: 2 mrad of direction, 5 % of white speed and 1 mm of tip height either way.
    /// </summary>
    public IReadOnlyList<Danger> Find(Layout layout, Pot pot, in Strike strike)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var heightStep = HeightMetres / (_player.Solver.Table.Diameter / 2);
        var counts = new Dictionary<(DangerKind Kind, BallId? Ball, PocketId? Pocket), int>();
        var exact = new HashSet<(DangerKind, BallId?, PocketId?)>();
        var tried = 0;
        for (var turn = -1; turn <= 1; turn++)
        {
            for (var pace = -1; pace <= 1; pace++)
            {
                for (var height = -1; height <= 1; height++)
                {
                    var near = strike with
                    {
                        DirectionRadians = strike.DirectionRadians + turn * TurnRadians,
                        WhiteSpeed = strike.WhiteSpeed * (1 + pace * PaceShare),
                        Height = strike.Height + height * heightStep,
                    };
                    tried++;
                    foreach (var danger in Of(_player.Play(layout, pot, near), pot))
                    {
                        counts[danger] = counts.GetValueOrDefault(danger) + 1;
                        if ((turn, pace, height) == (0, 0, 0)) exact.Add(danger);
                    }
                }
            }
        }

        return [.. counts
            .Select(found => new Danger(found.Key.Kind, found.Key.Ball, found.Key.Pocket, exact.Contains(found.Key), found.Value, tried))
            .OrderBy(danger => danger.Kind).ThenByDescending(danger => danger.Count)];
    }

    /// <summary>
    /// Strokes that pot the same ball and at least halve the danger: where in-offs threaten, those among the neighbours; otherwise the
    /// jaws. For each kind of change the smallest that serves.
    /// </summary>
    /// <param name="layout">The balls.</param>
    /// <param name="pot">The pot.</param>
    /// <param name="dials">The dials of the stroke that is in danger.</param>
    public IReadOnlyList<Fix> Fixes(Layout layout, Pot pot, Dials dials)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var found = new List<Fix>();
        if (_player.Solver.Solve(layout, pot, dials, withWindow: false).Solution is not { } now) return found;
        var bad = Near(layout, pot, now.Strike);
        foreach (var (kind, other, changed) in Candidates(layout, pot, dials))
        {
            if (found.Exists(fix => fix.Kind == kind)) continue;
            if (_player.Solver.Solve(layout, other, changed, withWindow: false).Solution is not { } solution) continue;
            var played = _player.Play(layout, other, solution.Strike);
            if (!played.IsClean || played.White.Rest is not { } rest) continue;
            var near = Near(layout, other, solution.Strike);
            if (IsSafer(near, bad)) found.Add(new Fix(kind, other, changed, rest, bad.InOffs > 0 ? near.InOffs : near.Jaws));
        }

        return found;
    }

    private static bool IsSafer((int InOffs, int Jaws) near, (int InOffs, int Jaws) bad) => bad.InOffs > 0
        ? near.InOffs * 2 <= bad.InOffs && near.Jaws <= bad.Jaws
        : near.InOffs == 0 && near.Jaws * 2 <= bad.Jaws;

    /// <summary>How many of a stroke and its neighbours fall, and how many meet jaws.</summary>
    private (int InOffs, int Jaws) Near(Layout layout, Pot pot, in Strike strike)
    {
        var dangers = Find(layout, pot, strike);
        return (Most(DangerKind.InOff), Most(DangerKind.Jaws));

        int Most(DangerKind kind) => dangers.Where(danger => danger.Kind == kind).Sum(danger => danger.Count);
    }

    private IEnumerable<(FixKind Kind, Pot Pot, Dials Dials)> Candidates(Layout layout, Pot pot, Dials dials)
    {
        // The pocket point is a mark for the eye; who wants the middle aims at the middle of what drops.
        foreach (var part in Enum.GetValues<PocketPart>().Where(part => part != pot.Part && part != PocketPart.Middle))
            yield return (FixKind.PocketPart, pot with { Part = part }, dials);
        if (Anchors.Of(_player, layout, pot, dials)[0] is { IsReached: true } stun) yield return (FixKind.Stun, pot, stun.Dials);
        foreach (var step in new[] { -0.1, 0.1, -0.2, 0.2, -0.4, 0.4 })
        {
            if (IsSafe(dials.Side, dials.Height + step)) yield return (FixKind.Height, pot, dials with { Height = dials.Height + step });
        }

        var hardest = CueStrike.HardestPace(
            Math.Sqrt(dials.Side * dials.Side + dials.Height * dials.Height), _player.Solver.Table.Conditions);
        foreach (var step in new[] { -0.5, 0.5, -1, 1, -1.5, 1.5 })
        {
            var pace = dials.Pace + step;
            if (pace >= Physics.Balls.Pace.Softest && pace <= hardest)
                yield return (FixKind.Pace, pot, dials with { WhiteSpeed = Physics.Balls.Pace.ToSpeed(pace) });
        }

        foreach (var step in new[] { -0.15, 0.15, -0.3, 0.3 })
        {
            if (IsSafe(dials.Side + step, dials.Height)) yield return (FixKind.Side, pot, dials with { Side = dials.Side + step });
        }
    }

    private static bool IsSafe(double side, double height) => side * side + height * height <= Dials.SafeHeight * Dials.SafeHeight + 1e-9;

    private static IEnumerable<(DangerKind, BallId?, PocketId?)> Of(PlayedStroke played, Pot pot)
    {
        var found = new HashSet<(DangerKind, BallId?, PocketId?)>();
        if (played.ObjectBall.Fate != ObjectBallFate.Potted) found.Add((DangerKind.PotMissed, pot.Ball, pot.Pocket));
        if (played.ObjectBall.MetOnTheWay is { } on && on != BallId.Cue) found.Add((DangerKind.BallMeetsBall, on, null));
        foreach (var meeting in played.White.Meetings)
        {
            if (meeting.Kind == ShotEventKind.Pocket) found.Add((DangerKind.InOff, null, meeting.Pocket));
            if (meeting.Kind == ShotEventKind.Jaw) found.Add((DangerKind.Jaws, null, meeting.Pocket));
            if (meeting.Kind == ShotEventKind.Ball && meeting.Ball != pot.Ball) found.Add((DangerKind.WhiteMeetsBall, meeting.Ball, null));
        }

        return found;
    }
}
