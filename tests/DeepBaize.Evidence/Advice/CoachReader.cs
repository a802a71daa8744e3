using System.Globalization;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Breaks;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Table;

namespace DeepBaize.Evidence.Advice;

/// <summary>Reads a plan as a coach does who wrote down what is right.</summary>
/// <param name="table">The table.</param>
/// <param name="position">The position.</param>
public sealed class CoachReader(TableInUse table, CoachPosition position)
{
    private const double HalfTip = 0.5;

    private readonly CoachWish _right = position.Right;
    private readonly ChosenReader _reader = new(table, position.Striker);

    /// <summary>What is wrong with a plan; empty when it is right.</summary>
    /// <param name="line">Its strokes.</param>
    public IReadOnlyList<string> Read(IReadOnlyList<PlanStep> line)
    {
        ArgumentNullException.ThrowIfNull(line);
        return line is [] ? ["nothing is played"] : [.. OfStroke(line[0]), .. OfWhite(line[0]), .. OfNext(line)];
    }

    private IEnumerable<string> OfStroke(PlanStep step)
    {
        var chosen = _reader.Read(step.Before, step.Stroke);
        var kind = chosen.Kind;
        if (!IsAmong(_right.Balls, step)) yield return $"it plays the {step.Stroke.Pot.Ball}";
        if (_right.Side == "none" && kind.HasSide) yield return Say($"{kind.SideTips:0.00} tips of side");
        if (_right.Side == "touch" && kind.SideTips > HalfTip + StrokeKind.Rounding) yield return Say($"{kind.SideTips:0.00} tips of side");
        if (Math.Abs(kind.HeightTips) > _right.TipAtMost + StrokeKind.Rounding)
            yield return Say($"{kind.HeightTips:+0.00;-0.00} tips of height");
        if (kind.Pace > _right.PaceAtMost + StrokeKind.Rounding) yield return Say($"pace {kind.Pace:0.0}");
        if (chosen.Moved > _right.MovedAtMost) yield return $"{chosen.Moved} balls moved";
        if (chosen.Moved < _right.MovedAtLeast) yield return $"only {chosen.Moved} balls moved";
        if (!_right.Rest && step.Stroke.Way > BridgeWay.Stretched) yield return "with the rest";
        if (_right.KeepsAtPace is { } share && !Keeps(step, share)) yield return Say($"nothing is on at {share:0 %} more or less pace");
    }

    private IEnumerable<string> OfWhite(PlanStep step)
    {
        if (step.White is not { } white) yield break;
        if (_right.Stops?.Has(white) == false) yield return Say($"the white stops at {white.X:0.00}, {white.Y:0.00}");
        var clear = Math.Min(Math.Min(white.X, Measurements.Length - white.X), Math.Min(white.Y, Measurements.Width - white.Y));
        if (clear < _right.ClearOfCushions) yield return Say($"the white stops {clear:0.00} m from a cushion");
    }

    private IEnumerable<string> OfNext(IReadOnlyList<PlanStep> line)
    {
        if (_right is { Then: null, NextCut: null, NextDistance: null, NextRest: true }) yield break;
        if (line is not [_, var next, ..])
        {
            yield return "nothing follows";
            yield break;
        }

        var (white, ball) = (next.Before.White!.Value, next.Before.Balls.First(placed => placed.Ball == next.Stroke.Pot.Ball).Place);
        var potting = PottingLine.Between(white, ball, next.Stroke.Pot, table.Outline, table.Diameter);
        if (!IsAmong(_right.Then, next)) yield return $"then the {next.Stroke.Pot.Ball}";
        if (IsOutside(_right.NextCut, potting.CutDegrees)) yield return Say($"then a cut of {potting.CutDegrees:0} degrees");
        if (IsOutside(_right.NextDistance, potting.WhiteDistance)) yield return Say($"then {potting.WhiteDistance:0.00} m to the ball");
        if (!_right.NextRest && next.Stroke.Way > BridgeWay.Stretched) yield return "then the rest";
    }

    /// <summary>True when something is still on after the stroke with more pace and with less.</summary>
    private bool Keeps(PlanStep step, double share)
    {
        var (frames, gauge) = (new FramePlayer(table, position.Striker), new LeaveGauge(table, position.Striker));
        var layout = frames.LayoutOf(step.Before)!;
        return new[] { 1 - share, 1 + share }.All(times =>
        {
            var strike = step.Stroke.Strike with { WhiteSpeed = times * step.Stroke.Strike.WhiteSpeed };
            var ruling = frames.Play(step.Before, layout, step.Stroke with { Strike = strike }, StrokeDraw.Exact).Ruling;
            return ruling.Points > 0 && gauge.Read(ruling.Next) is [{ IsOn: true }, ..];
        });
    }

    private static bool IsAmong(string[]? names, PlanStep step) =>
        names is null || names.Contains(NameOf(step.Stroke.Pot.Ball), StringComparer.OrdinalIgnoreCase);

    private static string NameOf(BallId ball) => BallSet.IsRed(ball) ? $"red {ball - BallId.Red1 + 1}" : ball.ToString();

    private static bool IsOutside(double[]? range, double value) => range is not null && (value < range[0] || value > range[1]);

    private static string Say(FormattableString words) => words.ToString(CultureInfo.InvariantCulture);
}
