using DeepBaize.Physics.Work;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Sampling;
using DeepBaize.Planning.Worths;
using DeepBaize.Rules;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// Looks one stroke further than a leave's estimate: after each of some draws the next stroke is searched, and what it is worth stands for
/// the estimate. That tells strokes apart that treat the balls differently (a pack that is opened or left alone, loose reds that are
/// moved), where the estimate is a point or three out; docs/planning-experiments.md.
/// </summary>
/// <param name="question">What the visit is for.</param>
internal sealed class FurtherLook(BreakQuestion question)
{
    /// <summary>Draws of each stroke.</summary>
    private const int Draws = 48;

    /// <summary>Budget of each search, about.</summary>
    private const int Budget = 120;

    /// <summary>Draws that did not choose the next stroke, by which it is rated.</summary>
    private const int Fresh = 16;

    /// <summary>What is added to the seed for draws that did not choose a stroke.</summary>
    private const int LookSeed = 868_687;

    private readonly BreakQuestion _question = question with
    {
        Threads = 1,
        CountsSchool = false,
        Doubt = null,
        Wishes = question.Wishes with { Only = null },
    };

    /// <summary>Strokes simulated so far.</summary>
    public int Played { get; private set; }

    /// <summary>Looks further after strokes.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="strokes">Strokes that were judged.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <returns>The same with what the looks add to their worth.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<JudgedStroke> After(FrameState frame, IReadOnlyList<JudgedStroke> strokes, CancellationToken cancel)
    {
        var (looks, played) = (new double[strokes.Count * Draws], 0);
        Parallel.For(0, looks.Length, Sharing.Options(Math.Max(1, question.Threads), cancel), () => new Looker(_question), (i, _, looker) =>
        {
            cancel.ThrowIfCancellationRequested();
            looks[i] = looker.Look(frame, strokes[i / Draws].Stroke, i % Draws, cancel);
            Interlocked.Add(ref played, looker.Played);
            return looker;
        }, _ => { });
        Played += played;
        return [.. strokes.Select((stroke, i) => stroke.With(looks.AsSpan(i * Draws, Draws).ToArray()))];
    }

    /// <summary>What one thread looks with.</summary>
    private sealed class Looker(BreakQuestion question)
    {
        private readonly FramePlayer _frames = new(question.Table, question.Striker, question.LineUp);
        private readonly IPotWorth _worth = question.Worth(question);
        private readonly LeaveGauge _gauge = new(question.Table, question.Striker);
        private readonly BreakSearch _search = new(question);
        private readonly DrawSeries _draws = DrawSeries.Independent(question.Seed + LookSeed);

        /// <summary>Strokes simulated in the last look.</summary>
        public int Played { get; private set; }

        /// <summary>By how much a draw is worth more than its leave is estimated.</summary>
        public double Look(FrameState frame, PlannedStroke stroke, int draw, CancellationToken cancel)
        {
            Played = 1;
            if (_frames.LayoutOf(frame) is not { } layout) return 0;
            var ruling = _frames.Play(frame, layout, stroke, _draws.At(draw)).Ruling;
            if (ruling.Points == 0 || ruling is not { StaysAtTable: true, End: FrameEnd.None, Next.White: not null }) return 0;
            var scored = question.Wishes.Goal == BreakGoal.Score ? ruling.Points : 0;
            return scored + Next(ruling.Next, cancel) - _worth.After(ruling);
        }

        private double Next(FrameState frame, CancellationToken cancel)
        {
            var found = _search.Run(frame, Budget, _gauge.Read(frame), cancel);
            Played += found.Played;
            if (found.Best is not [var best, ..] || _search.Judge(frame, [best.Stroke], Fresh, cancel) is not [var next]) return 0;
            Played += Fresh;
            return next.Worth;
        }
    }
}
