using System.Globalization;

namespace DeepBaize.Web.Tests;

/// <summary>Cookies of browsers that are different callers.</summary>
internal static class BrowserSession
{
    public static string Named(int number) => $"deep-baize-session={number.ToString("X32", CultureInfo.InvariantCulture)}";
}
