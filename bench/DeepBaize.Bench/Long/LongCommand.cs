using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace DeepBaize.Bench.Long;

/// <summary>
/// <c>long [name,name ...]</c>: runs all long checks, or those that are named, and writes what they found into docs/long-checks.json and
/// docs/long-checks.md. Each is written as soon as it is done, so that a run that is ended keeps what it has.
/// </summary>
internal static class LongCommand
{
    private static readonly JsonSerializerOptions Json = new(
        JsonSerializerDefaults.Web)
    { WriteIndented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    private const string Older = "**Of an older engine or planner; to be run again.**";

    /// <summary>Runs.</summary>
    /// <param name="args">The arguments of the command.</param>
    /// <param name="docs">The folder of the documents.</param>
    /// <returns>0 when everything holds.</returns>
    public static int Run(string[] args, string docs)
    {
        CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
        var wanted = args.Length > 1 ? args[1].Split(',') : [.. LongChecks.All.Select(check => check.Name)];
        if (wanted.FirstOrDefault(name => LongChecks.All.All(check => check.Name != name)) is { } unknown)
        {
            Console.Error.WriteLine(
                $"There is no long check {unknown}; there are {string.Join(", ", LongChecks.All.Select(check => check.Name))}.");
            return 2;
        }

        var holds = true;
        foreach (var check in LongChecks.All.Where(check => wanted.Contains(check.Name)))
        {
            Console.WriteLine($"{check.Title} ({check.Size}, seed {check.Seed})");
            var clock = Stopwatch.StartNew();
            var record = LongRecord.Of(check, check.Run(), clock.Elapsed);
            foreach (var figure in record.Figures) Console.WriteLine("  " + figure);
            Console.WriteLine($"  {(record.Holds ? "holds" : "DOES NOT HOLD")}, {record.Minutes:0.0} min");
            Write(docs, record);
            holds &= record.Holds;
        }

        return holds ? 0 : 1;
    }

    private static void Write(string docs, LongRecord record)
    {
        var file = Path.Combine(docs, "long-checks.json");
        var records = File.Exists(file) ? JsonSerializer.Deserialize<List<LongRecord>>(File.ReadAllText(file), Json)! : [];
        records.RemoveAll(old => old.Check == record.Check);
        records.Add(record);
        var order = LongChecks.All.Select(check => check.Name).ToList();
        records = [.. records.Where(one => order.Contains(one.Check)).OrderBy(one => order.IndexOf(one.Check))];
        File.WriteAllText(file, JsonSerializer.Serialize(records, Json) + "\n");
        File.WriteAllText(Path.Combine(docs, "long-checks.md"), Tell(records));
    }

    private static string Tell(List<LongRecord> records)
    {
        var text = new StringBuilder("# Long checks\n\nWritten by `dotnet run -c Release --project bench/DeepBaize.Bench -- long`; `long "
            + "name,name` runs some of them. `./test` plays a small share of each and\n"
            + "names the figures here that another engine or planner made: they are marked and wait for their next run.\n");
        foreach (var one in records)
        {
            var planner = one.Planner is { } version ? $", planner {version}" : "";
            text.Append(CultureInfo.InvariantCulture, $"\n## {one.Title}\n\n`{one.Check}`: {one.Size}, seed {one.Seed}, engine "
                + $"{one.Engine}{planner}, {one.Date:yyyy-MM-dd}, {one.Minutes:0.0} min on {one.Processors} processors. ")
                .Append(one.Holds ? "Holds." : "**Does not hold.**").Append(one.IsOfThisBuild ? "\n\n" : $" {Older}\n\n");
            foreach (var figure in one.Figures) text.Append("* ").Append(figure).Append('\n');
        }

        return text.ToString();
    }
}
