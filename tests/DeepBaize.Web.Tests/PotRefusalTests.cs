using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>
/// A question that has no pot in it gets a reason, not an error page; one that makes no sense is refused with a sentence.
/// </summary>
public sealed class PotRefusalTests(WebFixture web)
{
    private static readonly object White = Ball("cue", 700, 2600);

    [Fact]
    public async Task A_ball_that_is_not_there_a_touching_white_and_a_cut_beyond_the_edge_are_answered_with_their_reasons()
    {
        await ReasonAsync("notOnTable", Question([White, Black], "pink", TopRight));
        await ReasonAsync("whiteTouches", Question([Ball("cue", 889, 3192.5), Black], "black", TopRight));
        await ReasonAsync("tooThin", Question([White, Black], "black", "yellow"));
        await ReasonAsync("paceFallsShort", Question([Ball("cue", 889, 400), Ball("blue", 889, 900)], "blue", TopRight, pace: 1));
        await ReasonAsync("pocketClosed", Question([Ball("cue", 1500, 2700), Ball("red1", 1753, 2300)], "red1", MiddleRight, pace: 6));
    }

    [Fact]
    public async Task A_blocked_pot_names_the_ball_and_the_millimetres_on_either_leg()
    {
        var ball = await ReasonAsync(
            "ballBlocked", Question([Ball("cue", 889, 2500), Black, Ball("red1", 1180, 3370)], "black", TopRight, pace: 6));
        Assert.Equal("red1", ball.Text("blocker"));
        Assert.Contains("17.8 mm", ball.Text("sentence"), StringComparison.Ordinal);
        var white = await ReasonAsync("whiteBlocked", Question([White, Black, Ball("pink", 770, 2900)], "black", TopRight, pace: 6));
        Assert.Equal("pink", white.Text("blocker"));
        Assert.Contains("from the contact: the line passes", white.Text("sentence"), StringComparison.Ordinal);
    }

    /// <summary>The figures stand beside the pot; above the table there has to be room for what the referee says.</summary>
    [Fact]
    public async Task The_verdict_says_in_a_few_words_why_there_is_no_pot()
    {
        var answer = await web.PlayAsync(Question([White, Black, Ball("pink", 770, 2900)], "black", TopRight, pace: 6));
        Assert.Equal("The pink keeps the white from the contact.", answer.GetProperty("prediction").GetProperty("verdict").Text("result"));
        answer = await web.PlayAsync(Question([White, Black], "black", "yellow"));
        Assert.Equal("Too thin.", answer.GetProperty("prediction").GetProperty("verdict").Text("result"));
    }

    [Fact]
    public async Task A_ball_in_the_jaws_can_be_potted_from_where_it_can_be_met()
    {
        var answer = await web.PlayAsync(Question([Ball("cue", 1200, 3000), Ball("red1", 1750, 3545)], "red1", TopRight, pace: 3));
        Assert.True(answer.GetProperty("pot").GetProperty("isPotted").GetBoolean());
        Assert.Equal("red1", answer.GetProperty("prediction").GetProperty("outcome").GetProperty("potted")[0].Text("ball"));
    }

    [Fact]
    public async Task With_the_pot_let_loose_the_sentence_says_thick_or_thin_and_what_to_do()
    {
        var kept = await web.PlayAsync(Question([White, Black], "black", TopRight, pace: 6));
        var direction = kept.GetProperty("pot").Number("directionDeg");
        var loose = await web.PlayAsync(
            Question([White, Black], "black", TopRight, pace: 6, side: -0.3, keepPot: false, directionDeg: direction));
        Assert.False(loose.GetProperty("pot").GetProperty("isPotted").GetBoolean());
        // Left side pushes the white to the right: on a cut to the right that is thicker.
        Assert.Matches("^Black misses the top pocket, yellow side thick by .*; aim thinner\\.",
            loose.GetProperty("prediction").GetProperty("verdict").Text("sentence"));
        var corrected = await web.PlayAsync(Question([White, Black], "black", TopRight, pace: 6, side: -0.3));
        Assert.True(corrected.GetProperty("pot").GetProperty("isPotted").GetBoolean());
    }

    [Theory]
    [InlineData("play", """{"ball":"black","pocket":"north"}""", "no such pocket")]
    [InlineData("play", """{"ball":"cue","pocket":"green"}""", "white is not potted")]
    [InlineData("play", """{"ball":"black","pocket":"green","part":"rim"}""", "part is opening")]
    [InlineData("anchors", """{"ball":"pink","pocket":"green"}""", "not on the table")]
    [InlineData("sweep", """{"ball":"black","pocket":"green"}""", "dial to sweep")]
    [InlineData("map", """{"ball":"pink","pocket":"green"}""", "not on the table")]
    [InlineData("cannon", """{"ball":"black","pocket":"green"}""", "not on the table")]
    public async Task What_makes_no_sense_is_refused_with_a_sentence(string path, string pot, string words)
    {
        var question = new
        {
            balls = new[] { White, Black },
            pot = JsonSerializer.Deserialize<JsonElement>(pot),
            strike = new { directionDeg = 0, pace = 4 }
        };
        object body = path switch
        {
            "play" => question,
            "sweep" => new { question, dial = "colour" },
            "cannon" => new { question, second = "red4" },
            _ => new { question },
        };
        using var response = await web.Client.PostAsJsonAsync("/api/pots/" + path, body);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode is HttpStatusCode.BadRequest or HttpStatusCode.UnprocessableEntity, problem.ToString());
        Assert.Contains(words, problem.Text("detail"), StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task Tries_on_one_side_of_the_place_cannot_be_bracketed()
    {
        using var response = await web.Client.PostAsJsonAsync(
            "/api/pots/between", new { tries = new[] { new { value = 3, miss = -0.2 }, new { value = 4, miss = -0.1 } }, within = 0.05 });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, response.StatusCode);
    }

    private async Task<JsonElement> ReasonAsync(string reason, object question)
    {
        var pot = (await web.PlayAsync(question)).GetProperty("pot");
        Assert.Equal(reason, pot.GetProperty("reason").GetString());
        Assert.False(pot.GetProperty("isSolved").GetBoolean());
        Assert.EndsWith(".", pot.Text("sentence"), StringComparison.Ordinal);
        return pot;
    }
}
