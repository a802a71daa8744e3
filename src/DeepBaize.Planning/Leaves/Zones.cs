using DeepBaize.Physics.Work;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Cueing;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Leaves;

/// <summary>A next pot that must be on from a zone.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="LeastCutDegrees">Least cut.</param>
/// <param name="MostCutDegrees">Greatest cut.</param>
/// <param name="LeastMetres">Least way of the white to the contact.</param>
/// <param name="MostMetres">Greatest.</param>
/// <param name="Side">The side of straight; null for either.</param>
public sealed record ZoneWish(
    Pot Pot, double LeastCutDegrees = 0, double MostCutDegrees = 60, double LeastMetres = 0.1, double MostMetres = 2.0,
    SideOfStraight? Side = null);

/// <summary>Why a place lies outside a zone.</summary>
public enum ZoneFault
{
    /// <summary>No ball fits there.</summary>
    Occupied,

    /// <summary>Too near a cushion.</summary>
    Cushion,

    /// <summary>The pot is not on: another ball is in the way, or it is cut too fine.</summary>
    Shut,

    /// <summary>The cut is out of its range.</summary>
    Cut,

    /// <summary>The distance is out of its range.</summary>
    Distance,

    /// <summary>The white is on the other side of straight.</summary>
    Side,

    /// <summary>The stroke needs the rest.</summary>
    Reach,
}

/// <summary>What is wrong with a place.</summary>
/// <param name="Fault">What.</param>
/// <param name="Pot">The pot concerned; null for what concerns none.</param>
/// <param name="Value">The cut in degrees or the distance in metres, as it is.</param>
public readonly record struct ZoneReason(ZoneFault Fault, Pot? Pot, double Value);

/// <summary>What a zone is asked for.</summary>
/// <param name="Table">The table.</param>
/// <param name="Balls">The other balls as they lie then.</param>
/// <param name="Wishes">The pots that must all be on.</param>
/// <param name="Player">Whose reach counts.</param>
/// <param name="CushionMetres">Least gap between the white and a cushion, 0 or more.</param>
/// <param name="RestAllowed">False to leave out places from which the rest is needed.</param>
public sealed record ZoneQuestion(
    TableInUse Table, IReadOnlyList<PlacedBall> Balls, IReadOnlyList<ZoneWish> Wishes, PlayerProfile Player, double CushionMetres,
    bool RestAllowed);

/// <summary>A zone on the cloth.</summary>
/// <param name="Cell">Size of a cell in metres.</param>
/// <param name="Columns">Cells along the table.</param>
/// <param name="Rows">Cells across it.</param>
/// <param name="Inside">Row by row from the yellow side, each from baulk: true where the cell's middle lies in the zone.</param>
/// <param name="Best">The place with most room around it; null when the zone is empty.</param>
/// <param name="Room">Metres from there to the zone's edge.</param>
public sealed record Zone(double Cell, int Columns, int Rows, bool[] Inside, Place? Best, double Room)
{
    /// <summary>True when a place lies in a cell of the zone.</summary>
    public bool Contains(Place place)
    {
        var (column, row) = ((int)Math.Floor(place.X / Cell), (int)Math.Floor(place.Y / Cell));
        return column >= 0 && row >= 0 && column < Columns && row < Rows && Inside[row * Columns + column];
    }

    /// <summary>Width in metres through the best place along a heading in radians.</summary>
    public double WidthAlong(double heading)
    {
        if (Best is not { } best) return 0;
        return Run(1) + Run(-1);

        double Run(int way)
        {
            const double step = 0.005;
            var far = 0.0;
            while (Contains(best.Offset(way * (far + step) * Math.Cos(heading), way * (far + step) * Math.Sin(heading)))) far += step;
            return far;
        }
    }
}

/// <summary>Finds where the white should stop.</summary>
public static class ZoneFinder
{
    private const double CellSize = 0.025;

    /// <summary>Everything that is wrong with a place; empty when it lies in the zone.</summary>
    public static IReadOnlyList<ZoneReason> Judge(ZoneQuestion question, Place white)
    {
        ArgumentNullException.ThrowIfNull(question);
        var gauge = question.Table.Conditions.Gauge;
        var inset = gauge.CushionInset + question.CushionMetres;
        var reasons = new List<ZoneReason>();
        if (white.X < inset || white.Y < inset || white.X > Measurements.Length - inset || white.Y > Measurements.Width - inset)
            reasons.Add(new ZoneReason(ZoneFault.Cushion, null, 0));
        foreach (var ball in question.Balls)
        {
            if (ball.Place.DistanceTo(white) < gauge.Diameter) return [new ZoneReason(ZoneFault.Occupied, null, 0)];
        }

        foreach (var wish in question.Wishes) Judge(question, wish, white, reasons);
        return reasons;
    }

    /// <summary>The whole zone.</summary>
    /// <param name="question">What it is asked for.</param>
    /// <param name="cancel">Stops the work.</param>
    public static Zone Find(ZoneQuestion question, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(question);
        var (columns, rows) = ((int)Math.Ceiling(Measurements.Length / CellSize), (int)Math.Ceiling(Measurements.Width / CellSize));
        var inside = new bool[columns * rows];
        Parallel.For(0, rows, Sharing.Options(0, cancel), row =>
        {
            for (var column = 0; column < columns; column++)
                inside[row * columns + column] = Judge(question, MiddleOf(column, row)).Count == 0;
        });
        var room = Room(inside, columns, rows);
        var best = -1;
        for (var i = 0; i < room.Length; i++)
        {
            if (inside[i] && (best < 0 || room[i] > room[best])) best = i;
        }

        return new Zone(CellSize, columns, rows, inside, best < 0 ? null : MiddleOf(best % columns, best / columns),
            best < 0 ? 0 : room[best] * CellSize);
    }

    private static Place MiddleOf(int column, int row) => new((column + 0.5) * CellSize, (row + 0.5) * CellSize);

    private static void Judge(ZoneQuestion question, ZoneWish wish, Place white, List<ZoneReason> reasons)
    {
        var index = IndexOf(question.Balls, wish.Pot.Ball);
        if (index < 0)
        {
            reasons.Add(new ZoneReason(ZoneFault.Shut, wish.Pot, double.NaN));
            return;
        }

        var balls = question.Balls as PlacedBall[] ?? [.. question.Balls];
        var (ball, diameter) = (balls[index].Place, question.Table.Diameter);
        var line = PottingLine.Between(white, ball, wish.Pot, question.Table, diameter);
        if (!line.IsReachable || line.CutDegrees < wish.LeastCutDegrees || line.CutDegrees > wish.MostCutDegrees)
            reasons.Add(new ZoneReason(ZoneFault.Cut, wish.Pot, line.CutDegrees));
        else if (Corridor.IsBlocked(balls, white, line.Contact, index, diameter)
            || Corridor.IsBlocked(balls, ball, line.Target, index, diameter))
            reasons.Add(new ZoneReason(ZoneFault.Shut, wish.Pot, line.CutDegrees));
        if (line.WhiteDistance < wish.LeastMetres || line.WhiteDistance > wish.MostMetres)
            reasons.Add(new ZoneReason(ZoneFault.Distance, wish.Pot, line.WhiteDistance));
        if (wish.Side is { } side && line.SideFor(wish.Pot.Pocket) != side)
            reasons.Add(new ZoneReason(ZoneFault.Side, wish.Pot, line.CutDegrees));
        if (!question.RestAllowed && reasons.Count == 0
            && StanceFinder.BestAt(question.Player, white, line.AimHeading).Way > BridgeWay.Stretched)
            reasons.Add(new ZoneReason(ZoneFault.Reach, wish.Pot, 0));
    }

    private static int IndexOf(IReadOnlyList<PlacedBall> balls, BallId ball)
    {
        for (var i = 0; i < balls.Count; i++)
        {
            if (balls[i].Ball == ball) return i;
        }

        return -1;
    }

    /// <summary>
    /// Distance of each cell to the edge of the zone in cells, over the eight neighbours (two passes; Rosenfeld and Pfaltz 1966).
    /// </summary>
    private static double[] Room(bool[] inside, int columns, int rows)
    {
        var diagonal = Math.Sqrt(2);
        var room = new double[inside.Length];
        for (var pass = 0; pass < 2; pass++)
        {
            for (var step = 0; step < inside.Length; step++)
            {
                var i = pass == 0 ? step : inside.Length - 1 - step;
                if (!inside[i]) continue;
                var way = pass == 0 ? -1 : 1;
                var near = Math.Min(Math.Min(At(i, way, 0) + 1, At(i, 0, way) + 1),
                    Math.Min(At(i, way, way) + diagonal, At(i, -way, way) + diagonal));
                room[i] = pass == 0 ? near : Math.Min(room[i], near);
            }
        }

        return room;

        double At(int i, int alongColumns, int alongRows)
        {
            var (column, row) = (i % columns + alongColumns, i / columns + alongRows);
            return column < 0 || row < 0 || column >= columns || row >= rows ? 0 : room[row * columns + column];
        }
    }
}
