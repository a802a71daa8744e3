using System.Net.Http.Json;
using System.Text.Json;
using DeepBaize.Tests;

[assembly: AssemblyFixture(typeof(DeepBaize.Web.Tests.WebFixture))]

namespace DeepBaize.Web.Tests;

/// <summary>One server with its database for the whole assembly.</summary>
public sealed class WebFixture : IAsyncLifetime
{
    private BaizeServer? _server;

    public HttpClient Client => _server!.Client;

    public async ValueTask InitializeAsync() => _server = await BaizeServer.StartAsync(TestCluster.Shared);

    public IServiceProvider Services => _server!.Services;

    public ValueTask DisposeAsync() => _server!.DisposeAsync();

    /// <summary>Posts a prediction and returns its JSON; it must succeed.</summary>
    public async Task<JsonElement> PredictAsync(object request)
    {
        using var response = await Client.PostAsJsonAsync("/api/shots/predict", request);
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.True(response.IsSuccessStatusCode, json.ToString());
        return json;
    }
}
