using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads the fields that many requests have and refuses what makes no sense.</summary>
internal static class FieldReader
{
    private static readonly Dictionary<string, PocketId> Pockets =
        Enum.GetValues<PocketId>().ToDictionary(Names.Text, StringComparer.Ordinal);

    /// <summary>The table of a request.</summary>
    /// <exception cref="RefusalException">The profile or a coefficient cannot be used.</exception>
    public static (ConditionProfile Profile, TableInUse Table) ReadTable(string? profile, CoefficientsInput? coefficients)
    {
        var known = ConditionsReader.Find(profile);
        var (conditions, outline) = ConditionsReader.Read(known, coefficients);
        return (known, new TableInUse(conditions, outline));
    }

    /// <summary>Refuses when a ball that is needed is not on the table.</summary>
    /// <exception cref="RefusalException">It is not.</exception>
    public static void RequireBall(Layout layout, BallId ball, string field)
    {
        if (layout[ball] is null)
            throw RefusalException.Impossible("ballNotThere", field, BallRefusals.NotThere(ball), ball: Names.Text(ball));
    }

    /// <summary>A ball by its id.</summary>
    /// <exception cref="RefusalException">There is no such ball, or it is the white.</exception>
    public static BallId ReadBall(string text, string field)
    {
        if (Names.TryParseBall(text, out var ball) && ball != BallId.Cue) return ball;
        throw RefusalException.Invalid("pot", field, BallRefusals.NotToBePotted(text == "cue"), reason: "unknownBall", ball: text);
    }

    /// <summary>A number in a range.</summary>
    /// <exception cref="RefusalException">It is not.</exception>
    public static double Within(double value, double least, double most, string field) => value >= least && value <= most
        ? value
        : throw RefusalException.Invalid("range", field, FieldRefusals.Range(field, least, most), reason: "outOfRange");

    /// <summary>A place on the table.</summary>
    /// <exception cref="RefusalException">It lies off the table.</exception>
    public static Place ReadPlace(double x, double y, string field) =>
        new(Within(x, 0, Measurements.Length, field + ".x"), Within(y, 0, Measurements.Width, field + ".y"));

    /// <summary>The units in which distances are put into words.</summary>
    /// <exception cref="RefusalException">There are no such units.</exception>
    public static LengthUnits ReadUnits(string? units) => units switch
    {
        null or "metric" => LengthUnits.Metric,
        "imperial" => LengthUnits.Imperial,
        _ => throw RefusalException.Invalid("units", "units", FieldRefusals.Units),
    };

    /// <summary>The pot of a request.</summary>
    /// <exception cref="RefusalException">The ball, the pocket or its part is unknown.</exception>
    public static Pot ReadPot(PotInput input)
    {
        var ball = ReadBall(input.Ball, "pot.ball");
        if (!Pockets.TryGetValue(input.Pocket, out var pocket))
            throw RefusalException.Invalid("pot", "pot.pocket", FieldRefusals.Pocket(Pockets.Keys), reason: "unknownPocket");
        return new Pot(ball, pocket, input.Part switch
        {
            null or "middle" => PocketPart.Middle,
            "nearJaw" => PocketPart.NearJaw,
            "farJaw" => PocketPart.FarJaw,
            "opening" => PocketPart.Opening,
            _ => throw RefusalException.Invalid("pot", "pot.part", FieldRefusals.Part, reason: "unknownPart"),
        });
    }
}
