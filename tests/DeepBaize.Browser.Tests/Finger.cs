using System.Globalization;
using OpenQA.Selenium.Chrome;

namespace DeepBaize.Browser.Tests;

/// <summary>
/// A finger on a tablet: real touch events, at places between pixels as a fine screen reports them. It counts what it does.
/// </summary>
internal sealed class Finger(TablePage page, ChromeDriver driver)
{
    /// <summary>Seconds that a tap and a drag take a player.</summary>
    private const int TapSeconds = 1;
    private const int DragSeconds = 2;

    public int Gestures { get; private set; }

    public int Seconds { get; private set; }

    /// <summary>Taps a control.</summary>
    public void Tap(string selector)
    {
        var middle = (IReadOnlyList<object>)page.Script(
            $"const b = document.querySelector(\"{selector}\").getBoundingClientRect(); return [b.left + b.width / 2, b.top + "
                + $"b.height / 2]")!;
        Tap(Number(middle[0]), Number(middle[1]));
    }

    /// <summary>Taps the cloth, by millimetres up the table and from the yellow side.</summary>
    public void TapTable(double up, double across)
    {
        var (x, y) = OnScreen(up, across);
        Tap(x, y);
    }

    /// <summary>
    /// Drags from one place on the table to another; the finger stops before it lets go, and the table stays where it is.
    /// </summary>
    public void Drag((double Up, double Across) from, (double Up, double Across) to)
    {
        var (x, y) = OnScreen(from.Up, from.Across);
        var (toX, toY) = OnScreen(to.Up, to.Across);
        Send("touchStart", x, y);
        for (var i = 1; i <= 6; i++) Send("touchMove", x + (toX - x) * i / 6, y + (toY - y) * i / 6);
        Held?.Invoke();
        // No waiting for the page: a finger that lets go without resting flicks the ball.
        Thread.Sleep(120);
        Send("touchEnd", null, null);
        Done(DragSeconds);
        Assert.Equal((toX, toY), OnScreen(to.Up, to.Across));
    }

    /// <summary>Called while the finger still holds something.</summary>
    public Action? Held { get; set; }

    private void Tap(double x, double y)
    {
        Send("touchStart", x, y);
        Send("touchEnd", null, null);
        Done(TapSeconds);
    }

    private void Done(int seconds)
    {
        Gestures++;
        Seconds += seconds;
        page.Settle();
    }

    /// <summary>Half pixels: what a screen of two device pixels a pixel can tell.</summary>
    private void Send(string type, double? x, double? y) => driver.ExecuteCdpCommand(
        "Input.dispatchTouchEvent",
        new Dictionary<string, object?>
        {
            ["type"] = type,
            ["touchPoints"] = x is null
                ? Array.Empty<object>()
                : new object[] { new Dictionary<string, object> { ["x"] = Math.Round(x.Value * 2) / 2,
                    ["y"] = Math.Round(y!.Value * 2) / 2 } },
        });

    /// <summary>Where a place is on the screen: between the pictures of the spots, however the table is turned.</summary>
    private (double X, double Y) OnScreen(double up, double across)
    {
        var box = (IReadOnlyList<object>)page.Script(FormattableString.Invariant(
            $"""
            const svg = document.querySelector('svg.table'), m = svg.getScreenCTM()
            return [m.a * {(1778 - across)} + m.e, m.d * {(3569 - up)} + m.f]
            """))!;
        return (Number(box[0]), Number(box[1]));
    }

    private static double Number(object value) => Convert.ToDouble(value, CultureInfo.InvariantCulture);
}
