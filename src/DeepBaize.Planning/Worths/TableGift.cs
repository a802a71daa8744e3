using DeepBaize.Planning.Leaves;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Worths;

/// <summary>
/// What the balls of a table have to give to a player who pots and keeps position with a constant chance, wherever the white lies.
/// </summary>
/// <param name="Reds">Reds, each counted by how it can be potted.</param>
/// <param name="Count">Reds that are up.</param>
/// <param name="Colour">Points that a colour brings after a red, on average.</param>
/// <param name="Tail">Points that the colours in order bring on average from a usual place.</param>
/// <param name="Spread">What reds in several regions multiply it with.</param>
/// <param name="Open">How well the reds can be potted, all together; that of the next colour when no red is up.</param>
internal readonly record struct TableGift(double Reds, int Count, double Colour, double Tail, double Spread, double Open);

/// <summary>Reads what tables have to give a player. One instance serves one thread.</summary>
internal sealed class TableGifts
{
    /// <summary>
    /// A player is taken to go on from a stroke with a chance that is a comfortable pot's to this power. Of those tried it tells most of
    /// what visits came to; docs/planning-experiments.md.
    /// </summary>
    private const double GoesOn = 0.42;

    /// <summary>Reds that cannot be potted where they lie count for this much: the pack may be opened.</summary>
    private const double ClosedRed = 0.2;

    /// <summary>The same of colours at the end, which can be nudged or come free.</summary>
    private const double ClosedColour = 0.7;

    private const double RegionShare = 0.03;

    /// <summary>What each metre to the balls that follow takes of what follows, beyond the usual; docs/planning-experiments.md.</summary>
    private const double PerMetre = 0.2;

    /// <summary>
    /// What visits from anywhere bring, as a share of what the formula says without it. Fitted to the mean of a leave's worth over 24
    /// places of the white on 140 layouts, four players: it tells 74, 92, 95 and 97 % of the variance.
    /// </summary>
    private const double Anywhere = 0.8;

    private const double UsualMetres = 1;
    private const double LeastNear = 0.3;
    private const double LeastOpen = 0.05;

    private readonly OpenBalls _open;

    /// <summary>How well each colour can be potted from its spot, where it comes back to.</summary>
    private readonly double[] _onSpot = new double[BallSet.Count];

    private readonly LeaveParts _parts;
    private readonly double _flow;
    private readonly double _goesOn;

    public TableGifts(LeaveGauge gauge, LeaveParts parts)
    {
        (_open, _parts) = (new OpenBalls(gauge), parts);
        foreach (var colour in BallSet.Colours) _onSpot[(int)colour] = _open.Of([new PlacedBall(colour, Spots.Of(colour)!.Value)], 0);
        (_flow, _goesOn) = (_open.Comfortable, Math.Pow(_open.Comfortable, GoesOn));
    }

    /// <summary>The player's chance to miss a comfortable pot.</summary>
    public double Miss => 1 - _flow;

    /// <summary>What the balls of some lines have to give: reds by how they can be potted, and the best colours.</summary>
    public TableGift Read(PotLines lines)
    {
        var balls = lines.Balls;
        var opens = _open.Of(lines);
        var (reds, open, count, best, second, tail, chance) = (0.0, 0.0, 0, 0.0, 0.0, 0.0, 1.0);
        var (lowest, next) = (BallId.Black + 1, 0.0);
        Span<int> regions = stackalloc int[8];
        regions.Clear();
        for (var i = 0; i < balls.Length; i++)
        {
            var ball = balls[i].Ball;
            var can = _parts.HasFlag(LeaveParts.Openness) ? opens[i] : 1;
            if (BallSet.IsRed(ball))
            {
                reds += Math.Max(can, ClosedRed);
                open += can;
                count++;
                regions[Math.Clamp((int)(balls[i].Place.X / Measurements.Length * 4), 0, 3) * 2
                    + (balls[i].Place.Y > Measurements.CentreLine ? 1 : 0)]++;
                continue;
            }

            if (balls[i].Ball < lowest) (lowest, next) = (balls[i].Ball, can);
            var value = Math.Min(can, _onSpot[(int)ball]) * BallValue.Of(ball);
            if (value > best) (best, second) = (value, best);
            else if (value > second) second = value;
            chance *= _flow * Math.Max(can, ClosedColour);
            tail += chance * BallValue.Of(ball);
        }

        var filled = 0;
        foreach (var region in regions) filled += region > 0 ? 1 : 0;
        var spread = _parts.HasFlag(LeaveParts.Regions) && count > 0 ? 1 + RegionShare * Math.Min(filled, 4) : 1;
        return new TableGift(reds, count, Math.Max(best, 0.5) * 0.85 + second * 0.15, tail, spread, count > 0 ? open : next);
    }

    /// <summary>
    /// What is left of what follows by how near each ball lies to those that follow it: colours to the reds, reds to the colours, those
    /// most that can be potted and that count most.
    /// </summary>
    /// <param name="lines">The lines of the balls.</param>
    /// <param name="into">Takes a factor for each ball, 1 at a usual distance.</param>
    public void ReadNearness(PotLines lines, Span<double> into)
    {
        into.Fill(1);
        if (!_parts.HasFlag(LeaveParts.Nearness)) return;
        var balls = lines.Balls;
        var opens = _open.Of(lines);
        for (var i = 0; i < balls.Length; i++)
        {
            var (sum, weights) = (0.0, 0.0);
            for (var j = 0; j < balls.Length; j++)
            {
                if (BallSet.IsRed(balls[i].Ball) == BallSet.IsRed(balls[j].Ball)) continue;
                var value = BallValue.Of(balls[j].Ball);
                var weight = Math.Max(opens[j], LeastOpen) * value * value;
                sum += weight * balls[i].Place.DistanceTo(balls[j].Place);
                weights += weight;
            }

            if (weights > 0) into[i] = Math.Max(LeastNear, 1 - PerMetre * (sum / weights - UsualMetres));
        }
    }

    /// <summary>Points that follow the pot of a ball on average, from a usual place.</summary>
    public double After(in TableGift table, BallOn on, BallId ball)
    {
        if (!_parts.HasFlag(LeaveParts.Further)) return 0;
        var isRed = BallSet.IsRed(ball);
        var reds = table.Count == 0 ? 0 : table.Reds * (isRed ? (table.Count - 1.0) / table.Count : 1);
        double points;
        if (isRed) points = _goesOn * (table.Colour + FromReds(reds, table));
        else if (table.Count > 0) points = FromReds(reds, table);
        else points = on == BallOn.Colour ? table.Tail : Math.Max(0, table.Tail / _flow - BallValue.Of(ball));
        return points * table.Spread;
    }

    /// <summary>
    /// Points in the mean over places of the white: what the balls give from a usual place, and a first pot which is the likelier the
    /// better the balls that are on can be potted.
    /// </summary>
    /// <param name="table">What the balls have to give.</param>
    /// <param name="on">What is on.</param>
    public double FromAnywhere(in TableGift table, BallOn on)
    {
        var usual = on switch
        {
            BallOn.Red => FromReds(table.Reds, table),
            BallOn.Colour => _goesOn * (table.Colour + FromReds(table.Reds, table)),
            _ => table.Tail,
        };
        return Anywhere * _flow * table.Open / (1 + table.Open) * table.Spread * usual;
    }

    /// <summary>Points from a number of reds on, a red being on.</summary>
    private double FromReds(double reds, in TableGift table)
    {
        var whole = (int)reds;
        var points = table.Tail;
        for (var red = 0; red < whole; red++) points = WithRed(table.Colour, points);
        return points + (reds - whole) * (WithRed(table.Colour, points) - points);
    }

    /// <summary>Points from a number of reds on, by those from one less.</summary>
    private double WithRed(double colour, double points) => _goesOn * (1 + _goesOn * (colour + points));
}
