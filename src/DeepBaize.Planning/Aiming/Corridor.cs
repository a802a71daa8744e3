using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Aiming;

/// <summary>A ball near a line that another ball runs.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Passes">Distance in metres at which the line passes its centre; a clear line needs a ball's diameter.</param>
public readonly record struct NearBall(BallId Ball, double Passes);

/// <summary>The strip of cloth that a ball needs on a straight way.</summary>
public static class Corridor
{
    /// <summary>Half of what a pocket takes at most, across the ball's way, in metres.</summary>
    private const double OpeningHalf = 0.06;

    private const int OpeningSteps = 8;

    /// <summary>A ball that runs past another as near as this may still be slowed only, in metres.</summary>
    private const double PathSlack = 0.002;

    /// <summary>Throw turns the line of centres by up to 6 degrees: as much as that moves the white at the contact, in metres.</summary>
    private const double ThrowSlack = 0.006;

    /// <summary>The balls that stand in a ball's way from one place to another, the worst first.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="from">Centre of the running ball at the start.</param>
    /// <param name="to">Centre at the end.</param>
    /// <param name="runs">The running ball; it does not block itself.</param>
    /// <param name="meets">A ball that the way leads to, if any; it does not block either.</param>
    /// <param name="width">Distance in metres below which a ball counts as in the way; the ball's diameter when left out.</param>
    public static IReadOnlyList<NearBall> Blockers(Layout layout, Place from, Place to, BallId runs, BallId meets, double? width = null)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var least = width ?? layout.Gauge.Diameter;
        var found = new List<NearBall>();
        foreach (var other in layout.Balls)
        {
            if (other.Ball == runs || other.Ball == meets) continue;
            var passes = DistanceToSegment(other.Place, from, to);
            // A ball that touches the running ball at its start is in the way only when the way leads into it.
            if (passes < least - Layout.TouchingGap && Leads(from, to, other.Place)) found.Add(new NearBall(other.Ball, passes));
        }

        found.Sort((a, b) => a.Passes.CompareTo(b.Passes));
        return found;
    }

    /// <summary>
    /// True when some line of a pot, anywhere across the pocket's opening, is clear or so nearly clear that throw could make it so. False
    /// means that only a ball that goes can open the pot.
    /// </summary>
    /// <param name="layout">The balls; with the white and the object ball.</param>
    /// <param name="line">The pot.</param>
    /// <param name="ball">The object ball.</param>
    public static bool MayBeOpen(Layout layout, PottingLine line, BallId ball)
    {
        ArgumentNullException.ThrowIfNull(layout);
        var diameter = layout.Gauge.Diameter;
        for (var step = -OpeningSteps; step <= OpeningSteps; step++)
        {
            var offset = step * OpeningHalf / OpeningSteps;
            var target = line.Target.Offset(-Math.Sin(line.BallHeading) * offset, Math.Cos(line.BallHeading) * offset);
            var heading = line.Ball.HeadingTo(target);
            if (Blockers(layout, line.Ball, target, ball, BallId.Cue, diameter - PathSlack).Count > 0) continue;
            if (Blockers(layout, line.White, PottingLine.GhostAt(heading, line.Ball, diameter), BallId.Cue, ball,
                diameter - ThrowSlack).Count == 0) return true;
        }

        return false;
    }

    /// <summary>True when a ball stands in a ball's straight way; allocates nothing.</summary>
    /// <param name="balls">The balls.</param>
    /// <param name="from">Centre of the running ball at the start.</param>
    /// <param name="to">Centre at the end.</param>
    /// <param name="but">Index of the one ball that does not block: the one that is met, or that runs.</param>
    /// <param name="diameter">Diameter of the balls in metres.</param>
    public static bool IsBlocked(ReadOnlySpan<PlacedBall> balls, Place from, Place to, int but, double diameter)
    {
        // Asked for every pot of every leave: squares are compared, and no root is drawn.
        var least = (diameter - PathSlack) * (diameter - PathSlack);
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var square = dx * dx + dy * dy;
        for (var i = 0; i < balls.Length; i++)
        {
            var (x, y) = (balls[i].Place.X - from.X, balls[i].Place.Y - from.Y);
            var along = x * dx + y * dy;
            if (along <= 0 || i == but) continue;
            var across = x * dy - y * dx;
            var apart = along >= square ? (x - dx) * (x - dx) + (y - dy) * (y - dy) : across * across / square;
            if (apart < least) return true;
        }

        return false;
    }

    /// <summary>Distance in metres from a place to the straight piece between two others.</summary>
    public static double DistanceToSegment(Place place, Place from, Place to)
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var square = dx * dx + dy * dy;
        if (square == 0) return place.DistanceTo(from);
        var share = Math.Clamp(((place.X - from.X) * dx + (place.Y - from.Y) * dy) / square, 0, 1);
        return place.DistanceTo(new Place(from.X + dx * share, from.Y + dy * share));
    }

    private static bool Leads(Place from, Place to, Place other) =>
        (other.X - from.X) * (to.X - from.X) + (other.Y - from.Y) * (to.Y - from.Y) > 0;
}
