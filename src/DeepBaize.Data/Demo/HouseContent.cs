using DeepBaize.Data.Positions;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Data.Demo;

/// <summary>
/// What ships with the product and belongs to the house: its positions. Its players, presets and tables are part of the program and need no
/// rows. The demo's people, tables and cues belong to the owner of the machine and are never touched again.
/// </summary>
public static class HouseContent
{
    /// <summary>Raise it with every change to what ships: then installations that stand already take the change over.</summary>
    public const int Version = 4;

    /// <summary>The positions that ship, with what their strokes do.</summary>
    public static IReadOnlyList<DemoPosition> Demo => DemoPositions.All;

    /// <summary>The positions that ship, as rows.</summary>
    public static IEnumerable<SavedPosition> Positions() => Demo.Select((position, i) => position.ToRow(isFirst: i == 0));

    /// <summary>
    /// Brings the house's rows to the present version, if they are older; the caller saves. A position keeps its key as long as its name
    /// ships; what no longer ships is taken out of the book.
    /// </summary>
    /// <param name="database">The database.</param>
    /// <param name="cancel">Stops the work.</param>
    internal static async Task RenewAsync(BaizeDbContext database, CancellationToken cancel)
    {
        var house = await database.Owners.SingleAsync(owner => owner.Id == Owner.House, cancel);
        if (house.ContentVersion >= Version) return;
        // Of two rows of a name the one that stands in the book is renewed.
        var rows = await database.Positions.Where(row => row.OwnerId == Owner.House).OrderBy(row => row.DeletedAt != null)
            .ToListAsync(cancel);
        var shipped = Positions().ToDictionary(position => position.Name);
        foreach (var row in rows)
        {
            if (shipped.Remove(row.Name, out var position)) Renew(row, position);
            else (row.DeletedAt, row.IsFirst) = (row.DeletedAt ?? DateTimeOffset.UtcNow, false);
        }

        database.Positions.AddRange(shipped.Values);
        house.ContentVersion = Version;
    }

    private static void Renew(SavedPosition row, SavedPosition shipped)
    {
        (row.Note, row.Tags, row.Document, row.DeletedAt) = (shipped.Note, shipped.Tags, shipped.Document, null);
        row.IsFirst = shipped.IsFirst;
        (row.Version, row.UpdatedAt) = (row.Version + 1, shipped.UpdatedAt);
    }
}
