using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Rules;

/// <summary>What of a ball the white can hit on a straight way.</summary>
/// <param name="BothEdges">True when the finest contact is free on both sides: the white is not snookered on this ball.</param>
/// <param name="FullBall">True when it can be hit full in the face.</param>
/// <param name="AnyPart">True when some part of it can be hit.</param>
public readonly record struct BallInSight(bool BothEdges, bool FullBall, bool AnyPart);

/// <summary>
/// Straight ways of the white between the balls (official rules, section 2, "Snookered"). Only balls block: where a cushion is met before the ball that would be in the way, nothing is.
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

    /// <summary>What of a ball can be hit.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="target">Centre of the ball.</param>
    /// <param name="others">Centres of the balls that block: those that are not on.</param>
    public BallInSight Of(Place white, Place target, IReadOnlyList<Place> others)
    {
        ArgumentNullException.ThrowIfNull(others);
        var distance = white.DistanceTo(target);
        var middle = Math.Atan2(target.Y - white.Y, target.X - white.X);
        // A ball that is touched can be hit on all of the side that is turned to the white.
        var reach = Math.Asin(Math.Min(1, gauge.Diameter / distance)) * (1 - 1e-9);
        var (right, left) = (IsFree(middle - reach), IsFree(middle + reach));
        var full = IsFree(middle);
        return new BallInSight(right && left, full, right || left || full || Between().Any(IsFree));

        bool IsFree(double direction) => !IsBlocked(white, direction, RunTo(white, direction, target, -Graze), others);

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

    /// <summary>True when the player is snookered: no ball that is on can be hit on both its edges. A white in hand is, only if it is from everywhere in the D.</summary>
    /// <param name="frame">The frame.</param>
    public bool IsSnookered(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var on = frame.BallsThatAreOn(null).ToHashSet();
        return IsSnookered(frame, [.. frame.Balls.Where(placed => placed.Ball != BallId.Cue && !on.Contains(placed.Ball)).Select(placed => placed.Place)]);
    }

    /// <summary>True when a ball alone snookers the player on all that is on.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="by">The ball.</param>
    public bool IsSnookeredBy(FrameState frame, BallId by)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.Balls.Any(placed => placed.Ball == by) && IsSnookered(frame, [.. frame.Balls.Where(placed => placed.Ball == by).Select(placed => placed.Place)]);
    }

    private bool IsSnookered(FrameState frame, List<Place> others)
    {
        var on = frame.BallsThatAreOn(null).ToHashSet();
        var targets = frame.Balls.Where(placed => on.Contains(placed.Ball)).Select(placed => placed.Place).ToList();
        if (targets.Count == 0) return false;
        if (frame.White is { } white) return !SeesOne(white);
        var taken = frame.Balls.Select(placed => placed.Place).ToList();
        return !FromTheD(SeesOne, place => taken.TrueForAll(other => other.DistanceTo(place) >= gauge.Diameter));

        bool SeesOne(Place from) => targets.Exists(target => Of(from, target, others).BothEdges);
    }

    /// <summary>True when a place in the D answers a question with yes; the D is searched in steps of 12 mm and along its lines.</summary>
    private static bool FromTheD(Func<Place, bool> asks, Func<Place, bool> hasRoom)
    {
        var (centre, radius) = (TheD.Centre, Measurements.DRadius);
        for (var across = -radius; across <= radius; across += GridStep / 4)
        {
            if (Try(centre.Offset(0, across)) || Try(centre.Offset(-Math.Sqrt(Math.Max(0, radius * radius - across * across)), across))) return true;
        }

        for (var back = GridStep; back <= radius; back += GridStep)
        {
            for (var across = -radius; across <= radius; across += GridStep)
            {
                if (Try(centre.Offset(-back, across))) return true;
            }
        }

        return false;

        bool Try(Place place) => TheD.Contains(place) && hasRoom(place) && asks(place);
    }

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
            if (!outline.IsOnBed(white.Offset(at * Math.Cos(direction), at * Math.Sin(direction)), gauge.CushionInset - FinestStep)) return false;
        }

        return true;
    }
}
