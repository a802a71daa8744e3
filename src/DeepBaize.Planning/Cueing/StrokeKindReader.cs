using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Cueing;

/// <summary>Reads what kind of stroke one is.</summary>
public static class StrokeKindReader
{
    /// <summary>The kind of a stroke that was played as it is meant.</summary>
    /// <param name="table">The table.</param>
    /// <param name="layout">The balls before it; with the white.</param>
    /// <param name="intent">What it is for.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="needsRest">True when it is played with a rest or the other hand.</param>
    /// <param name="contact">The white's first contact; null for none.</param>
    /// <param name="cushions">Cushions that the white meets.</param>
    /// <param name="nextSide">On which side of the next colour the white comes out; null where none is to come.</param>
    public static StrokeKind Of(
        TableInUse table, Layout layout, Intent intent, in Strike strike, bool needsRest, in FirstContact? contact, int cushions,
        SideOfStraight? nextSide)
    {
        ArgumentNullException.ThrowIfNull(table);
        var (radius, dials) = (table.Diameter / 2, Dials.Of(strike));
        var tip = CueShape.ContactOffset(1, radius);
        var isHelping = intent is PotIntent { Pot: var pot } && layout[pot.Ball] is not null
            && SpinOf.ForPot(strike.Side, PottingLine.Of(layout, pot, table).CutRadians) == PotSide.Helping;
        return new StrokeKind(
            Math.Abs(strike.Side) / tip, isHelping, strike.Height / tip,
            contact is { } met ? SpinOf.Roll(met.White, radius) : double.NaN, dials.Pace, needsRest, cushions, nextSide);
    }
}
