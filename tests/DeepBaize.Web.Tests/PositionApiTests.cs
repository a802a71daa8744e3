using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Tests;

namespace DeepBaize.Web.Tests;

/// <summary>Saved positions: kept exactly, guarded against each other, and honest when the database is away.</summary>
public sealed class PositionApiTests(WebFixture web)
{
    private static readonly object[] Balls = [new { id = "red2", x = 1.23456789, y = 0.7 }, new { id = "cue", x = 0.6, y = 0.9 }];

    [Fact]
    public async Task A_position_comes_back_exactly_with_its_stroke()
    {
        var created = await CreateAsync("Exact");
        var opened = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{Id(created)}");
        Assert.Equal(1.23456789, opened.GetProperty("balls")[1].GetProperty("x").GetDouble());
        Assert.Equal("cue", opened.GetProperty("balls")[0].GetProperty("id").GetString());
        Assert.Equal(12.5, opened.GetProperty("stroke").GetProperty("directionDeg").GetDouble());
        Assert.Equal(8, opened.GetProperty("schemaVersion").GetInt32());
        Assert.False(opened.GetProperty("isHouse").GetBoolean());
    }

    [Fact]
    public async Task The_pot_is_kept_with_its_part_and_refused_when_its_ball_is_not_there()
    {
        var pot = new { ball = "red2", pocket = "topYellowSide", part = "nearJaw", keep = false };
        using var response = await web.Client.PostAsJsonAsync(
            "/api/positions", new { name = $"Pot {Guid.NewGuid():n}", balls = Balls, pot });
        var created = await response.Content.ReadFromJsonAsync<JsonElement>();
        var opened = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{Id(created)}");
        Assert.Equal("""{"ball":"red2","pocket":"topYellowSide","part":"nearJaw","keep":false}""", opened.GetProperty("pot").GetRawText());
        using var refused = await web.Client.PostAsJsonAsync(
            "/api/positions", new
            {
                name = "No",
                balls = Balls,
                pot = new { ball = "pink", pocket = "green", part = "middle", keep = true }
            });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
    }

    [Theory]
    [InlineData("""{"kind":"hit","ball":"red2","place":null,"within":null}""", null)]
    [InlineData("""{"kind":"reach","ball":null,"place":{"x":2.5,"y":0.5},"within":0.2}""", null)]
    [InlineData("""{"kind":"hit","ball":"pink"}""", "not on the table")]
    [InlineData("""{"kind":"hit"}""", "Which ball is to be hit?")]
    [InlineData("""{"kind":"reach"}""", "Where is the white to stop?")]
    [InlineData("""{"kind":"reach","place":{"x":9,"y":0.4}}""", "aim.place.x lies between")]
    [InlineData("""{"kind":"wish"}""", "to hit a ball or to reach a place")]
    public async Task What_a_stroke_is_for_that_pots_nothing_is_kept_too(string aim, string? refusal)
    {
        var given = JsonSerializer.Deserialize<JsonElement>(aim);
        using var response = await web.Client.PostAsJsonAsync(
            "/api/positions", new { name = $"Aim {Guid.NewGuid():n}", balls = Balls, aim = given });
        var answer = await response.Content.ReadFromJsonAsync<JsonElement>();
        if (refusal is not null)
        {
            Assert.InRange((int)response.StatusCode, 400, 422);
            Assert.Contains(refusal, answer.Text("detail"), StringComparison.Ordinal);
            return;
        }

        var opened = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{Id(answer)}");
        Assert.Equal(aim, opened.GetProperty("aim").GetRawText());
        Assert.Equal(JsonValueKind.Null, opened.GetProperty("pot").ValueKind);
        var twice = await web.AskAsync(
            "/api/sheet/mirror", await web.AskAsync("/api/sheet/mirror", new { balls = Balls, aim = given }));
        Assert.Equal(aim, twice.GetProperty("aim").GetRawText());
    }

    [Fact]
    public async Task A_stroke_is_for_one_thing()
    {
        var pot = new { ball = "red2", pocket = "topYellowSide", part = "middle", keep = true };
        using var response = await web.Client.PostAsJsonAsync(
            "/api/positions", new { name = "Two aims", balls = Balls, pot, aim = new { kind = "hit", ball = "red2" } });
        var answer = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Contains("for one thing", answer.Text("detail"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Touching_balls_are_kept_as_contacts()
    {
        var balls = new[] { new { id = "cue", x = 0.6, y = 0.9 }, new { id = "red1", x = 1.5, y = 0.5 },
            new { id = "red2", x = 1.5525, y = 0.5 } };
        using var response = await web.Client.PostAsJsonAsync("/api/positions", new { name = $"Set {Guid.NewGuid():n}", balls });
        var created = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal("""[["red1","red2"]]""", created.GetProperty("contacts").GetRawText());
    }

    [Fact]
    public async Task The_demo_holds_positions_that_say_what_to_look_at()
    {
        var list = await Book.ReadAsync(web.Client);
        var house = list.Where(row => row.GetProperty("isHouse").GetBoolean()).ToList();
        Assert.True(house.Count >= 8);
        Assert.All(house, row => Assert.True(row.GetProperty("note").GetString()!.Length > 20));
    }

    [Fact]
    public async Task Saving_renaming_and_deleting_follow_the_version()
    {
        var created = await CreateAsync("Versions");
        var path = $"/api/positions/{Id(created)}";
        using var saved = await web.Client.PutAsJsonAsync(path, new { version = 1, balls = Balls });
        Assert.Equal(2, (await saved.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("version").GetInt32());
        using var stale = await web.Client.PutAsJsonAsync(path, new { version = 1, balls = Balls });
        await AssertRefusedAsync(stale, HttpStatusCode.Conflict, "changedMeanwhile");
        using var renamed = await web.Client.PutAsJsonAsync(path + "/name", new { version = 2, name = $"Other {Guid.NewGuid():n}" });
        Assert.Equal(HttpStatusCode.OK, renamed.StatusCode);
        using var staleDelete = await web.Client.DeleteAsync(new Uri(path + "?version=1", UriKind.Relative));
        await AssertRefusedAsync(staleDelete, HttpStatusCode.Conflict, "changedMeanwhile");
        using var deleted = await web.Client.DeleteAsync(new Uri(path + "?version=3", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, deleted.StatusCode);
        using var gone = await web.Client.GetAsync(new Uri(path, UriKind.Relative));
        await AssertRefusedAsync(gone, HttpStatusCode.NotFound, "unknownPosition");
    }

    [Fact]
    public async Task Of_two_saves_at_a_time_one_wins_and_the_other_is_told()
    {
        var created = await CreateAsync("Race");
        var path = $"/api/positions/{Id(created)}";
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(_ => web.Client.PutAsJsonAsync(path, new { version = 1, balls = Balls })));
        Assert.Single(answers, answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.Equal(7, answers.Count(answer => answer.StatusCode == HttpStatusCode.Conflict));
        foreach (var answer in answers) answer.Dispose();
    }

    [Fact]
    public async Task House_positions_stay_as_they_are()
    {
        var list = await Book.ReadAsync(web.Client);
        var house = list.First(row => row.GetProperty("isHouse").GetBoolean());
        using var saved = await web.Client.PutAsJsonAsync($"/api/positions/{Id(house)}", new { version = 1, balls = Balls });
        await AssertRefusedAsync(saved, HttpStatusCode.Conflict, "housePosition");
        using var deleted = await web.Client.DeleteAsync(new Uri($"/api/positions/{Id(house)}?version=1", UriKind.Relative));
        await AssertRefusedAsync(deleted, HttpStatusCode.Conflict, "housePosition");
    }

    [Fact]
    public async Task Names_are_unique_and_bad_input_saves_nothing()
    {
        var name = $"Once {Guid.NewGuid():n}";
        using var first = await web.Client.PostAsJsonAsync("/api/positions", new { name, balls = Balls });
        Assert.Equal(HttpStatusCode.Created, first.StatusCode);
        using var twice = await web.Client.PostAsJsonAsync("/api/positions", new { name, balls = Balls });
        await AssertRefusedAsync(twice, HttpStatusCode.Conflict, "nameTaken");
        using var nameless = await web.Client.PostAsJsonAsync("/api/positions", new { name = "   ", balls = Balls });
        await AssertRefusedAsync(nameless, HttpStatusCode.BadRequest, "name");
        using var overlapping = await web.Client.PostAsJsonAsync("/api/positions", new
        {
            name = $"Overlap {Guid.NewGuid():n}",
            balls = new[] { new { id = "cue", x = 1.0, y = 1.0 }, new { id = "red1", x = 1.01, y = 1.0 } },
        });
        await AssertRefusedAsync(overlapping, HttpStatusCode.BadRequest, "layout");
        using var unframed = await web.Client.PostAsJsonAsync(
            "/api/positions", new { name = $"Frame {Guid.NewGuid():n}", balls = Balls, mode = "frame" });
        await AssertRefusedAsync(unframed, HttpStatusCode.BadRequest, "layout");
        var kept = await Book.ReadAsync(web.Client);
        var names = kept.Select(row => row.GetProperty("name").GetString()!).ToList();
        Assert.Single(names, other => other == name);
        Assert.DoesNotContain(
            names, other => other.StartsWith("Overlap", StringComparison.Ordinal) || other.StartsWith("Frame ", StringComparison.Ordinal));
    }

    [Fact]
    public async Task With_the_database_away_shots_are_still_predicted_and_it_comes_back_without_a_restart()
    {
        var cluster = TestCluster.Beside("away", durable: false);
        var port = cluster.Start();
        await using var server = await BaizeServer.StartAsync(cluster);
        Assert.True((await Book.ReadAsync(server.Client)).Count > 0);
        cluster.Stop();
        using var away = await server.Client.GetAsync(new Uri("/api/positions", UriKind.Relative));
        await AssertRefusedAsync(away, HttpStatusCode.ServiceUnavailable, "databaseAway");
        using var unsaved = await server.Client.PostAsJsonAsync("/api/positions", new { name = "Nobody home", balls = Balls });
        await AssertRefusedAsync(unsaved, HttpStatusCode.ServiceUnavailable, "databaseAway");
        using var ready = await server.Client.GetAsync(new Uri("/health/ready", UriKind.Relative));
        Assert.Equal(HttpStatusCode.ServiceUnavailable, ready.StatusCode);
        using var predicted = await server.Client.PostAsJsonAsync(
            "/api/shots/predict", new { balls = Balls, strike = new { directionDeg = 0, pace = 4 } });
        Assert.Equal(HttpStatusCode.OK, predicted.StatusCode);
        Assert.Equal(port, cluster.Start());
        Assert.True((await Book.ReadAsync(server.Client)).Count > 0);
        await server.DisposeAsync();
        cluster.Stop();
    }

    private async Task<JsonElement> CreateAsync(string name)
    {
        using var response = await web.Client.PostAsJsonAsync("/api/positions", new
        {
            name = $"{name} {Guid.NewGuid():n}",
            balls = Balls,
            note = "Look here.",
            stroke = new { directionDeg = 12.5, pace = 4, side = 0.1, height = -0.2 },
        });
        Assert.Equal(HttpStatusCode.Created, response.StatusCode);
        return await response.Content.ReadFromJsonAsync<JsonElement>();
    }

    private static string Id(JsonElement row) => row.GetProperty("id").GetString()!;

    private static async Task AssertRefusedAsync(HttpResponseMessage response, HttpStatusCode status, string code)
    {
        Assert.Equal(status, response.StatusCode);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(code, problem.GetProperty("code").GetString());
        Assert.True(problem.GetProperty("detail").GetString()!.Length > 10);
    }
}
