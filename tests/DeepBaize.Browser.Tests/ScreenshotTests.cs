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
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-position]")).Count > 5);
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
