using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using DeepBaize.Physics.Balls;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Book;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Exchange;

/// <summary>
/// A layout as a table of lines: record, name, x_mm, y_mm, value. Places are millimetres with four decimals; touching balls have lines of
/// their own, so that rounding cannot open a contact. It holds balls, marks and the state of play; stroke and pot are left to JSON.
/// </summary>
internal static class CsvPosition
{
    /// <summary>The version that this program writes and the newest that it reads.</summary>
    public const int Version = 1;

    private static readonly string[] Columns = ["record", "name", "x_mm", "y_mm", "value"];

    private static readonly CsvConfiguration Configuration = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\n",
        BadDataFound = bad => throw FileFault.At(bad.Context.Parser?.RawRow ?? 0, "", FileRefusals.Quotation),
        MissingFieldFound = null,
    };

    /// <summary>Writes a sheet.</summary>
    public static string Write(ExportRequest request)
    {
        var document = PositionReader.Read(request);
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, Configuration))
        {
            Line(csv, Columns);
            Line(csv, "version", "", "", "", Version.ToString(CultureInfo.InvariantCulture));
            Line(csv, "table", "", "", "", document.Profile);
            foreach (var ball in document.Balls) Line(csv, "ball", ball.Id, Millimetres(ball.X), Millimetres(ball.Y), "");
            foreach (var pair in document.Contacts) Line(csv, "touching", pair[0], "", "", pair[1]);
            foreach (var mark in document.Marks ?? [])
            {
                foreach (var place in mark.Places) Line(csv, mark.Kind, mark.Id, Millimetres(place.X), Millimetres(place.Y), "");
                if (mark.Radius is { } radius) Line(csv, "radius", mark.Id, "", "", Millimetres(radius));
                if (mark.Text.Length > 0) Line(csv, "text", mark.Id, "", "", mark.Text);
            }

            foreach (var (name, value) in CsvState.Write(document.State)) Line(csv, "state", name, "", "", value);
        }

        return text.ToString();
    }

    /// <summary>Reads a file; contacts are closed again.</summary>
    /// <exception cref="RefusalException">The file is wrong; line and field are named.</exception>
    public static ImportResponse Read(string text)
    {
        var records = CsvRecords.Read(text, Configuration, Columns);
        try
        {
            var profile = ConditionsReader.Find(records.Table);
            var contacts = LayoutReader.ReadContacts(records.Contacts);
            var placed = LayoutReader.ReadBalls(records.Balls);
            LayoutReader.Build(placed, profile.Outline, profile.Conditions.Gauge);
            var closed = ContactCloser.Close(placed, contacts, profile.Conditions.Gauge.Diameter);
            var content = new PositionContent(
                [.. closed.Select(ball => new BallPlace(Table.Names.Text(ball.Ball), ball.Place.X, ball.Place.Y))],
                null,
                null,
                records.Table,
                null,
                records.Marks,
                records.State);
            return new ImportResponse(
                "", "", [], PositionReader.ToContent(PositionReader.Read(content, records.Contacts), PaceScale.House));
        }
        catch (RefusalException refusal)
        {
            throw FileFault.WithLines(refusal, records.LineOf);
        }
    }

    private static string Millimetres(double metres) => (metres * 1000).ToString("0.0000", CultureInfo.InvariantCulture);

    /// <summary>
    /// A line. No cell can be worked out by a spreadsheet: the only free texts are those of marks, and <see cref="MarkRules.IsFormula"/>
    /// refuses such ones on every road.
    /// </summary>
    private static void Line(CsvWriter csv, params IReadOnlyList<string> cells)
    {
        foreach (var cell in cells) csv.WriteField(cell);
        csv.NextRecord();
    }
}
