using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Profiles;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

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

    /// <summary>The stroke along the direction that was given, with the butt as high as the place asks for.</summary>
    public Strike AsGiven => ButtRaise.Lift(Layout, Given);

    /// <summary>What the balls are called.</summary>
    public BallNames Names { get; } = BallNames.Among(Layout);

    /// <summary>The pace of dials in the player's own numbers.</summary>
    public double PaceOf(Dials dials) => Table.Conditions.Cue.Paces.FromSpeed(dials.WhiteSpeed);
}

/// <summary>Reads questions about pots and refuses what makes no sense.</summary>
internal static class PotReader
{
    /// <summary>The scene of a question.</summary>
    /// <exception cref="RefusalException">Something in it is unknown, contradictory or out of range.</exception>
    public static PotScene Read(PotQuestion question)
    {
        var (profile, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var units = FieldReader.ReadUnits(question.Units);
        var pot = FieldReader.ReadPot(question.Pot);
        var (layout, placing) = Predictor.Lay(question.Balls, question.Placing, table.Conditions, table.Outline);
        return new PotScene(table, profile, layout, pot, StrikeReader.Read(question.Strike, table.Conditions), placing, units);
    }

    /// <summary>The scene of a question whose ball must be on the table.</summary>
    /// <exception cref="RefusalException">As above, or the ball is not there.</exception>
    public static PotScene ReadWithBall(PotQuestion question)
    {
        var scene = Read(question);
        FieldReader.RequireBall(scene.Layout, scene.Pot.Ball, "question.pot.ball");
        return scene;
    }

    /// <summary>A wanted place for the white.</summary>
    /// <exception cref="RefusalException">It lies off the table or its distance is out of range.</exception>
    public static WantedPlace? ReadWanted(WantedInput? input) => input is null ? null : new WantedPlace(
        FieldReader.ReadPlace(input.X, input.Y, "wanted"), FieldReader.Within(input.Within, 0.001, 1, "wanted.within"));
}
