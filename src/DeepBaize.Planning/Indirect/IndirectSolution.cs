using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;

namespace DeepBaize.Planning.Indirect;

/// <summary>The stroke that pots a ball otherwise than straight.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Strike">The stroke, at the middle of the window.</param>
/// <param name="HeadingRadians">Heading from the white to the first ball at contact, as the white is aimed.</param>
/// <param name="CutRadians">Signed cut at the first contact, positive to the left.</param>
/// <param name="Run">Metres that the white runs to the first contact.</param>
/// <param name="Window">
/// The directions that pot so; its distance is the whole way from the first contact to the pocket, over which its width is told.
/// </param>
public sealed record IndirectSolution(
    IndirectPot Pot, Strike Strike, double HeadingRadians, double CutRadians, double Run, PotWindow Window)
{
    /// <summary>How much of the first ball is covered: 1 full, 0 the finest edge.</summary>
    public double Fraction => 1 - Math.Sin(Math.Abs(CutRadians));
}
