using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Builds the playing conditions from a profile and the coefficients that a request gives instead of the profile's.</summary>
internal static class ConditionsReader
{
    /// <summary>The profile with a name or id; the club's for none.</summary>
    /// <exception cref="RefusalException">There is no such profile.</exception>
    public static ConditionProfile Find(string? profile) => profile is null
        ? HouseProfiles.Club
        : ProfileWords.Find(profile) ?? throw RefusalException.Invalid(
            "profile", "profile", FieldRefusals.Profile(HouseProfiles.All.Select(ProfileWords.Name)), reason: "unknownProfile");

    /// <summary>The conditions, and the outline that goes with them.</summary>
    /// <exception cref="RefusalException">A coefficient is outside its physical range.</exception>
    public static (PlayingConditions Conditions, TableOutline Outline) Read(ConditionProfile profile, CoefficientsInput? input)
    {
        var based = profile.Conditions;
        if (input is null) return (based, profile.Outline);
        var conditions = based with
        {
            Table = ReadTable(input.Table, based.Table),
            Pockets = ReadPockets(input.Pockets, based.Pockets),
            EdgeRestitution = input.Pockets?.EdgeRestitution ?? based.EdgeRestitution,
            BackRestitution = input.Pockets?.BackRestitution ?? based.BackRestitution,
            JawFactor = input.Pockets?.JawFactor ?? based.JawFactor,
            Balls = ReadBalls(input.Balls, based.Balls),
            Cue = based.Cue with
            {
                Mass = input.Cue?.Mass ?? based.Cue.Mass,
                EndMassRatio = input.Cue?.EndMassRatio ?? based.Cue.EndMassRatio,
                MaxSpeed = input.Cue?.MaxSpeed ?? based.Cue.MaxSpeed,
                Paces = ReadPaces(input.Cue?.Paces),
            },
        };
        var problems = Coefficients.Problems(conditions);
        if (problems.Count > 0)
        {
            throw RefusalException.Invalid(
                "coefficients",
                FieldRefusals.Coefficients,
                [.. problems.Select(problem => new Fault(
                    $"coefficients.{problem.Field}", null, "outOfRange", CoefficientWords.Say(problem)))]);
        }

        return (conditions, conditions.Pockets == based.Pockets ? profile.Outline : new TableOutline(conditions.Pockets));
    }

    /// <summary>A player's pace scale; the house's for none.</summary>
    /// <exception cref="RefusalException">The paces do not rise, or one is out of range.</exception>
    public static PaceScale ReadPaces(IReadOnlyList<PaceInput>? paces, string field = "coefficients.cue.paces")
    {
        if (paces is null || paces.Count == 0) return PaceScale.House;
        return PaceScale.TryBuild(paces.Select(mark => new PaceMark(mark.Pace, mark.WhiteSpeed, mark.Scatter)), out var problem)
            ?? throw RefusalException.Invalid("paces", FieldRefusals.Paces, new Fault(field, null, "paces", PaceWords.Say(problem!)));
    }

    private static TableCoefficients ReadTable(TableInput? input, TableCoefficients based) => input is null ? based : based with
    {
        SlidingFriction = input.SlidingFriction ?? based.SlidingFriction,
        RollingFriction = input.RollingFriction ?? based.RollingFriction,
        SpinDeceleration = input.SpinDeceleration ?? based.SpinDeceleration,
        Nap = input.Nap ?? based.Nap,
        Gravity = input.Gravity ?? based.Gravity,
        BedRestitution = input.BedRestitution ?? based.BedRestitution,
        CushionRestitution = input.CushionRestitution ?? based.CushionRestitution,
        CushionRestitutionLoss = input.CushionRestitutionLoss ?? based.CushionRestitutionLoss,
        CushionFriction = input.CushionFriction ?? based.CushionFriction,
        CushionFrictionFall = input.CushionFrictionFall ?? based.CushionFrictionFall,
        CushionLiveliness = ReadLiveliness(input.CushionLiveliness, based.CushionLiveliness),
        NoseHeight = input.NoseHeight ?? based.NoseHeight,
    };

    private static CushionLiveliness ReadLiveliness(LivelinessInput? input, CushionLiveliness based) => input is null ? based : new(
        input.Baulk ?? based.Baulk, input.Top ?? based.Top, input.YellowSide ?? based.YellowSide, input.GreenSide ?? based.GreenSide);

    private static PocketCut ReadPockets(PocketsInput? input, PocketCut based) => input is null ? based : new PocketCut(
        input.CornerThroat ?? based.CornerThroat,
        input.CornerJawRadius ?? based.CornerJawRadius,
        input.CornerDrop ?? based.CornerDrop,
        input.MiddleThroat ?? based.MiddleThroat,
        input.MiddleJawRadius ?? based.MiddleJawRadius,
        input.MiddleDrop ?? based.MiddleDrop,
        input.DropRadius ?? based.DropRadius)
    {
        EdgeRadius = input.EdgeRadius ?? based.EdgeRadius,
        BackDepth = input.BackDepth ?? based.BackDepth,
    };

    private static BallCoefficients ReadBalls(BallsInput? input, BallCoefficients based) => input is null ? based : based with
    {
        Diameter = input.Diameter ?? based.Diameter,
        Mass = input.Mass ?? based.Mass,
        Restitution = input.Restitution ?? based.Restitution,
        FrictionFactor = input.FrictionFactor ?? based.FrictionFactor,
        FrictionA = input.FrictionA ?? based.FrictionA,
        FrictionB = input.FrictionB ?? based.FrictionB,
        FrictionC = input.FrictionC ?? based.FrictionC,
    };
}
