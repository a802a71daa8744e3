using DeepBaize.Planning.Aiming;
using DeepBaize.Table;

namespace DeepBaize.Planning.Leaves;

/// <summary>
/// Where the white comes to rest after a pot is played plainly, estimated in less than a microsecond: along the line of the final roll (5/7
/// of what the contact leaves it and 2/7 of the spin that it brings there), cushions return it as mirrors do and take of its run, and balls
/// do not stop it, since a player finds a way round them. It looks ahead; what is shown is simulated.
/// </summary>
public sealed class WhiteRuns
{
    /// <summary>How many runs there are.</summary>
    public const int Count = 5;

    /// <summary>Share of the run that is left after a cushion: about four fifths of the speed (estimate).</summary>
    private const double CushionKeeps = 0.6;

    private const int MostCushions = 4;

    /// <summary>
    /// Speed at the contact in m/s and roll as a share of the white's own (1 rolls, 0 is stunned, below it screws back): of twelve that
    /// were tried those that tell most of the points that follow; docs/planning-experiments.md.
    /// </summary>
    private static readonly (double Speed, double Roll)[] Strokes = [(0.9, 1), (0.9, 0), (1.5, 1), (1.5, 0), (1.5, -0.7)];

    private readonly double _slowing;
    private readonly double _radius;

    /// <summary>Prepares a table.</summary>
    public WhiteRuns(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_slowing, _radius) = (table.Conditions.Table.RollingFriction * table.Conditions.Table.Gravity, table.Diameter / 2);
    }

    /// <summary>Where the white comes to rest.</summary>
    /// <param name="white">Centre of the white before the stroke, not at the contact.</param>
    /// <param name="line">The pot.</param>
    /// <param name="into">Takes <see cref="Count"/> places.</param>
    public void Read(Place white, in PotLine line, Span<Place> into)
    {
        var run = white.DistanceTo(line.Contact);
        var (aimX, aimY) = ((line.Contact.X - white.X) / run, (line.Contact.Y - white.Y) / run);
        var along = aimX * line.Way.X + aimY * line.Way.Y;
        for (var i = 0; i < Count; i++)
        {
            var (speed, roll) = Strokes[i];
            var (across, forward) = (speed * 5 / 7, speed * roll * 2 / 7);
            into[i] = Stop(line.Contact, across * (aimX - along * line.Way.X) + forward * aimX,
                across * (aimY - along * line.Way.Y) + forward * aimY);
        }
    }

    /// <summary>Where a ball stops that leaves a place with a velocity.</summary>
    private Place Stop(Place from, double vx, double vy)
    {
        var speed = Math.Sqrt(vx * vx + vy * vy);
        if (speed < 1e-3) return from;
        var (x, y, dx, dy, left) = (from.X, from.Y, vx / speed, vy / speed, speed * speed / (2 * _slowing));
        for (var cushion = 0; cushion < MostCushions; cushion++)
        {
            var (toX, toY) = (ToCushion(x, dx, Measurements.Length), ToCushion(y, dy, Measurements.Width));
            var way = Math.Max(0, Math.Min(toX, toY));
            if (way >= left) break;
            (x, y, left) = (x + dx * way, y + dy * way, (left - way) * CushionKeeps);
            if (toX < toY) dx = -dx;
            else dy = -dy;
        }

        return new Place(Math.Clamp(x + dx * left, _radius, Measurements.Length - _radius),
            Math.Clamp(y + dy * left, _radius, Measurements.Width - _radius));
    }

    private double ToCushion(double at, double way, double size) =>
        way > 0 ? (size - _radius - at) / way : way < 0 ? (_radius - at) / way : double.PositiveInfinity;
}
