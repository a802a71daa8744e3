using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>Issue 17, points 3 and 4: the ball that is touched is meant on every face, and what reads alike is one number.</summary>
[Collection(Lane.Hands)]
public sealed class MeantTests(BrowserFixture browser)
{
    [Fact]
    public void A_ball_and_then_a_pocket_are_the_pot_on_every_face()
    {
        var page = new TablePage(browser).OpenFresh();
        foreach (var face in new[] { "lay", "stroke", "aim", "reading", "chance", "zone", "white" })
        {
            page.Find(face + "-button").Click();
            foreach (var ball in new[] { "red1", "black" }) Pot(page, ball, "topYellowSide");
        }

        page.Find("break-section").Click();
        foreach (var ball in new[] { "red1", "black" }) Pot(page, ball, "topYellowSide");
    }

    [Fact]
    public void A_pot_that_cannot_be_says_so_where_its_chance_would_stand()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SettleChances();
        Pot(page, "black", "green");
        page.Until(() => page.Text("chance-refusal").Length > 0);
        Assert.Empty(browser.Driver.FindElements(By.CssSelector("[data-chance]")));
        Assert.Equal(page.Text("pot-words"), page.Text("chance-refusal"));
    }

    [Fact]
    public void A_first_estimate_is_told_as_one_and_the_plan_and_the_strip_tell_one_number()
    {
        var page = new TablePage(browser).OpenFresh();
        page.SettleChances();
        page.Press("run-rule", Keys.Shift + Keys.ArrowLeft);
        page.Until(() => Strip().StartsWith("about ", StringComparison.Ordinal));
        page.Until(() => !Strip().StartsWith("about ", StringComparison.Ordinal));

        page.Find("break-section").Click();
        foreach (var position in new[] { "High on the black", "Blue on the high side", "Screw back for the blue" })
        {
            page.OpenPosition(position);
            page.Find("plan").Click();
            page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan]")).Count == 0
                && page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
            page.SettleChances();
            page.Until(() => !Strip().StartsWith("about ", StringComparison.Ordinal));
            var planned = browser.Driver.FindElement(By.CssSelector("[data-step='0'] [data-step-chance]")).Text;
            Assert.Equal(planned, Strip());
            Assert.Contains(planned, page.Text("verdict"), StringComparison.Ordinal);
        }
    }

    private static void Pot(TablePage page, string ball, string pocket)
    {
        page.Ball(ball).FindElement(By.CssSelector(".body")).Click();
        page.Pocket(pocket).Click();
        page.Until(() => page.Sheet().GetProperty("pot") is { ValueKind: System.Text.Json.JsonValueKind.Object } pot
            && pot.GetProperty("ball").GetString() == ball && pot.GetProperty("pocket").GetString() == pocket);
    }

    private string Strip() => browser.Driver.FindElement(By.CssSelector("[data-chance=pot] b")).Text;
}
