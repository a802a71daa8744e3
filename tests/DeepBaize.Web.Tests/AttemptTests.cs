using System.Net;
using System.Net.Http.Json;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Attempts at line-ups: kept once, told together for the same player, rules and balls, never changed.</summary>
public sealed class AttemptTests(WebFixture web)
{
    [Fact]
    public async Task Attempts_at_the_same_balls_are_told_together_and_others_apart()
    {
        var player = $"p{Guid.NewGuid():n}"[..20];
        var balls = Balls(2.5);
        Assert.Equal("No attempt at these balls yet.", (await TallyAsync(player, balls)).Text("words"));
        await KeepAsync(player, balls, 8, "missed");
        await KeepAsync(player, balls, 24, "foul");
        // The same balls sent in another order are the same line-up.
        var tally = await KeepAsync(player, [.. balls.Reverse()], 13, "cleared");
        Assert.Equal((3, 1, 24, 15.0), (
            tally.GetProperty("count").GetInt32(), tally.GetProperty("cleared").GetInt32(), tally.GetProperty("best").GetInt32(),
            tally.Number("mean")));
        Assert.Equal(["cleared", "foul", "missed"], tally.GetProperty("last").EnumerateArray().Select(one => one.Text("end")));
        Assert.Equal("3 attempts at these balls, 1 clearance: best 24, 15 on average; the last 13, 24, 8.", tally.Text("words"));
        foreach (var (other, place, cushions) in new[] { (player + "x", 2.5, true), (player, 2.6, true), (player, 2.5, false) })
            Assert.Equal(0, (await TallyAsync(other, Balls(place), cushions)).GetProperty("count").GetInt32());
    }

    [Fact]
    public async Task An_attempt_that_is_sent_twice_counts_once_and_what_is_kept_is_not_changed()
    {
        var (player, id) = ($"p{Guid.NewGuid():n}"[..20], Guid.NewGuid());
        await KeepAsync(player, Balls(2.4), 8, "missed", id);
        Assert.Equal(1, (await KeepAsync(player, Balls(2.4), 8, "missed", id)).GetProperty("count").GetInt32());
        using var other = await PutAsync(player, Balls(2.4), 80, "missed", id);
        Assert.Equal(HttpStatusCode.Conflict, other.StatusCode);
        Assert.Equal("keptAsAnother", (await other.Content.ReadFromJsonAsync<JsonElement>()).Text("code"));
        Assert.Equal(8, (await TallyAsync(player, Balls(2.4))).GetProperty("best").GetInt32());
    }

    /// <summary>Issue 17, point 2: undo takes an attempt back, and redo counts it again.</summary>
    [Fact]
    public async Task An_attempt_that_was_undone_is_taken_back_and_can_be_kept_again()
    {
        var (player, id) = ($"p{Guid.NewGuid():n}"[..20], Guid.NewGuid());
        await KeepAsync(player, Balls(2.3), 8, "missed", id);
        for (var time = 0; time < 2; time++)
        {
            using var gone = await web.Client.DeleteAsync(new Uri($"/api/attempts/{id}", UriKind.Relative));
            Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        }

        Assert.Equal(0, (await TallyAsync(player, Balls(2.3))).GetProperty("count").GetInt32());
        Assert.Equal(1, (await KeepAsync(player, Balls(2.3), 8, "missed", id)).GetProperty("count").GetInt32());
    }

    [Theory]
    [InlineData(-1, "missed", "An attempt makes between 0 and")]
    [InlineData(5, "abandoned", "An attempt is missed, foul, over at a cushion, or cleared")]
    [InlineData(5, "cushion", "With cushions allowed an attempt is not over at a cushion.")]
    public async Task An_attempt_that_cannot_be_is_refused(int points, string end, string sentence)
    {
        using var answer = await PutAsync("p", Balls(2.3), points, end, Guid.NewGuid());
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.StartsWith(sentence, (await answer.Content.ReadFromJsonAsync<JsonElement>()).Text("detail"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Balls_that_cannot_stand_are_no_line_up()
    {
        using var answer = await web.Client.PostAsJsonAsync(
            "/api/attempts/tally", new { lineUp = new { cushions = true }, balls = new[] { Ball("cue", 9, 9) } });
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("bed", (await answer.Content.ReadFromJsonAsync<JsonElement>()).Text("detail"), StringComparison.Ordinal);
    }

    private async Task<JsonElement> TallyAsync(string player, object[] balls, bool cushions = true)
    {
        using var answer = await web.Client.PostAsJsonAsync("/api/attempts/tally", new { lineUp = new { cushions }, balls, player });
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return await answer.Content.ReadFromJsonAsync<JsonElement>();
    }

    private async Task<JsonElement> KeepAsync(string player, object[] balls, int points, string end, Guid? id = null)
    {
        using var answer = await PutAsync(player, balls, points, end, id ?? Guid.NewGuid());
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return await answer.Content.ReadFromJsonAsync<JsonElement>();
    }

    private Task<HttpResponseMessage> PutAsync(string player, object[] balls, int points, string end, Guid id) =>
        web.Client.PutAsJsonAsync($"/api/attempts/{id}", new { lineUp = new { cushions = true }, balls, points, end, player });

    private static object[] Balls(double red) => [Ball("cue", 1.3, 0.62), Ball("red1", red, 0.889), Ball("black", 3.245, 0.889)];

    private static object Ball(string id, double x, double y) => new { id, x, y };
}
