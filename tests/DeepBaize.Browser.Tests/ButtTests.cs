using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 18: the butt is raised by hand and by keys, flights are seen, and digging down is held against a level cue.</summary>
[Collection(Lane.Hands)]
public sealed class ButtTests(BrowserFixture browser)
{
    private static double Elevation(TablePage page) => page.Sheet().GetProperty("stroke").GetProperty("elevationDeg").GetDouble();

    [Fact]
    public void The_butt_is_raised_by_dragging_and_by_keys_and_the_pot_is_kept()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("High on the black");
        var (before, aim) = (page.Text("verdict"), page.AimDegrees());
        var knob = browser.Driver.FindElement(By.CssSelector("[data-testid=butt] .knob"));
        browser.Hand().MoveToElement(knob).ClickAndHold().MoveByOffset(-2, -8).MoveByOffset(-2, -8).Release().Perform();
        page.Settle();
        Assert.InRange(Elevation(page), 12, 35);
        Assert.Contains($"butt up {Elevation(page):0} degrees", page.Text("verdict"), StringComparison.Ordinal);
        Assert.NotEqual(before, page.Text("verdict"));
        Assert.StartsWith(before[..before.IndexOf('.', StringComparison.Ordinal)], page.Text("verdict"), StringComparison.Ordinal);

        page.Press("butt", Keys.Home);
        Assert.Equal(0, Elevation(page));
        Assert.Equal(before, page.Text("verdict"));
        Assert.Equal(aim, page.AimDegrees());
        page.Press("butt", Keys.ArrowUp, Keys.ArrowUp, Keys.ArrowUp, Keys.Shift + Keys.ArrowUp, Keys.ArrowDown);
        // From the least that the place asks for, a little over 2 degrees.
        Assert.Equal(9, Elevation(page));
        Assert.Equal("butt 9°", page.Find("butt").GetDomAttribute("aria-valuetext"));

        browser.Hand().KeyDown(Keys.Control).SendKeys("z").KeyUp(Keys.Control).Perform();
        page.Settle();
        Assert.Equal(10, Elevation(page));
    }

    [Fact]
    public void A_flight_is_drawn_broken_with_a_shadow_and_told_with_its_height()
    {
        var page = new TablePage(browser).OpenFresh();
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=flight]")));
        page.Press("run-rule", Keys.End, Keys.Shift + Keys.ArrowLeft);
        page.Press("butt", [.. Enumerable.Repeat(Keys.Shift + Keys.ArrowUp, 5)]);
        Assert.NotEmpty(browser.Driver.FindElements(By.CssSelector("[data-testid=flight]")));
        Assert.NotEmpty(browser.Driver.FindElements(By.CssSelector("[data-path=cue] .shadow")));
        page.Find("numbers-button").Click();
        page.Until(() => page.Text("numbers").Contains($"Butt up {Elevation(page):0}°; the white rises", StringComparison.Ordinal));
        Assert.Contains("White comes down on the bed", page.Text("numbers"), StringComparison.Ordinal);
    }

    /// <summary>Common practice, no source (E7): stabbing down can lift the white off the table, harm the cloth or hit somebody.</summary>
    [Fact]
    public void Level_and_dug_down_are_held_side_by_side_and_taken()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        browser.Driver.FindElement(By.CssSelector("[data-view=butt]")).Click();
        page.Until(() => page.Text("butt-ways").Contains("Butt up 15 degrees", StringComparison.Ordinal));
        var told = page.Text("butt-ways");
        Assert.Contains("Stays on the bed", told, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("Room for error", told, StringComparison.OrdinalIgnoreCase);
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=butt-caution]")));
        page.Press("run-rule", Keys.End, Keys.Shift + Keys.ArrowLeft);
        page.Until(() => page.Text("butt-ways").Contains("tear the cloth", StringComparison.Ordinal));
        browser.Driver.FindElement(By.CssSelector("[data-butt-way='15'] button")).Click();
        page.Settle();
        Assert.Equal(15, Elevation(page));
    }
}
