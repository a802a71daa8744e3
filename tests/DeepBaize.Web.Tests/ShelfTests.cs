using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Players, tables and cues: kept, copied, used, taken away, written and read as files.</summary>
public sealed class ShelfTests(WebFixture web)
{
    [Fact]
    public async Task The_demo_has_players_tables_and_a_cue_and_the_house_its_own()
    {
        var shelf = await ListAsync();
        Assert.Equal(["starter", "club", "league", "expert"],
            shelf.GetProperty("players").EnumerateArray().Where(IsHouse).Select(item => item.Text("name")));
        Assert.Contains(shelf.GetProperty("players").EnumerateArray(), item => item.GetProperty("isCurrent").GetBoolean());
        Assert.Contains(shelf.GetProperty("tables").EnumerateArray(), item => !IsHouse(item));
        Assert.NotEmpty(shelf.GetProperty("cues").EnumerateArray());
    }

    [Fact]
    public async Task A_player_is_added_changed_copied_used_taken_away_and_brought_back()
    {
        var name = Unique("Ilse");
        var added = await SendAsync(HttpMethod.Post, "players", new { name, document = new { preset = "league", hand = "left" } });
        var (id, version) = (added.Text("id"), added.GetProperty("version").GetInt32());
        var changed = await SendAsync(
            HttpMethod.Put, $"players/{id}", new { name, note = "new", version, document = new { preset = "league", reach = 0.85 } });
        Assert.Equal(0.85, changed.GetProperty("document").Number("reach"));
        using var stale = await web.Client.PutAsJsonAsync($"/api/shelf/players/{id}", new { name, version, document = new { } });
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);

        var copy = await SendAsync(HttpMethod.Post, $"players/{id}/copy", null);
        Assert.Equal(name + " (2)", copy.Text("name"));
        var ofHouse = await SendAsync(HttpMethod.Post, "players/expert/copy", null);
        Assert.False(IsHouse(ofHouse));

        using var used = await web.Client.PostAsync(new Uri($"/api/shelf/players/{id}/use", UriKind.Relative), null);
        Assert.Equal(HttpStatusCode.NoContent, used.StatusCode);
        Assert.Equal(id, Assert.Single(
            (await ListAsync()).GetProperty("players").EnumerateArray(), item => item.GetProperty("isCurrent").GetBoolean()).Text("id"));

        using var removed = await web.Client.DeleteAsync(
            new Uri($"/api/shelf/players/{id}?version={changed.GetProperty("version")}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, removed.StatusCode);
        Assert.DoesNotContain((await ListAsync()).GetProperty("players").EnumerateArray(), item => item.Text("id") == id);
        var back = await SendAsync(HttpMethod.Post, $"players/{id}/bring-back", null);
        Assert.Equal(name, back.Text("name"));
        // Those that the fixture shares: the demo's player is in use again.
        var first = (await ListAsync()).GetProperty("players").EnumerateArray().First(item => item.Text("name") == "Tamsin Orrell")
            .Text("id");
        using var again = await web.Client.PostAsync(new Uri($"/api/shelf/players/{first}/use", UriKind.Relative), null);
    }

    [Fact]
    public async Task A_table_that_differs_is_what_is_simulated()
    {
        var slow = await SendAsync(
            HttpMethod.Post, "tables",
            new
            {
                name = Unique("Slow"),
                document = new { profile = "club", coefficients = new { table = new { rollingFriction = 0.02 } } }
            });
        var coefficients = slow.GetProperty("document").GetProperty("coefficients");
        using var rule = await web.Client.PostAsJsonAsync("/api/run-rule", new { profile = "club", coefficients });
        using var plain = await web.Client.PostAsJsonAsync("/api/run-rule", new { profile = "club" });
        Assert.True(await FarthestAsync(rule) < await FarthestAsync(plain) - 0.5);
        using var wide = await web.Client.PostAsJsonAsync(
            "/api/table", new { profile = "club", coefficients = new { pockets = new { cornerThroat = 0.085 } } });
        Assert.Equal(HttpStatusCode.OK, wide.StatusCode);

        static async Task<double> FarthestAsync(HttpResponseMessage response) =>
            (await response.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("marks").EnumerateArray().Last().Number("lengths");
    }

    [Theory]
    [InlineData("players", """{"reach":9}""", "reach")]
    [InlineData("players", """{"paces":[{"pace":5,"whiteSpeed":1},{"pace":3,"whiteSpeed":2}]}""", "farther")]
    [InlineData("tables", """{"coefficients":{"table":{"rollingFriction":-1}}}""", "rollingFriction")]
    [InlineData("tables", """{"profile":"marble"}""", "no profile of that name")]
    [InlineData("cues", """{"mass":0}""", "cue.mass")]
    public async Task What_cannot_be_is_refused_and_nothing_is_kept(string kind, string document, string sentence)
    {
        var name = Unique("Bad");
        using var response = await web.Client.PostAsJsonAsync(
            $"/api/shelf/{kind}", new { name, document = JsonSerializer.Deserialize<JsonElement>(document) });
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Contains(sentence, (await response.Content.ReadFromJsonAsync<JsonElement>()).ToString(), StringComparison.Ordinal);
        Assert.DoesNotContain(name, (await ListAsync()).ToString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_shelf_is_written_and_read_again_as_it_was()
    {
        await SendAsync(HttpMethod.Post, "players", new
        {
            name = Unique("Kept"),
            note = "a note",
            document = new
            {
                preset = "club",
                alignment = new { size = 1.2345, bias = -0.1 },
                butt = new { size = 8.5, bias = 1.5 },
                factors = new { rest = 1.7 },
                preferences = new { side = "avoid" },
                paces = new[] { new { pace = 3.0, whiteSpeed = 1.3, scatter = 0.05 } },
            },
        });
        await SendAsync(HttpMethod.Post, "tables", new
        {
            name = Unique("Kept"),
            note = "",
            document = new
            {
                profile = "club",
                coefficients = new
                {
                    table = new { nap = 0.001 },
                    pockets = new { edgeRadius = 0.012, backDepth = 0.1, edgeRestitution = 0.2, backRestitution = 0.1 },
                },
            },
        });
        var text = await web.Client.GetStringAsync(new Uri("/api/shelf/file", UriKind.Relative));
        var answer = await ReadAsync(text);
        var again = await web.Client.GetStringAsync(new Uri("/api/shelf/file", UriKind.Relative));
        foreach (var kind in new[] { "players", "tables" })
        {
            var (before, after) = (Documents(text, kind), Documents(again, kind));
            Assert.Equal(before.Count, answer.GetProperty(kind).GetInt32());
            // Everything stands there twice now, with the same document.
            Assert.Equal([.. before.Concat(before).Order(StringComparer.Ordinal)], after.Order(StringComparer.Ordinal));
        }

        var schema = await web.Client.GetStringAsync(new Uri("/schemas/profiles.json", UriKind.Relative));
        Assert.Contains("\"$id\": \"/schemas/profiles.json\"", schema, StringComparison.Ordinal);

        static List<string> Documents(string file, string kind) =>
            [.. JsonSerializer.Deserialize<JsonElement>(file).GetProperty(kind).EnumerateArray().Select(Document)];

        static string Document(JsonElement item) =>
            item.GetProperty("document").GetRawText().ReplaceLineEndings("").Replace(" ", "", StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("{\"kind\":\"profiles\",\"schemaVersion\":1,\n\"players\":[{\"name\":\"A\",\n\"document\":{\"reach\":7}}]}", "Line 3",
        "A reach of 7 m cannot be")]
    [InlineData("{\"kind\":\"profiles\",\"schemaVersion\":1,\n\"players\":[{\"name\":\"A\",\n\"document\":{\"legs\":2}}]}", "Line 3",
        "nothing of this name belongs here")]
    [InlineData("{\"kind\":\"profiles\",\"schemaVersion\":2}", "version 2", "reads up to 1")]
    [InlineData("{\"kind\":\"profiles\",\"schemaVersion\":1,\"players\":[", "breaks off", "Line 1")]
    [InlineData("{\"schemaVersion\":1}", "kind", "missing")]
    public async Task A_wrong_file_is_refused_whole_with_line_and_field(string text, string where, string sentence)
    {
        var before = (await ListAsync()).ToString();
        using var response = await PostAsync(text);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        var detail = (await response.Content.ReadFromJsonAsync<JsonElement>()).Text("detail");
        Assert.Contains(where, detail, StringComparison.Ordinal);
        Assert.Contains(sentence, detail, StringComparison.Ordinal);
        Assert.Equal(before, (await ListAsync()).ToString());
    }

    [Fact]
    public async Task A_player_is_spoken_of_in_pot_rates_and_distances()
    {
        using var response = await web.Client.PostAsJsonAsync(
            "/api/players/look", new { player = new { preset = "league", shoulderHeight = 1.43 } });
        var look = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(0.92, look.GetProperty("black").Number("share"), 0.05);
        Assert.Equal(1.405, look.Number("suitableCueLength"), 1e-9);
        Assert.Contains("Black off its spot from 0.6 m: 9", look.GetProperty("words")[0].GetString()!, StringComparison.Ordinal);
        var finishes = look.GetProperty("finishes").EnumerateArray().Select(finish => finish.Number("halfWithinMm")).ToList();
        Assert.All(finishes, half => Assert.InRange(half, 20, 600));
    }

    /// <summary>B03 over HTTP.</summary>
    [Fact]
    public async Task Own_paces_are_found_from_lengths_and_wrong_ones_refused()
    {
        using var good = await web.Client.PostAsJsonAsync("/api/players/paces", new
        {
            trials = new[] { new { pace = 3.0, lengths = new[] { 1.05, 1.1, 1.15 } },
                new { pace = 5.0, lengths = new[] { 2.5, 2.6, 2.7 } } },
        });
        var found = await good.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal([3.0, 5.0], found.GetProperty("paces").EnumerateArray().Select(pace => pace.Number("pace")));
        Assert.All(found.GetProperty("paces").EnumerateArray(), pace => Assert.True(pace.Number("scatter") > 0));
        using var bad = await web.Client.PostAsJsonAsync("/api/players/paces", new
        {
            trials = new[] { new { pace = 3.0, lengths = new[] { 2.0 } }, new { pace = 5.0, lengths = new[] { 1.0 } } },
        });
        Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
        Assert.Contains("Play those two again", (await bad.Content.ReadFromJsonAsync<JsonElement>()).Text("detail"),
            StringComparison.Ordinal);
    }

    private static string Unique(string name) => $"{name} {Guid.NewGuid().ToString("n")[..8]}";

    private static bool IsHouse(JsonElement item) => item.GetProperty("isHouse").GetBoolean();

    private async Task<JsonElement> ListAsync() => await web.Client.GetFromJsonAsync<JsonElement>("/api/shelf");

    private async Task<JsonElement> SendAsync(HttpMethod method, string path, object? body)
    {
        using var request = new HttpRequestMessage(
            method, $"/api/shelf/{path}")
        { Content = body is null ? null : JsonContent.Create(body) };
        using var response = await web.Client.SendAsync(request);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.IsSuccessStatusCode, json.ToString());
        return json;
    }

    private Task<HttpResponseMessage> PostAsync(string text) =>
        web.Client.PostAsync(
            new Uri("/api/shelf/file", UriKind.Relative), new StringContent(text, Encoding.UTF8, "application/octet-stream"));

    private async Task<JsonElement> ReadAsync(string text)
    {
        using var response = await PostAsync(text);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.IsSuccessStatusCode, json.ToString());
        return json;
    }
}
