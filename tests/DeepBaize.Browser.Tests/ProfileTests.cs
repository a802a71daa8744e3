using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The table in use: chosen at the top right, kept with a position, and felt in everything that is predicted.</summary>
[Collection(Lane.Sheet)]
public sealed class ProfileTests(BrowserFixture browser)
{
    private const string Lively = "The same safety on a lively table";
    private const string Slow = "The same safety on slow old cloth";

    [Fact]
    public void Opening_a_position_of_another_table_changes_run_rule_path_and_verdict_and_names_the_table()
    {
        var page = new TablePage(browser).OpenFresh();
        Assert.Equal("Window table", InUse(page));
        var lively = Open(page, Lively, "lively");
        var slow = Open(page, Slow, "slow old cloth");
        Assert.True(lively.Lengths > slow.Lengths * 1.3, $"{lively.Lengths} lengths on the lively table, {slow.Lengths} on old cloth");
        Assert.True(Math.Abs(lively.Rest.X - slow.Rest.X) > 1000, "the white should stop more than a metre apart");
        Assert.NotEqual(lively.Verdict, slow.Verdict);

        page.Find("numbers-button").Click();
        Assert.Contains("Worked out for the slow old cloth", page.Text("worked-out-for"), StringComparison.Ordinal);
        page.Find("open").Click();
        page.Find("search").SendKeys("lively");
        page.Until(() => browser.Driver.FindElements(By.CssSelector($"[data-position='{Lively}']")).Count == 1);
        var named = browser.Driver.FindElement(By.CssSelector($"[data-position='{Lively}'] [data-testid=position-table]"));
        Assert.Equal("table: lively", named.Text);
    }

    [Fact]
    public void Another_table_is_chosen_with_mouse_or_keys_undone_and_kept_with_the_position()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition(Lively);
        page.Until(() => InUse(page) == "lively");
        var before = Read(page);

        page.Choose("table-chooser", "[data-profile=club]");
        var choice = browser.Driver.FindElement(By.CssSelector("[data-profile=club]"));
        page.Until(() => InUse(page) == "club table" && Read(page).Lengths < before.Lengths);
        page.Settle();
        Assert.Equal("club", page.Sheet().GetProperty("profile").GetString());

        page.Find("undo").Click();
        page.Until(() => InUse(page) == "lively" && Read(page) == before);

        browser.Driver.FindElement(By.CssSelector("[data-testid=table-chooser] input")).SendKeys(Keys.Enter);
        page.Until(() => choice.Displayed);
        browser.Hand().SendKeys(Keys.ArrowUp).Perform();
        browser.Hand().SendKeys(Keys.Enter).Perform();
        page.Until(() => InUse(page) == "slow old cloth");
        page.Settle();

        var name = $"Old cloth {Guid.NewGuid():n}";
        page.Find("save").Click();
        page.Find("save-name").SendKeys(name);
        page.Find("save-confirm").Click();
        page.Until(() => page.Text("sheet-name") == name);
        page.OpenFresh(keepsSaved: true);
        Assert.Equal("Window table", InUse(page));
        Open(page, name, "slow old cloth");
    }

    private static string InUse(TablePage page) => page.Text("table-chooser").Trim();

    private static Picture Open(TablePage page, string name, string table)
    {
        page.OpenPosition(name);
        page.Until(() => InUse(page) == table);
        page.Settle();
        return Read(page);
    }

    /// <summary>What a player sees of the table: lengths that the pace runs, where the white stops, and the sentence.</summary>
    private static Picture Read(TablePage page)
    {
        var words = page.Find("run-rule").GetDomAttribute("aria-valuetext")!;
        var lengths = double.Parse(words.Split("runs ")[1].Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        return new Picture(lengths, page.RestingPlaceOf("cue"), page.Text("verdict"));
    }

    private sealed record Picture(double Lengths, (double X, double Y) Rest, string Verdict);
}
