using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 17, point 12: rings that are seen, a focus that is kept, and a whole task by keys.</summary>
[Collection(Lane.Sheet)]
public sealed class KeysTests(BrowserFixture browser)
{
    /// <summary>What has the focus, if it looks the same without it; empty when a ring is seen.</summary>
    private const string NoRing = """
        const done = arguments[0]
        const one = document.activeElement
        if (one === document.body || one.dataset.testid === 'bench') return done('')
        const around = [one, one.closest('.el-input__wrapper, .el-select__wrapper, .el-checkbox, label'), one.nextElementSibling,
            ...one.querySelectorAll('*')].filter(Boolean)
        const seen = () => around.map((part) => {
            const { outlineStyle, outlineWidth, outlineColor, boxShadow, stroke, strokeWidth, fill } = getComputedStyle(part)
            const ring = outlineStyle !== 'none' && parseFloat(outlineWidth) >= 2 ? outlineColor : ''
            return [ring, boxShadow, stroke, strokeWidth, fill].join()
        }).join()
        const painted = () => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go)))
        painted().then(async () => {
            const focused = seen()
            one.blur()
            await painted()
            const plain = seen()
            one.focus({ focusVisible: true })
            done(focused === plain ? one.outerHTML.slice(0, 160) : '')
        })
        """;

    [Theory]
    [InlineData("table-section", 55)]
    [InlineData("break-section", 55)]
    [InlineData("players-section", 40)]
    public void Every_step_of_the_focus_has_a_ring(string section, int steps)
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find(section).Click();
        page.SettleChances();
        page.Script("""
            document.head.insertAdjacentHTML('beforeend', '<style>*{transition:none!important}</style>')
            document.activeElement.blur()
            """);
        var (unseen, reached) = (new List<string>(), new HashSet<string>());
        for (var i = 0; i < steps; i++)
        {
            page.SendKeys(Keys.Tab);
            reached.Add((string)page.Script("return document.activeElement.outerHTML.slice(0, 400)")!);
            if ((string)browser.Driver.ExecuteAsyncScript(NoRing)! is { Length: > 0 } missing) unseen.Add(missing);
        }

        Assert.Empty(unseen.Distinct());
        Assert.InRange(reached.Count, steps / 3, steps);
    }

    [Fact]
    public void The_focus_stays_on_the_plan_and_goes_back_after_saving()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("break-section").Click();
        page.TabTo("[data-testid=plan]");
        page.SendKeys(Keys.Enter);
        page.Until(() => page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
        Assert.Equal("plan", Focused(page));

        page.TabTo("[data-testid=save]");
        page.SendKeys(Keys.Enter);
        page.Until(() => Focused(page) == "save-name");
        var name = $"Kept {Guid.NewGuid():n}";
        page.SendKeys(name + Keys.Enter);
        page.Until(() => page.Text("sheet-name") == name);
        page.Until(() => Focused(page) == "save");

        // A new sheet that is saved by the shortcut, from a ball: the focus goes back to the ball.
        page.Find("table-section").Click();
        page.Find("new").Click();
        page.Script("document.querySelector('[data-ball=cue]').focus()");
        browser.Hand().KeyDown(Keys.Control).SendKeys("s").KeyUp(Keys.Control).Perform();
        page.Until(() => Focused(page) == "save-name");
        page.SendKeys($"New {Guid.NewGuid():n}" + Keys.Enter);
        page.Until(() => (string?)page.Script("return document.activeElement.dataset.ball") == "cue");
    }

    [Fact]
    public void Two_balls_are_laid_aimed_potted_saved_and_planned_in_sixty_keys()
    {
        var page = new TablePage(browser).OpenFresh();
        var name = $"{Guid.NewGuid():n}"[..4];
        var keys = 0;
        // A new sheet: the first step of the focus leads to the bench.
        Press(Keys.Tab, Keys.Enter);
        TabTo("[data-testid=new]");
        Press(Keys.Enter);
        page.Until(() => page.Text("sheet-name") == "A new position");
        page.Settle();

        // A red, and where it is to stand; then the white.
        Press("r");
        page.Until(() => Focused(page) == "place-words");
        Press([.. "3200 400".Select(letter => $"{letter}"), Keys.Enter]);
        page.Until(() => Math.Abs(page.PlaceOf("red1").X - 3200) < 0.1);
        Press(Keys.Escape, "f", Keys.Enter);
        page.Until(() => Focused(page) == "place-words" && page.Text("stands").Length > 0);
        Press([.. "2700 700".Select(letter => $"{letter}"), Keys.Enter]);
        page.Until(() => Math.Abs(page.PlaceOf("cue").X - 2700) < 0.1);

        // The pot.
        Press(Keys.Escape, "s", "f", Keys.Tab, Keys.Enter);
        page.Until(() => page.Text("pot-name").StartsWith("Red", StringComparison.OrdinalIgnoreCase));
        TabTo("[data-pocket-button=topYellowSide]");
        Press(Keys.Enter);
        page.Until(() => page.Text("verdict").StartsWith("Red to the top pocket, yellow side.", StringComparison.Ordinal));

        // Saved and planned.
        browser.Hand().KeyDown(Keys.Control).SendKeys("s").KeyUp(Keys.Control).Perform();
        keys += 2;
        page.Until(() => Focused(page) == "save-name");
        Press([.. name.Select(letter => $"{letter}"), Keys.Enter]);
        page.Until(() => page.Text("sheet-name") == name);
        page.Until(() => Focused(page) != "save-name");
        Press("b");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=break-panel]")).Count == 1);
        Press("g");
        page.Until(() => page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
        DeepBaize.Tests.Figures.Print($"Two balls laid, aimed, potted, saved and planned in {keys} keys (aim 60).");
        Assert.InRange(keys, 1, 60);

        void TabTo(string selector)
        {
            while (!(bool)page.Script($"return document.activeElement.matches('{selector}')")! && keys < 100) Press(Keys.Tab);
        }

        void Press(params string[] pressed)
        {
            keys += pressed.Length;
            page.SendKeys(string.Concat(pressed));
        }
    }

    private static string Focused(TablePage page) =>
        (string?)page.Script("const { testid, ball } = document.activeElement.dataset; return testid ?? ball ?? ''") ?? "";
}
