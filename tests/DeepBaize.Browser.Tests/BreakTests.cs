using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using DeepBaize.Tests;
using OpenQA.Selenium;

namespace DeepBaize.Browser.Tests;

/// <summary>The Break section: which ball, and how; why; why not that one; again after a poor stroke; played by the rules.</summary>
[Collection(Lane.Questions)]
public sealed partial class BreakTests(BrowserFixture browser)
{
    [GeneratedRegex(@"([\d.]+) points? (less|more)\.")]
    private static partial Regex Told();

    private static int Tenths(string points) =>
        (int)Math.Round(10 * double.Parse(points.Replace('−', '-'), NumberStyles.Float, CultureInfo.InvariantCulture));

    [Fact]
    public void From_a_saved_position_one_button_brings_a_first_line_that_gets_better_and_because_opens_its_proof()
    {
        var page = Open("Blue on the high side");
        var clock = Stopwatch.StartNew();
        page.Find("plan").Click();
        page.Until(() => Steps().Count > 0);
        Figures.Print($"From the button to the first line of a plan: {clock.ElapsedMilliseconds} ms (aim 1000).");
        Finish(page);
        Figures.Print($"The plan stood after {clock.ElapsedMilliseconds} ms (aim 5000).");

        // Numbers of later strokes stand clear of the numerals of contacts.
        Assert.Equal("", page.Script(
            """
            const boxes = (selector) => [...document.querySelectorAll(selector)].map((one) => one.getBoundingClientRect())
            const meet = (a, b) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom
            const numerals = boxes('.numeral circle')
            return boxes('[data-testid=plan-marks] text').filter((one) => numerals.some((numeral) => meet(one, numeral))).length > 0
                ? 'a number under a numeral' : ''
            """));

        Assert.Equal("", page.Script(
            "return document.documentElement.scrollWidth > innerWidth ? `${document.documentElement.scrollWidth} wide` : ''"));

        // One sentence, one mark, the stroke on the sheet.
        Assert.Contains(Steps()[0].Text.Split(',')[0], page.Text("verdict"), StringComparison.Ordinal);
        Assert.Single(browser.Driver.FindElements(By.CssSelector("[data-testid=plan-mark]")));
        page.Until(() => browser.Driver.FindElements(
            By.CssSelector("[data-testid=paths] .ribbon")).Count > 0);
        Assert.Equal("", page.Text("plan-old"));
        // What decides adds up to the difference that is told.
        var compared = 0;
        foreach (var versus in browser.Driver.FindElements(By.CssSelector("[data-versus]")))
        {
            var parts = versus.FindElements(By.CssSelector("[data-worth]")).Select(part => Tenths(part.Text)).ToList();
            if (Told().Match(versus.Text) is not { Success: true } told) continue;
            compared++;
            Assert.Equal((told.Groups[2].Value == "less" ? 1 : -1) * Tenths(told.Groups[1].Value), parts.Sum());
        }

        Assert.True(compared > 0, "the plan is compared with nothing");

        var withProof = browser.Driver.FindElements(By.CssSelector("[data-reason]:not(:disabled)"));
        withProof[0].Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-proof]")).Count > 0);
        withProof[0].Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-proof]")).Count == 0);

        page.Find("plan-numbers").Click();
        Assert.StartsWith("POST /api/breaks/plan", page.Text("plan-call"), StringComparison.Ordinal);
    }

    [Fact]
    public void Another_ball_is_touched_and_it_says_what_it_costs()
    {
        var page = Open("Line of reds");
        page.Find("plan").Click();
        Finish(page);
        var other = browser.Driver.FindElements(By.CssSelector("[data-other]"))[0].GetDomAttribute("data-other")!;
        page.Ball(other).FindElement(By.CssSelector(".body")).Click();
        page.Until(() => page.Text("why-not").Length > 0);
        Assert.Matches("(costs .* points?:|is as good)", page.Text("why-not"));
        // Only the ball of the plan bears its mark; another red is named by where it lies.
        Assert.DoesNotContain("marked", page.Text("why-not"), StringComparison.Ordinal);
        page.Settle();
        Assert.DoesNotContain("then the", page.Text("verdict"), StringComparison.Ordinal);
    }

    [Fact]
    public void After_a_stroke_by_the_rules_and_a_white_that_was_dragged_it_is_planned_again_and_all_is_taken_back()
    {
        var page = Open("Blue on the high side");
        page.Find("plan").Click();
        Finish(page);
        var balls = browser.Driver.FindElements(By.CssSelector("[data-ball]")).Count;
        page.Find("play-step").Click();
        page.Until(() => page.Text("ruling").Length > 0);
        Assert.Matches("point|Foul", page.Text("ruling"));
        // The next question is the player's: nothing is planned by itself.
        Assert.Empty(Steps());
        page.Find("undo").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-ball]")).Count == balls);
        Assert.Equal("", page.Text("ruling"));

        page.Find("plan").Click();
        Finish(page);
        page.DragBall("cue", -60, 30);
        page.Until(() => page.Text("plan-old").Length > 0);
        page.Find("plan").Click();
        Finish(page);
        page.Until(() => page.Text("plan-loss").Length > 0);
    }

    [Fact]
    public void A_plan_is_stopped_at_will_and_the_best_so_far_stays()
    {
        var page = Open("Line of reds");
        page.Find("plan").Click();
        page.Until(() => Steps().Count > 0);
        // A plan that is done meanwhile has nothing to stop.
        page.Script("document.querySelector('[data-testid=stop-plan]')?.click()");
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan]")).Count == 0);
        Assert.NotEmpty(Steps());
        Assert.True(page.Find("plan").Enabled);
    }

    [Fact]
    public void A_white_in_hand_shows_what_places_in_the_D_are_worth_and_is_put_where_the_plan_begins()
    {
        var page = Open("Line of reds");
        page.Find("state-button").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-testid=in-hand]")).Count == 1);
        page.Find("in-hand").Click();
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-place]")).Count > 10 && page.Text("in-hand-worth").Length > 0);
        page.Find("plan").Click();
        Finish(page);
        Assert.NotEmpty(Steps());
        Assert.True(page.PlaceOf("cue").X <= 737.1);
        Assert.Equal("", page.Text("plan-old"));
    }

    [Fact]
    public void A_line_up_without_cushions_is_planned_played_and_laid_again_after_an_attempt_that_failed()
    {
        var page = Open("Line of reds");
        page.Choose("rules", "[data-option=noCushion]");
        page.Find("plan").Click();
        Finish(page);
        Assert.Matches(@"above the black \d+, black to pink \d+", page.Text("regions"));
        Assert.StartsWith("Attempt 1", page.Text("attempts"), StringComparison.Ordinal);
        var balls = browser.Driver.FindElements(By.CssSelector("[data-ball]")).Count;
        page.Find("play-step").Click();
        page.Until(() => page.Text("ruling").StartsWith("1 point.", StringComparison.Ordinal));
        Assert.Equal(balls - 1, browser.Driver.FindElements(By.CssSelector("[data-ball]")).Count);

        // Played up the table along a cushion the attempt is over, and the balls lie as at its beginning.
        page.Press("aim", [.. Enumerable.Repeat(Keys.Shift + Keys.ArrowRight, 12)]);
        page.Find("play-step").Click();
        page.Until(() => page.Text("attempts") is var told && told.StartsWith("Attempt 2", StringComparison.Ordinal)
            && told.Contains("best 1", StringComparison.Ordinal));
        page.Until(() => browser.Driver.FindElements(By.CssSelector("[data-ball]")).Count == balls);

        // It is kept: after a reload the same balls remember it.
        page.Until(() => page.Text("tally") == "1 attempt at these balls: 1 point.");
        page.Reload();
        page.Choose("rules", "[data-option=noCushion]");
        page.Until(() => page.Text("tally") == "1 attempt at these balls: 1 point.");
    }

    private static int VisitsTold(TablePage page) => int.TryParse(page.Text("outlook").Split(' ')[0], out var visits) ? visits : 0;

    [Fact]
    public void Visits_are_played_out_to_a_target_and_numbers_shows_both_calls()
    {
        var page = Open("Blue on the high side");
        page.Find("plan").Click();
        Finish(page);
        page.Find("play-out").Click();
        // It is told as it grows, ten visits at a time; to its end it is asked of the API (BreakOptionTests).
        page.Until(() => VisitsTold(page) >= 10);
        Assert.Matches(@"^\d+ visits played out: ", page.Text("outlook"));
        Assert.Matches(@"30 or more in \d+ of them", page.Text("outlook"));
        page.Find("plan-numbers").Click();
        Assert.Contains("POST /api/breaks/outlook", page.Text("plan-call"), StringComparison.Ordinal);
        page.Choose("goal", "[data-option=secure]");
        page.Find("plan").Click();
        Finish(page);
        Assert.Contains("win the frame", page.Text("plan-worth"), StringComparison.Ordinal);
        Assert.Equal("", page.Text("outlook"));
    }

    private TablePage Open(string position)
    {
        var page = new TablePage(browser).OpenFresh();
        page.Find("break-section").Click();
        page.OpenPosition(position);
        return page;
    }

    private IReadOnlyList<IWebElement> Steps() => browser.Driver.FindElements(By.CssSelector("[data-step]"));

    private void Finish(TablePage page) => page.Until(() =>
        browser.Driver.FindElements(By.CssSelector("[data-testid=stop-plan]")).Count == 0
            && page.Text("plan-state").Contains("looked at", StringComparison.Ordinal));
}
