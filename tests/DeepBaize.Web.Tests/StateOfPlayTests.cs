using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Issue 17, point 1: one state of play. What is inferred from the balls counts as much as what was set; verdict, chances, the table read,
/// zones and plans use it, and free practice has no rules.
/// </summary>
public sealed class StateOfPlayTests(WebFixture web)
{
    /// <summary>White, a red to the left, and the pink straight up the table.</summary>
    private static readonly object[] Balls = [Ball("cue", 889, 2000), Ball("red1", 500, 3000), Ball("pink", 889, 2676.75), Black];

    private static readonly object AtThePink = new { directionDeg = 0.0, pace = 3 };

    [Theory]
    [InlineData(null, "Foul and a miss, 6 away: the pink is hit first and is not on.")]
    [InlineData("red", "Foul and a miss, 6 away: the pink is hit first and is not on.")]
    [InlineData("colour", "No foul.")]
    public async Task Every_verdict_ends_with_what_the_referee_says(string? on, string ruling)
    {
        var verdict = (await web.PredictAsync(new { balls = Balls, strike = AtThePink, state = new { on } })).GetProperty("verdict");
        Assert.Equal((ruling, ruling != "No foul."), (verdict.Text("ruling"), verdict.GetProperty("isFoul").GetBoolean()));
    }

    [Fact]
    public async Task Nothing_is_said_of_a_state_and_the_balls_alone_tell_what_is_foul()
    {
        var foul = await RulingAsync(new { balls = Balls, strike = AtThePink });
        Assert.StartsWith("Foul and a miss, 6 away", foul, StringComparison.Ordinal);
        object[] overThePocket = [Ball("cue", 1500, 3300), Ball("red1", 1631, 3431)];
        var intoIt = new { directionDeg = -45.0, pace = 6.0, height = 0.4 };
        Assert.Equal("In-off, 4 away.", await RulingAsync(new { balls = overThePocket, strike = intoIt }));
        Assert.Equal("Foul, 7 away: the pink is hit first and is not on.",
            await RulingAsync(new { balls = Balls, strike = AtThePink, state = new { on = "colour", nominated = "black" } }));
        // Nothing was nominated, which costs seven; what is said is what was seen.
        Assert.Equal("Foul and a miss, 7 away: the red is hit first and is not on.",
            await RulingAsync(new { balls = Balls, strike = new { directionDeg = 21.26, pace = 3 }, state = new { on = "colour" } }));
    }

    [Fact]
    public async Task In_free_practice_nothing_is_foul_and_any_ball_may_be_played()
    {
        var verdict = (await web.PredictAsync(new { balls = Balls, strike = AtThePink, state = new { practice = true } }))
            .GetProperty("verdict");
        Assert.Equal(JsonValueKind.Null, verdict.GetProperty("ruling").ValueKind);
        Assert.Equal("Free practice", (await StateAsync(new { practice = true })).Text("words"));
        var chance = await web.AskAsync("/api/chances/stroke", Chance(new { practice = true }));
        Assert.InRange(chance.GetProperty("pot").Number("share"), 0.3, 1);
        Assert.All(await ReadAsync(new { practice = true }), entry => Assert.True(entry.IsOn));
    }

    [Fact]
    public async Task Chances_searches_and_zones_refuse_a_ball_that_is_not_on_until_it_is()
    {
        await RefusedAsync("/api/chances/stroke", Chance(null));
        await RefusedAsync("/api/chances/simpler", Chance(null));
        await RefusedAsync("/api/zones", Zone(null));
        var chance = await web.AskAsync("/api/chances/stroke", Chance(new { on = "colour" }));
        Assert.InRange(chance.GetProperty("pot").Number("share"), 0.3, 1);
        Assert.NotEqual(0, (await web.AskAsync("/api/zones", Zone(new { on = "colour" }))).GetProperty("runs").GetArrayLength());

        async Task RefusedAsync(string path, object body)
        {
            using var response = await web.Client.PostAsJsonAsync(path, body);
            var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
            Assert.Equal((HttpStatusCode.UnprocessableEntity, "notOn"), (response.StatusCode, problem.Text("code")));
            Assert.Equal("The black is not on: a red is.", problem.Text("detail"));
        }
    }

    [Fact]
    public async Task The_table_read_tells_apart_what_is_on()
    {
        var read = await ReadAsync(null);
        Assert.All(read, entry => Assert.Equal(entry.Ball == "red1", entry.IsOn));
        Assert.All(await ReadAsync(new { on = "colour" }), entry => Assert.Equal(entry.Ball != "red1", entry.IsOn));
        Assert.StartsWith("The red", (await web.PostAsync("matrix", new { balls = Balls })).Text("words"), StringComparison.Ordinal);
        Assert.StartsWith("1 of 2 colours can be potted",
            (await web.PostAsync("matrix", new { balls = Balls, state = new { on = "colour" } })).Text("words"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_plan_begins_with_what_is_on()
    {
        var plan = (await web.StreamAsync("/api/breaks/plan", new { balls = Balls, budget = 400 }))[^1];
        Assert.Equal("red1", plan.GetProperty("line")[0].Text("ball"));
    }

    /// <summary>After the last red of a practice table without all six colours a colour of choice can be on.</summary>
    [Fact]
    public async Task A_colour_follows_the_last_red_also_when_some_colours_are_missing()
    {
        var state = await web.AskAsync(
            "/api/sheet/state", new { balls = (string[])["cue", "blue", "black"], state = new { on = "colour" } });
        Assert.Equal("Colour on", state.Text("words"));
        Assert.Equal(["blue", "colour"], state.GetProperty("ons").EnumerateArray().Select(on => on.Text("id")));
    }

    private async Task<string?> RulingAsync(object body) => (await web.PredictAsync(body)).GetProperty("verdict").Text("ruling");

    private Task<JsonElement> StateAsync(object state) =>
        web.AskAsync("/api/sheet/state", new { balls = (string[])["cue", "red1", "pink", "black"], state });

    private async Task<IReadOnlyList<(string? Ball, bool IsOn)>> ReadAsync(object? state) =>
        [.. (await web.PostAsync("matrix", new { balls = Balls, state })).GetProperty("entries").EnumerateArray()
            .Select(entry => (entry.Text("ball"), entry.GetProperty("isOn").GetBoolean()))];

    private static object Chance(object? state) => new
    {
        question = new
        {
            balls = (object[])[Ball("cue", 1200, 2800), Ball("red1", 500, 3000), Ball("pink", 889, 2676.75), Black],
            pot = new { ball = "black", pocket = "topGreenSide" },
            strike = new { directionDeg = 0.0, pace = 4 },
            state,
        },
        samples = 100,
    };

    private static object Zone(object? state) => new
    {
        balls = Balls,
        potted = "black",
        state,
        goal = new { wishes = new[] { new { ball = "red1", pocket = "topYellowSide" } } },
    };
}
