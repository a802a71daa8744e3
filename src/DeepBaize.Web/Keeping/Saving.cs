using DeepBaize.Data;
using DeepBaize.Web.Problems;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage;
using Npgsql;

namespace DeepBaize.Web.Keeping;

/// <summary>Saves changes and says in a sentence what came between.</summary>
internal static class Saving
{
    /// <summary>How the indexes end that keep names apart.</summary>
    private const string OfNames = "_name";

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
        catch (DbUpdateException refused) when (
            refused.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation } unique)
        {
            // Two rows may also meet in what was kept of a version, or in what is in use: then somebody else was faster.
            throw unique.ConstraintName?.EndsWith(OfNames, StringComparison.Ordinal) == true
                ? RefusalException.Conflict("nameTaken", taken)
                : stale();
        }
    }

    /// <summary>
    /// Begins a transaction in which nobody else changes what belongs to an owner as a whole: free names, what is in use, how much there
    /// is.
    /// </summary>
    /// <param name="database">The database.</param>
    /// <param name="owner">The owner.</param>
    /// <param name="cancel">Stops the waiting.</param>
    public static async Task<IDbContextTransaction> BeginAloneAsync(
        this BaizeDbContext database, OwnerScope owner, CancellationToken cancel)
    {
        var transaction = await database.Database.BeginTransactionAsync(cancel);
        await database.Owners.FromSql($"select * from owners where id = {owner.Id} for update").ToListAsync(cancel);
        return transaction;
    }
}
