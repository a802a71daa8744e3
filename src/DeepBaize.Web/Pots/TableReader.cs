using DeepBaize.Planning.Reading;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;

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
        var regions = ReadRegions(question.Regions);
        var matrix = PotMatrix.Read(table, layout, cancel);
        var on = matrix.Where(entry => entry.State is PotState.Open or PotState.Partly).ToList();
        var reds = on.Select(entry => entry.Pot.Ball).Where(BallSet.IsRed).Distinct().ToList();
        return new MatrixResponse(
            [.. matrix.Select(entry => PotMapping.ToEntry(entry, table))],
            [.. ProblemBalls.Rank(layout, matrix).Select(ToProblem)],
            [.. RedsByRegion.Count(layout.Balls, regions).Select(ToRegion)],
            [.. RedsByRegion.Rank(layout.Balls, regions, reds, question.Balance).Select(choice => ToChoice(choice, question.Balance))],
            Words(layout, on, reds.Count));
    }

    private static IReadOnlyList<Region> ReadRegions(IReadOnlyList<RegionInput>? input)
    {
        if (input is null) return RedsByRegion.Usual;
        var regions = input.Select(region => new Region(region.Name, region.From, region.To, region.ForTheBlue)).ToList();
        return RedsByRegion.Flaw(regions) is { } flaw
            ? throw RefusalException.Invalid("regions", "Regions cannot be used", new Fault("regions", null, "regions", flaw))
            : regions;
    }

    private static ProblemBallOutput ToProblem(ProblemBall problem)
    {
        var opens = problem.Opens.Select(pot => $"{Names.Spoken(pot.Ball)} to the {Names.Spoken(pot.Pocket)}").ToList();
        var words = opens.Count > 0
            ? $"in the way; when it goes it opens {Verdict.Listed(opens)}."
            : $"touches {Verdict.Listed([.. problem.Touches.Select(ball => "the " + Names.Spoken(ball))])} and has no pocket.";
        var when = problem.OnPots > 0 ? " It can go now." : opens.Count > 0 ? " It has no pocket itself." : "";
        return new ProblemBallOutput(
            Names.Text(problem.Ball), [.. problem.Opens.Select(pot => new PottedOutput(Names.Text(pot.Ball), Names.Text(pot.Pocket)))],
            problem.OnPots, words + when);
    }

    internal static RegionOutput ToRegion(RegionCount count) => new(
        count.Region.Name, count.Region.From, count.Region.To, count.Region.ForTheBlue, [.. count.Reds.Select(Names.Text)]);

    private static RedChoiceOutput ToChoice(RedChoice choice, bool balance)
    {
        var words = choice.Region is null ? "stands in no region" : $"leaves {choice.Left} in {choice.Region.Name}";
        if (balance && choice.SpendsSmallGroup) words += "; spends a small group early";
        if (balance && choice is { Region.ForTheBlue: true, Left: < RedsByRegion.SmallGroup }) words += "; the blue's group may go";
        return new RedChoiceOutput(Names.Text(choice.Red), choice.Region?.Name, choice.Left, choice.SpendsSmallGroup, words);
    }

    private static string Words(Layout layout, List<PotEntry> on, int reds)
    {
        var total = layout.Balls.Count(placed => BallSet.IsRed(placed.Ball));
        var colours = on.Select(entry => entry.Pot.Ball).Distinct().Count(ball => !BallSet.IsRed(ball));
        if (on.Count == 0) return "No ball can be potted straight into a pocket.";
        var widest = on.MaxBy(entry => entry.Solution?.Window?.WidthRadians ?? 0)!;
        var first = total > 0 ? $"{reds} of {total} reds and " : "";
        return $"{first}{colours} {(colours == 1 ? "colour" : "colours")} {(total == 0 && colours == 1 ? "is" : "are")} on; the widest is "
            + $"the {Names.Spoken(widest.Pot.Ball)} to the {Names.Spoken(widest.Pot.Pocket)}.";
    }
}
