using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Table.Outline;
using DeepBaize.Web.Reading;
using NJsonSchema;

namespace DeepBaize.Web.Tests;

/// <summary>A position as a file and back: JSON bit for bit, CSV within a micrometre with its contacts.</summary>
public sealed class ExchangeTests(WebFixture web)
{
    [Fact]
    public async Task Five_hundred_positions_come_back_from_json_bit_for_bit_and_from_csv_within_a_micrometre()
    {
        var random = new Random(20261125);
        var (contacts, marks, states) = (0, 0, 0);
        for (var i = 0; i < 500; i++)
        {
            var sheet = RandomSheets.Next(random);
            var json = await WriteAsync("json", sheet);
            var back = await ReadAsync(json);
            AssertSame(sheet, back);
            Assert.Equal(json, await WriteAsync("json", back));
            AssertWithin(sheet, await ReadAsync(await WriteAsync("csv", sheet)), 1e-6);
            (contacts, marks, states) = (
                contacts + Contacts(sheet).Count, marks + sheet.Marks!.Count, states + (sheet.State is null ? 0 : 1));
        }

        Assert.True(contacts > 500 && marks > 500
            && states > 250, $"{contacts} contacts, {marks} marks, {states} states are too few to tell");
    }

    [Fact]
    public async Task A_json_file_holds_name_note_and_tags_and_is_valid_against_the_published_schema()
    {
        using var response = await web.Client.PostAsJsonAsync(
            "/api/exchange/json",
            new { name = "Über den Winkel", note = "see \"why\"", tags = new[] { "screw" }, RandomSheets.Next(new Random(1)).Balls });
        var text = await response.Content.ReadAsStringAsync();
        var schema = await JsonSchema.FromJsonAsync(await web.Client.GetStringAsync("/schemas/position.json"));
        Assert.Empty(schema.Validate(text));
        using var read = await PostAsync(Encoding.UTF8.GetBytes(text));
        var file = await read.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal("Über den Winkel", file.GetProperty("name").GetString());
        Assert.Equal("see \"why\"", file.GetProperty("note").GetString());
        Assert.Equal("screw", file.GetProperty("tags")[0].GetString());
    }

    /// <summary>A file of each version as it was written at the time.</summary>
    [Theory]
    [InlineData("""{"schemaVersion":1,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[]}""")]
    [InlineData("""{"schemaVersion":1,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"stroke":"""
        + """{"directionDeg":10,"pace":4,"side":0.1,"height":-0.2}}""")]
    [InlineData("""{"schemaVersion":2,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"stroke":null,"profile":"lively"}""")]
    [InlineData("""{"schemaVersion":3,"balls":[{"id":"cue","x":1,"y":0.5},{"id":"red1","x":2,"y":0.5}],"contacts":"""
        + """[],"profile":"club","pot":{"ball":"red1","pocket":"topYellowSide","part":"middle","keep":true}}""")]
    [InlineData("""{"kind":"position","name":"","schemaVersion":4,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"marks":"""
        + """[],"state":{"inHand":false}}""")]
    [InlineData("""{"schemaVersion":5,"balls":[{"id":"cue","x":1,"y":0.5},{"id":"red1","x":2,"y":0.5}],"contacts":[],"pot":"""
        + """{"ball":"red1","pocket":"topYellowSide","part":"opening","keep":true},"stroke":{"directionDeg":1,"pace":2.5}}""")]
    [InlineData("""{"schemaVersion":6,"balls":[{"id":"cue","x":1,"y":0.5},{"id":"red1","x":2,"y":0.5}],"contacts":[],"intent":"""
        + """{"kind":"pot","ball":"red1","pocket":"topYellowSide","part":"opening","keep":true},"stroke":"""
        + """{"directionDeg":1,"whiteSpeed":2.5},"setting":{"cue":{"maxSpeed":6},"player":{"preset":"league"}}}""")]
    [InlineData("""{"schemaVersion":7,"balls":[{"id":"cue","x":1,"y":0.5}],"contacts":[],"intent":"""
        + """{"kind":"reach","x":2.5,"y":0.5,"within":0.2},"stroke":{"directionDeg":1,"whiteSpeed":2.5}}""")]
    [InlineData("record,name,x_mm,y_mm,value\nversion,,,,1\nball,cue,1000.0000,500.0000,\n")]
    public async Task A_file_of_every_older_version_is_read_and_written_in_the_newest(string text)
    {
        var read = await ReadAsync(text);
        Assert.Equal(1, read.Balls[0].X);
        Assert.Contains("\"schemaVersion\": 7", await WriteAsync("json", read), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Csv_is_a_table_of_millimetres_with_four_decimals()
    {
        var sheet = new PositionContent(
            [new("cue", 0.6, 0.9), new("red1", 1.5, 0.5), new("red2", 1.5525, 0.5)],
            Marks: [new MarkInput("t", "target", [new MarkPlace(2, 1)], 0.15, "here, \"so\"")],
            State: new StateInput("red", Scores: new ScoresInput(20, 8)));
        Assert.Equal(
            """"
            record,name,x_mm,y_mm,value
            version,,,,1
            table,,,,club
            ball,cue,600.0000,900.0000,
            ball,red1,1500.0000,500.0000,
            ball,red2,1552.5000,500.0000,
            touching,red1,,,red2
            target,t,2000.0000,1000.0000,
            radius,t,,,150.0000
            text,t,,,"here, ""so"""
            state,on,,,red
            state,player,,,20
            state,opponent,,,8

            """",
            await WriteAsync("csv", sheet));
    }

    private async Task<string> WriteAsync(string format, PositionContent sheet)
    {
        using var response = await web.Client.PostAsJsonAsync($"/api/exchange/{format}", sheet);
        var text = await response.Content.ReadAsStringAsync();
        Assert.True(response.IsSuccessStatusCode, text);
        return text;
    }

    private async Task<PositionContent> ReadAsync(string text)
    {
        using var response = await PostAsync(Encoding.UTF8.GetBytes(text));
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.StatusCode == HttpStatusCode.OK, $"{json}\n{text}");
        return json.GetProperty("content").Deserialize<PositionContent>(JsonSerializerOptions.Web)!;
    }

    private Task<HttpResponseMessage> PostAsync(byte[] bytes) =>
        web.Client.PostAsync("/api/exchange/read", new ByteArrayContent(bytes)
        {
            Headers = { ContentType = new("application/octet-stream") },
        });

    private static void AssertSame(PositionContent sheet, PositionContent back)
    {
        Assert.Equal(JsonSerializer.Serialize(sheet.Balls), JsonSerializer.Serialize(back.Balls));
        Assert.Equal(sheet.Stroke, back.Stroke is { } stroke ? stroke with { WhiteSpeed = null } : null);
        Assert.Equal(JsonSerializer.Serialize(sheet.Marks), JsonSerializer.Serialize(back.Marks));
        // A state that says nothing is none.
        Assert.Equal(sheet.State == new StateInput() ? null : sheet.State, back.State);
    }

    private static void AssertWithin(PositionContent sheet, PositionContent back, double metres)
    {
        Assert.Equal(sheet.Balls.Select(ball => ball.Id), back.Balls.Select(ball => ball.Id));
        Assert.All(sheet.Balls.Zip(back.Balls), pair =>
            Assert.InRange(Math.Max(Math.Abs(pair.First.X - pair.Second.X), Math.Abs(pair.First.Y - pair.Second.Y)), 0, metres));
        Assert.Equal(Contacts(sheet), Contacts(back));
        Assert.Equal(sheet.State == new StateInput() ? null : sheet.State, back.State);
        foreach (var (mark, other) in sheet.Marks!.Zip(back.Marks!))
        {
            Assert.Equal((mark.Id, mark.Kind, mark.Text, mark.Places.Count), (other.Id, other.Kind, other.Text, other.Places.Count));
            Assert.Equal(mark.Radius ?? 0, other.Radius ?? 0, metres);
            Assert.All(mark.Places.Zip(other.Places), pair =>
            Assert.InRange(Math.Max(Math.Abs(pair.First.X - pair.Second.X), Math.Abs(pair.First.Y - pair.Second.Y)), 0, metres));
        }
    }

    private static IReadOnlyList<Contact> Contacts(PositionContent sheet) => LayoutRules.TryBuild(
        [.. sheet.Balls.Select(ball => new PlacedBall(Names.TryParseBall(ball.Id, out var id) ? id : default, new Place(ball.X, ball.Y)))],
        TableOutline.Club, BallGauge.Standard, LayoutMode.Free, out _)!.Contacts;
}
