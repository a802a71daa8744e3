using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Reading;

/// <summary>A ball that stands in the way of others, or that is itself tied up.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Opens">The pots that open when it goes.</param>
/// <param name="OnPots">
/// How many pockets the ball itself can be potted into now: when it is more than none, it can be solved at once.
/// </param>
/// <param name="Touches">Balls that it touches.</param>
public sealed record ProblemBall(BallId Ball, IReadOnlyList<Aiming.Pot> Opens, int OnPots, IReadOnlyList<BallId> Touches);

/// <summary>Finds the balls that tie up the table.</summary>
public static class ProblemBalls
{
    /// <summary>The balls whose going opens pots, the one that opens most first.</summary>
    /// <param name="layout">The balls.</param>
    /// <param name="matrix">What can be potted now, of the same layout.</param>
    public static IReadOnlyList<ProblemBall> Rank(Layout layout, IReadOnlyList<PotEntry> matrix)
    {
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(matrix);
        return [.. layout.Balls
            .Where(placed => placed.Ball != BallId.Cue)
            .Select(placed => new ProblemBall(
                placed.Ball,
                [.. matrix.Where(entry => entry.OpensWithout == placed.Ball).Select(entry => entry.Pot)],
                matrix.Count(entry => entry.Pot.Ball == placed.Ball && entry.State is PotState.Open or PotState.Partly),
                [.. layout.Contacts.Where(contact => contact.First == placed.Ball || contact.Second == placed.Ball)
                    .Select(contact => contact.First == placed.Ball ? contact.Second : contact.First)]))
            .Where(ball => ball.Opens.Count > 0 || (ball.OnPots == 0 && ball.Touches.Count > 0))
            .OrderByDescending(ball => ball.Opens.Count).ThenBy(ball => ball.Ball)];
    }
}
