using System.Net;
using System.Net.Http.Json;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>
/// One table, cue and player for every question: laying, settling, saving and measuring as well as predicting; and strokes that stay what
/// they were.
/// </summary>
public sealed class TableInUseTests(WebFixture web)
{
    private const double Small = 0.0508;

    private static readonly object SmallBalls = new { balls = new { diameter = Small } };

    /// <summary>Two balls of 50.8 mm that touch: with balls of 52.5 mm they would overlap.</summary>
    private static readonly object[] Touching = [Ball("cue", 1.0, 0.8), Ball("red1", 1.0 + Small, 0.8)];

    [Fact]
    public async Task Own_balls_that_touch_are_predicted_saved_kept_and_opened_alike()
    {
        await AskAsync(
            "/api/shots/predict", new { balls = Touching, strike = new { directionDeg = 90, pace = 3 }, coefficients = SmallBalls },
            HttpStatusCode.OK);
        using var kept = await web.Client.PutAsJsonAsync(
            "/api/sheet", new { balls = Touching, coefficients = SmallBalls }, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.NoContent, kept.StatusCode);
        var saved = await AskAsync(
            "/api/positions", new { name = $"Small {Guid.NewGuid():n}", balls = Touching, coefficients = SmallBalls },
            HttpStatusCode.Created);
        Assert.Equal(1, saved.GetProperty("contacts").GetArrayLength());
        var file = await web.Client.PostAsJsonAsync(
            "/api/exchange/json", new { balls = Touching, coefficients = SmallBalls }, TestContext.Current.CancellationToken);
        using var read = await web.Client.PostAsync(
            new Uri("/api/exchange/read", UriKind.Relative), file.Content, TestContext.Current.CancellationToken);
        var content = (await read.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken)).GetProperty("content");
        Assert.Equal(Small, content.GetProperty("coefficients").GetProperty("balls").Number("diameter"));
        await AskAsync("/api/positions", new { name = "Overlap", balls = Touching }, HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Balls_are_laid_settled_changed_and_measured_on_the_table_in_use()
    {
        var placed = await AskAsync(
            "/api/sheet/place",
            new { balls = new[] { Ball("cue", 1.0, 0.8) }, ball = "red1", words = "touching the white", coefficients = SmallBalls }, null);
        var settled = await AskAsync(
            "/api/sheet/settle",
            new { balls = new[] { Ball("cue", 1.0, 0.8), Ball("red1", 1.051, 0.8) }, raw = new[] { "red1" }, coefficients = SmallBalls },
            HttpStatusCode.OK);
        Assert.InRange(settled.GetProperty("balls")[1].Number("x") - 1.0, Small - 1e-6, 0.0511);
        await AskAsync(
            "/api/sheet/change",
            new { balls = Touching, chosen = new[] { "cue", "red1" }, kind = "move", along = 0.1, coefficients = SmallBalls },
            HttpStatusCode.OK);
        await AskAsync("/api/sheet/mirror", new { balls = Touching, coefficients = SmallBalls }, HttpStatusCode.OK);
        await AskAsync("/api/sheet/set-up", new { balls = Touching, coefficients = SmallBalls }, HttpStatusCode.OK);
        var rack = await AskAsync("/api/presets/full-frame", new { coefficients = SmallBalls }, HttpStatusCode.OK);
        var reds = rack.GetProperty("balls").EnumerateArray().Where(ball => ball.Text("id").StartsWith("red", StringComparison.Ordinal))
            .ToList();
        var apart = reds.SelectMany(one => reds.Where(other => other.Text("id") != one.Text("id")).Select(other => Between(one, other)));
        Assert.InRange(apart.Min(), Small - 1e-9, Small + 1e-4);

        static double Between(JsonElement one, JsonElement other) =>
            Math.Sqrt(Math.Pow(one.Number("x") - other.Number("x"), 2) + Math.Pow(one.Number("y") - other.Number("y"), 2));
        Assert.True(placed.ValueKind == JsonValueKind.Object);
    }

    [Fact]
    public async Task A_player_s_paces_are_measured_and_looked_at_on_the_table_in_use()
    {
        var trials = new[] { new { pace = 3, lengths = new[] { 1.0, 1.05 } }, new { pace = 6, lengths = new[] { 2.0, 2.1 } } };
        var slow = new { table = new { rollingFriction = 0.02 } };
        var onSlow = await AskAsync("/api/players/paces", new { trials, coefficients = slow }, HttpStatusCode.OK);
        var onClub = await AskAsync("/api/players/paces", new { trials }, HttpStatusCode.OK);
        Assert.True(onSlow.GetProperty("paces")[0].Number("whiteSpeed") > 1.1 * onClub.GetProperty("paces")[0].Number("whiteSpeed"));
    }

    /// <summary>Kept is how fast the white goes; its number is that of whoever looks.</summary>
    [Fact]
    public async Task A_stroke_that_is_kept_stays_the_same_stroke_when_paces_change()
    {
        var own = new[] { new { pace = 1.0, whiteSpeed = 0.5, scatter = 0.05 }, new { pace = 10.0, whiteSpeed = 5.0, scatter = 0.05 } };
        object[] balls = [Ball("cue", 1.0, 0.8), Ball("black", 3.245, 0.889)];
        var body = new
        {
            name = $"Own paces {Guid.NewGuid():n}",
            balls,
            stroke = new { directionDeg = 3, pace = 10 },
            pot = new { ball = "black", pocket = "topGreenSide", part = "opening", keep = true },
            coefficients = new { cue = new { paces = own } },
            player = new { preset = "league" },
        };
        var saved = await AskAsync("/api/positions", body, HttpStatusCode.Created);
        Assert.Equal((10, 5), (saved.GetProperty("stroke").Number("pace"), saved.GetProperty("stroke").Number("whiteSpeed")));
        // Nobody with paces of his own is in use here: the same speed has another number.
        var opened = await web.Client.GetFromJsonAsync<JsonElement>(
            $"/api/positions/{saved.Text("id")}", TestContext.Current.CancellationToken);
        Assert.Equal(5, opened.GetProperty("stroke").Number("whiteSpeed"));
        Assert.Equal(1 + Math.Log(5 / 0.75) / Math.Log(1.27), opened.GetProperty("stroke").Number("pace"), 1e-6);
        Assert.Equal("opening", opened.GetProperty("pot").Text("part"));
    }

    private static object Ball(string id, double x, double y) => new { id, x, y };

    private async Task<JsonElement> AskAsync(string path, object body, HttpStatusCode? status)
    {
        using var response = await web.Client.PostAsJsonAsync(path, body, TestContext.Current.CancellationToken);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        Assert.True(status is null || response.StatusCode == status, $"{path}: {response.StatusCode}: {json}");
        return json;
    }
}
