using System.Collections.Concurrent;
using System.Diagnostics.Metrics;
using System.Net;
using System.Net.Http.Json;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Problems;
using Microsoft.Extensions.DependencyInjection;

namespace DeepBaize.Web.Tests;

/// <summary>The pool by itself: where jobs run, whose turn it is, and how many there may be.</summary>
public sealed class PoolTests(WebFixture web) : IDisposable
{
    private const long Plenty = 1_000_000;

    private readonly ComputePool _pool = new(web.Services.GetRequiredService<IMeterFactory>());

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public void Dispose() => _pool.Dispose();

    [Fact]
    public async Task Jobs_and_what_they_share_out_run_on_the_pools_own_threads_however_deep_they_share()
    {
        var threads = new ConcurrentDictionary<int, bool>();
        var sum = await _pool.RunAsync("one", stop => Share(3, stop), Plenty, Cancel);
        Assert.Equal(8 * 8 * 8, sum);
        Assert.All(threads.Values, Assert.False);
        Assert.InRange(threads.Count, 1, Environment.ProcessorCount);

        int Share(int depth, CancellationToken stop)
        {
            threads[Environment.CurrentManagedThreadId] = Thread.CurrentThread.IsThreadPoolThread;
            if (depth == 0) return 1;
            var found = 0;
            Parallel.For(0, 8, Sharing.Options(0, stop), _ => Interlocked.Add(ref found, Share(depth - 1, stop)));
            return found;
        }
    }

    /// <summary>Niceness stands in the 19th field of a thread's stat file (proc(5)).</summary>
    [Fact]
    public async Task Plans_stand_back_behind_questions_and_both_behind_the_server()
    {
        var own = Niceness();
        var question = await _pool.RunAsync("one", _ => Niceness(), Plenty, Cancel);
        var plan = await _pool.RunPlanAsync("one", _ => Niceness(), Cancel);
        Assert.Equal((Math.Min(19, own + 5), Math.Min(19, own + 10)), (question, plan));

        static int Niceness()
        {
            var stat = File.ReadAllText("/proc/thread-self/stat");
            return int.Parse(stat[(stat.LastIndexOf(')') + 2)..].Split(' ')[16], System.Globalization.CultureInfo.InvariantCulture);
        }
    }

    [Fact]
    public async Task Who_asks_for_much_does_not_keep_others_waiting()
    {
        var (order, gate) = (new ConcurrentQueue<string>(), new ManualResetEventSlim());
        var blocked = Enumerable.Range(0, Environment.ProcessorCount).Select(_ => _pool.RunAsync("block", Wait, Plenty, Cancel)).ToList();
        var greedy = Enumerable.Range(0, 20).Select(_ => _pool.RunAsync("greedy", _ => Note("greedy"), Plenty, Cancel)).ToList();
        var modest = _pool.RunAsync("modest", _ => Note("modest"), Plenty, Cancel);
        gate.Set();
        await Task.WhenAll([.. blocked, .. greedy, modest]);
        Assert.InRange(order.ToList().IndexOf("modest"), 0, Environment.ProcessorCount);

        bool Wait(CancellationToken stop)
        {
            gate.Wait(stop);
            return true;
        }

        bool Note(string who)
        {
            order.Enqueue(who);
            return true;
        }
    }

    [Fact]
    public async Task The_first_plan_of_each_comes_before_the_second_of_any_and_all_are_told_where_they_stand()
    {
        var told = new Dictionary<string, int>();
        using var first = _pool.EnterPlan("greedy");
        Assert.True(first.TurnAsync(Tell("first"), Cancel).IsCompletedSuccessfully);
        using var second = _pool.EnterPlan("greedy");
        var waiting = second.TurnAsync(Tell("second"), Cancel);
        using var third = _pool.EnterPlan("greedy");
        _ = third.TurnAsync(Tell("third"), Cancel);
        Assert.Equal((1, 2), (told["second"], told["third"]));
        var modest = _pool.EnterPlan("modest");
        var before = modest.TurnAsync(Tell("modest"), Cancel);
        Assert.Equal((1, 2, 3), (told["modest"], told["second"], told["third"]));
        Assert.Equal(4, _pool.Plans);
        first.Dispose();
        await before.WaitAsync(TimeSpan.FromSeconds(10), Cancel);
        Assert.False(waiting.IsCompleted);
        Assert.DoesNotContain("first", told.Keys);
        modest.Dispose();
        Assert.Equal(2, _pool.Plans);
        Assert.Equal(1, told["third"]);

        Action<int> Tell(string who) => ahead => told[who] = ahead;
    }

    [Fact]
    public void Places_are_given_once_also_to_those_that_come_at_the_same_instant_and_nobody_has_them_all()
    {
        var places = new ConcurrentBag<IDisposable>();
        Parallel.For(0, 200, _ =>
        {
            try
            {
                places.Add(_pool.Enter("greedy"));
            }
            catch (RefusalException)
            {
                // Who is too many.
            }
        });
        Assert.Equal((18, 18), (places.Count, _pool.Busy));
        for (var i = 0; i < 6; i++) places.Add(_pool.Enter($"other {i}"));
        Assert.Throws<RefusalException>(() => _pool.Enter("one more"));
        foreach (var place in places) place.Dispose();
        Assert.Equal(0, _pool.Busy);
        places.First().Dispose();
        Assert.Equal(0, _pool.Busy);
    }

    [Fact]
    public async Task A_job_that_is_left_before_its_turn_never_runs()
    {
        using var gate = new ManualResetEventSlim();
        using var leave = new CancellationTokenSource();
        var blocked = Enumerable.Range(0, Environment.ProcessorCount)
            .Select(_ => _pool.RunAsync("one", _ => Wait(), Plenty, Cancel)).ToList();
        var hasRun = false;
        var left = _pool.RunAsync("one", _ => hasRun = true, Plenty, leave.Token);
        await leave.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => left);
        gate.Set();
        await Task.WhenAll(blocked);
        Assert.False(hasRun);

        bool Wait()
        {
            gate.Wait(Cancel);
            return true;
        }
    }

    [Fact]
    public async Task A_browser_that_opens_the_page_gets_a_session_that_scripts_and_other_pages_do_not_see()
    {
        using var handler = new SocketsHttpHandler { UseCookies = false };
        using var client = new HttpClient(handler) { BaseAddress = web.Client.BaseAddress };
        using var ask = new HttpRequestMessage(HttpMethod.Get, "/");
        ask.Headers.Accept.ParseAdd("text/html");
        using var page = await client.SendAsync(ask, Cancel);
        var cookie = Assert.Single(page.Headers.GetValues("Set-Cookie"));
        Assert.Matches("^deep-baize-session=[0-9A-F]{32}; path=/; samesite=strict; httponly$", cookie);
        using var again = new HttpRequestMessage(HttpMethod.Get, "/");
        again.Headers.Accept.ParseAdd("text/html");
        again.Headers.Add("Cookie", cookie.Split(';')[0]);
        using var known = await client.SendAsync(again, Cancel);
        Assert.False(known.Headers.Contains("Set-Cookie"));
        using var api = await client.GetAsync(new Uri("/api/profiles", UriKind.Relative), Cancel);
        Assert.False(api.Headers.Contains("Set-Cookie"));
    }

    [Fact]
    public async Task What_the_pool_does_can_be_measured_from_outside()
    {
        var found = new ConcurrentDictionary<string, long>();
        using var listener = new MeterListener
        {
            InstrumentPublished = (instrument, listens) =>
            {
                if (instrument.Meter.Name == Telemetry.Compute) listens.EnableMeasurementEvents(instrument);
            },
        };
        listener.SetMeasurementEventCallback<int>((instrument, value, _, _) => found[instrument.Name] = value);
        listener.SetMeasurementEventCallback<long>(
            (instrument, value, _, _) => found.AddOrUpdate(instrument.Name, value, (_, was) => was + value));
        listener.Start();
        using var asked = await web.Client.PostAsJsonAsync(
            "/api/players/look", new { player = new { preset = "club" } }, Cancel);
        Assert.Equal(HttpStatusCode.OK, asked.StatusCode);
        listener.RecordObservableInstruments();
        Assert.Equal(
            ["deep_baize.events", "deep_baize.left", "deep_baize.plans", "deep_baize.questions", "deep_baize.running"], found.Keys.Order());
        Assert.True(found["deep_baize.events"] > 0);
    }
}
