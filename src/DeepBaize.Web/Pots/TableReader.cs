using DeepBaize.Planning.Reading;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Pots;

/// <summary>Reads the table: what can be potted, what ties it up, how the reds are spread.</summary>
internal static class TableReader
{
    /// <summary>The table of a question, read.</summary>
    /// <exception cref="RefusalException">The balls cannot stand like this, or the regions cannot be used.</exception>
    public static MatrixResponse Read(MatrixQuestion question, CancellationToken cancel)
    {
        var (_, table) = FieldReader.ReadTable(question.Profile, question.Coefficients);
        var (layout, _) = Predictor.Lay(question.Balls, null, table.Conditions, table.Outline);
        var names = BallNames.Among(layout);
        var regions = ReadRegions(question.Regions);
        var matrix = PotMatrix.Read(table, layout, cancel);
        var on = BallsThatAreOn(layout, StateReader.ReadInForce(question.State, layout.Balls));
        var pots = matrix.Where(entry => entry.State is PotState.Open or PotState.Partly).ToList();
        var reds = pots.Select(entry => entry.Pot.Ball).Where(BallSet.IsRed).Distinct().ToList();
        return new MatrixResponse(
            [.. matrix.Select(entry => PotMapping.ToEntry(entry, table, on.Contains(entry.Pot.Ball), names))],
            [.. ProblemBalls.Rank(layout, matrix).Select(problem => ToProblem(problem, names))],
            [.. RedsByRegion.Count(layout.Balls, regions).Select(ToRegion)],
            [.. RedsByRegion.Rank(layout.Balls, regions, reds, question.Balance).Select(choice => ToChoice(choice, question.Balance))],
            TableWords.Summary(on, [.. pots.Where(entry => on.Contains(entry.Pot.Ball))], names));
    }

    /// <summary>The balls that may be played at: in free practice all.</summary>
    private static HashSet<BallId> BallsThatAreOn(Layout layout, PlayState state) =>
        [.. FrameState.Of(layout, state) is not { } frame ? [] : state.IsPractice ? frame.Up : frame.Playable];

    private static IReadOnlyList<Region> ReadRegions(IReadOnlyList<RegionInput>? input)
    {
        if (input is null) return RedsByRegion.Usual;
        var regions = input.Select(region => new Region(region.Name, region.From, region.To, region.ForTheBlue)).ToList();
        return RedsByRegion.Flaw(regions) is { } flaw
            ? throw RefusalException.Invalid(
                "regions", SheetRefusals.Regions, new Fault("regions", null, "regions", RegionWords.Say(flaw)))
            : regions;
    }

    private static ProblemBallOutput ToProblem(ProblemBall problem, BallNames names) => new(
        Names.Text(problem.Ball), [.. problem.Opens.Select(pot => new PottedOutput(Names.Text(pot.Ball), Names.Text(pot.Pocket)))],
        problem.OnPots, TableWords.Problem(problem, names));

    internal static RegionOutput ToRegion(RegionCount count) => new(
        RegionWords.Name(count.Region), count.Region.From, count.Region.To, count.Region.ForTheBlue, [.. count.Reds.Select(Names.Text)]);

    private static RedChoiceOutput ToChoice(RedChoice choice, bool balance) => new(
        Names.Text(choice.Red), choice.Region is { } region ? RegionWords.Name(region) : null,
        choice.Left, choice.SpendsSmallGroup, TableWords.Choice(choice, balance));
}
