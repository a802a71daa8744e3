using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace DeepBaize.Tests.Fuzz;

/// <summary>
/// Makes requests from the application's own description: every route in turn, with bodies that its schemas allow and some that they do
/// not.
/// </summary>
internal sealed partial class RequestMaker
{
    private static readonly string[] Types =
    [
        "application/json", "application/json", "application/json", "text/plain", "application/json; charset=utf-7",
        "application/json; charset=none", "text/csv",
    ];

    private static readonly string[] Wanted = ["application/json", "*/*", "text/html", "text/event-stream"];
    private static readonly string[] Files =
    [
        "", "null", "{}", "[1,", "name;x\n", "ball,x,y\ncue,1,0.5\n",
        """{"schemaVersion":6,"balls":[{"id":"cue","x":1,"y":0.5}]}""", "\0",
    ];

    private const int LargeBody = 50_000;
    private const int MostIds = 40;

    private readonly Random _random;
    private readonly ValueMaker _values;
    private readonly List<(HttpMethod Method, string Path, JsonObject Operation)> _routes = [];
    private readonly Dictionary<string, List<string>> _ids = [];
    private int _next;

    /// <summary>Where the things of the latest route are kept: ids of one kind are not asked for under another.</summary>
    private string _kept = "";

    /// <summary>Reads a description.</summary>
    /// <param name="description">The document.</param>
    /// <param name="seed">The same seed makes the same requests, as far as the answers are the same.</param>
    /// <param name="mostBudget">Largest budget of strokes or samples that is asked for.</param>
    public RequestMaker(JsonNode description, int seed, int mostBudget)
    {
        _random = new Random(seed);
        _values = new ValueMaker((JsonObject)description["components"]!["schemas"]!, _random, mostBudget);
        foreach (var (path, methods) in (JsonObject)description["paths"]!)
        {
            foreach (var (method, operation) in (JsonObject)methods!) _routes.Add((new HttpMethod(method), path, (JsonObject)operation!));
        }
    }

    /// <summary>Method and path of the latest request, as the description names them.</summary>
    public string Route { get; private set; } = "";

    /// <summary>All of them.</summary>
    public IEnumerable<string> AllRoutes => _routes.Select(route => $"{route.Method} {route.Path}");

    /// <summary>Remembers ids of an answer, for later requests.</summary>
    public void Learn(string answer)
    {
        if (!_ids.TryGetValue(_kept, out var ids)) _ids[_kept] = ids = [];
        foreach (Match match in Id().Matches(answer)) ids.Add(match.Value);
        if (ids.Count > MostIds) ids.RemoveRange(0, ids.Count - MostIds);
    }

    /// <summary>The next request.</summary>
    public HttpRequestMessage Next()
    {
        var (method, path, operation) = _routes[_next++ % _routes.Count];
        (Route, _kept) = ($"{method} {path}", path.Split("/{")[0]);
        var wild = _random.Next(4) switch { 0 or 1 => 0, 2 => 0.1, _ => 0.5 };
        _values.IsPlain = wild == 0;
        var filled = Placeholder().Replace(path, match => Place(match.Groups[1].Value)) + Query(operation);
        var request = new HttpRequestMessage(method, new Uri(filled, UriKind.Relative));
        request.Headers.Accept.Add(MediaTypeWithQualityHeaderValue.Parse(FirstOrAny(Wanted, 0.8)));
        if (operation["requestBody"] is not { } body) return request;
        var schema = body["content"]?["application/json"]?["schema"];
        var text = schema?["type"]?.ToString() == "string" ? Files[_random.Next(Files.Length)] : Write(_values.Make(schema, "body", wild));
        if (_random.NextDouble() < wild / 10) text = text[..(text.Length / 2)];
        request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
        // A body that is refused unread would break the connection under a client that goes on sending it.
        request.Headers.ExpectContinue = text.Length > LargeBody;
        request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(FirstOrAny(Types, 0.9));
        return request;
    }

    /// <summary>Mostly the first, else any.</summary>
    private string FirstOrAny(string[] of, double first) => of[_random.NextDouble() < first ? 0 : _random.Next(of.Length)];

    private static string Write(JsonNode? body) => Raw().Replace(
        body?.ToJsonString() ?? "null", match => JsonSerializer.Deserialize<string>($"\"{match.Groups[1].Value}\"") ?? "null");

    private string Place(string name) => name switch
    {
        "version" => $"{_random.Next(3)}",
        _ when _ids.GetValueOrDefault(_kept) is { Count: > 0 } ids && _random.Next(4) > 0 => ids[_random.Next(ids.Count)],
        _ => _random.Next(3) switch
        {
            0 => Guid.NewGuid().ToString(),
            1 => "line-up",
            _ => Uri.EscapeDataString($"{(char)_random.Next(33, 0x7ff)}x"),
        },
    };

    private string Query(JsonObject operation)
    {
        var asked = (operation["parameters"] as JsonArray ?? [])
            .Where(one => $"{one?["in"]}" == "query" && (_random.Next(3) > 0 || _values.IsPlain))
            .Select(one => $"{one!["name"]}={(_random.Next(6) == 0 ? "1e999" : $"{_random.Next(_values.IsPlain ? 1 : -1, 5)}")}").ToList();
        return asked.Count == 0 ? "" : $"?{string.Join('&', asked)}";
    }

    [GeneratedRegex(@"\{(\w+)(?::\w+)?\}")]
    private static partial Regex Placeholder();

    [GeneratedRegex("\"" + ValueMaker.RawMark + "((?:[^\"\\\\]|\\\\.)*)\"")]
    private static partial Regex Raw();

    [GeneratedRegex("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}")]
    private static partial Regex Id();
}
