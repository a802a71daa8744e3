using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace DeepBaize.Physics.Impacts;

/// <summary>
/// The slips at nose and cloth, or their rates per unit of normal impulse: four numbers that are carried as one vector, since a rebound
/// waits for little else. They are, in order, at the nose along the cushion and up the ball's surface, on the cloth along the cushion and
/// towards it.
/// </summary>
/// <param name="Four">The four numbers.</param>
internal readonly record struct Slips(Vector256<double> Four)
{
    public Slips(double noseAlong, double noseUp, double clothAlong, double clothInto)
        : this(Vector256.Create(noseAlong, noseUp, clothAlong, clothInto))
    {
    }

    public Slip Nose => new(Four.GetElement(0), Four.GetElement(1));

    public Slip Cloth => new(Four.GetElement(2), Four.GetElement(3));

    /// <summary>
    /// The slip on the cloth towards the cushion less that up the nose, to which the velocity into the cushion is proportional.
    /// </summary>
    public double Difference => Four.GetElement(3) - Four.GetElement(1);

    /// <summary>The largest of the four, without sign.</summary>
    public double Largest
    {
        get
        {
            var sizes = Vector256.Abs(Four);
            var halves = Vector128.Max(sizes.GetLower(), sizes.GetUpper());
            return Math.Max(halves.GetElement(0), halves.GetElement(1));
        }
    }

    /// <summary>These slips and a multiple of others.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slips Plus(double factor, in Slips other) =>
        new(Vector256.FusedMultiplyAdd(Vector256.Create(factor), other.Four, Four));

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Slips Times(double factor) => new(Four * factor);
}
