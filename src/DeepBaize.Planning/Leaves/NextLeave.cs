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
    public static NextLeave Of(IReadOnlyList<PlacedBall> before, BallGauge gauge, BallId potted, Place? white)
    {
        ArgumentNullException.ThrowIfNull(before);
        var left = before.Where(placed => placed.Ball != BallId.Cue && placed.Ball != potted).ToList();
        var after = AfterPot.Of([.. before.Select(placed => placed.Ball)], potted);
        if (after.Spots)
        {
            var others = left.ConvertAll(placed => placed.Place);
            if (white is { } stands) others.Add(stands);
            left.Add(new PlacedBall(potted, Respotting.PlaceFor(potted, others, gauge)));
        }

        return new NextLeave(white, left, [.. after.BallsOf(left.Select(placed => placed.Ball))]);
    }
}
