using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace DeepBaize.Browser.Tests;

/// <summary>The Table section as a player finds and handles it.</summary>
internal sealed class TablePage(BrowserFixture browser)
{
    private readonly IWebDriver _driver = browser.Driver;

    private WebDriverWait Wait => new(_driver, TimeSpan.FromSeconds(120)) { PollingInterval = TimeSpan.FromMilliseconds(40) };

    /// <summary>Opens the page with a position of the house, and no positions but those that ship with it.</summary>
    /// <param name="keepsSaved">True to keep the positions that were saved.</param>
    /// <param name="asFirstVisit">True to find what a new user finds, with nothing kept in the browser.</param>
    public TablePage OpenFresh(bool keepsSaved = false, bool asFirstVisit = false)
    {
        ForgetInBrowser();
        browser.Driver.ExecuteAsyncScript(
            """
            const [keepsSaved, done] = arguments
            const use = (kind, item) => fetch(`/api/shelf/${kind}/${item.id}/use`, { method: 'POST' })
            const forget = (position) => fetch(`/api/positions/${position.id}?version=${position.version}`, { method: 'DELETE' })
            Promise.all([
              fetch('/api/sheet', { method: 'DELETE' }),
              fetch('/api/positions?take=100').then((response) => response.json())
                .then(({ positions }) => Promise.all(positions.filter((one) => !one.isHouse && !keepsSaved).map(forget))),
              fetch('/api/shelf').then((response) => response.json()).then((shelf) => Promise.all([
                use('players', shelf.players.find((item) => item.name === 'Tamsin Orrell')),
                use('tables', shelf.tables.find((item) => item.name === 'Window table')),
              ])),
            ]).then(() => done())
            """,
            keepsSaved);
        if (!asFirstVisit) LayInBrowser();
        _driver.Navigate().GoToUrl(browser.Address);
        Until(() => Text("sheet-name") == (asFirstVisit ? "In among the reds" : "High on the black"));
        Settle();
        return this;
    }

    /// <summary>What stands above the table for a prediction: its sentence, and what the referee says.</summary>
    public static string VerdictOf(JsonElement prediction)
    {
        var verdict = prediction.GetProperty("verdict");
        return $"{verdict.GetProperty("sentence").GetString()} {verdict.GetProperty("ruling").GetString()}".TrimEnd();
    }

    /// <summary>Leaves a sheet in the browser as after a position of the house was opened: few balls, with room between.</summary>
    private void LayInBrowser() => browser.Driver.ExecuteAsyncScript(
        """
        const done = arguments[0]
        const read = (path) => fetch(path).then((response) => response.json())
        const lay = ({ balls, stroke, state, pot, profile, ...opened }) => localStorage.setItem('deep-baize.sheet.1', JSON.stringify({
          balls, state, profile: profile.id, opened, keepPot: true,
          stroke: { directionDeg: stroke.directionDeg, pace: stroke.pace, side: stroke.side, height: stroke.height },
          pot: { ball: pot.ball, pocket: pot.pocket, part: pot.part },
        }))
        read('/api/positions?take=100')
          .then(({ positions }) => read(`/api/positions/${positions.find((one) => one.name === 'High on the black').id}`))
          .then(lay).then(() => done())
        """);

    /// <summary>Leaves the application and empties what the browser keeps of it.</summary>
    public void ForgetInBrowser()
    {
        // A page of the same address without the application, so that nothing is kept again on leaving.
        _driver.Navigate().GoToUrl(new Uri(browser.Address, "/health/live"));
        browser.Driver.ExecuteAsyncScript(
            """
            const done = arguments[0]
            localStorage.clear()
            const forget = (name) => new Promise((resolve) => {
                const asked = indexedDB.deleteDatabase(name); asked.onsuccess = asked.onerror = resolve })
            indexedDB.databases().then((all) => Promise.all(all.map((one) => forget(one.name)))).then(() => done())
            """);
    }

    public void Reload()
    {
        _driver.Navigate().Refresh();
        Until(() => _driver.FindElements(By.CssSelector("[data-testid=verdict]")).Count > 0);
        Settle();
    }

    public void OpenPosition(string name)
    {
        Find("open").Click();
        Until(() => _driver.FindElements(By.CssSelector("[data-testid=search]")).Count > 0);
        Find("search").SendKeys(name);
        // Before that the list still shrinks, and another position would come under the pointer.
        Until(() => _driver.FindElements(By.CssSelector($"[data-found='{name}'] [data-position='{name}']")).Count > 0);
        _driver.FindElement(By.CssSelector($"[data-position='{name}']")).Click();
        Until(() => Text("sheet-name") == name);
        Settle();
    }

    public IWebElement Find(string testId) => _driver.FindElement(By.CssSelector($"[data-testid={testId}]"));

    public string Text(string testId) =>
        Steady(() => _driver.FindElements(By.CssSelector($"[data-testid={testId}]")).FirstOrDefault()?.Text ?? "");

    public IWebElement Ball(string id) => _driver.FindElement(By.CssSelector($"[data-ball={id}]"));

    public bool HasBall(string id) => _driver.FindElements(By.CssSelector($"[data-ball={id}]")).Count > 0;

    public IWebElement Pocket(string id) => _driver.FindElement(By.CssSelector($"[data-pocket-button={id}]"));

    /// <summary>Chooses one of the questions about the white.</summary>
    public void View(string view) => _driver.FindElement(By.CssSelector($"[data-view={view}]")).Click();

    /// <summary>Opens a face of the bench, or another part of the screen, by its name.</summary>
    public void Face(string name)
    {
        switch (name)
        {
            case "lay-chosen":
                Tap(Find("lay-button"));
                Tap(Ball("cue").FindElement(By.CssSelector(".body")));
                break;
            case "presets":
                Tap(Find("lay-button"));
                Tap(Find("presets"));
                break;
            case "preset":
                Tap(_driver.FindElement(By.CssSelector("[data-preset=break-off]")));
                break;
            case "alike":
            case "open" or "save" or "files" or "view" or "help":
                Tap(Find(name));
                break;
            case "state":
                Tap(Find("state-button"));
                break;
            case "players" or "safety":
                Section(name);
                break;
            case "tables":
                Tap(_driver.FindElement(By.CssSelector("[data-kind=tables]")));
                break;
            case "set-up":
                Section("table");
                Tap(Find("files"));
                Tap(Find("set-up"));
                break;
            default:
                Tap(Find(name + "-button"));
                break;
        }

        if (name != "set-up") Settle();
        Still();
    }

    /// <summary>Presses a control in the middle of the screen: on a phone the bar under the thumb may lie over it elsewhere.</summary>
    private void Tap(IWebElement control)
    {
        Script("arguments[0].scrollIntoView({ block: 'center' })", control);
        control.Click();
    }

    /// <summary>Goes to a section of the page.</summary>
    public void Section(string name)
    {
        Find($"{name}-section").Click();
        Until(() => name == "players"
            ? _driver.FindElements(By.CssSelector("[data-testid=pot-rates]")).Count > 0
            : _driver.FindElements(By.CssSelector("svg.table")).Any(table => table.Displayed));
    }

    /// <summary>Chooses who plays, or another thing of a list, by what its option is marked with.</summary>
    public void Choose(string list, string option)
    {
        Find(list).Click();
        Until(() => _driver.FindElements(By.CssSelector(option)).Any(one => one.Displayed));
        // A list that opens moves until it stands.
        Still();
        _driver.FindElements(By.CssSelector(option)).First(one => one.Displayed).Click();
        Still();
    }

    /// <summary>Waits until the chances belong to the stroke that is shown.</summary>
    public void SettleChances() =>
        Until(() => _driver.FindElements(By.CssSelector("[data-testid=chance-strip]:not(.old) [data-chance=pot]")).Count > 0);

    /// <summary>Where the cue points, in degrees.</summary>
    public double AimDegrees() => Number(Find("aim"), "aria-valuenow");

    /// <summary>Presses keys with nothing in the focus.</summary>
    public void Type(string keys)
    {
        Script("document.activeElement?.blur()");
        browser.Hand().SendKeys(keys).Perform();
    }

    /// <summary>Gives something the focus and presses keys, one after the other.</summary>
    public void PressOn(string selector, params string[] keys)
    {
        Script($"document.querySelector(\"{selector}\").focus()");
        foreach (var key in keys) browser.Hand().SendKeys(key).Perform();
    }

    /// <summary>Clicks on the cloth, by millimetres on the sheet.</summary>
    public void ClickCloth(double x, double y)
    {
        var (left, top) = OnScreen((x, y));
        browser.Hand().MoveToLocation(left, top).Click().Perform();
    }

    /// <summary>Presses Tab until something has the focus, as a player without a mouse does.</summary>
    public void TabTo(string selector)
    {
        for (var i = 0; i < 120; i++)
        {
            if ((bool)Script($"return document.activeElement?.matches(\"{selector}\") ?? false")!) return;
            SendKeys(Keys.Tab);
        }

        Assert.Fail($"Tab never came to {selector}.");
    }

    /// <summary>Presses keys where the focus is.</summary>
    public void SendKeys(string keys) => browser.Hand().SendKeys(keys).Perform();

    /// <summary>Drags a ball to a place, by millimetres on the sheet; the hand stops before it lets go.</summary>
    public void DragTo(string ball, double x, double y) => Pull(OnScreen(PlaceOf(ball)), OnScreen((x, y)));

    /// <summary>Pulls from one place on the cloth to another, by millimetres on the sheet.</summary>
    public void PullCloth((double X, double Y) from, (double X, double Y) to) => Pull(OnScreen(from), OnScreen(to));

    private void Pull((int Left, int Top) from, (int Left, int Top) to)
    {
        browser.Hand().MoveToLocation(from.Left, from.Top).ClickAndHold().MoveToLocation((from.Left + to.Left) / 2, (from.Top + to.Top) / 2)
            .MoveToLocation(to.Left, to.Top).Pause(TimeSpan.FromMilliseconds(120)).Release().Perform();
        Settle();
    }

    private (int Left, int Top) OnScreen((double X, double Y) place)
    {
        var at = (IReadOnlyList<object>)Script(FormattableString.Invariant(
            $"const m = document.querySelector('svg.table').getScreenCTM(); return [m.a * {place.X} + m.e, m.d * {place.Y} + m.f]"))!;
        return ((int)Math.Round(Convert.ToDouble(at[0], CultureInfo.InvariantCulture)),
            (int)Math.Round(Convert.ToDouble(at[1], CultureInfo.InvariantCulture)));
    }

    /// <summary>Where a ball is drawn, in millimetres on the sheet.</summary>
    public (double X, double Y) PlaceOf(string id) => Steady(() => (Number(Ball(id), "data-x"), Number(Ball(id), "data-y")));

    public (double X, double Y) RestingPlaceOf(string id) => Steady(() =>
    {
        var mark = _driver.FindElement(By.CssSelector($"[data-resting={id}]"));
        return (Number(mark, "cx"), Number(mark, "cy"));
    });

    public void DragBall(string id, int dx, int dy)
    {
        browser.Hand().MoveToElement(Ball(id)).ClickAndHold().MoveByOffset(dx / 2, dy / 2).MoveByOffset(dx - dx / 2, dy - dy / 2)
            .Pause(TimeSpan.FromMilliseconds(100)).Release().Perform();
        Settle();
    }

    /// <summary>Clicks on the white in the sight, by fractions of its radius from the centre.</summary>
    public void ClickTip(double right, double up)
    {
        var face = _driver.FindElement(By.CssSelector("[data-testid=tip] .face"));
        var radius = face.Size.Width / 2.0;
        browser.Hand().MoveToElement(face, (int)Math.Round(right * radius), (int)Math.Round(-up * radius)).Click().Perform();
        Settle();
    }

    /// <summary>Pulls the marker of the run rule to a share of its length.</summary>
    public void PullPace(double share)
    {
        var rule = Find("run-rule");
        var marker = rule.FindElement(By.CssSelector(".marker circle"));
        var width = rule.Size.Width;
        browser.Hand().MoveToElement(marker).ClickAndHold().MoveToElement(rule, (int)(width * (share - 0.5)), 0).Release().Perform();
        Settle();
    }

    /// <summary>Presses keys on a control; a key that begins with Shift is pressed together with it.</summary>
    public void Press(string testId, params string[] keys)
    {
        Focus(testId);
        foreach (var key in keys)
        {
            var actions = browser.Hand();
            if (key.StartsWith(Keys.Shift, StringComparison.Ordinal))
                actions.KeyDown(Keys.Shift).SendKeys(key[Keys.Shift.Length..]).KeyUp(Keys.Shift).Perform();
            else actions.SendKeys(key).Perform();
        }

        Settle();
    }

    public void Focus(string testId) => Script($"document.querySelector('[data-testid={testId}]').focus()");

    /// <summary>Waits until nothing moves any more that moves by itself, and what came last is painted.</summary>
    public void Still() => browser.Driver.ExecuteAsyncScript(
        """
        const done = arguments[0]
        const look = () => document.getAnimations().some((one) => one.playState === 'running')
          ? requestAnimationFrame(look) : requestAnimationFrame(() => requestAnimationFrame(done))
        look()
        """);

    /// <summary>Waits until the newest question is answered and painted: the picture no longer changes.</summary>
    public void Settle()
    {
        Script("return document.fonts.ready");
        var before = "";
        Until(() =>
        {
            Still();
            var now = (string)Script(
                """
                const busy = document.querySelector('main.desk')?.getAttribute('aria-busy') === 'true'
                return busy ? '' :
                    (document.querySelector('[data-testid=verdict]')?.textContent ?? '-') +
                    (document.querySelector('[data-testid=paths]')?.innerHTML ?? '')
                """)!;
            var still = now.Length > 0 && now == before;
            before = now;
            return still;
        });
    }

    /// <summary>The working sheet as the browser keeps it when the page is left.</summary>
    public JsonElement Sheet()
    {
        Script("window.dispatchEvent(new Event('pagehide'))");
        return JsonDocument.Parse((string)Script("return localStorage.getItem('deep-baize.sheet.1')")!).RootElement;
    }

    /// <summary>What the API answers for the sheet's own stroke.</summary>
    public async Task<JsonElement> AskApiAsync()
    {
        var sheet = Sheet();
        var state = sheet.GetProperty("state") is { ValueKind: JsonValueKind.Object } set ? set : (JsonElement?)null;
        var strike = JsonObject.Create(sheet.GetProperty("stroke"))!;
        strike["leastButt"] = true;
        using var response = await browser.Client.PostAsJsonAsync(
            "/api/shots/predict",
            new
            {
                balls = sheet.GetProperty("balls"),
                strike,
                profile = sheet.GetProperty("profile"),
                state,
            });
        Assert.True(response.IsSuccessStatusCode);
        return await response.Content.ReadFromJsonAsync<JsonElement>();
    }

    /// <summary>What is longer than the screen or its own place; empty when all of it is seen.</summary>
    public string TooLong() => (string)Script("""
            const page = document.scrollingElement
            const inner = [...document.querySelectorAll('.scroll')]
                .filter((panel) => panel.scrollHeight > panel.clientHeight + 1 || panel.scrollWidth > panel.clientWidth + 1)
            return [
                page.scrollHeight > innerHeight ? 'page' : '',
                ...inner.map((panel) => `${panel.getAttribute('aria-label')} ${panel.scrollHeight}>${panel.clientHeight} ` +
                    `${panel.scrollWidth}>${panel.clientWidth}`)].filter(Boolean).join(', ')
            """)!;

    public void Until(Func<bool> isTrue) => Wait.Until(_ =>
    {
        try
        {
            return isTrue();
        }
        catch (StaleElementReferenceException)
        {
            return false;
        }
    });

    /// <summary>Reads once more when what was found was painted anew in between.</summary>
    private static T Steady<T>(Func<T> read)
    {
        try
        {
            return read();
        }
        catch (StaleElementReferenceException)
        {
            return read();
        }
    }

    public object? Script(string script, params object[] arguments) => browser.Driver.ExecuteScript(script, arguments);

    private static double Number(IWebElement element, string attribute) =>
        double.Parse(element.GetDomAttribute(attribute)!, CultureInfo.InvariantCulture);
}
