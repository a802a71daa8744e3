using DeepBaize.Table;
using DeepBaize.Table.Outline;

namespace DeepBaize.Physics.Balls;

/// <summary>One value that lies outside its physical range.</summary>
/// <param name="Field">The field as requests name it, such as <c>table.cushionFriction</c>.</param>
/// <param name="Sentence">What is allowed, in a sentence.</param>
public sealed record ConditionProblem(string Field, string Sentence);

/// <summary>Everything that decides how balls move: table, pockets, balls and cue.</summary>
public sealed record PlayingConditions
{
    /// <summary>The house club table with ordinary balls and cue.</summary>
    public static PlayingConditions Club { get; } = new();

    /// <summary>Cloth and cushions.</summary>
    public TableCoefficients Table { get; init; } = new();

    /// <summary>How the pockets are cut.</summary>
    public PocketCut Pockets { get; init; } = PocketCut.Club;

    /// <summary>Restitution of a jaw as a share of the cushion's, 0 to 1 (from memory).</summary>
    public double JawFactor { get; init; } = 0.95;

    /// <summary>The balls.</summary>
    public BallCoefficients Balls { get; init; } = new();

    /// <summary>The cue.</summary>
    public CueCoefficients Cue { get; init; } = new();

    /// <summary>How ball and cushion fit together.</summary>
    public BallGauge Gauge => new(Balls.Diameter, Table.NoseHeight);

    /// <summary>Lists every value outside its physical range; empty when the conditions can be simulated.</summary>
    public IReadOnlyList<ConditionProblem> Problems()
    {
        var found = new List<ConditionProblem>();
        Within("table.slidingFriction", Table.SlidingFriction, 0, 1);
        Within("table.rollingFriction", Table.RollingFriction, 0, 0.1);
        Within("table.spinDeceleration", Table.SpinDeceleration, 0, 200);
        Above("table.gravity", Table.Gravity, 0, 30);
        Within("table.bedRestitution", Table.BedRestitution, 0, 1);
        Within("table.cushionRestitution", Table.CushionRestitution, 0, 1);
        Within("table.cushionRestitutionLoss", Table.CushionRestitutionLoss, 0, 1);
        Within("pockets.jawFactor", JawFactor, 0, 1);
        Within("balls.diameter", Balls.Diameter, 0.03, 0.08);
        Above("balls.mass", Balls.Mass, 0, 1);
        Within("balls.restitution", Balls.Restitution, 0, 1);
        Within("balls.frictionFactor", Balls.FrictionFactor, 0, 20);
        Within("balls.frictionA", Balls.FrictionA, 0, 1);
        Within("balls.frictionB", Balls.FrictionB, 0, 1);
        Within("balls.frictionC", Balls.FrictionC, 0, 100);
        Above("cue.mass", Cue.Mass, 0, 2);
        Within("cue.endMassRatio", Cue.EndMassRatio, 0, 1000);
        Above("cue.maxSpeed", Cue.MaxSpeed, 0, 20);
        CheckNose();
        if (TableOutline.Flaw(Pockets) is { } flaw) found.Add(new("pockets", flaw));
        return found;

        void Within(string field, double value, double least, double most)
        {
            if (!(value >= least && value <= most))
                found.Add(new(field, $"{field} lies between {least} and {most}; {value} was given."));
        }

        void Above(string field, double value, double least, double most)
        {
            if (!(value > least && value <= most))
                found.Add(new(field, $"{field} is more than {least} and at most {most}; {value} was given."));
        }

        void CheckNose()
        {
            var sine = Gauge.NoseSine;
            // Higher noses wedge the ball against the bed: the impact would not end.
            if (!(sine >= 0 && sine <= 0.5))
            {
                found.Add(new(
                    "table.noseHeight",
                    $"table.noseHeight lies between the ball's radius and 1.5 radii; {Table.NoseHeight} was given."));
                return;
            }

            // Above the tangent of the nose's lean, friction at the nose could lift the ball off the bed.
            var limit = Math.Tan(Math.Asin(sine));
            if (!(Table.CushionFriction == 0 || (Table.CushionFriction > 0 && Table.CushionFriction < limit)))
            {
                found.Add(new(
                    "table.cushionFriction",
                    $"table.cushionFriction lies between 0 and below {limit:0.000} at this nose height; {Table.CushionFriction} was given."));
            }
        }
    }
}
