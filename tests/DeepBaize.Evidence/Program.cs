using System.Globalization;
using System.Text;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Profiles;
using DeepBaize.Table;
using DeepBaize.Words;

namespace DeepBaize.Evidence;

/// <summary>Writes docs/evidence.md, docs/pockets.md, docs/profiles.md and docs/examples.md. Ends with 1 when a check fails.</summary>
internal static class Program
{
    private static int Main()
    {
        CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
        var docs = Path.Combine(Root(), "docs");
        var failures = WriteEvidence(Path.Combine(docs, "evidence.md"));
        File.WriteAllText(Path.Combine(docs, "pockets.md"), DescribePockets());
        File.WriteAllText(Path.Combine(docs, "profiles.md"), DescribeProfiles());
        File.WriteAllText(Path.Combine(docs, "examples.md"), WorkedExamples.Describe());
        Console.WriteLine(failures == 0 ? "All checks hold, or their disagreement is explained." : $"{failures} figures fail.");
        return failures == 0 ? 0 : 1;
    }

    private static int WriteEvidence(string path)
    {
        var (text, failures) = (new StringBuilder(), 0);
        text.AppendLine("# Evidence").AppendLine();
        text.AppendLine("Outside values and what the engine computes. Written by `dotnet run -c Release --project "
            + "tests/DeepBaize.Evidence`; the tests run");
        text.AppendLine("the same list. \"Common practice, no source\" marks what players know; \"from memory\" what was not looked up.");
        foreach (var (section, checks) in Checks.Sections)
        {
            text.AppendLine().AppendLine($"## {section}").AppendLine();
            text.AppendLine("| id | statement, source | figure | expected | computed | difference | |");
            text.AppendLine("| --- | --- | --- | --- | --- | --- | --- | --- |");
            foreach (var check in checks) failures += Append(text, check);
        }

        File.WriteAllText(path, text.ToString());
        return failures;
    }

    private static int Append(StringBuilder text, Check check)
    {
        var failures = 0;
        var lead = $"| {check.Id} | {check.Statement}. *{check.Source}* |";
        foreach (var figure in check.Compute())
        {
            if (!figure.Holds && check.Disagreement is null)
            {
                failures++;
                Console.WriteLine($"{check.Id}: {figure.What}: expected {figure.Expected}, computed {figure.Computed}");
            }

            var verdict = figure.Holds ? "holds" : check.Disagreement is null ? "FAILS" : "known disagreement";
            text.AppendLine($"{lead} {figure.What} | {figure.Expected} | {figure.Computed} | {figure.Difference} | {verdict} |");
            lead = "| | |";
        }

        if (check.Disagreement is not null) text.AppendLine($"| | | {check.Disagreement} | | | | |");
        return failures;
    }

    private static string DescribePockets()
    {
        var text = new StringBuilder("# What the pockets take\n\n");
        text.AppendLine("The interval of lines on which a ball drops, in mm left and right of the middle of the throat (seen along the "
            + "ball's way), for a ball");
        text.AppendLine("that rolls up to 0.6 m. The angle is that between its way and the pocket's axis, positive when it comes from the "
            + "left of the axis. A dash: no");
        text.AppendLine("line drops. Scanned in steps of 0.1 mm; told is the widest interval, then how it changes from pace 2 to pace 8, "
            + "and last the same for");
        text.AppendLine("all lines: a hard ball comes out of a pocket again on a line here and there, which cuts the interval. Written by "
            + "`dotnet run -c Release");
        text.AppendLine("--project tests/DeepBaize.Evidence`.");
        foreach (var profile in new[] { HouseProfiles.Club, HouseProfiles.Match, HouseProfiles.SlowOldCloth })
        {
            foreach (var (pocket, name) in new[] { (PocketId.TopGreenSide, "corner"), (PocketId.MiddleGreenSide, "middle") })
            {
                text.AppendLine().AppendLine($"## {ProfileWords.Name(profile)}, {name} pocket").AppendLine();
                text.AppendLine("| angle | 0.6 m/s | pace 2 | pace 5 | pace 8 | pace 10 | pace 2 to 8 | all lines |")
                    .AppendLine("| --- | --- | --- | --- | --- | --- | --- | --- |");
                foreach (var angle in new[] { 0, 5, 10, 15, 20, 25, 30, 35, 40, 44, -20, -40 })
                {
                    var intervals = new[] { 0.6, Pace.ToSpeed(2), Pace.ToSpeed(5), Pace.ToSpeed(8), Pace.ToSpeed(10) }
                        .Select(speed => PocketScan.Interval(profile.Conditions, pocket, angle, speed)).ToList();
                    var cells = intervals
                        .Select(interval => double.IsNaN(interval.Left) ? "-" : $"{interval.Left:0.0} to {interval.Right:0.0}");
                    var change = 100 * ((intervals[3].Right - intervals[3].Left) / (intervals[1].Right - intervals[1].Left) - 1);
                    var all = 100 * (intervals[3].All / intervals[1].All - 1);
                    text.AppendLine($"| {angle} degrees | {string.Join(" | ", cells)} | {change:0} % | {all:0} % |");
                }
            }
        }

        return text.ToString();
    }

    private static string DescribeProfiles()
    {
        var text = new StringBuilder("# Profiles\n\n");
        text.AppendLine("Every adjustable number with its range, the source of the club's value and its value in each profile of the "
            + "house. Only the club's are");
        text.AppendLine("meant as estimates of a real table; the others are invented for the demo. Written by `dotnet run -c Release "
            + "--project tests/DeepBaize.Evidence`.").AppendLine();
        foreach (var profile in HouseProfiles.All)
            text.AppendLine($"* **{ProfileWords.Name(profile)}** (`{profile.Id}`): {ProfileWords.About(profile)}");
        text.AppendLine().AppendLine(
            $"| field | what | range | source | {string.Join(" | ", HouseProfiles.All.Select(ProfileWords.Name))} |");
        text.AppendLine($"| --- | --- | --- | --- |{string.Concat(HouseProfiles.All.Select(_ => " --- |"))}");
        foreach (var one in Coefficients.All)
        {
            var range = $"{(one.IsLeastAllowed ? "" : "above ")}{one.Least} to {one.Most} {one.Unit}".TrimEnd();
            text.AppendLine($"| `{one.Field}` | {CoefficientWords.Name(one)} | {range} | {CoefficientWords.Source(one)} | "
                + $"{string.Join(" | ", HouseProfiles.All.Select(profile => one.Of(profile.Conditions)))} |");
        }

        return text.ToString();
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "DeepBaize.slnx"))) folder = folder.Parent;
        return folder.FullName;
    }
}
