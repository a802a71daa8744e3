using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The page is loaded anew while only the database is away.</summary>
[Collection(Lane.Sheet)]
public sealed class UnknownTests(BrowserFixture browser)
{
    [Fact]
    public async Task Who_plays_is_said_to_be_unknown_and_comes_back_by_itself()
    {
        var cluster = TestCluster.Beside("unknown", durable: false);
        await using var server = await BaizeServer.StartAsync(cluster);
        var page = new TablePage(browser);
        browser.Driver.Navigate().GoToUrl(server.Address);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=player-chooser]")).Count == 1);
        var before = page.Text("player-chooser");
        cluster.Stop();
        browser.Driver.Navigate().Refresh();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=shelf-unknown]")).Count == 1);
        Assert.Contains("is not known just now", page.Text("shelf-unknown"), StringComparison.Ordinal);
        Assert.Equal("player unknown", page.Text("player-unknown"));
        // What cannot be kept is not said to be.
        page.Until(() => page.Text("sheet-state").Contains("not kept", StringComparison.Ordinal));
        cluster.Start();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=player-chooser]")).Count == 1);
        Assert.Equal(before, page.Text("player-chooser"));
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=shelf-unknown]")));
        page.Until(() => !page.Text("sheet-state").Contains("not kept", StringComparison.Ordinal));
        cluster.Stop();
    }
}
