using DeepBaize.Tests;
using DeepBaize.Tests.Fuzz;
using DeepBaize.Web.Compute;
using Microsoft.Extensions.DependencyInjection;

namespace DeepBaize.Web.Tests;

/// <summary>
/// Requests made up from the application's own description: whatever is sent, the server answers or says what is wrong with it.
/// </summary>
public sealed class FuzzTests
{
    private const int Requests = 1200;
    private const int MostBudget = 200;

    /// <summary>Routes whose answers need a history that chance hardly makes, such as something deleted that is brought back.</summary>
    private const int MostRefused = 8;

    [Fact]
    public async Task Made_up_requests_are_answered_or_refused_and_their_work_is_counted()
    {
        await using var server = await BaizeServer.StartAsync(TestCluster.Shared);
        var report = await Fuzzer.RunAsync(server, seed: 16, Requests, MostBudget, TimeSpan.FromSeconds(30));
        Figures.Print($"Made-up requests: {report}.");
        Assert.True(report.Faults.Count == 0, string.Join("\n", report.Faults.Take(10)));
        Assert.True(report.ByStatus.GetValueOrDefault(200) > Requests / 10, "Hardly any request was one that is answered.");
        Assert.True(report.Refused.Count <= MostRefused, $"Only refusals: {string.Join(", ", report.Refused)}.");
        Assert.True(report.ByStatus.GetValueOrDefault(400) > Requests / 10, "Hardly any request was one that is refused.");
        Assert.InRange(report.Events, 1, long.MaxValue);
        Assert.InRange(report.DearestEvents, 1, WorkLimits.Plan);
        Assert.Equal(0, server.Services.GetRequiredService<ComputePool>().Busy);
    }
}
