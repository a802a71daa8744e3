using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Players;
using DeepBaize.Planning.Position;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Breaks;

/// <summary>
/// The points that a player can expect from a leave, estimated in microseconds: the best pot's chance times its points and what may follow. What may follow is what the balls
/// give to a player who pots and keeps position with a constant chance, each ball counted by how it can be potted. Weights were tuned by play on layouts of their own; docs/planning.md says
/// what each part brings.
/// </summary>
public sealed class LeaveWorth : ILeaveWorth
{
    /// <summary>
    /// A player goes on from a stroke with a chance that is a comfortable pot's to this power; with few reds left it is a little less likely. Both were read off visits that were played:
    /// what was expected of leaves beside what came of them.
    /// </summary>
    private const double GoesOn = 0.7;

    private const double LastReds = 0.5;

    /// <summary>Reds over which the end of the reds is felt.</summary>
    private const double RedsFelt = 2.5;

    /// <summary>A leave with a doubtful pot is worth less than in proportion: what comes after is doubtful too. Read off in the same way.</summary>
    private const double ChancePower = 1.4;

    /// <summary>Reds that cannot be potted where they lie count for this much: the pack will be opened.</summary>
    private const double ClosedRed = 0.7;

    private const double SecondPot = 0.12;
    private const double ThirdPot = 0.04;
    private const double RegionShare = 0.03;

    private readonly LeaveGauge _gauge;
    private readonly OpenBalls _open;
    private readonly LeaveParts _parts;
    private readonly double _flow;

    /// <summary>Chance to go on from a stroke, by the reds that are up.</summary>
    private readonly double[] _goesOn = new double[BallSet.Count];

    private readonly List<LeavePot> _pots = [];
    private readonly List<PlacedBall> _balls = [];
    private readonly List<BallId> _on = [];

    /// <summary>Prepares a player on a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="player">The player.</param>
    /// <param name="parts">The parts that count.</param>
    public LeaveWorth(TableInUse table, PlayerProfile player, LeaveParts parts = LeaveParts.All)
    {
        _gauge = new LeaveGauge(table, player);
        _open = new OpenBalls(_gauge);
        _parts = parts;
        _flow = _open.Comfortable;
        for (var reds = 0; reds < _goesOn.Length; reds++) _goesOn[reds] = Math.Pow(_flow, GoesOn + LastReds * Math.Exp((1 - reds) / RedsFelt));
    }

    /// <inheritdoc/>
    public double Promise(FrameState frame, in LeavePot pot)
    {
        ArgumentNullException.ThrowIfNull(frame);
        return pot.Chance * (frame.ValueOf(pot.Pot.Ball) + Further(frame, Read(frame), pot));
    }

    /// <inheritdoc/>
    public double After(Ruling ruling)
    {
        ArgumentNullException.ThrowIfNull(ruling);
        return ruling.Points + (ruling is { StaysAtTable: true, End: FrameEnd.None } ? Of(ruling.Next) : 0);
    }

    /// <summary>Points that can be expected from a leave.</summary>
    public double Of(FrameState frame)
    {
        ArgumentNullException.ThrowIfNull(frame);
        if (frame.White is not { } white) return 0;
        var table = Read(frame);
        _on.Clear();
        foreach (var ball in frame.Playable) _on.Add(ball);
        _gauge.Read(white, _balls, _on, _pots);
        var (first, second, third) = (0.0, 0.0, 0.0);
        for (var i = 0; i < _pots.Count; i++)
        {
            var gain = Math.Pow(_pots[i].Chance, ChancePower) * (frame.ValueOf(_pots[i].Pot.Ball) + Further(frame, table, _pots[i]));
            if (gain > first) (first, second, third) = (gain, first, second);
            else if (gain > second) (second, third) = (gain, second);
            else if (gain > third) third = gain;
        }

        return first + (Has(LeaveParts.Alternatives) ? SecondPot * second + ThirdPot * third : 0);
    }

    private bool Has(LeaveParts part) => (_parts & part) != 0;

    /// <summary>What the balls of a frame have to give: reds by how they can be potted, and the best colours.</summary>
    private TableGift Read(FrameState frame)
    {
        _balls.Clear();
        foreach (var placed in frame.Balls)
        {
            if (placed.Ball != BallId.Cue) _balls.Add(placed);
        }

        var (reds, count, best, second, tail, chance) = (0.0, 0, 0.0, 0.0, 0.0, 1.0);
        var opens = _open.Of(_balls);
        Span<int> regions = stackalloc int[8];
        regions.Clear();
        for (var i = 0; i < _balls.Count; i++)
        {
            var ball = _balls[i].Ball;
            var open = Has(LeaveParts.Openness) ? opens[i] : 1;
            if (BallSet.IsRed(ball))
            {
                reds += Math.Max(open, ClosedRed);
                count++;
                regions[Math.Clamp((int)(_balls[i].Place.X / Measurements.Length * 4), 0, 3) * 2 + (_balls[i].Place.Y > Measurements.CentreLine ? 1 : 0)]++;
                continue;
            }

            var value = open * BallValue.Of(ball);
            if (value > best) (best, second) = (value, best);
            else if (value > second) second = value;
            chance *= _flow * Math.Max(open, ClosedRed);
            tail += chance * BallValue.Of(ball);
        }

        var filled = 0;
        foreach (var region in regions) filled += region > 0 ? 1 : 0;
        var spread = Has(LeaveParts.Regions) && count > 0 ? 1 + RegionShare * Math.Min(filled, 4) : 1;
        return new TableGift(reds, count, Math.Max(best, 0.5) * 0.85 + second * 0.15, tail, spread);
    }

    /// <summary>Points that follow a pot on average, by what is left then and from where it is played.</summary>
    private double Further(FrameState frame, in TableGift table, in LeavePot pot)
    {
        if (!Has(LeaveParts.Further)) return 0;
        var isRed = BallSet.IsRed(pot.Pot.Ball);
        var reds = table.Count == 0 ? 0 : table.Reds * (isRed ? (table.Count - 1.0) / table.Count : 1);
        double points;
        if (isRed) points = _goesOn[table.Count] * (table.Colour + FromReds(reds, table));
        else if (table.Count > 0) points = FromReds(reds, table);
        else points = frame.On == BallOn.Colour ? table.Tail : Math.Max(0, table.Tail / _flow - BallValue.Of(pot.Pot.Ball));
        return points * table.Spread * Position(pot);
    }

    /// <summary>Points from a number of reds on, a red being on.</summary>
    private double FromReds(double reds, in TableGift table)
    {
        var whole = (int)reds;
        var points = table.Tail;
        for (var red = 1; red <= whole; red++) points = WithRed(red, table.Colour, points);
        return points + (reds - whole) * (WithRed(whole + 1, table.Colour, points) - points);
    }

    /// <summary>Points from a number of reds on, by those from one less.</summary>
    private double WithRed(int reds, double colour, double points)
    {
        var goesOn = _goesOn[reds];
        return goesOn * (1 + goesOn * (colour + points));
    }

    /// <summary>How good a position a pot lets one play, 1 for the best.</summary>
    private double Position(in LeavePot pot)
    {
        var factor = 1.0;
        var degrees = Math.Abs(pot.CutRadians) * 180 / Math.PI;
        if (Has(LeaveParts.Angle))
        {
            if (degrees < 8) factor *= 0.86 + 0.14 * degrees / 8;
            else if (degrees > 40) factor *= Math.Max(0.55, 1 - (degrees - 40) / 70);
        }

        return factor;
    }

    /// <summary>What a table has to give.</summary>
    /// <param name="Reds">Reds, each counted by how it can be potted.</param>
    /// <param name="Count">Reds that are up.</param>
    /// <param name="Colour">Points that a colour brings after a red, on average.</param>
    /// <param name="Tail">Points that the colours in order bring on average from a usual place.</param>
    /// <param name="Spread">What reds in several regions multiply it with.</param>
    private readonly record struct TableGift(double Reds, int Count, double Colour, double Tail, double Spread);
}
