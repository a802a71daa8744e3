using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>Plans for the break, through the public API.</summary>
[Collection("The pool for longer questions")]
public sealed class BreakTests(WebFixture web)
{
    private static readonly object[] Reds = [
        Ball("cue", 700, 2300), Ball("red1", 420, 2900), Ball("red2", 620, 3000), Ball("red3", 1300, 2700), .. Colours];

    [Fact]
    public async Task The_first_answer_comes_early_and_the_last_says_why_what_it_costs_and_what_may_go_wrong()
    {
        var answers = await PlanAsync(new { balls = Reds, budget = 1500 });
        Assert.True(answers.Count >= 2);
        Assert.Equal(answers.Count - 1, answers.FindIndex(answer => answer.GetProperty("isFinal").GetBoolean()));
        var last = answers[^1];
        Assert.StartsWith("red", last.GetProperty("line")[0].Text("ball"), StringComparison.Ordinal);
        Assert.InRange(last.GetProperty("line").GetArrayLength(), 1, 4);
        var because = last.GetProperty("because").EnumerateArray().ToList();
        Assert.InRange(because.Count, 1, 2);
        Assert.All(because, versus =>
        {
            var parts = versus.GetProperty("reasons").EnumerateArray().Select(reason => reason.GetProperty("worth").GetDouble()).ToList();
            if (parts.Count > 0) Assert.Equal(versus.GetProperty("lead").GetDouble(), parts.Sum(), 0.0501);
            Assert.EndsWith(".", versus.Text("words"), StringComparison.Ordinal);
        });
        Assert.Contains(last.GetProperty("ledger").EnumerateArray(), row => row.Text("kind") == "runsPast");
        Assert.Equal("red", last.GetProperty("arithmetic").Text("on"));
        Assert.Equal(3 * 8 + 27, last.GetProperty("arithmetic").GetProperty("remaining").GetInt32());
        Assert.EndsWith(".", last.Text("sentence"), StringComparison.Ordinal);
        Assert.All(last.GetProperty("decisive").EnumerateArray(),
            words => Assert.Contains(words.GetString()!, last.Text("sentence"), StringComparison.Ordinal));
    }

    [Fact]
    public async Task What_a_miss_leaves_is_told_of_the_opponent_who_was_named()
    {
        var (alike, named) = (await MissAsync(null), await MissAsync(new { preset = "expert" }));
        Assert.DoesNotContain("the opponent", alike, StringComparison.Ordinal);
        Assert.DoesNotContain("like you", named, StringComparison.Ordinal);
        Assert.NotEqual(alike, named);

        async Task<string> MissAsync(object? opponent)
        {
            var plan = (await PlanAsync(new { balls = Reds, budget = 400, player = new { preset = "starter" }, opponent }))[^1];
            return plan.GetProperty("ledger").EnumerateArray().First(row => row.Text("kind") == "miss").Text("words");
        }
    }

    /// <summary>Issue 17, point 4: the plan's first stroke goes as often as the same stroke on the sheet.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public async Task Every_number_can_be_computed_again_by_the_same_call_and_the_chance_by_its_own(int position)
    {
        object[] balls = position switch
        {
            1 => Reds,
            2 => [Ball("cue", 1100, 2850), .. Colours],
            _ => [Ball("cue", 800, 1900), Ball("red1", 300, 2600), .. Colours],
        };
        var body = new { balls, budget = 600, seed = position, doubt = "measured" };
        var first = (await PlanAsync(body))[^1];
        Assert.Equal(first.ToString(), (await PlanAsync(body))[^1].ToString());
        var step = first.GetProperty("line")[0];
        var stroke = step.GetProperty("stroke");
        var chance = await web.AskAsync("/api/chances/stroke", new
        {
            question = new
            {
                balls,
                pot = new { ball = step.Text("ball"), pocket = step.Text("pocket"), part = "opening" },
                strike = new
                {
                    directionDeg = stroke.Number("directionDeg"),
                    pace = stroke.Number("pace"),
                    side = stroke.Number("side"),
                    height = stroke.Number("height")
                },
            },
            doubt = "measured",
            seed = position,
            samples = 1600,
        });
        Assert.Equal(first.GetProperty("chance").GetProperty("pot").Number("share"), chance.GetProperty("pot").Number("share"));
        Assert.Equal(step.GetProperty("chance").Number("share"), chance.GetProperty("pot").Number("share"));
    }

    [Fact]
    public async Task With_nothing_on_it_says_so_and_asks_what_is_left()
    {
        object[] wall = [.. Enumerable.Range(0, 6)
            .Select(i => Ball(new[] { "yellow", "green", "brown", "blue", "pink", "black" }[i], 750 + 56 * i, 3400))];
        var answer = (await PlanAsync(
            new { balls = (object[])[Ball("cue", 889, 1000), Ball("red1", 889, 3500), .. wall], budget = 200 }))[^1];
        Assert.True(answer.GetProperty("asksSafety").GetBoolean());
        Assert.Equal(0, answer.GetProperty("line").GetArrayLength());
        Assert.Equal("No pot is on: a red cannot be potted from here. What do you leave?", answer.Text("sentence"));
    }

    [Theory]
    [InlineData("nothingUp", "[]", null)]
    [InlineData("state", "reds", """{"on":"black"}""")]
    [InlineData("state", "reds", """{"on":"purple"}""")]
    [InlineData("state", "reds", """{"nominated":"white"}""")]
    public async Task What_cannot_be_planned_is_refused_with_a_sentence(string code, string balls, string? state)
    {
        object[] laid = balls == "reds" ? Reds : [Ball("cue", 889, 1000)];
        using var response = await web.Client.PostAsJsonAsync(
            "/api/breaks/plan", new
            {
                balls = laid,
                state = state is null ? (JsonElement?)null : JsonSerializer.Deserialize<JsonElement>(state)
            });
        Assert.InRange((int)response.StatusCode, 400, 422);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(code, problem.Text("code"));
        Assert.EndsWith(".", problem.Text("detail"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_ball_that_is_not_there_and_a_budget_out_of_range_are_refused()
    {
        foreach (var body in new object[] { new { balls = Reds, wishes = new { only = "red9" } }, new { balls = Reds, budget = 5 },
            new { balls = Reds, doubt = "perhaps" } })
        {
            using var response = await web.Client.PostAsJsonAsync("/api/breaks/plan", body);
            Assert.False(response.IsSuccessStatusCode);
            Assert.NotEmpty((await response.Content.ReadFromJsonAsync<JsonElement>()).Text("detail"));
        }
    }

    [Fact]
    public async Task A_stroke_is_played_by_the_rules_and_the_balls_come_back_as_they_lie_then()
    {
        var plan = (await PlanAsync(new { balls = Reds, budget = 600 }))[^1];
        var step = plan.GetProperty("line")[0];
        var played = await web.AskAsync("/api/breaks/step", new { balls = Reds, stroke = step.GetProperty("stroke") });
        Assert.Equal((1, 0, true),
            (played.GetProperty("points").GetInt32(), played.GetProperty("penalty").GetInt32(),
            played.GetProperty("staysAtTable").GetBoolean()));
        Assert.Equal("colour", played.GetProperty("state").Text("on"));
        Assert.DoesNotContain(played.GetProperty("balls").EnumerateArray(), ball => ball.Text("id") == step.Text("ball"));
        Assert.StartsWith("1 point.", played.Text("words"), StringComparison.Ordinal);
        var meant = step.GetProperty("white");
        Assert.Equal(meant.Number("x"), played.GetProperty("balls").EnumerateArray().First(ball => ball.Text("id") == "cue").Number("x"),
            1e-9);

        var missed = await web.AskAsync("/api/breaks/step", new { balls = Reds, stroke = new { directionDeg = 180.0, pace = 1.5 } });
        Assert.Equal(4, missed.GetProperty("penalty").GetInt32());
        Assert.StartsWith("Foul and a miss, 4 away: no ball is hit.", missed.Text("words"), StringComparison.Ordinal);
        Assert.Equal(4, missed.GetProperty("state").GetProperty("scores").GetProperty("player").GetInt32());
    }

    [Fact]
    public async Task Places_in_the_D_are_rated_for_a_white_in_hand()
    {
        var places = await web.AskAsync(
            "/api/breaks/hand", new { balls = (object[])[Ball("cue", 889, 600), .. Colours], state = new { inHand = true } });
        var worths = places.EnumerateArray().Select(place => place.Number("worth")).ToList();
        Assert.True(worths.Count > 10 && worths.Max() > worths.Min());
    }

    private Task<List<JsonElement>> PlanAsync(object body) => web.StreamAsync("/api/breaks/plan", body);
}
