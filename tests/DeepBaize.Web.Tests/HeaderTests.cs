using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>What every answer tells the browser, refusals included.</summary>
public sealed class HeaderTests(WebFixture web)
{
    [Theory]
    [InlineData("GET", "/", HttpStatusCode.OK)]
    [InlineData("GET", "/health/live", HttpStatusCode.OK)]
    [InlineData("GET", "/api/nothing/here", HttpStatusCode.NotFound)]
    [InlineData("GET", "/assets/nothing.js", HttpStatusCode.NotFound)]
    [InlineData("POST", "/api/shots/predict", HttpStatusCode.BadRequest)]
    [InlineData("PATCH", "/api/shelf", HttpStatusCode.MethodNotAllowed)]
    public async Task Every_answer_says_what_the_page_may_load(string method, string path, HttpStatusCode status)
    {
        using var request =
            new HttpRequestMessage(new HttpMethod(method), path) { Content = method == "GET" ? null : JsonContent.Create(new { }) };
        using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, response.StatusCode);
        var policy = Assert.Single(response.Headers.GetValues("Content-Security-Policy"));
        Assert.All(["default-src 'self'", "base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'"],
            part => Assert.Contains(part, policy, StringComparison.Ordinal));
        Assert.Equal("nosniff", Assert.Single(response.Headers.GetValues("X-Content-Type-Options")));
        Assert.Equal("no-referrer", Assert.Single(response.Headers.GetValues("Referrer-Policy")));
        Assert.Equal("no-store", response.Headers.CacheControl?.ToString());
    }

    [Fact]
    public async Task Files_with_their_content_in_their_names_are_kept_for_a_year_and_the_page_never()
    {
        var page = await web.Client.GetStringAsync(new Uri("/", UriKind.Relative));
        var asset = page.Split('"')
            .First(part => part.StartsWith("/assets/", StringComparison.Ordinal) && part.EndsWith(".js", StringComparison.Ordinal));
        using var script = await web.Client.GetAsync(new Uri(asset, UriKind.Relative));
        Assert.Equal((TimeSpan.FromDays(365), true), (script.Headers.CacheControl!.MaxAge, script.Headers.CacheControl.Public));
        using var index = await web.Client.GetAsync(new Uri("/index.html", UriKind.Relative));
        Assert.True(index.Headers.CacheControl!.NoStore);
    }

    [Theory]
    [InlineData("br")]
    [InlineData("gzip")]
    public async Task Text_travels_packed(string coding)
    {
        foreach (var path in new[] { "/", "/api/profiles", "/openapi/v1.json" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, path);
            request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue(coding));
            using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal([coding], response.Content.Headers.ContentEncoding);
        }
    }

    [Fact]
    public async Task An_unknown_address_under_api_is_unknown_and_any_other_is_the_page()
    {
        using var unknown = await web.Client.GetAsync(new Uri("/api/shelf/nonsense", UriKind.Relative));
        var problem = await unknown.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal((HttpStatusCode.NotFound, "unknownAddress"), (unknown.StatusCode, problem.GetProperty("code").GetString()));
        using var page = await web.Client.GetAsync(new Uri("/break", UriKind.Relative));
        Assert.Equal("text/html", page.Content.Headers.ContentType?.MediaType);
    }
}
