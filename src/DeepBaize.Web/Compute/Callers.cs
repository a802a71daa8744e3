using System.Security.Cryptography;

namespace DeepBaize.Web.Compute;

/// <summary>
/// Who asks: a session of a browser, known by a cookie that says nothing about it and ends with it. Programs that keep no cookies are one
/// caller for each address.
/// </summary>
internal static class Callers
{
    private const string Cookie = "deep-baize-session";
    private const int Bytes = 16;

    private static readonly CookieOptions Kept =
        new() { HttpOnly = true, SameSite = SameSiteMode.Strict, IsEssential = true, Path = "/" };

    /// <summary>Gives each browser that opens the page a session.</summary>
    public static void UseCallers(this WebApplication app) => app.Use((context, next) =>
    {
        if (HttpMethods.IsGet(context.Request.Method) && WantsPage(context.Request) && !context.Request.Cookies.ContainsKey(Cookie))
            context.Response.Cookies.Append(Cookie, Convert.ToHexString(RandomNumberGenerator.GetBytes(Bytes)), Kept);
        return next(context);
    });

    /// <summary>The name of who asks.</summary>
    public static string Of(HttpContext context) =>
        context.Request.Cookies[Cookie] is { Length: 2 * Bytes } session ? session : $"{context.Connection.RemoteIpAddress}";

    private static bool WantsPage(HttpRequest request) => request.Headers.Accept.ToString().Contains("text/html", StringComparison.Ordinal);
}
