using System.Diagnostics;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The way out of a snooker as a player sees it.</summary>
[Collection(Lane.Questions)]
public sealed class EscapeTests(BrowserFixture browser)
{
    [Fact]
    public void A_snooker_gives_its_way_in_one_input_with_the_mirrors_beside_it()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Behind the brown");
        var clock = Stopwatch.StartNew();
        page.Find("what-now").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=escape-point]")).Count == 1);
        Figures.Print($"From What now? to the first way out: {clock.ElapsedMilliseconds} ms.");
        Finish(page);
        Figures.Print($"The ways stood after {clock.ElapsedMilliseconds} ms.");
        Assert.EndsWith("/escape", new Uri(browser.Driver.Url).AbsolutePath, StringComparison.Ordinal);
        Assert.StartsWith("Snookered on a red by the brown", page.Text("snooker"), StringComparison.Ordinal);
        Assert.Contains("cushion, ", page.Text("escape-mark"), StringComparison.Ordinal);
        Assert.Contains("it comes off", page.Text("verdict"), StringComparison.Ordinal);

        // The mirror's way is drawn when it is asked for.
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=mirror-line]")));
        page.Find("mirror-way").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=mirror-line]")).Count == 1);

        // And the places from which the same point still works.
        page.Find("family-shown").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=family] circle")).Count > 3);

        // Another way lies on the sheet when it is touched.
        var told = page.Text("escape-mark");
        browser.Driver.FindElement(By.CssSelector("[data-route='1']")).Click();
        page.Until(() => page.Text("escape-mark") != told);
        Assert.Contains("it comes off", page.Text("verdict"), StringComparison.Ordinal);

        // It is kept for practice with its way.
        page.Find("practise").Click();
        page.Until(() => page.Text("sheet-name").StartsWith("Escape on the ", StringComparison.Ordinal));

        // A ball that is moved makes the answer one of before, and the widest ways follow it.
        page.PressOn("[data-ball=brown]", Keys.ArrowUp);
        page.Until(() => page.Text("escape-old").Length > 0);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=sketch] polyline")).Count > 0);
    }

    [Fact]
    public void With_the_keys_alone()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Behind the brown");
        page.Script("document.activeElement.blur()");
        new OpenQA.Selenium.Interactions.Actions(browser.Driver).SendKeys("e").Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=plan-escape]")).Count == 1);
        new OpenQA.Selenium.Interactions.Actions(browser.Driver).SendKeys("g").Perform();
        Finish(page);
        page.PressOn("[data-route='1']", Keys.Enter);
        page.Until(() => browser.Driver.FindElement(By.CssSelector("[data-route='1']")).GetAttribute("aria-pressed") == "true");
    }

    private static void Finish(TablePage page) =>
        page.Until(() => page.Text("escape-state").Contains("looked at", StringComparison.Ordinal));
}
