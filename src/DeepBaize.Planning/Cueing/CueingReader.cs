using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Indirect;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Cueing;

/// <summary>The lowest point of the face that the tip can reach at a side.</summary>
/// <param name="Side">Contact point right of centre, in ball radii.</param>
/// <param name="Lowest">Least height there in ball radii; positive infinity when nothing within the safe part can be reached.</param>
public readonly record struct FaceLimit(double Side, double Lowest);

/// <summary>How a stroke can be cued.</summary>
/// <param name="Best">The stance that costs least.</param>
/// <param name="Sides">The best stance at each side of the table.</param>
/// <param name="Bridge">Where the bridge stands.</param>
/// <param name="ElevationDegrees">Least elevation with the tip where it is meant to be; positive infinity when it cannot get there.</param>
/// <param name="Face">What of the face can be reached, from left to right.</param>
/// <param name="RaisedDegrees">How far the butt is raised in the stroke.</param>
/// <param name="Factor">What the stance multiplies all spreads with, 1 for a plain one.</param>
/// <param name="HardestPace">Hardest pace that is recommended here (estimate, common practice, no source).</param>
public sealed record CueingAnswer(
    Stance Best, IReadOnlyList<Stance> Sides, Bridge Bridge, double ElevationDegrees, double RaisedDegrees,
    IReadOnlyList<FaceLimit> Face, double Factor, double HardestPace)
{
    /// <summary>Elevation in degrees from which the hop and the swerve of a raised butt matter (estimate).</summary>
    public const double LevelDegrees = 5;

    /// <summary>True when the tip can get there with an ordinary stroke from somewhere.</summary>
    public bool IsPossible => ElevationDegrees <= ButtRaise.MostDegrees && Best.Way != BridgeWay.OutOfReach;

    /// <summary>True when the cue has to be raised so far that it matters.</summary>
    public bool IsRaised => ElevationDegrees > LevelDegrees;

    /// <summary>True when neither a plain stance nor a stretch does.</summary>
    public bool NeedsRest => Best.Way > BridgeWay.Stretched;
}

/// <summary>How a stroke is delivered from where it has to be cued.</summary>
/// <param name="Delivery">With all that makes the spreads larger there.</param>
/// <param name="Way">How the bridge is reached.</param>
/// <param name="ElevationDegrees">Least elevation; positive infinity when the tip cannot get there.</param>
/// <param name="Factor">What the stance multiplies the spreads with.</param>
public sealed record CuedDelivery(Delivery Delivery, BridgeWay Way, double ElevationDegrees, double Factor)
{
    /// <summary>A stroke that comes out as it is meant, from a plain stance.</summary>
    /// <param name="conditions">Ball and cue.</param>
    public static CuedDelivery Exact(PlayingConditions conditions) => new(Delivery.Exact(conditions), BridgeWay.Plain, 0, 1);

    /// <summary>True when the tip can get there with an ordinary stroke from somewhere.</summary>
    public bool IsPossible => ElevationDegrees <= ButtRaise.MostDegrees && Way != BridgeWay.OutOfReach;

    /// <summary>True when neither a plain stance nor a stretch does.</summary>
    public bool NeedsRest => Way > BridgeWay.Stretched;
}

/// <summary>Reads from layout, line and player how a stroke can be cued.</summary>
public static class CueingReader
{
    private const int FaceSteps = 10;
    private const double FaceHeightStep = 0.02;
    private const double HardestAnywhere = 10;
    private const double PacePerDegree = 0.6;
    private const double SoftestLimit = 4;

    /// <summary>How a stroke can be cued.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="player">The player.</param>
    /// <param name="strike">The stroke.</param>
    public static CueingAnswer Read(Layout layout, PlayerProfile player, in Strike strike)
    {
        var raise = new ButtRaise(
            layout, strike.DirectionRadians, player?.Physique.CueLength ?? throw new ArgumentNullException(nameof(player)));
        var bridge = BridgeRoom.Find(layout, strike.DirectionRadians);
        var white = layout[BallId.Cue]!.Value;
        var sides = StanceFinder.Find(player.Physique, bridge.Place, white, strike.DirectionRadians, bridge.Over is not null);
        var elevation = raise.Degrees(strike.Side, strike.Height);
        var best = StanceFinder.Best(player, bridge.Place, white, strike.DirectionRadians, bridge.Over is not null).Stance;
        var face = FaceOf(raise);
        return new CueingAnswer(
            best, sides, bridge, elevation, Degrees(strike), face, Factor(player.Errors.Factors, best, bridge, elevation, strike),
            HardestPaceOf(raise, bridge));
    }

    /// <summary>How a player delivers a stroke from where it has to be cued, without the face: all that a search needs.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="player">The player.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="intent">What it is for, which says what the aim allows for.</param>
    public static CuedDelivery Deliver(TableInUse table, Layout layout, PlayerProfile player, in Strike strike, Intent intent)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(layout);
        ArgumentNullException.ThrowIfNull(player);
        var bridge = BridgeRoom.Find(layout, strike.DirectionRadians);
        var best = StanceFinder.Best(
            player, bridge.Place, layout[BallId.Cue]!.Value, strike.DirectionRadians, bridge.Over is not null).Stance;
        var elevation = new ButtRaise(layout, strike.DirectionRadians, player.Physique.CueLength).Degrees(strike.Side, strike.Height);
        var factor = Factor(player.Errors.Factors, best, bridge, elevation, strike);
        var pace = Math.Clamp(Pace.FromSpeed(strike.WhiteSpeed), Pace.Softest, Pace.Hardest);
        var raised = Math.Max(strike.ElevationRadians, Math.Min(elevation, ButtRaise.MostDegrees) * Math.PI / 180);
        var delivery = Delivery.Of(
            player.Errors, pace, factor, bridge.Length, table.Conditions, raised,
            AllowanceReader.Of(table, layout, player.Preferences.Side, strike, intent), player.PaceSpread(strike.WhiteSpeed));
        if (intent is IndirectIntent round) delivery = delivery.Widened(IndirectEye.AtTheCue(table, layout, player, strike, round.Pot));
        return new CuedDelivery(delivery, best.Way, elevation, factor);
    }

    /// <summary>What a way of reaching multiplies a player's spreads with, all else being plain.</summary>
    public static double FactorOf(PlayerProfile player, BridgeWay way)
    {
        ArgumentNullException.ThrowIfNull(player);
        return Factor(player.Errors.Factors, way);
    }

    /// <summary>The factor of a way alone; large for what is out of reach.</summary>
    internal static double Factor(ErrorFactors factors, BridgeWay way) => way switch
    {
        BridgeWay.Plain => 1,
        BridgeWay.Stretched => factors.Stretched,
        BridgeWay.Rest => factors.Rest,
        BridgeWay.RestWithExtension => factors.Extended,
        BridgeWay.Spider or BridgeWay.SwanNeck => factors.HighRest,
        BridgeWay.OtherHand => factors.OtherHand,
        _ => 100,
    };

    private static double Degrees(in Strike strike) => strike.ElevationRadians * 180 / Math.PI;

    private static double Factor(ErrorFactors factors, Stance best, Bridge bridge, double elevation, in Strike strike)
    {
        var isByHand = best.Way is BridgeWay.Plain or BridgeWay.Stretched or BridgeWay.OtherHand;
        var raised = Math.Max(Math.Min(elevation, ButtRaise.MostDegrees), Degrees(strike)) - ButtRaise.LeastDegrees;
        // Out of reach a plan is not made; what is shown then is what the rest would give.
        return (best.Way == BridgeWay.OutOfReach ? factors.HighRest : Factor(factors, best.Way))
            * (isByHand && bridge.Over is not null ? factors.OverBall : 1)
            * (isByHand && bridge.IsOnCushion ? factors.OffCushion : 1)
            * (1 + factors.PerDegree * raised);
    }

    /// <summary>
    /// What a cushion behind the white multiplies a player's spreads with, nothing else being in the way: the hand on it, and the butt
    /// raised over it.
    /// </summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="noseBehind">Metres from the white's centre back to the nose line along the cue.</param>
    /// <param name="height">Contact point above centre, in ball radii.</param>
    public static double CushionFactor(TableInUse table, PlayerProfile player, double noseBehind, double height)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(player);
        var white = new PlacedBall(
            BallId.Cue, new Place(Math.Max(noseBehind, table.Conditions.Gauge.CushionInset), Measurements.CentreLine));
        var layout = LayoutRules.TryBuild([white], table.Outline, table.Conditions.Gauge, LayoutMode.Free, out _)
            ?? throw new InvalidOperationException("A white lies alone on the centre line.");
        var elevation = Math.Min(new ButtRaise(layout, 0, player.Physique.CueLength).Degrees(0, height), ButtRaise.MostDegrees);
        return (BridgeRoom.Find(layout, 0).IsOnCushion ? player.Errors.Factors.OffCushion : 1)
            * (1 + player.Errors.Factors.PerDegree * (elevation - ButtRaise.LeastDegrees))
            * DirectionSpread(table, player, elevation) / DirectionSpread(table, player, ButtRaise.LeastDegrees);
    }

    /// <summary>Spread of the white's direction in radians in a plain stroke with the butt raised by an angle.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="elevationDegrees">How far the butt is raised.</param>
    public static double DirectionSpread(TableInUse table, PlayerProfile player, double elevationDegrees = ButtRaise.LeastDegrees)
    {
        ArgumentNullException.ThrowIfNull(table);
        ArgumentNullException.ThrowIfNull(player);
        var raised = elevationDegrees * Math.PI / 180;
        return Delivery.Of(player.Errors, DeliveryErrors.PlainPace, 1, BridgeRoom.UsualLength, table.Conditions, raised).DirectionSpread;
    }

    private static List<FaceLimit> FaceOf(ButtRaise raise)
    {
        var face = new List<FaceLimit>();
        for (var step = -FaceSteps; step <= FaceSteps; step++)
        {
            var side = Strike.MiscueOffset * step / FaceSteps;
            var most = Math.Sqrt(Math.Max(0, Strike.MiscueOffset * Strike.MiscueOffset - side * side));
            face.Add(new FaceLimit(side, LowestAt(raise, side, most)));
        }

        return face;
    }

    private static double LowestAt(ButtRaise raise, double side, double most)
    {
        // The higher the tip the less the butt is raised: the first height from the bottom that can be reached bounds what can.
        for (var height = -most; height <= most + 1e-9; height += FaceHeightStep)
        {
            if (raise.Degrees(side, height) <= ButtRaise.MostDegrees) return height;
        }

        return double.PositiveInfinity;
    }

    private static double HardestPaceOf(ButtRaise raise, Bridge bridge)
    {
        if (!bridge.IsOnCushion && bridge.Over is null) return HardestAnywhere;
        var forced = raise.Degrees(0, Strike.MiscueOffset - FaceHeightStep);
        var most = HardestAnywhere - PacePerDegree * Math.Max(0, Math.Min(forced, ButtRaise.MostDegrees) - ButtRaise.LeastDegrees);
        return Math.Max(SoftestLimit, Math.Round(most * 2) / 2);
    }
}
