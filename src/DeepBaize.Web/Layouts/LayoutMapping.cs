using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Physics.Balls;

namespace DeepBaize.Web.Layouts;

/// <summary>Puts rows of saved positions into the shapes of answers.</summary>
internal static class LayoutMapping
{
    public static LayoutSummary ToSummary(SavedPosition row) => new(
        row.Id,
        row.Name,
        row.Note,
        row.OwnerId == Owner.House,
        row.Version,
        row.UpdatedAt,
        PositionReader.ToBalls(row.Document),
        PositionReader.ToProfile(row.Document),
        row.Tags);

    public static LayoutResponse ToResponse(SavedPosition row, PaceScale paces)
    {
        var content = PositionReader.ToContent(row.Document, paces);
        return new LayoutResponse(
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
            PositionReader.ToProfile(row.Document),
            content.Pot,
            row.Tags,
            content.Marks ?? [],
            content.State);
    }
}
