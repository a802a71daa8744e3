namespace DeepBaize.Web;

/// <summary>Settings of the application and headers of its pages.</summary>
internal static class AppConfiguration
{
    private const string ConnectionName = "Baize";

    /// <summary>The connection to the database; a short time-out, so that a missing database is noticed at once.</summary>
    public static string BaizeConnection(this IConfiguration configuration) =>
        configuration.GetConnectionString(ConnectionName)
        ?? "Host=127.0.0.1;Port=15432;Username=postgres;Database=deep_baize;Timeout=3;Command Timeout=10";

    /// <summary>Tells the browser to load nothing from outside and to ask again for the page itself.</summary>
    public static void UsePageHeaders(this WebApplication app) => app.Use(async (context, next) =>
    {
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        if (!context.Request.Path.StartsWithSegments("/assets")) headers.CacheControl = "no-cache";
        await next(context);
    });
}
