using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Shots;
using DeepBaize.Web.Wording;

namespace DeepBaize.Web.Pots;

/// <summary>A question about a pot, read and found possible.</summary>
/// <param name="Table">The table in use.</param>
/// <param name="Profile">Its profile.</param>
/// <param name="Layout">The balls.</param>
/// <param name="Pot">The pot.</param>
/// <param name="Given">The stroke with the direction that was given.</param>
/// <param name="Placing">The ball in the hand, settled.</param>
/// <param name="Units">How distances are put into words.</param>
internal sealed record PotScene(
    TableInUse Table, ConditionProfile Profile, Layout Layout, Pot Pot, Strike Given, PlacingOutput? Placing, LengthUnits Units)
{
    public Dials Dials => Dials.Of(Given);

    /// <summary>The pace of dials in the player's own numbers.</summary>
    public double PaceOf(Dials dials) => Table.Conditions.Cue.Paces.FromSpeed(dials.WhiteSpeed);
}

/// <summary>Reads questions about pots and refuses what makes no sense.</summary>
internal static class PotReader
{
    private static readonly Dictionary<string, PocketId> Pockets =
        Enum.GetValues<PocketId>().ToDictionary(Names.Text, StringComparer.Ordinal);

    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static PotScene Read(PotQuestion question)
    {
        var (profile, table) = ReadTable(question.Profile, question.Coefficients);
        var units = Predictor.ReadUnits(question.Units);
        var pot = ReadPot(question.Pot);
        var (layout, placing) = Predictor.Lay(question.Balls, question.Placing, table.Conditions, table.Outline);
        return new PotScene(table, profile, layout, pot, StrikeReader.Read(question.Strike, table.Conditions), placing, units);
    }

    /// <summary>The scene of a question whose ball must be on the table.</summary>
    /// <exception cref="RefusalException">As above, or the ball is not there.</exception>
    public static PotScene ReadWithBall(PotQuestion question)
    {
        var scene = Read(question);
        RequireBall(scene.Layout, scene.Pot.Ball, "question.pot.ball");
        return scene;
    }

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
            throw RefusalException.Impossible("ballNotThere", "The ball is not there", new Fault(
                field, Names.Text(ball), "ballNotThere", $"The {Names.Spoken(ball)} is not on the table; lay it first."));
    }

    /// <summary>A ball by its id.</summary>
    /// <exception cref="RefusalException">There is no such ball, or it is the white.</exception>
    public static BallId ReadBall(string text, string field)
    {
        if (Names.TryParseBall(text, out var ball) && ball != BallId.Cue) return ball;
        throw RefusalException.Invalid("pot", "Unknown ball", new Fault(
            field, text, "unknownBall", text == "cue" ? "The white is not potted; name another ball." : "There is no ball of that name."));
    }

    /// <summary>A number in a range.</summary>
    /// <exception cref="RefusalException">It is not.</exception>
    public static double Within(double value, double least, double most, string field) => value >= least && value <= most
        ? value
        : throw RefusalException.Invalid("range", "Out of range", new Fault(field, null, "outOfRange", $"{field} lies between {least} and {most}."));

    /// <summary>A wanted place for the white.</summary>
    /// <exception cref="RefusalException">It lies off the table or its distance is out of range.</exception>
    public static WantedPlace? ReadWanted(WantedInput? input) => input is null ? null : new WantedPlace(
        ReadPlace(input.X, input.Y, "wanted"), Within(input.Within, 0.001, 1, "wanted.within"));

    /// <summary>A place on the table.</summary>
    /// <exception cref="RefusalException">It lies off the table.</exception>
    public static Place ReadPlace(double x, double y, string field) =>
        new(Within(x, 0, Measurements.Length, field + ".x"), Within(y, 0, Measurements.Width, field + ".y"));

    /// <summary>The pot of a request.</summary>
    /// <exception cref="RefusalException">The ball, the pocket or its part is unknown.</exception>
    public static Pot ReadPot(PotInput input)
    {
        var ball = ReadBall(input.Ball, "pot.ball");
        if (!Pockets.TryGetValue(input.Pocket, out var pocket))
            throw RefusalException.Invalid("pot", "Unknown pocket", new Fault("pot.pocket", null, "unknownPocket", $"There is no such pocket; there are {string.Join(", ", Pockets.Keys)}."));
        return new Pot(ball, pocket, input.Part switch
        {
            null or "middle" => PocketPart.Middle,
            "nearJaw" => PocketPart.NearJaw,
            "farJaw" => PocketPart.FarJaw,
            "opening" => PocketPart.Opening,
            _ => throw RefusalException.Invalid("pot", "Unknown part", new Fault("pot.part", null, "unknownPart", "A pocket's part is opening, middle, nearJaw or farJaw.")),
        });
    }
}
