using DeepBaize.Data;
using DeepBaize.Web.Problems;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace DeepBaize.Web.Keeping;

/// <summary>Saves changes and says in a sentence what came between.</summary>
internal static class Saving
{
    /// <summary>Saves what was changed.</summary>
    /// <param name="database">The database.</param>
    /// <param name="stale">The refusal when somebody else changed it meanwhile.</param>
    /// <param name="taken">The sentence when the name is taken.</param>
    /// <param name="cancel">Stops the saving.</param>
    /// <exception cref="RefusalException">One of the two.</exception>
    public static async Task SaveAsync(this BaizeDbContext database, Func<RefusalException> stale, string taken, CancellationToken cancel)
    {
        try
        {
            await database.SaveChangesAsync(cancel);
        }
        catch (DbUpdateConcurrencyException)
        {
            throw stale();
        }
        catch (DbUpdateException refused) when (refused.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            throw RefusalException.Conflict("nameTaken", taken);
        }
    }
}
