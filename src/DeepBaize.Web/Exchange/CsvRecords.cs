using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Exchange;

/// <summary>The lines of a CSV file sorted by what they are, with the line on which each stands.</summary>
internal sealed class CsvRecords
{
    private const int MostLines = 5000;

    private readonly Dictionary<string, int> _lines = new(StringComparer.Ordinal);
    private readonly List<BallPlace> _balls = [];
    private readonly List<IReadOnlyList<string>> _contacts = [];
    private readonly List<MarkInput> _marks = [];

    public string? Table { get; private set; }

    public IReadOnlyList<BallPlace> Balls => _balls;

    public IReadOnlyList<IReadOnlyList<string>> Contacts => _contacts;

    public IReadOnlyList<MarkInput> Marks => _marks;

    public StateInput? State { get; private set; }

    /// <summary>The line of a field such as <c>balls[3].id</c>; 0 when there is none.</summary>
    public int LineOf(string field)
    {
        var end = field.IndexOf(']', StringComparison.Ordinal);
        return _lines.GetValueOrDefault(end < 0 ? field : field[..(end + 1)], _lines.GetValueOrDefault(field.Split('.')[0]));
    }

    /// <summary>Reads all lines.</summary>
    /// <exception cref="RefusalException">A line is not as it must be.</exception>
    public static CsvRecords Read(string text, CsvConfiguration configuration, IReadOnlyList<string> columns)
    {
        using var csv = new CsvParser(new StringReader(text), configuration);
        if (!csv.Read() || !csv.Record!.SequenceEqual(columns))
            throw FileFault.At(1, "", FileRefusals.FirstLine(columns));
        var records = new CsvRecords();
        var version = false;
        while (csv.Read())
        {
            var line = csv.RawRow;
            if (line > MostLines) throw FileFault.At(line, "", FileRefusals.TooManyLines);
            var cells = csv.Record!;
            if (cells.Length != columns.Count) throw FileFault.At(line, "", FileRefusals.Cells(columns.Count, cells.Length));
            if (Array.FindIndex(cells, MarkRules.IsFormula) is >= 0 and var formula)
                throw FileFault.At(line, columns[formula], FileRefusals.Formula);
            if (cells[0] == "version") version = records.TakeVersion(line, cells[4]);
            else if (!version) throw FileFault.At(line, "record", FileRefusals.VersionFirst);
            else records.Take(line, cells);
        }

        return version ? records : throw FileFault.At(0, "", FileRefusals.NoVersion);
    }

    private bool TakeVersion(int line, string value)
    {
        if (value != CsvPosition.Version.ToString(CultureInfo.InvariantCulture))
            throw FileFault.At(line, "value", FileRefusals.OtherVersion(value, CsvPosition.Version));
        return _lines.TryAdd("version", line) ? true : throw FileFault.At(line, "record", FileRefusals.VersionTwice);
    }

    private void Take(int line, string[] cells)
    {
        var (record, name, value) = (cells[0], cells[1], cells[4]);
        switch (record)
        {
            case "table":
                Table = value;
                _lines["profile"] = line;
                break;
            case "ball":
                _lines[$"balls[{_balls.Count}]"] = line;
                _balls.Add(new BallPlace(name, Metres(line, "x_mm", cells[2]), Metres(line, "y_mm", cells[3])));
                break;
            case "touching":
                _lines[$"contacts[{_contacts.Count}]"] = line;
                _contacts.Add([name, value]);
                break;
            case "whitePlace" or "target" or "gate" or "zone":
                TakeMark(line, record, name, new MarkPlace(Metres(line, "x_mm", cells[2]), Metres(line, "y_mm", cells[3])));
                break;
            case "radius":
                ChangeMark(line, name, mark => mark with { Radius = Metres(line, "value", value) });
                break;
            case "text":
                ChangeMark(line, name, mark => mark with { Text = value });
                break;
            case "state":
                _lines[$"state.{name}"] = line;
                _lines.TryAdd("state", line);
                State = CsvState.Take(State ?? new StateInput(), name, value)
                    ?? throw FileFault.At(line, "value", FileRefusals.NoState(name));
                break;
            default:
                throw FileFault.At(line, "record", FileRefusals.UnknownLine(record));
        }
    }

    /// <summary>Lines of one mark follow each other: a place more for the mark before, or a new mark.</summary>
    private void TakeMark(int line, string kind, string id, MarkPlace place)
    {
        var isMore = _marks.Count > 0 && _marks[^1].Id == id && _marks[^1].Kind == kind && kind is "gate" or "zone";
        if (isMore) _marks[^1] = _marks[^1] with { Places = [.. _marks[^1].Places, place] };
        else
        {
            _lines[$"marks[{_marks.Count}]"] = line;
            _marks.Add(new MarkInput(id, kind, [place]));
        }
    }

    private void ChangeMark(int line, string id, Func<MarkInput, MarkInput> change)
    {
        if (_marks.Count == 0 || _marks[^1].Id != id) throw FileFault.At(line, "name", FileRefusals.AfterMark(id));
        _marks[^1] = change(_marks[^1]);
    }

    private static double Metres(int line, string column, string cell) =>
        double.TryParse(cell, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture,
            out var millimetres) && double.IsFinite(millimetres)
            ? millimetres / 1000
            : throw FileFault.At(line, column, FileRefusals.NoMillimetres);
}
