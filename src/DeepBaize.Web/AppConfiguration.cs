using System.IO.Compression;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Compute;
using Microsoft.AspNetCore.ResponseCompression;

namespace DeepBaize.Web;

/// <summary>Settings of the application and headers of its pages.</summary>
internal static class AppConfiguration
{
    private const string ConnectionName = "Baize";

    private const string Policy =
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; base-uri 'none'; form-action 'self'; "
        + "object-src 'none'; frame-ancestors 'none'";

    /// <summary>The connection to the database; a short time-out, so that a missing database is noticed at once.</summary>
    public static string BaizeConnection(this IConfiguration configuration) =>
        configuration.GetConnectionString(ConnectionName)
        ?? "Host=127.0.0.1;Port=15432;Username=deep_baize_app;Database=deep_baize;Timeout=3;Command Timeout=10";

    /// <summary>
    /// Tells the browser to load nothing from outside, to keep what has its content in its name for a year, and to keep nothing else. The
    /// headers are set when the answer begins, so that refusals have them too.
    /// </summary>
    public static void UsePageHeaders(this WebApplication app) => app.Use((context, next) =>
    {
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.ContentSecurityPolicy = Policy;
            headers.XContentTypeOptions = "nosniff";
            headers["Referrer-Policy"] = "no-referrer";
            headers["Cross-Origin-Resource-Policy"] = "same-origin";
            var isFile = context.Response.StatusCode
                is StatusCodes.Status200OK or StatusCodes.Status206PartialContent or StatusCodes.Status304NotModified;
            var isLasting = isFile && context.Request.Path.StartsWithSegments("/assets");
            headers.CacheControl = isLasting ? "public, max-age=31536000, immutable" : "no-store";
            return Task.CompletedTask;
        });
        return next(context);
    });

    /// <summary>Text travels packed; streams do not, since each of their events must leave at once.</summary>
    public static void AddPackedText(this IServiceCollection services)
    {
        services.AddResponseCompression(packing =>
        {
            packing.MimeTypes =
            [
                .. ResponseCompressionDefaults.MimeTypes,
                "image/svg+xml", "application/problem+json", "application/schema+json", "text/csv",
            ];
        });
        services.Configure<BrotliCompressionProviderOptions>(brotli => brotli.Level = CompressionLevel.Fastest);
        services.Configure<GzipCompressionProviderOptions>(gzip => gzip.Level = CompressionLevel.Fastest);
    }

    /// <summary>
    /// Lets every question be counted and ended when its reader has left; those of the pool have larger budgets of their own.
    /// </summary>
    public static void UseWorkMeter(this WebApplication app) => app.Use(async (context, next) =>
    {
        WorkMeter.Enter(WorkLimits.Live, context.RequestAborted);
        await next(context);
    });

    /// <summary>Unknown addresses under /api are said to be unknown; any other address is one of the page's.</summary>
    public static void MapPage(this WebApplication app)
    {
        app.MapFallback("/api/{**rest}", () => TypedResults.NotFound())
            .WithMetadata(new HttpMethodMetadata([HttpMethods.Get, HttpMethods.Head])).ExcludeFromDescription();
        app.MapFallbackToFile("index.html");
    }
}
