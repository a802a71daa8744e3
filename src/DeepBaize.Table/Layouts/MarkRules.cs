using System.Globalization;

namespace DeepBaize.Table.Layouts;

/// <summary>What can be wrong with marks.</summary>
public enum MarkFault
{
    /// <summary>There are more than a sheet has room for.</summary>
    TooMany,

    /// <summary>Two have one id.</summary>
    SameId,

    /// <summary>The id is empty, too long, or not of letters and digits.</summary>
    Id,

    /// <summary>The text is too long, on more than one line, or like a formula.</summary>
    Text,

    /// <summary>It has too few or too many places for its kind.</summary>
    PlaceCount,

    /// <summary>A place is not between the cushions.</summary>
    Outside,

    /// <summary>A target without a radius, or another mark with one.</summary>
    RadiusOfKind,

    /// <summary>The radius is out of range.</summary>
    RadiusRange,
}

/// <summary>Why a mark is refused.</summary>
/// <param name="Fault">What is wrong.</param>
/// <param name="Index">Its place in the list; how many marks there are when they are too many.</param>
/// <param name="Mark">The mark; null when there are too many.</param>
public sealed record MarkProblem(MarkFault Fault, int Index, Mark? Mark)
{
    /// <summary>The part that is wrong, such as <c>places</c>; empty for all of them.</summary>
    public string Field => Fault switch
    {
        MarkFault.TooMany => "",
        MarkFault.SameId or MarkFault.Id => "id",
        MarkFault.Text => "text",
        MarkFault.PlaceCount or MarkFault.Outside => "places",
        _ => "radius",
    };
}

/// <summary>Decides whether marks may stand as given.</summary>
public static class MarkRules
{
    /// <summary>The most marks on one sheet.</summary>
    public const int Most = 60;

    /// <summary>The longest id, and the longest text.</summary>
    public const int Longest = 40;

    /// <summary>The most corners that a zone has.</summary>
    public const int MostCorners = 64;

    /// <summary>The largest radius of a target in metres.</summary>
    public const double LargestRadius = 1;

    /// <summary>With these a formula begins, the full-width ones and the minus sign of arithmetic included.</summary>
    private const string FormulaSigns = "=+@\uFF1D\uFF0B\uFF20\uFF0D\u2212";

    /// <summary>Everything that is wrong with the marks.</summary>
    public static IReadOnlyList<MarkProblem> Problems(IReadOnlyList<Mark> marks)
    {
        ArgumentNullException.ThrowIfNull(marks);
        if (marks.Count > Most) return [new(MarkFault.TooMany, marks.Count, null)];
        var problems = new List<MarkProblem>();
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < marks.Count; i++)
        {
            if (!ids.Add(marks[i].Id)) problems.Add(new(MarkFault.SameId, i, marks[i]));
            problems.AddRange(FaultsOf(marks[i]).Select(fault => new MarkProblem(fault, i, marks[i])));
        }

        return problems;
    }

    /// <summary>How many places a mark of this kind has, at least and at most.</summary>
    public static (int Least, int Most) PlacesOf(MarkKind kind) => kind switch
    {
        MarkKind.Gate => (2, 2),
        MarkKind.Zone => (3, MostCorners),
        _ => (1, 1),
    };

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

    private static IEnumerable<MarkFault> FaultsOf(Mark mark)
    {
        if (mark.Id.Length == 0 || !mark.Id.All(char.IsAsciiLetterOrDigit) || mark.Id.Length > Longest)
            yield return MarkFault.Id;
        if (!IsPlainText(mark.Text)) yield return MarkFault.Text;
        var (least, most) = PlacesOf(mark.Kind);
        if (mark.Places.Count < least || mark.Places.Count > most) yield return MarkFault.PlaceCount;
        if (!mark.Places.All(IsOnTable)) yield return MarkFault.Outside;
        if (mark.Kind == MarkKind.Target != (mark.Radius is not null)) yield return MarkFault.RadiusOfKind;
        if (mark.Radius is { } radius && !(radius > 0 && radius <= LargestRadius)) yield return MarkFault.RadiusRange;
    }

    private static bool IsOnTable(Place place) =>
        place.IsFinite && place.X is >= 0 and <= Measurements.Length && place.Y is >= 0 and <= Measurements.Width;
}
