using System.Text.Json.Nodes;

namespace DeepBaize.Tests.Fuzz;

/// <summary>
/// Makes values for a schema of the description: mostly such as a player sends, some that only a stranger does. The same seed makes the
/// same values.
/// </summary>
/// <param name="schemas">The named schemas.</param>
/// <param name="random">Where chance comes from.</param>
/// <param name="mostBudget">Largest budget of strokes or samples.</param>
internal sealed class ValueMaker(JsonObject schemas, Random random, int mostBudget)
{
    /// <summary>A text that stands for a token which no JSON writer writes.</summary>
    public const string RawMark = "~raw~";

    private const int Deepest = 12;

    /// <summary>Share of what may be left out that a plain request says.</summary>
    private const double SaidPlainly = 0.12;

    private static readonly string[] Balls =
        ["cue", "yellow", "green", "brown", "blue", "pink", "black", .. Enumerable.Range(1, 15).Select(i => $"red{i}")];

    private static readonly string[] Budgets = ["budget", "samples", "visits"];

    /// <summary>Words that mean nothing here.</summary>
    private static readonly string[] Unknown = ["unknown", "beginner", "yesterday"];

    /// <summary>What a question needs though it may be left out.</summary>
    private static readonly string[] Needed = ["strike", "pace", "document", "wishes"];

    /// <summary>Texts that mean something under a name.</summary>
    private static readonly Dictionary<string, string[]> Words = new()
    {
        ["ball"] = Balls,
        ["second"] = Balls,
        ["chosen"] = Balls,
        ["raw"] = Balls,
        ["nominated"] = Balls,
        ["only"] = Balls,
        ["potted"] = Balls,
        ["profile"] = ["club", "lively", "slow-old-cloth", "unknown"],
        ["preset"] = ["club", "league", "expert", "beginner"],
        ["words"] = ["on its spot", "touching the white", "200 mm from the top cushion"],
        ["measuredOn"] = ["2026-11-01", "yesterday"],
    };

    /// <summary>Numbers between which most values of a name lie.</summary>
    private static readonly Dictionary<string, (double Least, double Most)> Ranges = new()
    {
        ["x"] = (0, 3.6),
        ["y"] = (0, 1.8),
        ["pace"] = (0.5, 10.5),
        ["whiteSpeed"] = (0.1, 12),
        ["side"] = (-0.7, 0.7),
        ["height"] = (-0.7, 0.7),
        ["directionDeg"] = (-400, 400),
        // A raised butt cannot be predicted yet: what is not 0 is refused before anything else is looked at.
        ["elevationDeg"] = (0, 80),
        ["roll"] = (0, 1),
        ["rollingFriction"] = (0, 0.05),
        ["slidingFriction"] = (0, 0.7),
        ["restitution"] = (0, 1),
        ["cushionRestitution"] = (0, 1),
        ["mass"] = (0.05, 0.7),
        ["diameter"] = (0.03, 0.08),
        ["gravity"] = (1, 20),
        ["endMassRatio"] = (1, 100),
        ["spinDeceleration"] = (0, 40),
        ["count"] = (0, 20),
        ["version"] = (0, 3),
        ["miss"] = (-1, 1),
        ["leastCutDeg"] = (0, 20),
        ["mostCutDeg"] = (30, 85),
        ["leastMetres"] = (0.1, 0.4),
        ["mostMetres"] = (1, 3),
        ["shoulderHeight"] = (0.9, 1.9),
        ["cueLength"] = (0.9, 1.7),
        ["stretch"] = (0, 0.5),
        ["size"] = (0, 0.5),
        ["bias"] = (-0.5, 0.5),
        ["perPace"] = (0, 1),
        ["perDegree"] = (0, 1),
        ["stretched"] = (1, 4),
        ["rest"] = (1, 4),
        ["highRest"] = (1, 4),
        ["within"] = (0, 1),
        ["fraction"] = (0, 1),
    };

    private static readonly double[] Strange =
        [0, -0.0, 1, -1, 1e-300, 1e9, 1e9 + 1, 1e308, -1e308, int.MaxValue, long.MinValue, double.Epsilon];

    private static readonly string[] StrangeTokens =
    [
        "1e999", "-1e999", new string('9', 400), "\"\\ud800\"", "[[[[[[[[[[]]]]]]]]]]", "{}", "null", "true", "\"\"", "\"\\u202e\"",
        "\"=1+1\"", "01", "'a'", "NaN",
    ];

    private List<string> _laid = [.. Balls];

    /// <summary>True for a request such as a player sends: hardly anything beside what is needed, and about balls that lie there.</summary>
    public bool IsPlain { get; set; }

    /// <summary>A value for a schema.</summary>
    /// <param name="schema">The schema.</param>
    /// <param name="name">Under which name it is sent.</param>
    /// <param name="wild">Share of values that are not what is asked for.</param>
    /// <param name="depth">How deep it lies.</param>
    public JsonNode? Make(JsonNode? schema, string name, double wild, int depth = 0)
    {
        if (random.NextDouble() < wild / 4) return RawMark + StrangeTokens[random.Next(StrangeTokens.Length)];
        if (schema is not JsonObject form || depth > Deepest) return null;
        if (form["$ref"] is { } reference) return Make(schemas[$"{reference}".Split('/')[^1]], name, wild, depth);
        if (form["oneOf"] is JsonArray choices) return Make(Choose(choices, name), name, wild, depth + 1);
        var kinds = form["type"] switch
        {
            JsonArray many => [.. many.Select(kind => $"{kind}")],
            { } one => [$"{one}"],
            _ => Array.Empty<string>(),
        };
        if (kinds.Contains("null") && IsLeftOut(name, depth)) return null;
        return kinds.FirstOrDefault(kind => kind != "null") switch
        {
            "object" => MakeObject(form, wild, depth),
            "array" when name == "balls" => MakeBalls(form["items"]?["type"] is JsonValue, wild),
            "array" => MakeArray(form, name, wild, depth),
            "string" => form["enum"] is JsonArray codes && random.NextDouble() >= wild
                ? codes[random.Next(codes.Count)]?.DeepClone() : MakeText(name, $"{form["format"]}", wild),
            "integer" => Whole(name, wild),
            "number" => Number(name, wild),
            "boolean" => random.Next(2) == 0,
            _ => null,
        };
    }

    private JsonNode? Choose(JsonArray choices, string name)
    {
        if (!IsPlain) return choices[random.Next(choices.Count)];
        return choices.FirstOrDefault(choice => $"{choice!["type"]}" == "null" == IsLeftOut(name, 0)) ?? choices[0];
    }

    private bool IsLeftOut(string name, int depth)
    {
        if (IsPlain) return !Needed.Contains(name) && random.NextDouble() > SaidPlainly;
        return random.NextDouble() < (depth < 2 ? 0.4 : 0.6);
    }

    private JsonObject MakeObject(JsonObject form, double wild, int depth)
    {
        var made = new JsonObject();
        foreach (var (name, schema) in form["properties"] as JsonObject ?? [])
        {
            if (random.NextDouble() < wild / 8) continue;
            made[name] = Make(schema, name, wild, depth + 1);
        }

        if (form["additionalProperties"] is JsonObject rest && random.Next(2) == 0) made["across"] = Make(rest, "across", wild, depth + 1);
        return made;
    }

    private JsonArray MakeArray(JsonObject form, string name, double wild, int depth) =>
        [.. Enumerable.Range(0, random.NextDouble() < wild / 10 ? 300 : random.Next(IsPlain ? 1 : 0, 5))
            .Select(_ => Make(form["items"], name.TrimEnd('s'), wild, depth + 1))];

    private JsonArray MakeBalls(bool isNames, double wild)
    {
        _laid = [.. Balls.Skip(1).OrderBy(_ => random.Next()).Take(random.Next(1, 9))];
        if (isNames) return [.. _laid];
        return [.. _laid.Prepend(Balls[0]).Select(id => (JsonNode)new JsonObject
        {
            ["id"] = random.NextDouble() < wild / 20 ? "ball" : id,
            ["x"] = random.NextDouble() < wild / 20 ? Number("x", wild) : 0.05 + 3.46 * random.NextDouble(),
            ["y"] = 0.05 + 1.67 * random.NextDouble(),
        })];
    }

    private JsonNode MakeText(string name, string format, double wild)
    {
        if (random.NextDouble() < wild) return new string((char)random.Next(32, 0xd7ff), random.Next(1, 90));
        if (format == "uuid") return Guid.NewGuid().ToString();
        if (!Words.TryGetValue(name, out var words)) return $"{name} {random.Next(1000)}";
        if (IsPlain) words = words == Balls ? [.. _laid] : [.. words.Except(Unknown)];
        return words[random.Next(words.Length)];
    }

    private JsonNode Whole(string name, double wild)
    {
        if (random.NextDouble() < wild / 4) return (long)Math.Clamp(Strange[random.Next(Strange.Length)], long.MinValue, 1e18);
        return Budgets.Contains(name) ? random.Next(1, mostBudget + 1) : (long)Number(name, 0).GetValue<double>();
    }

    private JsonNode Number(string name, double wild)
    {
        if (random.NextDouble() < wild / 4) return Strange[random.Next(Strange.Length)];
        var (least, most) = Ranges.GetValueOrDefault(name, (-1, 3));
        var share = random.NextDouble();
        // The middle half of a range suits more tables than its ends.
        return least + (IsPlain ? 0.25 + share / 2 : share) * (most - least);
    }
}
