using System.Net;
using System.Text;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Other web pages, open in the same browser, may neither change nor compute anything here.</summary>
public sealed class ForeignPageTests(WebFixture web)
{
    private const string Elsewhere = "http://elsewhere.example";

    [Theory]
    [InlineData("POST", "/api/shelf/file")]
    [InlineData("POST", "/api/shelf/players/expert/copy")]
    [InlineData("POST", "/api/shelf/players/expert/use")]
    [InlineData("POST", "/api/shots/predict")]
    [InlineData("POST", "/api/breaks/plan")]
    [InlineData("POST", "/api/exchange/read")]
    [InlineData("PUT", "/api/sheet")]
    [InlineData("DELETE", "/api/sheet")]
    [InlineData("PUT", "/api/positions/0194f3a0-0000-7000-8000-000000000000")]
    public async Task A_request_from_another_origin_is_refused_whatever_it_carries(string method, string path)
    {
        foreach (var (origin, site)
            in new (string?, string?)[] { (Elsewhere, null), (Elsewhere, "cross-site"), (null, "cross-site"), (null, "same-site"),
            ("null", null) })
        {
            using var request =
                new HttpRequestMessage(new HttpMethod(method), path) { Content = new StringContent("{}", Encoding.UTF8, "text/plain") };
            if (origin is not null) request.Headers.Add("Origin", origin);
            if (site is not null) request.Headers.Add("Sec-Fetch-Site", site);
            using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal(HttpStatusCode.Forbidden, response.StatusCode);
            Assert.Contains(
                "own pages", await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task The_page_itself_and_programs_may_ask()
    {
        var own = web.Client.BaseAddress!.GetLeftPart(UriPartial.Authority);
        foreach (var (origin, site) in new (string?, string?)[] { (own, "same-origin"), (own, null), (null, "none"), (null, null) })
        {
            using var request = new HttpRequestMessage(
                HttpMethod.Post, "/api/run-rule")
            { Content = new StringContent("{}", Encoding.UTF8, "application/json") };
            if (origin is not null) request.Headers.Add("Origin", origin);
            if (site is not null) request.Headers.Add("Sec-Fetch-Site", site);
            using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal(HttpStatusCode.OK, response.StatusCode);
        }
    }

    [Fact]
    public async Task Nothing_is_made_by_requests_that_were_refused()
    {
        var before = await CountAsync();
        for (var i = 0; i < 20; i++)
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, "/api/shelf/players/expert/copy");
            request.Headers.Add("Origin", Elsewhere);
            using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
        }

        Assert.True(await CountAsync() <= before + 3, "Other tests add a few players meanwhile; twenty copies would be these.");
    }

    private async Task<int> CountAsync()
    {
        var shelf = JsonDocument.Parse(await web.Client.GetStringAsync(new Uri("/api/shelf", UriKind.Relative))).RootElement;
        return shelf.GetProperty("players").EnumerateArray()
            .Count(player => player.GetProperty("name").GetString()!.StartsWith("expert (", StringComparison.Ordinal));
    }
}
