using DeepBaize.Data;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;

namespace DeepBaize.Tests;

/// <summary>The real application on a real port of this machine, with a database of its own that is dropped afterwards.</summary>
internal sealed class BaizeServer : IAsyncDisposable
{
    private static readonly Lock Starting = new();

    private readonly string _connection;

    private const int MostAttempts = 3;

    /// <summary>The connection of who may drop a database while the server's own cleaner works in it.</summary>
    private readonly string _dropper;

    private Factory _factory;

    private BaizeServer(string connection, string dropper)
    {
        (_connection, _dropper) = (connection, dropper);
        (_factory, Client) = Serve(connection, 0);
    }

    /// <summary>A client whose base address is the server's.</summary>
    public HttpClient Client { get; private set; }

    /// <summary>What the application itself works with.</summary>
    public IServiceProvider Services => _factory.Services;

    public Uri Address => _factory.ClientOptions.BaseAddress;

    /// <summary>
    /// Starts a server on a fresh database of a cluster: set up by the role that owns the tables, served by the one that only uses them.
    /// </summary>
    public static async Task<BaizeServer> StartAsync(TestCluster cluster)
    {
        var database = cluster.FreshDatabase();
        var owner = cluster.Connection(database);
        await DatabaseSetup.RunAsync(owner);
        return new BaizeServer(cluster.Connection(database, DatabaseSetup.AppRole), cluster.Connection(database, "postgres"));
    }

    /// <summary>Starts a server without looking at its database.</summary>
    public static BaizeServer StartOn(string connection) => new(connection, connection);

    /// <summary>Stops the server until the result is disposed: then it stands at the same address with the same database.</summary>
    public async Task<IDisposable> AwayAsync()
    {
        var port = Address.Port;
        await StopAsync();
        return new Return(() => (_factory, Client) = Serve(_connection, port));
    }

    public async ValueTask DisposeAsync()
    {
        await StopAsync();
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(_dropper);
        await using var database = new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
        if (await database.Database.CanConnectAsync()) await database.Database.EnsureDeletedAsync();
    }

    private async Task StopAsync()
    {
        Client.Dispose();
        await _factory.DisposeAsync();
    }

    private static (Factory Factory, HttpClient Client) Serve(string connection, int port)
    {
        // Hosts that start at the same time take each other's settings.
        lock (Starting)
        {
            for (var attempt = 1; ; attempt++)
            {
                var factory = new Factory(connection);
                try
                {
                    factory.UseKestrel(port);
                    factory.StartServer();
                    return (factory, factory.CreateClient());
                }
                catch (InvalidOperationException) when (attempt < MostAttempts)
                {
                    // The program sometimes starts before the factory has told it its address: a race of the factory's own.
                    factory.Dispose();
                }
            }
        }
    }

    private sealed class Return(Action action) : IDisposable
    {
        public void Dispose() => action();
    }

    private sealed class Factory(string connection) : WebApplicationFactory<Program>
    {
        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseEnvironment("Production");
            builder.UseSetting("ConnectionStrings:Baize", connection);
            builder.UseSetting("Serilog:MinimumLevel:Default", "Fatal");
            builder.UseSetting("Serilog:MinimumLevel:Override:Microsoft.Hosting.Lifetime", "Fatal");
        }
    }
}
