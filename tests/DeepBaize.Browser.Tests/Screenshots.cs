using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Takes the pictures of docs/screenshots, which is no test: only when asked for (docs/architecture.md).</summary>
[Collection(Lane.Questions)]
public sealed class Screenshots(BrowserFixture browser)
{
    private static readonly string Folder = Path.Combine(TestCluster.RepositoryRoot, "docs", "screenshots");

    [Fact(Explicit = true)]
    public void The_table_section() => Take("table.png", page => page.OpenPosition("Blue on the high side"));

    [Fact(Explicit = true)]
    public void The_saved_positions() => Take("positions.png", page =>
    {
        page.OpenPosition("The pack from the D");
        page.Find("open").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-position]")).Count == 3);
    });

    [Fact(Explicit = true)]
    public void What_to_leave() => Take("safety.png", page =>
    {
        page.OpenPosition("The same safety on a lively table");
        page.Find("what-now").Click();
        page.Until(() => page.Text("safety-state").Contains("looked at", StringComparison.Ordinal));
        page.Settle();
    });

    [Fact(Explicit = true)]
    public void Out_of_a_snooker() => Take("escape.png", page =>
    {
        page.OpenPosition("Round the corner to the yellow");
        page.Find("what-now").Click();
        page.Until(() => page.Text("escape-state").Contains("looked at", StringComparison.Ordinal));
        page.Find("mirror-way").Click();
        page.Find("family-shown").Click();
        page.Settle();
    });

    [Fact(Explicit = true)]
    public void The_butt_raised() => Take("butt.png", page =>
    {
        page.OpenPosition("Screw back for the blue");
        page.Press("butt", [.. Enumerable.Repeat(Keys.Shift + Keys.ArrowUp, 5)]);
        page.Find("white-button").Click();
        page.View("butt");
        page.Until(() => page.Text("butt-ways").Contains("Butt up 2", StringComparison.Ordinal));
    });

    [Fact(Explicit = true)]
    public void The_aim_explained() => Take("aim.png", page =>
    {
        page.OpenPosition("Round the angles");
        page.Find("aim-button").Click();
        page.Until(() => page.Text("aim-sum").Length > 0);
    });

    [Fact(Explicit = true)]
    public void Stun_follow_and_screw() => Take("anchors.png", page =>
    {
        page.Find("white-button").Click();
        page.View("anchors");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-anchor]")).Count == 3 && page.Text("stun-heights").Length > 0);
    });

    [Fact(Explicit = true)]
    public void The_map_of_pace_by_height() => Take("map.png", page =>
    {
        page.Find("white-button").Click();
        page.View("map");
        page.ClickCloth(2500, 700);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-cell]")).Count == 441
            && browser.Driver.FindElements(By.CssSelector(".cell.inZone")).Count > 0);
    });

    [Fact(Explicit = true)]
    public void The_table_read() => Take("reading.png", page =>
    {
        page.OpenPosition("Line of reds");
        page.Find("reading-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-entry]")).Count > 20);
    });

    [Fact(Explicit = true)]
    public void Laying_a_position() => Take("lay.png", page =>
    {
        page.OpenPosition("Line of reds");
        page.Find("lay-button").Click();
        page.Ball("cue").Click();
        page.Find("mark-white").Click();
        page.Find("mark-target").Click();
        page.PullCloth((2350, 700), (2480, 700));
        page.Find("mark-gate").Click();
        page.PullCloth((1500, 820), (1500, 1080));
    });

    [Fact(Explicit = true)]
    public void A_preset_with_its_numbers() => Take("presets.png", page =>
    {
        page.Find("lay-button").Click();
        page.Find("presets").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-preset=fan]")).Count == 1);
        browser.Driver.FindElement(By.CssSelector("[data-preset=fan]")).Click();
        page.Until(() => page.Text("sheet-name") == "Fan");
        page.Settle();
    });

    [Fact(Explicit = true)]
    public void The_state_of_play_in_the_dark()
    {
        using var dark = browser.Prefer("dark");
        Take("dark.png", page =>
        {
            page.OpenPosition("The pack from the D");
            page.Find("view").Click();
            page.Find("letters").Click();
            page.Find("state-button").Click();
            page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-nominate=black]")).Count == 1);
        });
    }

    [Fact(Explicit = true)]
    public void The_set_up_sheet() => Take("set-up.png", page =>
    {
        page.OpenPosition("Frozen to the top cushion");
        page.Find("files").Click();
        page.Find("set-up").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-line]")).Count > 1);
    });

    [Fact(Explicit = true)]
    public void A_tablet_held_upright()
    {
        using var tablet = browser.Tablet();
        Take("tablet.png", page =>
        {
            page.OpenPosition("Line of reds");
            page.Find("lay-button").Click();
            page.Settle();
        });
    }

    [Fact(Explicit = true)]
    public void A_phone()
    {
        using var tablet = browser.Tablet();
        browser.SetSize(375, 812);
        Take("phone.png", page => page.Settle());
    }

    [Fact(Explicit = true)]
    public void The_chances_of_a_stroke_and_two_side_by_side() => Take("chance.png", page =>
    {
        page.Find("chance-button").Click();
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Press("run-rule", Keys.ArrowLeft, Keys.ArrowLeft, Keys.ArrowLeft, Keys.ArrowLeft, Keys.ArrowLeft);
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Until(() => page.Text("recommendation").Length > 0);
        page.Until(() => page.Text("chance-panel").Contains("of 1600 strokes", StringComparison.Ordinal));
    });

    [Fact(Explicit = true)]
    public void A_zone_and_the_strokes_that_stop_there() => Take("zone.png", page =>
    {
        page.Find("zone-button").Click();
        page.Find("paint-zone").Click();
        page.PullCloth((2250, 500), (2650, 800));
        page.SettleChances();
        browser.Driver.FindElement(By.CssSelector("[data-search=search]")).Click();
        page.Until(() => page.Text("zone-panel").Contains("done", StringComparison.Ordinal));
        page.SettleChances();
    });

    [Fact(Explicit = true)]
    public void A_break_that_is_planned() => Take("break.png", page =>
    {
        page.Find("break-section").Click();
        page.OpenPosition("Blue on the high side");
        page.Find("plan").Click();
        page.Until(() => page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
        page.SettleChances();
    });

    [Fact(Explicit = true)]
    public void Players_and_tables() => Take("players.png", page =>
    {
        page.Section("players");
    });

    private void Take(string name, Action<TablePage> prepare)
    {
        var page = new TablePage(browser).OpenFresh(asFirstVisit: true);
        prepare(page);
        Directory.CreateDirectory(Folder);
        browser.Driver.ExecuteScript("document.activeElement?.blur()");
        page.Still();
        browser.Driver.GetScreenshot().SaveAsFile(Path.Combine(Folder, name));
    }
}
