using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>A real position on the sheet in half a minute: by touch, by keys alone, from presets, with its state of play.</summary>
[Collection(Lane.Table)]
public sealed class LayTests(BrowserFixture browser)
{
    /// <summary>Six colours off their spots and six reds, in millimetres up the table and from the yellow side.</summary>
    private static readonly (string Ball, double Up, double Across)[] Wanted =
    [
        ("yellow", 400, 300), ("green", 1100, 1500), ("brown", 1400, 700), ("blue", 2150, 1290), ("pink", 2520, 430), ("black", 3350, 1333),
        ("red1", 2700, 950), ("red2", 2860, 1120), ("red3", 3010, 640), ("red4", 2330, 820), ("red5", 3200, 260), ("red6", 1760, 1010),
    ];

    [Fact]
    public void Six_colours_off_their_spots_and_six_reds_lie_on_a_tablet_within_thirty_seconds()
    {
        using var tablet = browser.Tablet();
        var page = new TablePage(browser).OpenFresh();
        var finger = new Finger(page, browser.Driver);
        var loupe = 0;
        finger.Held = () => loupe += browser.Driver.FindElements(By.CssSelector("[data-testid=loupe]")).Count;
        finger.Tap("[data-testid=new]");
        finger.Tap("[data-testid=lay-colours]");
        page.Until(() => page.HasBall("black"));
        page.Settle();
        foreach (var (ball, up, across) in Wanted.Where(wanted => !wanted.Ball.StartsWith("red", StringComparison.Ordinal)))
            finger.Drag(Place(page, ball), (up, across));
        foreach (var (ball, up, across) in Wanted.Where(wanted => wanted.Ball.StartsWith("red", StringComparison.Ordinal)))
        {
            finger.TapTable(up, across);
            page.Until(() => page.HasBall(ball));
        }

        var farthest = 0.0;
        foreach (var (ball, up, across) in Wanted)
        {
            var (x, y) = Place(page, ball);
            var off = Math.Sqrt((x - up) * (x - up) + (y - across) * (y - across));
            Assert.True(off <= 3, $"{ball} lies {off:0.0} mm off");
            farthest = Math.Max(farthest, off);
        }

        Assert.True(finger.Gestures <= Wanted.Length + 3, $"{finger.Gestures} gestures");
        Assert.True(finger.Seconds <= 30, $"{finger.Seconds} s");
        Assert.Equal(6, loupe);
        Figures.Print($"Six colours and six reds by touch: {finger.Gestures} gestures, {finger.Seconds} s (2 s a drag, 1 s a tap), "
            + $"farthest ball {farthest:0.0} mm off.");
    }

    [Fact]
    public void A_finger_flicks_a_ball_off_and_takes_hold_beside_it()
    {
        using var tablet = browser.Tablet();
        var page = new TablePage(browser).OpenFresh();
        var finger = new Finger(page, browser.Driver);
        var (up, across) = Place(page, "red1");
        finger.Drag((up + 60, across), (up - 440, across));
        Assert.Equal(up - 500, Place(page, "red1").Up, 8.0);
        finger.Drag(Place(page, "red1"), (up, -600));
        page.Until(() => !page.HasBall("red1"));
        page.Find("undo").Click();
        page.Until(() => page.HasBall("red1"));
    }

    [Fact]
    public void With_the_keys_alone_a_position_is_laid_aimed_and_saved()
    {
        var page = new TablePage(browser).OpenFresh();
        page.TabTo("[data-testid=new]");
        page.SendKeys(Keys.Enter);
        page.Until(() => page.Text("sheet-name") == "A new position");
        page.SendKeys("c");
        page.Until(() => page.HasBall("black"));
        page.Settle();
        page.SendKeys("r");
        page.Until(() => page.HasBall("red1"));
        page.Settle();

        page.TabTo("[data-ball=red1]");
        page.SendKeys(Keys.Enter);
        page.Until(() => page.Text("stands").Length > 0);
        page.TabTo("[data-testid=place-words]");
        page.SendKeys("six balls off the top cushion, 520 from the yellow side" + Keys.Enter);
        page.Until(() => Math.Abs(Place(page, "red1", upright: false).Up - (3569 - 24.06 - 6 * 52.5)) < 0.1);
        Assert.Equal(520, Place(page, "red1", upright: false).Across, 0.1);
        page.TabTo("[data-testid=place-words]");
        page.SendKeys("beyond the hills" + Keys.Enter);
        page.Until(() => page.Text("lay-told").Contains("is no ball, spot or pocket", StringComparison.Ordinal));
        page.TabTo("[data-ball=cue]");
        page.SendKeys(Keys.Enter);
        page.TabTo("[data-testid=place-words]");
        page.SendKeys("2300 750" + Keys.Enter);
        page.Until(() => Math.Abs(Place(page, "cue", upright: false).Up - 2300) < 0.1);

        page.TabTo("[data-testid=stroke-button]");
        page.SendKeys(Keys.Enter);
        page.TabTo("[data-ball=red1]");
        page.SendKeys(Keys.Enter);
        page.TabTo("[data-pocket-button=topYellowSide]");
        page.SendKeys(Keys.Enter);
        page.Until(() => page.Text("verdict").StartsWith("Red to the top pocket, yellow side.", StringComparison.Ordinal));

        var name = $"By keys {Guid.NewGuid():n}";
        browser.Hand().KeyDown(Keys.Control).SendKeys("s").KeyUp(Keys.Control).Perform();
        page.Until(() => (string?)page.Script("return document.activeElement.dataset.testid") == "save-name");
        page.SendKeys(name + Keys.Enter);
        page.Until(() => page.Text("sheet-name") == name);
    }

    [Fact]
    public void The_same_position_is_laid_with_the_keys_alone()
    {
        var page = new TablePage(browser).OpenFresh();
        page.TabTo("[data-testid=new]");
        page.SendKeys(Keys.Enter);
        page.Until(() => page.Text("sheet-name") == "A new position");
        page.SendKeys("c");
        page.Until(() => page.HasBall("pink"));
        page.Settle();
        foreach (var (ball, up, across) in Wanted)
        {
            if (!page.HasBall(ball))
            {
                page.SendKeys("r");
                page.Until(() => page.HasBall(ball));
                page.Settle();
            }

            page.TabTo($"[data-ball={ball}]");
            page.SendKeys(Keys.Enter);
            page.TabTo("[data-testid=place-words]");
            page.SendKeys(FormattableString.Invariant($"{up} {across}") + Keys.Enter);
            page.Until(() => Place(page, ball, upright: false) is var (x, y) && Math.Abs(x - up) < 0.1 && Math.Abs(y - across) < 0.1);
            page.TabTo("[data-testid=place-go], [data-testid=remove-chosen]");
        }
    }

    [Fact]
    public void What_drew_a_ball_is_a_step_of_its_own()
    {
        var page = new TablePage(browser).OpenFresh();
        var (black, start) = (page.PlaceOf("black"), page.PlaceOf("red1"));
        // A pixel is 4 mm and a ball is drawn within 3: one of these lies within reach and not in touch already.
        foreach (var apart in new[] { 53, 54, 55, 56, 57, 58 })
        {
            page.DragTo("red1", black.X - apart, black.Y);
            page.Find("undo").Click();
            page.Settle();
            if (page.PlaceOf("red1") != start) break;
        }

        page.Find("redo").Click();
        page.Settle();
        Assert.Equal(52.5, black.X - page.PlaceOf("red1").X, 0.3);
        page.Find("undo").Click();
        page.Settle();
        var loose = page.PlaceOf("red1");
        Assert.InRange(black.X - loose.X, 52.5, 66);
        Assert.NotEqual(52.5, Math.Sqrt(Math.Pow(black.X - loose.X, 2) + Math.Pow(black.Y - loose.Y, 2)), 1e-6);
        page.Find("undo").Click();
        page.Settle();
        Assert.Equal(start, page.PlaceOf("red1"));
    }

    [Fact]
    public void Several_balls_are_chosen_by_a_frame_moved_turned_mirrored_and_taken_off()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Find("select").Click();
        var (one, two) = (page.PlaceOf("red1"), page.PlaceOf("red2"));
        page.PullCloth((Math.Min(one.X, two.X) - 80, Math.Min(one.Y, two.Y) - 70),
            (Math.Max(one.X, two.X) + 80, Math.Max(one.Y, two.Y) + 70));
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-ball][aria-pressed=true]")).Count == 2);
        page.PullCloth(one, (one.X - 900, one.Y));
        page.Until(() => Math.Abs(page.PlaceOf("red1").X - one.X + 900) < 12);
        var shift = page.PlaceOf("red1").X - one.X;
        Assert.Equal(shift, page.PlaceOf("red2").X - two.X, 0.2);

        page.Find("mirror-chosen").Click();
        page.Until(() => Math.Abs(page.PlaceOf("red1").Y - two.Y) < 0.3);
        var (flatOne, flatTwo) = (page.PlaceOf("red1"), page.PlaceOf("red2"));
        page.Find("turn-degrees").FindElement(By.CssSelector("input")).SendKeys(Keys.Control + "a" + Keys.Control + "90" + Keys.Tab);
        page.Find("turn-chosen").Click();
        // A quarter turn: what lay apart along the table lies apart across it.
        page.Until(() => Math.Abs(Math.Abs(page.PlaceOf("red1").Y - page.PlaceOf("red2").Y) - Math.Abs(flatOne.X - flatTwo.X)) < 0.1);
        page.Find("remove-chosen").Click();
        page.Until(() => !page.HasBall("red1") && !page.HasBall("red2"));
        for (var i = 0; i < 4; i++) page.Find("undo").Click();
        page.Until(() => page.HasBall("red1") && page.PlaceOf("red1") == one && page.PlaceOf("red2") == two);
    }

    [Fact]
    public void Marks_are_painted_named_moved_and_removed_and_kept_over_a_reload()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Find("mark-white").Click();
        page.Find("mark-zone").Click();
        page.PullCloth((1000, 400), (1400, 800));
        page.Find("mark-gate").Click();
        page.PullCloth((1900, 900), (1900, 1200));
        page.Find("mark-target").Click();
        page.PullCloth((700, 1300), (850, 1300));
        page.Until(() => Marks().Count == 4);
        var sheet = page.Sheet();
        Assert.Equal(["whitePlace", "zone", "gate", "target"],
            sheet.GetProperty("marks").EnumerateArray().Select(mark => mark.GetProperty("kind").GetString()!));
        Assert.Equal(0.15, sheet.GetProperty("marks")[3].GetProperty("radius").GetDouble(), 0.006);
        var text = browser.Driver.FindElement(By.CssSelector(".marks-list li:nth-child(4) input"));
        text.SendKeys("here" + Keys.Enter);
        page.Until(() => page.Sheet().GetProperty("marks")[3].GetProperty("text").GetString() == "here");
        page.Reload();
        Assert.Equal(4, Marks().Count);
        page.Find("lay-button").Click();
        page.PressOn("[data-mark] .handle", Keys.Delete);
        page.Until(() => Marks().Count == 3);

        System.Collections.ObjectModel.ReadOnlyCollection<IWebElement> Marks() =>
            browser.Driver.FindElements(By.CssSelector("svg.table [data-mark]"));
    }

    [Fact]
    public void A_preset_is_laid_with_its_numbers_and_the_whole_sheet_mirrored_by_one_key()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Find("presets").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-preset=fan]")).Count == 1);
        browser.Driver.FindElement(By.CssSelector("[data-preset=fan]")).Click();
        page.Until(() => page.Text("sheet-name") == "Fan" && page.HasBall("pink"));
        page.Settle();
        var white = page.PlaceOf("cue");
        Assert.True(white.X < 2676 && white.Y != 889);
        Assert.Contains("top pocket, yellow side", page.Text("verdict"), StringComparison.Ordinal);
        page.Find("preset-mirror").Click();
        page.Until(() => Math.Abs(page.PlaceOf("cue").Y - (1778 - white.Y)) < 0.1);
        page.Settle();
        Assert.Contains("top pocket, green side", page.Text("verdict"), StringComparison.Ordinal);
        page.Type("m");
        page.Until(() => Math.Abs(page.PlaceOf("cue").Y - white.Y) < 0.1);
        page.Find("undo").Click();
        page.Until(() => Math.Abs(page.PlaceOf("cue").Y - (1778 - white.Y)) < 0.1);
    }

    [Fact]
    public void The_state_of_play_takes_two_touches_and_the_white_in_hand_stays_in_the_D()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Until(() => page.Text("state-button") == "Colour on");
        page.Find("state-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-nominate=black]")).Count == 1);
        browser.Driver.FindElement(By.CssSelector("[data-nominate=black]")).Click();
        page.Until(() => page.Text("state-button") == "Black nominated");
        page.Find("in-hand").Click();
        page.Until(() => page.Text("state-button") == "Black nominated, white in hand" && page.PlaceOf("cue").X <= 737.1);
        page.DragBall("cue", 300, 0);
        Assert.Equal(737, page.PlaceOf("cue").X, 0.1);
        page.Find("score-player").SendKeys(Keys.Control + "a" + Keys.Control + "41" + Keys.Tab);
        page.Until(() => page.Sheet().GetProperty("state").GetProperty("scores").GetProperty("player").GetInt32() == 41);
        for (var i = 0; i < 5 && page.Text("state-button") != "Colour on"; i++)
        {
            page.Find("undo").Click();
            page.Settle();
            page.Still();
        }

        Assert.Equal("Colour on", page.Text("state-button"));
    }

    [Fact]
    public void Turned_the_table_shows_the_same_places_and_is_dragged_the_same_way()
    {
        var page = new TablePage(browser).OpenFresh();
        var before = page.Sheet().GetProperty("balls").GetRawText();
        page.Find("view").Click();
        browser.Driver.FindElement(By.CssSelector("[data-turn=bottom]")).Click();
        page.Settle();
        Assert.Equal(before, page.Sheet().GetProperty("balls").GetRawText());
        var (x, y) = page.PlaceOf("red1");
        page.DragBall("red1", 0, -20);
        Assert.Equal(x, page.PlaceOf("red1").X, 3.0);
        Assert.True(page.PlaceOf("red1").Y < y - 50);
        page.Find("letters").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-ball] .letters")).Select(letter => letter.Text).Order()
            .SequenceEqual(new[] { "1", "2", "Bk", "W" }.Order()));
        page.Reload();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-ball] .letters")).Count == 4);
    }

    [Fact]
    public void Units_change_what_is_said_and_typed_and_no_place()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Ball("red1").Click();
        page.Until(() => page.Text("stands").Contains("2950.0 mm up the table", StringComparison.Ordinal));
        var before = page.Sheet().GetProperty("balls").GetRawText();
        page.Find("view").Click();
        browser.Driver.FindElement(By.CssSelector("[data-units=imperial]")).Click();
        page.Find("lay-button").Click();
        page.Ball("red1").Click();
        page.Until(() => page.Text("stands").Contains("116.14 in up the table", StringComparison.Ordinal));
        Assert.Equal(before, page.Sheet().GetProperty("balls").GetRawText());
        page.Find("place-words").SendKeys("100, 10" + Keys.Enter);
        page.Until(() => Math.Abs(page.PlaceOf("red1").X - 2540) < 0.01);
        Assert.Equal(1778 - 254, page.PlaceOf("red1").Y, 0.01);
    }

    /// <summary>Millimetres up the table and from the yellow side of a ball as it is drawn.</summary>
    private static (double Up, double Across) Place(TablePage page, string ball, bool upright = true)
    {
        var (x, y) = page.PlaceOf(ball);
        return upright ? (3569 - y, 1778 - x) : (x, 1778 - y);
    }
}
