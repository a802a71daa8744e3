using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Data;
using DeepBaize.Data.Positions;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Tests;
using Microsoft.Extensions.DependencyInjection;

namespace DeepBaize.Web.Tests;

/// <summary>
/// A book of 1,000 positions of 90 kB each: pages, words and likeness come from kept columns, and the book has an end that is said.
/// </summary>
public sealed class BigBookTests
{
    private const int Large = 1000;

    [Fact]
    public async Task Sixteen_lists_at_once_of_a_thousand_large_positions_are_pages_and_need_little_memory()
    {
        await using var server = await FilledAsync(Large, MarksOf90Kilobytes());
        await server.Client.GetFromJsonAsync<JsonElement>("/api/positions", TestContext.Current.CancellationToken);
        var before = GC.GetTotalAllocatedBytes(precise: true);
        var asked = Enumerable.Range(0, 16).Select(async _ =>
        {
            var clock = System.Diagnostics.Stopwatch.StartNew();
            var page = await server.Client.GetFromJsonAsync<JsonElement>("/api/positions", TestContext.Current.CancellationToken);
            return (page, clock.Elapsed.TotalMilliseconds);
        }).ToList();
        var pages = await Task.WhenAll(asked);
        var allocated = (GC.GetTotalAllocatedBytes(precise: true) - before) / 1e6;
        var median = pages.Select(one => one.TotalMilliseconds).Order().ElementAt(8);
        Figures.Print(
            $"Sixteen lists at once of 1,000 positions of 90 kB: first page in {median:0} ms (median, aim 150), "
            + $"{allocated:0} MB allocated (aim 300).");
        Assert.All(pages, one => Assert.Equal(24, one.page.GetProperty("positions").GetArrayLength()));
        Assert.All(pages, one => Assert.Equal(Large, one.page.GetProperty("count").GetInt32() - House(one.page)));
        // With the documents it was more than 2 GB.
        Assert.InRange(allocated, 0, 300);

        var alike = await server.Client.PostAsJsonAsync(
            "/api/positions/alike", new { balls = new[] { new { id = "cue", x = 1.0 + 0.001 * 321, y = 0.5 } } },
            TestContext.Current.CancellationToken);
        var found = (await alike.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))[0].GetProperty("position");
        Assert.Equal("Large 0321", found.Text("name"));
        var words = await server.Client.GetFromJsonAsync<JsonElement>(
            "/api/positions?words=LARGE%20032&take=100", TestContext.Current.CancellationToken);
        // 0320 to 0329, and 0032.
        Assert.Equal(11, words.GetProperty("count").GetInt32());
        var none = await server.Client.GetFromJsonAsync<JsonElement>("/api/positions?words=La%25e", TestContext.Current.CancellationToken);
        Assert.Equal(0, none.GetProperty("count").GetInt32());
    }

    [Fact]
    public async Task A_full_book_says_so_and_takes_one_again_when_one_is_out()
    {
        await using var server = await FilledAsync(SavedPosition.MostOfOne, []);
        using var refused = await server.Client.PostAsJsonAsync(
            "/api/positions", new { name = "One too many", balls = Ball(1) }, TestContext.Current.CancellationToken);
        var problem = await refused.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        Assert.Equal((HttpStatusCode.Conflict, "bookFull"), (refused.StatusCode, problem.Text("code")));
        Assert.Contains("2000 positions", problem.Text("detail"), StringComparison.Ordinal);
        var first = (await server.Client.GetFromJsonAsync<JsonElement>("/api/positions?take=1", TestContext.Current.CancellationToken))
            .GetProperty("positions")[0];
        using (var copied = await server.Client.PostAsync(
            new Uri($"/api/positions/{first.Text("id")}/copy", UriKind.Relative), null, TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.Conflict, copied.StatusCode);
        using (var removed = await server.Client.DeleteAsync(
            new Uri($"/api/positions/{first.Text("id")}?version=1", UriKind.Relative), TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.NoContent, removed.StatusCode);
        using (var saved = await server.Client.PostAsJsonAsync(
            "/api/positions", new { name = "Just fits", balls = Ball(1) }, TestContext.Current.CancellationToken)) Assert.Equal(
                HttpStatusCode.Created, saved.StatusCode);
        using var back = await server.Client.PostAsync(
            new Uri($"/api/positions/{first.Text("id")}/bring-back", UriKind.Relative), null, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.Conflict, back.StatusCode);
    }

    [Theory]
    [InlineData("take=0")]
    [InlineData("take=101")]
    [InlineData("skip=-1")]
    [InlineData("words=a%20b%20c%20d%20e%20f%20g%20h%20i")]
    public async Task A_page_that_cannot_be_is_refused_with_a_sentence(string query)
    {
        await using var server = await BaizeServer.StartAsync(TestCluster.Shared);
        using var refused =
            await server.Client.GetAsync(new Uri($"/api/positions?{query}", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.NotEmpty((await refused.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken)).Text("detail"));
    }

    private static int House(JsonElement page) => page.GetProperty("count").GetInt32() - Large;

    private static object[] Ball(int number) => [new { id = "cue", x = 1.0 + 0.001 * number, y = 0.5 }];

    private static SavedMark[] MarksOf90Kilobytes() =>
        [.. Enumerable.Range(0, 900)
            .Select(i => new SavedMark($"{i:000}", "line", [new(0.123, 0.4), new(0.3, 0.4)], null, $"{Random.Shared.NextDouble():R}"))];

    private static async Task<BaizeServer> FilledAsync(int count, SavedMark[] marks)
    {
        var server = await BaizeServer.StartAsync(TestCluster.Shared);
        await using var scope = server.Services.CreateAsyncScope();
        await using var database = scope.ServiceProvider.GetRequiredService<BaizeDbContext>();
        for (var i = 0; i < count; i++)
        {
            var layout = LayoutRules.TryBuild(
                [new PlacedBall(BallId.Cue, new Place(1.0 + 0.001 * i, 0.5))], TableOutline.Club, BallGauge.Standard, LayoutMode.Free,
                out _)!;
            database.Positions.Add(new SavedPosition
            {
                Id = Guid.CreateVersion7(),
                OwnerId = Owner.Local,
                Name = $"Large {i:0000}",
                Note = "",
                Document = PositionDocument.From(layout, null) with { Marks = marks },
                UpdatedAt = DateTimeOffset.UtcNow,
            });
            if (i % 50 != 49 && i + 1 != count) continue;
            await database.SaveChangesAsync(TestContext.Current.CancellationToken);
            database.ChangeTracker.Clear();
        }

        return server;
    }
}
