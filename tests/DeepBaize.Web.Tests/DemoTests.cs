using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Data.Demo;

namespace DeepBaize.Web.Tests;

/// <summary>Issue 17, point 8: each position of the house does what stands beside its line, on the table that it names.</summary>
public sealed class DemoTests(WebFixture web)
{
    private const double BallWidth = 0.0525;

    public static TheoryData<string> Names { get; } = [.. HouseContent.Demo.Select(position => position.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public async Task A_position_of_the_house_keeps_its_promise(string name)
    {
        var promise = HouseContent.Demo.Single(position => position.Name == name).Promise;
        var row = (await Book.ReadAsync(web.Client)).Single(one => one.Text("name") == name && one.GetProperty("isHouse").GetBoolean());
        var position = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{row.Text("id")}");
        var played = await PlayAsync(position);

        Assert.Equal(Table.Names.Text(promise.Meets), played.GetProperty("outcome").Text("firstContact"));
        Assert.Equal(promise.Pots is { } ball ? [Table.Names.Text(ball)] : [],
            played.GetProperty("outcome").GetProperty("potted").EnumerateArray().Select(potted => potted.Text("ball")));
        var met = played.GetProperty("events").EnumerateArray().Where(told => told.Text("kind") is "ball" or "cushion")
            .First(told => told.GetProperty("balls").EnumerateArray().Any(one => one.Text("id") == "cue"));
        Assert.Equal(promise.ViaCushion ? "cushion" : "ball", met.Text("kind"));
        Assert.Equal(promise.Cushions, played.GetProperty("events").EnumerateArray().Count(IsCushionOfTheWhite));
        var white = played.GetProperty("final").EnumerateArray().Single(one => one.Text("id") == "cue");
        Assert.True(
            Math.Sqrt(Math.Pow(white.Number("x") - promise.WhiteX, 2) + Math.Pow(white.Number("y") - promise.WhiteY, 2)) < BallWidth,
            $"The white stops at {white.Number("x"):F3}, {white.Number("y"):F3}.");
        Assert.False(played.GetProperty("verdict").GetProperty("isFoul").GetBoolean(), played.GetProperty("verdict").Text("ruling"));
    }

    [Fact]
    public async Task A_first_visit_begins_with_the_position_that_is_flagged()
    {
        var first = await web.Client.GetFromJsonAsync<JsonElement>("/api/positions/first");
        Assert.Equal(HouseContent.Demo[0].Name, first.Text("name"));
        Assert.True(first.GetProperty("isHouse").GetBoolean());
    }

    private static bool IsCushionOfTheWhite(JsonElement told) =>
        told.Text("kind") == "cushion" && told.GetProperty("balls")[0].Text("id") == "cue";

    private Task<JsonElement> PlayAsync(JsonElement position)
    {
        var stroke = position.GetProperty("stroke");
        var strike = new
        {
            directionDeg = stroke.Number("directionDeg"),
            whiteSpeed = stroke.Number("whiteSpeed"),
            side = stroke.Number("side"),
            height = stroke.Number("height"),
            leastButt = true,
        };
        var (balls, state, profile) = (
            position.GetProperty("balls"), position.GetProperty("state"), position.GetProperty("profile").Text("id"));
        return position.GetProperty("pot") is { ValueKind: JsonValueKind.Object } kept
            ? PotAsync(new { ball = kept.Text("ball"), pocket = kept.Text("pocket"), part = kept.Text("part") })
            : web.PredictAsync(new { balls, strike, state, profile });

        async Task<JsonElement> PotAsync(object pot) =>
            (await web.PostAsync("play", new { balls, strike, state, profile, pot, keepPot = true })).GetProperty("prediction");
    }
}
