using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Rules;

/// <summary>What of a ball the white can hit on a straight way.</summary>
/// <param name="BothEdges">True when the finest contact is free on both sides: the white is not snookered on this ball.</param>
/// <param name="FullBall">True when it can be hit full in the face.</param>
/// <param name="AnyPart">True when some part of it can be hit.</param>
public readonly record struct BallInSight(bool BothEdges, bool FullBall, bool AnyPart);

/// <summary>
/// Straight ways of the white between the balls (official rules, section 2, "Snookered"). Only balls block: where a cushion is met before
/// the ball that would be in the way, nothing is.
/// </summary>
/// <param name="outline">The table's outline.</param>
/// <param name="gauge">Size of the balls.</param>
public sealed class Sight(TableOutline outline, BallGauge gauge)
{
    /// <summary>A ball that is passed as near as this is not in the way, in metres.</summary>
    private const double Graze = 1e-6;

    private const double CushionStep = 0.004;
    private const double GridStep = 0.012;
    private const double FinestStep = 0.0002;

    /// <summary>What of a ball can be hit as far as other balls go: cushions do not snooker.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="target">Centre of the ball.</param>
    /// <param name="others">Centres of the balls that block: those that are not on.</param>
    public BallInSight Of(Place white, Place target, IReadOnlyList<Place> others) => Look(white, target, others, (_, _) => true);

    /// <summary>
    /// What of a ball can really be hit on a straight way: a cushion in the way, as for a white in the jaws, is in the way.
    /// </summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="target">Centre of the ball.</param>
    /// <param name="others">Centres of the balls that block: those that are not on.</param>
    public BallInSight Reach(Place white, Place target, IReadOnlyList<Place> others) =>
        Look(white, target, others, (direction, run) => !double.IsFinite(run) || StaysOnBed(white, direction, run));

    private BallInSight Look(Place white, Place target, IReadOnlyList<Place> others, Func<double, double, bool> mayRun)
    {
        ArgumentNullException.ThrowIfNull(others);
        var (middle, reach) = Face(white, target);
        var (right, left) = (IsFree(middle - reach), IsFree(middle + reach));
        var full = IsFree(middle);
        return new BallInSight(right && left, full, right || left || full || Between().Any(IsFree));

        bool IsFree(double direction)
        {
            var run = RunTo(white, direction, target, -Graze);
            return mayRun(direction, run) && !IsBlocked(white, direction, run, others);
        }

        // The first directions beside each ball in the way.
        IEnumerable<double> Between()
        {
            foreach (var other in others)
            {
                var away = white.DistanceTo(other);
                var half = Math.Asin(Math.Min(1, gauge.Diameter / away)) * (1 + 1e-9);
                var towards = Math.Atan2(other.Y - white.Y, other.X - white.X);
                foreach (var edge in new[] { towards - half, towards + half })
                {
                    if (Math.Abs(Math.IEEERemainder(edge - middle, Math.Tau)) < reach) yield return edge;
                }
            }
        }
    }

    /// <summary>
    /// True when the player is snookered: no ball that is on can be hit on both its edges, and none is touched. A white in hand is, only if
    /// it is from everywhere in the D.
    /// </summary>
    /// <param name="frame">The frame.</param>
    public bool IsSnookered(FrameState frame)
    {
        var (on, others) = Sides(frame);
        if (on.Count == 0) return false;
        return frame.White is { } white ? !SeesOne(white, on, others) : !FromTheD(frame, place => SeesOne(place, on, others));
    }

    /// <summary>
    /// True when a ball snookers the player: he is snookered, and of the balls in the way of each ball on it is the one nearest to the
    /// white, or as near as any. Different balls in the way of different reds do not snooker.
    /// </summary>
    /// <param name="frame">The frame.</param>
    /// <param name="by">The ball.</param>
    public bool IsSnookeredBy(FrameState frame, BallId by)
    {
        var (on, others) = Sides(frame);
        Place? place = frame.Balls.Where(placed => placed.Ball == by).Select(placed => (Place?)placed.Place).FirstOrDefault();
        if (on.Count == 0 || place is not { } ball) return false;
        bool Snookers(Place white) =>
            !SeesOne(white, on, others) && on.TrueForAll(target => IsNearestInTheWay(white, target, others, ball));
        return frame.White is { } stands ? Snookers(stands) : IsSnookered(frame) && !FromTheD(frame, from => !Snookers(from));
    }

    /// <summary>
    /// True when a place in the D with room for the white answers a question with yes; the D is searched in steps of 12 mm and along its
    /// lines.
    /// </summary>
    /// <param name="frame">The frame; its white does not matter.</param>
    /// <param name="asks">The question.</param>
    internal bool FromTheD(FrameState frame, Func<Place, bool> asks)
    {
        var (centre, radius) = (TheD.Centre, Measurements.DRadius);
        var taken = frame.ObjectBalls.Select(placed => placed.Place).ToList();
        for (var across = -radius; across <= radius; across += GridStep / 4)
        {
            if (Try(centre.Offset(0, across)) || Try(centre.Offset(-Math.Sqrt(Math.Max(0, radius * radius - across * across)), across)))
                return true;
        }

        for (var back = GridStep; back <= radius; back += GridStep)
        {
            for (var across = -radius; across <= radius; across += GridStep)
            {
                if (Try(centre.Offset(-back, across))) return true;
            }
        }

        return false;

        bool Try(Place place) =>
            TheD.Contains(place) && taken.TrueForAll(other => other.DistanceTo(place) >= gauge.Diameter) && asks(place);
    }

    /// <summary>The places of the balls that are on, and of those that are not.</summary>
    private static (List<Place> On, List<Place> Others) Sides(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var on = frame.BallsThatAreOn(null).ToHashSet();
        var balls = frame.ObjectBalls;
        return ([.. balls.Where(placed => on.Contains(placed.Ball)).Select(placed => placed.Place)],
            [.. balls.Where(placed => !on.Contains(placed.Ball)).Select(placed => placed.Place)]);
    }

    /// <summary>
    /// True when both edges of a ball that is on can be hit, or one is touched: playing away from it counts as hitting it.
    /// </summary>
    private bool SeesOne(Place white, List<Place> on, List<Place> others) =>
        on.Exists(target => white.DistanceTo(target) - gauge.Diameter <= Layout.TouchingGap || Of(white, target, others).BothEdges);

    /// <summary>
    /// Of the balls in the way of some part of a target, that nearest to the white snookers (official rules, section 2, "Snookered"; from
    /// memory).
    /// </summary>
    private bool IsNearestInTheWay(Place white, Place target, List<Place> others, Place ball)
    {
        var (middle, reach) = Face(white, target);
        var nearest = double.PositiveInfinity;
        foreach (var other in others.Where(other => IsInTheWay(white, target, middle, reach, other)))
            nearest = Math.Min(nearest, white.DistanceTo(other));
        return IsInTheWay(white, target, middle, reach, ball) && white.DistanceTo(ball) <= nearest + Graze;
    }

    /// <summary>True when a ball blocks a straight way to some part of a target: the finest edges, or a part between them.</summary>
    private bool IsInTheWay(Place white, Place target, double middle, double reach, Place other)
    {
        var towards = Math.Clamp(Math.IEEERemainder(Math.Atan2(other.Y - white.Y, other.X - white.X) - middle, Math.Tau), -reach, reach);
        var direction = middle + towards;
        return IsBlocked(white, direction, RunTo(white, direction, target, -Graze), [other]);
    }

    /// <summary>
    /// The direction of a ball from the white, and the angle to its finest edges. A ball that is touched can be hit on all of the side that
    /// is turned to the white.
    /// </summary>
    private (double Middle, double Reach) Face(Place white, Place target) => (
        Math.Atan2(target.Y - white.Y, target.X - white.X), Math.Asin(Math.Min(1, gauge.Diameter / white.DistanceTo(target))) * (1 - 1e-9));

    private bool IsBlocked(Place white, double direction, double run, IReadOnlyList<Place> others)
    {
        foreach (var other in others)
        {
            var at = RunTo(white, direction, other, Graze);
            if (at < run && StaysOnBed(white, direction, at)) return true;
        }

        return false;
    }

    /// <summary>How far the white runs until it meets a ball; infinite when it does not.</summary>
    private double RunTo(Place white, double direction, Place ball, double slack)
    {
        var (dx, dy) = (ball.X - white.X, ball.Y - white.Y);
        var along = dx * Math.Cos(direction) + dy * Math.Sin(direction);
        var across = dx * Math.Sin(direction) - dy * Math.Cos(direction);
        var width = gauge.Diameter - slack;
        var square = width * width - across * across;
        return along <= 0 || square < 0 ? double.PositiveInfinity : Math.Max(0, along - Math.Sqrt(square));
    }

    private bool StaysOnBed(Place white, double direction, double run)
    {
        for (var at = CushionStep; at < run; at += CushionStep)
        {
            if (!outline.IsOnBed(white.Offset(at * Math.Cos(direction), at * Math.Sin(direction)), gauge.CushionInset - FinestStep))
                return false;
        }

        return true;
    }
}
