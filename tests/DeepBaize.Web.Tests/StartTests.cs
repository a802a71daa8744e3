using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using DeepBaize.Tests;

namespace DeepBaize.Web.Tests;

/// <summary>The start command, as a player runs it: two at once, a web server that dies, a stop while plans run.</summary>
public sealed partial class StartTests
{
    private static readonly TimeSpan Patience = TimeSpan.FromMinutes(2);

    [Fact]
    public async Task Two_starts_at_once_serve_once_what_dies_comes_back_and_a_stop_waits_for_no_plan()
    {
        var folder = TestCluster.Beside("start", durable: true).Folder;
        using var first = new Started(folder);
        using var second = new Started(folder);
        var (server, said) = await Started.FirstAsync(Serves(), first, second);
        var (started, other) = (said.Groups[1].Value, server == first ? second : first);
        Assert.Contains("Another start is at work", other.Printed, StringComparison.Ordinal);
        Assert.Equal(started, (await other.SaysAsync(Runs())).Groups[1].Value);
        await other.Process.WaitForExitAsync(TestContext.Current.CancellationToken);
        Assert.Equal(0, other.Process.ExitCode);

        using var client = new HttpClient { BaseAddress = new Uri(started) };
        Assert.Equal(HttpStatusCode.OK, await StatusAsync(client));
        var log = Log().Match(server.Printed).Groups[1].Value;
        Assert.Contains("started", await File.ReadAllTextAsync(log, TestContext.Current.CancellationToken), StringComparison.Ordinal);
        using (var web = Process.GetProcessById(
            int.Parse(await File.ReadAllTextAsync(folder + ".web.pid", TestContext.Current.CancellationToken)))) web.Kill();
        await server.SaysAsync(Again());
        Assert.Contains(
            "ended with code", await File.ReadAllTextAsync(log, TestContext.Current.CancellationToken), StringComparison.Ordinal);
        var clock = Stopwatch.StartNew();
        await Waiting.UntilAsync(async () => await StatusAsync(client) == HttpStatusCode.OK);

        using var leave = new CancellationTokenSource();
        var plans = Enumerable.Range(0, 4).Select(_ => PlanAsync(client, leave.Token)).ToList();
        await plans[0];
        clock.Restart();
        // Not an interrupt: what runs in the background of a shell may be told to ignore those.
        using (var stop = Process.Start("kill", ["-TERM", $"{server.Process.Id}"])) await stop.WaitForExitAsync(
            TestContext.Current.CancellationToken);
        await server.Process.WaitForExitAsync(TestContext.Current.CancellationToken)
            .WaitAsync(Patience, TestContext.Current.CancellationToken);
        Figures.Print($"./start stops in {clock.Elapsed.TotalSeconds:0.0} s while plans run (aim 3).");
        // It did not wait until the plan was done.
        Assert.DoesNotContain("\"isFinal\":true", await RestAsync(await plans[0]), StringComparison.Ordinal);
        Assert.Contains("Deep Baize has stopped.", await server.EndAsync(), StringComparison.Ordinal);
        await leave.CancelAsync();
    }

    private static async Task<HttpResponseMessage> PlanAsync(HttpClient client, CancellationToken cancel)
    {
        object[] balls = [
            new { id = "cue", x = 2.4, y = 0.5 }, new { id = "red1", x = 2.9, y = 0.4 }, new { id = "red2", x = 3.0, y = 1.3 },
            new { id = "black", x = 3.245, y = 0.889 }];
        using var request =
            new HttpRequestMessage(HttpMethod.Post, "/api/breaks/plan") { Content = JsonContent.Create(new { balls, budget = 200_000 }) };
        return await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancel);
    }

    /// <summary>What a stream told until it ended or broke off.</summary>
    private static async Task<string> RestAsync(HttpResponseMessage response)
    {
        var told = new System.Text.StringBuilder();
        using var reader = new StreamReader(await response.Content.ReadAsStreamAsync());
        try
        {
            while (await reader.ReadLineAsync() is { } line) told.AppendLine(line);
        }
        catch (Exception broken) when (broken is HttpRequestException or IOException)
        {
            // The server is gone.
        }

        return told.ToString();
    }

    private static async Task<HttpStatusCode> StatusAsync(HttpClient client)
    {
        try
        {
            using var response = await client.GetAsync(new Uri("/health/ready", UriKind.Relative));
            return response.StatusCode;
        }
        catch (HttpRequestException)
        {
            await Task.Delay(100);
            return 0;
        }
    }

    [GeneratedRegex(@"Deep Baize is at (http://127\.0\.0\.1:\d+)  \(Ctrl\+C")]
    private static partial Regex Serves();

    [GeneratedRegex(@"Deep Baize runs already at (http://127\.0\.0\.1:\d+)")]
    private static partial Regex Runs();

    [GeneratedRegex(@"ended with code \d+ and is started again in \d+ s; its log is (\S+)")]
    private static partial Regex Again();

    [GeneratedRegex(@"is kept in (\S+)\)")]
    private static partial Regex Log();

    /// <summary>A start command that runs.</summary>
    private sealed class Started : IDisposable
    {
        private readonly System.Text.StringBuilder _printed = new();

        public Started(string folder)
        {
            var info = new ProcessStartInfo(
                Path.Combine(TestCluster.RepositoryRoot, "start"))
            { RedirectStandardOutput = true, RedirectStandardError = true };
            info.Environment["DEEP_BAIZE_DATA"] = folder;
            info.Environment["DEEP_BAIZE_PORT"] = "5390";
            Process = Process.Start(info)!;
            Process.OutputDataReceived += Take;
            Process.ErrorDataReceived += Take;
            Process.BeginOutputReadLine();
            Process.BeginErrorReadLine();
        }

        public Process Process { get; }

        public string Printed
        {
            get
            {
                lock (_printed) return _printed.ToString();
            }
        }

        /// <summary>Waits until it prints something.</summary>
        public async Task<Match> SaysAsync(Regex what) => (await FirstAsync(what, this)).Said;

        /// <summary>Waits until one of several prints something; when all have ended without it, nobody will.</summary>
        public static async Task<(Started By, Match Said)> FirstAsync(Regex what, params Started[] starts)
        {
            (Started By, Match Said)? found = null;
            await Waiting.UntilAsync(async () =>
            {
                var areOver = starts.All(start => start.Process.HasExited);
                // What was printed at the end is read by then.
                if (areOver) await Task.WhenAll(starts.Select(start => start.Process.WaitForExitAsync()));
                foreach (var start in starts)
                {
                    if (what.Match(start.Printed) is { Success: true } match) found = (start, match);
                }

                var printed = string.Join("\n", starts.Select(start => start.Printed));
                Assert.False(areOver && found is null, $"It does not say {what}: {printed}");
                return found is not null;
            });
            return found!.Value;
        }

        /// <summary>All that it printed until its end.</summary>
        public async Task<string> EndAsync()
        {
            await Process.WaitForExitAsync();
            return Printed;
        }

        public void Dispose()
        {
            if (!Process.HasExited) Process.Kill(entireProcessTree: true);
            Process.Dispose();
        }

        private void Take(object sender, DataReceivedEventArgs line)
        {
            lock (_printed) _printed.AppendLine(line.Data);
        }
    }
}
