using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Bench.Arena;

/// <summary>One stroke that was chosen, as a coach looks at it.</summary>
/// <param name="Kind">What kind of stroke it is.</param>
/// <param name="Cushions">Cushions that the white meets when it is played as meant.</param>
/// <param name="Moved">Balls that it moves beside white and object ball.</param>
/// <param name="NextSide">After a red, the side of the best colour's line on which the white stops; null otherwise.</param>
internal sealed record ChosenStroke(StrokeKind Kind, int Cushions, int Moved, SideOfStraight? NextSide);

/// <summary>Reads what a player is told to play.</summary>
internal sealed class ChosenReader(TableInUse table, PlayerProfile player)
{
    private const double LeastMove = 0.001;

    private readonly FramePlayer _frames = new(table, player);
    private readonly LeaveGauge _gauge = new(table, player);
    private readonly LeaveWorth _worth = new(table, player);

    /// <summary>A stroke in its frame.</summary>
    public ChosenStroke Read(FrameState frame, PlannedStroke stroke)
    {
        var layout = _frames.LayoutOf(frame) ?? throw new InvalidOperationException("A stroke was chosen without a white.");
        var trial = _frames.Trials.Play(new TrialQuestion(frame, layout, stroke), StrokeDraw.Exact);
        var kind = StrokeKindReader.Of(
            table, layout, stroke.Intent, stroke.Strike, stroke.Way > BridgeWay.Stretched, trial.Result.FirstContact);
        var moved = layout.Balls.Count(placed => placed.Ball != BallId.Cue && placed.Ball != stroke.Pot.Ball
            && !(trial.Result[placed.Ball]?.DistanceTo(placed.Place) <= LeastMove));
        return new ChosenStroke(kind, trial.Result.WhiteCushions.Count, moved, NextSide(trial.Ruling.Next));
    }

    private SideOfStraight? NextSide(FrameState next)
    {
        if (next.On != BallOn.Colour || next.White is not { } white || _gauge.Read(next) is not { Count: > 0 } pots) return null;
        var pot = pots.MaxBy(one => _worth.Promise(next, one)).Pot;
        var ball = next.Balls.First(placed => placed.Ball == pot.Ball).Place;
        return PottingLine.Between(white, ball, pot, table.Outline, table.Diameter).SideFor(pot.Pocket);
    }
}

/// <summary>Shares of the strokes that a player is told to play.</summary>
internal sealed class StrokesChosen(IReadOnlyList<ChosenStroke> strokes)
{
    private const double HalfTip = 0.5;

    /// <summary>A pace, or tips, of which so little is over a bound still count as on it.</summary>
    private const double Rounding = 0.05;

    /// <summary>Share of strokes for which something holds.</summary>
    public double Share(Func<ChosenStroke, bool> holds) => strokes.Count(holds) / (double)strokes.Count;

    /// <summary>Share with side to speak of.</summary>
    public double WithSide => Share(one => one.Kind.HasSide);

    /// <summary>Share with more than half a tip of it.</summary>
    public double MoreThanHalfTip => Share(one => one.Kind.SideTips > HalfTip + Rounding);

    /// <summary>Share more than a tip high or low.</summary>
    public double Extreme => Share(one => Math.Abs(one.Kind.HeightTips) > StrokeKind.ExtremeFrom + Rounding);

    /// <summary>Share above pace 6.</summary>
    public double Hard => Share(one => one.Kind.Pace > StrokeKind.HardFrom + Rounding);

    /// <summary>The shares in a few lines.</summary>
    public IEnumerable<string> Tell(string name)
    {
        yield return Say($"{name}, {strokes.Count} strokes: ")
            + Say($"follow {Share(one => one.Kind.IsFollow):0 %}, stun {Share(one => one.Kind.IsStun):0 %}, ")
            + Say($"screw {Share(one => one.Kind.IsScrew):0 %}; below centre {Share(one => one.Kind.HeightTips < -Rounding):0 %}, ")
            + Say($"more than a tip high or low {Extreme:0 %}; ")
            + Say($"mean pace {strokes.Average(one => one.Kind.Pace):0.0}, above 6 {Hard:0 %}");
        yield return Say($"{name}: side {WithSide:0.0 %}, more than half a tip {MoreThanHalfTip:0.0 %}, ")
            + Say($"helping {Share(one => one.Kind is { HasSide: true, IsHelping: true }):0.0 %}; ")
            + Say($"rest {Share(one => one.Kind.NeedsRest):0 %}; ")
            + Say($"no cushion {Share(one => one.Cushions == 0):0 %}, one {Share(one => one.Cushions == 1):0 %}, ")
            + Say($"more {Share(one => one.Cushions > 1):0 %}; other balls moved {Share(one => one.Moved > 0):0 %}; ")
            + Say($"on colours high {On(SideOfStraight.High):0 %}, low {On(SideOfStraight.Low):0 %}, ")
            + Say($"straight {On(SideOfStraight.Straight):0 %}");
    }

    private double On(SideOfStraight side) =>
        strokes.Count(one => one.NextSide == side) / (double)Math.Max(1, strokes.Count(one => one.NextSide is not null));

    private static string Say(FormattableString words) => words.ToString(CultureInfo.InvariantCulture);
}
