using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Profiles;

/// <summary>Every adjustable number in one place, with its range and the source of its default, and what goes together.</summary>
public static class Coefficients
{
    private const string Memory = "estimate, from memory";
    private const string Mathavan2009 = "Mathavan, Jackson and Parkin 2009";
    private const string Mathavan2010 = "Mathavan, Jackson and Parkin 2010";
    private const string Marlow = "Marlow's data as fitted by Alciatore, technical proof A.14";

    /// <summary>Greatest rolling resistance that is taken.</summary>
    public const double MostRollingFriction = 0.1;

    /// <summary>Greatest factor on the friction between balls that is taken.</summary>
    public const double MostBallFriction = 20;

    /// <summary>All coefficients, in the order in which a table is described.</summary>
    public static IReadOnlyList<Coefficient> All { get; } =
    [
        Within("table.slidingFriction", "friction of a slipping ball on the cloth", "", 0, 1,
            $"0.178-0.245 measured on snooker cloth, {Mathavan2009}", c => c.Table.SlidingFriction),
        Within("table.rollingFriction", "deceleration of a rolling ball over gravity", "", 0, MostRollingFriction,
            $"{Memory}; 0.0127 in {Mathavan2009}", c => c.Table.RollingFriction),
        Within("table.spinDeceleration", "loss of vertical spin", "rad/s^2", 0, 200, $"{Memory}; 5-15 quoted for pool cloth",
            c => c.Table.SpinDeceleration),
        Above("table.gravity", "acceleration of free fall", "m/s^2", 0, 30, "standard", c => c.Table.Gravity),
        Within("table.bedRestitution", "restitution of a ball that lands on the bed (not used until balls leave the bed)", "", 0, 1, Memory,
            c => c.Table.BedRestitution),
        Within("table.cushionRestitution", "energetic restitution of the cushions at vanishing speed", "", 0, 1, Mathavan2010,
            c => c.Table.CushionRestitution),
        Within("table.cushionRestitutionLoss", "its loss with normal speed", "s/m", 0, 1,
            "chosen so that pace 10 runs about 3.9 lengths (common practice, no source)", c => c.Table.CushionRestitutionLoss),
        Within("table.cushionFriction", "friction between ball and cushion at vanishing slip", "", 0, 0.58, Mathavan2010,
            c => c.Table.CushionFriction),
        Within("table.cushionFrictionFall", "fall of that friction with slip speed", "s/m", 0, 10,
            "chosen so that side bites less at pace (common practice, no source)", c => c.Table.CushionFrictionFall),
        Above("table.noseHeight", "height of the cushion's nose above the bed", "m", 0, 0.12, $"7R/5, {Mathavan2010}",
            c => c.Table.NoseHeight),
        Lively("baulk", "baulk cushion", c => c.Table.CushionLiveliness.Baulk),
        Lively("top", "top cushion", c => c.Table.CushionLiveliness.Top),
        Lively("yellowSide", "cushions of the yellow side", c => c.Table.CushionLiveliness.YellowSide),
        Lively("greenSide", "cushions of the green side", c => c.Table.CushionLiveliness.GreenSide),
        Above("pockets.cornerThroat", "narrowest width between the jaws of a corner pocket", "m", 0, 0.3, Memory,
            c => c.Pockets.CornerThroat),
        Above("pockets.cornerJawRadius", "radius of the jaws of a corner pocket", "m", 0, 0.3, Memory, c => c.Pockets.CornerJawRadius),
        Above("pockets.cornerDrop", "distance of the drop edge behind the corner's throat", "m", 0, 0.3, Memory, c => c.Pockets.CornerDrop),
        Above("pockets.middleThroat", "narrowest width between the jaws of a middle pocket", "m", 0, 0.3, Memory,
            c => c.Pockets.MiddleThroat),
        Above("pockets.middleJawRadius", "radius of the jaws of a middle pocket", "m", 0, 0.3, Memory, c => c.Pockets.MiddleJawRadius),
        Above("pockets.middleDrop", "distance of the drop edge behind the nose line of a middle pocket", "m", 0, 0.3, Memory,
            c => c.Pockets.MiddleDrop),
        Above("pockets.dropRadius", "radius of the circle along which the slate falls away", "m", 0, 0.3, Memory,
            c => c.Pockets.DropRadius),
        Within("pockets.jawFactor", "restitution of a jaw at any speed as a share of its cushion's at vanishing speed", "", 0, 1, Memory,
            c => c.JawFactor),
        Within("balls.diameter", "diameter of a ball", "m", 0.03, 0.08, "official rules, section 1", c => c.Balls.Diameter),
        Above("balls.mass", "mass of a ball", "kg", 0, 1, $"{Memory}; the rules only ask that balls weigh alike", c => c.Balls.Mass),
        Within("balls.restitution", "restitution between balls", "", 0, 1, $"{Memory}; 0.89 to 0.98 published", c => c.Balls.Restitution),
        Within("balls.frictionFactor", "condition of the balls, a factor on their friction: 1 clean, 2 dirty", "", 0, MostBallFriction,
            Memory, c => c.Balls.FrictionFactor),
        Within("balls.frictionA", "constant part of the friction between balls", "", 0, 1, Marlow, c => c.Balls.FrictionA),
        Within("balls.frictionB", "part that vanishes with slip speed", "", 0, 1, Marlow, c => c.Balls.FrictionB),
        Within("balls.frictionC", "rate at which it vanishes", "s/m", 0, 100, Marlow, c => c.Balls.FrictionC),
        Above("cue.mass", "mass of the cue", "kg", 0, 2, Memory, c => c.Cue.Mass),
        Within("cue.endMassRatio", "ball mass over the cue's effective end mass", "", 0, 1000, Memory, c => c.Cue.EndMassRatio),
        Above("cue.maxSpeed", "greatest cue speed that the player delivers", "m/s", 0, 20, Memory, c => c.Cue.MaxSpeed),
    ];

    /// <summary>Lists everything that keeps conditions from being simulated; empty when nothing does.</summary>
    public static IReadOnlyList<ConditionProblem> Problems(PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var found = All.Select(coefficient => coefficient.Problem(coefficient.Of(conditions))).OfType<ConditionProblem>().ToList();
        if (NoseProblem(conditions) is { } nose && found.TrueForAll(problem => problem.Field != nose.Field)) found.Add(nose);
        if (found.TrueForAll(problem => !problem.Field.StartsWith("pockets.", StringComparison.Ordinal))
            && TableOutline.Flaw(conditions.Pockets) is { } flaw)
            found.Add(new("pockets", flaw));
        return found;
    }

    private static ConditionProblem? NoseProblem(PlayingConditions conditions)
    {
        var sine = conditions.Gauge.NoseSine;
        // Higher noses wedge the ball against the bed: the impact would not end.
        if (!(sine >= 0 && sine <= 0.5))
            return new("table.noseHeight",
                $"table.noseHeight lies between the ball's radius and 1.5 radii; {conditions.Table.NoseHeight} was given.");

        var (friction, limit) = (conditions.Table.CushionFriction, CushionFrictionLimit(conditions));
        return friction == 0 || (friction > 0 && friction < limit)
            ? null
            : new("table.cushionFriction",
                $"table.cushionFriction lies between 0 and below {limit:0.000} at this nose height; {friction} was given.");
    }

    /// <summary>
    /// Friction between ball and cushion that must not be reached: above the tangent of the nose's lean it could lift the ball off the bed.
    /// </summary>
    /// <param name="conditions">The nose's height and the balls.</param>
    public static double CushionFrictionLimit(PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        return Math.Tan(Math.Asin(conditions.Gauge.NoseSine));
    }

    private static Coefficient Lively(string field, string cushion, Func<PlayingConditions, double> of) =>
        Within($"table.cushionLiveliness.{field}", $"restitution of the {cushion} beside the others", "", 0.5, 1.5, Memory, of);

    private static Coefficient Within(
        string field, string name, string unit, double least, double most, string source, Func<PlayingConditions, double> of) =>
        new(field, name, unit, least, true, most, source, of);

    private static Coefficient Above(
        string field, string name, string unit, double least, double most, string source, Func<PlayingConditions, double> of) =>
        new(field, name, unit, least, false, most, source, of);
}
