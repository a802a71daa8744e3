using System.Diagnostics;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>
/// The moment at the ball: a pot is touched, aimed, kept, explained, and the white's ways are shown; by mouse and by keys.
/// </summary>
[Collection(Lane.Hands)]
public sealed class PotTests(BrowserFixture browser)
{
    private static readonly string[] Positions =
    [
        "High on the black", "Line of reds", "Blue on the high side", "Frozen to the top cushion", "Long straight pot",
        "Screw back for the blue", "Round the angles",
        "The same safety on slow old cloth",
    ];

    [Fact]
    public void A_ball_and_a_pocket_are_touched_and_the_answer_is_painted()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Blue on the high side");
        page.Ball("pink").Click();
        page.Until(() => page.Text("pot-name").Contains("now touch a pocket", StringComparison.OrdinalIgnoreCase));
        var clock = Stopwatch.StartNew();
        page.Pocket("topGreenSide").Click();
        page.Until(() => page.Text("verdict").StartsWith("Pink to the top pocket, green side.", StringComparison.Ordinal));
        Figures.Print($"From touching the pocket to the painted answer: {clock.ElapsedMilliseconds} ms (aim 1000).");
        page.Settle();
        Assert.StartsWith("pink to the top pocket, green side", page.Text("pot-name"), StringComparison.OrdinalIgnoreCase);
        Assert.Contains("Room at the contact", page.Text("pot-words"), StringComparison.Ordinal);
        Assert.Single(browser.Driver.FindElements(By.CssSelector("[data-testid=band]")));
    }

    [Fact]
    public void The_mark_on_a_pocket_says_whether_it_is_open_to_the_ball()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Line of reds");
        page.Ball("red2").Click();
        page.Until(() => page.Pocket("middleYellowSide").GetDomAttribute("data-state") == "open");
        Assert.Equal("blocked", page.Pocket("yellow").GetDomAttribute("data-state"));
        Assert.Contains("in the way", page.Pocket("yellow").GetDomAttribute("aria-label")!, StringComparison.Ordinal);
    }

    [Fact]
    public void While_the_pot_is_kept_the_tip_moves_and_the_ball_still_goes_and_let_loose_the_sentence_says_thick_or_thin()
    {
        var page = new TablePage(browser).OpenFresh();
        var (before, aim) = (page.Text("verdict"), page.AimDegrees());
        page.ClickTip(0.3, -0.2);
        Assert.NotEqual(before, page.Text("verdict"));
        Assert.StartsWith("Black to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);
        Assert.NotEqual(aim, page.AimDegrees());

        page.Find("keep-pot").Click();
        page.Settle();
        page.ClickTip(-0.35, -0.2);
        Assert.Matches("^Black misses the top pocket, yellow side (thick|thin) by .*; aim (thinner|thicker)\\.", page.Text("verdict"));

        // By keys: K keeps the pot again, and undo takes it back.
        page.Type("k");
        page.Settle();
        Assert.StartsWith("Black to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);
        page.Find("undo").Click();
        page.Settle();
        Assert.StartsWith("Black misses", page.Text("verdict"), StringComparison.Ordinal);
    }

    [Fact]
    public void By_keys_alone_a_pot_is_chosen_and_an_allowance_is_left_out_to_see_what_it_does()
    {
        var page = new TablePage(browser).OpenFresh();
        page.PressOn("[data-testid=drop-pot]", Keys.Enter);
        page.Until(() => page.Text("pot-name").StartsWith("Touch a ball", StringComparison.Ordinal));
        page.PressOn("[data-ball=black]", Keys.Enter);
        page.PressOn("[data-pocket-button=topYellowSide]", Keys.Enter);
        page.Settle();
        Assert.StartsWith("Black to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);
        page.Type("a");
        page.Until(() => page.Text("aim-sum").Length > 0);
        Assert.Contains("edge of the white", page.Text("edge-words"), StringComparison.Ordinal);
        page.PressOn("[data-term=throw] input", " ");
        page.Until(() => !page.Text("verdict").StartsWith("Black to the top pocket", StringComparison.Ordinal));
        Assert.Contains("thick", page.Text("verdict"), StringComparison.Ordinal);
        page.PressOn("[data-term=throw] input", " ");
        page.Until(() => page.Text("verdict").StartsWith("Black to the top pocket, yellow side.", StringComparison.Ordinal));
    }

    [Fact]
    public void The_answer_is_hidden_until_the_pupil_touches_the_cloth_or_answers_by_keys()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        page.View("anchors");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-anchor]")).Count == 3);
        page.Find("hide-answer").Click();
        page.Until(() => page.Text("verdict").StartsWith("Where will the white go?", StringComparison.Ordinal));
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-anchor]")));
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=paths]")));

        page.ClickCloth(2600, 500);
        page.Until(() => page.Text("guess-words").StartsWith("You: ", StringComparison.Ordinal));
        Assert.Equal(3, browser.Driver.FindElements(By.CssSelector("[data-anchor]")).Count);

        browser.Driver.FindElement(By.XPath("//button[contains(., 'Ask again')]")).Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=answer-by-keys]")).Count == 1);
        page.PressOn("[data-testid=answer-by-keys]", Keys.Enter);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-marker=guess]")).Count == 1);
        page.PressOn("[data-marker=guess]", Keys.ArrowLeft, Keys.ArrowLeft, Keys.ArrowUp, Keys.Enter);
        page.Until(() => page.Text("guess-words").StartsWith("You: ", StringComparison.Ordinal));
    }

    [Fact]
    public void A_dial_is_swept_to_a_place_on_the_cloth_and_a_stroke_of_the_map_is_taken()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        page.View("pace");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-sweep]")).Count == 9);
        page.Find("zone-here").Click();
        page.Until(() => page.Text("dial-window").Contains("it stays in the zone", StringComparison.Ordinal));
        page.ClickCloth(2500, 420);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-marker=wanted]")).Count == 1);

        // The same by keys: another dial, the zone moved, a stroke of the sweep taken.
        page.PressOn("[data-view=height]", Keys.Enter);
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-stop]")).Count > 3);
        var zone = page.Script("return document.querySelector('[data-marker=wanted] .zone').getAttribute('cx')");
        page.PressOn("[data-marker=wanted]", Keys.ArrowLeft, Keys.ArrowLeft);
        page.Until(() => !Equals(zone, page.Script("return document.querySelector('[data-marker=wanted] .zone').getAttribute('cx')")));
        var tip = page.Text("verdict");
        page.PressOn("[data-sweep='6'] button", Keys.Enter);
        page.Until(() => page.Text("verdict") != tip);
        Assert.StartsWith("Black to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);

        var clock = Stopwatch.StartNew();
        page.View("map");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-cell]")).Count > 0);
        var first = clock.ElapsedMilliseconds;
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-cell]")).Count == 441);
        Figures.Print($"Map of pace by height in the browser: first row {first} ms, all 441 strokes {clock.ElapsedMilliseconds} ms.");
        var before = page.Text("verdict");
        browser.Driver.FindElement(By.CssSelector("[data-cell='13.8']")).Click();
        page.Until(() => page.Text("verdict") != before);
        Assert.StartsWith("Black to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);

        // The map by keys: it stays while it is filled anew.
        before = page.Text("verdict");
        page.PressOn("[data-testid=dial-map]", Keys.ArrowUp, Keys.ArrowUp, Keys.ArrowRight, Keys.Enter);
        page.Until(() => page.Text("verdict") != before);
    }

    [Fact]
    public void Dangers_and_cannons_are_told_on_the_bench()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("white-button").Click();
        page.View("dangers");
        page.Until(() => page.Text("dangers").Length > 0);
        page.View("cannon");
        page.Ball("red1").FindElement(By.CssSelector(".body")).Click();
        page.Until(() => page.Text("cannon-words").Contains("Square off the black", StringComparison.Ordinal));
    }

    [Fact]
    public void The_table_is_read_and_a_pot_is_taken_from_the_list()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("Line of reds");
        page.Type("t");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-entry='red5.topYellowSide']")).Count == 1);
        Assert.Contains("reds", page.Text("reading-words"), StringComparison.Ordinal);
        browser.Driver.FindElement(By.CssSelector("[data-entry='red5.topYellowSide']")).Click();
        page.Settle();
        Assert.StartsWith("Red 5 to the top pocket, yellow side.", page.Text("verdict"), StringComparison.Ordinal);
        page.Find("round-page").FindElement(By.XPath("./ancestor::label|self::label")).Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-indirect]")).Count > 0);
        var pot = browser.Driver.FindElement(By.CssSelector("[data-indirect]"));
        pot.Click();
        // The stroke that lies on the sheet then is another one, and it pots a red.
        page.Until(() => pot.GetAttribute("aria-pressed") == "true" && page.Text("verdict") is var said
            && !said.StartsWith("Red 5 ", StringComparison.Ordinal) && said.Contains("1 point", StringComparison.Ordinal));
        page.Find("reds-page").FindElement(By.XPath("./ancestor::label|self::label")).Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-region]")).Count == 4);
    }

    [Fact]
    public void From_a_saved_position_to_its_verdict_takes_two_inputs()
    {
        var page = new TablePage(browser).OpenFresh();
        var clock = Stopwatch.StartNew();
        page.Find("open").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-position]")).Count == 3);
        var third = browser.Driver.FindElements(By.CssSelector("[data-position]"))
            .Last(one => one.GetDomAttribute("data-position") != page.Text("sheet-name"));
        var name = third.GetDomAttribute("data-position");
        var before = page.Text("verdict");
        third.Click();
        page.Until(() => page.Text("sheet-name") == name && page.Text("verdict") != before);
        Figures.Print($"From My shots to the verdict of a saved position: 2 inputs, {clock.ElapsedMilliseconds} ms (aim 2000).");
    }

    [Fact]
    public void At_eight_positions_nothing_scrolls_and_labels_stand_clear_of_lines_and_each_other()
    {
        var page = new TablePage(browser).OpenFresh();
        foreach (var name in Positions)
        {
            page.OpenPosition(name);
            if (page.Text("pot-name").StartsWith("Touch", StringComparison.Ordinal)) TakeTheWidest(page);
            foreach (var face in new[] { "stroke", "aim", "reading", "white" })
            {
                page.Find(face + "-button").Click();
                AssertFits(page, $"{name}, {face}");
            }

            foreach (var view in new[] { "anchors", "height", "pace" })
            {
                page.View(view);
                page.Settle();
                page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-word]")).Count > 0);
                Assert.Equal("", page.Script(Collisions));
                AssertFits(page, $"{name}, {view}");
            }
        }
    }

    private void TakeTheWidest(TablePage page)
    {
        page.Find("reading-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-entry].open")).Count > 0);
        page.Script("document.querySelector('[data-entry].open').click()");
        page.Until(() => !page.Text("verdict").StartsWith("No ball", StringComparison.Ordinal));
        page.Settle();
    }

    private static void AssertFits(TablePage page, string where)
    {
        var tooLong = page.TooLong();
        Assert.True(tooLong.Length == 0, $"{where}: {tooLong}");
    }

    /// <summary>Labels that a line runs through, or that overlap; empty when all stand clear.</summary>
    private const string Collisions = """
        const boxes = [...document.querySelectorAll('[data-word]')]
            .map((word) => ({ name: word.dataset.word, box: word.querySelector('rect').getBBox() }))
        const inside = (p, b) => p.x > b.x && p.x < b.x + b.width && p.y > b.y && p.y < b.y + b.height
        const found = []
        const lines = document.querySelectorAll('.hairline, [data-testid=paths] .line, [data-testid=paths] .ribbon')
        for (const line of lines) {
          const length = line.getTotalLength()
          for (let at = 0; at <= length; at += 12) {
            const p = line.getPointAtLength(at)
            for (const { name, box } of boxes)
            if (inside(p, box)) found.push(`${name} under ${line.getAttribute('class')}`)
          }
        }
        boxes.forEach((a, i) => boxes.slice(i + 1).forEach((b) => {
          if (a.box.x < b.box.x + b.box.width && b.box.x < a.box.x + a.box.width && a.box.y < b.box.y + b.box.height
            && b.box.y < a.box.y + a.box.height) found.push(`${a.name} on ${b.name}`)
        }))
        return [...new Set(found)].join(', ')
        """;
}
