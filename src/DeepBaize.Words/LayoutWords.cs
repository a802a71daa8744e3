using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Words;

/// <summary>Says why balls cannot stand as given.</summary>
public static class LayoutWords
{
    /// <summary>What is wrong, in a sentence. Reds have their numbers, which tell one from another.</summary>
    public static string Say(LayoutProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var ball = problem.Ball is { } concerned ? The(concerned) : "";
        var other = problem.Other is { } second ? The(second) : "";
        return problem.Fault switch
        {
            LayoutFault.NotFinite => $"The place of {ball} is not a pair of finite numbers.",
            LayoutFault.OffTheTable => $"{EventWords.Capital(ball)} is not on the bed of the table.",
            LayoutFault.Overlap => $"{EventWords.Capital(other)} and {ball} overlap by {problem.Amount * 1000:0.###} mm.",
            LayoutFault.Duplicate => $"{EventWords.Capital(ball)} is given {problem.Amount:0} times; there is only one.",
            LayoutFault.TooMany => $"There are {problem.Amount:0} balls; a set has {BallSet.Count}.",
            LayoutFault.NoWhite => "The white is missing; lay it on the table first.",
            LayoutFault.NotTouching => $"{EventWords.Capital(other)} and {ball} are said to touch, but do not.",
            _ => problem.Other is null
                ? $"In a frame {ball} is on the table while a red is."
                : $"In a frame {ball} cannot be gone while {other} is up.",
        };
    }

    /// <summary>What stopped balls that were moved together.</summary>
    public static string StoppedBy(LayoutProblem problem) => "That is as far as they go. " + problem switch
    {
        { Fault: LayoutFault.Overlap, Ball: { } ball } => $"{EventWords.Capital(The(ball))} is in the way or would lie in another ball.",
        { Fault: LayoutFault.OffTheTable, Ball: { } ball } => $"{EventWords.Capital(The(ball))} would leave the bed.",
        _ => Say(problem),
    };

    /// <summary>That a ball laid while nobody settled it has no room there.</summary>
    public static string NoRoom(BallId ball, LayoutProblem problem) =>
        $"{EventWords.Capital(The(ball))} has no room where it was laid: {Say(problem)}";

    /// <summary>That a ball was moved to where there is room.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="metres">How far.</param>
    public static string Moved(BallId ball, double metres) =>
        $"{EventWords.Capital(The(ball))} moved {metres * 1000:0.0} mm to where there is room.";

    /// <summary>That there was no room where a ball was let go; null when it stands there, or was drawn from there.</summary>
    /// <param name="ball">The ball.</param>
    /// <param name="settled">Where it stands.</param>
    /// <param name="wanted">Where it was let go.</param>
    public static string? NoRoom(BallId ball, SettledPlace settled, Place wanted)
    {
        ArgumentNullException.ThrowIfNull(settled);
        return settled.Loose.DistanceTo(wanted) <= Layout.RoundingOverlap ? null
            : $"No room there: {The(ball)} stands as near as it can.";
    }

    private static string The(BallId ball) => new BallNames(true).The(ball);
}
