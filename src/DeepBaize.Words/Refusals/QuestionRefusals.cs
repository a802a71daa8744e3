using DeepBaize.Rules;
using DeepBaize.Table;

namespace DeepBaize.Words.Refusals;

/// <summary>Why questions about strokes and breaks are refused.</summary>
public static class QuestionRefusals
{
    /// <summary>Too few or too many strokes to compare.</summary>
    public static Refused HowManyStrokes(int most) => new("How many?", $"Between 2 and {most} strokes are laid side by side.");

    /// <summary>A pot whose ball is not on.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="on">What is on.</param>
    public static Refused NotOn(BallId ball, BallOn on) => new(
        "Not on", $"The {NameWords.Of(ball)} is not on: {StateWords.On(on)} is.");

    /// <summary>Cuts or distances whose least is greater than their greatest.</summary>
    public static Refused Backwards { get; } = new(
        "A range the wrong way round", "The least cut and distance are not greater than the greatest.");

    /// <summary>A side of the ball that is none.</summary>
    public static Refused Side { get; } = new("Unknown side", "The white is wanted high, straight or low.");

    /// <summary>A doubt about the table that is none.</summary>
    public static Refused Doubt { get; } = new("Unknown doubt", "A table is unmeasured, measured, or taken as it stands: none.");

    /// <summary>A zone for nothing.</summary>
    public static Refused NoNextBall { get; } = new("No next ball", "Which ball is next? Name at least one pot that must be on.");

    /// <summary>A dial that is none.</summary>
    public static Refused Dial { get; } = new("Unknown dial", "The dial to sweep is height or pace.");

    /// <summary>Tries that do not close the place in.</summary>
    public static Refused NotBetween { get; } = new(
        "Not in between yet", "All tries fell on one side: play one that runs past and one that falls short first.");

    /// <summary>A goal of a visit that is none.</summary>
    public static Refused Goal { get; } = new("No such goal", "A visit is to score or to win the frame: score or secure.");

    /// <summary>A side of a colour that is none.</summary>
    public static Refused Approach { get; } = new("No such side", "Colours are come to high or low.");
}
