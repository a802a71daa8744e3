using System.Diagnostics;
using System.Net.Http.Json;
using System.Net.ServerSentEvents;
using System.Text.Json;
using DeepBaize.Tests;
using DeepBaize.Web.Compute;
using Microsoft.Extensions.DependencyInjection;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>The map of pace and height comes row by row, is complete, and leaves nothing running when its reader goes.</summary>
[Collection("The pool for longer questions")]
public sealed class MapStreamTests(WebFixture web)
{
    private static readonly object[] Balls = [Ball("cue", 1500, 2600), Black, Ball("red1", 700, 2500), Ball("blue", 889, 1784.5)];

    private static object Body(int count) => new
    {
        question = Question(Balls, "black", TopLeft, 5),
        wanted = new { x = 2.7, y = 0.9, within = 0.15 },
        count,
    };

    [Fact]
    public async Task Every_row_comes_once_and_every_cell_that_pots_really_pots()
    {
        var rows = new List<JsonElement>();
        using var response = await SendAsync(web.Client, 21, CancellationToken.None);
        Assert.Equal("text/event-stream", response.Content.Headers.ContentType?.MediaType);
        await foreach (var item in SseParser.Create(await response.Content.ReadAsStreamAsync()).EnumerateAsync())
            rows.Add(JsonSerializer.Deserialize<JsonElement>(item.Data));

        Assert.Equal(Enumerable.Range(0, 21), rows.Select(row => row.GetProperty("row").GetInt32()).Order());
        var cells = rows.SelectMany(row => row.GetProperty("cells").EnumerateArray()).ToList();
        Assert.Equal(441, cells.Count);
        Assert.Contains(cells, cell => cell.Text("kind") == "inZone");
        foreach (var cell in cells.Where(cell => cell.Text("kind") is "inZone" or "fallsShort" or "runsPast").Where((_, i) => i % 23 == 0))
        {
            var played = await web.PredictAsync(new
            {
                balls = Balls,
                strike = new
                {
                    directionDeg = cell.Number("directionDeg"),
                    pace = cell.Number("pace"),
                    height = cell.Number("height"),
                    leastButt = true,
                },
            });
            Assert.Equal("black", played.GetProperty("outcome").GetProperty("potted")[0].Text("ball"));
            var white = played.GetProperty("final")[0];
            Assert.Equal(cell.GetProperty("rest").Number("x"), white.Number("x"), 1e-9);
            Assert.Equal(cell.GetProperty("rest").Number("y"), white.Number("y"), 1e-9);
        }
    }

    [Fact]
    public async Task When_the_reader_leaves_the_pool_falls_idle()
    {
        var pool = web.Services.GetRequiredService<ComputePool>();
        var slowest = TimeSpan.Zero;
        var left = pool.Left;
        for (var round = 0; round < 3; round++)
        {
            using var leave = new CancellationTokenSource();
            // A client that does not wait for the rest of what it no longer wants, as a browser does not.
            using var handler = new SocketsHttpHandler { ResponseDrainTimeout = TimeSpan.Zero };
            using var client = new HttpClient(handler) { BaseAddress = web.Client.BaseAddress };
            var streams = Enumerable.Range(0, 4).Select(_ => LeaveAfterFirstRowAsync(client, leave)).ToArray();
            await Task.WhenAll(streams);
            var clock = Stopwatch.StartNew();
            await Waiting.UntilAsync(() => pool.Busy == 0);
            if (clock.Elapsed > slowest) slowest = clock.Elapsed;
        }

        Figures.Print($"After a map's reader left, the compute pool was idle within {slowest.TotalMilliseconds:0} ms (aim 200).");
        // They were stopped, not done: those that were worked on when their readers left.
        Assert.True(pool.Left > left, "Every map was drawn to its end, though nobody waited.");
    }

    private static async Task LeaveAfterFirstRowAsync(HttpClient client, CancellationTokenSource leave)
    {
        try
        {
            using var response = await SendAsync(client, 41, leave.Token);
            await foreach (var item in SseParser.Create(await response.Content.ReadAsStreamAsync(leave.Token)).EnumerateAsync(leave.Token))
            {
                Assert.NotEmpty(item.Data);
                await leave.CancelAsync();
            }
        }
        catch (OperationCanceledException)
        {
            // The reader has gone.
        }
    }

    private static async Task<HttpResponseMessage> SendAsync(HttpClient client, int count, CancellationToken cancel)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/pots/map") { Content = JsonContent.Create(Body(count)) };
        return await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancel);
    }
}
