using DeepBaize.Table.Layouts;

namespace DeepBaize.Table.Presets;

/// <summary>What the value of a parameter means.</summary>
public enum ParameterKind
{
    /// <summary>A distance in metres.</summary>
    Distance,

    /// <summary>A whole number.</summary>
    Count,
}

/// <summary>Something about a preset that can be set.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">What its value means.</param>
/// <param name="Least">The smallest value.</param>
/// <param name="Most">The largest value.</param>
/// <param name="Default">The value that is taken when none is given.</param>
public sealed record PresetParameter(string Id, string Name, ParameterKind Kind, double Least, double Most, double Default)
{
    /// <summary>A distance in metres.</summary>
    public static PresetParameter Distance(string id, string name, double least, double most, double standard) =>
        new(id, name, ParameterKind.Distance, least, most, standard);

    /// <summary>A whole number.</summary>
    public static PresetParameter Count(string id, string name, int least, int most, int standard) =>
        new(id, name, ParameterKind.Count, least, most, standard);
}

/// <summary>The pot that a preset is about.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
public sealed record PresetPot(BallId Ball, PocketId Pocket);

/// <summary>What a preset lays.</summary>
/// <param name="Balls">The balls, with the white.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="Pot">The pot that it is about, if any.</param>
/// <param name="IsInHand">True when the white is in hand.</param>
public sealed record PresetLayout(IReadOnlyList<PlacedBall> Balls, IReadOnlyList<Mark> Marks, PresetPot? Pot = null, bool IsInHand = false)
{
    /// <summary>The layout seen in the mirror along the middle of the table: every ball, mark and the pocket change sides.</summary>
    public PresetLayout Mirrored() => this with
    {
        Balls = [.. Balls.Select(placed => placed with { Place = placed.Place.Mirrored() })],
        Marks = [.. Marks.Select(mark => mark.Mirrored())],
        Pot = Pot is null ? null : Pot with { Pocket = Pockets.Mirrored(Pot.Pocket) },
    };
}

/// <summary>A layout that is asked for by name, with parameters.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="About">What it is for, in one sentence.</param>
/// <param name="Parameters">What can be set.</param>
/// <param name="Lay">Lays it; the values are complete and within their ranges.</param>
public sealed record Preset(
    string Id, string Name, string About, IReadOnlyList<PresetParameter> Parameters, Func<PresetValues, BallGauge, PresetLayout> Lay);

/// <summary>The values of a preset's parameters.</summary>
public sealed class PresetValues
{
    private readonly Dictionary<string, double> _values;

    private PresetValues(Dictionary<string, double> values) => _values = values;

    /// <summary>The value of a parameter.</summary>
    public double this[string id] => _values[id];

    /// <summary>Takes given values, and defaults for the rest.</summary>
    /// <param name="preset">The preset.</param>
    /// <param name="given">Values by parameter.</param>
    /// <param name="problems">A parameter and a sentence for each thing that is wrong.</param>
    /// <returns>The values, or null when something is wrong.</returns>
    public static PresetValues? Read(
        Preset preset, IReadOnlyDictionary<string, double> given, out IReadOnlyList<(string Parameter, string Sentence)> problems)
    {
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(given);
        var found = new List<(string, string)>();
        foreach (var id in given.Keys.Where(id => preset.Parameters.All(parameter => parameter.Id != id)))
            found.Add((id, $"{preset.Name} has nothing called \"{id}\" to set."));
        var values = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var parameter in preset.Parameters)
        {
            var value = given.TryGetValue(parameter.Id, out var wanted) ? wanted : parameter.Default;
            if (Flaw(parameter, value) is { } flaw) found.Add((parameter.Id, flaw));
            values[parameter.Id] = value;
        }

        problems = found;
        return found.Count == 0 ? new PresetValues(values) : null;
    }

    /// <summary>The value as a whole number.</summary>
    public int Count(string id) => (int)_values[id];

    private static string? Flaw(PresetParameter parameter, double value)
    {
        if (double.IsFinite(value) && value >= parameter.Least && value <= parameter.Most
            && (parameter.Kind == ParameterKind.Distance || value == Math.Floor(value))) return null;
        var (factor, unit) = parameter.Kind == ParameterKind.Distance ? (1000.0, " mm") : (1.0, "");
        var whole = parameter.Kind == ParameterKind.Distance ? "" : "a whole number, ";
        return FormattableString.Invariant(
            $"{parameter.Name}: {whole}from {parameter.Least * factor:0.#}{unit} to {parameter.Most * factor:0.#}{unit}.");
    }
}
