using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Files that cannot be taken: each is refused with a sentence that names line and field.</summary>
public sealed class BadFileTests(WebFixture web)
{
    private const string Head = "record,name,x_mm,y_mm,value\n";
    private const string Start = Head + "version,,,,1\nball,cue,600,900,\n";
    private const string White = """{"id":"cue","x":0.6,"y":0.9}""";

    /// <summary>What is in the file, and words that the refusal must hold.</summary>
    public static TheoryData<string, string> Texts => new()
    {
        { "", "The file is empty." },
        { "   \n", "Line 1" },
        { "hello", "The first line reads record,name,x_mm,y_mm,value." },
        { "{", "it breaks off here" },
        { "{\"schemaVersion\":4,\n\"balls\":[{\"id\":\"cue\",\"x\":0.6,\n\"y\":0", "Line 3: This is no JSON, or it breaks off here." },
        { "[1,2]", "A position is a JSON object." },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"schemaVersion\":4}", "A name stands twice" },
        { "{\"schemaVersion\":8,\"balls\":[" + White + "]}", "The file is of version 8; this program reads up to 7." },
        { "{\"schemaVersion\":7,\"balls\":[" + White + "],\n\"intent\":{\"kind\":\"hit\"}}", "intent.ball: this is missing" },
        { "{\"schemaVersion\":7,\"balls\":[" + White + "],\"intent\":{\"kind\":\"hit\",\"ball\":\"blue\"}}", "not on the table" },
        { "{\"schemaVersion\":0,\"balls\":[" + White + "]}", "schemaVersion: the number is out of range." },
        { "{\"schemaVersion\":\"4\",\"balls\":[" + White + "]}", "schemaVersion: a number belongs here." },
        { "{\"balls\":[" + White + "]}", "schemaVersion: this is missing." },
        { "{\"schemaVersion\":4}", "balls: this is missing." },
        { "{\"schemaVersion\":4,\"balls\":[]}", "the list is too long or too short" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"cue\":1}", "cue: nothing of this name belongs here." },
        { "{\"schemaVersion\":4,\n\"balls\":[" + White + ",\n{\"id\":\"purple\",\"x\":1,\"y\":1}]}",
            "Line 3, balls[1].id: this is none of the words that belong here." },
        { "{\"schemaVersion\":4,\n\"balls\":[" + White + ",\n{\"id\":\"red1\",\"x\":\"1\",\"y\":1}]}",
            "Line 3, balls[1].x: a number belongs here." },
        { "{\"schemaVersion\":4,\n\"balls\":[" + White + ",\n" + White + "]}", "The white is given 2 times; there is only one." },
        { "{\"schemaVersion\":4,\"balls\":[{\"id\":\"red1\",\"x\":1,\"y\":1}]}", "The white is missing" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + ",{\"id\":\"red1\",\"x\":0.61,\"y\":0.9}]}", "overlap by 42.5 mm" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + ",{\"id\":\"red1\",\"x\":9,\"y\":0.9}]}", "Red 1 is not on the bed of the table." },
        { "{\"schemaVersion\":4,\"balls\":[" + White + ",{\"id\":\"red1\",\"x\":1e999,\"y\":0.9}]}", "red 1" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"contacts\":[[\"cue\",\"red1\"]]}", "are said to touch, but do not" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"profile\":\"the moon\"}", "Line 1, profile: There is no profile of that name" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"stroke\":{\"directionDeg\":0,\"pace\":40}}", "pace" },
        { "{\"schemaVersion\":4,\"balls\":[" + White
            + "],\"pot\":{\"ball\":\"pink\",\"pocket\":\"green\",\"part\":\"middle\",\"keep\":true}}", "pink" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"state\":{\"on\":\"red\"}}", "a red cannot be on" },
        { "{\"schemaVersion\":4,\"balls\":[" + White + "],\"marks\":[{\"id\":\"a\",\"kind\":\"target\",\"places\":[{\"x\":1,\"y\":1}]}]}",
            "A target has a radius" },
        { "{\"schemaVersion\":4,\"balls\":[" + White
            + "],\"marks\":[{\"id\":\"a\",\"kind\":\"whitePlace\",\"places\":[{\"x\":1,\"y\":1}],\"text\":\"=1+1\"}]}",
        "does not begin like a formula" },
        { "{\"schemaVersion\":4,\"name\":\"" + new string('x', 81) + "\",\"balls\":[" + White + "]}", "name: the text is too long." },
        { "record,name,x_mm,y_mm\n", "The first line reads" },
        { Head, "The version is missing" },
        { Head + "ball,cue,600,900,\n", "Line 2, record: The version comes first." },
        { Head + "version,,,,2\n", "Line 2, value: The file is of version \"2\"" },
        { Start + "version,,,,1\n", "Line 4, record: The version stands twice." },
        { Head + "version,,,,1\n", "The white is missing" },
        { Start + "ball,red1,12,\n", "Line 4: 5 cells belong on a line, not 4." },
        { Start + "ball,red1,=1+1,900,\n", "Line 4, x_mm: this looks like a formula" },
        { Start + "ball,red1,@SUM(A1),900,\n", "Line 4, x_mm: this looks like a formula" },
        { Start + "ball,red1,-cmd,900,\n", "Line 4, x_mm: this looks like a formula" },
        { Start + "ball,red1,nine,900,\n", "Line 4, x_mm: a number of millimetres belongs here." },
        { Start + "ball,red1,NaN,900,\n", "Line 4, x_mm: a number of millimetres belongs here." },
        { Start + "ball,red1,1e3,900,\n", "Line 4, x_mm: a number of millimetres belongs here." },
        { Start + "ball,purple,1,900,\n", "Line 4, balls[1].id" },
        { Start + "ball,red1,1200,900,\nball,red1,1500,900,\n", "Red 1 is given 2 times" },
        { Start + "ball,red1,610,900,\n", "Line 4, balls[1]: The white and red 1 overlap by 42.5 mm." },
        { Start + "ball,red1,-900,900,\n", "Line 4, balls[1]: Red 1 is not on the bed of the table." },
        { Start + "ball,red1,1200,900,\ntouching,cue,,,red1\n", "are said to touch, but do not" },
        { Start + "touching,cue,,,\n", "contacts[0]" },
        { Start + "table,,,,the moon\n", "Line 4, profile" },
        { Start + "comment,,,,hello\n", "Line 4, record: \"comment\" is no kind of line that is known here." },
        { Start + "radius,t,,,150\n", "Line 4, name: This line belongs after the mark \"t\"." },
        { Start + "gate,g,1000,1000,\n", "This mark has 2 places, not 1." },
        { Start + "state,on,,,purple\n", "Line 4, state.on" },
        { Start + "state,break,,,many\n", "Line 4, value" },
        { Start + "ball,\"red1,1200,900,\n", "A quotation mark is wrong here." },
    };

    /// <summary>Files that are no text at all, too long, or written in another way.</summary>
    public static TheoryData<string, byte[], string> Bytes => new()
    {
        { "UTF-16 little end first", [0xFF, 0xFE, .. Encoding.Unicode.GetBytes(Start)], "The file is in UTF-16" },
        { "UTF-16 big end first", [0xFE, 0xFF, .. Encoding.BigEndianUnicode.GetBytes(Start)], "The file is in UTF-16" },
        { "UTF-16 without a mark", Encoding.Unicode.GetBytes(Start), "This is no text file." },
        { "Latin 1", Encoding.Latin1.GetBytes(Start + "text,Grüße,,,\n"), "Line 4: The file is not in UTF-8" },
        { "a picture", [0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A, 0, 0, 0, 0x0D], "This is no text file." },
        { "a packed file", [0x50, 0x4B, 0x03, 0x04, 0x14, 0x00, 0x08], "This is no text file." },
        { "a huge table", Encoding.UTF8.GetBytes(Head + string.Concat(Enumerable.Repeat("ball,red1,1,1,\n", 60_000))),
            "The file is larger than 500 kB" },
        { "too many lines", Encoding.UTF8.GetBytes(Start + string.Concat(Enumerable.Repeat("zone,z,1,1,\n", 6000))),
            "A position has fewer lines than that." },
        { "deep nesting", Encoding.UTF8.GetBytes("{\"schemaVersion\":4,\"balls\":" + new string('[', 5000)),
            "This is no JSON, or it breaks off here." },
    };

    [Theory]
    [MemberData(nameof(Texts))]
    public Task A_text_that_is_wrong_is_refused(string text, string words) => AssertRefusedAsync(text, Encoding.UTF8.GetBytes(text), words);

    [Theory]
    [MemberData(nameof(Bytes))]
    public Task What_is_no_such_text_is_refused(string name, byte[] bytes, string words) => AssertRefusedAsync(name, bytes, words);

    private async Task AssertRefusedAsync(string name, byte[] bytes, string words)
    {
        using var content = new ByteArrayContent(bytes) { Headers = { ContentType = new("application/octet-stream") } };
        using var response = await web.Client.PostAsync("/api/exchange/read", content);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        var sentences = string.Join(
            "\n", problem.GetProperty("errors").EnumerateArray().Select(fault => fault.GetProperty("sentence").GetString()));
        Assert.True(sentences.Contains(words, StringComparison.Ordinal), $"{name}: {sentences}");
    }
}
