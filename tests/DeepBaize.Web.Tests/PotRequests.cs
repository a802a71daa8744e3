using System.Net;
using System.Net.Http.Json;
using System.Net.ServerSentEvents;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Ways to ask for pots. Examples give places in millimetres from the left end of the baulk cushion seen from baulk, first across to the
/// right, then up the table; in the project's frame x is the second and y is 1.778 m less the first.
/// </summary>
internal static class PotRequests
{
    public const string TopRight = "topYellowSide";
    public const string TopLeft = "topGreenSide";
    public const string MiddleRight = "middleYellowSide";
    public const string MiddleLeft = "middleGreenSide";

    public static readonly object Black = Ball("black", 889, 3245);

    /// <summary>The colours on their spots.</summary>
    public static readonly object[] Colours =
    [
        Ball("yellow", 1181, 737), Ball("green", 597, 737), Ball("brown", 889, 737), Ball("blue", 889, 1784.5), Ball("pink", 889, 2676.75),
        Black,
    ];

    /// <summary>The ideal mode of the examples: equal balls that lose nothing and do not rub, mirror cushions.</summary>
    public static readonly object Ideal = new
    {
        table = new
        {
            slidingFriction = 0.2,
            cushionRestitution = 1.0,
            cushionRestitutionLoss = 0.0,
            cushionFriction = 0.0,
            cushionFrictionFall = 0.0
        },
        balls = new { restitution = 1.0, frictionFactor = 0.0 },
    };

    public static object Ball(string id, double across, double up) => new { id, x = up / 1000, y = 1.778 - across / 1000 };

    public static object Mirrored(string id, double across, double up) => Ball(id, 1778 - across, up);

    /// <summary>A place's first coordinate of the examples: millimetres from the left side.</summary>
    public static double Across(JsonElement place) => 1000 * (1.778 - place.GetProperty("y").GetDouble());

    public static double Up(JsonElement place) => 1000 * place.GetProperty("x").GetDouble();

    public static object Question(
        object[] balls, string ball, string pocket, double pace = 4, double side = 0, double height = 0, string? part = null,
        object? coefficients = null,
        bool keepPot = true, double directionDeg = 0) =>
        new
        {
            balls,
            pot = new { ball, pocket, part },
            strike = new { directionDeg, pace, side, height },
            keepPot,
            coefficients,
            state = new { practice = true },
        };

    public static async Task<JsonElement> PostAsync(this WebFixture web, string path, object body)
    {
        using var response = await web.Client.PostAsJsonAsync("/api/pots/" + path, body);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode == HttpStatusCode.OK, json.ToString());
        return json;
    }

    /// <summary>Posts to any path and returns the JSON; it must succeed.</summary>
    public static async Task<JsonElement> AskAsync(this WebFixture web, string path, object body)
    {
        using var response = await web.Client.PostAsJsonAsync(path, body);
        Assert.True(response.IsSuccessStatusCode, await response.Content.ReadAsStringAsync());
        return await response.Content.ReadFromJsonAsync<JsonElement>();
    }

    /// <summary>Posts and reads everything that is streamed but how many wait: other tests may have their turn first.</summary>
    public static async Task<List<JsonElement>> StreamAsync(this WebFixture web, string path, object body)
    {
        using var response = await web.Client.PostAsJsonAsync(path, body);
        Assert.Equal(HttpStatusCode.OK, response.StatusCode);
        var answers = new List<JsonElement>();
        await foreach (var item in SseParser.Create(await response.Content.ReadAsStreamAsync()).EnumerateAsync())
        {
            if (item.EventType != "waiting") answers.Add(JsonSerializer.Deserialize<JsonElement>(item.Data));
        }

        return answers;
    }

    public static async Task<JsonElement> PlayAsync(this WebFixture web, object question) => await web.PostAsync("play", question);

    public static JsonElement Judge(this JsonElement answer) => answer.GetProperty("pot").GetProperty("judge");

    public static double Number(this JsonElement element, string name) => element.GetProperty(name).GetDouble();

    public static string Text(this JsonElement element, string name) => element.GetProperty(name).GetString()!;

    public static JsonElement Anchor(this JsonElement answer, string kind) =>
        answer.GetProperty("anchors").EnumerateArray().First(anchor => anchor.Text("kind") == kind);
}
