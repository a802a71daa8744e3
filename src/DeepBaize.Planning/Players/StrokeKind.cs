using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Players;

/// <summary>What a school looks at in a stroke.</summary>
/// <param name="SideTips">Tips of side, whichever way, 0 or more.</param>
/// <param name="IsHelping">True when the side helps the pot.</param>
/// <param name="HeightTips">Tips above centre, negative below.</param>
/// <param name="Roll">
/// The white's spin when it meets the ball, as a share of natural roll: 1 rolls, 0 is stun; NaN when it meets none.
/// </param>
/// <param name="Pace">The pace, 1 to 10.</param>
/// <param name="NeedsRest">True when it is played with a rest or the other hand.</param>
/// <param name="Cushions">Cushions that the white meets when it is played as meant.</param>
/// <param name="NextSide">On which side of the next colour the white comes out; null where none is to come.</param>
public readonly record struct StrokeKind(
    double SideTips, bool IsHelping, double HeightTips, double Roll, double Pace, bool NeedsRest,
    int Cushions = 0, SideOfStraight? NextSide = null)
{
    /// <summary>A spin within this share of natural roll is a stun.</summary>
    public const double StunBand = 0.15;

    /// <summary>Tips of height beyond which a stroke is deep or high.</summary>
    public const double ExtremeFrom = 1;

    /// <summary>Pace beyond which a stroke is hard.</summary>
    public const double HardFrom = 6;

    /// <summary>A pace, or tips, of which so little is over a bound still count as on it.</summary>
    public const double Rounding = 0.05;

    /// <summary>Least side in tips that counts as such.</summary>
    public const double Trace = 0.06;

    /// <summary>True for a white that runs through.</summary>
    public bool IsFollow => Roll > StunBand;

    /// <summary>True for a white that comes back.</summary>
    public bool IsScrew => Roll < -StunBand;

    /// <summary>True for a white that leaves along the line on which it stuns.</summary>
    public bool IsStun => Math.Abs(Roll) <= StunBand;

    /// <summary>True for a tip far above or below the centre.</summary>
    public bool IsExtreme => Math.Abs(HeightTips) > ExtremeFrom + Rounding;

    /// <summary>True for a hard stroke.</summary>
    public bool IsHard => Pace > HardFrom + Rounding;

    /// <summary>True for side to speak of.</summary>
    public bool HasSide => SideTips >= Trace;
}
