using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>
/// Issue 17, points 2 and 6: nothing outlives its position, and a stroke by the rules is seen to be played, once, before the ruling.
/// </summary>
[Collection(Lane.Sheet)]
public sealed class BeforeTests(BrowserFixture browser)
{
    private const string Before = "For the position before.";

    [Fact]
    public void A_plan_turns_grey_when_a_ball_moves_comes_back_with_undo_and_is_gone_with_another_position()
    {
        var page = Planned("Blue on the high side");
        page.DragBall("red1", 40, 20);
        page.Until(() => page.Text("plan-old") == Before);
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=plan-mark]")));
        page.Find("undo").Click();
        page.Until(() => page.Text("plan-old") == "");
        Assert.NotEmpty(Steps());

        // A wish is no ball that moved.
        browser.Driver.FindElement(By.CssSelector("[data-wish=side]")).Click();
        page.Until(() => page.Text("plan-old") == "For what you allowed before: plan again.");

        page.Find("new").Click();
        page.Find("break-section").Click();
        Face(page);
        Assert.Empty(Steps());
        Assert.Equal("", page.Text("plan-old"));
        page.Find("undo").Click();
        page.Until(() => page.HasBall("red1"));
        Assert.Empty(Steps());
    }

    [Fact]
    public void What_was_worse_than_planned_is_not_said_of_another_position()
    {
        var page = Planned("Blue on the high side");
        page.DragBall("cue", -60, 30);
        page.Until(() => page.Text("plan-old") == Before);
        page.Find("plan").Click();
        page.Until(() => page.Text("plan-loss").Length > 0);
        page.DragBall("red1", 40, 20);
        page.Until(() => page.Text("plan-old") == Before);
        Assert.Equal("", page.Text("plan-loss"));
        page.OpenPosition("Line of reds");
        Assert.Empty(Steps());
        Assert.Equal("", page.Text("plan-loss"));
    }

    [Fact]
    public void Wishes_and_what_was_found_for_them_go_with_their_position_and_undo_brings_the_wishes_back()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("zone-button").Click();
        page.Choose("wish-ball", "[role=option]");
        page.Choose("wish-pocket", "[role=option]");
        page.Find("add-wish").Click();
        page.Until(() => page.Text("zone-words").Length > 0);
        browser.Driver.FindElement(By.CssSelector("[data-search=cushion]")).Click();
        page.Until(() => page.Text("found-words").Length > 0);
        page.DragBall("red1", -40, 0);
        page.Until(() => page.Text("found-old") == Before);

        page.OpenPosition("Line of reds");
        page.Find("zone-button").Click();
        Assert.Equal("", page.Text("found-words"));
        Assert.Empty(browser.Driver.FindElements(By.CssSelector(".limits")));
        page.Find("undo").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector(".limits")).Count == 1);
    }

    [Fact]
    public void Strokes_that_were_compared_say_when_they_are_of_another_position_and_the_next_begins_afresh()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("chance-button").Click();
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Press("run-rule", Keys.Shift + Keys.ArrowRight);
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Until(() => page.Text("recommendation").Length > 0);
        Assert.Equal("", page.Text("compared-old"));

        page.OpenPosition("Round the angles");
        page.Find("chance-button").Click();
        page.Until(() => page.Text("compared-old") == Before);
        Assert.False(browser.Driver.FindElement(By.CssSelector("[data-recall]")).Enabled);
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Until(() => page.Text("compare").Contains("1 of 4", StringComparison.Ordinal));
    }

    [Fact]
    public void A_stroke_by_the_rules_runs_before_the_referee_speaks_and_a_second_press_plays_no_second_one()
    {
        var page = Planned("Blue on the high side");
        using var _ = browser.Motion();
        var balls = page.Sheet().GetProperty("balls").GetRawText();
        page.Script("const play = document.querySelector('[data-testid=play-step]'); play.click(); play.click()");
        page.Until(() => !page.Text("clock").StartsWith("0.0", StringComparison.Ordinal));
        Assert.Equal("", page.Text("ruling"));
        Assert.Equal(balls, page.Sheet().GetProperty("balls").GetRawText());
        page.Until(() => page.Text("ruling").Length > 0);
        Assert.Empty(Steps());
        Assert.Equal(System.Text.Json.JsonValueKind.Null, page.Sheet().GetProperty("pot").ValueKind);
        page.Find("undo").Click();
        page.Until(() => page.Text("ruling") == "");
        Assert.Equal(balls, page.Sheet().GetProperty("balls").GetRawText());
    }

    private TablePage Planned(string position)
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("break-section").Click();
        page.OpenPosition(position);
        page.Find("plan").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan]")).Count == 0
            && page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
        return page;
    }

    /// <summary>Brings the section's own bench back after a face that all sections share.</summary>
    private static void Face(TablePage page)
    {
        page.Find("view").Click();
        page.Find("view").Click();
    }

    private IReadOnlyList<IWebElement> Steps() => browser.Driver.FindElements(By.CssSelector("[data-step]"));
}
