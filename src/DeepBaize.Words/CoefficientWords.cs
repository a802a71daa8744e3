using DeepBaize.Physics.Profiles;
using DeepBaize.Table.Outline;

namespace DeepBaize.Words;

/// <summary>What the coefficients of tables, balls and cues are called, where their defaults come from, and what cannot be.</summary>
public static class CoefficientWords
{
    private const string Memory = "estimate, from memory";
    private const string Mathavan2009 = "Mathavan, Jackson and Parkin 2009";
    private const string Mathavan2010 = "Mathavan, Jackson and Parkin 2010";
    private const string Marlow = "Marlow's data as fitted by Alciatore, technical proof A.14";

    private static readonly Dictionary<string, (string Name, string Source)> Known = new(StringComparer.Ordinal)
    {
        ["table.slidingFriction"] = (
            "friction of a slipping ball on the cloth", $"0.178-0.245 measured on snooker cloth, {Mathavan2009}"),
        ["table.rollingFriction"] = ("deceleration of a rolling ball over gravity", $"{Memory}; 0.0127 in {Mathavan2009}"),
        ["table.spinDeceleration"] = ("loss of vertical spin", $"{Memory}; 5-15 quoted for pool cloth"),
        ["table.nap"] = ("pull of the nap on a rolling ball, up the table, over gravity", "estimate, common practice, no source"),
        ["table.gravity"] = ("acceleration of free fall", "standard"),
        ["table.bedRestitution"] = ("restitution of a ball that lands on the bed", Memory),
        ["table.cushionRestitution"] = ("energetic restitution of the cushions at vanishing speed", Mathavan2010),
        ["table.cushionRestitutionLoss"] = (
            "its loss with normal speed", "chosen so that pace 10 runs about 3.9 lengths (common practice, no source)"),
        ["table.cushionFriction"] = ("friction between ball and cushion at vanishing slip", Mathavan2010),
        ["table.cushionFrictionFall"] = (
            "fall of that friction with slip speed", "chosen so that side bites less at pace (common practice, no source)"),
        ["table.noseHeight"] = ("height of the cushion's nose above the bed", $"7R/5, {Mathavan2010}"),
        ["table.cushionLiveliness.baulk"] = ("restitution of the baulk cushion beside the others", Memory),
        ["table.cushionLiveliness.top"] = ("restitution of the top cushion beside the others", Memory),
        ["table.cushionLiveliness.yellowSide"] = ("restitution of the cushions of the yellow side beside the others", Memory),
        ["table.cushionLiveliness.greenSide"] = ("restitution of the cushions of the green side beside the others", Memory),
        ["pockets.cornerThroat"] = ("narrowest width between the jaws of a corner pocket", Memory),
        ["pockets.cornerJawRadius"] = ("radius of the jaws of a corner pocket", Memory),
        ["pockets.cornerDrop"] = ("distance of the drop edge behind the corner's throat", Memory),
        ["pockets.middleThroat"] = ("narrowest width between the jaws of a middle pocket", Memory),
        ["pockets.middleJawRadius"] = ("radius of the jaws of a middle pocket", Memory),
        ["pockets.middleDrop"] = ("distance of the drop edge behind the nose line of a middle pocket", Memory),
        ["pockets.dropRadius"] = ("radius of the circle along which the slate falls away", Memory),
        ["pockets.edgeRadius"] = ("radius to which the slate's edge is rounded", Memory),
        ["pockets.backDepth"] = ("distance of the back of a pocket behind the nearest point of the drop edge", Memory),
        ["pockets.edgeRestitution"] = ("restitution of that edge", Memory),
        ["pockets.backRestitution"] = ("restitution of the back of a pocket", Memory),
        ["pockets.jawFactor"] = ("restitution of a jaw at any speed as a share of its cushion's at vanishing speed", Memory),
        ["balls.diameter"] = ("diameter of a ball", "official rules, section 1"),
        ["balls.mass"] = ("mass of a ball", $"{Memory}; the rules only ask that balls weigh alike"),
        ["balls.restitution"] = ("restitution between balls", $"{Memory}; 0.89 to 0.98 published"),
        ["balls.frictionFactor"] = ("condition of the balls, a factor on their friction: 1 clean, 2 dirty", Memory),
        ["balls.frictionA"] = ("constant part of the friction between balls", Marlow),
        ["balls.frictionB"] = ("part that vanishes with slip speed", Marlow),
        ["balls.frictionC"] = ("rate at which it vanishes", Marlow),
        ["cue.mass"] = ("mass of the cue", Memory),
        ["cue.endMassRatio"] = ("ball mass over the cue's effective end mass", Memory),
        ["cue.maxSpeed"] = ("greatest cue speed that the player delivers", Memory),
    };

    /// <summary>What it is.</summary>
    public static string Name(Coefficient coefficient) => Known[coefficient.Field].Name;

    /// <summary>Where the club's value comes from.</summary>
    public static string Source(Coefficient coefficient) => Known[coefficient.Field].Source;

    /// <summary>Why conditions cannot be simulated, in a sentence.</summary>
    public static string Say(ConditionProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return problem.Fault switch
        {
            ConditionFault.OutOfRange => $"{problem.Field} {Range(problem.Field)}; {problem.Given} was given.",
            ConditionFault.NoseHeight => $"{problem.Field} lies between the ball's radius and 1.5 radii; {problem.Given} was given.",
            ConditionFault.CushionFriction =>
                $"{problem.Field} lies between 0 and below {problem.Limit:0.000} at this nose height; {problem.Given} was given.",
            ConditionFault.Nap =>
                $"{problem.Field} is at most half the rolling friction, here {problem.Limit:0.0000}; {problem.Given} was given.",
            _ => Say(problem.Pockets!.Value),
        };
    }

    private static string Range(string field)
    {
        var known = Coefficients.All.Single(coefficient => coefficient.Field == field);
        return known.IsLeastAllowed
            ? $"lies between {known.Least} and {known.Most}"
            : $"is more than {known.Least} and at most {known.Most}";
    }

    private static string Say(PocketFlaw flaw) => flaw switch
    {
        PocketFlaw.Size => $"Each size of a pocket lies between 0 and {PocketCut.LargestSize} m.",
        PocketFlaw.NoEnds => "These corner pockets leave no straight cushion at the ends of the table.",
        PocketFlaw.Shallow => "The back of these pockets hangs so near behind the drop that no ball fits in.",
        PocketFlaw.NoSides => "These pockets leave no straight cushion along the sides of the table.",
        _ => "The drop of these corner pockets would begin in front of the cushions.",
    };
}
