using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 17, point 5: balls are laid as the player means it, and what becomes of a place is seen and said.</summary>
[Collection(Lane.Table)]
public sealed class PlacingTests(BrowserFixture browser)
{
    [Fact]
    public void Colours_that_lie_elsewhere_go_back_to_their_spots_all_of_them_or_one()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.DragBall("black", -60, 40);
        browser.Driver.FindElement(By.CssSelector("[data-spot=pink]")).Click();
        page.Until(() => page.HasBall("pink"));
        page.Settle();
        Assert.NotEqual(3245, page.PlaceOf("black").X, 1);
        Assert.False(page.HasBall("blue"));
        page.Find("lay-colours").Click();
        page.Until(() => page.HasBall("blue") && Math.Abs(page.PlaceOf("black").X - 3245) < 0.1);
        Assert.Equal(889, page.PlaceOf("black").Y, 0.1);
        page.Find("undo").Click();
        page.Until(() => !page.HasBall("blue") && Math.Abs(page.PlaceOf("black").X - 3245) > 1);
    }

    [Fact]
    public void After_a_red_it_is_chosen_and_typing_moves_it_and_a_refusal_lists_what_works()
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("lay-button").Click();
        page.Find("lay-red").Click();
        page.Until(() => (bool)page.Script("return document.activeElement?.matches('input, input *') ?? false")!);
        page.SendKeys("somewhere nice" + Keys.Enter);
        page.Until(() => page.Text("lay-told").Contains("What works:", StringComparison.Ordinal));
        page.Script("document.activeElement.select()");
        page.SendKeys("behind the black" + Keys.Enter);
        page.Until(() => Math.Abs(page.PlaceOf("red3").X - (3245 - 105)) < 1 && Math.Abs(page.PlaceOf("red3").Y - 889) < 1);
    }

    [Fact]
    public void What_draws_a_ball_is_seen_before_it_is_let_go_and_with_Alt_nothing_does()
    {
        var page = new TablePage(browser).OpenFresh();
        var down = (int)Math.Round((889 - page.PlaceOf("red1").Y) * Scale(page));
        new Actions(browser.Driver).ClickAndHold(page.Ball("red1").FindElement(By.CssSelector(".body"))).MoveByOffset(0, down).Perform();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=drawn-to][data-snap=spotLine]")).Count == 1);
        new Actions(browser.Driver).Release().Perform();
        page.Until(() => Math.Abs(page.PlaceOf("red1").Y - 889) < 1e-6);
        page.Settle();

        new Actions(browser.Driver).KeyDown(Keys.Alt).Perform();
        new Actions(browser.Driver).ClickAndHold(page.Ball("red1").FindElement(By.CssSelector(".body"))).MoveByOffset(-30, -1)
            .MoveByOffset(-10, 0).Perform();
        page.Settle();
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-testid=drawn-to]")));
        new Actions(browser.Driver).Release().KeyUp(Keys.Alt).Perform();
        page.Settle();
        Assert.InRange(Math.Abs(page.PlaceOf("red1").Y - 889), 1, 8);
    }

    [Fact]
    public void That_there_was_no_room_is_said_until_the_next_gesture()
    {
        var page = new TablePage(browser).OpenFresh();
        page.DragTo("red1", 3245, 889);
        page.Until(() => page.Text("placing-told") == "No room there: red 1 stands as near as it can.");
        page.DragBall("red1", -60, 0);
        page.Until(() => page.Text("placing-told") == "");
    }

    private static double Scale(TablePage page) =>
        Convert.ToDouble(page.Script("return document.querySelector('svg.table').getScreenCTM().a"), CultureInfo.InvariantCulture);
}
