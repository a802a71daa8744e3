using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Physics.Balls;

namespace DeepBaize.Web.Book;

/// <summary>Puts rows of saved positions into the shapes of answers.</summary>
internal static class PositionMapping
{
    /// <summary>What a list shows, from kept columns: no document is read for it.</summary>
    public static IQueryable<PositionRow> AsRows(this IQueryable<SavedPosition> positions) => positions.Select(row =>
        new PositionRow(row.Id, row.Name, row.Note, row.OwnerId, row.Version, row.UpdatedAt, row.Balls, row.Profile, row.Tags));

    public static PositionSummary ToSummary(PositionRow row) => new(
        row.Id, row.Name, row.Note, row.OwnerId == Owner.House, row.Version, row.UpdatedAt, PositionReader.ToBalls(row.Balls),
        PositionReader.ToProfile(row.Profile), row.Tags);

    public static PositionResponse ToResponse(SavedPosition row, PaceScale paces)
    {
        var content = PositionReader.ToContent(row.Document, paces);
        return new PositionResponse(
            row.Id,
            row.Name,
            row.Note,
            row.OwnerId == Owner.House,
            row.Version,
            row.UpdatedAt,
            row.Document.SchemaVersion,
            content.Balls,
            row.Document.Contacts,
            content.Stroke,
            PositionReader.ToProfile(row.Document.Profile),
            content.Pot,
            row.Tags,
            content.Marks ?? [],
            content.State,
            content.Aim);
    }
}

/// <summary>A saved position without its document.</summary>
internal sealed record PositionRow(
    Guid Id, string Name, string Note, Guid OwnerId, int Version, DateTimeOffset UpdatedAt, IReadOnlyList<SavedBall> Balls, string Profile,
    IReadOnlyList<string> Tags);
