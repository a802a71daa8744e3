using System.Text.Json;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Nothing on the sheet is lost: not by a reload, not when the server goes away in the middle of a gesture.</summary>
[Collection(Lane.Table)]
public sealed class KeepTests(BrowserFixture browser)
{
    [Fact]
    public async Task When_the_server_goes_away_while_a_ball_is_dragged_nothing_is_lost_and_all_is_sent_when_it_is_back()
    {
        var page = new TablePage(browser).OpenFresh();
        var start = page.PlaceOf("red1");
        var drag = browser.Hand().MoveToElement(page.Ball("red1")).ClickAndHold().MoveByOffset(-30, 10);
        drag.Perform();
        page.Settle();
        using (await browser.AwayAsync())
        {
            browser.Hand().MoveByOffset(-30, 10).Pause(TimeSpan.FromMilliseconds(120)).Perform();
            page.Until(() => page.Text("sheet-state").StartsWith("The server is away.", StringComparison.Ordinal));
            browser.Hand().MoveByOffset(-30, 10).Pause(TimeSpan.FromMilliseconds(120)).Release().Perform();
            page.Until(() => page.PlaceOf("red1").X < start.X - 350);
            // Laid on top of another ball: nobody can say yet where it settles.
            var black = page.PlaceOf("black");
            page.DragTo("red2", black.X - 4, black.Y + 4);
            page.Until(() => Raw(page).SequenceEqual(["red1", "red2"]));
            Assert.Equal(2, browser.Driver.FindElements(By.CssSelector("[data-ball].raw .flag")).Count);
            Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=refusal]")));
        }

        page.Until(() => Raw(page).Count == 0 && !page.Text("sheet-state").StartsWith("The server is away.", StringComparison.Ordinal));
        page.Settle();
        var (red, blackNow) = (page.PlaceOf("red2"), page.PlaceOf("black"));
        Assert.Equal(52.5, Math.Sqrt(Math.Pow(red.X - blackNow.X, 2) + Math.Pow(red.Y - blackNow.Y, 2)), 0.01);
        Assert.True(page.PlaceOf("red1").X < start.X - 350);
        page.Until(() => Kept(browser.Client) is { } kept
            && kept.GetProperty("content").GetProperty("balls").GetRawText() == page.Sheet().GetProperty("balls").GetRawText());

        page.Find("undo").Click();
        page.Settle();
        Assert.True(page.PlaceOf("red1").X < start.X - 350);
        page.Find("undo").Click();
        page.Settle();
        Assert.Equal(start, page.PlaceOf("red1"));
    }

    [Fact]
    public void Undo_reaches_over_a_reload_to_the_beginning_and_redo_to_the_end()
    {
        var page = new TablePage(browser).OpenFresh();
        var seen = new List<string> { Essence(page) };
        foreach (var (key, count) in new[] { ("r", 5), ("c", 10), ("m", 10) })
        {
            page.Type(key);
            page.Until(() => page.Sheet().GetProperty("balls").GetArrayLength() == count && Essence(page) != seen[^1]);
            page.Settle();
            seen.Add(Essence(page));
        }

        page.Press("run-rule", Keys.ArrowRight);
        seen.Add(Essence(page));
        page.Reload();
        Assert.Equal(seen[^1], Essence(page));
        foreach (var earlier in Enumerable.Reverse(seen).Skip(1))
        {
            page.Find("undo").Click();
            page.Until(() => Essence(page) == earlier);
        }

        Assert.False(page.Find("undo").Enabled);
        page.Reload();
        foreach (var later in seen.Skip(1))
        {
            page.Find("redo").Click();
            page.Until(() => Essence(page) == later);
        }

        Assert.False(page.Find("redo").Enabled);
    }

    [Fact]
    public void Another_browser_finds_the_sheet_that_was_left()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Type("r");
        page.Until(() => page.HasBall("red3"));
        page.Until(() => Kept(browser.Client)?.GetProperty("content").GetProperty("balls").GetArrayLength() == 5);
        page.ForgetInBrowser();
        browser.Driver.Navigate().GoToUrl(browser.Address);
        page.Until(() => page.HasBall("red3"));
        Assert.Equal("High on the black", page.Text("sheet-name"));
    }

    /// <summary>Balls and pace: what these edits change. The aim of a kept pot is an answer, the same for the same balls.</summary>
    private static string Essence(TablePage page)
    {
        var sheet = page.Sheet();
        return sheet.GetProperty("balls").GetRawText() + sheet.GetProperty("stroke").GetProperty("pace")
            .GetRawText() + sheet.GetProperty("pot").GetRawText();
    }

    private static IReadOnlyList<string> Raw(TablePage page) =>
        [.. page.Sheet().GetProperty("raw").EnumerateArray().Select(id => id.GetString()!)];

    private static JsonElement? Kept(HttpClient client)
    {
        using var response = client.Send(new HttpRequestMessage(HttpMethod.Get, "/api/sheet"));
        using var stream = response.Content.ReadAsStream();
        return stream.Length == 0 ? null : JsonDocument.Parse(stream).RootElement;
    }
}
