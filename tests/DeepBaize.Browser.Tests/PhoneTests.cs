using System.Globalization;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 17, point 7: a phone at the side of the table, 375 x 812, used with a finger.</summary>
[Collection(Lane.Table)]
public sealed class PhoneTests(BrowserFixture browser)
{
    [Fact]
    public void A_swipe_on_the_table_scrolls_and_what_is_held_moves_instead()
    {
        using var _ = browser.Phone();
        var page = new TablePage(browser).OpenFresh();
        page.Settle();
        var before = page.Sheet().GetRawText();
        var cloth = At("svg.table", 0.3, 0.45);
        browser.Finger(Swipe(cloth, 0, -150));
        page.Until(() => Scrolled() > 50);
        Assert.Equal(before, page.Sheet().GetRawText());

        ScrollBack(page);
        var red = page.PlaceOf("red1");
        browser.Finger(Swipe(At("[data-ball=red1] .body", 0.5, 0.5), -40, 30));
        page.Until(() => page.PlaceOf("red1") != red);
        Assert.Equal(0, Scrolled());

        var aim = page.AimDegrees();
        browser.Finger(Swipe(At("[data-testid=aim] .handle", 0.5, 0.5), -30, -20));
        page.Until(() => Math.Abs(page.AimDegrees() - aim) > 2);
        Assert.Equal(0, Scrolled());
    }

    [Fact]
    public void Aiming_and_laying_are_chosen_under_the_thumb_and_a_touch_lays_only_where_it_is_meant_to()
    {
        using var _ = browser.Phone();
        var page = new TablePage(browser).OpenFresh();
        page.Settle();
        var cloth = At("svg.table", 0.3, 0.45);
        browser.Finger(cloth);
        page.Settle();
        Assert.False(page.HasBall("red3"));
        browser.Driver.FindElement(By.CssSelector("[data-hand=lay]")).Click();
        browser.Finger(Swipe(cloth, 0, -150));
        page.Until(() => Scrolled() > 50);
        Assert.False(page.HasBall("red3"));
        ScrollBack(page);
        browser.Finger(cloth);
        page.Until(() => page.HasBall("red3"));
    }

    [Fact]
    public void Verdicts_chances_and_refusals_are_whole_on_a_phone()
    {
        using var _ = browser.Phone();
        var page = new TablePage(browser).OpenFresh();
        foreach (var name in new[] { "Frozen to the top cushion", "Round the angles", "In among the reds" })
        {
            page.Script("document.querySelector('[data-testid=open]').scrollIntoView({ block: 'center' })");
            page.OpenPosition(name);
            page.Settle();
            Assert.Equal("", Cut());
        }

        foreach (var touched in new[] { "[data-ball=brown]", "[data-pocket-button=topGreenSide]" })
        {
            page.Script($"document.querySelector('{touched}').focus()");
            page.SendKeys(Keys.Enter);
        }

        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=chance-refusal]")).Count == 1);
        Assert.Equal("", Cut());

        string Cut() => (string)page.Script(
            """
            return [...document.querySelectorAll('[data-testid=verdict], [data-testid=chance-strip], [data-testid=because]')]
                .filter((one) => one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1)
                .map((one) => one.innerText).join()
            """)!;
    }

    [Fact]
    public void The_one_action_of_a_section_player_table_and_state_are_always_within_reach_and_nothing_is_cut()
    {
        using var _ = browser.Phone();
        var page = new TablePage(browser).OpenFresh();
        page.Settle();
        foreach (var section in new[] { "table", "break" })
        {
            page.Find($"{section}-section").Click();
            page.Until(() => page.Text("thumb-action") == (section == "table" ? "Play it" : "Which ball, and how?"));
            page.Script("scrollTo(0, document.body.scrollHeight)");
            Assert.True((bool)page.Script(
                """
                const b = document.querySelector('[data-testid=thumb-action]').getBoundingClientRect()
                return b.bottom <= innerHeight && b.top > 0
                """)!);
            page.Script("scrollTo(0, 0)");
            foreach (var control in new[] { "player-chooser", "table-chooser", "state-button" })
                Assert.True(page.Find(control).Displayed, control);
        }

        page.Find("thumb-action").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-step]")).Count > 0);
        Assert.Equal("", page.Script(
            """
            return [...document.querySelectorAll('[data-testid=verdict], [data-testid=because], .thumb button, nav a')]
                .filter((one) => one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1)
                .map((one) => one.innerText).join()
            """));
    }

    /// <summary>Back to the top, once the page has run out after a swipe.</summary>
    private void ScrollBack(TablePage page) => page.Until(() =>
    {
        var before = Scrolled();
        page.Still();
        if (before != Scrolled()) return false;
        page.Script("scrollTo(0, 0)");
        page.Still();
        return Scrolled() == 0;
    });

    private double Scrolled() => Convert.ToDouble(browser.Driver.ExecuteScript("return scrollY"), CultureInfo.InvariantCulture);

    private (double X, double Y) At(string selector, double across, double down)
    {
        var box = (IReadOnlyList<object>)browser.Driver.ExecuteScript(
            "const b = document.querySelector(arguments[0]).getBoundingClientRect(); return [b.x, b.y, b.width, b.height]", selector)!;
        var at = box.Select(value => Convert.ToDouble(value, CultureInfo.InvariantCulture)).ToList();
        return (at[0] + across * at[2], at[1] + down * at[3]);
    }

    private static (double X, double Y)[] Swipe((double X, double Y) from, double dx, double dy) =>
        [.. Enumerable.Range(0, 13).Select(i => (from.X + dx * i / 12, from.Y + dy * i / 12))];
}
