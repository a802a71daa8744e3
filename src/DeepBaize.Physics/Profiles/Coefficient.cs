using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Profiles;

/// <summary>
/// One adjustable number of a table, its pockets, the balls or the cue, and its range.
/// </summary>
/// <param name="Field">The field as requests name it, such as <c>table.cushionFriction</c>.</param>
/// <param name="Unit">Its unit; empty for a plain number.</param>
/// <param name="Least">Lower end of its range.</param>
/// <param name="IsLeastAllowed">True when the lower end itself is allowed.</param>
/// <param name="Most">Upper end of its range, always allowed.</param>
/// <param name="Of">Its value in given conditions.</param>
public sealed record Coefficient(
    string Field, string Unit, double Least, bool IsLeastAllowed, double Most, Func<PlayingConditions, double> Of)
{
    /// <summary>What is wrong with a value, or null.</summary>
    public ConditionProblem? Problem(double value) =>
        (IsLeastAllowed ? value >= Least : value > Least) && value <= Most
            ? null
            : new ConditionProblem(Field, ConditionFault.OutOfRange, value);
}

/// <summary>Why conditions cannot be simulated.</summary>
public enum ConditionFault
{
    /// <summary>A coefficient is outside its range.</summary>
    OutOfRange,

    /// <summary>The nose is lower than the middle of a ball, or so high that it wedges the ball.</summary>
    NoseHeight,

    /// <summary>The cushions grip so much at this nose height that a ball could be lifted off the bed.</summary>
    CushionFriction,

    /// <summary>The nap pulls so hard that a ball would hardly stop.</summary>
    Nap,

    /// <summary>The pockets cannot be cut like this.</summary>
    Pockets,
}

/// <summary>One thing that cannot be simulated.</summary>
/// <param name="Field">The field as requests name it.</param>
/// <param name="Fault">What is wrong.</param>
/// <param name="Given">The value that was given.</param>
/// <param name="Limit">The friction that must not be reached, or the most that the nap may pull; for those faults alone.</param>
/// <param name="Pockets">What is impossible about the pockets; for that fault alone.</param>
public sealed record ConditionProblem(
    string Field, ConditionFault Fault, double Given = 0, double Limit = 0, PocketFlaw? Pockets = null);
