using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Escapes;

/// <summary>The cushions that the white meets before it meets a ball, in order.</summary>
/// <param name="Code">The cushions as the digits of a number, one more than their id each; 0 for none.</param>
/// <param name="Cushions">How many.</param>
/// <param name="UsesJaw">True when it meets the jaw of a pocket on the way.</param>
public readonly record struct RouteWay(int Code, int Cushions, bool UsesJaw)
{
    /// <summary>Most cushions of a way that is told apart from others; players go no farther.</summary>
    public const int MostCushions = 4;

    private const int Base = 5;

    /// <summary>The way of some cushions.</summary>
    /// <param name="cushions">The cushions in order.</param>
    /// <param name="usesJaw">True with a jaw among them.</param>
    public static RouteWay Of(IReadOnlyList<CushionId> cushions, bool usesJaw)
    {
        ArgumentNullException.ThrowIfNull(cushions);
        var code = 0;
        for (var i = 0; i < Math.Min(cushions.Count, MostCushions + 1); i++) code = code * Base + 1 + (int)cushions[i];
        return new RouteWay(code, cushions.Count, usesJaw);
    }

    /// <summary>The cushions in order.</summary>
    public IReadOnlyList<CushionId> InOrder
    {
        get
        {
            var found = new List<CushionId>();
            for (var code = Code; code > 0; code /= Base) found.Insert(0, (CushionId)(code % Base - 1));
            return found;
        }
    }
}

/// <summary>What the white meets first along a direction.</summary>
/// <param name="Ball">The ball; null when it meets none.</param>
/// <param name="Way">How it comes there.</param>
public readonly record struct FirstMet(BallId? Ball, RouteWay Way);

/// <summary>Plays strokes until the white meets a ball. One instance serves one thread.</summary>
/// <param name="table">The table.</param>
internal sealed class RouteScan(TableInUse table)
{
    private readonly TableSimulation _simulation = new(table.Conditions, table.Outline);
    private readonly StrokeResult _result = new();

    /// <summary>Strokes played so far.</summary>
    public int Played { get; private set; }

    /// <summary>What the white meets first.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="dials">How it is struck.</param>
    /// <param name="heading">In which direction, in radians.</param>
    public FirstMet Look(Layout layout, Dials dials, double heading) => Look(layout, dials.At(layout, heading).Along(heading));

    /// <summary>The same for a stroke.</summary>
    /// <param name="layout">The balls; with the white.</param>
    /// <param name="strike">The stroke.</param>
    /// <param name="record">Filled with events and paths when given.</param>
    public FirstMet Look(Layout layout, in Strike strike, ShotRecord? record = null)
    {
        Played++;
        _simulation.RunUntilContact(layout, strike, _result, record);
        return new FirstMet(_result.FirstContact?.Ball, RouteWay.Of(_result.WhiteCushions, _result.WhiteJaws > 0));
    }
}
