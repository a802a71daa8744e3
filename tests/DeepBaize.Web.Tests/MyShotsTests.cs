using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Web.Reading;

namespace DeepBaize.Web.Tests;

/// <summary>
/// The book of saved shots: found by resemblance, tagged, copied, deleted and brought back, with a way back to older versions.
/// </summary>
public sealed class MyShotsTests(WebFixture web)
{
    private static readonly BallPlace[] Shot =
        [new("cue", 2.21, 0.41), new("red1", 2.83, 0.37), new("red2", 3.05, 1.31), new("black", 3.245, 0.889), new("blue", 1.7845, 0.889)];

    [Fact]
    public async Task A_sheet_that_is_the_mirror_image_of_a_saved_one_finds_it_and_says_so()
    {
        // A position that no other test saves.
        BallPlace[] shot = [new("cue", 1.11, 0.31), new("red1", 1.43, 0.27), new("red2", 0.45, 1.41), new("black", 3.245, 0.889),
            new("brown", 2.1, 1.2)];
        var saved = await CreateAsync("Mirrored", shot);
        var mirrored = shot.Select(ball => ball with { Y = 1.778 - ball.Y }).ToArray();
        var found = (await AlikeAsync(mirrored))[0];
        Assert.Equal(Id(saved), Id(found.GetProperty("position")));
        Assert.True(found.GetProperty("mirrored").GetBoolean());
        Assert.Equal("the same, mirrored", found.GetProperty("words").GetString());

        var near = (await AlikeAsync([shot[0] with { X = shot[0].X + 0.06 }, .. shot[1..]]))[0];
        Assert.Equal(Id(saved), Id(near.GetProperty("position")));
        Assert.False(near.GetProperty("mirrored").GetBoolean());
        Assert.Equal("nearly the same: the white lies farthest off", near.GetProperty("words").GetString());
    }

    [Fact]
    public async Task Three_are_named_unless_more_are_asked_for_the_most_alike_first()
    {
        Assert.Equal(3, (await AlikeAsync(Shot)).Count);
        var twelve = await AlikeAsync(Shot, 12);
        var apart = twelve.Select(one => one.GetProperty("apartMetres").GetDouble()).ToList();
        Assert.True(apart.Count is > 3 and <= 12);
        Assert.Equal(apart.Order(), apart);
        using var refused = await web.Client.PostAsJsonAsync("/api/positions/alike", new { balls = Shot, count = 0 });
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    /// <summary>Nine balls are moved and the saved position laid again: every centre within 0.1 mm.</summary>
    [Fact]
    public async Task A_saved_position_is_restored_exactly_after_nine_balls_were_moved()
    {
        var frame = await web.Client.PostAsJsonAsync("/api/presets/line-up", new { });
        var balls = (await frame.Content.ReadFromJsonAsync<JsonElement>())
            .GetProperty("balls").Deserialize<BallPlace[]>(JsonSerializerOptions.Web)!;
        balls = [.. balls.Select(ball => ball.Id == "red1" ? new BallPlace("red1", 0.9, 1.778 - 0.02406) : ball)];
        var saved = await CreateAsync("Nine", balls);
        using var moved = await web.Client.PutAsJsonAsync(
            "/api/sheet", new
            {
                balls = balls.Select(
                (ball, i) => i is > 0 and < 10 ? ball with { Y = 0.3 + 0.02 * i, X = 0.2 + 0.06 * i } : ball),
                openedId = Id(saved)
            });
        Assert.Equal(HttpStatusCode.NoContent, moved.StatusCode);
        var opened = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{Id(saved)}");
        var back = opened.GetProperty("balls").Deserialize<BallPlace[]>(JsonSerializerOptions.Web)!.ToDictionary(ball => ball.Id);
        Assert.All(balls, ball => Assert.InRange(
            Math.Max(Math.Abs(back[ball.Id].X - ball.X), Math.Abs(back[ball.Id].Y - ball.Y)), 0, 0.0001));
        using var setUp = await web.Client.PostAsJsonAsync("/api/sheet/set-up", new { balls = back.Values });
        Assert.Contains("900 mm from the baulk cushion", await setUp.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        using var forgotten = await web.Client.DeleteAsync(new Uri("/api/sheet", UriKind.Relative));
    }

    [Fact]
    public async Task What_was_saved_over_is_kept_and_can_be_gone_back_to_and_forth()
    {
        var saved = await CreateAsync("Versions of a shot", Shot);
        var path = $"/api/positions/{Id(saved)}";
        var other = Shot.Select(ball => ball.Id == "cue" ? ball with { X = 1.2 } : ball).ToArray();
        using (var over = await web.Client.PutAsJsonAsync(path, new { version = 1, balls = other, note = "Second." }))
            Assert.Equal(HttpStatusCode.OK, over.StatusCode);
        var versions = await web.Client.GetFromJsonAsync<JsonElement>($"{path}/versions");
        Assert.Equal(1, Assert.Single(versions.EnumerateArray()).GetProperty("version").GetInt32());

        using var wentBack = await web.Client.PostAsJsonAsync($"{path}/versions/1", new { version = 2 });
        var first = await wentBack.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(2.21, first.GetProperty("balls")[0].GetProperty("x").GetDouble());
        Assert.Equal("Look here.", first.GetProperty("note").GetString());
        using var forth = await web.Client.PostAsJsonAsync($"{path}/versions/2", new { version = 3 });
        Assert.Equal(1.2, (await forth.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("balls")[0].GetProperty("x").GetDouble());
        using var none = await web.Client.PostAsJsonAsync($"{path}/versions/77", new { version = 4 });
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
        using var stale = await web.Client.PostAsJsonAsync($"{path}/versions/1", new { version = 1 });
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
    }

    [Fact]
    public async Task A_deleted_position_is_gone_from_the_list_frees_its_name_and_comes_back()
    {
        var saved = await CreateAsync("Deleted", Shot);
        var (id, name) = (Id(saved), saved.GetProperty("name").GetString()!);
        using (var deleted = await web.Client.DeleteAsync(new Uri($"/api/positions/{id}?version=1", UriKind.Relative)))
            Assert.Equal(HttpStatusCode.NoContent, deleted.StatusCode);
        Assert.False(await Book.HoldsAsync(web.Client, id));
        using (var back = await web.Client.PostAsync($"/api/positions/{id}/bring-back", null))
            Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.True(await Book.HoldsAsync(web.Client, id));
        using (var twice = await web.Client.PostAsync($"/api/positions/{id}/bring-back", null))
            Assert.Equal(HttpStatusCode.NotFound, twice.StatusCode);

        using (var again = await web.Client.DeleteAsync(new Uri($"/api/positions/{id}?version=3", UriKind.Relative)))
            Assert.Equal(HttpStatusCode.NoContent, again.StatusCode);
        using (var taken = await web.Client.PostAsJsonAsync("/api/positions", new { name, balls = Shot }))
            Assert.Equal(HttpStatusCode.Created, taken.StatusCode);
        using var refused = await web.Client.PostAsync($"/api/positions/{id}/bring-back", null);
        Assert.Equal(HttpStatusCode.Conflict, refused.StatusCode);
    }

    [Fact]
    public async Task A_copy_takes_the_next_free_name_also_of_a_position_of_the_house()
    {
        var saved = await CreateAsync("Copied", Shot);
        var name = saved.GetProperty("name").GetString();
        foreach (var number in new[] { 2, 3 })
        {
            using var copy = await web.Client.PostAsync($"/api/positions/{Id(saved)}/copy", null);
            Assert.Equal($"{name} ({number})", (await copy.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("name").GetString());
        }

        var list = await Book.ReadAsync(web.Client);
        var house = list.First(row => row.GetProperty("isHouse").GetBoolean());
        using var own = await web.Client.PostAsync($"/api/positions/{Id(house)}/copy", null);
        Assert.False((await own.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("isHouse").GetBoolean());
    }

    [Fact]
    public async Task Tags_are_small_each_once_and_kept_with_marks_and_state()
    {
        using var response = await web.Client.PostAsJsonAsync("/api/positions", new
        {
            name = $"Tagged {Guid.NewGuid():n}",
            balls = Shot,
            tags = new[] { "Screw", " screw ", "black" },
            marks = new[] { new { id = "t", kind = "target", places = new[] { new { x = 2.0, y = 1.0 } }, radius = 0.2, text = "here" } },
            state = new { on = "red", scores = new { player = 8, opponent = 0 } },
        });
        var saved = await response.Content.ReadFromJsonAsync<JsonElement>();
        var opened = await web.Client.GetFromJsonAsync<JsonElement>($"/api/positions/{Id(saved)}");
        Assert.Equal("""["screw","black"]""", opened.GetProperty("tags").GetRawText());
        Assert.Equal(0.2, opened.GetProperty("marks")[0].GetProperty("radius").GetDouble());
        Assert.Equal(8, opened.GetProperty("state").GetProperty("scores").GetProperty("player").GetInt32());
        using var renamed = await web.Client.PutAsJsonAsync(
            $"/api/positions/{Id(saved)}/name", new { version = 1, name = $"Renamed {Guid.NewGuid():n}", tags = new[] { "one" } });
        Assert.Equal("""["one"]""", (await renamed.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("tags").GetRawText());
        using var refused = await web.Client.PutAsJsonAsync(
            $"/api/positions/{Id(saved)}/name", new { version = 2, name = "x", tags = Enumerable.Range(0, 13).Select(i => $"t{i}") });
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    private async Task<List<JsonElement>> AlikeAsync(BallPlace[] balls, int? count = null)
    {
        using var response = await web.Client.PostAsJsonAsync("/api/positions/alike", new { balls, count });
        return [.. (await response.Content.ReadFromJsonAsync<JsonElement>()).EnumerateArray()];
    }

    private async Task<JsonElement> CreateAsync(string name, BallPlace[] balls)
    {
        using var response = await web.Client.PostAsJsonAsync(
            "/api/positions", new { name = $"{name} {Guid.NewGuid():n}", balls, note = "Look here." });
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode == HttpStatusCode.Created, json.ToString());
        return json;
    }

    private static string Id(JsonElement row) => row.GetProperty("id").GetString()!;
}
