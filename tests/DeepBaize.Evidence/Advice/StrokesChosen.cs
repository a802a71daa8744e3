using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Reading;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Evidence.Advice;

/// <summary>One stroke that was chosen, as a coach looks at it.</summary>
/// <param name="Kind">What kind of stroke it is.</param>
/// <param name="Moved">Balls that it moves beside white and object ball.</param>
/// <param name="RestIsIdle">True when a rest is told where a plain or stretched stance reaches.</param>
public sealed record ChosenStroke(StrokeKind Kind, int Moved, bool RestIsIdle);

/// <summary>Reads what a player is told to play.</summary>
public sealed class ChosenReader(TableInUse table, PlayerProfile player)
{
    private readonly FramePlayer _frames = new(table, player);
    private readonly LeaveGauge _gauge = new(table, player);
    private readonly LeaveWorth _worth = new(table, player);

    /// <summary>A stroke in its frame.</summary>
    public ChosenStroke Read(FrameState frame, PlannedStroke stroke)
    {
        var layout = _frames.LayoutOf(frame) ?? throw new InvalidOperationException("A stroke was chosen without a white.");
        var trial = _frames.Trials.Play(new TrialQuestion(frame, layout, stroke), StrokeDraw.Exact);
        var kind = StrokeKindReader.Of(
            table, layout, stroke.Intent, stroke.Strike, stroke.Way > BridgeWay.Stretched, trial.Result.FirstContact,
            trial.Result.WhiteCushions.Count, SideOfNext(trial.Ruling.Next));
        var isIdle = kind.NeedsRest
            && CueingReader.Read(layout, player, stroke.Strike).Sides.Any(stance => stance.Way <= BridgeWay.Stretched);
        return new ChosenStroke(kind, MovedBalls.Beside(layout, stroke.Pot.Ball, trial.Result), isIdle);
    }

    private SideOfStraight? SideOfNext(FrameState next) => next.On == BallOn.Colour && _gauge.Read(next) is { Count: > 0 } pots
        ? NextSide.Of(table, next, pots.MaxBy(one => _worth.Promise(next, one)).Pot) : null;
}

/// <summary>Shares of the strokes that a player is told to play.</summary>
public sealed class StrokesChosen(IReadOnlyList<ChosenStroke> strokes)
{
    private const double HalfTip = 0.5;

    /// <summary>Share of strokes for which something holds.</summary>
    public double Share(Func<ChosenStroke, bool> holds) => strokes.Count(holds) / (double)strokes.Count;

    /// <summary>Share with side to speak of.</summary>
    public double WithSide => Share(one => one.Kind.HasSide);

    /// <summary>Share with more than half a tip of it.</summary>
    public double MoreThanHalfTip => Share(one => one.Kind.SideTips > HalfTip + StrokeKind.Rounding);

    /// <summary>Share more than a tip high or low.</summary>
    public double Extreme => Share(one => one.Kind.IsExtreme);

    /// <summary>Share above pace 6.</summary>
    public double Hard => Share(one => one.Kind.IsHard);

    /// <summary>
    /// True when a coach would sign them (common practice, no source): side in at most one stroke of four and more than half a tip of it in
    /// at most 8 of 100; follow and screw at least three to one over stun; no rest where a hand reaches; more than a tip high or low in at
    /// most one of four, above pace 6 in at most one of ten.
    /// </summary>
    public bool IsPlain => WithSide <= 0.25 && MoreThanHalfTip <= 0.08
        && Share(one => one.Kind.IsFollow || one.Kind.IsScrew) >= 3 * Share(one => one.Kind.IsStun)
        && Share(one => one.RestIsIdle) == 0 && Extreme <= 0.25 && Hard <= 0.1;

    /// <summary>The shares in a few lines.</summary>
    public IEnumerable<string> Tell(string name)
    {
        yield return Say($"{name}, {strokes.Count} strokes: ")
            + Say($"follow {Share(one => one.Kind.IsFollow):0 %}, stun {Share(one => one.Kind.IsStun):0 %}, ")
            + Say($"screw {Share(one => one.Kind.IsScrew):0 %}; ")
            + Say($"below centre {Share(one => one.Kind.HeightTips < -StrokeKind.Rounding):0 %}, ")
            + Say($"more than a tip high or low {Extreme:0 %}; ")
            + Say($"mean pace {strokes.Average(one => one.Kind.Pace):0.0}, above 6 {Hard:0 %}");
        yield return Say($"{name}: side {WithSide:0.0 %}, more than half a tip {MoreThanHalfTip:0.0 %}, ")
            + Say($"helping {Share(one => one.Kind is { HasSide: true, IsHelping: true }):0.0 %}; ")
            + Say($"rest {Share(one => one.Kind.NeedsRest):0 %}, where a hand reaches {Share(one => one.RestIsIdle):0.0 %}; ")
            + Say($"no cushion {Share(one => one.Kind.Cushions == 0):0 %}, one {Share(one => one.Kind.Cushions == 1):0 %}, ")
            + Say($"more {Share(one => one.Kind.Cushions > 1):0 %}; other balls moved {Share(one => one.Moved > 0):0 %}; ")
            + Say($"on colours high {On(SideOfStraight.High):0 %}, low {On(SideOfStraight.Low):0 %}, ")
            + Say($"straight {On(SideOfStraight.Straight):0 %}");
    }

    private double On(SideOfStraight side) =>
        strokes.Count(one => one.Kind.NextSide == side) / (double)Math.Max(1, strokes.Count(one => one.Kind.NextSide is not null));

    private static string Say(FormattableString words) => words.ToString(CultureInfo.InvariantCulture);
}
