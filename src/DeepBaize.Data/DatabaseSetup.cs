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

    /// <summary>The role as which the application works: it reads and writes rows and can change no table.</summary>
    public const string AppRole = "deep_baize_app";

    /// <summary>
    /// Migrates, lets the application's role at the rows, then adds the house, the local owner and the demo where they are missing, and
    /// renews what belongs to the house where an older version of it stands.
    /// </summary>
    /// <param name="connectionString">
    /// The database, as the role that owns its tables; it is created when it does not exist and the role may do so.
    /// </param>
    /// <param name="cancel">Stops the work.</param>
    /// <returns>True when the demo was loaded by this call.</returns>
    public static async Task<bool> RunAsync(string connectionString, CancellationToken cancel = default)
    {
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(connectionString);
        await using var database = new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
        await database.Database.MigrateAsync(cancel);
        await database.Database.ExecuteSqlRawAsync(Grants, cancel);
        var isNew = !await database.Owners.AnyAsync(cancel);
        if (isNew) DemoScenario.AddTo(database);
        else await HouseContent.RenewAsync(database, cancel);
        await database.SaveChangesAsync(cancel);
        return isNew;
    }

    private const string Grants = $"""
        revoke create on schema public from public;
        grant usage on schema public to {AppRole};
        grant select, insert, update, delete on all tables in schema public to {AppRole};
        revoke all on "__EFMigrationsHistory" from {AppRole};
        """;
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
