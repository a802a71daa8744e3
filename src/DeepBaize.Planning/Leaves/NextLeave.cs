using DeepBaize.Physics.Simulation;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Leaves;

/// <summary>The balls as they lie for the next stroke after a legal pot, and which of them are on.</summary>
/// <param name="White">Where the white stands; null when it fell.</param>
/// <param name="Balls">The other balls, a potted colour put back where the rules say so.</param>
/// <param name="On">The balls that are on.</param>
public sealed record NextLeave(Place? White, IReadOnlyList<PlacedBall> Balls, IReadOnlyList<BallId> On)
{
    /// <summary>What a stroke leaves.</summary>
    /// <param name="before">The balls before it.</param>
    /// <param name="potted">The ball that it was to pot.</param>
    /// <param name="result">What came of it.</param>
    public static NextLeave AfterStroke(Layout before, BallId potted, StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(result);
        var left = new List<PlacedBall>(result.Final.Count);
        for (var i = 0; i < result.Final.Count; i++)
        {
            if (result.Final[i].Ball != BallId.Cue) left.Add(new PlacedBall(result.Final[i].Ball, result.Final[i].State.Place));
        }

        return Of(before.Balls, before.Gauge, potted, result[BallId.Cue], left);
    }

    /// <summary>What is left when a ball is taken off and nothing else moves.</summary>
    /// <param name="before">The balls.</param>
    /// <param name="potted">The ball that goes.</param>
    /// <param name="white">Where the white stands then; null to leave it out.</param>
    public static NextLeave Of(Layout before, BallId potted, Place? white)
    {
        ArgumentNullException.ThrowIfNull(before);
        return Of(before.Balls, before.Gauge, potted, white);
    }

    /// <summary>The same for balls that may be without a white.</summary>
    /// <param name="before">The balls.</param>
    /// <param name="gauge">Their size.</param>
    /// <param name="potted">The ball that goes.</param>
    /// <param name="white">Where the white stands then; null to leave it out.</param>
    public static NextLeave Of(IReadOnlyList<PlacedBall> before, BallGauge gauge, BallId potted, Place? white) =>
        Of(before, gauge, potted, white, [.. before.Where(placed => placed.Ball != BallId.Cue && placed.Ball != potted)]);

    private static NextLeave Of(IReadOnlyList<PlacedBall> before, BallGauge gauge, BallId potted, Place? white, List<PlacedBall> left)
    {
        var after = AfterPot.Of([.. before.Select(placed => placed.Ball)], potted);
        if (after.Spots && !left.Exists(placed => placed.Ball == potted))
        {
            var others = left.ConvertAll(placed => placed.Place);
            if (white is { } stands) others.Add(stands);
            left.Add(new PlacedBall(potted, Respotting.PlaceFor(potted, others, gauge)));
        }

        return new NextLeave(white, left, [.. after.BallsOf(left.Select(placed => placed.Ball))]);
    }
}
