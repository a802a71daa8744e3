using DeepBaize.Words.Refusals;
using Microsoft.Net.Http.Headers;

namespace DeepBaize.Web.Problems;

/// <summary>
/// Refuses bodies that are not in UTF-8, the one encoding of JSON (RFC 8259, section 8.1), before anything tries to read them.
/// </summary>
internal static class ReadableBodies
{
    /// <summary>Refuses a charset other than UTF-8.</summary>
    public static void UseReadableBodies(this WebApplication app) => app.Use((context, next) =>
    {
        if (MediaTypeHeaderValue.TryParse(context.Request.ContentType, out var type) && !IsUtf8(type.Charset.ToString()))
            throw new RefusalException(StatusCodes.Status415UnsupportedMediaType, "notUtf8", "", RequestRefusals.NotUtf8);
        return next(context);
    });

    private static bool IsUtf8(string charset) => charset.Trim('"').ToLowerInvariant() is "" or "utf-8";
}
