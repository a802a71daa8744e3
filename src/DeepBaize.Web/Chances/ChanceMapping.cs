using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Table;
using DeepBaize.Web.Mapping;
using DeepBaize.Words;

namespace DeepBaize.Web.Chances;

/// <summary>Turns chances, leaves and cueing into what is answered.</summary>
internal static class ChanceMapping
{
    public static LeaveOutput ToLeave(LeaveReading leave, double share, BallNames names) => new(
        share, leave.White is { } white ? Shared.ToPlace(white) : null, [.. leave.On.Select(pot => ToPot(pot, names))]);

    public static LeavePotOutput ToPot(LeavePot pot, BallNames names) => new(
        Names.Text(pot.Pot.Ball), Names.Text(pot.Pot.Pocket), pot.Chance, Math.Abs(pot.CutRadians) * 180 / Math.PI, Shared.Code(pot.Way),
        ChanceWords.Say(pot, names));

    public static StainOutput ToStain(Stain stain) => new(
        [.. stain.Places.Take(stain.Half).Select(Shared.ToPlace)],
        [.. stain.Places.Skip(stain.Half).Take(stain.NineTenths - stain.Half).Select(Shared.ToPlace)],
        stain.Reach);

    public static CueingOutput ToCueing(CueingAnswer cueing, PlayerProfile player, PlayingConditions conditions)
    {
        var hardest = Math.Min(Pace.Hardest, conditions.Cue.Paces.FromSpeed(Pace.ToSpeed(cueing.HardestPace)));
        return new CueingOutput(
            cueing.IsPossible,
            ToStance(cueing.Best, player),
            [.. cueing.Sides.Select(stance => ToStance(stance, player))],
            double.IsFinite(cueing.ElevationDegrees) ? cueing.ElevationDegrees : null,
            Shared.ToPlace(cueing.Bridge.Place),
            cueing.Bridge.Length,
            cueing.Factor,
            hardest,
            [.. cueing.Face.Select(limit => new FaceLimitOutput(limit.Side, double.IsFinite(limit.Lowest) ? limit.Lowest : null))],
            CueingWords.Say(cueing),
            CueingWords.Cautions(cueing, hardest));
    }

    public static FoundOutput ToFound(FoundStroke found, ChanceScene asked)
    {
        var dials = Dials.Of(found.Strike);
        var scene = asked.Scene;
        return new FoundOutput(
            scene.PaceOf(dials), dials.Side, dials.Height, Shared.Degrees(found.Strike.DirectionRadians), found.Plan.Pot, found.Success,
            found.Plan.Demand, found.Plan.Cost,
            found.Rest is { } rest ? Shared.ToPlace(rest) : null, found.Samples,
            SearchWords.Found(found, scene.Table.Conditions, asked.Zone is not null));
    }

    private static StanceOutput ToStance(Stance stance, PlayerProfile player) => new(
        Names.Text(stance.Side),
        Shared.Code(stance.Way),
        stance.Way == BridgeWay.OutOfReach ? null : CueingReader.FactorOf(player, stance.Way),
        Shared.ToPlace(stance.Feet),
        CueingWords.Say(stance));
}
