using System.Globalization;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>
/// The player at the table: who plays, what the hands can do, zones, strokes side by side, and the section of players and tables.
/// </summary>
[Collection(Lane.Hands)]
public sealed class PlayerTests(BrowserFixture browser)
{
    [Fact]
    public void From_starter_to_expert_the_stain_shrinks_and_chance_and_recommendation_change()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("zone-button").Click();
        page.Find("zone-by-keys").Click();
        var starter = Play(page, "starter");
        var expert = Play(page, "expert");
        Assert.True(expert.Stain < 0.5 * starter.Stain, $"the stain covers {starter.Stain:0} and {expert.Stain:0} square mm");
        Assert.NotEqual(starter.Pot, expert.Pot);
        Assert.NotEqual(starter.Found, expert.Found);

        (string Pot, double Stain, string Found) Play(TablePage at, string player)
        {
            at.Choose("player-chooser", $"[data-player={player}]");
            at.Until(() => at.Text("chance-strip").Contains($"for {player}", StringComparison.Ordinal));
            at.SettleChances();
            var box = (IReadOnlyList<object>)at.Script(
                "const b = document.querySelector('[data-testid=stain-half]').getBBox(); return [b.width, b.height]")!;
            var size = box.Select(value => Convert.ToDouble(value, CultureInfo.InvariantCulture)).ToList();
            browser.Driver.FindElement(By.CssSelector("[data-search=search]")).Click();
            at.Until(() => at.Text("zone-panel").Contains("done", StringComparison.Ordinal));
            return (browser.Driver.FindElement(By.CssSelector("[data-chance=pot]")).Text, size[0] * size[1], at.Text("found-words"));
        }
    }

    [Fact]
    public void A_zone_is_painted_by_dragging_moved_by_keys_and_the_stroke_that_stops_there_is_taken()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("zone-button").Click();
        page.Find("paint-zone").Click();
        page.PullCloth((2300, 500), (2700, 900));
        page.Until(() => page.Sheet().GetProperty("marks").GetArrayLength() == 1);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-chance=zone]")).Count == 1);
        var corner = page.Sheet().GetProperty("marks")[0].GetProperty("places")[0].GetProperty("x").GetDouble();
        page.PressOn(".marks .zone .handle", Keys.ArrowRight, Keys.ArrowRight);
        page.Until(() => Math.Abs(
            page.Sheet().GetProperty("marks")[0].GetProperty("places")[0].GetProperty("x").GetDouble() - corner - 0.01) < 1e-9);

        browser.Driver.FindElement(By.CssSelector("[data-search=search]")).Click();
        page.Until(() => page.Text("zone-panel").Contains("done", StringComparison.Ordinal));
        var before = page.Sheet().GetProperty("stroke").GetRawText();
        browser.Driver.FindElement(By.CssSelector("[data-found='0']")).Click();
        page.Until(() => page.Sheet().GetProperty("stroke").GetRawText() != before);
        page.Settle();
        page.Find("wipe-zone").Click();
        page.Until(() => page.Sheet().GetProperty("marks").GetArrayLength() == 0);
    }

    [Fact]
    public void A_zone_is_computed_for_a_next_ball_and_with_the_keys_alone_it_is_painted_where_the_white_stops()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Type("z");
        page.Choose("wish-ball", "[role=option]");
        page.Choose("wish-pocket", "[role=option]");
        page.Find("add-wish").Click();
        page.Until(() => page.Text("zone-words").Length > 0);
        browser.Driver.FindElement(By.CssSelector(".limits .el-button")).Click();
        page.TabTo("[data-testid=zone-by-keys]");
        page.SendKeys(Keys.Enter);
        page.Until(() => (bool)page.Script("return document.activeElement?.matches('.marks .zone .handle') ?? false")!);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-chance=zone]")).Count == 1);
    }

    [Fact]
    public void Two_strokes_are_kept_side_by_side_over_a_reload_and_one_of_them_is_recommended()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Type("h");
        page.SettleChances();
        foreach (var row in new[] { "pot", "next", "runsPast", "fallsShort", "cueing", "source" })
            Assert.EndsWith(".", browser.Driver.FindElement(By.CssSelector($"[data-row={row}]")).Text.Split('\n')[0].TrimEnd(),
                StringComparison.Ordinal);
        page.Until(() => browser.Driver.FindElement(By.CssSelector("[data-row=simpler]")).Text.Length > 0);
        page.Find("keep-to-compare").Click();
        page.Press("run-rule", Keys.Shift + Keys.ArrowRight, Keys.Shift + Keys.ArrowRight);
        page.SettleChances();
        page.Find("keep-to-compare").Click();
        page.Until(() => page.Text("recommendation").StartsWith("Play A", StringComparison.Ordinal));
        Assert.Equal(2, browser.Driver.FindElements(By.CssSelector("[data-recall]")).Count);

        page.Reload();
        page.Find("chance-button").Click();
        page.Until(() => page.Text("recommendation").StartsWith("Play A", StringComparison.Ordinal));
        var pace = page.Sheet().GetProperty("stroke").GetProperty("pace").GetDouble();
        browser.Driver.FindElement(By.CssSelector("[data-recall='0']")).Click();
        page.Until(() => Math.Abs(page.Sheet().GetProperty("stroke").GetProperty("pace").GetDouble() - pace + 2) < 1e-9);
    }

    [Fact]
    public void A_ball_tight_on_the_cushion_shows_in_the_sight_what_is_out_of_reach()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Until(() => page.Text("cueing-words").Length > 0);
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=forbidden]")));
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=drop-pot]")).Count > 0);
        page.Find("drop-pot").Click();
        page.DragTo("cue", 5, 900);
        page.PressOn("[data-testid=aim]", Keys.ArrowUp);
        page.Face("stroke");
        // The aim leads up the table, away from the cushion on which the white lies.
        var aim = browser.Driver.FindElement(By.CssSelector("[aria-label='Aim, degrees'] input, input[aria-label='Aim, degrees']"));
        aim.SendKeys(Keys.Control + "a" + Keys.Control);
        aim.SendKeys("0" + Keys.Enter);
        page.Settle();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=forbidden]")).Count == 1);
        page.Until(() => page.Text("cueing-words").Contains("play higher on the white", StringComparison.Ordinal));
        Assert.Contains("short bridge on the cushion", page.Text("cueing-words"), StringComparison.Ordinal);
        Assert.Contains("Not harder than pace 4", page.Text("cueing-words"), StringComparison.Ordinal);
    }

    [Fact]
    public void A_player_of_the_house_is_copied_changed_and_used_and_what_cannot_be_is_refused()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("players-section").Click();
        page.Until(() => page.Text("pot-rates").Contains("Black off its spot from 0.6 m: 8", StringComparison.Ordinal));
        Item("league").Click();
        page.Until(() => page.Text("pot-rates").Contains("Black off its spot from 0.6 m: 9", StringComparison.Ordinal));
        page.Find("copy-item").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=save-item]")).Count == 1);
        var name = $"Una {Guid.NewGuid().ToString("n")[..6]}";
        Replace("[data-testid=shelf-name] input, input[data-testid=shelf-name]", name);
        page.Choose("player-level", "[data-level=starter]");
        page.Until(() => page.Text("pot-rates").Contains("Black off its spot from 0.6 m: 4", StringComparison.Ordinal));
        page.Find("save-item").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector($"[data-shelf-item='{name}']")).Count == 1);
        page.Find("use-item").Click();
        page.Until(() => page.Text("player-chooser").Contains(name, StringComparison.Ordinal));

        page.Find("player-numbers").Click();
        Replace("[data-testid=spread-alignment] input", "-1");
        page.Until(() => page.Text("player-refusal").Contains("cannot be less than nothing", StringComparison.Ordinal));
        page.Find("save-item").Click();
        page.Until(() => page.Text("shelf-refusal").Contains("cannot be less than nothing", StringComparison.Ordinal));

        page.Section("table");
        page.SettleChances();
        Assert.Contains($"for {name}", page.Text("chance-strip"), StringComparison.Ordinal);
    }

    [Fact]
    public void A_table_of_the_house_is_copied_made_slower_and_played_on()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Section("players");
        browser.Driver.FindElement(By.CssSelector("[data-kind=tables]")).Click();
        page.Until(() => page.Text("table-runs").Contains("Pace 5: 1.6", StringComparison.Ordinal));
        Item("lively").Click();
        page.Until(() => !page.Text("table-runs").Contains("Pace 5: 1.6", StringComparison.Ordinal));
        page.Find("copy-item").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=save-item]")).Count == 1);
        var name = $"Side room {Guid.NewGuid().ToString("n")[..6]}";
        Replace("[data-testid=shelf-name] input, input[data-testid=shelf-name]", name);
        var before = page.Text("table-runs");
        page.Find("table-numbers").Click();
        Replace("[data-testid='coefficient-table.rollingFriction'] input", "0.02");
        page.Until(() => page.Text("table-runs") != before);
        page.Find("save-item").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector($"[data-shelf-item='{name}']")).Count == 1);
        page.Section("table");
        var rest = page.RestingPlaceOf("cue");
        page.Choose("table-chooser", $"[data-own-table='{name}']");
        page.Until(() => page.Text("table-chooser").Contains(name, StringComparison.Ordinal));
        page.Until(() => page.RestingPlaceOf("cue") != rest);
        Assert.Equal("lively", page.Sheet().GetProperty("profile").GetString());
    }

    [Fact]
    public void Own_paces_are_found_from_a_few_strokes_and_those_that_do_not_rise_are_refused()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Section("players");
        Item("club").Click();
        page.Find("copy-item").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=lengths-3]")).Count == 1);
        Replace("[data-testid=lengths-3] input, input[data-testid=lengths-3]", "2.0");
        Replace("[data-testid=lengths-5] input, input[data-testid=lengths-5]", "1.0");
        page.Find("find-paces").Click();
        page.Until(() => page.Text("pace-refusal").Contains("Play those two again", StringComparison.Ordinal));
        Replace("[data-testid=lengths-3] input, input[data-testid=lengths-3]", "1.1 1.0 1.2");
        Replace("[data-testid=lengths-5] input, input[data-testid=lengths-5]", "2.6 2.5 2.7");
        page.Find("find-paces").Click();
        page.Until(() => page.Text("pace-words").Contains("Pace 5", StringComparison.Ordinal));
        page.Find("save-item").Click();
        page.Find("use-item").Click();
        page.Section("table");
        // The rule shows the player's own numbers now: pace 5 stands at 2.6 lengths.
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=run-rule]")).Count == 1);
        page.Press("run-rule", Keys.Home, Keys.Shift + Keys.ArrowRight, Keys.Shift + Keys.ArrowRight, Keys.Shift + Keys.ArrowRight,
            Keys.Shift + Keys.ArrowRight);
        page.Until(() => page.Find("run-rule").GetDomAttribute("aria-valuetext")!.Contains("2.6", StringComparison.Ordinal));
    }

    [Fact]
    public void The_chance_is_shown_soon_after_the_hand_lets_go()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SettleChances();
        page.Script(
            """
            window.took = []
            let from = 0
            window.addEventListener('keydown', () => (from = performance.now()), true)
            const strip = document.querySelector('[data-testid=chance-strip]')
            let old = false
            new MutationObserver(() => {
              const is = strip.classList.contains('old')
              if (old && !is && from) requestAnimationFrame(() => setTimeout(() => window.took.push(performance.now() - from)))
              old = is
            }).observe(strip, { attributes: true })
            """);
        for (var i = 0; i < 12; i++)
        {
            page.Press("run-rule", i % 2 == 0 ? Keys.ArrowRight : Keys.ArrowLeft);
            page.SettleChances();
            page.Still();
        }

        var took = ((IEnumerable<object>)page.Script("return window.took")!)
            .Select(value => Convert.ToDouble(value, CultureInfo.InvariantCulture)).Order().ToList();
        Assert.True(took.Count >= 6, $"only {took.Count} chances were shown");
        Figures.Print($"from letting go to the chance that is shown: median {took[took.Count / 2]:0} ms of {took.Count} (aim 100).");
    }

    private IWebElement Item(string name) => browser.Driver.FindElement(By.CssSelector($"[data-shelf-item='{name}']"));

    private void Replace(string selector, string text)
    {
        var field = browser.Driver.FindElement(By.CssSelector(selector));
        field.SendKeys(Keys.Control + "a" + Keys.Control);
        field.SendKeys(Keys.Delete);
        field.SendKeys(text + Keys.Tab);
    }
}
