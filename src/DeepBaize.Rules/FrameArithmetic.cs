using DeepBaize.Table;

namespace DeepBaize.Rules;

/// <summary>Penalties that a player who is behind needs.</summary>
/// <param name="ToTie">How many of a value make a tie possible.</param>
/// <param name="ToWin">How many make it possible to win.</param>
public readonly record struct SnookersNeeded(int ToTie, int ToWin);

/// <summary>The arithmetic of a frame.</summary>
public static class FrameArithmetic
{
    /// <summary>
    /// Points that can still be potted, without penalties and without a black that is spotted again; a free ball adds what it can bring.
    /// </summary>
    /// <param name="frame">The frame.</param>
    public static int PointsRemaining(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var colours = ColoursOf(frame);
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
        foreach (var (value, _, _) in HighestPots(frame))
        {
            if (points >= target) return pots;
            points += value;
            pots++;
        }

        return points >= target ? pots : null;
    }

    /// <summary>
    /// Points that secure the frame when they are scored with the highest colours: after them the lead is more than what the opponent would
    /// find if the visit ended there, so that he needs penalties; 0 when it is so already, one more than the points behind when all that is
    /// left is not enough.
    /// </summary>
    /// <param name="frame">The frame.</param>
    public static int PointsToSecure(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        var colours = ColoursOf(frame);
        var lead = frame.Scores.Player - frame.Scores.Opponent;
        if (lead > LeftToOpponent(colours, 0, frame.Reds)) return 0;
        var scored = 0;
        foreach (var pot in HighestPots(frame))
        {
            scored += pot.Points;
            if (lead + scored > LeftToOpponent(colours, pot.ColoursDown, pot.Reds)) return scored;
        }

        return 1 - lead;
    }

    /// <summary>
    /// What the colours after the reds must bring on average for a total of points before the six colours in order; may be more than 7,
    /// which cannot be.
    /// </summary>
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

    /// <summary>
    /// True when a player who is behind can still tie or win: with only the black left, first pot or foul ends the frame.
    /// </summary>
    /// <param name="frame">The frame.</param>
    public static bool CanBeSaved(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return !frame.IsOnlyBlackLeft || Math.Abs(frame.Scores.Player - frame.Scores.Opponent) <= BallValue.Most;
    }

    /// <summary>The least that a foul costs with what is on.</summary>
    public static int LeastPenalty(BallOn on) => Math.Max(Foul.Least, on == BallOn.Colour ? 0 : BallValue.Of(on, null));

    /// <summary>
    /// What the player who comes to the table next finds: reds with the highest colour each, and the colours. No colour is owed to him, and
    /// no free ball.
    /// </summary>
    private static int LeftToOpponent(List<BallId> colours, int down, int reds) =>
        colours.Skip(down).Sum(BallValue.Of) + reds * (1 + Highest(colours));

    /// <summary>
    /// The pots of the largest break in their order, with the reds and the number of colours in order that are gone after each.
    /// </summary>
    private static IEnumerable<(int Points, int Reds, int ColoursDown)> HighestPots(FrameState frame)
    {
        var colours = ColoursOf(frame);
        var highest = Highest(colours);
        var takesColour = frame.On == BallOn.Colour;
        if (frame.IsFreeBall)
        {
            yield return (BallValue.Of(frame.On, null), frame.Reds, 0);
            takesColour = frame.On == BallOn.Red;
        }

        if (takesColour) yield return (highest, frame.Reds, 0);
        for (var reds = frame.Reds - 1; reds >= 0; reds--)
        {
            yield return (1, reds, 0);
            if (highest > 0) yield return (highest, reds, 0);
        }

        for (var down = 0; down < colours.Count; down++) yield return (BallValue.Of(colours[down]), 0, down + 1);
    }

    private static List<BallId> ColoursOf(FrameState frame) => [.. frame.Up.Where(ball => ball >= BallId.Yellow).Order()];

    private static int Highest(List<BallId> colours) => colours.Count == 0 ? 0 : colours.Max(BallValue.Of);
}
