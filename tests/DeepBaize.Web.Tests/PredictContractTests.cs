using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>The shape of a prediction, what it promises, and what it refuses.</summary>
public sealed class PredictContractTests(WebFixture web)
{
    private const string Cue = """{"id":"cue","x":0.6,"y":0.9}""";

    private static readonly object[] Balls =
    [
        new { id = "cue", x = 2.824, y = 1.242 }, new { id = "black", x = 3.245, y = 0.889 }, new { id = "red1", x = 2.95, y = 0.62 },
    ];

    [Fact]
    public async Task A_pot_is_told_in_outcome_aim_and_words()
    {
        var answer = await web.PredictAsync(new { balls = Balls, strike = new { directionDeg = -36.71, pace = 5.5, height = -0.3 } });
        var outcome = answer.GetProperty("outcome");
        Assert.Equal("black", outcome.GetProperty("firstContact").GetString());
        Assert.Equal("topYellowSide", outcome.GetProperty("potted")[0].GetProperty("pocket").GetString());
        Assert.Equal("top", outcome.GetProperty("cushions")[0].GetString());
        Assert.Equal("atRest", outcome.GetProperty("ended").GetString());
        Assert.False(outcome.GetProperty("inOff").GetBoolean());
        Assert.False(outcome.GetProperty("miscueRisk").GetBoolean());
        Assert.Equal("right", answer.GetProperty("aim").GetProperty("cutTo").GetString());
        Assert.Equal("cue,red1",
            string.Join(',', answer.GetProperty("final").EnumerateArray().Select(ball => ball.GetProperty("id").GetString())));
        var verdict = answer.GetProperty("verdict");
        Assert.StartsWith("Black to the top pocket, yellow side.", verdict.GetProperty("sentence").GetString(), StringComparison.Ordinal);
        foreach (var part in new[] { "result", "height", "side", "pace", "white" })
            Assert.Contains(verdict.GetProperty(part).GetString()!, verdict.GetProperty("sentence").GetString(),
                StringComparison.OrdinalIgnoreCase);
        Assert.Equal("one tip low", verdict.GetProperty("height").GetString());
        Assert.Equal("pace 5.5", verdict.GetProperty("pace").GetString());
    }

    [Fact]
    public async Task Paths_join_without_gaps_and_end_where_the_balls_end()
    {
        var answer = await web.PredictAsync(new { balls = Balls, strike = new { directionDeg = -36.71, pace = 5.5, height = -0.3 } });
        var white = answer.GetProperty("paths").EnumerateArray().First(path => path.GetProperty("ball").GetString() == "cue");
        var segments = white.GetProperty("segments").EnumerateArray().ToList();
        for (var i = 1; i < segments.Count; i++)
        {
            Assert.Equal(segments[i - 1].GetProperty("endTime").GetDouble(), segments[i].GetProperty("startTime").GetDouble());
            Assert.Equal(segments[i - 1].GetProperty("points")[2][0].GetDouble(), segments[i].GetProperty("points")[0][0].GetDouble(),
                1e-9);
            Assert.Equal(segments[i - 1].GetProperty("points")[2][1].GetDouble(), segments[i].GetProperty("points")[0][1].GetDouble(),
                1e-9);
        }

        var final = answer.GetProperty("final")[0];
        Assert.Equal(final.GetProperty("x").GetDouble(), segments[^1].GetProperty("points")[2][0].GetDouble(), 1e-12);
    }

    [Fact]
    public async Task The_same_request_gives_the_same_bytes_in_any_order_of_balls()
    {
        var strike = new { directionDeg = -36.2, pace = 7, height = 0.1, side = 0.2 };
        var first = await BytesAsync(new { balls = Balls, strike });
        var again = await BytesAsync(new { balls = Balls, strike });
        var reversed = await BytesAsync(new { balls = Balls.Reverse().ToArray(), strike });
        Assert.Equal(first, again);
        Assert.Equal(first, reversed);

        async Task<string> BytesAsync(object request)
        {
            using var response = await web.Client.PostAsJsonAsync("/api/shots/predict", request);
            return await response.Content.ReadAsStringAsync();
        }
    }

    [Fact]
    public async Task Pace_white_speed_and_cue_speed_name_the_same_stroke()
    {
        var byPace = await web.PredictAsync(new { balls = Balls, strike = new { directionDeg = -36, pace = 6, side = 0.2 } });
        var stroke = byPace.GetProperty("stroke");
        var byWhite = await web.PredictAsync(new
        {
            balls = Balls,
            strike = new { directionDeg = -36, whiteSpeed = stroke.GetProperty("whiteSpeed").GetDouble(), side = 0.2 },
        });
        var byCue = await web.PredictAsync(new
        {
            balls = Balls,
            strike = new { directionDeg = -36, cueSpeed = stroke.GetProperty("cueSpeed").GetDouble(), side = 0.2 },
        });
        foreach (var other in new[] { byWhite, byCue })
        {
            Assert.Equal(
                byPace.GetProperty("final")[0].GetProperty("x").GetDouble(), other.GetProperty("final")[0].GetProperty("x").GetDouble(),
                1e-9);
            Assert.Equal("pace 6", other.GetProperty("verdict").GetProperty("pace").GetString());
        }
    }

    [Fact]
    public async Task A_dragged_ball_settles_against_its_neighbour_and_the_cushion()
    {
        var beside = await PlaceAsync(3.245 + 0.053, 0.889);
        Assert.Equal("black", beside.GetProperty("touching")[0].GetString());
        Assert.Equal(3.245 + 0.0525, beside.GetProperty("x").GetDouble(), 1e-9);
        var outside = await PlaceAsync(2, -0.4);
        Assert.Equal("yellowSide", outside.GetProperty("frozen")[0].GetString());
        Assert.Equal(0.02406, outside.GetProperty("y").GetDouble(), 1e-5);

        async Task<JsonElement> PlaceAsync(double x, double y)
        {
            var answer = await web.PredictAsync(new
            {
                balls = Balls,
                strike = new { directionDeg = 90, pace = 2 },
                placing = new { ball = "red1", x, y },
            });
            return answer.GetProperty("placing");
        }
    }

    /// <summary>The trade's names of contacts: 1 - sin(cut) of the ball is covered (common practice, no source).</summary>
    [Theory]
    [InlineData(1, "full ball")]
    [InlineData(0.75, "three-quarter ball")]
    [InlineData(0.53, "just fuller than half ball")]
    [InlineData(0.5, "half ball")]
    [InlineData(0.46, "just thinner than half ball")]
    [InlineData(0.37, "between quarter and half ball")]
    [InlineData(0.25, "quarter ball")]
    [InlineData(0.05, "very fine")]
    public async Task Contacts_are_named_by_how_much_of_the_ball_is_covered(double fraction, string words)
    {
        const double diameter = 0.0525;
        var answer = await web.PredictAsync(new
        {
            balls = new[] { new { id = "cue", x = 1.0, y = 0.9 }, new { id = "red1", x = 1.5, y = 0.9 + (diameter * (1 - fraction)) } },
            strike = new { directionDeg = 0, pace = 4 },
        });
        Assert.Equal(words, answer.GetProperty("verdict").GetProperty("contact").GetString());
        Assert.Equal(fraction, answer.GetProperty("aim").GetProperty("fraction").GetDouble(), 1e-9);
    }

    [Fact]
    public async Task A_stroke_that_cannot_end_stops_at_the_stated_time()
    {
        var answer = await web.PredictAsync(new
        {
            balls = new[] { new { id = "cue", x = 1.0, y = 0.889 } },
            initial = new { velocity = new[] { 1.0, 0, 0 }, spin = new[] { 0.0, 0, 0 } },
            coefficients = new
            {
                table = new
                {
                    slidingFriction = 0,
                    rollingFriction = 0,
                    cushionRestitution = 1,
                    cushionRestitutionLoss = 0,
                    cushionFriction = 0
                }
            },
        });
        Assert.Equal("timeLimit", answer.GetProperty("outcome").GetProperty("ended").GetString());
        Assert.Equal(120, answer.GetProperty("outcome").GetProperty("duration").GetDouble());
    }

    [Fact]
    public async Task A_tip_outside_half_the_ball_is_answered_with_a_warning()
    {
        var answer = await web.PredictAsync(new { balls = Balls, strike = new { directionDeg = 0, pace = 3, height = -0.55 } });
        Assert.True(answer.GetProperty("outcome").GetProperty("miscueRisk").GetBoolean());
    }

    /// <summary>What is refused, the code, and a word that the player's sentence must hold.</summary>
    [Theory]
    [InlineData("""{"balls":[],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "white is missing")]
    [InlineData("""{"balls":[{"id":"red1","x":1,"y":1}],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "white is missing")]
    [InlineData("""{"balls":[{"id":"cue","x":9,"y":1}],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "not on the bed")]
    [InlineData("""{"balls":[{"id":"cue","x":-0.03,"y":-0.03}],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "not on the bed")]
    [InlineData("""{"balls":[{"id":"cue","x":1e999,"y":1}],"strike":{"directionDeg":0,"pace":4}}""", 400, "badJson",
        "balls[0].x is no finite number")]
    [InlineData("""{"balls":[CUE,CUE],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "given 2 times")]
    [InlineData("""{"balls":[CUE,{"id":"red1","x":0.64,"y":0.9}],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "overlap")]
    [InlineData("""{"balls":[CUE,{"id":"red16","x":1,"y":0.9}],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "no ball called")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0}}""", 400, "strike", "How hard")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4,"whiteSpeed":2}}""", 400, "strike", "only one")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":11}}""", 400, "strike", "between 1 and 10")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"whiteSpeed":-1}}""", 400, "strike", "more than 0")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4,"side":0.8,"height":0.8}}""", 400, "strike", "miss the white")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4,"elevationDeg":81}}""", 400, "strike", "0 to 80 degrees")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4,"elevationDeg":-1}}""", 400, "strike", "0 to 80 degrees")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4,"height":-0.9,"elevationDeg":3}}""", 400, "strike",
        "meet the bed first")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":1e999,"pace":4}}""", 400, "badJson", "strike.directionDeg is no finite number")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":10,"side":0.5}}""", 422, "beyondTheCue", "cue speed")]
    [InlineData("""{"balls":[CUE]}""", 400, "strike", "how the white is struck")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"initial":{"velocity":[1,0,0],"spin":[0,0,0]}}""", 400, "strike",
        "not both")]
    [InlineData("""{"balls":[CUE],"initial":{"velocity":[0,0,-1],"spin":[0,0,0]}}""", 400, "initial", "pressed into the bed")]
    [InlineData("""{"balls":[CUE],"initial":{"velocity":[1,0],"spin":[0,0,0]}}""", 400, "initial", "three numbers")]
    [InlineData("""{"balls":[CUE],"initial":{"velocity":[100,0,0],"spin":[0,0,0]}}""", 400, "initial", "at most")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"table":{"cushionFriction":0.436436}}}""", 400,
        "coefficients", "cushionFriction")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"table":{"nap":0.005,"rollingFriction":0.008}}}""",
        400, "coefficients", "at most half the rolling friction")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"pockets":{"backDepth":0.06}}}""", 400,
        "coefficients", "no ball fits in")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"table":{"cushionRestitution":1.01}}}""", 400,
        "coefficients", "cushionRestitution")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"balls":{"mass":0}}}""", 400, "coefficients",
        "balls.mass")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"balls":{"restitution":-0.1}}}""", 400,
        "coefficients", "balls.restitution")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"pockets":{"cornerThroat":-1}}}""", 400,
        "coefficients", "pocket")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"coefficients":{"table":{"frictoin":1}}}""", 400, "badJson", "JSON")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":4},"placing":{"ball":"orange","x":1,"y":1}}""", 400, "placing",
        "no such ball")]
    [InlineData("""{"balls":[CUE],"strike":{"directionDeg":0,"pace":"4"}}""", 400, "badJson", "JSON")]
    [InlineData("""{"balls":[null],"strike":{"directionDeg":0,"pace":4}}""", 400, "layout", "missing")]
    [InlineData("""{"balls":null,"strike":{"directionDeg":0,"pace":4}}""", 400, "badJson", "JSON")]
    [InlineData("""{"hello":"world"}""", 400, "badJson", "JSON")]
    [InlineData("""[1,2""", 400, "badJson", "JSON")]
    [InlineData("", 400, "badRequest", "could not be read")]
    public async Task What_cannot_be_played_is_refused_with_a_sentence(string body, int status, string code, string words)
    {
        using var content = new StringContent(body.Replace("CUE", Cue, StringComparison.Ordinal), Encoding.UTF8, "application/json");
        using var response = await web.Client.PostAsync(new Uri("/api/shots/predict", UriKind.Relative), content);
        var text = await response.Content.ReadAsStringAsync();
        Assert.Equal(status, (int)response.StatusCode);
        Assert.Equal("application/problem+json", response.Content.Headers.ContentType?.MediaType);
        var problem = JsonDocument.Parse(text).RootElement;
        Assert.Equal(code, problem.GetProperty("code").GetString());
        Assert.Contains(words, problem.GetProperty("detail").GetString(), StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("   at ", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Exception", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Too_many_balls_are_refused()
    {
        var balls = Enumerable.Range(0, 23).Select(i => new { id = $"red{1 + i % 15}", x = 0.2 + 0.06 * i, y = 0.4 }).ToArray();
        using var response = await web.Client.PostAsJsonAsync(
            "/api/shots/predict", new { balls, strike = new { directionDeg = 0, pace = 4 } });
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Contains("a set has 22", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_body_over_one_megabyte_is_refused()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, new Uri("/api/shots/predict", UriKind.Relative));
        request.Content = new StringContent(new string(' ', 1_100_000) + "{}", Encoding.UTF8, "application/json");
        // The server does not wait for what it refuses: whoever goes on sending may find the connection closed before he reads why.
        request.Headers.ExpectContinue = true;
        using var response = await web.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, response.StatusCode);
        Assert.Contains("1 MB", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_run_rule_rises_and_holds_the_club_figures()
    {
        using var response = await web.Client.PostAsJsonAsync("/api/run-rule", new { });
        var marks = (await response.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("marks").EnumerateArray()
            .ToDictionary(mark => Math.Round(mark.GetProperty("pace").GetDouble(), 1), mark => mark.GetProperty("lengths").GetDouble());
        Assert.Equal(91, marks.Count);
        Assert.True(marks.OrderBy(mark => mark.Key).Zip(marks.OrderBy(mark => mark.Key).Skip(1))
            .All(pair => pair.Second.Value > pair.First.Value));
        // A club table as players describe it: about 0.4, 1.2, 2.4, 3.9 lengths (common practice, no source).
        Assert.Equal(0.4, marks[1], 0.05);
        Assert.Equal(1.2, marks[4], 0.06);
        Assert.Equal(2.4, marks[7], 0.06);
        Assert.Equal(3.9, marks[10], 0.06);
    }

    [Theory]
    [InlineData("/health/live")]
    [InlineData("/health/ready")]
    public async Task The_server_says_that_it_is_well(string path)
    {
        Assert.Equal("Healthy", await web.Client.GetStringAsync(new Uri(path, UriKind.Relative)));
    }

    [Fact]
    public async Task The_description_names_every_route_with_plain_numbers()
    {
        var document = JsonDocument.Parse(await web.Client.GetStringAsync(new Uri("/openapi/v1.json", UriKind.Relative))).RootElement;
        var paths = document.GetProperty("paths").EnumerateObject().Select(path => path.Name).ToList();
        foreach (var path in new[] { "/api/shots/predict", "/api/positions", "/api/positions/{id}", "/api/run-rule", "/api/table",
            "/api/shelf" })
            Assert.Contains(path, paths);
        var x = document.GetProperty("components").GetProperty("schemas").GetProperty("BallPlace").GetProperty("properties")
            .GetProperty("x");
        Assert.Equal("number", x.GetProperty("type").GetString());
    }
}
