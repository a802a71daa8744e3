using DeepBaize.Physics.Balls;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Shots;

/// <summary>Builds the playing conditions from a request's coefficients over those of the club table.</summary>
internal static class ConditionsReader
{
    /// <summary>The conditions, and the outline that goes with them.</summary>
    /// <exception cref="RefusalException">A coefficient is outside its physical range.</exception>
    public static (PlayingConditions Conditions, TableOutline Outline) Read(CoefficientsInput? input)
    {
        if (input is null) return (PlayingConditions.Club, TableOutline.Club);
        var club = PlayingConditions.Club;
        var conditions = club with
        {
            Table = ReadTable(input.Table, club.Table),
            Pockets = ReadPockets(input.Pockets, club.Pockets),
            JawFactor = input.Pockets?.JawFactor ?? club.JawFactor,
            Balls = ReadBalls(input.Balls, club.Balls),
            Cue = club.Cue with
            {
                Mass = input.Cue?.Mass ?? club.Cue.Mass,
                EndMassRatio = input.Cue?.EndMassRatio ?? club.Cue.EndMassRatio,
                MaxSpeed = input.Cue?.MaxSpeed ?? club.Cue.MaxSpeed,
            },
        };
        var problems = conditions.Problems();
        if (problems.Count > 0)
        {
            throw RefusalException.Invalid(
                "coefficients",
                "Coefficients outside their range",
                [.. problems.Select(problem => new Fault($"coefficients.{problem.Field}", null, "outOfRange", problem.Sentence))]);
        }

        return (conditions, conditions.Pockets == club.Pockets ? TableOutline.Club : new TableOutline(conditions.Pockets));
    }

    private static TableCoefficients ReadTable(TableInput? input, TableCoefficients club) => input is null ? club : club with
    {
        SlidingFriction = input.SlidingFriction ?? club.SlidingFriction,
        RollingFriction = input.RollingFriction ?? club.RollingFriction,
        SpinDeceleration = input.SpinDeceleration ?? club.SpinDeceleration,
        Gravity = input.Gravity ?? club.Gravity,
        BedRestitution = input.BedRestitution ?? club.BedRestitution,
        CushionRestitution = input.CushionRestitution ?? club.CushionRestitution,
        CushionRestitutionLoss = input.CushionRestitutionLoss ?? club.CushionRestitutionLoss,
        CushionFriction = input.CushionFriction ?? club.CushionFriction,
        NoseHeight = input.NoseHeight ?? club.NoseHeight,
    };

    private static PocketCut ReadPockets(PocketsInput? input, PocketCut club) => input is null ? club : new PocketCut(
        input.CornerThroat ?? club.CornerThroat,
        input.CornerJawRadius ?? club.CornerJawRadius,
        input.CornerDrop ?? club.CornerDrop,
        input.MiddleThroat ?? club.MiddleThroat,
        input.MiddleJawRadius ?? club.MiddleJawRadius,
        input.MiddleDrop ?? club.MiddleDrop,
        input.DropRadius ?? club.DropRadius);

    private static BallCoefficients ReadBalls(BallsInput? input, BallCoefficients club) => input is null ? club : club with
    {
        Diameter = input.Diameter ?? club.Diameter,
        Mass = input.Mass ?? club.Mass,
        Restitution = input.Restitution ?? club.Restitution,
        FrictionFactor = input.FrictionFactor ?? club.FrictionFactor,
        FrictionA = input.FrictionA ?? club.FrictionA,
        FrictionB = input.FrictionB ?? club.FrictionB,
        FrictionC = input.FrictionC ?? club.FrictionC,
    };
}
