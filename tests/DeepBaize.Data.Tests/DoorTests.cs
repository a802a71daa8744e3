using DeepBaize.Tests;
using Npgsql;

namespace DeepBaize.Data.Tests;

/// <summary>Who gets into the private database, and what each may do there.</summary>
public sealed class DoorTests
{
    [Fact]
    public async Task Nobody_gets_in_without_a_password()
    {
        var cluster = TestCluster.Shared;
        foreach (var role in new[] { "postgres", "deep_baize_owner", "deep_baize_app" })
        {
            foreach (var password in new[] { "", "Password=guess" })
            {
                await using var connection = new NpgsqlConnection(
                    $"Host=127.0.0.1;Port={cluster.Start()};Username={role};Database=postgres;Passfile=/dev/null;{password}");
                var refused =
                    await Assert.ThrowsAnyAsync<NpgsqlException>(() => connection.OpenAsync(TestContext.Current.CancellationToken));
                Assert.Matches("password", refused.Message);
            }
        }
    }

    [Fact]
    public async Task The_application_reads_and_writes_rows_and_can_do_nothing_else()
    {
        var database = $"t_{Guid.NewGuid():n}";
        var owner = TestCluster.Shared.Connection(database);
        await DatabaseSetup.RunAsync(owner, TestContext.Current.CancellationToken);
        await using (var connection = new NpgsqlConnection(TestCluster.Shared.Connection(database, DatabaseSetup.AppRole)))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            Assert.True(await ScalarAsync(connection, "select count(*) from owners") is long and > 0);
            foreach (var forbidden in new[]
            {
                "create table mine (id int)", "drop table positions", "alter table positions add column more int", "create schema mine",
                "create role other", "create database other",
                "copy (select 1) to program 'true'", "copy owners from program 'true'", "select pg_read_file('/etc/hostname')",
                "select * from \"__EFMigrationsHistory\"", "set role postgres", "set role deep_baize_owner",
            })
            {
                var refused = await Assert.ThrowsAsync<PostgresException>(() => ScalarAsync(connection, forbidden));
                Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, refused.SqlState);
            }

            const string powers = "select rolsuper or rolcreaterole or rolcreatedb or rolreplication or rolbypassrls";
            Assert.Equal(false, await ScalarAsync(connection, powers + " from pg_roles where rolname = current_user"));
        }

        await using var by = new NpgsqlConnection(owner);
        await by.OpenAsync(TestContext.Current.CancellationToken);
        var program = await Assert.ThrowsAsync<PostgresException>(() => ScalarAsync(by, "copy (select 1) to program 'true'"));
        Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, program.SqlState);
    }

    [Fact]
    [System.Runtime.Versioning.SupportedOSPlatform("linux")]
    public void Passwords_lie_outside_the_repository_where_their_owner_alone_can_read_them()
    {
        TestCluster.Shared.Start();
        var folder = TestCluster.Shared.Secrets();
        Assert.False(folder.StartsWith(TestCluster.RepositoryRoot + "/", StringComparison.Ordinal), folder);
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(folder));
        var files = Directory.GetFiles(folder);
        Assert.Equal(["deep_baize_app.pgpass", "deep_baize_owner.pgpass", "postgres.pgpass"], files.Select(Path.GetFileName).Order());
        Assert.All(files, file => Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file)));
        Assert.Equal(3, files.Select(File.ReadAllText).Select(line => line.Split(':')[^1]).Distinct().Count());
    }

    /// <summary>The number in a stale file may be another server's by now: that one is not ours to stop.</summary>
    [Fact]
    public async Task A_stale_file_with_a_process_id_does_not_make_another_server_ours()
    {
        var shared = TestCluster.Shared;
        shared.Start();
        var stale = TestCluster.Beside($"stale-{Guid.NewGuid():n}", durable: false);
        var data = Directory.CreateDirectory(Path.Combine(stale.Folder, "data")).FullName;
        await File.WriteAllTextAsync(
            Path.Combine(data, "postmaster.pid"), $"{shared.Pid()}\n{data}\n", TestContext.Current.CancellationToken);
        stale.Stop();
        Assert.ThrowsAny<InvalidOperationException>(() => stale.Pid());
        await using var connection = new NpgsqlConnection(shared.Connection("postgres"));
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        Assert.Equal(1, await ScalarAsync(connection, "select 1"));
        Directory.Delete(stale.Folder, recursive: true);
    }

    /// <summary>
    /// Clusters from before there were passwords let everybody in: they are closed when they are started, and keep what is in them.
    /// </summary>
    [Fact]
    public async Task A_cluster_with_open_doors_is_closed_and_keeps_what_it_holds()
    {
        var cluster = TestCluster.Beside("open", durable: true);
        try
        {
            cluster.Start();
            await DatabaseSetup.RunAsync(cluster.Connection("deep_baize"), TestContext.Current.CancellationToken);
            cluster.Stop();
            NpgsqlConnection.ClearAllPools();
            foreach (var file in Directory.GetFiles(cluster.Secrets())) File.Delete(file);
            await File.WriteAllTextAsync(
                Path.Combine(cluster.Folder, "data", "pg_hba.conf"), "host all all 127.0.0.1/32 trust\n",
                TestContext.Current.CancellationToken);
            var port = cluster.Start();
            await using var open =
                new NpgsqlConnection($"Host=127.0.0.1;Port={port};Username=postgres;Database=postgres;Passfile=/dev/null;Pooling=false");
            await Assert.ThrowsAnyAsync<NpgsqlException>(() => open.OpenAsync(TestContext.Current.CancellationToken));
            await using var app = new NpgsqlConnection(cluster.Connection("deep_baize", DatabaseSetup.AppRole) + ";Pooling=false");
            await app.OpenAsync(TestContext.Current.CancellationToken);
            Assert.True(await ScalarAsync(app, "select count(*) from positions") is long and > 0);
        }
        finally
        {
            cluster.Stop();
        }
    }

    private static async Task<object?> ScalarAsync(NpgsqlConnection connection, string sql)
    {
        await using var command = new NpgsqlCommand(sql, connection);
        return await command.ExecuteScalarAsync(TestContext.Current.CancellationToken);
    }
}
