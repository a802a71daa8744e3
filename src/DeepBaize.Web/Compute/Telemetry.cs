using OpenTelemetry.Metrics;
using OpenTelemetry.Trace;

namespace DeepBaize.Web.Compute;

/// <summary>
/// What the server measures about itself: requests, the database's commands and how busy the pool is. It is told to a collector only where
/// one is named by <c>OTEL_EXPORTER_OTLP_ENDPOINT</c>; without one nothing leaves the process.
/// </summary>
public static class Telemetry
{
    /// <summary>Name of the pool's figures.</summary>
    public const string Compute = "DeepBaize.Compute";

    private const string Endpoint = "OTEL_EXPORTER_OTLP_ENDPOINT";

    /// <summary>Measures, and exports where somebody listens.</summary>
    public static void AddTelemetry(this IServiceCollection services, IConfiguration configuration)
    {
        var hasCollector = !string.IsNullOrWhiteSpace(configuration[Endpoint]);
        services.AddOpenTelemetry()
            .WithMetrics(metrics =>
            {
                metrics.AddMeter(Compute, "Npgsql").AddAspNetCoreInstrumentation();
                if (hasCollector) metrics.AddOtlpExporter();
            })
            .WithTracing(traces =>
            {
                traces.AddAspNetCoreInstrumentation().AddSource("Npgsql");
                if (hasCollector) traces.AddOtlpExporter();
            });
    }
}
