using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text;
using System.Text.Json;

namespace DeepBaize.Browser.Tests;

/// <summary>A page of somebody else, open in the same browser, may read nothing and change nothing.</summary>
[Collection(Lane.Questions)]
public sealed class ForeignPageTests(BrowserFixture browser)
{
    /// <summary>What such a page can send without being asked first: plain text, a form, and posts without a body.</summary>
    private const string Attack = """
        const [target, id, done] = arguments;
        const players = [{ name: 'Stranger', document: { preset: 'expert' }, note: '' }];
        const file = JSON.stringify({ format: 'deep-baize-profiles', schemaVersion: 1, players, tables: [], cues: [] });
        const post = (path, body) => fetch(target + path, {
          method: 'POST', mode: 'no-cors', body, headers: body ? { 'content-type': 'text/plain' } : {},
        }).catch(() => {});
        (async () => {
          await post('/api/shelf/file', file);
          for (let i = 0; i < 5; i++) await post(`/api/shelf/players/${id}/copy`);
          await post(`/api/shelf/players/${id}/use`);
          await post('/api/breaks/plan', '{}');
          const frame = document.createElement('iframe'); frame.name = 'there'; document.body.append(frame);
          const form = document.createElement('form');
          Object.assign(form, { target: 'there', method: 'post', enctype: 'text/plain', action: `${target}/api/shelf/players/${id}/copy` });
          document.body.append(form);
          const sent = new Promise((resolve) => { frame.onload = resolve; });
          form.submit();
          await sent;
          let read = 'nothing';
          try { read = await (await fetch(target + '/api/shelf')).text(); } catch { }
          done(read);
        })();
        """;

    [Theory]
    [InlineData("127.0.0.1")]
    [InlineData("localhost")]
    public async Task A_page_from_another_origin_changes_nothing_and_reads_nothing(string host)
    {
        using var foreign = ServeForeign(out var port);
        var own = browser.Address.GetLeftPart(UriPartial.Authority);
        var before = await ShelfAsync();
        var player = before.GetProperty("players").EnumerateArray()
            .First(one => !one.GetProperty("isHouse").GetBoolean() && !one.GetProperty("isCurrent").GetBoolean())
            .GetProperty("id").GetString();
        browser.Driver.Navigate().GoToUrl(new Uri($"http://{host}:{port}/"));
        Assert.Equal("A page of somebody else", browser.Driver.Title);
        browser.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromSeconds(30);
        var read = browser.Driver.ExecuteAsyncScript(Attack, own, player);
        Assert.Equal("nothing", read);
        Assert.Equal(before.GetRawText(), (await ShelfAsync()).GetRawText());

        // The same from the application's own page is done.
        browser.Driver.Navigate().GoToUrl(browser.Address);
        var status = browser.Driver.ExecuteAsyncScript(
            "const [id, done] = arguments; fetch(`/api/shelf/players/${id}/copy`, { method: 'POST' }).then(answer => done(answer.status));",
            player);
        Assert.Equal(200L, status);
    }

    private async Task<JsonElement> ShelfAsync() =>
        await browser.Client.GetFromJsonAsync<JsonElement>("/api/shelf", TestContext.Current.CancellationToken);

    /// <summary>
    /// Serves one plain page on a port of its own. Not with a host of its own: hosts that start at the same time take each other's
    /// settings.
    /// </summary>
    private static HttpListener ServeForeign(out int port)
    {
        using (var probe = new TcpListener(IPAddress.Loopback, 0))
        {
            probe.Start();
            port = ((IPEndPoint)probe.LocalEndpoint).Port;
        }

        var listener = new HttpListener();
        listener.Prefixes.Add($"http://*:{port}/");
        listener.Start();
        _ = Task.Run(async () =>
        {
            while (listener.IsListening)
            {
                var context = await listener.GetContextAsync();
                context.Response.ContentType = "text/html";
                const string page = "<!doctype html><title>A page of somebody else</title><body></body>";
                context.Response.Close(Encoding.UTF8.GetBytes(page), willBlock: false);
            }
        });
        return listener;
    }
}
