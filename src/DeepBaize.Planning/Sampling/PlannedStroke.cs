using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;

namespace DeepBaize.Planning.Sampling;

/// <summary>A stroke as it is meant, and how the player delivers it.</summary>
/// <param name="Intent">What it is for.</param>
/// <param name="Strike">The stroke.</param>
/// <param name="Way">How it is reached.</param>
/// <param name="Delivery">How the player delivers it.</param>
public sealed record PlannedStroke(Intent Intent, Strike Strike, BridgeWay Way, Delivery Delivery)
{
    /// <summary>A stroke for which it was read how it is cued.</summary>
    /// <param name="intent">What it is for.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="cued">How it is cued.</param>
    public PlannedStroke(Intent intent, in Strike strike, CuedDelivery cued)
        : this(intent, strike, cued.Way, cued.Delivery)
    {
    }

    /// <summary>The pot that it is for.</summary>
    /// <exception cref="InvalidOperationException">It is for something else.</exception>
    public Pot Pot => Intent is PotIntent pot ? pot.Pot : throw new InvalidOperationException("This stroke is not for a pot.");

    /// <summary>The same aimed farther to the left.</summary>
    /// <param name="radians">By how much; below 0 to the right.</param>
    public PlannedStroke Turned(double radians) =>
        this with { Strike = Strike with { DirectionRadians = Strike.DirectionRadians + radians } };
}
