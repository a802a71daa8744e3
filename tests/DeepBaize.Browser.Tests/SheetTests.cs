using System.Globalization;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Laying, aiming and reading on the sheet, and the manners of the page.</summary>
[Collection(Lane.Sheet)]
public sealed class SheetTests(BrowserFixture browser, ITestOutputHelper output)
{
    /// <summary>Every face of the bench, and the state of play, by how it is opened.</summary>
    private static readonly string[] Faces =
        ["stroke", "lay", "lay-chosen", "presets", "preset", "reading", "aim", "white", "chance", "zone", "numbers", "open", "alike",
            "save", "files", "view", "help", "state"];

    [Fact]
    public void A_ball_dropped_beside_another_touches_it_on_the_cushion_it_freezes_to_it_and_off_the_table_it_is_gone()
    {
        var page = new TablePage(browser).OpenFresh();
        var (black, red) = (page.PlaceOf("black"), page.PlaceOf("red1"));
        var perPixel = MillimetresPerPixel(page);
        page.DragBall("red1", (int)Math.Round((black.X - red.X + 40) / perPixel), (int)Math.Round((black.Y - red.Y + 20) / perPixel));
        var (x, y) = page.PlaceOf("red1");
        Assert.Equal(52.5, Math.Sqrt((x - black.X) * (x - black.X) + (y - black.Y) * (y - black.Y)), 1e-3);
        page.DragTo("red2", 2700, 1778 + 60);
        Assert.Equal(1778 - 24.06, page.PlaceOf("red2").Y, 0.01);
        page.DragTo("red2", 2700, 1778 + 220);
        page.Until(() => !page.HasBall("red2"));
    }

    [Fact]
    public void Dragging_on_the_cloth_turns_the_aim_and_the_verdict_follows_live()
    {
        var page = new TablePage(browser).OpenFresh();
        var before = page.Text("verdict");
        var aim = page.Sheet().GetProperty("stroke").GetProperty("directionDeg").GetDouble();
        var white = page.Ball("cue").FindElement(By.CssSelector(".body"));
        browser.Hand().MoveToElement(white, -300, 0).ClickAndHold().MoveByOffset(0, 20).Perform();
        page.Settle();
        Assert.NotEqual(before, page.Text("verdict"));
        browser.Hand().Release().Perform();
        page.Settle();
        var turned = page.Sheet().GetProperty("stroke").GetProperty("directionDeg").GetDouble();
        Assert.InRange(turned - aim, 2, 6);
        page.Find("undo").Click();
        page.Until(() => page.Text("verdict") == before);
    }

    [Fact]
    public void Paces_that_the_tip_forbids_are_struck_out_and_cannot_be_reached()
    {
        var page = new TablePage(browser).OpenFresh();
        page.ClickTip(0.48, 0);
        page.Press("run-rule", Keys.End);
        var pace = page.Sheet().GetProperty("stroke").GetProperty("pace").GetDouble();
        Assert.InRange(pace, 8, 9.9);
        Assert.NotEmpty(browser.Driver.FindElements(By.CssSelector("[data-testid=run-rule] .pace.beyond")));
        Assert.Equal("", page.Text("refusal"));
    }

    [Fact]
    public void A_stroke_beyond_the_cue_is_said_and_balls_can_still_be_laid()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Press("run-rule", Keys.End);
        page.ClickTip(0.48, 0);
        page.Until(() => page.Text("refusal").Contains("the hardest", StringComparison.Ordinal));
        var before = page.PlaceOf("red1");
        page.DragBall("red1", -60, 20);
        Assert.True(page.PlaceOf("red1").X < before.X - 100);
        page.Until(() => page.Text("refusal").Contains("the hardest", StringComparison.Ordinal));
        page.Press("run-rule", Keys.ArrowLeft, Keys.Shift + Keys.ArrowLeft, Keys.Shift + Keys.ArrowLeft);
        page.Until(() => page.Text("refusal").Length == 0);
        Assert.True(page.PlaceOf("red1").X < before.X - 100);
    }

    [Fact]
    public void What_the_server_refuses_is_said_and_the_sheet_stays()
    {
        var page = new TablePage(browser).OpenFresh();
        var sheet = page.Sheet().GetRawText();
        page.Find("save").Click();
        page.Find("save-name").SendKeys("Twice");
        page.Find("save-confirm").Click();
        page.Until(() => page.Text("sheet-name") == "Twice");
        page.Find("save-as").Click();
        page.Find("save-name").SendKeys(Keys.Control + "a" + Keys.Control);
        page.Find("save-name").SendKeys("Twice");
        page.Find("save-confirm").Click();
        page.Until(() => page.Text("save-form").Contains("You already have a position called", StringComparison.Ordinal));
        Assert.Equal(
            System.Text.Json.JsonDocument.Parse(sheet).RootElement.GetProperty("balls").GetRawText(),
            page.Sheet().GetProperty("balls").GetRawText());
    }

    [Fact]
    public void Numerals_stand_for_the_contacts_and_tell_their_figures()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("The pack from the D");
        page.Find("numbers-button").Click();
        var first = browser.Driver.FindElement(By.CssSelector("[data-contact='1']"));
        Assert.Contains("White meets red", first.GetDomAttribute("aria-label"), StringComparison.Ordinal);
        browser.Hand().MoveToElement(first).Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=numbers] tr.told")).Count == 1);
        Assert.Contains("White meets red", browser.Driver.FindElement(By.CssSelector("[data-testid=numbers] tr.told")).Text,
            StringComparison.Ordinal);
    }

    [Fact]
    public void Nothing_scrolls_at_1280_by_800_on_any_face_of_the_bench_and_no_text_is_small()
    {
        var page = new TablePage(browser).OpenFresh();
        foreach (var position in new[] { "The pack from the D", "Round the angles", "High on the black" })
        {
            page.OpenPosition(position);
            AssertFits(page, position, (1280, 800));
        }

        foreach (var face in Faces.Append("safety"))
        {
            page.Face(face);
            AssertFits(page, face, (1280, 800));
        }

        page.Face("players");
        AssertFits(page, "players", (1280, 800));
    }

    [Fact]
    public void Nothing_scrolls_on_a_tablet_and_nothing_is_cut_off_beside_on_a_phone()
    {
        using var tablet = browser.Tablet();
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("The pack from the D");
        foreach (var face in Faces)
        {
            page.Face(face);
            AssertFits(page, face, (768, 1024));
        }

        browser.SetSize(375, 812);
        foreach (var face in Faces)
        {
            page.Face(face);
            AssertFits(page, face, (375, null));
        }

        page.Face("players");
        AssertFits(page, "players", (375, null));
    }

    [Fact]
    public void The_page_asks_nobody_outside_and_logs_no_error()
    {
        var page = new TablePage(browser).OpenFresh();
        browser.Driver.Manage().Logs.GetLog(LogType.Browser);
        page.OpenPosition("Round the angles");
        page.Find("step").Click();
        page.Find("open").Click();
        var addresses = ((IEnumerable<object>)page.Script("return performance.getEntriesByType('resource').map(e => e.name)")!)
            .Cast<string>().ToList();
        Assert.NotEmpty(addresses);
        Assert.All(addresses, address => Assert.StartsWith(browser.Address.ToString(), address, StringComparison.Ordinal));
        var errors = browser.Driver.Manage().Logs.GetLog(LogType.Browser).Where(entry => entry.Level >= LogLevel.Warning)
            .Select(entry => entry.Message);
        Assert.Empty(errors);
    }

    [Theory]
    [InlineData("light")]
    [InlineData("dark")]
    public void Axe_finds_nothing_serious_on_any_screen(string scheme)
    {
        // In the dark only the colours are others.
        var only = scheme == "dark" ? "color-contrast" : "";
        using var colours = browser.Prefer(scheme);
        var page = new TablePage(browser).OpenFresh();
        page.Script(File.ReadAllText(Path.Combine(TestCluster.RepositoryRoot, "src", "client", "node_modules", "axe-core", "axe.min.js")));
        var found = new List<string>();
        page.Face("view");
        page.Find("letters").Click();
        foreach (var face in Faces.Append("safety").Append("players").Append("tables").Append("set-up"))
        {
            page.Face(face);
            found.AddRange(((IEnumerable<object>)browser.Driver.ExecuteAsyncScript(
                """
                const [only, done] = arguments
                axe.run(only ? { runOnly: [only] } : {}).then((result) => done(result.violations
                  .filter((v) => ['serious', 'critical'].includes(v.impact))
                  .map((v) => v.id + ': ' + v.nodes.map((n) => n.target.join(' ')).join(', '))))
                """, only)!).Select(violation => $"{face}: {violation}"));
        }

        Assert.Empty(found);
    }

    /// <summary>
    /// From the pointer's move to the painted path, in the first second of dragging on a fresh server and page and in the next one; the
    /// figures are printed and not asserted, since machines are noisy (aim: p95 50 ms).
    /// </summary>
    [Fact]
    public void The_path_follows_the_pointer()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("The pack from the D");
        page.Script(
            """
            window.took = []
            let moved = 0
            window.addEventListener('pointermove', () => { if (!moved) moved = performance.now() }, true)
            new MutationObserver(() => {
              const from = moved
              moved = 0
              if (from) requestAnimationFrame(() => setTimeout(() => window.took.push([from, performance.now() - from])))
            }).observe(document.querySelector('[data-testid=paths]'), { subtree: true, attributes: true, childList: true })
            """);
        // The white is in hand: only within the D does it follow the pointer.
        var drag = browser.Hand().MoveToElement(page.Ball("cue")).ClickAndHold();
        for (var i = 0; i < 120; i++) drag.MoveByOffset(i % 20 < 10 ? 2 : -2, i % 2 * (i < 60 ? 1 : -1));
        drag.Release().Perform();
        page.Settle();
        var took = ((IEnumerable<object>)page.Script("return window.took")!).Cast<IReadOnlyList<object>>()
            .Select(pair => (From: Number(pair[0]), Took: Number(pair[1]))).ToList();
        Assert.True(took.Count > 10, $"only {took.Count} paths were painted");
        var half = (took[0].From + took[^1].From) / 2;
        var figure = $"From pointer move to painted path, 22 balls: {Told(took.Where(path => path.From >= half))}; "
            + $"on the fresh page {Told(took.Where(path => path.From < half))}.";
        output.WriteLine(figure);
        Figures.Print(figure);

        static double Number(object value) => Convert.ToDouble(value, CultureInfo.InvariantCulture);

        static string Told(IEnumerable<(double From, double Took)> paths)
        {
            var took = paths.Select(path => path.Took).Order().ToList();
            return $"median {took[took.Count / 2]:0} ms, p95 {took[(int)(took.Count * 0.95)]:0} ms, {took.Count} paths";
        }
    }

    private static double MillimetresPerPixel(TablePage page) => Convert.ToDouble(
        page.Script("return 1 / document.querySelector('svg.table').getScreenCTM().a"), CultureInfo.InvariantCulture);

    /// <summary>The page is no wider than the screen, and no higher where it must not scroll; its text can be read.</summary>
    private static void AssertFits(TablePage page, string where, (int Width, int? Height) screen)
    {
        var size = (IReadOnlyList<object>)page.Script("const e = document.scrollingElement; return [e.scrollWidth, e.scrollHeight]")!;
        var (width, height) = (
            Convert.ToInt32(size[0], CultureInfo.InvariantCulture), Convert.ToInt32(size[1], CultureInfo.InvariantCulture));
        Assert.True(width <= screen.Width
            && height <= (screen.Height ?? height), $"{where}: the page is {width} x {height} on a screen of {screen}");
        var small = (string)page.Script(
            """
            const small = []
            for (const e of document.querySelectorAll('body *')) {
              const own = [...e.childNodes].some(n => n.nodeType === 3 && n.textContent.trim())
              if (!own || !e.getClientRects().length) continue
              const scale = e.ownerSVGElement ? e.ownerSVGElement.getScreenCTM().a : 1
              const size = parseFloat(getComputedStyle(e).fontSize) * scale
              if (size < 13.95) small.push(e.textContent.trim().slice(0, 30) + ' ' + size.toFixed(1))
            }
            return small.join('; ')
            """)!;
        Assert.True(small.Length == 0, $"{where}: small text: {small}");
    }
}
