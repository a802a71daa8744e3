using System.Runtime.CompilerServices;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// The slips at nose and cloth, or their rates per unit of normal impulse: four numbers that the compiler keeps in registers.
/// </summary>
internal struct Slips
{
    /// <summary>At the nose, along the cushion.</summary>
    public double NoseAlong;

    /// <summary>At the nose, up the ball's surface.</summary>
    public double NoseUp;

    /// <summary>On the cloth, along the cushion.</summary>
    public double ClothAlong;

    /// <summary>On the cloth, towards the cushion.</summary>
    public double ClothInto;

    public readonly Slip Nose => new(NoseAlong, NoseUp);

    public readonly Slip Cloth => new(ClothAlong, ClothInto);

    /// <summary>
    /// The slip on the cloth towards the cushion less that up the nose, to which the velocity into the cushion is proportional.
    /// </summary>
    public readonly double Difference => ClothInto - NoseUp;

    /// <summary>These slips and a multiple of others.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public readonly Slips Plus(double factor, in Slips other)
    {
        Slips sum;
        sum.NoseAlong = Math.FusedMultiplyAdd(factor, other.NoseAlong, NoseAlong);
        sum.NoseUp = Math.FusedMultiplyAdd(factor, other.NoseUp, NoseUp);
        sum.ClothAlong = Math.FusedMultiplyAdd(factor, other.ClothAlong, ClothAlong);
        sum.ClothInto = Math.FusedMultiplyAdd(factor, other.ClothInto, ClothInto);
        return sum;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public readonly Slips Times(double factor) => default(Slips).Plus(factor, this);

    /// <summary>The largest of the four, without sign.</summary>
    public readonly double Largest => Math.Max(
        Math.Max(Math.Abs(NoseAlong), Math.Abs(NoseUp)),
        Math.Max(Math.Abs(ClothAlong), Math.Abs(ClothInto)));
}
