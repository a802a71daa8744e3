using System.Globalization;

namespace DeepBaize.Table.Layouts;

/// <summary>Why a mark is refused: which, and a sentence.</summary>
/// <param name="Index">Its place in the list.</param>
/// <param name="Field">The part that is wrong, such as <c>places</c>.</param>
/// <param name="Sentence">What is wrong.</param>
public sealed record MarkProblem(int Index, string Field, string Sentence);

/// <summary>Decides whether marks may stand as given.</summary>
public static class MarkRules
{
    /// <summary>The most marks on one sheet.</summary>
    public const int Most = 60;

    /// <summary>The longest id, and the longest text.</summary>
    public const int Longest = 40;

    /// <summary>The most corners that a zone has.</summary>
    public const int MostCorners = 64;

    /// <summary>With these a formula begins, the full-width ones and the minus sign of arithmetic included.</summary>
    private const string FormulaSigns = "=+@\uFF1D\uFF0B\uFF20\uFF0D\u2212";

    /// <summary>Everything that is wrong with the marks.</summary>
    public static IReadOnlyList<MarkProblem> Problems(IReadOnlyList<Mark> marks)
    {
        ArgumentNullException.ThrowIfNull(marks);
        if (marks.Count > Most) return [new(Most, "", $"There are {marks.Count} marks; a sheet has room for {Most}.")];
        var problems = new List<MarkProblem>();
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < marks.Count; i++)
        {
            if (!ids.Add(marks[i].Id)) problems.Add(new(i, "id", $"Two marks are called \"{marks[i].Id}\"."));
            problems.AddRange(ProblemsOf(marks[i]).Select(problem => new MarkProblem(i, problem.Field, problem.Sentence)));
        }

        return problems;
    }

    /// <summary>True for a text on one line that no spreadsheet takes for a formula.</summary>
    public static bool IsPlainText(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Length <= Longest && !text.Any(char.IsControl) && !IsFormula(text);
    }

    /// <summary>
    /// True for a text that a spreadsheet would work out, also after blanks, in full-width signs, or after a semicolon, at which some
    /// spreadsheets begin a new cell. A minus before a number is none.
    /// </summary>
    public static bool IsFormula(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Split(';').Any(cell =>
            (cell.Length > 0 && cell[0] is '\t' or '\r')
            || (cell.TrimStart() is [var first, ..] trimmed
                && (FormulaSigns.Contains(first, StringComparison.Ordinal)
                || (first == '-' && !double.TryParse(trimmed, NumberStyles.Float, CultureInfo.InvariantCulture, out _)))));
    }

    private static IEnumerable<(string Field, string Sentence)> ProblemsOf(Mark mark)
    {
        if (mark.Id.Length == 0 || !mark.Id.All(char.IsAsciiLetterOrDigit) || mark.Id.Length > Longest)
            yield return ("id", $"A mark's id has 1 to {Longest} letters and digits.");
        if (!IsPlainText(mark.Text))
            yield return ("text", $"A mark's text has up to {Longest} characters on one line and does not begin like a formula.");
        var (least, most) = mark.Kind switch
        {
            MarkKind.Gate => (2, 2),
            MarkKind.Zone => (3, MostCorners),
            _ => (1, 1),
        };
        if (mark.Places.Count < least || mark.Places.Count > most)
            yield return ("places",
                least == most ? $"This mark has {least} place{(least == 1 ? "" : "s")}, not {mark.Places.Count}."
                : $"A zone has {least} to {most} corners, not {mark.Places.Count}.");
        if (!mark.Places.All(IsOnTable)) yield return ("places", "A mark lies between the cushions.");
        if (mark.Kind == MarkKind.Target != (mark.Radius is not null))
            yield return ("radius", "A target has a radius, the other marks have none.");
        if (mark.Radius is { } radius && !(radius is > 0 and <= 1))
            yield return ("radius", "A target's radius is more than 0 and at most 1 m.");
    }

    private static bool IsOnTable(Place place) =>
        place.IsFinite && place.X is >= 0 and <= Measurements.Length && place.Y is >= 0 and <= Measurements.Width;
}
