using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Problems;

/// <summary>
/// Refuses what other web pages ask for. A page that the player has open elsewhere can send requests here from the player's browser,
/// without being able to read the answers: it must not change anything nor keep the machine busy. Browsers say where a request comes from
/// (Fetch Metadata; Origin, RFC 6454); programs that are no browsers say nothing and may ask.
/// </summary>
internal static class ForeignPages
{
    private static readonly string[] Own = ["same-origin", "none"];

    /// <summary>Refuses requests that change or compute something when they come from another origin.</summary>
    public static void UseOwnPagesOnly(this WebApplication app) => app.Use(async (context, next) =>
    {
        var request = context.Request;
        var isReading = HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || HttpMethods.IsOptions(request.Method);
        if (!isReading && IsForeign(request))
            throw RefusalException.Forbidden("foreignPage", RequestRefusals.ForeignPage);
        await next(context);
    });

    private static bool IsForeign(HttpRequest request)
    {
        var site = request.Headers["Sec-Fetch-Site"];
        if (site.Count > 0 && !Own.Contains(site.ToString(), StringComparer.Ordinal)) return true;
        return request.Headers.Origin is { Count: > 0 } origin
            && !string.Equals(origin.ToString(), $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
