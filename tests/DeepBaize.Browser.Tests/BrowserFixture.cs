using DeepBaize.Tests;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;

[assembly: Xunit.v3.Parallelization(MaxThreads = DeepBaize.Browser.Tests.Lane.Count)]

namespace DeepBaize.Browser.Tests;

/// <summary>The real application, served on this machine, and one headless browser that drives it.</summary>
public sealed class BrowserFixture : IAsyncLifetime
{
    private readonly string _profile = Directory.CreateTempSubdirectory("baize-browser-").FullName;
    private BaizeServer? _server;
    private ChromeDriver? _driver;

    public ChromeDriver Driver => _driver!;

    public HttpClient Client => _server!.Client;

    public Uri Address => _server!.Address;

    public async ValueTask InitializeAsync()
    {
        _server = await BaizeServer.StartAsync(TestCluster.Shared);
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage", "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update", "--disable-sync", "--disable-quic", "--force-device-scale-factor=1",
            $"--user-data-dir={_profile}");
        options.SetLoggingPreference(LogType.Browser, LogLevel.All);
        _driver = new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin/chromedriver"), options);
        SetSize(1280, 800);
        Emulate();
    }

    /// <summary>A hand for mouse and keys that does not dawdle: a move takes 25 ms.</summary>
    public Actions Hand() => new(Driver, TimeSpan.FromMilliseconds(25));

    /// <summary>Stops the server until the result is disposed.</summary>
    public Task<IDisposable> AwayAsync() => _server!.AwayAsync();

    /// <summary>Lets the browser put what is saved into a folder.</summary>
    public void DownloadTo(string folder) => Driver.ExecuteCdpCommand(
        "Browser.setDownloadBehavior", new Dictionary<string, object?> { ["behavior"] = "allow", ["downloadPath"] = folder });

    public void SetSize(int width, int height, bool isPhone = false) => Driver.ExecuteCdpCommand(
        "Emulation.setDeviceMetricsOverride",
        new Dictionary<string, object?> { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = isPhone });

    /// <summary>A phone at the side of the table, until the result is disposed.</summary>
    public IDisposable Phone()
    {
        SetSize(375, 812, isPhone: true);
        Touch(true);
        return new Restore(() =>
        {
            Touch(false);
            SetSize(1280, 800);
        });
    }

    /// <summary>A finger that comes down at the first point, is pulled through the others, and is lifted at the last.</summary>
    public void Finger(params (double X, double Y)[] points)
    {
        Send("touchStart", points[0]);
        foreach (var point in points.Skip(1)) Send("touchMove", point);
        Send("touchEnd");

        void Send(string type, params (double X, double Y)[] at) => Driver.ExecuteCdpCommand(
            "Input.dispatchTouchEvent",
            new Dictionary<string, object?>
            {
                ["type"] = type,
                ["touchPoints"] = at.Select(point => new Dictionary<string, object> { ["x"] = point.X, ["y"] = point.Y }).ToArray(),
            });
    }

    /// <summary>An upright tablet that is touched, until the result is disposed.</summary>
    public IDisposable Tablet()
    {
        SetSize(768, 1024);
        Touch(true);
        return new Restore(() =>
        {
            Touch(false);
            SetSize(1280, 800);
        });
    }

    private void Touch(bool enabled) => Driver.ExecuteCdpCommand(
        "Emulation.setTouchEmulationEnabled", new Dictionary<string, object?> { ["enabled"] = enabled, ["maxTouchPoints"] = 5 });

    /// <summary>Lets the browser prefer light or dark until the result is disposed.</summary>
    public IDisposable Prefer(string scheme)
    {
        Emulate(scheme);
        return new Restore(() => Emulate());
    }

    /// <summary>Lets strokes by the rules run as motion until the result is disposed; else they are played out at once.</summary>
    public IDisposable Motion()
    {
        Emulate(motion: "no-preference");
        return new Restore(() => Emulate());
    }

    private void Emulate(string scheme = "light", string motion = "reduce") => Driver.ExecuteCdpCommand(
        "Emulation.setEmulatedMedia",
        new Dictionary<string, object?>
        {
            ["features"] = new object[] {
                new Dictionary<string, object> { ["name"] = "prefers-color-scheme", ["value"] = scheme },
                new Dictionary<string, object> { ["name"] = "prefers-reduced-motion", ["value"] = motion },
            },
        });

    public async ValueTask DisposeAsync()
    {
        _driver?.Dispose();
        await _server!.DisposeAsync();
        Directory.Delete(_profile, recursive: true);
    }

    private sealed class Restore(Action action) : IDisposable
    {
        public void Dispose() => action();
    }
}

/// <summary>
/// Lanes of tests side by side, each with an application, a database and a browser of its own: some wait while others work.
/// </summary>
internal static class Lane
{
    /// <summary>How many work at once: more would only wait for the two processors of a small machine.</summary>
    public const int Count = 2;

    public const string Table = "table";
    public const string Sheet = "sheet";
    public const string Questions = "questions";
    public const string Hands = "hands";
}

[CollectionDefinition(Lane.Table)]
public sealed class TableLane : ICollectionFixture<BrowserFixture>;

[CollectionDefinition(Lane.Sheet)]
public sealed class SheetLane : ICollectionFixture<BrowserFixture>;

[CollectionDefinition(Lane.Hands)]
public sealed class HandsLane : ICollectionFixture<BrowserFixture>;

[CollectionDefinition(Lane.Questions)]
public sealed class QuestionsLane : ICollectionFixture<BrowserFixture>;
