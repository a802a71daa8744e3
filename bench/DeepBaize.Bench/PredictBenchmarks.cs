using System.Net.Http.Json;
using BenchmarkDotNet.Attributes;
using DeepBaize.Web.Shots;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.Logging;

namespace DeepBaize.Bench;

/// <summary>A prediction as the page asks for it: over HTTP on loopback, request and answer as JSON.</summary>
[MemoryDiagnoser]
public class PredictBenchmarks : IDisposable
{
    private readonly WebApplicationFactory<Program> _factory = new Server();
    private HttpClient? _client;
    private PredictRequest? _midFrame;
    private PredictRequest? _breakOff;

    [GlobalSetup]
    public void SetUp()
    {
        _factory.UseKestrel(0);
        _factory.StartServer();
        _client = _factory.CreateClient();
        _midFrame = Positions.Request(Positions.MidFrame, Positions.BlueToMiddle);
        _breakOff = Positions.Request(Positions.FullFrame, Positions.BreakOff);
    }

    [Benchmark]
    public Task<byte[]> Blue_to_the_middle_22_balls_over_http() => AskAsync(_midFrame!);

    [Benchmark]
    public Task<byte[]> Break_off_22_balls_over_http() => AskAsync(_breakOff!);

    [Benchmark]
    public PredictResponse Blue_to_the_middle_22_balls_in_process() => Predictor.Predict(_midFrame!);

    [Benchmark]
    public PredictResponse Break_off_22_balls_in_process() => Predictor.Predict(_breakOff!);

    [GlobalCleanup]
    public void Dispose()
    {
        _client?.Dispose();
        _factory.Dispose();
        GC.SuppressFinalize(this);
    }

    private async Task<byte[]> AskAsync(PredictRequest request)
    {
        using var response = await _client!.PostAsJsonAsync("/api/shots/predict", request);
        response.EnsureSuccessStatusCode();
        return await response.Content.ReadAsByteArrayAsync();
    }

    private sealed class Server : WebApplicationFactory<Program>
    {
        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseEnvironment("Production");
            builder.UseContentRoot(AppContext.BaseDirectory);
            builder.ConfigureLogging(logging => logging.ClearProviders());
        }
    }
}
