using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 17, points 9, 12 and 13: nothing is cut, nothing moves by itself, and the keys go where they are expected.</summary>
[Collection(Lane.Sheet)]
public sealed class CalmTests(BrowserFixture browser)
{
    [Fact]
    public void Strips_are_not_cut_at_any_position_of_the_house_and_its_note_is_read_in_full()
    {
        var page = new TablePage(browser).OpenFresh();
        foreach (var name in new[] { "In among the reds", "Line of reds", "The pack from the D", "Round the angles", "Behind the brown" })
        {
            page.OpenPosition(name);
            page.Settle();
            Assert.Equal("", page.Script(
                """
                const strips = [...document.querySelectorAll('[data-testid=because], [data-testid=chance-strip], [data-testid=story],' +
                    ' [data-testid=verdict], [data-testid=state-button] span')]
                return strips.filter((one) => one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1)
                    .map((one) => one.dataset.testid + ': ' + one.innerText).join()
                """));
            if (browser.Driver.FindElements(By.CssSelector("[data-testid=note-whole]")).Count == 0) continue;
            page.Find("note-whole").Click();
            Assert.True((bool)page.Script(
                "const note = document.querySelector('[data-testid=sheet-note]'); return note.scrollWidth <= note.clientWidth + 1")!);
        }
    }

    [Fact]
    public void Where_words_name_reds_by_their_numbers_the_reds_show_them()
    {
        var page = new TablePage(browser).OpenFresh();
        page.OpenPosition("In among the reds");
        page.Settle();
        Assert.Empty(Numbers());
        foreach (var face in new[] { "reading", "chance", "white" })
        {
            page.Find(face + "-button").Click();
            page.Until(() => Numbers().Count > 0);
            Assert.Equal(["1", "2", "3", "4", "5", "6", "7"], Numbers().Order());
        }

        List<string> Numbers() =>
            [.. browser.Driver.FindElements(By.CssSelector("[data-ball^=red] .letters")).Select(number => number.Text)];
    }

    [Fact]
    public void Opening_the_state_of_play_moves_nothing()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SettleChances();
        var before = Box();
        page.Find("state-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=state-strip]")).Count == 1);
        Assert.Equal(before, Box());
        page.Find("state-close").Click();
        page.Until(() => page.Text("verdict").Length > 0);
        Assert.Equal(before, Box());

        string Box() => (string)page.Script(
            "const b = document.querySelector('svg.table').getBoundingClientRect(); return [b.x, b.y, b.width, b.height].join()")!;
    }

    [Fact]
    public void The_focus_goes_to_balls_before_pockets_and_Escape_leaves_a_field()
    {
        var page = new TablePage(browser).OpenFresh();
        Assert.True((bool)page.Script(
            """
            const last = [...document.querySelectorAll('[data-ball]')].pop(), pocket = document.querySelector('[data-pocket-button]')
            return (last.compareDocumentPosition(pocket) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0
            """)!);
        page.Script("document.querySelector('[aria-label=Pace]').focus()");
        Assert.True((bool)page.Script("return document.activeElement.matches('input')")!);
        page.SendKeys(Keys.Escape);
        Assert.True((bool)page.Script("return document.activeElement === document.body")!);
    }

    [Fact]
    public void The_white_of_the_sight_keeps_its_size_with_and_without_a_pot_and_whatever_is_said()
    {
        var page = new TablePage(browser).OpenFresh();
        var sizes = new List<string>();
        foreach (var name in new[] { "High on the black", "Frozen to the top cushion", "Blue on the high side", "Two reds that touch" })
        {
            page.OpenPosition(name);
            page.Settle();
            Assert.Equal("", page.TooLong());
            sizes.Add((string)page.Script(
                "return document.querySelector('[data-testid=tip] .face').getBoundingClientRect().width.toFixed(1)")!);
        }

        Assert.Single(sizes.Distinct());
    }

    [Fact]
    public void From_the_player_the_table_stands_upright_and_is_no_stamp()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SendKeys("vvvvv");
        page.Until(() => Height() > 600);
        Assert.Equal("", page.TooLong());
        page.Find("break-section").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=break-panel]")).Count == 1);
        Assert.Equal("", page.TooLong());

        double Height() => Convert.ToDouble(
            page.Script("return document.querySelector('svg.table').getBoundingClientRect().height"),
            System.Globalization.CultureInfo.InvariantCulture);
    }

    [Fact]
    public void Every_button_of_the_bar_has_words_and_while_a_ball_is_held_the_stain_rests()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SettleChances();
        Assert.Equal("", page.Script(
            """
            return [...document.querySelectorAll('.bar .buttons button')].filter((one) => !one.innerText.trim())
                .map((one) => one.dataset.testid).join()
            """));
        Assert.NotEmpty(browser.Driver.FindElements(By.CssSelector("[data-testid=stain-half]")));
        new Actions(browser.Driver).ClickAndHold(page.Ball("red1").FindElement(By.CssSelector(".body"))).MoveByOffset(-20, 10).Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stain-half]")).Count == 0);
        Assert.NotEmpty(browser.Driver.FindElements(By.CssSelector("[data-chance=pot]")));
        new Actions(browser.Driver).Release().Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stain-half]")).Count == 1);
    }
}
