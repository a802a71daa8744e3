using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>Penalties that a player who is behind needs.</summary>
/// <param name="ToTie">How many of a value make a tie possible.</param>
/// <param name="ToWin">How many make it possible to win.</param>
public readonly record struct SnookersNeeded(int ToTie, int ToWin);

/// <summary>The arithmetic of a frame.</summary>
public static class FrameArithmetic
{
    /// <summary>Points that can still be potted, without penalties and without a black that is spotted again; a free ball adds what it can bring.</summary>
    /// <param name="frame">The frame.</param>
    public static int PointsRemaining(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var colours = frame.Up.Where(ball => ball >= BallId.Yellow).ToList();
        var perRed = 1 + Highest(colours);
        var left = colours.Sum(BallValue.Of) + perRed * frame.Reds;
        return frame.On switch
        {
            BallOn.Red => left + (frame.IsFreeBall ? perRed : 0),
            BallOn.Colour => left + Highest(colours),
            _ => left + (frame.IsFreeBall ? BallValue.Of(frame.On, null) : 0),
        };
    }

    /// <summary>The largest break that is still possible.</summary>
    public static int LargestBreak(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return frame.Break + PointsRemaining(frame);
    }

    /// <summary>The fewest further pots that bring a break to a target; null when it can no longer be reached.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="target">Points of the break, 1 or more.</param>
    public static int? FewestPots(FrameState frame, int target)
    {
        ArgumentNullException.ThrowIfNull(frame);
        ArgumentOutOfRangeException.ThrowIfLessThan(target, 1);
        var points = frame.Break;
        var pots = 0;
        foreach (var value in HighestPots(frame))
        {
            if (points >= target) return pots;
            points += value;
            pots++;
        }

        return points >= target ? pots : null;
    }

    /// <summary>
    /// Points that secure the frame when they are scored with the highest colours: after them the lead is more than what is left, so that the opponent needs penalties; 0 when it is so already.
    /// </summary>
    /// <param name="frame">The frame.</param>
    public static int PointsToSecure(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var needed = PointsRemaining(frame) - (frame.Scores.Player - frame.Scores.Opponent) + 1;
        // A point that is scored is also one less on the table.
        return Math.Max(0, (needed + 1) / 2);
    }

    /// <summary>What the colours after the reds must bring on average for a total of points before the six colours in order; may be more than 7, which cannot be.</summary>
    /// <param name="target">Points before the yellow.</param>
    /// <param name="scored">Points scored.</param>
    /// <param name="reds">Reds still up, at least 1.</param>
    public static double AverageColourNeeded(int target, int scored, int reds)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(reds, 1);
        return (double)(target - scored - reds) / reds;
    }

    /// <summary>
    /// Penalties of a value that a player needs who is behind. Points of a free ball and reds lost in fouls are left out.
    /// </summary>
    /// <param name="deficit">Points behind.</param>
    /// <param name="remaining">Points that can still be potted.</param>
    /// <param name="penalty">Points of each penalty, 4 to 7.</param>
    public static SnookersNeeded Snookers(int deficit, int remaining, int penalty)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(penalty, Foul.Least);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(penalty, BallValue.Most);
        var short_ = deficit - remaining;
        return short_ < 0 ? new SnookersNeeded(0, 0) : new SnookersNeeded((short_ + penalty - 1) / penalty, short_ / penalty + 1);
    }

    /// <summary>True when a player who is behind can still tie or win: with only the black left, first pot or foul ends the frame.</summary>
    /// <param name="frame">The frame.</param>
    public static bool CanBeSaved(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return !frame.IsOnlyBlackLeft || Math.Abs(frame.Scores.Player - frame.Scores.Opponent) <= BallValue.Most;
    }

    /// <summary>The least that a foul costs with what is on.</summary>
    public static int LeastPenalty(BallOn on) => Math.Max(Foul.Least, on == BallOn.Colour ? 0 : BallValue.Of(on, null));

    private static IEnumerable<int> HighestPots(FrameState frame)
    {
        var colours = frame.Up.Where(ball => ball >= BallId.Yellow).Order().ToList();
        var highest = Highest(colours);
        var takesColour = frame.On == BallOn.Colour;
        if (frame.IsFreeBall)
        {
            yield return BallValue.Of(frame.On, null);
            takesColour = frame.On == BallOn.Red;
        }

        if (takesColour) yield return highest;
        for (var red = 0; red < frame.Reds; red++)
        {
            yield return 1;
            if (highest > 0) yield return highest;
        }

        foreach (var colour in colours) yield return BallValue.Of(colour);
    }

    private static int Highest(List<BallId> colours) => colours.Count == 0 ? 0 : colours.Max(BallValue.Of);
}
