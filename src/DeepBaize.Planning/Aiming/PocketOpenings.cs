using System.Collections.Concurrent;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;

namespace DeepBaize.Planning.Aiming;

/// <summary>
/// The lines on which a ball drops that comes to a pocket at an angle, in metres across its way at the middle of the throat.
/// </summary>
/// <param name="Right">The edge to the right of the ball's way; greater than the left edge when no line drops.</param>
/// <param name="Left">The edge to the left.</param>
public readonly record struct Opening(double Right, double Left)
{
    /// <summary>Width in metres; 0 when nothing drops.</summary>
    public double Width => Math.Max(0, Left - Right);

    /// <summary>Its middle.</summary>
    public double Middle => (Left + Right) / 2;
}

/// <summary>
/// What the pockets of a table take by angle, simulated once for each table with a ball that rolls in at a middling pace: the ground of
/// quick estimates.
/// </summary>
public sealed class PocketOpenings
{
    private const int StepDegrees = 5;
    private const int MostDegrees = 75;
    private const double Speed = 1.2;
    private const double Far = 0.06;
    private const double Scan = 0.004;
    private const int Halvings = 4;

    /// <summary>Tables that are remembered at a time; requests may bring any number of them.</summary>
    private const int MostKnown = 64;

    private static readonly CueCoefficients AnyCue = new();

    private static readonly ConcurrentDictionary<PlayingConditions, PocketOpenings> Known = new();

    private readonly TableOutline _outline;
    private readonly Opening[] _corner;
    private readonly Opening[] _middle;

    private PocketOpenings(TableInUse table)
    {
        _outline = table.Outline;
        var simulation = new TableSimulation(table.Conditions, table.Outline);
        _corner = Measure(simulation, table, PocketId.TopGreenSide);
        _middle = Measure(simulation, table, PocketId.MiddleGreenSide);
    }

    /// <summary>The openings of a table.</summary>
    public static PocketOpenings Of(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        // Who plays, with which cue and paces, makes no difference to what a pocket takes.
        var key = table.Conditions with { Cue = AnyCue };
        if (Known.TryGetValue(key, out var known)) return known;
        if (Known.Count >= MostKnown) Known.Clear();
        return Known.GetOrAdd(key, _ => new PocketOpenings(table));
    }

    /// <summary>What a pocket takes of a ball at a place.</summary>
    /// <param name="pocket">The pocket.</param>
    /// <param name="ball">Centre of the ball.</param>
    /// <param name="throat">The middle of the throat, to which offsets are told.</param>
    public Opening At(PocketId pocket, Place ball, out Place throat)
    {
        var mouth = _outline.Mouths[(int)pocket];
        throat = mouth.ThroatMiddle;
        var (wx, wy) = (throat.X - ball.X, throat.Y - ball.Y);
        var degrees = Math.Atan2(mouth.Axis.X * wy - mouth.Axis.Y * wx, mouth.Axis.X * wx + mouth.Axis.Y * wy) * 180 / Math.PI;
        var openings = pocket is PocketId.MiddleYellowSide or PocketId.MiddleGreenSide ? _middle : _corner;
        if (!(Math.Abs(degrees) < MostDegrees)) return new Opening(0, 0);
        var at = (degrees + MostDegrees) / StepDegrees;
        var (low, share) = ((int)at, at - (int)at);
        var (a, b) = (openings[low], openings[low + 1]);
        // Beside an angle at which nothing drops the opening narrows to nothing.
        if (a.Width == 0 || b.Width == 0)
            return a.Width + b.Width == 0 ? new Opening(0, 0) : Narrowed(a.Width > 0 ? a : b, a.Width > 0 ? 1 - share : share);
        return new Opening(a.Right + (b.Right - a.Right) * share, a.Left + (b.Left - a.Left) * share);
    }

    private static Opening Narrowed(Opening opening, double share) =>
        new(opening.Middle - opening.Width / 2 * share, opening.Middle + opening.Width / 2 * share);

    /// <summary>The openings from one side to the other; a pocket is the same seen in the mirror.</summary>
    private static Opening[] Measure(TableSimulation simulation, TableInUse table, PocketId pocket)
    {
        var measured = Enumerable.Range(0, MostDegrees / StepDegrees + 1)
            .Select(step => Measure(simulation, table, pocket, step * StepDegrees)).ToList();
        return [.. Enumerable.Range(-MostDegrees / StepDegrees, 2 * MostDegrees / StepDegrees + 1)
            .Select(step => step < 0 ? Mirrored(measured[-step]) : measured[step])];
    }

    private static Opening Mirrored(Opening opening) => new(-opening.Left, -opening.Right);

    private static Opening Measure(TableSimulation simulation, TableInUse table, PocketId pocket, double degrees)
    {
        var (best, from, last) = (new Opening(0, 0), double.NaN, double.NaN);
        for (var offset = -Far; offset <= Far + 1e-9; offset += Scan)
        {
            if (!Drops(offset)) from = double.NaN;
            else
            {
                if (double.IsNaN(from)) from = offset;
                last = offset;
                if (last - from >= best.Width) best = new Opening(from, last);
            }
        }

        return best is { Right: 0, Left: 0 } ? best : new Opening(Edge(best.Right, -Scan), Edge(best.Left, Scan));

        double Edge(double inside, double step)
        {
            for (var i = 0; i < Halvings; i++)
            {
                step /= 2;
                if (Drops(inside + step)) inside += step;
            }

            return inside;
        }

        bool Drops(double offset)
        {
            var mouth = table.Outline.Mouths[(int)pocket];
            var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
            var (wx, wy) = (mouth.Axis.X * cos - mouth.Axis.Y * sin, mouth.Axis.Y * cos + mouth.Axis.X * sin);
            for (var run = 0.6; run > 0.15; run -= 0.05)
            {
                var start = mouth.ThroatMiddle.Offset(-wx * run - wy * offset, -wy * run + wx * offset);
                if (LayoutRules.TryBuild(
                    [new PlacedBall(BallId.Cue, start)], table.Outline, table.Conditions.Gauge, LayoutMode.Free,
                    out _) is not { } layout) continue;
                var velocity = new Vec3(wx, wy, 0) * Speed;
                var spin = new Vec3(-wy, wx, 0) * (Speed / table.Conditions.Balls.Radius);
                return simulation.Play(layout, velocity, spin).Potted.Any(potted => potted.Pocket == pocket);
            }

            return false;
        }
    }
}
