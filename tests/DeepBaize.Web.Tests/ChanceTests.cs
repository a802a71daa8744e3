using System.Net;
using System.Net.Http.Json;
using System.Net.ServerSentEvents;
using System.Text.Json;
using DeepBaize.Tests;
using DeepBaize.Web.Compute;
using Microsoft.Extensions.DependencyInjection;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>What strokes come to in a player's hands, through the public API.</summary>
[Collection("The pool for longer questions")]
public sealed class ChanceTests(WebFixture web)
{
    private static readonly object[] HighBlack = [
        Ball("cue", 1278, 2800), Black, Ball("pink", 889, 2676.75), Ball("red1", 1178, 2400), Ball("red2", 578, 2900)];

    [Fact]
    public async Task A_stronger_player_pots_more_and_scatters_less_and_meets_the_same_draws()
    {
        var starter = await ChanceAsync(Stroke("starter"));
        var expert = await ChanceAsync(Stroke("expert"));
        Assert.True(expert.GetProperty("pot").Number("share") > starter.GetProperty("pot").Number("share") + 0.25);
        Assert.True(expert.Number("handsMm") < starter.Number("handsMm") / 2);
        Assert.Equal(starter.Number("directionDeg"), expert.Number("directionDeg"));
        Assert.Equal((await ChanceAsync(Stroke("expert"))).ToString(), expert.ToString());
    }

    [Fact]
    public async Task Every_row_can_be_read_aloud_and_says_what_the_numbers_say()
    {
        var answer = await ChanceAsync(Stroke("club"));
        var rows = answer.GetProperty("rows").EnumerateArray().ToDictionary(row => row.Text("kind"));
        Assert.All(new[] { "pot", "next", "runsPast", "fallsShort", "cueing", "source" }, kind => Assert.Contains(kind, rows.Keys));
        Assert.All(rows.Values, row => Assert.EndsWith(".", row.Text("words"), StringComparison.Ordinal));
        Assert.Contains(answer.GetProperty("pot").Text("words"), rows["pot"].Text("words"), StringComparison.Ordinal);
        var pot = answer.GetProperty("pot");
        Assert.InRange(pot.Number("share"), pot.Number("low"), pot.Number("high"));
        Assert.Equal(400, pot.GetProperty("of").GetInt32());
        var stain = answer.GetProperty("stain");
        Assert.True(stain.GetProperty("half").GetArrayLength() > stain.GetProperty("rest").GetArrayLength());
    }

    /// <summary>
    /// B26: black to the right corner; the roll line enters the mouth of the right middle pocket, the stun line does not.
    /// </summary>
    [Fact]
    public async Task B26_the_in_off_is_told_with_its_chance_and_gone_with_a_stun()
    {
        object[] balls = [Ball("cue", 583, 3381), Black];
        var rolling = await ChanceAsync(new { question = Question(balls, "black", TopRight, 5, height: 0.4), doubt = "none" });
        Assert.Equal("middleYellowSide", rolling.GetProperty("inOffs")[0].Text("name"));
        Assert.True(rolling.GetProperty("inOff").Number("share") > 0.05, rolling.GetProperty("inOff").ToString());
        Assert.Contains(rolling.GetProperty("rows").EnumerateArray(), row => row.Text("kind") == "inOff"
            && row.GetProperty("isWarning").GetBoolean());
        var stun = await ChanceAsync(new { question = Question(balls, "black", TopRight, 5, height: -0.08), doubt = "none" });
        Assert.True(stun.GetProperty("inOff").Number("share") < rolling.GetProperty("inOff").Number("share") / 4);
    }

    /// <summary>B23 and B01 over HTTP: a ball frozen to the baulk cushion, and the hand that changes the side.</summary>
    [Fact]
    public async Task B23_the_face_that_cannot_be_reached_is_told_with_what_to_mind()
    {
        var frozen = await CueAsync(new { balls = new[] { Ball("cue", 889, 26.25) }, strike = new { directionDeg = 0.0, pace = 3 } });
        Assert.False(frozen.GetProperty("isPossible").GetBoolean());
        Assert.Equal(4, frozen.Number("hardestPace"));
        Assert.True(frozen.GetProperty("face").EnumerateArray()
            .All(limit => limit.GetProperty("lowest").ValueKind == JsonValueKind.Null || limit.Number("lowest") > 0.2));
        Assert.Contains("short bridge", frozen.Text("words"), StringComparison.Ordinal);
        var middle = new[] { Ball("cue", 889, 2400) };
        var right = await CueAsync(
            new { balls = middle, strike = new { directionDeg = 0.0, pace = 3 }, player = new { hand = "right", reach = 0.9 } });
        var left = await CueAsync(
            new { balls = middle, strike = new { directionDeg = 0.0, pace = 3 }, player = new { hand = "left", reach = 0.9 } });
        Assert.Equal(("greenSide", "yellowSide"), (right.GetProperty("best").Text("side"), left.GetProperty("best").Text("side")));
    }

    /// <summary>B12 over HTTP, with the reason in words.</summary>
    [Fact]
    public async Task B12_a_place_is_judged_with_the_reason_and_the_zone_is_there()
    {
        var wishes = new[] { new { ball = "black", pocket = TopLeft, mostCutDeg = 40 },
            new { ball = "pink", pocket = MiddleLeft, mostCutDeg = 30 } };
        object[] balls = [Black, Ball("pink", 889, 2676.75)];
        var inside = await web.AskAsync("/api/zones", new { balls, goal = new { wishes }, at = new { x = 2.95, y = 0.628 } });
        Assert.Empty(inside.GetProperty("reasons").EnumerateArray());
        Assert.True(inside.GetProperty("runs").GetArrayLength() > 3);
        var outside = await web.AskAsync("/api/zones", new { balls, goal = new { wishes }, at = new { x = 2.95, y = 0.778 } });
        Assert.Equal("The black is cut 57 degrees.", Assert.Single(outside.GetProperty("reasons").EnumerateArray()).GetString());
    }

    [Fact]
    public async Task Strokes_are_compared_and_the_better_product_is_recommended()
    {
        var answer = await web.AskAsync("/api/chances/compare", new { plans = new[] { Stroke("club"), Stroke("club", pace: 7.5) } });
        Assert.Equal(0, answer.GetProperty("recommended").GetInt32());
        Assert.StartsWith("Play A", answer.Text("words"), StringComparison.Ordinal);
        var plans = answer.GetProperty("plans").EnumerateArray().ToList();
        Assert.True(plans[0].Number("product") > plans[1].Number("product"));
    }

    /// <summary>B65 over HTTP: who avoids side has a stroke with side marked down below an equal one without.</summary>
    [Fact]
    public async Task B65_a_school_re_ranks_what_is_compared()
    {
        Assert.Equal(1, await RecommendedAsync("helping"));
        Assert.Equal(0, await RecommendedAsync("avoid"));

        // The second plan is a little better and uses side; it asks less of the pace.
        async Task<int> RecommendedAsync(string side)
        {
            object Plan(double pace, double tip) => new
            {
                question = Question(HighBlack, "black", TopLeft, pace, side: tip, part: "opening"),
                player = new { preset = "club", preferences = new { side } },
            };
            var answer = await web.AskAsync("/api/chances/compare", new { plans = new[] { Plan(7.5, 0), Plan(4.5, 0.1) } });
            return answer.GetProperty("recommended").GetInt32();
        }
    }

    [Fact]
    public async Task The_search_streams_better_answers_first_one_soon_and_stops_when_its_reader_leaves()
    {
        var pool = web.Services.GetRequiredService<ComputePool>();
        await SearchAsync();
        var clock = System.Diagnostics.Stopwatch.StartNew();
        var (answers, first) = await SearchAsync();
        Figures.Print($"search for a stroke: first answer after {first.TotalMilliseconds:0} ms, {answers.Count} answers, done after "
            + $"{clock.ElapsedMilliseconds} ms.");
        Assert.True(answers[^1].GetProperty("isFinal").GetBoolean());
        Assert.Equal([.. answers.Select(answer => answer.GetProperty("played").GetInt32()).Order()],
            answers.Select(answer => answer.GetProperty("played").GetInt32()));
        Assert.NotEmpty(answers[^1].GetProperty("best").EnumerateArray());

        using var leave = new CancellationTokenSource();
        using var handler = new SocketsHttpHandler { ResponseDrainTimeout = TimeSpan.Zero };
        using var client = new HttpClient(handler) { BaseAddress = web.Client.BaseAddress };
        using (var response = await SendAsync(client, leave.Token))
        {
            var stream = await response.Content.ReadAsStreamAsync(leave.Token);
            Assert.True(await stream.ReadAsync(new byte[100], leave.Token) > 0);
            await leave.CancelAsync();
        }

        await Waiting.UntilAsync(() => pool.Busy == 0);

        async Task<(List<JsonElement> Answers, TimeSpan First)> SearchAsync()
        {
            var (found, began, soon) = (new List<JsonElement>(), System.Diagnostics.Stopwatch.StartNew(), TimeSpan.Zero);
            using var response = await SendAsync(web.Client, CancellationToken.None);
            await foreach (var item in SseParser.Create(await response.Content.ReadAsStreamAsync()).EnumerateAsync())
            {
                if (found.Count == 0) soon = began.Elapsed;
                found.Add(JsonSerializer.Deserialize<JsonElement>(item.Data));
            }

            return (found, soon);
        }

        static async Task<HttpResponseMessage> SendAsync(HttpClient client, CancellationToken cancel)
        {
            using var request = new HttpRequestMessage(
                HttpMethod.Post, "/api/chances/search")
            { Content = JsonContent.Create(Stroke("club")) };
            return await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancel);
        }
    }

    [Fact]
    public async Task Simpler_pack_and_cushion_answer_in_sentences()
    {
        var simpler = await web.AskAsync(
            "/api/chances/simpler",
            new { question = Question(HighBlack, "black", TopLeft, 6, side: 0.3, height: 0.2), player = new { preset = "club" } });
        Assert.EndsWith(".", simpler.Text("words"), StringComparison.Ordinal);
        var pack = await web.AskAsync("/api/chances/pack", new { question = Stroke("club") });
        Assert.Equal(9, pack.GetProperty("ways").GetArrayLength());
        var cushion = await web.AskAsync("/api/chances/cushion", new { question = Stroke("club"), place = new { x = 2.6, y = 0.6 } });
        Assert.StartsWith("The rule at the table", cushion.Text("words"), StringComparison.Ordinal);
        var off = await web.AskAsync("/api/chances/cushion", new
        {
            question = new
            {
                question = Question(HighBlack, "black", TopLeft, 4),
                player = new { preferences = new { cushionRule = false } }
            },
            place = new { x = 2.6, y = 0.6 },
        });
        Assert.Equal(JsonValueKind.Null, off.GetProperty("rule").ValueKind);
    }

    [Theory]
    [InlineData("""{"alignment":{"size":-1}}""", "cannot be less than nothing")]
    [InlineData("""{"reach":4}""", "A reach of 4 m cannot be")]
    [InlineData("""{"hand":"both"}""", "right or left")]
    [InlineData("""{"preset":"wizard"}""", "starter, club, league or expert")]
    [InlineData("""{"paces":[{"pace":3,"whiteSpeed":2},{"pace":5,"whiteSpeed":1.5}]}""", "a harder pace must run farther")]
    public async Task A_player_that_cannot_be_is_refused_with_a_sentence(string player, string sentence)
    {
        var body = new { question = Question(HighBlack, "black", TopLeft, 4), player = JsonSerializer.Deserialize<JsonElement>(player) };
        using var response = await web.Client.PostAsJsonAsync("/api/chances/stroke", body);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Contains(sentence, (await response.Content.ReadFromJsonAsync<JsonElement>()).Text("detail"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Odd_questions_are_refused()
    {
        foreach (var (path, body) in new (string, object)[]
        {
            ("/api/chances/stroke", new { question = Question(HighBlack, "black", TopLeft, 4), samples = 3 }),
            ("/api/chances/stroke", new { question = Question(HighBlack, "black", TopLeft, 4), doubt = "some" }),
            ("/api/chances/compare", new { plans = new[] { Stroke("club") } }),
            ("/api/zones", new { balls = HighBlack, goal = new { } }),
            ("/api/chances/pack", new { question = Stroke("club"), paces = new[] { 12.0 } }),
        })
        {
            using var response = await web.Client.PostAsJsonAsync(path, body);
            Assert.True(response.StatusCode == HttpStatusCode.BadRequest, $"{path}: {response.StatusCode}");
        }
    }

    /// <summary>The player's own paces are what pace means in a request and its answer.</summary>
    [Fact]
    public async Task A_pace_of_the_players_own_scale_sets_the_speed_and_is_told_back()
    {
        object Cue(object? paces) => new { cue = new { paces } };
        var own = await web.PredictAsync(new
        {
            balls = HighBlack,
            strike = new { directionDeg = 120.0, pace = 4.0 },
            coefficients = Cue(new[] { new { pace = 3.0, whiteSpeed = 1.5 }, new { pace = 5.0, whiteSpeed = 2.5 } }),
        });
        Assert.Equal(Math.Sqrt(1.5 * 2.5), own.GetProperty("stroke").Number("whiteSpeed"), 1e-9);
        Assert.Equal(4, own.GetProperty("stroke").Number("pace"), 1e-9);
        Assert.Contains("pace 4", own.GetProperty("verdict").Text("sentence"), StringComparison.Ordinal);
    }

    private static object Stroke(string preset, double pace = 4) =>
        new { question = Question(HighBlack, "black", TopLeft, pace, part: "opening"), player = new { preset } };

    private Task<JsonElement> ChanceAsync(object body) => web.AskAsync("/api/chances/stroke", body);

    private Task<JsonElement> CueAsync(object body) => web.AskAsync("/api/cueing", body);
}
