using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using MathNet.Numerics.Statistics;

namespace DeepBaize.Planning.Players;

/// <summary>Strokes played at one pace up the table, and how far each ran.</summary>
/// <param name="Pace">The player's number for it, 1 to 10.</param>
/// <param name="Lengths">Lengths that the white ran, each above 0.</param>
public sealed record PaceTrial(double Pace, IReadOnlyList<double> Lengths);

/// <summary>Turns lengths that a white ran into speeds, on a table.</summary>
public sealed class RunLengths
{
    /// <summary>The most lengths that a white is taken to run.</summary>
    public const double Longest = 12;

    private const int Halvings = 40;

    private readonly TableInUse _table;
    private readonly TableSimulation _simulation;

    /// <summary>Prepares a table; one instance serves one thread.</summary>
    public RunLengths(TableInUse table)
    {
        ArgumentNullException.ThrowIfNull(table);
        (_table, _simulation) = (table, new TableSimulation(table.Conditions, table.Outline));
    }

    /// <summary>Lengths that the white runs at a speed in m/s.</summary>
    public double Of(double whiteSpeed) => RunLength.Of(_simulation, _table.Conditions, _table.Outline, whiteSpeed);

    /// <summary>The speed in m/s at which the white runs so many lengths, above 0.</summary>
    public double SpeedFor(double lengths)
    {
        var (low, high) = (PaceScale.SlowestMark, PaceScale.FastestMark);
        for (var i = 0; i < Halvings; i++)
        {
            var middle = (low + high) / 2;
            if (Of(middle) < lengths) low = middle;
            else high = middle;
        }

        return (low + high) / 2;
    }

    /// <summary>A player's scale from trials on this table.</summary>
    /// <param name="trials">At least one, each pace once.</param>
    /// <param name="problem">Why they make no scale; null when they do.</param>
    public PaceScale? Scale(IEnumerable<PaceTrial> trials, out PaceProblem? problem)
    {
        var marks = new List<PaceMark>();
        foreach (var trial in trials)
        {
            if (trial.Lengths.Count == 0 || trial.Lengths.Any(length => !(length is > 0 and <= Longest)))
            {
                problem = new(PaceFault.Run, trial.Pace);
                return null;
            }

            var speeds = trial.Lengths.Select(SpeedFor).ToList();
            marks.Add(new PaceMark(trial.Pace, speeds.Average(), speeds.Count > 1 ? speeds.StandardDeviation() / speeds.Average() : 0));
        }

        return PaceScale.TryBuild(marks, out problem);
    }
}
