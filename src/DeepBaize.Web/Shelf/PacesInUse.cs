using DeepBaize.Data;
using DeepBaize.Data.Shelf;
using DeepBaize.Physics.Balls;
using DeepBaize.Web.Reading;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Web.Shelf;

/// <summary>The paces of the player in use: strokes are kept by their speed, and told in these numbers.</summary>
public sealed class PacesInUse(BaizeDbContext database)
{
    /// <summary>The scale of the player in use; the house's when he has measured none.</summary>
    public async Task<PaceScale> FindAsync(CancellationToken cancel)
    {
        var player = await database.Shelf.AsNoTracking()
            .Where(item => item.Kind == ShelfKind.Player && item.IsCurrent && item.DeletedAt == null)
            .SingleOrDefaultAsync(cancel);
        return player is null ? PaceScale.House : ConditionsReader.ReadPaces(ShelfDocuments.Players.Read(player).Paces);
    }

    /// <summary>The same; the house's also while the database is away.</summary>
    public async Task<PaceScale> FindOrHouseAsync(CancellationToken cancel)
    {
        try
        {
            return await FindAsync(cancel);
        }
        catch (Exception away) when (Problems.ProblemHandler.IsDatabaseAway(away))
        {
            return PaceScale.House;
        }
    }
}
