using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Attempts;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Search;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>A way to go on when a colour lies awkwardly.</summary>
/// <param name="Pushed">The ball that the white pushes after the pot; null for a pot to a pocket that is free.</param>
/// <param name="Best">The best stroke of its kind.</param>
/// <param name="Pushes">How often the ball is pushed and the pot goes, of the samples; all of them are good without a push.</param>
/// <param name="Frees">Chance that everything that is left can be potted then from a usual place.</param>
/// <param name="Fouls">How often it is foul.</param>
public sealed record Remedy(BallId? Pushed, RatedStroke Best, Chance Pushes, Chance Frees, Chance Fouls);

/// <summary>
/// Looks for ways out when only colours are left and one stands in the way of another: the ball on to a pocket that is free, and pots after
/// which the white pushes a colour aside. Every way is sampled over the player's scatter. One instance serves one thread at a time.
/// </summary>
public sealed class ColourClearing
{
    /// <summary>Colours nearer than this to the one in the way may be pushed as well, in metres.</summary>
    private const double Cluster = 0.3;

    /// <summary>A ball counts as free when it can be potted this well from a usual place, of a comfortable pot.</summary>
    private const double Free = 0.4;

    private const int MostPots = 4;
    private const int Tried = 3;
    private const int Samples = 64;

    private readonly FramePlayer _frames;
    private readonly LeaveGauge _gauge;
    private readonly LeaveWorth _worth;
    private readonly OpenBalls _open;

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="lineUp">The rules of a line-up; null in a frame.</param>
    public ColourClearing(TableInUse table, PlayerProfile player, LineUp? lineUp = null)
    {
        (_frames, _gauge, _worth) = (new FramePlayer(table, player, lineUp), new LeaveGauge(table, player), new LeaveWorth(table, player));
        _open = new OpenBalls(_gauge);
    }

    /// <summary>Strokes simulated so far.</summary>
    public int Played => _frames.Played;

    /// <summary>The colours that stand between the ball on and a pocket.</summary>
    /// <param name="frame">A frame with only colours left.</param>
    public IReadOnlyList<BallId> InTheWay(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.Reds > 0 || frame.On < BallOn.Yellow) return [];
        var balls = frame.ObjectBalls;
        var index = balls.ToList().FindIndex(placed => placed.Ball == BallsOn.ToBall(frame.On));
        if (index < 0) return [];
        return [.. balls.Where((other, i) => i != index && Shuts(balls, index, i)).Select(other => other.Ball).Order()];
    }

    /// <summary>The ways out, the best of each kind, those that are worth most first; empty when nothing stands in the way.</summary>
    /// <param name="frame">A frame with only colours left.</param>
    /// <param name="wishes">What the player rules out.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="cancel">Stops between strokes.</param>
    public IReadOnlyList<Remedy> Find(FrameState frame, BreakWishes wishes, int seed, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(wishes);
        var blockers = InTheWay(frame);
        if (blockers.Count == 0 || _frames.LayoutOf(frame) is not { } layout) return [];
        var pushable = frame.ObjectBalls.Where(
            one => one.Ball != BallsOn.ToBall(frame.On)
            && blockers.Any(ball => frame.Balls.First(placed => placed.Ball == ball).Place.DistanceTo(one.Place) < Cluster))
            .Select(one => one.Ball).ToHashSet();
        var aimed = Aimed(frame, layout, wishes, cancel);
        return [.. aimed.GroupBy(one => one.Met is { } met && pushable.Contains(met) ? met : (BallId?)null)
            .Select(kind => kind.OrderByDescending(one => one.Promise).Take(Tried)
                .Select(one => Sample(frame, layout, kind.Key, one.Stroke, seed, cancel)).MaxBy(remedy => remedy.Best.Worth)!)
            .OrderByDescending(remedy => remedy.Best.Worth)];
    }

    /// <summary>True when a pocket that is shut would be open without a ball.</summary>
    private bool Shuts(IReadOnlyList<PlacedBall> balls, int index, int other)
    {
        List<PlacedBall> without = [.. balls.Where((_, i) => i != other)];
        var at = without.FindIndex(placed => placed.Ball == balls[index].Ball);
        for (var pocket = PocketId.Yellow; pocket <= PocketId.TopGreenSide; pocket++)
        {
            if (!IsOpen(balls, index, pocket) && IsOpen(without, at, pocket)) return true;
        }

        return false;
    }

    private bool IsOpen(IReadOnlyList<PlacedBall> balls, int index, PocketId pocket)
    {
        foreach (var line in _gauge.LinesOf(balls).Lines)
        {
            if (line.Index == index && line.Pocket == pocket) return line.IsClear;
        }

        return false;
    }

    /// <summary>Strokes that pot the ball on as meant, with the ball that the white meets after it.</summary>
    private List<(PlannedStroke Stroke, BallId? Met, double Promise)> Aimed(
        FrameState frame, Layout layout, BreakWishes wishes, CancellationToken cancel)
    {
        var found = new List<(PlannedStroke, BallId?, double)>();
        foreach (var pot in _gauge.Read(frame).Take(MostPots))
        {
            foreach (var dials in DialList.Pushes)
            {
                cancel.ThrowIfCancellationRequested();
                if (_frames.Aim(layout, pot.Pot with { Part = PocketPart.Opening }, dials, wishes) is not { } stroke) continue;
                var trial = _frames.Play(frame, layout, stroke, StrokeDraw.Exact);
                if (trial.Ruling.Points > 0) found.Add((stroke, trial.Result.SecondContact?.Ball, pot.Chance * _worth.After(trial.Ruling)));
            }
        }

        return found;
    }

    private Remedy Sample(FrameState frame, Layout layout, BallId? pushed, PlannedStroke stroke, int seed, CancellationToken cancel)
    {
        var (sum, squares, good, pushes, frees, fouls) = (0.0, 0.0, 0, 0, 0, 0);
        Sampler.Play(_frames.Trials, new TrialQuestion(frame, layout, stroke), DrawSeries.Even(seed), 0, Samples, Count, cancel);
        var mean = sum / Samples;
        var error = Math.Sqrt(Math.Max(0, squares / Samples - mean * mean) / (Samples - 1));
        return new Remedy(pushed, new RatedStroke(stroke, mean, error, Samples, good), new Chance(pushes, Samples),
            new Chance(frees, Samples), new Chance(fouls, Samples));

        void Count(Trial trial)
        {
            var worth = _worth.After(trial.Ruling);
            sum += worth;
            squares += worth * worth;
            if (trial.Ruling.IsFoul) fouls++;
            if (trial.Ruling.Points == 0) return;
            good++;
            if (pushed is null || trial.Result.SecondContact?.Ball == pushed) pushes++;
            if (IsFree(trial.Ruling.Next)) frees++;
        }
    }

    private bool IsFree(FrameState frame)
    {
        var balls = frame.ObjectBalls;
        return Enumerable.Range(0, balls.Count).All(i => _open.Of(balls, i) >= Free);
    }
}
