using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Web.Book;
using DeepBaize.Web.Shelf;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace DeepBaize.Web.Sheets;

/// <summary>
/// Keeps the sheet that an owner works on. The browser that sends it has the newer one; this copy is for the next browser.
/// </summary>
public sealed class WorkingSheetStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock, PacesInUse paces)
{
    /// <summary>The sheet as it was last sent; null when none was.</summary>
    public async Task<WorkingSheetResponse?> FindAsync(CancellationToken cancel)
    {
        var row = await database.WorkingSheets.AsNoTracking().SingleOrDefaultAsync(cancel);
        if (row is null) return null;
        var opened = row.OpenedId is null
            ? null
            : await database.Positions.AsNoTracking().Where(position => position.Id == row.OpenedId && position.DeletedAt == null).AsRows()
                .SingleOrDefaultAsync(cancel);
        return new WorkingSheetResponse(
            PositionReader.ToContent(row.Document, await paces.FindAsync(cancel)),
            opened is null ? null : PositionMapping.ToSummary(opened),
            row.UpdatedAt);
    }

    /// <summary>Keeps a sheet in place of the one before. Of two that arrive together the later one stays.</summary>
    public async Task KeepAsync(WorkingSheetRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var document = PositionReader.Read(request);
        if (await ReplaceAsync(request.OpenedId, document, cancel)) return;
        try
        {
            database.WorkingSheets.Add(
                new WorkingSheet { OwnerId = owner.Id, Document = document, OpenedId = request.OpenedId, UpdatedAt = clock.GetUtcNow() });
            await database.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException taken) when (taken.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            // Another first sheet came in between.
            await ReplaceAsync(request.OpenedId, document, cancel);
        }
    }

    private async Task<bool> ReplaceAsync(Guid? openedId, PositionDocument document, CancellationToken cancel)
    {
        var now = clock.GetUtcNow();
        return await database.WorkingSheets.ExecuteUpdateAsync(
            sheet => sheet.SetProperty(row => row.Document, document).SetProperty(row => row.OpenedId, openedId)
                .SetProperty(row => row.UpdatedAt, now), cancel) > 0;
    }

    /// <summary>Forgets the sheet.</summary>
    public Task ForgetAsync(CancellationToken cancel) => database.WorkingSheets.ExecuteDeleteAsync(cancel);
}
