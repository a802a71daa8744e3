using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Takes the pictures of docs/screenshots when DEEP_BAIZE_SCREENSHOTS is set; checks everywhere else that they exist.</summary>
public sealed class ScreenshotTests(BrowserFixture browser)
{
    private static readonly string Folder = Path.Combine(TestCluster.RepositoryRoot, "docs", "screenshots");

    [Fact]
    public void The_table_section()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Blue on the high side");
        Keep("table.png");
    }

    [Fact]
    public void The_saved_positions()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("The pack from the D");
        page.Find("open").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-position]")).Count == 3);
        Keep("positions.png");
    }

    [Fact]
    public void The_numbers()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Round the angles");
        page.Find("numbers-button").Click();
        page.Settle();
        Keep("numbers.png");
    }

    [Fact]
    public void A_lively_table()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("The same stroke on a lively table");
        page.Until(() => page.Text("table-chooser").Trim() == "lively");
        page.Settle();
        Keep("lively-table.png");
    }

    [Fact]
    public void The_aim_explained()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Round the angles");
        page.Find("aim-button").Click();
        page.Until(() => page.Text("aim-sum").Length > 0);
        Keep("aim.png");
    }

    [Fact]
    public void Stun_follow_and_screw()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        page.View("anchors");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-anchor]")).Count == 3 && page.Text("stun-heights").Length > 0);
        Thread.Sleep(900);
        Keep("anchors.png");
    }

    [Fact]
    public void The_map_of_pace_by_height()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        page.View("map");
        page.ClickCloth(2500, 700);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-cell]")).Count == 441 && browser.Driver.FindElements(By.CssSelector(".cell.inZone")).Count > 0);
        Keep("map.png");
    }

    [Fact]
    public void The_table_read()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Line of reds");
        page.Find("reading-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-entry]")).Count > 20);
        Keep("reading.png");
    }

    private void Keep(string name)
    {
        var path = Path.Combine(Folder, name);
        if (Environment.GetEnvironmentVariable("DEEP_BAIZE_SCREENSHOTS") is not null)
        {
            Directory.CreateDirectory(Folder);
            Unfocus();
            browser.Driver.GetScreenshot().SaveAsFile(path);
        }

        Assert.True(File.Exists(path), $"{name} is missing: run the browser tests with DEEP_BAIZE_SCREENSHOTS=1.");

        void Unfocus() => browser.Driver.ExecuteScript("document.activeElement?.blur()");
    }
}
