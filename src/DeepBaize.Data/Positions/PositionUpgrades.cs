using System.Text.Json.Nodes;

namespace DeepBaize.Data.Positions;

/// <summary>
/// Brings documents of older versions to a later one, a version at a time. What an upgrade knows of its time is frozen in it.
/// </summary>
public static class PositionUpgrades
{
    /// <summary>
    /// The house's scale of paces as it was up to version 5, in which strokes were kept by their pace: 0.75 x 1.27^(pace - 1) m/s.
    /// </summary>
    private const double SoftestSpeed = 0.75;

    private const double PaceRatio = 1.27;

    /// <summary>Each upgrades a document of its version to the next; the others only lack what came later.</summary>
    private static readonly Dictionary<int, Action<JsonObject>> Upgrades = new()
    {
        [5] = KeepSpeedAndIntent,
        [7] = SayWhatIsOn,
    };

    /// <summary>The document in a version, which the document itself may not be past.</summary>
    /// <exception cref="NewerDocumentException">It was written by a newer program, or is none.</exception>
    public static JsonObject ToVersion(JsonObject document, int wanted)
    {
        ArgumentNullException.ThrowIfNull(document);
        var version = document["schemaVersion"] is JsonValue value && value.TryGetValue<int>(out var given) ? given : 0;
        if (version < 1 || version > wanted) throw new NewerDocumentException(version, wanted);
        for (; version < wanted; version++) Upgrades.GetValueOrDefault(version)?.Invoke(document);
        document["schemaVersion"] = wanted;
        return document;
    }

    /// <summary>The speed of the white in m/s that a pace of the house's scale stands for.</summary>
    public static double HouseSpeed(double pace) => SoftestSpeed * Math.Pow(PaceRatio, pace - 1);

    /// <summary>Version 6 keeps the speed of the white instead of a pace, and the pot as what the stroke is for.</summary>
    private static void KeepSpeedAndIntent(JsonObject document)
    {
        if (document["stroke"] is JsonObject stroke && stroke["pace"] is JsonValue pace)
        {
            stroke.Remove("pace");
            stroke["whiteSpeed"] = HouseSpeed(pace.GetValue<double>());
        }

        if (document["pot"] is JsonObject pot)
        {
            var intent = pot.DeepClone().AsObject();
            intent["kind"] = "pot";
            document["intent"] = intent;
        }

        document.Remove("pot");
    }

    /// <summary>
    /// Up to version 7 the ball of a pot was on where nobody said what is: a colour that is not the next in order followed a red.
    /// </summary>
    private static void SayWhatIsOn(JsonObject document)
    {
        string[] order = ["yellow", "green", "brown", "blue", "pink", "black"];
        var state = document["state"] as JsonObject;
        if (document["intent"] is not JsonObject intent || (string?)intent["kind"] != "pot" || state?["on"] is not null) return;
        var up = (document["balls"] as JsonArray ?? []).Select(ball => (string?)ball?["id"]).ToHashSet();
        var hasReds = up.Any(id => id?.StartsWith("red", StringComparison.Ordinal) == true);
        var ball = (string?)intent["ball"];
        if (!order.Contains(ball) || (!hasReds && order.FirstOrDefault(up.Contains) == ball)) return;
        if (state is null) document["state"] = state = [];
        state["on"] = "colour";
    }
}
