using DeepBaize.Physics.Simulation;
using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>What a stroke is for. Whoever samples strokes counts by it what went as it was meant.</summary>
public abstract record Intent
{
    private protected Intent()
    {
    }

    /// <summary>The ball that is played at; null when none is meant in particular.</summary>
    public abstract BallId? Ball { get; }

    /// <summary>The colour that is nominated with it; null for none.</summary>
    public BallId? Nominated => Ball >= BallId.Yellow ? Ball : null;

    /// <summary>True when a stroke did what it was for, whatever the referee says of it.</summary>
    /// <param name="result">What came of it.</param>
    public abstract bool IsServedBy(StrokeResult result);
}

/// <summary>A ball is potted.</summary>
/// <param name="Pot">The ball and its pocket.</param>
public sealed record PotIntent(Pot Pot) : Intent
{
    /// <inheritdoc/>
    public override BallId? Ball => Pot.Ball;

    /// <summary>True when the white meets the ball first and it falls into its pocket.</summary>
    /// <inheritdoc/>
    public override bool IsServedBy(StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        if (result.FirstContact?.Ball != Pot.Ball) return false;
        foreach (var potted in result.Potted)
        {
            if (potted.Ball == Pot.Ball) return potted.Pocket == Pot.Pocket;
        }

        return false;
    }
}

/// <summary>A ball is met before any other, as in an escape or a safety.</summary>
/// <param name="Target">The ball.</param>
public sealed record HitIntent(BallId Target) : Intent
{
    /// <inheritdoc/>
    public override BallId? Ball => Target;

    /// <summary>True when the white meets that ball first.</summary>
    /// <inheritdoc/>
    public override bool IsServedBy(StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        return result.FirstContact?.Ball == Target;
    }
}

/// <summary>The white comes to rest about a place, whatever it meets.</summary>
/// <param name="Place">Where its centre should stop.</param>
/// <param name="Within">How far off it may be in metres, above 0.</param>
public sealed record ReachIntent(Place Place, double Within) : Intent
{
    /// <inheritdoc/>
    public override BallId? Ball => null;

    /// <summary>True when the white stops so near.</summary>
    /// <inheritdoc/>
    public override bool IsServedBy(StrokeResult result)
    {
        ArgumentNullException.ThrowIfNull(result);
        return result[BallId.Cue] is { } white && white.DistanceTo(Place) <= Within;
    }
}
