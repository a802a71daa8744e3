using System.Diagnostics;
using System.Text.Json.Nodes;
using DeepBaize.Web.Compute;
using Microsoft.Extensions.DependencyInjection;

namespace DeepBaize.Tests.Fuzz;

/// <summary>What became of the requests.</summary>
/// <param name="Requests">Requests sent.</param>
/// <param name="ByStatus">Answers by status; 0 is a request that its client left.</param>
/// <param name="Refused">Routes that answered nothing but refusals.</param>
/// <param name="Events">Events that the answers cost, live ones left out.</param>
/// <param name="DearestEvents">The most that one request cost.</param>
/// <param name="SlowestStopMs">The longest that work went on after its client had left.</param>
/// <param name="Faults">Answers that must not be.</param>
internal sealed record FuzzReport(
    int Requests, IReadOnlyDictionary<int, int> ByStatus, IReadOnlyList<string> Refused, long Events, long DearestEvents,
    double SlowestStopMs, IReadOnlyList<string> Faults)
{
    public override string ToString() =>
        $"{Requests} requests: {string.Join(", ", ByStatus.OrderBy(one => one.Key).Select(Say))}; "
        + $"{Refused.Count} routes refused all; {Events} events, {DearestEvents} at most; "
        + $"stopped within {SlowestStopMs:0} ms; {Faults.Count} faults";

    private static string Say(KeyValuePair<int, int> status) => $"{(status.Key == 0 ? "left" : status.Key)} {status.Value}";
}

/// <summary>
/// Sends made-up requests to a server, one at a time: none may be answered with a fault of the server's own, and none may go on when its
/// client leaves.
/// </summary>
internal static class Fuzzer
{
    /// <summary>Every so many clients one waits longer, for what comes late. A prime: each route has its turn.</summary>
    private const int PatientEvery = 23;

    private static readonly TimeSpan HangGuard = TimeSpan.FromMinutes(1);

    private static readonly TimeSpan LongPatience = TimeSpan.FromSeconds(2);

    /// <summary>Sends requests.</summary>
    /// <param name="server">The server.</param>
    /// <param name="seed">The same seed makes the same requests.</param>
    /// <param name="count">Requests.</param>
    /// <param name="mostBudget">Largest budget that is asked for.</param>
    /// <param name="patience">After how long a client leaves; one in 23 waits for 2 s at least.</param>
    /// <param name="longestStopMs">After how many milliseconds work that nobody waits for must have ended; absent measures it only.</param>
    public static async Task<FuzzReport> RunAsync(
        BaizeServer server, int seed, int count, int mostBudget, TimeSpan patience, double longestStopMs = double.MaxValue)
    {
        var description = JsonNode.Parse(await server.Client.GetStringAsync(new Uri("/openapi/v1.json", UriKind.Relative)))!;
        var (maker, pool) = (new RequestMaker(description, seed, mostBudget), server.Services.GetRequiredService<ComputePool>());
        var (statuses, faults, dearest, slowest, before) = (new SortedDictionary<int, int>(), new List<string>(), 0L, 0.0, pool.Spent);
        var (answered, codes) = (new HashSet<string>(), new CodeCheck(description));
        for (var i = 0; i < count; i++)
        {
            using var request = maker.Next();
            var spent = pool.Spent;
            var isPatient = i % PatientEvery == 0 && patience < LongPatience;
            var (status, answer) = await SendAsync(server.Client, request, isPatient ? LongPatience : patience);
            statuses[status] = statuses.GetValueOrDefault(status) + 1;
            if (status >= 500 && status != 503) faults.Add($"{i} {await SayAsync(request)}: {status} {answer}");
            if (status is >= 200 and < 300)
            {
                maker.Learn(answer);
                answered.Add(maker.Route);
                faults.AddRange(codes.Unlisted(maker.Route, status, answer).Select(one => $"{i} {maker.Route}: {one}, not listed"));
            }

            var stopped = Stop(pool);
            slowest = Math.Max(slowest, stopped);
            if (stopped > longestStopMs) faults.Add($"{i} {await SayAsync(request)}: went on for {stopped:0} ms after its client had left");
            dearest = Math.Max(dearest, pool.Spent - spent);
        }

        return new FuzzReport(count, statuses, [.. maker.AllRoutes.Except(answered)], pool.Spent - before, dearest, slowest, faults);
    }

    private static async Task<(int Status, string Answer)> SendAsync(HttpClient client, HttpRequestMessage request, TimeSpan patience)
    {
        using var leave = new CancellationTokenSource(patience);
        try
        {
            using var response = await client.SendAsync(request, leave.Token);
            return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(leave.Token));
        }
        catch (OperationCanceledException)
        {
            return (0, "");
        }
    }

    /// <summary>Milliseconds until nothing is computed any more; infinite when that never comes.</summary>
    private static double Stop(ComputePool pool)
    {
        var clock = Stopwatch.StartNew();
        var isIdle = SpinWait.SpinUntil(() => pool is { Busy: 0, Plans: 0 }, HangGuard);
        return isIdle ? clock.Elapsed.TotalMilliseconds : double.PositiveInfinity;
    }

    private static async Task<string> SayAsync(HttpRequestMessage request)
    {
        var body = request.Content is null ? "" : await request.Content.ReadAsStringAsync();
        return $"{request.Method} {request.RequestUri} {(body.Length > 1500 ? body[..1500] : body)}";
    }
}
