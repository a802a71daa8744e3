using System.Net;
using System.Net.Http.Json;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Layouts and coefficients that are hard on a simulator: an answer, or a refusal that names the reason; never a hang.</summary>
public sealed class HardCasesTests(WebFixture web)
{
    private const double Diameter = 0.0525;

    private static readonly string[] Ids =
    [
        "cue", .. Enumerable.Range(1, 15).Select(i => $"red{i}"), "yellow", "green", "brown", "blue", "pink", "black",
    ];

    private static readonly object[] Few = [Ball("cue", 1, 0.8), Ball("red1", 1.6, 0.82), Ball("black", 3.245, 0.889)];

    [Theory]
    [InlineData("table", "cushionFrictionFall", -1, "coefficients.table.cushionFrictionFall")]
    [InlineData("table", "slidingFriction", 1.5, "coefficients.table.slidingFriction")]
    [InlineData("table", "cushionFriction", 0.5, "coefficients.table.cushionFriction")]
    [InlineData("table", "noseHeight", 0.05, "coefficients.table.noseHeight")]
    [InlineData("balls", "restitution", 1.2, "coefficients.balls.restitution")]
    [InlineData("balls", "diameter", 0.2, "coefficients.balls.diameter")]
    [InlineData("cue", "maxSpeed", 0, "coefficients.cue.maxSpeed")]
    [InlineData("pockets", "cornerThroat", 0.29, "coefficients.pockets")]
    public async Task A_coefficient_outside_its_range_is_refused_by_name(string part, string name, double value, string field)
    {
        var coefficients = new Dictionary<string, object> { [part] = new Dictionary<string, double> { [name] = value } };
        var problem = await RefusedAsync(new { balls = Few, strike = Stroke(0), coefficients }, HttpStatusCode.BadRequest);
        Assert.Contains(problem.GetProperty("errors").EnumerateArray(), error => error.GetProperty("field").GetString() == field);
    }

    [Fact]
    public async Task A_cushion_livelier_than_allowed_an_unknown_profile_and_unknown_units_are_refused()
    {
        var lively = new { table = new { cushionLiveliness = new { top = 2.0 } } };
        var problem = await RefusedAsync(new { balls = Few, strike = Stroke(0), coefficients = lively }, HttpStatusCode.BadRequest);
        Assert.Equal("coefficients.table.cushionLiveliness.top", problem.GetProperty("errors")[0].GetProperty("field").GetString());
        problem = await RefusedAsync(new { balls = Few, strike = Stroke(0), profile = "velvet" }, HttpStatusCode.BadRequest);
        Assert.Contains("slow old cloth", problem.GetProperty("detail").GetString() + problem.GetProperty("errors"),
            StringComparison.Ordinal);
        await RefusedAsync(new { balls = Few, strike = Stroke(0), units = "cubits" }, HttpStatusCode.BadRequest);
        using var table = await web.Client.GetAsync(new Uri("/api/table?profile=velvet", UriKind.Relative));
        Assert.Equal(HttpStatusCode.BadRequest, table.StatusCode);
        using var rule = await web.Client.PostAsJsonAsync("/api/run-rule", new { profile = "velvet" });
        Assert.Equal(HttpStatusCode.BadRequest, rule.StatusCode);
    }

    [Fact]
    public async Task Coefficients_lie_over_the_named_profile_and_the_answer_names_it()
    {
        var club = await web.PredictAsync(new { balls = Few, strike = Stroke(12), units = "imperial" });
        var slow = await web.PredictAsync(new { balls = Few, strike = Stroke(12), profile = "Slow Old Cloth" });
        Assert.Equal("club", club.GetProperty("profile").GetProperty("id").GetString());
        Assert.Equal("slow-old-cloth", slow.GetProperty("profile").GetProperty("id").GetString());
        Assert.Contains(" ft ", club.GetProperty("verdict").GetProperty("away").GetString(), StringComparison.Ordinal);
        Assert.NotEqual(club.GetProperty("final").ToString(), slow.GetProperty("final").ToString());

        var dead = new { table = new { cushionLiveliness = new { top = 0.5 } } };
        var reach = await WhiteXAsync(new { balls = Few, strike = Stroke(12), profile = "lively" });
        var deadened = await WhiteXAsync(new { balls = Few, strike = Stroke(12), profile = "lively", coefficients = dead });
        Assert.True(deadened > reach + 0.3, $"{deadened} after a dead top cushion, {reach} after a lively one");
    }

    [Theory]
    [InlineData(0.0)]
    [InlineData(0.00004)]
    public async Task Twenty_two_balls_in_one_cluster_are_answered_at_once(double gap)
    {
        // A hexagonal block of 21 balls that all touch, and the white full on its edge.
        var pitch = Diameter + gap;
        var block = Enumerable.Range(0, 21)
            .Select(i => Ball(Ids[i + 1], 1.5 + i % 7 * pitch + i / 7 % 2 * pitch / 2, 0.8 + i / 7 * pitch * Math.Sqrt(3) / 2));
        var answer = await web.PredictAsync(new { balls = block.Prepend(Ball("cue", 1.0, 0.81)).ToArray(), strike = Stroke(3, 8) });
        var first = answer.GetProperty("events").EnumerateArray().First(told => told.GetProperty("kind").GetString() == "ball");
        Assert.True(first.GetProperty("balls").GetArrayLength() > 10);
    }

    [Fact]
    public async Task A_white_in_the_middle_of_balls_that_all_touch_it_can_be_struck()
    {
        var ring = Enumerable.Range(0, 6)
            .Select(i => Ball(Ids[i + 1], 1.5 + Diameter * Math.Cos(i * Math.PI / 3), 0.9 + Diameter * Math.Sin(i * Math.PI / 3)));
        var answer = await web.PredictAsync(new { balls = ring.Prepend(Ball("cue", 1.5, 0.9)).ToArray(), strike = Stroke(0, 6) });
        Assert.Equal(0, answer.GetProperty("events").EnumerateArray().First(told => told.GetProperty("kind").GetString() == "ball")
            .GetProperty("time").GetDouble());
    }

    [Fact]
    public async Task A_strike_into_a_frozen_ball_moves_it_and_one_away_from_it_does_not()
    {
        object[] balls = [Ball("cue", 1.5, 0.9), Ball("red1", 1.5 + Diameter, 0.9)];
        var into = await web.PredictAsync(new { balls, strike = Stroke(0, 4) });
        Assert.Equal("red1", into.GetProperty("outcome").GetProperty("firstContact").GetString());
        var away = await web.PredictAsync(new { balls, strike = Stroke(100, 3) });
        var red = away.GetProperty("final").EnumerateArray().First(ball => ball.GetProperty("id").GetString() == "red1");
        Assert.Equal(1.5 + Diameter, red.GetProperty("x").GetDouble(), 1e-12);
    }

    [Fact]
    public async Task A_red_frozen_to_the_cushion_met_by_cushion_and_ball_together_runs_along_it()
    {
        const double inset = 0.0240593;
        object[] balls = [Ball("cue", 3.0, 1.2), Ball("red1", 3.569 - inset, 0.7)];
        var answer = await web.PredictAsync(new { balls, strike = new { directionDeg = -41.5, pace = 5 } });
        Assert.Equal("red1", answer.GetProperty("outcome").GetProperty("firstContact").GetString());
    }

    [Fact]
    public async Task Contacts_that_contradict_the_places_are_refused_with_the_balls_that_overlap()
    {
        // Touching both neighbours is impossible where these stand 0.104 m apart.
        object[] balls = [Ball("cue", 0.6, 0.9), Ball("red1", 1.5, 0.9), Ball("red2", 1.604, 0.9), Ball("red3", 1.552, 0.9)];
        var problem = await RefusedAsync(new { balls, strike = Stroke(0) }, HttpStatusCode.BadRequest);
        Assert.Equal("overlap", problem.GetProperty("errors")[0].GetProperty("reason").GetString());
        await RefusedAsync(new { balls = Few, strike = Stroke(0), contacts = new[] { new[] { "red1", "black" } } },
            HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Coefficients_from_anywhere_within_their_ranges_give_an_answer_or_a_sentence()
    {
        var random = new Random(8);
        for (var i = 0; i < 60; i++)
        {
            var coefficients = new
            {
                table = new
                {
                    slidingFriction = random.NextDouble(),
                    rollingFriction = 0.001 + 0.099 * random.NextDouble(),
                    cushionRestitution = random.NextDouble(),
                    cushionRestitutionLoss = random.NextDouble() * 0.2,
                    cushionFriction = 0.43 * random.NextDouble(),
                    cushionFrictionFall = 10 * random.NextDouble() * (i % 2),
                    cushionLiveliness = new { baulk = 0.5 + random.NextDouble() },
                },
                balls = new { restitution = i % 5 == 0 ? i % 2 : random.NextDouble(), frictionFactor = 20 * random.NextDouble() },
            };
            object[] balls = [Ball("cue", 1, 0.8), Ball("red1", 1.6, 0.82), Ball("red2", 1.6 + Diameter, 0.82),
                Ball("red3", 1.6 + Diameter / 2, 0.82 + Diameter * Math.Sqrt(3) / 2)];
            using var response = await web.Client.PostAsJsonAsync(
                "/api/shots/predict", new { balls, strike = Stroke(360 * random.NextDouble(), 1 + 6 * random.NextDouble()), coefficients });
            Assert.True(response.StatusCode is HttpStatusCode.OK or HttpStatusCode.UnprocessableEntity,
                $"{i}: {await response.Content.ReadAsStringAsync()}");
        }
    }

    private static object Ball(string id, double x, double y) => new { id, x, y };

    private static object Stroke(double directionDeg, double pace = 5) => new { directionDeg, pace };

    private async Task<double> WhiteXAsync(object request) => (await web.PredictAsync(request)).GetProperty("final").EnumerateArray()
        .First(ball => ball.GetProperty("id").GetString() == "cue").GetProperty("x").GetDouble();

    private async Task<JsonElement> RefusedAsync(object request, HttpStatusCode status)
    {
        using var response = await web.Client.PostAsJsonAsync("/api/shots/predict", request);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode == status, json.ToString());
        return json;
    }
}
