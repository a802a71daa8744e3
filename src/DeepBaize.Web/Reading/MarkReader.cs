using System.Text.Json;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Words;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads marks from a request and refuses what cannot be a mark.</summary>
internal static class MarkReader
{
    private static readonly Dictionary<string, MarkKind> Kinds = Enum.GetValues<MarkKind>().ToDictionary(Text, StringComparer.Ordinal);

    /// <summary>The kind of a mark as text.</summary>
    public static string Text(MarkKind kind) => JsonNamingPolicy.CamelCase.ConvertName(kind.ToString());

    /// <summary>The marks.</summary>
    /// <exception cref="RefusalException">A mark is wrong; every reason is named.</exception>
    public static IReadOnlyList<Mark> Read(IReadOnlyList<MarkInput>? marks)
    {
        if (marks is null) return [];
        var faults = new List<Fault>();
        var read = new List<Mark>(marks.Count);
        for (var i = 0; i < marks.Count; i++)
        {
            if (marks[i] is not { } mark) faults.Add(new Fault($"marks[{i}]", null, "missing", SheetRefusals.MissingMark(i + 1)));
            else if (!Kinds.TryGetValue(mark.Kind, out var kind))
                faults.Add(new Fault($"marks[{i}].kind", null, "unknownKind", SheetRefusals.MarkKind));
            else read.Add(new Mark(
                mark.Id, kind, [.. mark.Places.Select(place => new Place(place?.X ?? double.NaN, place?.Y ?? double.NaN))], mark.Radius,
                mark.Text));
        }

        if (faults.Count == 0)
            faults.AddRange(MarkRules.Problems(read).Select(problem => new Fault(FieldOf(problem), null, "mark", MarkWords.Say(problem))));
        return faults.Count == 0 ? read : throw RefusalException.Invalid("marks", SheetRefusals.Marks, faults);
    }

    /// <summary>Marks as they are answered.</summary>
    public static IReadOnlyList<MarkInput> ToOutput(IEnumerable<Mark> marks) =>
        [.. marks.Select(mark => new MarkInput(
            mark.Id, Text(mark.Kind), [.. mark.Places.Select(place => new MarkPlace(place.X, place.Y))], mark.Radius, mark.Text))];

    private static string FieldOf(MarkProblem problem)
    {
        if (problem.Field.Length == 0) return "marks";
        return $"marks[{problem.Index}].{problem.Field}";
    }
}
