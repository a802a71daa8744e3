using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>A straight way by one cushion, as in a mirror.</summary>
/// <param name="Meets">Where the ball meets the cushion.</param>
/// <param name="Mirrored">Where the end of the way is seen in the mirror: a ball that lies on the cushion is sent there too.</param>
/// <param name="Metres">The whole way.</param>
public readonly record struct MirroredWay(Place Meets, Place Mirrored, double Metres)
{
    /// <summary>The way of a ball from one place to another by a cushion.</summary>
    /// <param name="from">Centre of the ball.</param>
    /// <param name="to">Where its centre is to come.</param>
    /// <param name="cushion">The cushion.</param>
    /// <param name="inset">Metres from the nose line at which a ball on the cushion has its centre.</param>
    /// <param name="room">Metres that must be between the place at the cushion and its ends, and from a middle pocket.</param>
    /// <returns>The way; null when it comes to the cushion nearer to a pocket, or both places lie on the cushion.</returns>
    public static MirroredWay? By(Place from, Place to, CushionId cushion, double inset, double room)
    {
        var line = Mirrors.Line(cushion, inset);
        var (near, far) = Mirrors.IsEnd(cushion)
            ? (Math.Abs(from.X - line), Math.Abs(to.X - line)) : (Math.Abs(from.Y - line), Math.Abs(to.Y - line));
        if (near + far < 1e-6) return null;
        var mirrored = Mirrors.Mirrored(to, cushion, inset);
        var share = near / (near + far);
        var meets = new Place(from.X + share * (mirrored.X - from.X), from.Y + share * (mirrored.Y - from.Y));
        return Mirrors.IsOnCushion(meets, cushion, room) ? new MirroredWay(meets, mirrored, from.DistanceTo(mirrored)) : null;
    }
}
