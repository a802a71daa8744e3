using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The whole way of a player, with the mouse and with the keys alone.</summary>
[Collection(Lane.Table)]
public sealed class WholeWayTests(BrowserFixture browser)
{
    private const double Width = 1778;

    [Fact]
    public async Task A_player_opens_lays_strikes_reads_plays_saves_and_finds_it_again()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Line of reds");
        var before = page.PlaceOf("cue");
        page.DragBall("cue", 30, -24);
        Assert.NotEqual(before, page.PlaceOf("cue"));

        page.ClickTip(0.25, -0.3);
        page.PullPace(0.45);
        Assert.Contains("low", page.Text("verdict"), StringComparison.Ordinal);
        Assert.Contains("of right", page.Text("verdict"), StringComparison.Ordinal);

        var answer = await page.AskApiAsync();
        Assert.Equal(TablePage.VerdictOf(answer), page.Text("verdict"));
        Assert.Equal(answer.GetProperty("verdict").GetProperty("because").GetString(), page.Text("because"));
        var white = answer.GetProperty("final").EnumerateArray().First(ball => ball.GetProperty("id").GetString() == "cue");
        var (restX, restY) = (white.GetProperty("x").GetDouble() * 1000, Width - white.GetProperty("y").GetDouble() * 1000);
        Assert.Equal(restX, page.RestingPlaceOf("cue").X, 0.1);
        Assert.Equal(restY, page.RestingPlaceOf("cue").Y, 0.1);

        var laid = page.PlaceOf("cue");
        page.Find("play").Click();
        page.Until(() => page.PlaceOf("cue") != laid);
        page.Find("pause").Click();
        page.Find("step").Click();
        page.Until(() => page.Text("clock") is var clock
            && clock.StartsWith(clock.Split(" of ")[1].Replace(" s", "", StringComparison.Ordinal), StringComparison.Ordinal)
            || Step(page));
        Assert.Equal(restX, page.PlaceOf("cue").X, 0.1);
        page.Find("reset").Click();
        page.Until(() => page.PlaceOf("cue") == laid);

        var name = $"Low right {Guid.NewGuid():n}";
        page.Find("save").Click();
        page.Find("save-name").SendKeys(name);
        page.Find("save-note").SendKeys("Does the white clear the pink?");
        page.Find("save-confirm").Click();
        page.Until(() => page.Text("sheet-name") == name);
        var saved = page.Sheet();

        page.OpenFresh(keepsSaved: true).OpenPosition(name);
        var found = page.Sheet();
        Assert.Equal(saved.GetProperty("balls").GetRawText(), found.GetProperty("balls").GetRawText());
        Assert.Equal(saved.GetProperty("stroke").GetRawText(), found.GetProperty("stroke").GetRawText());
        Assert.Equal(laid.X, page.PlaceOf("cue").X, 0.1);
        Assert.Equal(laid.Y, page.PlaceOf("cue").Y, 0.1);
        Assert.Equal(TablePage.VerdictOf(answer), page.Text("verdict"));
    }

    [Fact]
    public async Task Everything_can_be_done_with_the_keys_alone()
    {
        var page = new TablePage(browser).OpenFresh();
        var reached = new HashSet<string>();
        for (var i = 0; i < 60; i++)
        {
            browser.Hand().SendKeys(Keys.Tab).Perform();
            var focused = (string?)page.Script(
                "const e = document.activeElement; return e.dataset?.testid ?? e.dataset?.ball ?? e.getAttribute('aria-label')");
            if (focused is not null) reached.Add(focused);
        }

        Assert.Superset(new HashSet<string> { "cue", "black", "aim", "run-rule", "play", "open", "save", "tip", "help", "lay-button" },
            reached);

        var aim = page.AimDegrees();
        page.Press("aim", Keys.ArrowLeft, Keys.Shift + Keys.ArrowLeft);
        page.Press("tip", Keys.Home, Keys.ArrowUp, Keys.ArrowRight, Keys.ArrowRight);
        page.Press("run-rule", Keys.Home, Keys.ArrowRight, Keys.Shift + Keys.ArrowRight);
        var stroke = page.Sheet().GetProperty("stroke");
        Assert.Equal(aim + 1.1, stroke.GetProperty("directionDeg").GetDouble(), 1e-4);
        Assert.Equal(0.02, stroke.GetProperty("height").GetDouble(), 1e-9);
        Assert.Equal(0.04, stroke.GetProperty("side").GetDouble(), 1e-9);
        Assert.Equal(2.1, stroke.GetProperty("pace").GetDouble(), 1e-9);

        var black = page.PlaceOf("black");
        page.Script("document.querySelector('[data-ball=black]').focus()");
        browser.Hand().SendKeys(Keys.ArrowLeft).KeyDown(Keys.Shift).SendKeys(Keys.ArrowUp).KeyUp(Keys.Shift).Perform();
        page.Settle();
        Assert.Equal(black.X - 0.5, page.PlaceOf("black").X, 1e-3);
        Assert.Equal(black.Y - 52.5, page.PlaceOf("black").Y, 1e-3);

        browser.Hand().SendKeys(Keys.Delete).Perform();
        page.Until(() => !page.HasBall("black"));
        browser.Hand().KeyDown(Keys.Control).SendKeys("z").KeyUp(Keys.Control).Perform();
        page.Until(() => page.HasBall("black"));
        browser.Hand().KeyDown(Keys.Control).KeyDown(Keys.Shift).SendKeys("z").KeyUp(Keys.Shift).KeyUp(Keys.Control).Perform();
        page.Until(() => !page.HasBall("black"));

        page.Script("document.activeElement.blur()");
        browser.Hand().SendKeys("n").Perform();
        page.Until(() => !page.Text("clock").StartsWith("0.0", StringComparison.Ordinal)
            || page.Text("clock").EndsWith("of 0.0 s", StringComparison.Ordinal));
        page.Find("reset").Click();
        page.Settle();
        Assert.Equal(TablePage.VerdictOf(await page.AskApiAsync()), page.Text("verdict"));
    }

    [Fact]
    public void The_working_sheet_survives_a_reload_without_saving()
    {
        var page = new TablePage(browser).OpenFresh();
        page.DragBall("red1", -60, 20);
        page.Find("lay-button").Click();
        page.Find("lay-red").Click();
        page.Settle();
        var (laid, third) = (page.PlaceOf("red1"), page.PlaceOf("red3"));
        page.Reload();
        Assert.Equal(laid, page.PlaceOf("red1"));
        Assert.Equal(third, page.PlaceOf("red3"));
        Assert.Contains("changed", page.Text("sheet-state"), StringComparison.Ordinal);
    }

    private static bool Step(TablePage page)
    {
        page.Find("step").Click();
        return false;
    }
}
