using DeepBaize.Table;

namespace DeepBaize.Planning.Aiming;

/// <summary>
/// Ways by cushions as in mirrors: straight lines of a ball's centre, each cushion a mirror along the line of centres of balls that lie on
/// it. The geometric school's construction, without friction and side.
/// </summary>
public static class Mirrors
{
    /// <summary>The places at which a ball meets cushions on its way to a place.</summary>
    /// <param name="from">Centre of the ball.</param>
    /// <param name="to">Where its centre is to come.</param>
    /// <param name="cushions">The cushions in order.</param>
    /// <param name="inset">Metres from the nose line at which a ball on the cushion has its centre.</param>
    /// <param name="room">Metres that must be between a place at a cushion and a pocket.</param>
    /// <returns>The places in order; null when there is no such way.</returns>
    public static IReadOnlyList<Place>? By(Place from, Place to, IReadOnlyList<CushionId> cushions, double inset, double room)
    {
        ArgumentNullException.ThrowIfNull(cushions);
        // The place as it is seen in the last mirror, that in the one before it, and so on.
        var seen = new Place[cushions.Count + 1];
        seen[cushions.Count] = to;
        for (var i = cushions.Count - 1; i >= 0; i--) seen[i] = Mirrored(seen[i + 1], cushions[i], inset);
        var (meets, at) = (new List<Place>(), from);
        for (var i = 0; i < cushions.Count; i++)
        {
            if (Meets(at, seen[i], cushions[i], inset) is not { } place || !IsOnCushion(place, cushions[i], room)) return null;
            meets.Add(place);
            at = place;
        }

        return meets;
    }

    /// <summary>A place as it is seen in a cushion.</summary>
    /// <param name="place">The place.</param>
    /// <param name="cushion">The cushion.</param>
    /// <param name="inset">Metres from the nose line at which a ball on the cushion has its centre.</param>
    public static Place Mirrored(Place place, CushionId cushion, double inset)
    {
        var line = Line(cushion, inset);
        return IsEnd(cushion) ? new Place(2 * line - place.X, place.Y) : new Place(place.X, 2 * line - place.Y);
    }

    /// <summary>Where a straight way to a place beyond a cushion comes to it; null when it runs along or away.</summary>
    /// <param name="from">Where it begins.</param>
    /// <param name="towards">Where it would end.</param>
    /// <param name="cushion">The cushion.</param>
    /// <param name="inset">Metres from the nose line at which a ball on the cushion has its centre.</param>
    public static Place? Meets(Place from, Place towards, CushionId cushion, double inset)
    {
        var line = Line(cushion, inset);
        var (start, end) = IsEnd(cushion) ? (from.X, towards.X) : (from.Y, towards.Y);
        if (Math.Abs(end - start) < 1e-12) return null;
        var share = (line - start) / (end - start);
        return share is < 0 or > 1
            ? null : new Place(from.X + share * (towards.X - from.X), from.Y + share * (towards.Y - from.Y));
    }

    /// <summary>Where the centre of a ball on a cushion is, across it.</summary>
    /// <param name="cushion">The cushion.</param>
    /// <param name="inset">Metres from the nose line.</param>
    public static double Line(CushionId cushion, double inset) => cushion switch
    {
        CushionId.Baulk or CushionId.YellowSide => inset,
        CushionId.Top => Measurements.Length - inset,
        _ => Measurements.Width - inset,
    };

    /// <summary>True for the two short cushions.</summary>
    public static bool IsEnd(CushionId cushion) => cushion is CushionId.Baulk or CushionId.Top;

    /// <summary>Metres along a cushion: from the baulk end, or from the yellow's side.</summary>
    public static double Along(Place place, CushionId cushion) => IsEnd(cushion) ? place.Y : place.X;

    /// <summary>True for a place at a cushion that is far enough from the pockets.</summary>
    /// <param name="place">The place.</param>
    /// <param name="cushion">The cushion.</param>
    /// <param name="room">Metres that must be between.</param>
    public static bool IsOnCushion(Place place, CushionId cushion, double room)
    {
        var (along, length) = IsEnd(cushion) ? (place.Y, Measurements.Width) : (place.X, Measurements.Length);
        return along >= room && along <= length - room && (IsEnd(cushion) || Math.Abs(along - length / 2) >= room);
    }
}

/// <summary>
/// The parallel shift for a way round a corner: a line from the middle between white and ball into the corner, moved side by side to the
/// white.
/// </summary>
/// <param name="Middle">The middle between white and ball.</param>
/// <param name="Corner">The corner at which both cushions' lines of centres meet.</param>
/// <param name="First">Where the white meets the first cushion.</param>
/// <param name="Second">Where it meets the other.</param>
/// <param name="MissMetres">How far beside the ball's centre the way passes.</param>
public readonly record struct ParallelShift(Place Middle, Place Corner, Place First, Place Second, double MissMetres)
{
    /// <summary>The construction round a corner.</summary>
    /// <param name="white">Centre of the white.</param>
    /// <param name="ball">Centre of the ball.</param>
    /// <param name="corner">The corner: one of the four corner pockets.</param>
    /// <param name="inset">Metres from the nose line at which a ball on the cushion has its centre.</param>
    /// <param name="turnRadians">By how much the shifted line is turned out of parallel; 0 for not at all.</param>
    /// <returns>It; null when the way does not come to both cushions.</returns>
    public static ParallelShift? Round(Place white, Place ball, PocketId corner, double inset, double turnRadians = 0)
    {
        var (end, side) = Cushions(corner);
        var at = new Place(Mirrors.Line(end, inset), Mirrors.Line(side, inset));
        var middle = new Place((white.X + ball.X) / 2, (white.Y + ball.Y) / 2);
        var heading = middle.HeadingTo(at) + turnRadians;
        var (cos, sin) = (Math.Cos(heading), Math.Sin(heading));
        var (toEnd, toSide) = ((at.X - white.X) / cos, (at.Y - white.Y) / sin);
        if (!(toEnd > 0 && toSide > 0)) return null;
        var isEndFirst = toEnd < toSide;
        var first = white.Offset(Math.Min(toEnd, toSide) * cos, Math.Min(toEnd, toSide) * sin);
        (cos, sin) = isEndFirst ? (-cos, sin) : (cos, -sin);
        var run = isEndFirst ? (at.Y - first.Y) / sin : (at.X - first.X) / cos;
        if (!(run > 0)) return null;
        var second = first.Offset(run * cos, run * sin);
        (cos, sin) = isEndFirst ? (cos, -sin) : (-cos, sin);
        return new ParallelShift(middle, at, first, second, (ball.X - second.X) * sin - (ball.Y - second.Y) * cos);
    }

    private static (CushionId End, CushionId Side) Cushions(PocketId corner) => corner switch
    {
        PocketId.Yellow => (CushionId.Baulk, CushionId.YellowSide),
        PocketId.Green => (CushionId.Baulk, CushionId.GreenSide),
        PocketId.TopYellowSide => (CushionId.Top, CushionId.YellowSide),
        PocketId.TopGreenSide => (CushionId.Top, CushionId.GreenSide),
        _ => throw new ArgumentOutOfRangeException(nameof(corner), corner, "A middle pocket is no corner."),
    };
}
