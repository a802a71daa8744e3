using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Table;

namespace DeepBaize.Web.Tests;

/// <summary>Issue 17, point 5: presets bring their own stroke, and none opens with a foul.</summary>
public sealed class PresetStrokeTests(WebFixture web)
{
    [Fact]
    public async Task No_preset_opens_with_a_foul_whatever_is_set()
    {
        var presets = await web.Client.GetFromJsonAsync<JsonElement>("/api/presets");
        foreach (var preset in presets.EnumerateArray())
        {
            var parameters = preset.GetProperty("parameters").EnumerateArray().ToList();
            var sets = new List<Dictionary<string, double>> { new() };
            foreach (var parameter in parameters)
            {
                foreach (var end in new[] { "least", "most" }) sets.Add(new() { [parameter.Text("id")] = parameter.Number(end) });
            }

            foreach (var values in sets)
            {
                foreach (var mirrored in new[] { false, true })
                {
                    var verdict = (await PlayAsync(preset.Text("id"), values, mirrored)).GetProperty("verdict");
                    var what = $"{preset.Text("id")} {JsonSerializer.Serialize(values)} {mirrored}";
                    Assert.False(verdict.GetProperty("isFoul").GetBoolean(), $"{what}: {verdict.Text("sentence")}");
                }
            }
        }
    }

    [Theory]
    [InlineData("break-off")]
    [InlineData("full-frame")]
    public async Task A_break_off_meets_an_end_red_thinly_and_comes_back_to_baulk(string preset)
    {
        var played = await PlayAsync(preset, new(), false);
        Assert.Equal(Names.Text(BallId.Red11), played.GetProperty("outcome").Text("firstContact"));
        Assert.InRange(played.GetProperty("aim").Number("fraction"), 0.1, 0.4);
        Assert.True(played.GetProperty("final").EnumerateArray().Single(ball => ball.Text("id") == "cue").Number("x") < 1.2);
    }

    private async Task<JsonElement> PlayAsync(string preset, Dictionary<string, double> values, bool mirrored)
    {
        var laid = await web.AskAsync($"/api/presets/{preset}", new { values, mirrored });
        var (balls, state, kept) = (laid.GetProperty("balls"), laid.GetProperty("state"), laid.GetProperty("stroke"));
        var strike = new
        {
            directionDeg = kept.Number("directionDeg"),
            pace = kept.Number("pace"),
            side = kept.Number("side"),
            height = kept.Number("height"),
        };
        return await web.PredictAsync(new { balls, strike, state = state.ValueKind == JsonValueKind.Object ? state : (JsonElement?)null });
    }
}
