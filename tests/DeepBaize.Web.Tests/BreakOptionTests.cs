using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// What a player may ask of a plan beyond the ball: line-ups, securing the frame, awkward colours, visits played out; through the public
/// API.
/// </summary>
[Collection("The pool for longer questions")]
public sealed class BreakOptionTests(WebFixture web)
{
    private static readonly object[] LineUp =
    [
        Ball("cue", 1200, 2300), .. new[] { 2000, 2200, 2400, 2850, 3000 }.Select((up, i) => Ball($"red{i + 1}", 889, up)), .. Colours,
    ];

    /// <summary>B47 through the API: the same stroke is offered with cushions and marked a failure without.</summary>
    [Fact]
    public async Task A_stroke_that_comes_to_a_cushion_fails_the_line_up_without_cushions_only()
    {
        // The blue, a colour on, is met thinly, and the white goes on to a cushion.
        object[] balls = [Ball("cue", 889, 1200), Ball("red1", 1700, 100), Ball("blue", 889, 1784.5)];
        Assert.Equal("No foul.", await RulingAsync(cushions: true));
        Assert.Equal("The attempt fails: the white comes to a cushion.", await RulingAsync(cushions: false));

        async Task<string?> RulingAsync(bool cushions) => (await web.PredictAsync(
            new { balls, strike = new { directionDeg = 2.0, pace = 6.0 }, state = new { on = "colour" }, lineUp = new { cushions } }))
                .GetProperty("verdict").Text("ruling");
    }

    [Fact]
    public async Task A_line_up_is_planned_with_region_counts_and_an_attempt_ends_with_a_miss()
    {
        var lineUp = new { cushions = false };
        var plan = (await PlanAsync(new { balls = LineUp, budget = 1500, lineUp }))[^1];
        Assert.NotEqual(0, plan.GetProperty("line").GetArrayLength());
        Assert.Equal([0, 2, 3, 0],
            plan.GetProperty("regions").EnumerateArray().Select(region => region.GetProperty("reds").GetArrayLength()));
        Assert.Equal(plan.GetProperty("line").EnumerateArray()
            .Count(step => step.Text("words").Contains(", with ", StringComparison.Ordinal)), plan.GetProperty("rests").GetInt32());
        var played = await web.AskAsync(
            "/api/breaks/step", new { balls = LineUp, stroke = plan.GetProperty("line")[0].GetProperty("stroke"), lineUp });
        Assert.Equal((1, JsonValueKind.Null), (played.GetProperty("points").GetInt32(), played.GetProperty("fails").ValueKind));
        var missed = await web.AskAsync(
            "/api/breaks/step", new { balls = LineUp, stroke = new { directionDeg = 180.0, pace = 1.5 }, lineUp });
        Assert.Equal("foul", missed.Text("fails"));
        Assert.False(missed.GetProperty("staysAtTable").GetBoolean());
    }

    /// <summary>Issue 17, point 10: a plan for the colours, and what its rows say.</summary>
    [Theory]
    [InlineData("yellow", 1100, 450)]
    [InlineData("blue", 1300, 600)]
    [InlineData("pink", 2300, 700)]
    [InlineData("black", 2900, 700)]
    public async Task Rows_of_a_plan_for_the_colours_tell_of_the_ball_that_the_line_plays_next(string on, int up, int across)
    {
        string[] order = ["yellow", "green", "brown", "blue", "pink", "black"];
        var left = order[Array.IndexOf(order, on)..];
        object[] balls =
        [
            Ball("cue", across, up),
            .. Colours.Where(ball => left.Any(colour => ball.ToString()!.Contains(colour, StringComparison.Ordinal))),
        ];
        var plan = (await PlanAsync(new { balls, budget = 1500, state = new { on } }))[^1];
        Assert.Equal(left, plan.GetProperty("line").EnumerateArray().Select(step => step.Text("ball")));
        var rows = plan.GetProperty("ledger").EnumerateArray().ToList();
        var leaves = rows.Where(row => row.Text("kind") is "next" or "runsPast" or "fallsShort").Select(row => row.Text("words")!).ToList();
        Assert.Equal(left.Length == 1, leaves.Count == 0);
        Assert.Equal(left.Length == 1, plan.GetProperty("chance").GetProperty("isLast").GetBoolean());
        Assert.All(leaves, words => Assert.All(
            order.Where(colour => words.Contains($"{colour} to the", StringComparison.Ordinal)), told => Assert.Equal(left[1], told)));
    }

    /// <summary>B48 through the API.</summary>
    [Fact]
    public async Task Past_an_awkward_colour_the_ways_on_are_told_with_their_risks()
    {
        object[] balls = [Ball("cue", 1078, 1100), Ball("green", 880, 549),
            .. Colours.Where(ball => !ball.ToString()!.Contains("green", StringComparison.Ordinal))];
        var ways = (await PlanAsync(new { balls, budget = 400, state = new { on = "yellow" } }))[^1].GetProperty("remedies")
            .EnumerateArray().ToList();
        Assert.Equal([null, "brown", "green"], ways.Select(way => way.GetProperty("pushed").GetString()).Order());
        Assert.All(ways, way => Assert.InRange(way.GetProperty("chance").Number("share"), 0.1, 1));
        Assert.Contains(ways, way => way.Text("words").StartsWith("Push the green: the yellow to the ", StringComparison.Ordinal));
        var free = (await PlanAsync(
            new { balls = (object[])[Ball("cue", 1078, 1100), .. Colours], budget = 200, state = new { on = "yellow" } }))[^1];
        Assert.Equal(0, free.GetProperty("remedies").GetArrayLength());
    }

    [Fact]
    public async Task A_frame_that_is_to_be_secured_is_told_as_a_chance()
    {
        object[] balls = [Ball("cue", 1150, 2950), Ball("red1", 520, 2900), .. Colours];
        var state = new { on = "colour", scores = new { player = 40, opponent = 30 } };
        var secure = (await PlanAsync(new { balls, budget = 600, state, wishes = new { goal = "secure", approach = "high" } }))[^1];
        Assert.InRange(secure.Number("worth"), 0.001, 1);
        Assert.Equal(17, secure.GetProperty("arithmetic").GetProperty("toSecure").GetInt32());
        Assert.StartsWith("17 more points win the frame: ", secure.Text("worthWords"), StringComparison.Ordinal);
        // A frame that is safe already is played for points.
        var safe = (await PlanAsync(
            new
            {
                balls,
                budget = 300,
                state = new { on = "colour", scores = new { player = 90, opponent = 0 } },
                wishes = new { goal = "secure" }
            }))[^1];
        Assert.StartsWith("About ", safe.Text("worthWords"), StringComparison.Ordinal);
    }

    /// <summary>B10 through the API: the line's chance is the product of its strokes'.</summary>
    [Fact]
    public async Task The_line_is_as_likely_as_the_product_of_its_strokes()
    {
        var plan = (await PlanAsync(new { balls = LineUp, budget = 800 }))[^1];
        var chances = plan.GetProperty("line").EnumerateArray().Select(step => step.GetProperty("chance").Number("share")).ToList();
        Assert.Equal(chances.Aggregate(1.0, (all, chance) => all * chance), plan.GetProperty("odds").Number("all"), 1e-9);
        Assert.Equal(chances.Min(), plan.GetProperty("odds").Number("least"), 1e-9);
    }

    [Fact]
    public async Task Visits_are_played_out_and_streamed_and_come_out_the_same_again()
    {
        var question = new { balls = LineUp, budget = 400 };
        var step = (await PlanAsync(question))[^1].GetProperty("line")[0];
        var body = new
        {
            question,
            pot = new { ball = step.Text("ball"), pocket = step.Text("pocket"), part = "opening" },
            stroke = step.GetProperty("stroke"),
            target = 8,
            visits = 12
        };
        var answers = await web.StreamAsync("/api/breaks/outlook", body);
        Assert.Equal([10, 12], answers.Select(answer => answer.GetProperty("visits").GetInt32()));
        Assert.Equal([false, true], answers.Select(answer => answer.GetProperty("isFinal").GetBoolean()));
        var last = answers[^1];
        Assert.InRange(last.Number("mean"), 0.5, last.GetProperty("best").GetInt32());
        Assert.Equal(last.ToString(), (await web.StreamAsync("/api/breaks/outlook", body))[^1].ToString());
    }

    [Theory]
    [InlineData("/api/breaks/plan", """{"wishes":{"goal":"win"}}""", "goal")]
    [InlineData("/api/breaks/plan", """{"wishes":{"approach":"left"}}""", "approach")]
    public async Task What_no_plan_can_be_for_is_refused(string path, string part, string code)
    {
        var wishes = JsonSerializer.Deserialize<JsonElement>(part).GetProperty("wishes");
        using var response = await web.Client.PostAsJsonAsync(path, new { balls = LineUp, wishes });
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Equal(code, (await response.Content.ReadFromJsonAsync<JsonElement>()).Text("code"));
    }

    [Theory]
    [InlineData(0, 10)]
    [InlineData(200, 10)]
    [InlineData(50, 0)]
    [InlineData(50, 5000)]
    public async Task Targets_and_visits_out_of_range_are_refused(int target, int visits)
    {
        var body = new
        {
            question = new { balls = LineUp },
            pot = new { ball = "red1", pocket = "topYellowSide" },
            stroke = new { directionDeg = 0.0, pace = 3.0 },
            target,
            visits
        };
        using var response = await web.Client.PostAsJsonAsync("/api/breaks/outlook", body);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Equal("range", (await response.Content.ReadFromJsonAsync<JsonElement>()).Text("code"));
    }

    private Task<List<JsonElement>> PlanAsync(object body) => web.StreamAsync("/api/breaks/plan", body);
}
