using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Table;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Tests;

/// <summary>
/// What is done to a sheet as a whole: laying by words, groups, mirror, presets, state of play, the set-up sheet and the kept sheet.
/// </summary>
public sealed class SheetApiTests(WebFixture web)
{
    private static readonly BallPlace[] Balls = [new("cue", 0.6, 0.9), new("red1", 1.5, 0.5), new("pink", 2.67675, 0.889)];

    /// <summary>A red centre 24.06 mm from the left cushion (green side, seen from baulk) and 900 mm up the table.</summary>
    [Theory]
    [InlineData("metric", "900, 1753.94")]
    [InlineData("metric", "900 mm from the baulk cushion, frozen to the green side")]
    [InlineData("imperial", "35.4331, 69.0528")]
    public async Task A_red_by_the_left_cushion_is_flagged_as_frozen_to_it(string units, string words)
    {
        var placed = await web.AskAsync("/api/sheet/place", new { balls = Balls, ball = "red1", words, units });
        Assert.Equal(0.9, placed.GetProperty("x").GetDouble(), 1e-5);
        Assert.Equal(1.778 - 0.02406, placed.GetProperty("y").GetDouble(), 1e-5);
        Assert.Equal("greenSide", placed.GetProperty("frozen")[0].GetString());
        Assert.StartsWith("tight on the green side cushion", placed.GetProperty("words").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_set_up_sheet_says_900_mm_from_the_baulk_cushion_and_35_43_inches_of_the_same_place()
    {
        var balls = new[] { Balls[0], new BallPlace("red1", 0.9, 1.75394), new BallPlace("pink", 2.67675, 0.889) };
        object[] marks = [new { id = "w", kind = "whitePlace", places = new[] { new { x = 0.6, y = 0.9 } }, text = "" }];
        var sheet = await web.AskAsync("/api/sheet/set-up", new { balls, marks });
        var lines = sheet.GetProperty("balls").EnumerateArray().ToDictionary(line => line.GetProperty("id").GetString()!);
        Assert.Equal(["pink", "red1", "cue"], lines.Keys);
        Assert.Equal("900 mm from the baulk cushion", lines["red1"].GetProperty("end").GetString());
        Assert.Equal("24 mm from the green side cushion", lines["red1"].GetProperty("side").GetString());
        Assert.Contains("tight on the green side cushion", lines["red1"].GetProperty("words").GetString(), StringComparison.Ordinal);
        Assert.Equal("on its spot", lines["pink"].GetProperty("words").GetString());
        Assert.Equal("place of the white", sheet.GetProperty("marks")[0].GetProperty("name").GetString());

        var inches = await web.AskAsync("/api/sheet/set-up", new { balls, marks, units = "imperial" });
        Assert.Equal("35.43 in from the baulk cushion", inches.GetProperty("balls")[1].GetProperty("end").GetString());
    }

    /// <summary>254 mm is 10 in (1 in is 25.4 mm exactly: International yard and pound agreement, 1959).</summary>
    [Fact]
    public async Task Units_change_words_and_never_places()
    {
        var metric = await web.AskAsync("/api/sheet/place", new { balls = Balls, ball = "red1", words = "254 508", units = "metric" });
        var imperial = await web.AskAsync("/api/sheet/place", new { balls = Balls, ball = "red1", words = "10 20", units = "imperial" });
        Assert.Equal(metric.GetProperty("x").GetDouble(), imperial.GetProperty("x").GetDouble());
        Assert.Equal(metric.GetProperty("y").GetDouble(), imperial.GetProperty("y").GetDouble());
        var strike = new { directionDeg = 0, pace = 4 };
        var inMillimetres = await web.PredictAsync(new { balls = Balls, strike, units = "metric" });
        var inInches = await web.PredictAsync(new { balls = Balls, strike, units = "imperial" });
        Assert.Equal(inMillimetres.GetProperty("final").GetRawText(), inInches.GetProperty("final").GetRawText());
        Assert.Equal(inMillimetres.GetProperty("paths").GetRawText(), inInches.GetProperty("paths").GetRawText());
    }

    [Fact]
    public async Task A_pack_on_the_set_up_sheet_is_one_line()
    {
        var frame = await web.AskAsync("/api/presets/full-frame", new { });
        var sheet = await web.AskAsync("/api/sheet/set-up", new { balls = frame.GetProperty("balls") });
        Assert.Equal(
            ["yellow", "green", "brown", "blue", "pink", "black", "rack", "cue"],
            sheet.GetProperty("balls").EnumerateArray().Select(line => line.GetProperty("id").GetString()!));
    }

    [Fact]
    public async Task Mirrored_twice_a_sheet_is_the_same_bit_for_bit()
    {
        var random = new Random(77);
        for (var i = 0; i < 40; i++)
        {
            var sheet = RandomSheets.Next(random) with { State = null };
            var grid = await MirrorAsync(await MirrorAsync(sheet));
            var once = await MirrorAsync(grid);
            Assert.Equal(JsonSerializer.Serialize(grid), JsonSerializer.Serialize(await MirrorAsync(once)));
            Assert.Equal(JsonSerializer.Serialize(sheet.Balls), JsonSerializer.Serialize(grid.Balls));
            Assert.Equal(-sheet.Stroke!.Side, once.Stroke!.Side);
            Assert.Equal(-sheet.Stroke.DirectionDeg, once.Stroke.DirectionDeg);
        }
    }

    [Fact]
    public async Task Presets_are_laid_with_their_values_and_mirrored_with_their_pocket()
    {
        var list = await web.Client.GetFromJsonAsync<JsonElement>("/api/presets");
        Assert.Equal(12, list.GetArrayLength());
        var fan = await web.AskAsync("/api/presets/fan", new { values = new { gate = 3 } });
        var mirrored = await web.AskAsync("/api/presets/fan", new { values = new { gate = 3 }, mirrored = true });
        Assert.Equal("topYellowSide", fan.GetProperty("pot").GetProperty("pocket").GetString());
        Assert.Equal("topGreenSide", mirrored.GetProperty("pot").GetProperty("pocket").GetString());
        Assert.All(fan.GetProperty("balls").EnumerateArray().Zip(mirrored.GetProperty("balls").EnumerateArray()), pair =>
            Assert.Equal(1.778 - pair.First.GetProperty("y").GetDouble(), pair.Second.GetProperty("y").GetDouble(), 1e-12));
        await AssertRefusedAsync(
            "/api/presets/gap", new { values = new { width = 9 } }, HttpStatusCode.BadRequest,
            "Room between the reds: from 60 mm to 600 mm.");
        await AssertRefusedAsync("/api/presets/none", new { }, HttpStatusCode.NotFound, "There is no such preset.");
    }

    /// <summary>
    /// C74: from stun to screw in steps the heights of the tip fall steadily from the first gate to the last (common practice, no source).
    /// </summary>
    [Fact]
    public async Task From_gate_to_gate_of_the_fan_the_tip_goes_lower()
    {
        var heights = new List<double>();
        for (var gate = 1; gate <= 5; gate++)
        {
            var fan = await web.AskAsync("/api/presets/fan", new { values = new { gate } });
            var sides = fan.GetProperty("marks")[1].GetProperty("places");
            var middle = new Place(
                (sides[0].Number("x") + sides[1].Number("x")) / 2, (sides[0].Number("y") + sides[1].Number("y")) / 2);
            var balls = fan.GetProperty("balls").EnumerateArray().Where(ball => ball.Text("id") is "cue" or "pink").ToList();
            // The height at which the white goes nearest to the middle of the gate, from a tip above centre to one well below.
            var tries = new List<(double Height, double Away)>();
            for (var height = 0.2; height > -0.9; height -= 0.025)
            {
                var strike = new { directionDeg = 0.0, pace = 6, height };
                var pot = new { ball = "pink", pocket = "topYellowSide" };
                var played = await web.AskAsync("/api/pots/play", new { balls, pot, strike, keepPot = true });
                tries.Add((height, PastTheGate(played.GetProperty("prediction"), middle)));
            }

            var best = tries.MinBy(one => one.Away);
            Assert.True(best.Away < 0.08, $"gate {gate}: {best.Away * 1000:0} mm past its middle at {best.Height:0.00}");
            heights.Add(best.Height);
        }

        Assert.True(heights.SequenceEqual(heights.OrderDescending()), string.Join(", ", heights));
        Assert.Equal(5, heights.Distinct().Count());
    }

    [Fact]
    public async Task Balls_change_together_as_far_as_there_is_room()
    {
        var moved = await web.AskAsync(
            "/api/sheet/change", new { balls = Balls, chosen = new[] { "red1" }, kind = "move", along = 0.2, across = 0.1 });
        Assert.Equal(1, moved.GetProperty("share").GetDouble());
        Assert.Equal(1.7, moved.GetProperty("balls")[1].GetProperty("x").GetDouble(), 1e-9);
        var stopped = await web.AskAsync("/api/sheet/change", new { balls = Balls, chosen = new[] { "red1" }, kind = "move", along = 9 });
        Assert.Equal("That is as far as they go. Red 1 would leave the bed.", stopped.GetProperty("words").GetString());
        await AssertRefusedAsync(
            "/api/sheet/change", new { balls = Balls, chosen = new[] { "black" }, kind = "turn", degrees = 5 }, HttpStatusCode.BadRequest,
            "Choose balls that are on the table.");
        await AssertRefusedAsync(
            "/api/sheet/change", new { balls = Balls, chosen = new[] { "red1" }, kind = "fold" }, HttpStatusCode.BadRequest,
            "Balls are moved, turned or mirrored.");
    }

    [Fact]
    public async Task Balls_laid_while_the_server_was_away_are_settled_or_flagged()
    {
        var laid = new[] { Balls[0], Balls[1], new BallPlace("red2", 1.52, 0.5), new BallPlace("blue", 1.7, -0.3) };
        var settled = await web.AskAsync("/api/sheet/settle", new { balls = laid, raw = new[] { "red2", "blue" } });
        var told = settled.GetProperty("told").EnumerateArray().Select(one => one.GetProperty("sentence").GetString()!).ToList();
        Assert.Equal("Red 2 moved 32.5 mm to where there is room.", told[0]);
        Assert.StartsWith("The blue moved 324", told[1], StringComparison.Ordinal);
        Assert.All(settled.GetProperty("told").EnumerateArray(), one => Assert.True(one.GetProperty("isSettled").GetBoolean()));
        var untouched = await web.AskAsync("/api/sheet/settle", new { balls = Balls, raw = new[] { "red1" } });
        Assert.Equal(0, untouched.GetProperty("told").GetArrayLength());
    }

    [Theory]
    [InlineData("cue,red1,pink,black", null, "Red on", true)]
    [InlineData("cue,yellow,green", null, "Yellow on", true)]
    [InlineData("cue", null, "Nothing on", true)]
    [InlineData("cue,red1,pink", """{"on":"colour","nominated":"pink","inHand":true}""", "Pink nominated, white in hand", false)]
    [InlineData("cue,red1,pink", """{"freeBall":true,"nominated":"pink","missCount":2}""", "Pink as the free ball, 2 misses", true)]
    public async Task The_state_of_play_is_said_and_inferred_where_nobody_says(string balls, string? state, string words, bool inferred)
    {
        var read = await web.AskAsync(
            "/api/sheet/state", new
            {
                balls = balls.Split(','),
                state = state is null ? (object?)null : JsonDocument.Parse(state).RootElement
            });
        Assert.Equal(words, read.GetProperty("words").GetString());
        Assert.Equal(inferred, read.GetProperty("isInferred").GetBoolean());
    }

    [Fact]
    public async Task What_no_longer_fits_the_balls_is_dropped_from_the_state_and_said()
    {
        var read = await web.AskAsync(
            "/api/sheet/state", new { balls = new[] { "cue", "black" }, state = new { on = "red", nominated = "pink", @break = 8 } });
        Assert.Equal(2, read.GetProperty("dropped").GetArrayLength());
        Assert.Equal(8, read.GetProperty("state").GetProperty("break").GetInt32());
        Assert.Equal("black", read.GetProperty("on").GetString());
        await AssertRefusedAsync(
            "/api/sheet/state", new { balls = new[] { "cue" }, state = new { @break = -4 } }, HttpStatusCode.BadRequest, "break");
    }

    [Fact]
    public async Task In_hand_a_dragged_white_settles_in_the_D()
    {
        var answer = await web.PredictAsync(new
        {
            balls = Balls,
            strike = new { directionDeg = 0, pace = 3 },
            placing = new { ball = "cue", x = 2.5, y = 1.5, inHand = true },
        });
        var placing = answer.GetProperty("placing");
        Assert.Equal(0.737, placing.GetProperty("x").GetDouble(), 1e-9);
        Assert.Equal(0.889 + 0.292, placing.GetProperty("y").GetDouble(), 1e-9);
    }

    [Fact]
    public async Task The_working_sheet_is_kept_found_again_and_forgotten()
    {
        var sheet = new WorkingSheet(Balls, State: new StateInput("red"), Marks: [new MarkInput("m1", "gate", [new(1, 1), new(1.2, 1)])]);
        using (var kept = await web.Client.PutAsJsonAsync("/api/sheet", sheet)) Assert.Equal(HttpStatusCode.NoContent, kept.StatusCode);
        // Several first sheets at once, as from two tabs: each is taken, one stays.
        for (var round = 0; round < 8; round++)
        {
            using (var gone = await web.Client.DeleteAsync(new Uri("/api/sheet", UriKind.Relative)))
                Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
            foreach (var answer in await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => web.Client.PutAsJsonAsync("/api/sheet", sheet))))
            {
                Assert.Equal(HttpStatusCode.NoContent, answer.StatusCode);
                answer.Dispose();
            }
        }

        var found = await web.Client.GetFromJsonAsync<JsonElement>("/api/sheet");
        Assert.Equal("red", found.GetProperty("content").GetProperty("state").GetProperty("on").GetString());
        Assert.Equal(1.2, found.GetProperty("content").GetProperty("marks")[0].GetProperty("places")[1].GetProperty("x").GetDouble());
        using (var refused = await web.Client.PutAsJsonAsync("/api/sheet", sheet with { Balls = [] }))
            Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Equal(3, (await web.Client.GetFromJsonAsync<JsonElement>("/api/sheet")).GetProperty("content").GetProperty("balls")
            .GetArrayLength());
        using (var forgotten = await web.Client.DeleteAsync(new Uri("/api/sheet", UriKind.Relative)))
            Assert.Equal(HttpStatusCode.NoContent, forgotten.StatusCode);
        using var none = await web.Client.GetAsync(new Uri("/api/sheet", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, none.StatusCode);
    }

    private sealed record WorkingSheet(IReadOnlyList<BallPlace> Balls, StateInput? State, IReadOnlyList<MarkInput> Marks);

    private async Task<PositionContent> MirrorAsync(PositionContent sheet) =>
        (await web.AskAsync("/api/sheet/mirror", sheet)).Deserialize<PositionContent>(JsonSerializerOptions.Web)!;

    private async Task AssertRefusedAsync(string path, object body, HttpStatusCode status, string words)
    {
        using var response = await web.Client.PostAsJsonAsync(path, body);
        Assert.Equal(status, response.StatusCode);
        Assert.Contains(words, await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    /// <summary>How far from the middle of a gate of the fan the white crosses the circle on which the gates stand.</summary>
    private static double PastTheGate(JsonElement prediction, Place gate)
    {
        var angle = Math.Atan2(-0.889, Measurements.Length - Spots.Pink.X);
        var contact = Spots.Pink.Offset(-0.0525 * Math.Cos(angle), -0.0525 * Math.Sin(angle));
        var path = prediction.GetProperty("paths").EnumerateArray().Single(one => one.Text("ball") == "cue").GetProperty("segments")
            .EnumerateArray().SelectMany(segment => Enumerable.Range(0, 101).Select(i => At(segment.GetProperty("points"), i / 100.0)))
            .Select(point => new Place(point.X, point.Y)).ToList();
        var met = path.FindIndex(place => place.DistanceTo(contact) < 0.01);
        var crossed = path.FindIndex(met, place => place.DistanceTo(contact) >= 0.7);
        return crossed < 0 ? double.MaxValue : path[crossed].DistanceTo(gate);
    }

    /// <summary>A point of a piece of path, which is a quadratic Bezier curve.</summary>
    private static (double X, double Y) At(JsonElement points, double t)
    {
        return (On(0), On(1));
        double On(int axis) => (1 - t) * (1 - t) * points[0][axis].GetDouble() + 2 * t * (1 - t) * points[1][axis].GetDouble()
            + t * t * points[2][axis].GetDouble();
    }
}
