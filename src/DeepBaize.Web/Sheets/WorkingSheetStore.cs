using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Web.Layouts;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Sheets;

/// <summary>Keeps the sheet that an owner works on. The browser that sends it has the newer one; this copy is for the next browser.</summary>
public sealed class WorkingSheetStore(BaizeDbContext database, OwnerScope owner, TimeProvider clock)
{
    /// <summary>The sheet as it was last sent; null when none was.</summary>
    public async Task<WorkingSheetResponse?> FindAsync(CancellationToken cancel)
    {
        var row = await database.WorkingSheets.AsNoTracking().SingleOrDefaultAsync(cancel);
        if (row is null) return null;
        var opened = row.OpenedId is null
            ? null
            : await database.Positions.AsNoTracking().SingleOrDefaultAsync(position => position.Id == row.OpenedId && position.DeletedAt == null, cancel);
        return new WorkingSheetResponse(PositionReader.ToContent(row.Document), opened is null ? null : LayoutMapping.ToSummary(opened), row.UpdatedAt);
    }

    /// <summary>Keeps a sheet in place of the one before. Of two that arrive together the later one stays.</summary>
    public async Task KeepAsync(WorkingSheetRequest request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        var document = PositionReader.Read(request);
        var now = clock.GetUtcNow();
        var changed = await database.WorkingSheets.ExecuteUpdateAsync(
            sheet => sheet.SetProperty(row => row.Document, document).SetProperty(row => row.OpenedId, request.OpenedId).SetProperty(row => row.UpdatedAt, now), cancel);
        if (changed > 0) return;
        database.WorkingSheets.Add(new WorkingSheet { OwnerId = owner.Id, Document = document, OpenedId = request.OpenedId, UpdatedAt = now });
        await database.SaveChangesAsync(cancel);
    }

    /// <summary>Forgets the sheet.</summary>
    public Task ForgetAsync(CancellationToken cancel) => database.WorkingSheets.ExecuteDeleteAsync(cancel);
}
