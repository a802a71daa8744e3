using DeepBaize.Data.Demo;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace DeepBaize.Data;

/// <summary>Brings a database to the present shape and, on first use, fills it with the demo.</summary>
public static class DatabaseSetup
{
    /// <summary>Sets the provider up the same way everywhere.</summary>
    public static DbContextOptionsBuilder UseBaizePostgres(this DbContextOptionsBuilder builder, string connectionString) =>
        builder.UseNpgsql(connectionString).UseSnakeCaseNamingConvention();

    /// <summary>Migrates, then adds the house, the local owner and the demo where they are missing.</summary>
    /// <param name="connectionString">The database; it is created when it does not exist.</param>
    /// <param name="cancel">Stops the work.</param>
    /// <returns>True when the demo was loaded by this call.</returns>
    public static async Task<bool> RunAsync(string connectionString, CancellationToken cancel = default)
    {
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(connectionString);
        await using var database = new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
        await database.Database.MigrateAsync(cancel);
        if (await database.Owners.AnyAsync(cancel)) return false;
        DemoScenario.AddTo(database);
        await database.SaveChangesAsync(cancel);
        return true;
    }
}

/// <summary>Lets the migration tool build the context without the web application.</summary>
internal sealed class DesignTimeFactory : IDesignTimeDbContextFactory<BaizeDbContext>
{
    public BaizeDbContext CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres("Host=127.0.0.1;Database=design");
        return new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
    }
}
