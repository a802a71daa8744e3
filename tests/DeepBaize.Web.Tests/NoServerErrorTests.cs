using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using DeepBaize.Data;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Tests;

/// <summary>What once was "something went wrong" is answered, or refused with its reason.</summary>
public sealed class NoServerErrorTests(WebFixture web)
{
    private const string SavedName = "Saved once";
    private static readonly object Cue = new { id = "cue", x = 1.0, y = 0.5 };
    private static readonly object Black = new { id = "black", x = 3.245, y = 0.889 };

    [Fact]
    public async Task The_table_is_read_also_with_nothing_on_it_but_the_white()
    {
        var read = await PostAsync("/api/pots/matrix", new { balls = new[] { Cue } }, HttpStatusCode.OK);
        Assert.Equal(0, read.GetProperty("entries").GetArrayLength());
        Assert.Equal("Nothing is on.", read.GetProperty("words").GetString());
    }

    [Theory]
    [InlineData("slow-old-cloth", "starter")]
    [InlineData("slow-old-cloth", "expert")]
    [InlineData("match", "club")]
    public async Task A_player_is_looked_at_on_any_table(string profile, string preset)
    {
        var look = await PostAsync("/api/players/look", new { player = new { preset }, profile }, HttpStatusCode.OK);
        Assert.InRange(look.GetProperty("straight").GetProperty("share").GetDouble(), 0.02, 0.8);
    }

    [Fact]
    public async Task Anchors_are_found_with_a_softest_pace_of_one_s_own()
    {
        var paces = new[] { new { pace = 1.0, whiteSpeed = 0.3, scatter = 0.05 }, new { pace = 10.0, whiteSpeed = 5.0, scatter = 0.05 } };
        var question = new
        {
            balls = new[] { Cue, Black },
            pot = new { ball = "black", pocket = "topGreenSide" },
            strike = new { directionDeg = 0, pace = 1 },
            coefficients = new { cue = new { paces } },
        };
        var found = await PostAsync("/api/pots/anchors", new { question }, HttpStatusCode.OK);
        Assert.Equal(3, found.GetProperty("anchors").GetArrayLength());
    }

    [Fact]
    public async Task A_way_by_which_the_player_never_pots_is_none()
    {
        // A long thin red that a stroke as meant pots, and no stroke of the club player.
        object[] balls =
        [
            new { id = "cue", x = 0.38488094681635543, y = 0.202053737138423 },
            new { id = "red13", x = 3.027759141157269, y = 0.8562887824821699 },
        ];
        var question = new
        {
            balls,
            pot = new { ball = "red13", pocket = "topYellowSide" },
            strike = new { directionDeg = 13, pace = 6.6, height = 0.28 },
        };
        var place = new { x = 1.3396017505971722, y = 0.5257108744120742 };
        var found = await PostAsync("/api/chances/cushion", new { question = new { question, seed = 1 }, place }, HttpStatusCode.OK);
        Assert.False(string.IsNullOrEmpty(found.GetProperty("words").GetString()));
    }

    [Fact]
    public async Task A_long_name_that_ends_in_a_sign_of_two_halves_is_copied()
    {
        var name = new string('n', 78) + "\U0001F3B1";
        Assert.Equal(80, name.Length);
        var saved = await PostAsync("/api/positions", new { name, balls = new[] { Cue } }, HttpStatusCode.Created);
        for (var i = 0; i < 3; i++)
        {
            using var copied =
                await web.Client.PostAsync(new Uri($"/api/positions/{saved.GetProperty("id").GetString()}/copy", UriKind.Relative), null);
            Assert.True(copied.IsSuccessStatusCode, await copied.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        }
    }

    [Theory]
    [InlineData("/api/shots/predict", "null", "application/json")]
    [InlineData("/api/pots/play", "null", "application/json")]
    [InlineData("/api/positions", "null", "application/json")]
    [InlineData("/api/chances/compare", "null", "application/json")]
    [InlineData("/api/shelf/cues", """{"name":"Nothing","document":null}""", "application/json")]
    [InlineData("/api/pots/between", """{"tries":[{"value":2.5,"miss":0.9},null],"within":0.7}""", "application/json")]
    [InlineData("/api/players/paces", """{"trials":[null]}""", "application/json")]
    [InlineData("/api/exchange/json", """{"name":"Gap","balls":[{"id":"cue","x":1,"y":0.5}],"coefficients":{"cue":{"paces":[null]}}}""",
        "application/json")]
    [InlineData("/api/shots/predict", "{}", "application/json; charset=none")]
    [InlineData("/api/shots/predict", "{}", "application/json; charset=utf-16")]
    [InlineData("/api/shots/predict", """{"balls":[null],"strike":{"directionDeg":0,"pace":3}}""", "application/json")]
    [InlineData("/api/shots/predict", """{"balls":[{"id":"cue","x":1e999,"y":0.5}],"strike":{"directionDeg":0,"pace":3}}""",
        "application/json")]
    [InlineData("/api/shots/predict", """{"balls":[{"id":"cue","x":1,"y":0.5}],"strike":{"directionDeg":1e308,"pace":3}}""",
        "application/json")]
    [InlineData("/api/shots/predict", """{"balls":[{"id":"cue","x":1,"y":0.5}],"initial":{"velocity":[1e200,1e200,0],"spin":[0,0,0]}}""",
        "application/json")]
    [InlineData("/api/positions", """{"name":"half \ud83c sign","balls":[{"id":"cue","x":1,"y":0.5}]}""", "application/json")]
    [InlineData("/api/positions", """{"name":"zero \u0000 sign","balls":[{"id":"cue","x":1,"y":0.5}]}""", "application/json")]
    public async Task What_cannot_be_meant_is_refused_with_a_sentence(string path, string body, string type)
    {
        using var content = new StringContent(body, Encoding.UTF8);
        content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
        using var response = await web.Client.PostAsync(new Uri(path, UriKind.Relative), content);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode is HttpStatusCode.BadRequest or HttpStatusCode.UnsupportedMediaType, problem.ToString());
        Assert.False(string.IsNullOrWhiteSpace(problem.GetProperty("detail").GetString()), problem.ToString());
    }

    [Fact]
    public async Task A_number_of_four_hundred_digits_is_refused()
    {
        var digits = new string('9', 400);
        using var content = new StringContent(
            $$"""{"balls":[{"id":"cue","x":1,"y":0.5}],"target":{{digits}},"budget":{{digits}}}""", Encoding.UTF8, "application/json");
        using var response = await web.Client.PostAsync(new Uri("/api/breaks/plan", UriKind.Relative), content);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
    }

    [Theory]
    [InlineData("text/html")]
    [InlineData("image/png")]
    public async Task A_refusal_comes_whatever_kind_of_answer_is_asked_for(string accept)
    {
        using var request = new HttpRequestMessage(
            HttpMethod.Post, "/api/shots/predict")
        { Content = JsonContent.Create(new { balls = Array.Empty<object>() }) };
        request.Headers.Accept.ParseAdd(accept);
        using var response = await web.Client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(
            (HttpStatusCode.BadRequest, "application/problem+json"),
            (response.StatusCode, response.Content.Headers.ContentType?.MediaType));
    }

    [Fact]
    public void What_goes_wrong_on_one_of_several_threads_is_told_as_what_it_is()
    {
        Assert.Equal(
            422, ProblemHandler.Describe(
                new AggregateException(new AggregateException(new ImpactBudgetException("It did not end.")))).Status);
        Assert.Equal(422, ProblemHandler.Describe(new AggregateException(new WorkBudgetException(5))).Status);
        Assert.Equal(500, ProblemHandler.Describe(new AggregateException(new InvalidOperationException())).Status);
    }

    [Fact]
    public void What_a_newer_program_kept_is_refused_with_a_sentence()
    {
        var problem = ProblemHandler.Describe(new NewerDocumentException(9, 7));
        Assert.Equal(409, problem.Status);
        Assert.StartsWith("This was kept by a newer version of Deep Baize, in version 9", problem.Detail, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_saves_at_once_one_stays_and_the_others_are_told_that_it_was_changed()
    {
        var saved = await PostAsync(
            "/api/positions", new { name = $"{SavedName} {Guid.NewGuid():n}", balls = new[] { Cue } }, HttpStatusCode.Created);
        var (id, version) = (saved.GetProperty("id").GetString(), saved.GetProperty("version").GetInt32());
        var answers = await Task.WhenAll(Enumerable.Range(0, 12).Select(async _ =>
        {
            using var response = await web.Client.PutAsJsonAsync(
                $"/api/positions/{id}", new { version, balls = new[] { Cue, Black } }, TestContext.Current.CancellationToken);
            return (response.StatusCode,
                Body: await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken));
        }));
        Assert.Single(answers, answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.All(answers.Where(answer => answer.StatusCode != HttpStatusCode.OK),
            answer => Assert.Equal(
                (HttpStatusCode.Conflict, "changedMeanwhile"), (answer.StatusCode, answer.Body.GetProperty("code").GetString())));
    }

    [Fact]
    public async Task Copies_and_changes_of_what_is_in_use_at_once_all_succeed()
    {
        var copies = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(_ => PostAsync("/api/shelf/cues/house/copy", null, HttpStatusCode.OK)));
        Assert.Equal(8, copies.Select(copy => copy.GetProperty("name").GetString()).Distinct().Count());
        var cues = copies.Select(copy => copy.GetProperty("id").GetString()).ToList();
        var used = await Task.WhenAll(cues.Concat(cues).Select(async id =>
        {
            using var response = await web.Client.PostAsync(
                new Uri($"/api/shelf/cues/{id}/use", UriKind.Relative), null, TestContext.Current.CancellationToken);
            return response.StatusCode;
        }));
        Assert.All(used, status => Assert.Equal(HttpStatusCode.NoContent, status));
        var shelf = await web.Client.GetFromJsonAsync<JsonElement>("/api/shelf", TestContext.Current.CancellationToken);
        Assert.Single(shelf.GetProperty("cues").EnumerateArray(), cue => cue.GetProperty("isCurrent").GetBoolean());
        // The fixture is shared: the house's cue is in use again.
        using var again = await web.Client.PostAsync(
            new Uri("/api/shelf/cues/house/use", UriKind.Relative), null, TestContext.Current.CancellationToken);
    }

    [Theory]
    [InlineData("left\u202Eright")]
    [InlineData("zero\u200Bwidth")]
    [InlineData("\u3164")]
    [InlineData("soft\u00ADhyphen")]
    [InlineData("isolate\u2066d")]
    [InlineData("line\u2028end")]
    public async Task Names_are_of_signs_that_can_be_seen_and_stand_where_they_are_written(string name)
    {
        var problem = await PostAsync("/api/positions", new { name, balls = new[] { Cue } }, HttpStatusCode.BadRequest);
        Assert.Equal("name", problem.GetProperty("code").GetString());
        problem = await PostAsync("/api/shelf/players", new { name, document = new { preset = "club" } }, HttpStatusCode.BadRequest);
        Assert.Equal("name", problem.GetProperty("code").GetString());
        problem = await PostAsync(
            "/api/positions", new { name = "fine", balls = new[] { Cue }, tags = new[] { name } }, HttpStatusCode.BadRequest);
        Assert.Equal("tags", problem.GetProperty("code").GetString());
    }

    [Theory]
    [InlineData("  =1+1")]
    [InlineData("\uFF1D1")]
    [InlineData("\uFF0Bsum")]
    [InlineData("\uFF20here")]
    [InlineData("red;=1")]
    [InlineData(" -cmd")]
    [InlineData("+1")]
    [InlineData("@sum")]
    public async Task No_cell_of_a_table_is_worked_out_by_a_spreadsheet(string text)
    {
        var marks = new[] { new { id = "a", kind = "target", places = new[] { new { x = 1.0, y = 0.8 } }, radius = 0.2, text } };
        await PostAsync("/api/exchange/csv", new { balls = new[] { Cue }, marks }, HttpStatusCode.BadRequest);
        var file = $"record,name,x_mm,y_mm,value\nversion,,,,1\ntarget,a,1000,800,\ntext,a,,,\"{text}\"\n";
        using var content = new StringContent(file, Encoding.UTF8, "text/csv");
        using var read =
            await web.Client.PostAsync(new Uri("/api/exchange/read", UriKind.Relative), content, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.BadRequest, read.StatusCode);
        Assert.Contains("formula", await read.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    private async Task<JsonElement> PostAsync(string path, object? body, HttpStatusCode status)
    {
        using var response = body is null
            ? await web.Client.PostAsync(new Uri(path, UriKind.Relative), null, TestContext.Current.CancellationToken)
            : await web.Client.PostAsJsonAsync(path, body, TestContext.Current.CancellationToken);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        Assert.True(response.StatusCode == status, $"{response.StatusCode}: {json}");
        return json;
    }
}
