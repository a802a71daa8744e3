using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>What to leave, through the public API.</summary>
[Collection("The pool for longer questions")]
public sealed class SafetyTests(WebFixture web)
{
    /// <summary>The last red on the top cushion, the white above the blue.</summary>
    private static readonly object[] Balls = [Ball("cue", 889, 2000), Ball("red1", 1200, 3540), .. Colours];

    [Fact]
    public async Task The_last_answer_says_what_a_miss_leaves_either_way_and_what_other_answers_cost()
    {
        var answers = await PlanAsync(new { balls = Balls, budget = 1500, seed = 3 });
        Assert.True(answers.Count >= 2);
        Assert.Equal(answers.Count - 1, answers.FindIndex(answer => answer.GetProperty("isFinal").GetBoolean()));
        Assert.All(answers.SkipLast(1), answer => Assert.Equal(0, answer.GetProperty("misses").GetArrayLength()));
        var last = answers[^1];
        Assert.All(last.GetProperty("decisive").EnumerateArray(),
            words => Assert.Contains(words.GetString()!, last.Text("sentence"), StringComparison.Ordinal));
        var misses = last.GetProperty("misses").EnumerateArray().ToList();
        Assert.Equal(2, misses.Count);
        Assert.Equal(2, misses.Select(miss => miss.Text("side")).Distinct().Count());
        Assert.All(misses, miss =>
        {
            Assert.Equal(Balls.Length, miss.GetProperty("balls").GetArrayLength());
            Assert.EndsWith(".", miss.Text("words"), StringComparison.Ordinal);
        });
        Assert.Contains(last.GetProperty("rows").EnumerateArray(), row => row.Text("kind") == "theyScore");
        var best = last.GetProperty("best");
        Assert.Equal("red1", best.Text("ball"));
        // Other kinds of answer, the best first, none as good as the answer but a pot that is not told from it.
        var others = last.GetProperty("others").EnumerateArray().ToList();
        Assert.NotEmpty(others);
        Assert.DoesNotContain(others, other => other.Text("kind") == best.Text("kind"));
        var safe = others.Where(other => other.Text("kind") != "pot").Select(other => other.Number("worth")).ToList();
        Assert.Equal(safe.OrderDescending(), safe);
        // The stroke that is told can be played, and is no foul as it is meant.
        var played = await web.AskAsync("/api/breaks/step", new { balls = Balls, stroke = best.GetProperty("stroke") });
        Assert.Equal(0, played.GetProperty("penalty").GetInt32());
        Assert.Equal(last.ToString(), (await PlanAsync(new { balls = Balls, budget = 1500, seed = 3 }))[^1].ToString());
    }

    [Fact]
    public async Task What_now_opens_the_break_for_a_plain_pot_and_safety_where_nothing_is_on()
    {
        var easy = new[] { Ball("cue", 500, 2900), Ball("red1", 300, 3200) }.Concat(Colours);
        var plain = await web.AskAsync("/api/now", new { balls = easy });
        Assert.Equal("break", plain.Text("section"));
        Assert.StartsWith("Pot: ", plain.Text("words"), StringComparison.Ordinal);
        var shut = await web.AskAsync("/api/now", new
        {
            balls = new[] { Ball("cue", 1500, 300), Ball("red1", 1200, 3540) }.Concat(Colours),
            player = new { preset = "starter" },
        });
        Assert.Equal("safety", shut.Text("section"));
        // Behind the brown and the blue the question is another one.
        var hidden = await web.AskAsync("/api/now", new { balls = Snookered });
        Assert.Equal("escape", hidden.Text("section"));
        Assert.StartsWith("Snookered on a red by the brown", hidden.Text("words"), StringComparison.Ordinal);
    }

    /// <summary>
    /// Ways out of a snooker: each hits the ball that it names by the cushions that it names when it is played as told, and its point lies
    /// in the window. On another table the point is another one.
    /// </summary>
    [Fact]
    public async Task Ways_out_of_a_snooker_are_told_with_their_point_and_can_be_played()
    {
        var told = (await web.StreamAsync("/api/escapes/plan", new { balls = Snookered }))[^1];
        Assert.True(told.GetProperty("isSnookered").GetBoolean() && told.GetProperty("isFinal").GetBoolean());
        var routes = told.GetProperty("routes").EnumerateArray().ToList();
        Assert.True(routes.Count > 1);
        Assert.StartsWith("On the ", told.Text("sentence"), StringComparison.Ordinal);
        foreach (var route in routes.Where(route => route.GetProperty("cushions").GetArrayLength() > 0).Take(3))
        {
            var (point, window) = (route.GetProperty("point"), route.GetProperty("window"));
            Assert.InRange(
                point.Number("x") + point.Number("y"), window[0].Number("x") + window[0].Number("y") - 1e-9,
                window[1].Number("x") + window[1].Number("y") + 1e-9);
            Assert.Contains("either way on the cushion", route.GetProperty("rows")[0].Text("words"), StringComparison.Ordinal);
            var played = await web.AskAsync("/api/breaks/step", new { balls = Snookered, stroke = route.GetProperty("stroke") });
            Assert.Equal(route.Text("ball"), played.GetProperty("played").GetProperty("outcome").Text("firstContact"));
        }

        var lively = (await web.StreamAsync("/api/escapes/plan", new { balls = Snookered, profile = "lively" }))[^1];
        Assert.NotEqual(Mark(told), Mark(lively));

        static string Mark(JsonElement answer) => answer.GetProperty("routes")[0].Text("mark");
    }

    /// <summary>The white on the brown's baulk side, one red beyond it (B54).</summary>
    private static IEnumerable<object> Snookered => new[] { Ball("cue", 889, 470), Ball("red1", 860, 1550) }.Concat(Colours);

    [Theory]
    [InlineData("daring", 2, "daring")]
    [InlineData("budget", 5, "budget")]
    public async Task What_makes_no_sense_is_refused_with_a_sentence(string field, int value, string told)
    {
        var body = new Dictionary<string, object> { ["balls"] = Balls, [field] = value };
        var response = await web.Client.PostAsJsonAsync("/api/safety/plan", body);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Contains(told, problem.ToString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_white_in_hand_is_put_where_the_answer_begins()
    {
        var balls = new[] { Ball("cue", 889, 500), Ball("red1", 600, 3540), Ball("red2", 1300, 3540) }.Concat(Colours);
        var last = (await PlanAsync(new { balls, state = new { inHand = true }, budget = 800 }))[^1];
        Assert.True(last.GetProperty("best").GetProperty("white").Number("x") <= 0.737 + 1e-9);
    }

    /// <summary>B50, B59: level and in hand: both schools with their places, whether to begin, and that a foul is the frame.</summary>
    [Fact]
    public async Task The_black_again_is_told_with_both_schools_and_whether_to_begin()
    {
        var state = new { on = "black", inHand = true, scores = new { player = 58, opponent = 58 } };
        var last = (await PlanAsync(new { balls = new[] { Ball("cue", 889, 600), Black }, state, budget = 4000 }))[^1];
        var options = last.GetProperty("others").EnumerateArray().Prepend(last.GetProperty("best")).ToList();
        var kinds = options.Select(one => one.Text("kind")).ToList();
        Assert.Contains("oppositeSides", kinds);
        Assert.Contains("oppositeEnds", kinds);
        Assert.All(options, one => Assert.True(one.GetProperty("white").Number("x") <= 0.737 + 1e-9));
        Assert.All(options, one => Assert.InRange(one.GetProperty("balls").GetArrayLength(), 1, 2));
        var rows = last.GetProperty("rows").EnumerateArray().ToList();
        Assert.Contains("who begins wins about ", rows.Single(row => row.Text("kind") == "toss").Text("words"), StringComparison.Ordinal);
        Assert.Contains("7, and the frame", rows.Single(row => row.Text("kind") == "foul").Text("words"), StringComparison.Ordinal);
    }

    /// <summary>A black on the side cushion that has no straight pot to speak of, and a double (B49).</summary>
    [Fact]
    public async Task Doubles_are_told_with_chance_and_room_and_their_stroke_pots_the_ball()
    {
        var balls = new[] { Ball("cue", 1250, 700), Ball("black", 30, 1250) };
        var told = await web.AskAsync("/api/chances/indirect", new { balls, player = new { preset = "expert" } });
        var best = told.GetProperty("pots")[0];
        Assert.Equal("double", best.Text("name"));
        Assert.Equal("black", best.Text("first"));
        Assert.InRange(best.GetProperty("chance").Number("share"), 0.05, 0.9);
        Assert.StartsWith("Double: the black off the ", best.Text("words"), StringComparison.Ordinal);
        Assert.Contains("mm to either side", best.Text("words"), StringComparison.Ordinal);
        var played = await web.AskAsync("/api/breaks/step", new { balls, stroke = best.GetProperty("stroke") });
        Assert.Equal(7, played.GetProperty("points").GetInt32());
    }

    [Fact]
    public async Task Without_a_white_there_is_a_sentence()
    {
        var response = await web.Client.PostAsJsonAsync("/api/chances/indirect", new { balls = new[] { Ball("black", 30, 1250) } });
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        Assert.Contains("white", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    private Task<List<JsonElement>> PlanAsync(object body) => web.StreamAsync("/api/safety/plan", body);
}
