using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Table;

namespace DeepBaize.Planning.Cueing;

/// <summary>
/// Where a player can stand for a stroke. A right-hander's body is left of the cue or astride its line, no farther ahead than the bridge.
/// Everything is found for a right-hander; a left-hander is seen in the mirror, so that the mirrored stroke has exactly the mirrored
/// answer.
/// </summary>
internal static class StanceFinder
{
    /// <summary>Metres by which the body may stand on the cue's own side of its line: astride it (estimate).</summary>
    private const double Astride = 0.12;

    /// <summary>Metres behind the bridge within which a body can lean to it (estimate).</summary>
    private const double FarthestBehind = 1.2;

    /// <summary>Metres by which the nose at which a body leans may lie ahead of a hand on the cushion.</summary>
    private const double AheadOnCushion = ButtRaise.RailDepth + 0.02;

    /// <summary>The best stance at each side of the table, in the order of the cushions.</summary>
    public static IReadOnlyList<Stance> Find(Physique physique, Place bridge, Place white, double directionRadians, bool hasBallUnderRest)
    {
        if (physique.Hand == Hand.Left)
        {
            var seen = Find(physique with { Hand = Hand.Right }, bridge.Mirrored(), white.Mirrored(), -directionRadians, hasBallUnderRest);
            return [.. seen.Select(stance => stance with { Side = Cushions.Mirrored(stance.Side), Feet = stance.Feet.Mirrored() })
                .OrderBy(stance => stance.Side)];
        }

        return [.. Enum.GetValues<CushionId>().Select(side => AtSide(physique, side, bridge, white, directionRadians, hasBallUnderRest))];
    }

    /// <summary>The stance that costs least, and what it multiplies the spreads with.</summary>
    public static (Stance Stance, double Factor) Best(
        PlayerProfile player, Place bridge, Place white, double directionRadians, bool hasBallUnderRest)
    {
        // Asked for every pot of every leave: nothing is listed, and nothing allocated.
        var isLeft = player.Physique.Hand == Hand.Left;
        if (isLeft) (bridge, white, directionRadians) = (bridge.Mirrored(), white.Mirrored(), -directionRadians);
        var (best, least) = (default(Stance), double.PositiveInfinity);
        for (var side = CushionId.Baulk; side <= CushionId.GreenSide; side++)
        {
            var stance = AtSide(player.Physique, side, bridge, white, directionRadians, hasBallUnderRest);
            var factor = CueingReader.Factor(player.Errors.Factors, stance.Way);
            if (factor < least || (factor == least && stance.Over < best.Over)) (best, least) = (stance, factor);
        }

        return (isLeft ? best with { Side = Cushions.Mirrored(best.Side), Feet = best.Feet.Mirrored() } : best, least);
    }

    /// <summary>
    /// How a stroke is reached with the bridge where it usually stands, whatever lies there, and what that multiplies the spreads with: all
    /// that a quick look needs.
    /// </summary>
    public static (BridgeWay Way, double Factor) BestAt(PlayerProfile player, Place white, double directionRadians)
    {
        var (sin, cos) = Math.SinCos(directionRadians);
        var bridge = white.Offset(-BridgeRoom.UsualLength * cos, -BridgeRoom.UsualLength * sin);
        if (IsPlain(player.Physique, bridge, directionRadians))
            return (BridgeWay.Plain, CueingReader.Factor(player.Errors.Factors, BridgeWay.Plain));
        var (stance, factor) = Best(player, bridge, white, directionRadians, false);
        return (stance.Way, factor);
    }

    /// <summary>True when there is a side at which the player stands plainly.</summary>
    private static bool IsPlain(Physique physique, Place bridge, double direction)
    {
        if (physique.Hand == Hand.Left) (bridge, direction) = (bridge.Mirrored(), -direction);
        for (var side = CushionId.Baulk; side <= CushionId.GreenSide; side++)
        {
            if (Nearest(side, bridge, direction, 1) is { } body && body.Over <= physique.Reach) return true;
        }

        return false;
    }

    private static Stance AtSide(Physique physique, CushionId side, Place bridge, Place white, double direction, bool hasBallUnderRest)
    {
        var own = Nearest(side, bridge, direction, 1);
        if (own is { } body && body.Over <= physique.Reach + physique.Stretch)
            return new Stance(side, body.Over <= physique.Reach ? BridgeWay.Plain : BridgeWay.Stretched, body.Feet, body.Over);
        var other = Nearest(side, bridge, direction, -1) is { } wrong && wrong.Over <= physique.Reach
            ? new Stance(side, BridgeWay.OtherHand, wrong.Feet, wrong.Over)
            : (Stance?)null;
        return WithRest(physique, side, white, direction, hasBallUnderRest) ?? other
            ?? new Stance(side, BridgeWay.OutOfReach, FootOf(side, bridge), FootOf(side, bridge).DistanceTo(bridge));
    }

    /// <summary>With a rest the butt hand must be reached, from either side of the cue.</summary>
    private static Stance? WithRest(Physique physique, CushionId side, Place white, double direction, bool hasBallUnderRest)
    {
        var rests = physique.Rests;
        var (sin, cos) = Math.SinCos(direction);
        for (var step = 0; step < 2; step++)
        {
            var extended = step == 1;
            if (!rests.Plain || (extended && !rests.Extension)) continue;
            var grip = BridgeRoom.GripBehindTip(physique.CueLength, extended);
            var hand = white.Offset(-grip * cos, -grip * sin);
            var feet = FootOf(side, hand);
            var over = feet.DistanceTo(hand);
            // A hand beyond the cushion is held by who stands there.
            if (over > physique.Reach && !IsBeyond(side, hand)) continue;
            var way = hasBallUnderRest ? rests.Spider ? BridgeWay.Spider : rests.SwanNeck ? BridgeWay.SwanNeck : BridgeWay.OutOfReach
                : extended ? BridgeWay.RestWithExtension : BridgeWay.Rest;
            if (way != BridgeWay.OutOfReach) return new Stance(side, way, feet, over);
        }

        return null;
    }

    /// <summary>
    /// The place on a cushion's nose nearest to the bridge at which a body on one side of the cue can stand: 1 left of it, -1 right of it.
    /// </summary>
    private static (Place Feet, double Over)? Nearest(CushionId side, Place bridge, double direction, int way)
    {
        var (sin, cos) = Math.SinCos(direction);
        var alongX = side is CushionId.YellowSide or CushionId.GreenSide;
        var fixedAt = side switch { CushionId.Top => Measurements.Length, CushionId.GreenSide => Measurements.Width, _ => 0 };
        var (least, most) = (0.0, alongX ? Measurements.Length : Measurements.Width);
        // left = way * (cos (y - by) - sin (x - bx)) >= -Astride;  behind = (bx - x) cos + (by - y) sin in [-AheadOnCushion,
        // FarthestBehind].
        var (x0, y0) = alongX ? (0.0, fixedAt) : (fixedAt, 0.0);
        Limit(way * (alongX ? -sin : cos), way * (cos * (y0 - bridge.Y) - sin * (x0 - bridge.X)) + Astride, ref least, ref most);
        var (slope, at) = (alongX ? -cos : -sin, (bridge.X - x0) * cos + (bridge.Y - y0) * sin);
        Limit(slope, at + AheadOnCushion, ref least, ref most);
        Limit(-slope, FarthestBehind - at, ref least, ref most);
        if (least > most) return null;
        var along = Math.Clamp(alongX ? bridge.X : bridge.Y, least, most);
        var feet = alongX ? new Place(along, fixedAt) : new Place(fixedAt, along);
        return (feet, feet.DistanceTo(bridge));
    }

    /// <summary>Narrows an interval of t to where slope t + start is not negative.</summary>
    private static void Limit(double slope, double start, ref double least, ref double most)
    {
        const double level = 1e-12;
        if (Math.Abs(slope) < level)
        {
            if (start < 0) most = double.NegativeInfinity;
        }
        else if (slope > 0) least = Math.Max(least, -start / slope);
        else most = Math.Min(most, -start / slope);
    }

    private static Place FootOf(CushionId side, Place place) => side switch
    {
        CushionId.Baulk => new Place(0, Math.Clamp(place.Y, 0, Measurements.Width)),
        CushionId.Top => new Place(Measurements.Length, Math.Clamp(place.Y, 0, Measurements.Width)),
        CushionId.YellowSide => new Place(Math.Clamp(place.X, 0, Measurements.Length), 0),
        _ => new Place(Math.Clamp(place.X, 0, Measurements.Length), Measurements.Width),
    };

    private static bool IsBeyond(CushionId side, Place place) => side switch
    {
        CushionId.Baulk => place.X < 0,
        CushionId.Top => place.X > Measurements.Length,
        CushionId.YellowSide => place.Y < 0,
        _ => place.Y > Measurements.Width,
    };
}
