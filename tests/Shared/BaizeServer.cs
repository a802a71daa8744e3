using DeepBaize.Data;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Logging;

namespace DeepBaize.Tests;

/// <summary>The real application on a real port of this machine, with a database of its own that is dropped afterwards.</summary>
internal sealed class BaizeServer : IAsyncDisposable
{
    private readonly Factory _factory;
    private readonly string _connection;

    private BaizeServer(Factory factory, string connection)
    {
        _factory = factory;
        _connection = connection;
        factory.UseKestrel(0);
        factory.StartServer();
        Client = factory.CreateClient();
    }

    /// <summary>A client whose base address is the server's.</summary>
    public HttpClient Client { get; }

    /// <summary>What the application itself works with.</summary>
    public IServiceProvider Services => _factory.Services;

    public Uri Address => _factory.ClientOptions.BaseAddress;

    /// <summary>Starts a server on a fresh, set-up database of a cluster.</summary>
    public static async Task<BaizeServer> StartAsync(int databasePort)
    {
        var connection = TestCluster.Connection(databasePort, $"t_{Guid.NewGuid():n}");
        await DatabaseSetup.RunAsync(connection);
        return new BaizeServer(new Factory(connection), connection);
    }

    /// <summary>Starts a server without looking at its database.</summary>
    public static BaizeServer StartOn(string connection) => new(new Factory(connection), connection);

    public async ValueTask DisposeAsync()
    {
        Client.Dispose();
        await _factory.DisposeAsync();
        var options = new DbContextOptionsBuilder<BaizeDbContext>();
        options.UseBaizePostgres(_connection);
        await using var database = new BaizeDbContext(options.Options, new OwnerScope(Owner.Local));
        if (await database.Database.CanConnectAsync()) await database.Database.EnsureDeletedAsync();
    }

    private sealed class Factory(string connection) : WebApplicationFactory<Program>
    {
        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseEnvironment("Production");
            builder.UseSetting("ConnectionStrings:Baize", connection);
            builder.ConfigureLogging(logging => logging.ClearProviders());
        }
    }
}
