using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Position;
using DeepBaize.Rules;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>What a search is about.</summary>
/// <param name="Table">The table, taken as it is.</param>
/// <param name="Player">The player.</param>
/// <param name="Worth">Makes the worth that the search follows, one for each thread.</param>
/// <param name="Wishes">What the player rules out.</param>
/// <param name="Seed">Seed of the draws.</param>
/// <param name="Threads">Threads at most; the answer does not depend on it.</param>
public sealed record BreakQuestion(TableInUse Table, PlayerProfile Player, Func<ILeaveWorth> Worth, BreakWishes Wishes, int Seed, int Threads = 1);

/// <summary>
/// Finds the stroke whose outcomes are worth most over the player's scatter. Many strokes are aimed and played once as meant; those that promise most are sampled in rounds, each
/// with half as many strokes and twice as many draws as the one before (sequential halving, Karnin, Koren and Somekh 2013), all strokes with the same draws. The budget is counted
/// in strokes simulated; the same question and budget give the same answer on any number of threads. One instance serves one search at a time.
/// </summary>
public sealed class BreakSearch
{
    /// <summary>Share of the budget with which strokes are aimed and played as meant.</summary>
    private const double GenerationShare = 0.5;

    /// <summary>Strokes that it takes to aim one and play it as meant, about; the solver starts from the straight line and needs few.</summary>
    private const int PerCandidate = 4;

    /// <summary>More strokes at few pots find better positions than few strokes at many; tuned by play.</summary>
    private const double PotsPerRoot = 2.5;

    /// <summary>What is left of the worth of a stroke that comes out on the side that the player does not like.</summary>
    private const double WrongSide = 0.94;

    private const int Rounds = 4;
    private const int LastKept = 2;

    private readonly BreakQuestion _question;
    private readonly Worker[] _workers;

    /// <summary>Prepares searches.</summary>
    public BreakSearch(BreakQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        _question = question;
        _workers = [.. Enumerable.Range(0, Math.Max(1, question.Threads)).Select(_ => new Worker(new FramePlayer(question.Table, question.Player), question.Worth(), new LeaveGauge(question.Table, question.Player)))];
    }

    /// <summary>Searches.</summary>
    /// <param name="frame">The frame; with the white on the table.</param>
    /// <param name="budget">Strokes that may be simulated, about.</param>
    /// <param name="cancel">Stops between strokes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public BreakSearchResult Run(FrameState frame, int budget, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(frame);
        ArgumentOutOfRangeException.ThrowIfLessThan(budget, 1);
        var nothing = new BreakSearchResult([], 0);
        if (_workers[0].Player.LayoutOf(frame) is not { } layout) return nothing;
        var pots = PotsOf(frame);
        if (pots.Count == 0) return nothing;
        var (rated, played) = Generate(frame, layout, pots, budget, cancel);
        if (rated.Count == 0) return nothing with { Played = played };
        var perRound = Math.Max(LastKept, (int)(budget * (1 - GenerationShare)) / Rounds);
        for (var round = 0; round < Rounds; round++)
        {
            var kept = LastKept << (Rounds - 1 - round);
            rated = [.. rated.Take(kept)];
            var draws = Math.Max(1, perRound / rated.Count);
            Share(rated.Count, (worker, i) => rated[i].Sample(worker, frame, layout, draws, _question.Seed, cancel), cancel);
            played += draws * rated.Count;
            rated = [.. rated.OrderByDescending(one => one.Marked).ThenBy(one => one.Number)];
        }

        return new BreakSearchResult([.. rated.Select(one => one.Tell())], played);
    }

    /// <summary>Pots that are on, those that promise most first, one for each ball and pocket.</summary>
    private List<LeavePot> PotsOf(FrameState frame) =>
        [.. _workers[0].Gauge.Read(frame).Where(pot => _question.Wishes.Only is not { } only || pot.Pot.Ball == only).OrderByDescending(pot => _workers[0].Worth.Promise(frame, pot))];

    private (List<Rated> Rated, int Played) Generate(FrameState frame, Layout layout, List<LeavePot> pots, int budget, CancellationToken cancel)
    {
        var count = Math.Max(4, (int)(budget * GenerationShare) / PerCandidate);
        // With a larger budget more pots are looked at, and more strokes for each.
        var looked = Math.Min(pots.Count, Math.Max(2, (int)Math.Ceiling(Math.Sqrt(count) / PotsPerRoot)));
        var dials = Math.Min(DialOrder.Count, Math.Max(1, count / looked));
        var found = new Rated?[looked * dials];
        var played = new int[found.Length];
        Share(found.Length, (worker, i) =>
        {
            var pot = pots[i % looked];
            var before = worker.Player.Played;
            found[i] = Look(frame, layout, worker, i, pot, DialOrder.At(i / looked));
            played[i] = worker.Player.Played - before;
        }, cancel);
        return ([.. found.OfType<Rated>().OrderByDescending(one => one.Marked).ThenBy(one => one.Number)], played.Sum());
    }

    /// <summary>Aims a stroke and plays it as meant; null when it does not pot, or is ruled out.</summary>
    private Rated? Look(FrameState frame, Layout layout, Worker worker, int number, in LeavePot pot, Dials dials)
    {
        if (worker.Player.Aim(layout, pot.Pot with { Part = PocketPart.Opening }, dials, _question.Wishes) is not { } stroke) return null;
        var ruling = worker.Player.Play(frame, layout, stroke, StrokeDraw.Exact);
        if (ruling.Points == 0 || (!_question.Wishes.Cushion && worker.Player.Last.WhiteCushions.Count > 0)) return null;
        var cost = _question.Player.Preferences.Cost(stroke.Strike.Side, stroke.Strike.Height, stroke.Way > Cueing.BridgeWay.Stretched);
        return new Rated(number, stroke, pot.Chance * worker.Worth.After(ruling), Math.Max(0, 1 - cost / 100) * Approach(ruling.Next, worker));
    }

    /// <summary>What is left of a stroke's worth when it comes out on the side of the next colour that the player does not like.</summary>
    private double Approach(FrameState next, Worker worker)
    {
        if (_question.Wishes.Approach is not { } wanted || next.On == BallOn.Red || next.White is not { } white) return 1;
        var pots = worker.Gauge.Read(next);
        if (pots.Count == 0) return 1;
        var pot = pots.MaxBy(one => worker.Worth.Promise(next, one)).Pot;
        var ball = next.Balls.First(placed => placed.Ball == pot.Ball).Place;
        var side = PottingLine.Between(white, ball, pot, _question.Table.Outline, _question.Table.Diameter).SideFor(pot.Pocket);
        return side == wanted || side == SideOfStraight.Straight ? 1 : WrongSide;
    }

    private void Share(int count, Action<Worker, int> work, CancellationToken cancel)
    {
        if (_workers.Length == 1)
        {
            for (var i = 0; i < count; i++)
            {
                cancel.ThrowIfCancellationRequested();
                work(_workers[0], i);
            }

            return;
        }

        var next = -1;
        Parallel.For(0, _workers.Length, new ParallelOptions { MaxDegreeOfParallelism = _workers.Length, CancellationToken = cancel }, thread =>
        {
            for (var i = Interlocked.Increment(ref next); i < count; i = Interlocked.Increment(ref next))
            {
                cancel.ThrowIfCancellationRequested();
                work(_workers[thread], i);
            }
        });
    }

    private sealed record Worker(FramePlayer Player, ILeaveWorth Worth, LeaveGauge Gauge);

    /// <summary>A stroke while it is rated.</summary>
    private sealed class Rated(int number, BreakStroke stroke, double promise, double liking)
    {
        private double _sum;
        private double _squares;
        private int _samples;
        private int _good;

        public int Number => number;

        /// <summary>Mean worth, marked down by what the player's school holds of the stroke.</summary>
        public double Marked => liking * Worth;

        /// <summary>Mean worth of the samples; before there are any what the stroke promises.</summary>
        private double Worth => _samples == 0 ? promise : _sum / _samples;

        public void Sample(Worker worker, FrameState frame, Layout layout, int draws, int seed, CancellationToken cancel)
        {
            for (var i = 0; i < draws; i++)
            {
                cancel.ThrowIfCancellationRequested();
                var ruling = worker.Player.Play(frame, layout, stroke, Draws.Even(seed, _samples));
                var worth = worker.Worth.After(ruling);
                _samples++;
                _sum += worth;
                _squares += worth * worth;
                if (ruling.Points > 0) _good++;
            }
        }

        public RatedStroke Tell()
        {
            var variance = _samples < 2 ? 0 : Math.Max(0, _squares / _samples - Worth * Worth) / (_samples - 1);
            return new RatedStroke(stroke, Worth, Math.Sqrt(variance), _samples, _good);
        }
    }
}
