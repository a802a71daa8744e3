using DeepBaize.Table;

namespace DeepBaize.Planning.Cueing;

/// <summary>How a player gets the bridge behind the white.</summary>
public enum BridgeWay
{
    /// <summary>A plain stance.</summary>
    Plain,

    /// <summary>Stretched over the table.</summary>
    Stretched,

    /// <summary>With the rest.</summary>
    Rest,

    /// <summary>With the rest and its extension.</summary>
    RestWithExtension,

    /// <summary>With the spider, over a ball.</summary>
    Spider,

    /// <summary>With the swan neck, over several balls.</summary>
    SwanNeck,

    /// <summary>With the other hand.</summary>
    OtherHand,

    /// <summary>Not at all with what is at hand.</summary>
    OutOfReach,
}

/// <summary>One way of standing at one side of the table.</summary>
/// <param name="Side">The cushion at which the player stands.</param>
/// <param name="Way">How the bridge is reached from there.</param>
/// <param name="Feet">Where on that cushion's nose the body leans over it.</param>
/// <param name="Over">Metres from there to the bridge hand, or to the butt hand with a rest.</param>
public readonly record struct Stance(CushionId Side, BridgeWay Way, Place Feet, double Over);

/// <summary>Where the bridge stands behind the white.</summary>
/// <param name="Place">The place of the hand or of the rest's head.</param>
/// <param name="Length">Metres from there to the tip.</param>
/// <param name="IsOnCushion">True when the hand lies on the cushion.</param>
/// <param name="Over">The ball over which the hand stands; null when there is room.</param>
public readonly record struct Bridge(Place Place, double Length, bool IsOnCushion, BallId? Over);
