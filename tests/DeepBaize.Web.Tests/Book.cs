using System.Net.Http.Json;
using System.Text.Json;

namespace DeepBaize.Web.Tests;

/// <summary>Reads the book of saved positions page by page.</summary>
internal static class Book
{
    /// <summary>Every position of the book.</summary>
    public static async Task<IReadOnlyList<JsonElement>> ReadAsync(HttpClient client)
    {
        var all = new List<JsonElement>();
        while (true)
        {
            var page = await client.GetFromJsonAsync<JsonElement>($"/api/positions?skip={all.Count}&take=100");
            all.AddRange(page.GetProperty("positions").EnumerateArray());
            if (all.Count >= page.GetProperty("count").GetInt32()) return all;
        }
    }

    /// <summary>True when a position is in the book.</summary>
    public static async Task<bool> HoldsAsync(HttpClient client, string id) => (await ReadAsync(client)).Any(row => row.Text("id") == id);
}
