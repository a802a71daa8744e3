using System.Globalization;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Escapes;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Words.Places;

namespace DeepBaize.Words;

/// <summary>Says how to get out of a snooker: the cushion, the point on it, the stroke, and how often it comes off.</summary>
public static class EscapeWords
{
    /// <summary>Points below which the side of a miss is all the same.</summary>
    private const double AsGood = 0.5;

    /// <summary>Metres by which a mirror's point is told to be another one.</summary>
    private const double LeastApart = 0.003;

    private const string InHand = "The white is in hand: lay it where you want to play from.";

    /// <summary>The answer in one sentence.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Sentence(EscapePlan plan, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(frame);
        if (plan.Routes is not [var best, ..])
        {
            if (frame.White is null) return InHand;
            return plan.IsFinal
                ? $"No way to hit {StateWords.On(frame.On)} was found: play for the cushion that comes nearest." : "Looking all round.";
        }

        return $"{EventWords.Capital(Route(best, frame, conditions))}: {GetsOut(best)}.";
    }

    /// <summary>The words of the sentence that decide: the point and the stroke.</summary>
    /// <param name="route">The way.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static IReadOnlyList<string> Decisive(EscapeRoute route, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(route);
        var dial = BreakWords.Dial(route.Judged.Stroke, conditions);
        return Mark(route, conditions) is { } mark ? [mark.Words, dial] : [dial];
    }

    /// <summary>A way, its point and its stroke, such as "on the green side cushion, two balls beyond the baulk line, pace 4".</summary>
    /// <param name="route">The way.</param>
    /// <param name="frame">The frame.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Route(EscapeRoute route, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(route);
        ArgumentNullException.ThrowIfNull(frame);
        var dial = BreakWords.Dial(route.Judged.Stroke, conditions);
        var ball = BreakWords.Ball(route.Window.Ball, frame, "the marked red");
        if (Mark(route, conditions) is { } mark) return $"{mark.Words}{Then(route.Window.Way)}, to {ball}, {dial}";
        return route.Window.Dials.ElevationRadians > 0 ? $"swerve to {ball}, {dial}" : $"straight at what shows of {ball}, {dial}";
    }

    /// <summary>How often it comes off.</summary>
    /// <param name="route">The way.</param>
    public static string GetsOut(EscapeRoute route)
    {
        ArgumentNullException.ThrowIfNull(route);
        return $"it comes off {ChanceWords.Say(route.GetsOut)}";
    }

    /// <summary>The point on the first cushion as it is found by eye, always within what hits; null on a way without a cushion.</summary>
    /// <param name="route">The way.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static CushionMark? Mark(EscapeRoute route, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(route);
        ArgumentNullException.ThrowIfNull(conditions);
        return route.First is { } first
            ? CushionMarks.Within(first.Cushion, first.Along, (first.From, first.To), conditions.Gauge.Diameter) : null;
    }

    /// <summary>How exact it must be: "half a ball either way", and at which paces it is the same way.</summary>
    /// <param name="route">The way.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Room(EscapeRoute route, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(route);
        ArgumentNullException.ThrowIfNull(conditions);
        var width = route.First is { } first
            ? $"{BallWidths.Say(first.Width / 2 / conditions.Gauge.Diameter)} either way on the cushion ({1000 * first.Width:0} mm in all)"
            : $"{1000 * route.Window.Width:0} mrad in all";
        return string.Create(CultureInfo.InvariantCulture, $"{width}, at pace {route.SoftestPace:0.#}")
            + (route.SoftestPace < route.HardestPace ? string.Create(CultureInfo.InvariantCulture, $" to {route.HardestPace:0.#}.") : ".");
    }

    /// <summary>How often the opponent pots next.</summary>
    /// <param name="route">The way.</param>
    public static string Scores(EscapeRoute route)
    {
        ArgumentNullException.ThrowIfNull(route);
        return $"the opponent pots next {ChanceWords.Say(route.Judged.OpponentScores)}, misses and all.";
    }

    /// <summary>A way against the one that is told first.</summary>
    /// <param name="route">The way.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string Other(EscapeRoute route, EscapePlan plan, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var words = $"{EventWords.Capital(Route(route, frame, conditions))}: {GetsOut(route)}.";
        return route == plan.Routes[0] ? words : $"{words} A pot is left {ChanceWords.Say(route.Judged.OpponentScores)}.";
    }

    /// <summary>How the other side gets out of a snooker that is laid, by a first look.</summary>
    /// <param name="plan">What was found for them.</param>
    /// <param name="frame">The frame, seen by them.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string TheirWay(EscapePlan plan, FrameState frame, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Routes is [var way, ..] ? Other(way, plan, frame, conditions) : "none that was found at a first look.";
    }

    /// <summary>The softest stroke of the same way, and what it comes to; null when that is what is told.</summary>
    /// <param name="route">The way.</param>
    /// <param name="conditions">The table, the balls and the cue.</param>
    public static string? Soft(EscapeRoute route, PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(route);
        return route.Soft is not { } soft ? null
            : $"{EventWords.Capital(BreakWords.Dial(soft.Judged.Stroke, conditions))}: {GetsOut(soft)}, and the opponent pots next "
                + $"{ChanceWords.Say(soft.Judged.OpponentScores)}.";
    }

    /// <summary>On which side to be wrong; null when it is all the same.</summary>
    /// <param name="route">The way.</param>
    public static string? SafeSide(EscapeRoute route)
    {
        ArgumentNullException.ThrowIfNull(route);
        return Math.Abs(route.BetterToTheRight) < AsGood ? null
            : $"If you are wrong, be wrong to the {(route.BetterToTheRight > 0 ? "right" : "left")}: it costs less.";
    }

    /// <summary>What the white is snookered on, and by what.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="frame">The frame.</param>
    public static string Snooker(EscapePlan plan, FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.White is null) return InHand;
        if (plan.Balls.Count == 0) return "No ball is on.";
        var on = StateWords.On(frame.On);
        if (plan.Balls.FirstOrDefault(ball => ball.IsTouched) is { } touched)
            return $"Touching {BreakWords.Ball(touched.Ball, frame, "a red")}: play away from it, and it counts as hit.";
        if (!plan.IsSnookered) return $"Not snookered: {on} can be hit straight.";
        var names = BallNames.Among(frame.ObjectBalls.Select(placed => placed.Ball));
        List<string> by = [.. plan.Balls.SelectMany(ball => ball.Blockers).Distinct().Select(names.The)];
        var shows = plan.Balls.Any(ball => ball.Sight.AnyPart) ? ", and a part of it shows" : "";
        return $"Snookered on {on}{(by.Count == 0 ? "" : $" by {Listed(by)}")}{shows}.";
    }

    /// <summary>Where the mirror's point lies, and why the other one is told; null where there is no such way in the mirror.</summary>
    /// <param name="route">The way.</param>
    /// <param name="mirrored">Where the white would meet the first cushion as in a mirror; null for nowhere.</param>
    public static string? Mirror(EscapeRoute route, Place? mirrored)
    {
        ArgumentNullException.ThrowIfNull(route);
        if (mirrored is not { } place || route.First is not { } first) return null;
        var apart = Mirrors.Along(place, first.Cushion) - first.Along;
        if (Math.Abs(apart) < LeastApart) return "The mirror gives the same point.";
        var side = Mirrors.IsEnd(first.Cushion)
            ? apart > 0 ? "farther to the green side" : "farther to the yellow side" : apart > 0 ? "farther from baulk" : "nearer to baulk";
        var why = route.Window.Dials.Side == 0 ? "" : "side, ";
        return $"The mirror gives a point {1000 * Math.Abs(apart):0} mm {side}: "
            + $"{why}pace, roll and the cushion's give make the difference.";
    }

    private static string Then(RouteWay way)
    {
        var rest = way.InOrder.Skip(1).Select(NameWords.Of).ToList();
        var jaw = way.UsesJaw ? ", off the jaw" : "";
        return rest.Count == 0 ? jaw : $"{jaw}, then the {string.Join(", the ", rest)}";
    }

    private static string Listed(List<string> names) =>
        names.Count == 1 ? names[0] : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
}
