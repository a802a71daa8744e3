using System.Diagnostics;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The Safety section: what now, what do I leave, caught thick and thin, against whom.</summary>
[Collection(Lane.Questions)]
public sealed class SafetyTests(BrowserFixture browser)
{
    private const string Position = "The same safety on a lively table";

    [Fact]
    public void What_now_brings_an_answer_in_one_input_with_thumbnails_that_open_on_the_table()
    {
        var page = Open();
        var clock = Stopwatch.StartNew();
        page.Find("what-now").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=safety-mark]")).Count == 1);
        Figures.Print($"From What now? to the first safety: {clock.ElapsedMilliseconds} ms (aim 1000 after the question is weighed).");
        Finish(page);
        Figures.Print($"What to leave stood after {clock.ElapsedMilliseconds} ms.");
        Assert.EndsWith("/safety", new Uri(browser.Driver.Url).AbsolutePath, StringComparison.Ordinal);
        Assert.StartsWith("Play safe", page.Text("safety-now"), StringComparison.Ordinal);
        Assert.Equal("", page.Script(
            """
            const { scrollWidth, scrollHeight } = document.documentElement
            return scrollWidth > innerWidth || scrollHeight > innerHeight ? `${scrollWidth} x ${scrollHeight}` : ''
            """));
        var misses = browser.Driver.FindElements(By.CssSelector("[data-miss]"));
        Assert.Equal(2, misses.Count);
        misses[0].Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-left-ball=cue]")).Count == 1);
        misses[0].Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-left-ball]")).Count == 0);

        // Another answer lies on the sheet when it is touched, and the first one again when it is touched once more.
        var told = page.Text("verdict");
        var other = browser.Driver.FindElement(By.CssSelector("[data-testid=safety-panel] [data-other]"));
        other.Click();
        page.Until(() => page.Text("verdict") != told && other.GetAttribute("aria-pressed") == "true");
        other.Click();
        page.Until(() => page.Text("verdict") == told);

        // The stroke on the sheet is held against the answer: it is the answer itself.
        page.Find("compare-mine").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=mine]")).Count == 1);
        Assert.Contains("as good", page.Text("mine"), StringComparison.Ordinal);
        Finish(page);

        // A ball that is moved makes the answer one of before.
        page.PressOn("[data-ball=cue]", Keys.ArrowUp);
        page.Until(() => page.Text("safety-old").Length > 0);
    }

    [Fact]
    public void With_the_keys_alone_and_for_another_opponent_it_is_asked_again()
    {
        var page = Open();
        page.Script("document.activeElement.blur()");
        new OpenQA.Selenium.Interactions.Actions(browser.Driver).SendKeys("d").Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=plan-safety]")).Count == 1);
        page.PressOn("[data-testid=plan-safety]", Keys.Enter);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=safety-mark]")).Count == 1);
        page.Find("opponent-chooser").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-opponent=expert]")).Any(one => one.Displayed));
        page.Script("document.querySelector('[data-opponent=expert]').closest('li').click()");
        // What is looked for is about another opponent: it stops, and what was found is of before.
        page.Until(() => page.Text("safety-old").Length > 0);
        page.Find("plan-safety").Click();
        page.Until(() => page.Text("safety-old").Length == 0 && page.Text("safety-now").Length > 0);
        page.Script("localStorage.removeItem('deep-baize.opponent')");
    }

    [Fact]
    public void A_search_is_stopped_and_the_best_so_far_stays()
    {
        var page = Open();
        page.Section("safety");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=plan-safety]")).Count == 1);
        page.Find("plan-safety").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=safety-mark]")).Count == 1);
        var stop = browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan-safety]"));
        if (stop.Count > 0) stop[0].Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan-safety]")).Count == 0);
        Assert.NotEmpty(page.Text("safety-now"));
    }

    /// <summary>Both schools of the opening stand side by side, each from its own place in the D; then the game goes on.</summary>
    [Fact]
    public void The_last_black_is_opened_by_both_schools_and_played_on_against_the_opponent()
    {
        var page = Open("The black again");
        page.Find("what-now").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=safety-mark]")).Count == 1);
        Finish(page);
        var best = page.Find("safety-panel").GetDomAttribute("data-kind");
        var others = browser.Driver.FindElements(By.CssSelector("[data-testid=safety-panel] [data-other]"));
        string?[] kinds = [best, .. others.Select(one => one.GetDomAttribute("data-other"))];
        Assert.Contains("oppositeSides", kinds);
        Assert.Contains("oppositeEnds", kinds);
        Assert.All(others, one => Assert.Single(one.FindElements(By.CssSelector("svg"))));
        var school = others.First(one => one.GetDomAttribute("data-other")!.StartsWith("opposite", StringComparison.Ordinal));
        school.Click();
        page.Until(() => school.GetAttribute("aria-pressed") == "true");

        var before = WhiteAt();
        Assert.True(page.Find("play-on").Displayed);
        page.Script("document.activeElement.blur()");
        new OpenQA.Selenium.Interactions.Actions(browser.Driver).SendKeys("o").Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-turn=theirs]")).Count > 0
            || page.Text("exchange-state").Contains("over", StringComparison.Ordinal));
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stop-reply]")).Count == 0);
        // A row goes back to before its stroke, and the line stays to be gone through.
        browser.Driver.FindElement(By.CssSelector("[data-turn=mine]")).Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=to-end]")).Count == 1);
        Assert.Equal(before, WhiteAt());

        string? WhiteAt() => browser.Driver.FindElement(By.CssSelector("[data-ball=cue]")).GetDomAttribute("data-x");
    }

    private TablePage Open(string position = Position)
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition(position);
        return page;
    }

    private static void Finish(TablePage page) =>
        page.Until(() => page.Text("safety-state").Contains("looked at", StringComparison.Ordinal));
}
