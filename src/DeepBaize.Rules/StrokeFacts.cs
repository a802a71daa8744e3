using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Rules;

/// <summary>What a referee sees of a stroke. Rules judge by this alone and do not ask how balls move.</summary>
public sealed record StrokeFacts
{
    /// <summary>
    /// The ball that the white hits first; two when it hits them at once, none when it hits nothing. A ball that it touches at the start
    /// counts only when it is moved.
    /// </summary>
    public IReadOnlyList<BallId> FirstHit { get; init; } = [];

    /// <summary>The balls that fall, the white among them for an in-off.</summary>
    public IReadOnlyList<BallId> Potted { get; init; } = [];

    /// <summary>The balls that leave the table otherwise.</summary>
    public IReadOnlyList<BallId> OffTable { get; init; } = [];

    /// <summary>The balls over a part of which the white passed in the air.</summary>
    public IReadOnlyList<JumpedBall> Jumped { get; init; } = [];

    /// <summary>True when the white came to a cushion; some attempts rule that out.</summary>
    public bool WhiteMetCushion { get; init; }

    /// <summary>A ball that the white touched and moved as it was struck.</summary>
    public BallId? MovedTouching { get; init; }

    /// <summary>Fouls that cannot be seen from the balls alone.</summary>
    public IReadOnlyList<Foul> OtherFouls { get; init; } = [];

    /// <summary>The balls that are still on the table, where they come to rest; the white among them unless it fell or left.</summary>
    public required IReadOnlyList<PlacedBall> After { get; init; }
}
