using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Players;

namespace DeepBaize.Words;

/// <summary>Says why strokes make no pace scale.</summary>
public static class PaceWords
{
    /// <summary>What is wrong, in a sentence.</summary>
    public static string Say(PaceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var pace = $"Pace {problem.Pace:0.#}";
        return problem.Fault switch
        {
            PaceFault.OffScale => OffScale,
            PaceFault.Speed => $"{pace}: a white speed lies between {PaceScale.SlowestMark} and {PaceScale.FastestMark} m/s.",
            PaceFault.Scatter => $"{pace}: a scatter is 0 or more and less than 1.",
            PaceFault.Run => $"{pace}: a run is more than 0 and at most {RunLengths.Longest} lengths.",
            PaceFault.Twice => $"{pace} is there twice.",
            _ => $"{pace} came out softer than pace {problem.Softer:0.#}: a harder pace must run farther. Play those two again.",
        };
    }

    /// <summary>The speeds of measured paces, and how far they scatter.</summary>
    public static string Measured(PaceScale scale)
    {
        ArgumentNullException.ThrowIfNull(scale);
        return string.Join(" ", scale.Marks.Select(mark => $"{EventWords.Capital(StrokeWords.PaceInWords(mark.Pace))}: "
            + $"{mark.WhiteSpeed:0.00} m/s, give or take {100 * mark.Scatter:0} in 100."));
    }

    /// <summary>How far a pace runs, and how far the ends of strokes scatter.</summary>
    /// <param name="pace">The pace.</param>
    /// <param name="lengths">Lengths that it runs.</param>
    /// <param name="half">Half of the strokes stop within so many metres of that.</param>
    public static string Finish(double pace, double lengths, double half) =>
        $"Pace {pace:0} runs {lengths:0.0} lengths; half of the strokes stop within {100 * half:0} cm of that.";

    /// <summary>That a pace is not on the scale.</summary>
    public static string OffScale { get; } = $"A pace lies between {Pace.Softest} and {Pace.Hardest}.";
}
