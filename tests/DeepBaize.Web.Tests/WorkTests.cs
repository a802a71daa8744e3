using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Physics.Work;
using DeepBaize.Planning.Sampling;
using DeepBaize.Table;
using DeepBaize.Tests;
using DeepBaize.Web.Compute;
using Microsoft.Extensions.DependencyInjection;

namespace DeepBaize.Web.Tests;

/// <summary>A server that is kept busy, with its database.</summary>
public sealed class BusyFixture : IAsyncLifetime
{
    private BaizeServer? _server;

    public HttpClient Client => _server!.Client;

    public ComputePool Pool => _server!.Services.GetRequiredService<ComputePool>();

    public async ValueTask InitializeAsync() => _server = await BaizeServer.StartAsync(TestCluster.Shared);

    public ValueTask DisposeAsync() => _server!.DisposeAsync();
}

/// <summary>Tests that keep the machine busy, or look at what becomes of work: beside others they would measure these.</summary>
[CollectionDefinition(Name, DisableParallelization = true)]
public sealed class AloneTests : ICollectionFixture<BusyFixture>
{
    public const string Name = "Alone";
}

/// <summary>
/// No request may hold a core: its work is counted, it ends when its client leaves, and who is too many is told so. A server of its own,
/// since it is kept busy.
/// </summary>
[Collection(AloneTests.Name)]
public sealed class WorkTests(BusyFixture busy)
{
    /// <summary>Balls that lose nothing on the cloth and everything to each other: thousands of events a second that never end.</summary>
    private static readonly object Sticky =
        new { table = new { rollingFriction = 0, slidingFriction = 0.66 }, balls = new { restitution = 0, frictionFactor = 0 } };

    private static readonly object[] Rack =
    [
        Ball("cue", 2.95, 0.5), .. Spots.Rack(0.0525).Select((place, i) => Ball($"red{i + 1}", place.X, place.Y)),
        .. BallSet.Colours.Select(colour => Ball(Names.Text(colour), Spots.Of(colour)!.Value.X, Spots.Of(colour)!.Value.Y)),
    ];

    private static readonly object[] Open =
    [
        Ball("cue", 2.4, 0.5), Ball("red1", 2.9, 0.4), Ball("red2", 3.0, 1.3), Ball("red3", 2.2, 1.1), Ball("blue", 1.7845, 0.889),
        Ball("pink", 2.67675, 0.889), Ball("black", 3.245, 0.889),
    ];

    private const int Predictions = 200;

    private HttpClient Client => busy.Client;

    private ComputePool Pool => busy.Pool;

    [Fact]
    public void Work_is_counted_over_all_threads_and_ends_the_question_when_it_is_too_much()
    {
        var simulation = new TableSimulation(PlayingConditions.Club, Table.Outline.TableOutline.Club);
        var layout = Table.Layouts.LayoutRules.TryBuild(
            [new(BallId.Cue, new Place(1, 0.8)), new(BallId.Red1, new Place(2, 0.85))], Table.Outline.TableOutline.Club, BallGauge.Standard,
            Table.Layouts.LayoutMode.Free, out _)!;
        var (events, spent, strokes) = WorkMeter.Measure(
            1_000_000,
            meter =>
            {
                var sum = 0;
                Parallel.For(0, 20, new ParallelOptions { MaxDegreeOfParallelism = 2 }, i =>
                {
                    var result = new StrokeResult();
                    new TableSimulation(PlayingConditions.Club, Table.Outline.TableOutline.Club)
                        .Run(layout, new Strike(0.05 * i, 3, 0, 0), result);
                    Interlocked.Add(ref sum, result.EventCount + 1);
                });
                return (sum, meter.Spent, meter.Strokes);
            },
            TestContext.Current.CancellationToken);
        Assert.Equal((events, 20), (spent, strokes));
        Assert.Null(WorkMeter.Current);
        Assert.Throws<WorkBudgetException>(
            () => WorkMeter.Measure(5, _ => simulation.Play(layout, new Strike(0.05, 3, 0, 0)), TestContext.Current.CancellationToken));
        using var stopped = new CancellationTokenSource();
        stopped.Cancel();
        Assert.Throws<OperationCanceledException>(
            () => WorkMeter.Measure(1_000, _ => simulation.Play(layout, new Strike(0.05, 3, 0, 0)), stopped.Token));
    }

    [Fact]
    public async Task A_live_question_about_a_table_on_which_nothing_ends_is_given_up_with_a_sentence()
    {
        using var response = await Client.PostAsJsonAsync("/api/pots/play", Question("black"), TestContext.Current.CancellationToken);
        var problem = await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "workBudget"), (response.StatusCode, problem.Text("code")));
        Assert.Contains("given up after 100000 events", problem.Text("detail"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("/api/pots/anchors")]
    [InlineData("/api/pots/fixes")]
    [InlineData("/api/pots/heights")]
    [InlineData("/api/players/look")]
    [InlineData("/api/pots/matrix")]
    [InlineData("/api/chances/stroke")]
    [InlineData("/api/chances/cushion")]
    public async Task A_question_ends_when_its_client_leaves(string path)
    {
        object body = path switch
        {
            "/api/pots/heights" =>
                new { distances = Enumerable.Range(1, 20).Select(i => 0.1 * i), pace = 6, roll = 0, coefficients = Sticky },
            "/api/players/look" => new { player = new { preset = "club" }, coefficients = Sticky },
            "/api/pots/matrix" => new { balls = Rack, coefficients = Sticky },
            "/api/chances/stroke" => new { question = Question("black"), samples = 20_000 },
            "/api/chances/cushion" => new { question = new { question = Question("black") }, place = new { x = 2.0, y = 0.9 } },
            // Where the pot is open: a blocked one is answered without work.
            "/api/pots/fixes" => OpenPot,
            _ => new { question = OpenPot },
        };
        var left = Pool.Left;
        // Several at once, and more than once: short work may be done before it is noticed that nobody waits.
        for (var attempt = 0; attempt < 20 && Pool.Left == left; attempt++)
        {
            using var leave = new CancellationTokenSource();
            var asked = Enumerable.Range(0, 8).Select(_ => Client.PostAsJsonAsync(path, body, leave.Token)).ToList();
            await Waiting.UntilAsync(() => Pool.Running > 0 || asked.TrueForAll(one => one.IsCompleted));
            await leave.CancelAsync();
            await Waiting.UntilAsync(() => Pool.Busy == 0);
            await Task.WhenAll(asked).ContinueWith(_ => { }, TaskScheduler.Default);
        }

        Assert.True(Pool.Left > left, "All worked on to the end after their client had left.");
    }

    [Fact]
    public async Task Who_waits_for_a_plan_is_told_at_once_and_who_is_too_many_to_come_again()
    {
        using var leave = new CancellationTokenSource();
        var ask = new { balls = Open, budget = 60_000 };
        using var first = await StartAsync("/api/breaks/plan", ask, leave.Token);
        using var second = await StartAsync("/api/breaks/plan", ask, leave.Token);
        using var third = await StartAsync("/api/breaks/plan", ask, leave.Token);
        Assert.Equal("One plan is ahead of yours.", await FirstWordsAsync(second, leave.Token));
        Assert.Equal("2 plans are ahead of yours.", await FirstWordsAsync(third, leave.Token));
        // They were told while the plan that is ahead was still worked on.
        Assert.Equal(3, Pool.Plans);
        foreach (var left in new[] { first, second, third }) left.Dispose();
        await Waiting.UntilAsync(() => Pool.Plans == 0);
    }

    [Fact]
    public async Task Of_eighty_plans_at_once_most_wait_the_others_are_told_when_to_come_again_and_balls_are_still_predicted()
    {
        using var leave = new CancellationTokenSource();
        var plans = Enumerable.Range(0, 80).Select(i => AskForAsync(i % 2, leave.Token)).ToList();
        // Those that wait are told so at once, the others are refused at once.
        bool Has(HttpStatusCode status) => plans.Exists(plan => plan.IsCompletedSuccessfully && plan.Result.Status == status);
        await Waiting.UntilAsync(() => Has(HttpStatusCode.OK) && Has(HttpStatusCode.TooManyRequests));
        // The first ones meet what has not been compiled yet, and plans that are still being taken in.
        for (var i = 0; i < 20; i++) await PredictAsync();
        var times = new List<double>();
        for (var i = 0; i < Predictions; i++)
        {
            var clock = Stopwatch.StartNew();
            await PredictAsync();
            times.Add(clock.Elapsed.TotalMilliseconds);
        }

        times.Sort();
        Figures.Print(
            $"Live prediction beside {Pool.Plans} plans that run or wait: median {times[Predictions / 2]:0.0} ms, "
            + $"p95 {times[Predictions * 95 / 100]:0.0} ms (aim 30).");
        Assert.InRange(Pool.Plans, 50, ComputePool.MostPlans);
        await leave.CancelAsync();
        var answers = plans.Where(plan => plan.IsCompletedSuccessfully).Select(plan => plan.Result).ToList();
        var refused = answers.Where(answer => answer.Status == HttpStatusCode.TooManyRequests).ToList();
        Assert.NotEmpty(refused);
        Assert.All(refused, answer => Assert.True(answer.RetrySeconds > 0));
        Assert.True(answers.Count(answer => answer.Status == HttpStatusCode.OK) >= 50);
        await Waiting.UntilAsync(() => Pool.Plans == 0);

        async Task<(HttpStatusCode Status, double RetrySeconds)> AskForAsync(int caller, CancellationToken cancel)
        {
            using var request = new HttpRequestMessage(
                HttpMethod.Post, "/api/breaks/plan")
            { Content = JsonContent.Create(new { balls = Open, budget = 60_000 }) };
            request.Headers.Add("Cookie", BrowserSession.Named(caller));
            var response = await Client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancel);
            // The answer is left open: its plan goes on until the reader leaves.
            cancel.Register(response.Dispose);
            return (response.StatusCode, response.Headers.RetryAfter?.Delta?.TotalSeconds ?? 0);
        }

        async Task PredictAsync()
        {
            using var predicted =
                await Client.PostAsJsonAsync("/api/shots/predict", new { balls = Open, strike = new { directionDeg = 10.0, pace = 4 } });
            Assert.Equal(HttpStatusCode.OK, predicted.StatusCode);
        }
    }

    [Fact]
    public async Task Questions_beyond_what_the_pool_holds_are_refused_with_a_time_to_come_again()
    {
        using var leave = new CancellationTokenSource();
        var body = new { question = Question("black"), samples = 20_000 };
        var asked = Enumerable.Range(0, ComputePool.MostBusy + 8)
            .Select(_ => Client.PostAsJsonAsync("/api/chances/stroke", body, leave.Token)).ToList();
        using var refused = await await Task.WhenAny(asked);
        Assert.Equal(HttpStatusCode.TooManyRequests, refused.StatusCode);
        Assert.True(refused.Headers.RetryAfter?.Delta > TimeSpan.Zero);
        await leave.CancelAsync();
        await Waiting.UntilAsync(() => Pool.Busy == 0);
    }

    [Fact]
    public void A_stain_of_many_strokes_is_made_of_some_of_them_and_can_be_stopped()
    {
        var samples = Enumerable.Range(0, 20_000)
            .Select(i => new StrokeSample(
                true, MissSide.None, false, new Place(1 + i % 997 * 1e-4, 0.8 + i % 311 * 1e-4), null, null, default, 0, null, 0, false,
                false, 0)).ToList();
        Assert.InRange(Stain.Of(samples, TestContext.Current.CancellationToken).Places.Count, 100, 2000);
        using var stopped = new CancellationTokenSource();
        stopped.Cancel();
        Assert.Throws<OperationCanceledException>(() => Stain.Of(samples, stopped.Token));
    }

    private static object Ball(string id, double x, double y) => new { id, x, y };

    private static object OpenPot => new
    {
        balls = Open,
        pot = new { ball = "black", pocket = "topGreenSide" },
        strike = new { directionDeg = 0, pace = 7 },
        coefficients = Sticky,
        state = new { on = "colour" },
    };

    private static object Question(string ball) =>
        new
        {
            balls = Rack,
            pot = new { ball, pocket = "topGreenSide" },
            strike = new { directionDeg = 0, pace = 7 },
            coefficients = Sticky,
            state = new { on = "colour" },
        };

    private static async Task<string> FirstWordsAsync(HttpResponseMessage response, CancellationToken cancel)
    {
        using var reader = new StreamReader(await response.Content.ReadAsStreamAsync(cancel));
        while (await reader.ReadLineAsync(cancel) is { } line)
        {
            if (line.StartsWith("data: ", StringComparison.Ordinal)) return JsonDocument.Parse(line[6..]).RootElement.Text("words");
        }

        return "";
    }

    private async Task<HttpResponseMessage> StartAsync(string path, object body, CancellationToken cancel)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = JsonContent.Create(body) };
        return await Client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancel);
    }
}
