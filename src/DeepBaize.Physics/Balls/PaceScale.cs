namespace DeepBaize.Physics.Balls;

/// <summary>A pace of a player's own scale that was measured.</summary>
/// <param name="Pace">The number that the player gives it, 1 to 10.</param>
/// <param name="WhiteSpeed">Mean speed in m/s with which the white left the tip.</param>
/// <param name="Scatter">Standard deviation of that speed as a share of it; 0 when it was tried once.</param>
public readonly record struct PaceMark(double Pace, double WhiteSpeed, double Scatter);

/// <summary>Why strokes make no scale.</summary>
public enum PaceFault
{
    /// <summary>A pace is off the scale.</summary>
    OffScale,

    /// <summary>A speed of the white is out of range.</summary>
    Speed,

    /// <summary>A scatter is out of range.</summary>
    Scatter,

    /// <summary>A white ran no length, or farther than it can.</summary>
    Run,

    /// <summary>A pace is there twice.</summary>
    Twice,

    /// <summary>A harder pace came out softer.</summary>
    Softer,
}

/// <summary>What is wrong with strokes that make no scale.</summary>
/// <param name="Fault">What is wrong.</param>
/// <param name="Pace">The pace concerned.</param>
/// <param name="Softer">The softer pace beside it; for paces that do not rise alone.</param>
public sealed record PaceProblem(PaceFault Fault, double Pace, double Softer = 0);

/// <summary>
/// A player's own scale from 1 to 10. Between measured paces equal steps of pace are equal ratios of speed, as on the house's scale; beyond
/// them the house's ratio goes on. A harder pace is always faster.
/// </summary>
public sealed class PaceScale
{
    /// <summary>The white's speed in m/s that a measured pace must exceed.</summary>
    public const double SlowestMark = 0.05;

    /// <summary>The greatest speed of a measured pace in m/s.</summary>
    public const double FastestMark = 15;

    private readonly IReadOnlyList<PaceMark> _marks;

    private PaceScale(IReadOnlyList<PaceMark> marks) => _marks = marks;

    /// <summary>The house's scale, until a player's strokes are measured.</summary>
    public static PaceScale House { get; } = new([]);

    /// <summary>The paces that were measured, in rising order; empty for the house's scale.</summary>
    public IReadOnlyList<PaceMark> Marks => _marks;

    /// <summary>A scale through measured paces.</summary>
    /// <param name="marks">Paces in any order, each once.</param>
    /// <param name="problem">Why they make no scale; null when they do.</param>
    /// <returns>The scale; null when there is a problem.</returns>
    public static PaceScale? TryBuild(IEnumerable<PaceMark> marks, out PaceProblem? problem)
    {
        var sorted = marks.OrderBy(mark => mark.Pace).ToList();
        problem = Flaw(sorted);
        return problem is null ? new PaceScale(sorted) : null;
    }

    /// <summary>White speed in m/s of a pace, 1 to 10.</summary>
    public double ToSpeed(double pace)
    {
        if (_marks.Count == 0) return Pace.ToSpeed(pace);
        if (pace <= _marks[0].Pace) return _marks[0].WhiteSpeed * House.Ratio(_marks[0].Pace, pace);
        for (var i = 1; i < _marks.Count; i++)
        {
            var (a, b) = (_marks[i - 1], _marks[i]);
            if (pace <= b.Pace) return a.WhiteSpeed * Math.Pow(b.WhiteSpeed / a.WhiteSpeed, (pace - a.Pace) / (b.Pace - a.Pace));
        }

        return _marks[^1].WhiteSpeed * House.Ratio(_marks[^1].Pace, pace);
    }

    /// <summary>The pace, also off the scale, of a white speed in m/s above 0.</summary>
    public double FromSpeed(double speed)
    {
        if (_marks.Count == 0) return Pace.FromSpeed(speed);
        if (speed <= _marks[0].WhiteSpeed) return _marks[0].Pace + Pace.FromSpeed(speed) - Pace.FromSpeed(_marks[0].WhiteSpeed);
        for (var i = 1; i < _marks.Count; i++)
        {
            var (a, b) = (_marks[i - 1], _marks[i]);
            if (speed <= b.WhiteSpeed)
                return a.Pace + (b.Pace - a.Pace) * Math.Log(speed / a.WhiteSpeed) / Math.Log(b.WhiteSpeed / a.WhiteSpeed);
        }

        return _marks[^1].Pace + Pace.FromSpeed(speed) - Pace.FromSpeed(_marks[^1].WhiteSpeed);
    }

    /// <summary>Scatter of the speed at a pace as a share of it, between measured paces in proportion; null on the house's scale.</summary>
    public double? ScatterAt(double pace)
    {
        if (_marks.Count == 0) return null;
        if (pace <= _marks[0].Pace) return _marks[0].Scatter;
        for (var i = 1; i < _marks.Count; i++)
        {
            var (a, b) = (_marks[i - 1], _marks[i]);
            if (pace <= b.Pace) return a.Scatter + (b.Scatter - a.Scatter) * (pace - a.Pace) / (b.Pace - a.Pace);
        }

        return _marks[^1].Scatter;
    }

    private double Ratio(double from, double to) => ToSpeed(Math.Clamp(to, Pace.Softest, Pace.Hardest)) / ToSpeed(from);

    private static PaceProblem? Flaw(List<PaceMark> marks)
    {
        foreach (var mark in marks)
        {
            if (!(mark.Pace is >= Pace.Softest and <= Pace.Hardest)) return new(PaceFault.OffScale, mark.Pace);
            if (!(mark.WhiteSpeed > SlowestMark && mark.WhiteSpeed <= FastestMark)) return new(PaceFault.Speed, mark.Pace);
            if (!(mark.Scatter is >= 0 and < 1)) return new(PaceFault.Scatter, mark.Pace);
        }

        for (var i = 1; i < marks.Count; i++)
        {
            if (marks[i].Pace == marks[i - 1].Pace) return new(PaceFault.Twice, marks[i].Pace);
            if (marks[i].WhiteSpeed <= marks[i - 1].WhiteSpeed) return new(PaceFault.Softer, marks[i].Pace, marks[i - 1].Pace);
        }

        return null;
    }
}
