using System.Net.Http.Json;
using System.Text.Json;
using static DeepBaize.Web.Tests.PotRequests;

namespace DeepBaize.Web.Tests;

/// <summary>A raised butt through the public API: flight, swerve, the referee, and that it is kept with a position.</summary>
public sealed class RaisedButtTests(WebFixture web)
{
    /// <summary>White, the blue 22 cm in front of it and a red behind the blue, all on the centre line.</summary>
    private static readonly object[] Row = [Ball("cue", 889, 1000), Ball("blue", 889, 1220), Ball("red1", 889, 2300)];

    [Fact]
    public async Task A_white_that_flies_over_a_ball_is_drawn_told_and_foul()
    {
        var answer = await web.PredictAsync(new { balls = Row, strike = new { directionDeg = 0, pace = 8, elevationDeg = 35 } });
        var outcome = answer.GetProperty("outcome");
        Assert.Equal("red1", outcome.Text("firstContact"));
        Assert.Equal("blue", Assert.Single(outcome.GetProperty("jumpedOver").EnumerateArray()).GetString());
        Assert.InRange(outcome.Number("whiteHeight"), 0.0525, 0.1);
        Assert.Equal(35, answer.GetProperty("stroke").Number("elevationDeg"), 1e-9);
        var flight = answer.GetProperty("paths")[0].GetProperty("segments")[0];
        Assert.Equal("airborne", flight.Text("phase"));
        // The middle control point of a whole flight is twice as high as its top.
        Assert.Equal(0.02625 + 2 * outcome.Number("whiteHeight"), flight.GetProperty("points")[1][2].GetDouble(), 1e-6);
        Assert.Contains("lands", answer.GetProperty("events").EnumerateArray().Select(told => told.Text("kind")));
        var verdict = answer.GetProperty("verdict");
        Assert.StartsWith("Because the white flies over the blue", verdict.Text("because"), StringComparison.Ordinal);
        Assert.Contains("butt up 35 degrees", verdict.Text("sentence"), StringComparison.Ordinal);
        Assert.Equal("Foul, 4 away: the white jumps over a ball.", verdict.Text("ruling"));
    }

    [Fact]
    public async Task A_white_that_leaves_the_table_is_foul_and_in_hand()
    {
        var answer = await web.PredictAsync(
            new { balls = new[] { Ball("cue", 889, 3300), Row[2] }, strike = new { directionDeg = 0, pace = 8, elevationDeg = 50 } });
        Assert.Equal("cue", Assert.Single(answer.GetProperty("outcome").GetProperty("offTable").EnumerateArray()).GetString());
        Assert.Equal("The white leaves the table.", answer.GetProperty("verdict").Text("white"));
        Assert.StartsWith("Foul", answer.GetProperty("verdict").Text("ruling"), StringComparison.Ordinal);
        Assert.Equal(["red1"], answer.GetProperty("final").EnumerateArray().Select(ball => ball.Text("id")));
    }

    /// <summary>
    /// Common practice, no source (C30): soft, side with the butt up curves the white back; hard, it is still pushed off. Swerve and
    /// push-off take opposite parts of the aim, and swerve is the greater the softer.
    /// </summary>
    [Fact]
    public async Task Swerve_is_a_part_of_the_aim_beside_throw_and_push_off()
    {
        var (soft, hard) = (await TermsAsync(3, 5), await TermsAsync(7, 5));
        Assert.Equal(["throw", "spin", "swerve", "pushOff"], soft.Keys);
        Assert.True(soft["swerve"] * soft["pushOff"] < 0 && hard["swerve"] * hard["pushOff"] < 0);
        Assert.True(Math.Abs(soft["swerve"]) > 2 * Math.Abs(hard["swerve"]), $"{soft["swerve"]} {hard["swerve"]}");
        // A cue is never quite level: an everyday stroke swerves too, by less.
        Assert.InRange((await TermsAsync(3, 0))["swerve"] / soft["swerve"], 0.1, 0.7);
    }

    [Fact]
    public async Task The_butt_is_kept_with_a_position_and_in_its_file()
    {
        var stroke = new { directionDeg = 3.5, pace = 4, side = 0.2, height = 0.1, elevationDeg = 17.5 };
        var kept = await web.AskAsync("/api/positions", new { name = $"Butt up {Guid.NewGuid():n}", balls = Row, stroke });
        var read = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{kept.Text("id")}");
        Assert.Equal(17.5, read.GetProperty("stroke").Number("elevationDeg"), 1e-9);
        using var file = await web.Client.PostAsJsonAsync("/api/exchange/json", new { name = "Butt up", balls = Row, stroke });
        Assert.Contains("\"elevationDeg\": 17.5", await file.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    private async Task<Dictionary<string, double>> TermsAsync(double pace, double elevationDeg)
    {
        object[] balls = [Ball("cue", 889, 2100), Ball("black", 1100, 2700)];
        var answer = await web.PlayAsync(new
        {
            balls,
            pot = new { ball = "black", pocket = TopRight },
            strike = new { directionDeg = 0, pace, side = 0.3, elevationDeg },
            keepPot = true,
            state = new { practice = true },
        });
        return answer.GetProperty("pot").GetProperty("aim").GetProperty("terms").EnumerateArray()
            .ToDictionary(term => term.Text("kind"), term => term.Number("thinnerMm"));
    }
}
