using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Profiles;

/// <summary>
/// Every adjustable number in one place, with its range, and what goes together. What each is called and the source of its default stand
/// in the assembly of words.
/// </summary>
public static class Coefficients
{
    /// <summary>Greatest rolling resistance that is taken.</summary>
    public const double MostRollingFriction = 0.1;

    /// <summary>Greatest factor on the friction between balls that is taken.</summary>
    public const double MostBallFriction = 20;

    /// <summary>All coefficients, in the order in which a table is described.</summary>
    public static IReadOnlyList<Coefficient> All { get; } =
    [
        Within("table.slidingFriction", "", 0, 1, c => c.Table.SlidingFriction),
        Within("table.rollingFriction", "", 0, MostRollingFriction, c => c.Table.RollingFriction),
        Within("table.spinDeceleration", "rad/s^2", 0, 200, c => c.Table.SpinDeceleration),
        Within("table.nap", "", 0, 0.005, c => c.Table.Nap),
        Above("table.gravity", "m/s^2", 0, 30, c => c.Table.Gravity),
        Within("table.bedRestitution", "", 0, 1, c => c.Table.BedRestitution),
        Within("table.cushionRestitution", "", 0, 1, c => c.Table.CushionRestitution),
        Within("table.cushionRestitutionLoss", "s/m", 0, 1, c => c.Table.CushionRestitutionLoss),
        Within("table.cushionFriction", "", 0, 0.58, c => c.Table.CushionFriction),
        Within("table.cushionFrictionFall", "s/m", 0, 10, c => c.Table.CushionFrictionFall),
        Above("table.noseHeight", "m", 0, 0.12, c => c.Table.NoseHeight),
        Lively("baulk", c => c.Table.CushionLiveliness.Baulk),
        Lively("top", c => c.Table.CushionLiveliness.Top),
        Lively("yellowSide", c => c.Table.CushionLiveliness.YellowSide),
        Lively("greenSide", c => c.Table.CushionLiveliness.GreenSide),
        Above("pockets.cornerThroat", "m", 0, PocketCut.LargestSize, c => c.Pockets.CornerThroat),
        Above("pockets.cornerJawRadius", "m", 0, PocketCut.LargestSize, c => c.Pockets.CornerJawRadius),
        Above("pockets.cornerDrop", "m", 0, PocketCut.LargestSize, c => c.Pockets.CornerDrop),
        Above("pockets.middleThroat", "m", 0, PocketCut.LargestSize, c => c.Pockets.MiddleThroat),
        Above("pockets.middleJawRadius", "m", 0, PocketCut.LargestSize, c => c.Pockets.MiddleJawRadius),
        Above("pockets.middleDrop", "m", 0, PocketCut.LargestSize, c => c.Pockets.MiddleDrop),
        Above("pockets.dropRadius", "m", 0, PocketCut.LargestSize, c => c.Pockets.DropRadius),
        Within("pockets.edgeRadius", "m", 0, 0.03, c => c.Pockets.EdgeRadius),
        Above("pockets.backDepth", "m", 0, PocketCut.LargestSize, c => c.Pockets.BackDepth),
        Within("pockets.edgeRestitution", "", 0, 1, c => c.EdgeRestitution),
        Within("pockets.backRestitution", "", 0, 1, c => c.BackRestitution),
        Within("pockets.jawFactor", "", 0, 1, c => c.JawFactor),
        Within("balls.diameter", "m", 0.03, 0.08, c => c.Balls.Diameter),
        Above("balls.mass", "kg", 0, 1, c => c.Balls.Mass),
        Within("balls.restitution", "", 0, 1, c => c.Balls.Restitution),
        Within("balls.frictionFactor", "", 0, MostBallFriction, c => c.Balls.FrictionFactor),
        Within("balls.frictionA", "", 0, 1, c => c.Balls.FrictionA),
        Within("balls.frictionB", "", 0, 1, c => c.Balls.FrictionB),
        Within("balls.frictionC", "s/m", 0, 100, c => c.Balls.FrictionC),
        Above("cue.mass", "kg", 0, 2, c => c.Cue.Mass),
        Within("cue.endMassRatio", "", 0, 1000, c => c.Cue.EndMassRatio),
        Above("cue.maxSpeed", "m/s", 0, 20, c => c.Cue.MaxSpeed),
    ];

    /// <summary>Lists everything that keeps conditions from being simulated; empty when nothing does.</summary>
    public static IReadOnlyList<ConditionProblem> Problems(PlayingConditions conditions)
    {
        ArgumentNullException.ThrowIfNull(conditions);
        var found = All.Select(coefficient => coefficient.Problem(coefficient.Of(conditions))).OfType<ConditionProblem>().ToList();
        if (NoseProblem(conditions) is { } nose && found.TrueForAll(problem => problem.Field != nose.Field)) found.Add(nose);
        if (conditions.Table.Nap > conditions.Table.RollingFriction / 2)
            found.Add(new("table.nap", ConditionFault.Nap, conditions.Table.Nap, conditions.Table.RollingFriction / 2));
        if (found.TrueForAll(problem => !problem.Field.StartsWith("pockets.", StringComparison.Ordinal))
            && PocketProblem(conditions) is { } flaw)
            found.Add(new("pockets", ConditionFault.Pockets, Pockets: flaw));
        return found;
    }

    /// <summary>A ball must find room behind the middle of the drop, where no slate can hold it.</summary>
    private static PocketFlaw? PocketProblem(PlayingConditions conditions) => TableOutline.Flaw(conditions.Pockets)
        ?? (conditions.Pockets.BackDepth < conditions.Pockets.DropRadius + conditions.Balls.Radius ? PocketFlaw.Shallow : null);

    private static ConditionProblem? NoseProblem(PlayingConditions conditions)
    {
        var sine = conditions.Gauge.NoseSine;
        // Higher noses wedge the ball against the bed: the impact would not end.
        if (!(sine >= 0 && sine <= 0.5)) return new("table.noseHeight", ConditionFault.NoseHeight, conditions.Table.NoseHeight);
        var (friction, limit) = (conditions.Table.CushionFriction, CushionFrictionLimit(conditions));
        return friction == 0 || (friction > 0 && friction < limit)
            ? null
            : new("table.cushionFriction", ConditionFault.CushionFriction, friction, limit);
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

    private static Coefficient Lively(string cushion, Func<PlayingConditions, double> of) =>
        Within($"table.cushionLiveliness.{cushion}", "", 0.5, 1.5, of);

    private static Coefficient Within(string field, string unit, double least, double most, Func<PlayingConditions, double> of) =>
        new(field, unit, least, true, most, of);

    private static Coefficient Above(string field, string unit, double least, double most, Func<PlayingConditions, double> of) =>
        new(field, unit, least, false, most, of);
}
