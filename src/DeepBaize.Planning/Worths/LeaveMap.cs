using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// What places of the white are worth while the other balls lie the same: a worth of the next pot alone, kept for cells of the table as
/// they are asked for, and one that looks a stroke further, at where the white can run from the pot and what it finds there. Many leaves of
/// a search differ by the white alone and find their cells known.
/// </summary>
internal sealed class LeaveMap
{
    /// <summary>Cells of some 0.1 m: a player's white stops no more exactly.</summary>
    private const int Columns = 36;

    private const int Rows = 18;

    /// <summary>Pots that are looked at: those that promise most.</summary>
    private const int Looked = 3;

    /// <summary>A pot that promises less than this share of the best is taken to lead on like the best.</summary>
    private const double Similar = 0.8;

    /// <summary>
    /// A leave with a doubtful pot is worth less than in proportion: what comes after is doubtful too. Read off visits that were played.
    /// </summary>
    private const double ChancePower = 1.2;

    /// <summary>Weight of the second best pot where the white's runs are left out.</summary>
    private const double PlainSecond = 0.12;

    private readonly LeaveTools _tools;
    private readonly FrameState _frame;
    private readonly PotLines _lines;
    private readonly LeaveWeights _weights;
    private readonly double _reds;

    /// <summary>Points of each ball and what may follow; no points for balls that are not on.</summary>
    private readonly (double Points, double After)[] _prizes;

    private readonly Dictionary<BallId, LeaveMap?> _next = [];
    private double[]? _cells;

    /// <summary>Prepares balls that lie so.</summary>
    /// <param name="tools">What is read with.</param>
    /// <param name="frame">The frame; its white does not matter.</param>
    /// <param name="lines">The lines of the other balls.</param>
    public LeaveMap(LeaveTools tools, FrameState frame, PotLines lines)
    {
        (_tools, _frame, _lines, _weights) = (tools, frame, lines, LeaveWeights.Of(frame.On));
        _prizes = new (double, double)[lines.Balls.Length];
        var gift = tools.Gifts.Read(lines);
        var on = frame.Playable.ToHashSet();
        (_reds, FromAnywhere) = (gift.Reds, tools.Gifts.FromAnywhere(gift, frame.On));
        Span<double> nearness = stackalloc double[BallSet.Count];
        tools.Gifts.ReadNearness(lines, nearness[..lines.Balls.Length]);
        for (var i = 0; i < _prizes.Length; i++)
        {
            var ball = lines.Balls[i].Ball;
            if (on.Contains(ball)) _prizes[i] = (frame.ValueOf(ball), tools.Gifts.After(gift, frame.On, ball) * nearness[i]);
        }
    }

    /// <summary>True for a frame in which the same is on and the balls lie so.</summary>
    /// <param name="frame">The frame.</param>
    /// <param name="balls">Its balls without the white.</param>
    public bool IsOf(FrameState frame, IReadOnlyList<PlacedBall> balls) =>
        _frame.On == frame.On && _frame.IsFreeBall == frame.IsFreeBall && _lines.Are(balls);

    /// <summary>Points that can be expected in the mean over places of the white.</summary>
    public double FromAnywhere { get; }

    /// <summary>Points of a pot's ball and what may follow.</summary>
    public double Prize(in LeavePot pot)
    {
        for (var i = 0; i < _prizes.Length; i++)
        {
            if (_lines.Balls[i].Ball == pot.Pot.Ball) return _prizes[i].Points + _prizes[i].After * Ease(pot);
        }

        return 0;
    }

    /// <summary>Points that can be expected from a place of the white, by the pots and where the white can run from them.</summary>
    public double Of(Place white)
    {
        Span<LeavePot> pots = stackalloc LeavePot[Looked];
        Span<double> promises = stackalloc double[Looked];
        var count = Best(white, pots, promises);
        if (!_tools.Has(LeaveParts.Runs))
            return _tools.Has(LeaveParts.Alternatives) ? promises[0] + PlainSecond * promises[1] : promises[0];
        var (first, second, next) = (0.0, 0.0, 0.0);
        for (var i = 0; i < count; i++)
        {
            if (i == 0 || promises[i] > Similar * promises[0]) next = Next(white, pots[i]);
            var worth = Math.Pow(pots[i].Chance, _weights.ChancePower) * (_weights.Points * _frame.ValueOf(pots[i].Pot.Ball) + next);
            if (worth > first) (first, second) = (worth, first);
            else if (worth > second) second = worth;
        }

        return _tools.Has(LeaveParts.Alternatives) ? first + _weights.Second * second : first;
    }

    /// <summary>
    /// Points that follow a pot by where the white can run from it: a mean of the runs and the best of them, less for a long way to the
    /// ball or a thin pot, more at the top end and with reds to pot.
    /// </summary>
    private double Next(Place white, in LeavePot pot)
    {
        if (After(pot.Pot.Ball) is not { } next) return 0;
        Span<Place> ends = stackalloc Place[WhiteRuns.Count];
        ref readonly var line = ref _lines.Lines[pot.Line];
        _tools.Runs.Read(white, line, ends);
        var (most, sum) = (0.0, 0.0);
        foreach (var end in ends)
        {
            var cell = next.Cell(end);
            most = Math.Max(most, cell);
            sum += cell;
        }

        return (_weights.Most * most + _weights.Mean * sum / ends.Length) * _weights.Setting(line.Contact, _reds) * (
            _tools.Has(LeaveParts.Angle) ? _weights.Ease(pot, _tools.Gifts.Miss) : 1);
    }

    private double Ease(in LeavePot pot) => _tools.Has(LeaveParts.Angle) ? LeaveWeights.Ease(pot.CutRadians) : 1;

    /// <summary>What the next pot promises from the cell of a place.</summary>
    private double Cell(Place place)
    {
        if (_cells is null)
        {
            _cells = new double[Columns * Rows];
            Array.Fill(_cells, double.NaN);
        }

        var column = Math.Min(Columns - 1, (int)(place.X / Measurements.Length * Columns));
        var row = Math.Min(Rows - 1, (int)(place.Y / Measurements.Width * Rows));
        ref var cell = ref _cells[column * Rows + row];
        if (double.IsNaN(cell))
        {
            Span<LeavePot> pot = stackalloc LeavePot[1];
            Span<double> promise = stackalloc double[1];
            Best(new Place((column + 0.5) * Measurements.Length / Columns, (row + 0.5) * Measurements.Width / Rows), pot, promise);
            cell = promise[0];
        }

        return cell;
    }

    /// <summary>
    /// Finds the pots that promise most from a place, best first, by their chance and what the balls have to give; returns how many there
    /// are.
    /// </summary>
    private int Best(Place white, Span<LeavePot> pots, Span<double> promises)
    {
        promises.Clear();
        var count = 0;
        for (var i = 0; i < _lines.Lines.Length; i++)
        {
            var (points, after) = _prizes[_lines.Lines[i].Index];
            if (points == 0 || !_lines.Lines[i].IsFree) continue;
            // Only what can still be among the best is looked at closely.
            var least = count < pots.Length
                ? LeaveGauge.LeastChance : Math.Max(LeaveGauge.LeastChance, Math.Pow(promises[^1] / (points + after), 1 / ChancePower));
            if (least >= 1 || _tools.Gauge.Estimate(white, _lines, i, least) is not { } pot) continue;
            var promise = Math.Pow(pot.Chance, ChancePower) * (points + after * Ease(pot));
            var at = count < pots.Length ? count++ : promise > promises[^1] ? count - 1 : count;
            if (at == count) continue;
            for (; at > 0 && promises[at - 1] < promise; at--) (promises[at], pots[at]) = (promises[at - 1], pots[at - 1]);
            (promises[at], pots[at]) = (promise, pot);
        }

        return count;
    }

    /// <summary>The balls after the pot of one; null when nothing is left to play.</summary>
    private LeaveMap? After(BallId ball)
    {
        if (_next.TryGetValue(ball, out var known)) return known;
        return _next[ball] = AfterPot.Of(_frame, ball) is { On: { } on } after
            ? new LeaveMap(_tools, _frame with { On = on, IsFreeBall = false, Balls = Left(ball, after.Spots, out var lines) }, lines)
            : null;
    }

    private IReadOnlyList<PlacedBall> Left(BallId ball, bool isSpotted, out PotLines lines)
    {
        var others = _frame.Balls.Where(placed => placed.Ball != ball).ToList();
        if (!isSpotted)
        {
            lines = _lines.Without(ball);
            return others;
        }

        var spotted = new PlacedBall(ball, Respotting.PlaceFor(ball, [.. others.Select(placed => placed.Place)], _frame.Gauge));
        lines = _frame.Balls.Contains(spotted) ? _lines : _tools.Gauge.LinesOf([.. others, spotted]);
        return lines == _lines ? _frame.Balls : [.. others, spotted];
    }
}

/// <summary>What leaves are read with.</summary>
/// <param name="Gauge">What can be potted.</param>
/// <param name="Runs">Where the white can run.</param>
/// <param name="Gifts">What the balls have to give.</param>
/// <param name="Parts">The parts that count.</param>
internal sealed record LeaveTools(LeaveGauge Gauge, WhiteRuns Runs, TableGifts Gifts, LeaveParts Parts)
{
    public bool Has(LeaveParts part) => (Parts & part) != 0;
}
