using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using DeepBaize.Tests;

namespace DeepBaize.Web.Tests;

/// <summary>What was answered with success survives the sudden death of the database.</summary>
public sealed class DurabilityTests
{
    [Fact]
    public async Task Nothing_that_was_answered_with_success_is_lost_when_the_database_is_killed_and_it_comes_back_by_itself()
    {
        var cluster = TestCluster.Beside("durable", durable: true);
        cluster.Start();
        using var keeper = cluster.Keep();
        try
        {
            await using var server = await BaizeServer.StartAsync(cluster);
            for (var round = 0; round < 3; round++)
            {
                var answered = new ConcurrentBag<string>();
                using var stop = new CancellationTokenSource();
                var savers = Enumerable.Range(0, 4).Select(i => SaveAsync(server.Client, $"r{round}s{i}", answered, stop.Token)).ToArray();
                await Waiting.UntilAsync(() => answered.Count > 40);
                using (var postmaster = Process.GetProcessById(cluster.Pid())) postmaster.Kill();
                await stop.CancelAsync();
                await Task.WhenAll(savers);
                // A connection that died with the database may be met once more after the server says that it is ready.
                var kept = new HashSet<string>();
                await Waiting.UntilAsync(async () => await IsBackAsync(server.Client) && await ReadAsync(server.Client, kept));
                Assert.All(answered, name => Assert.Contains(name, kept));
            }
        }
        finally
        {
            keeper.Kill(entireProcessTree: true);
            cluster.Stop();
        }
    }

    private static async Task SaveAsync(HttpClient client, string prefix, ConcurrentBag<string> answered, CancellationToken stop)
    {
        for (var i = 0; !stop.IsCancellationRequested; i++)
        {
            var name = $"{prefix} {i}";
            using var response = await client.PostAsJsonAsync(
                "/api/positions", new { name, balls = new[] { new { id = "cue", x = 1.0, y = 0.5 } } }, CancellationToken.None);
            if (response.StatusCode == HttpStatusCode.Created) answered.Add(name);
        }
    }

    private static async Task<bool> ReadAsync(HttpClient client, HashSet<string> names)
    {
        try
        {
            names.UnionWith((await Book.ReadAsync(client)).Select(row => row.GetProperty("name").GetString()!));
            return true;
        }
        catch (HttpRequestException)
        {
            return false;
        }
    }

    private static async Task<bool> IsBackAsync(HttpClient client)
    {
        using var response = await client.GetAsync(new Uri("/health/ready", UriKind.Relative));
        return response.IsSuccessStatusCode;
    }
}
