using Microsoft.AspNetCore.Diagnostics.HealthChecks;

namespace DeepBaize.Web.Health;

/// <summary>Routes that say whether the server lives and whether it can save.</summary>
internal static class HealthRoutes
{
    /// <summary>Tag of the checks that must pass before positions can be saved.</summary>
    public const string Ready = "ready";

    public static void MapHealth(this IEndpointRouteBuilder routes)
    {
        routes.MapHealthChecks("/health/live", new HealthCheckOptions { Predicate = _ => false });
        routes.MapHealthChecks("/health/ready", new HealthCheckOptions { Predicate = check => check.Tags.Contains(Ready) });
    }
}
