using DeepBaize.Physics.Balls;

namespace DeepBaize.Physics.Profiles;

/// <summary>
/// One adjustable number of a table, its pockets, the balls or the cue: what it is, in which range, and where its default comes from.
/// </summary>
/// <param name="Field">The field as requests name it, such as <c>table.cushionFriction</c>.</param>
/// <param name="Name">What it is, in words.</param>
/// <param name="Unit">Its unit; empty for a plain number.</param>
/// <param name="Least">Lower end of its range.</param>
/// <param name="IsLeastAllowed">True when the lower end itself is allowed.</param>
/// <param name="Most">Upper end of its range, always allowed.</param>
/// <param name="Source">Where the club's value comes from.</param>
/// <param name="Of">Its value in given conditions.</param>
public sealed record Coefficient(
    string Field, string Name, string Unit, double Least, bool IsLeastAllowed, double Most, string Source,
    Func<PlayingConditions, double> Of)
{
    /// <summary>What is wrong with a value, or null.</summary>
    public ConditionProblem? Problem(double value)
    {
        if ((IsLeastAllowed ? value >= Least : value > Least) && value <= Most) return null;
        var range = IsLeastAllowed ? $"lies between {Least} and {Most}" : $"is more than {Least} and at most {Most}";
        return new ConditionProblem(Field, $"{Field} {range}; {value} was given.");
    }
}

/// <summary>One value that cannot be simulated.</summary>
/// <param name="Field">The field as requests name it.</param>
/// <param name="Sentence">What is allowed, in a sentence.</param>
public sealed record ConditionProblem(string Field, string Sentence);
