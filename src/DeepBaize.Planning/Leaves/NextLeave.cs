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
    /// <param name="before">The frame; its white may be missing.</param>
    /// <param name="potted">The ball that goes.</param>
    /// <param name="white">Where the white stands then; null to leave it out.</param>
    public static NextLeave Of(FrameState before, BallId potted, Place? white)
    {
        ArgumentNullException.ThrowIfNull(before);
        var left = before.ObjectBalls.Where(placed => placed.Ball != potted).ToList();
        var after = AfterPot.Of(before, potted);
        if (after.Spots)
        {
            var others = left.ConvertAll(placed => placed.Place);
            if (white is { } stands) others.Add(stands);
            left.Add(new PlacedBall(potted, Respotting.PlaceFor(potted, others, before.Gauge)));
        }

        return new NextLeave(white, left, [.. after.BallsOf(left.Select(placed => placed.Ball))]);
    }
}
