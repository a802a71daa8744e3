using System.Globalization;
using DeepBaize.Evidence.Advice;
using DeepBaize.Physics.Impacts;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Safety;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Bench.Arena;

/// <summary>What ways out of snookers come to.</summary>
/// <param name="Policy">How they were chosen.</param>
/// <param name="Misses">Share of the draws that were foul, by situation.</param>
/// <param name="Told">Chance to miss that was told, by situation; NaN where none is told.</param>
internal sealed record EscapeRow(string Policy, double[] Misses, double[] Told)
{
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Policy}: missed {100 * Misses.Average():0.0} %");

    /// <summary>How far told and counted are apart: in the mean without sign, and by tenths of what was told.</summary>
    public IEnumerable<string> Calibration()
    {
        var pairs = Told.Zip(Misses, (told, missed) => (Told: 1 - told, Came: 1 - missed)).Where(pair => !double.IsNaN(pair.Told)).ToList();
        yield return string.Create(
            CultureInfo.InvariantCulture,
            $"{Policy}: told and counted are {100 * pairs.Average(pair => Math.Abs(pair.Told - pair.Came)):0.0} points apart");
        yield return Policy + ", told and came off by tenths: " + string.Join("; ", pairs.GroupBy(pair => (int)Math.Min(9, 10 * pair.Told))
            .OrderBy(tenth => tenth.Key).Select(tenth => string.Create(
                CultureInfo.InvariantCulture,
                $"{tenth.Count()} of {100 * tenth.Average(pair => pair.Told):0} came off {100 * tenth.Average(pair => pair.Came):0}")));
    }
}

/// <summary>Plays ways out of seeded snookers with a player's scatter and counts what comes off.</summary>
internal sealed class EscapeArena(PlayerProfile player, int situations, int draws, int seed)
{
    private const int NoiseSeed = 61_007;
    private const double Room = 0.09;

    /// <summary>A middling pace, and least and most share of strokes at the mirror's point that come off for the club player.</summary>
    private const double Middling = 4;

    private const double Least = 0.15;
    private const double Most = 0.6;
    private const int FilterDraws = 100;

    private readonly TableInUse _table = ArenaMatch.Club;

    /// <summary>Snookers of which the mirror's point is hit by the club player neither seldom nor mostly.</summary>
    public IReadOnlyList<FrameState> Situations()
    {
        var found = new List<FrameState>();
        foreach (var block in SeededSnookers.Of(_table, seed).Chunk(32))
        {
            var fits = new bool[block.Length];
            Parallel.For(0, block.Length, Options, i =>
            {
                var hits = 1 - Missed(block[i], Mirror(block[i], HousePlayers.Club), FilterDraws, i);
                fits[i] = hits is >= Least and <= Most;
            });
            found.AddRange(block.Where((_, i) => fits[i]));
            if (found.Count >= situations) return found[..situations];
        }

        return found;
    }

    /// <summary>All ways of choosing, on the same snookers and noise.</summary>
    public IReadOnlyList<EscapeRow> Play(IReadOnlyList<FrameState> frames)
    {
        string[] names = ["mirror point", "widest, centre ball at one pace", "best chance", "recommended"];
        var missed = names.Select(_ => new double[frames.Count]).ToArray();
        var told = names.Select(_ => new double[frames.Count]).ToArray();
        Parallel.For(0, frames.Count, Options, i =>
        {
            var plan = new EscapePlanner(new SafetyQuestion(_table, player, player, seed + i)).Plan(frames[i]);
            var (best, recommended) = (plan.Routes.MaxBy(route => route.GetsOut), plan.Routes is [var first, ..] ? first : null);
            PlannedStroke?[] strokes =
            [
                Mirror(frames[i], player), Widest(frames[i]), best?.Judged.Stroke, recommended?.Judged.Stroke,
            ];
            double[] chances = [double.NaN, double.NaN, best?.GetsOut ?? double.NaN, recommended?.GetsOut ?? double.NaN];
            for (var k = 0; k < names.Length; k++)
                (missed[k][i], told[k][i]) = (Missed(frames[i], strokes[k], draws, i), 1 - chances[k]);
        });
        return [.. names.Select((name, k) => new EscapeRow(name, missed[k], told[k]))];
    }

    private static ParallelOptions Options => new() { MaxDegreeOfParallelism = Environment.ProcessorCount };

    /// <summary>The shortest open way off one cushion as in a mirror, or off two where there is none, at a middling pace.</summary>
    private PlannedStroke? Mirror(FrameState frame, PlayerProfile striker)
    {
        var (white, inset) = (frame.White!.Value, frame.Gauge.CushionInset);
        var balls = frame.ObjectBalls.ToArray();
        var playable = frame.Playable.ToHashSet();
        CushionId[] all = [CushionId.Baulk, CushionId.Top, CushionId.YellowSide, CushionId.GreenSide];
        List<CushionId[]> ways =
        [
            .. all.Select(one => new[] { one }),
            .. from one in all from other in all where other != one select new[] { one, other },
        ];
        var open = from way in ways
                   from target in Enumerable.Range(0, balls.Length).Where(i => playable.Contains(balls[i].Ball))
                   let meets = Mirrors.By(white, balls[target].Place, way, inset, Room)
                   where meets is not null && IsOpen(balls, [white, .. meets, balls[target].Place], target, frame.Gauge.Diameter)
                   orderby way.Length, Length([white, .. meets, balls[target].Place])
                   select (balls[target].Ball, Heading: white.HeadingTo(meets[0]));
        return open.Select(one => Cue(frame, striker, one.Ball, one.Heading)).FirstOrDefault(stroke => stroke is not null);
    }

    private static bool IsOpen(PlacedBall[] balls, Place[] way, int target, double diameter) =>
        Enumerable.Range(0, way.Length - 1).All(
            leg => !Corridor.IsBlocked(balls, way[leg], way[leg + 1], leg == way.Length - 2 ? target : -1, diameter));

    private static double Length(Place[] way) => Enumerable.Range(0, way.Length - 1).Sum(leg => way[leg].DistanceTo(way[leg + 1]));

    /// <summary>The widest window of a sweep with the centre of the ball at one pace.</summary>
    private PlannedStroke? Widest(FrameState frame)
    {
        var windows = new EscapeSweep(_table).Find(LayoutOf(frame), frame.Playable.ToHashSet(), [Dials.AtPace(Middling)]);
        return windows.OrderByDescending(window => window.Width).Select(window => Cue(frame, player, window.Ball, window.Middle))
            .FirstOrDefault(stroke => stroke is not null);
    }

    private PlannedStroke? Cue(FrameState frame, PlayerProfile striker, BallId ball, double heading)
    {
        var layout = LayoutOf(frame);
        Strike strike = Dials.AtPace(Middling).At(layout, heading).Along(heading);
        var intent = new HitIntent(ball);
        var cued = CueingReader.Deliver(_table, layout, striker, strike, intent);
        if (!cued.IsPossible) return null;
        var stroke = new PlannedStroke(intent, strike, cued);
        return stroke with { Delivery = stroke.Delivery.Widened(EscapeGauge.Spread(_table, striker)) };
    }

    private double Missed(FrameState frame, PlannedStroke? stroke, int count, int noise)
    {
        if (stroke is null) return 1;
        var (trials, asked) = (new TrialTable(_table), new TrialQuestion(frame, LayoutOf(frame), stroke));
        return Enumerable.Range(0, count).Count(draw => trials.Play(asked, Draws.Stroke(NoiseSeed + noise, draw)).Ruling.IsFoul)
            / (double)count;
    }

    private Layout LayoutOf(FrameState frame) =>
        LayoutRules.TryBuild([.. frame.Balls], _table.Outline, frame.Gauge, LayoutMode.Free, out _)!;
}
