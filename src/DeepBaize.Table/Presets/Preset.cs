using DeepBaize.Table.Layouts;

namespace DeepBaize.Table.Presets;

/// <summary>What the value of a parameter means.</summary>
public enum ParameterKind
{
    /// <summary>A distance in metres.</summary>
    Distance,

    /// <summary>A whole number.</summary>
    Count,

    /// <summary>An angle in degrees.</summary>
    Angle,
}

/// <summary>Something about a preset that can be set.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What its value means.</param>
/// <param name="Least">The smallest value.</param>
/// <param name="Most">The largest value.</param>
/// <param name="Default">The value that is taken when none is given.</param>
public sealed record PresetParameter(string Id, ParameterKind Kind, double Least, double Most, double Default)
{
    /// <summary>A distance in metres.</summary>
    public static PresetParameter Distance(string id, double least, double most, double standard) =>
        new(id, ParameterKind.Distance, least, most, standard);

    /// <summary>An angle in degrees.</summary>
    public static PresetParameter Angle(string id, double least, double most, double standard) =>
        new(id, ParameterKind.Angle, least, most, standard);

    /// <summary>A whole number.</summary>
    public static PresetParameter Count(string id, int least, int most, int standard) =>
        new(id, ParameterKind.Count, least, most, standard);
}

/// <summary>The pot that a preset is about.</summary>
/// <param name="Ball">The ball.</param>
/// <param name="Pocket">The pocket.</param>
public sealed record PresetPot(BallId Ball, PocketId Pocket);

/// <summary>The stroke with which a preset opens: its dials, and how thick the first ball on is met.</summary>
/// <param name="Pace">Pace of the house's scale.</param>
/// <param name="Side">Side in ball radii, to the right when positive.</param>
/// <param name="Height">Height in ball radii.</param>
/// <param name="Thickness">How much of the ball is covered, 0 to 1.</param>
public sealed record PresetStroke(double Pace = 4, double Side = 0, double Height = 0, double Thickness = 1);

/// <summary>What a preset lays.</summary>
/// <param name="Balls">The balls, with the white.</param>
/// <param name="Marks">Marks on the cloth.</param>
/// <param name="Pot">The pot that it is about, if any.</param>
/// <param name="IsInHand">True when the white is in hand.</param>
public sealed record PresetLayout(IReadOnlyList<PlacedBall> Balls, IReadOnlyList<Mark> Marks, PresetPot? Pot = null, bool IsInHand = false)
{
    /// <summary>Its stroke.</summary>
    public PresetStroke Stroke { get; init; } = new();

    /// <summary>The layout seen in the mirror along the middle of the table: every ball, mark and the pocket change sides.</summary>
    public PresetLayout Mirrored() => this with
    {
        Balls = [.. Balls.Select(placed => placed with { Place = placed.Place.Mirrored() })],
        Marks = [.. Marks.Select(mark => mark.Mirrored())],
        Pot = Pot is null ? null : Pot with { Pocket = Pockets.Mirrored(Pot.Pocket) },
        Stroke = Stroke with { Side = -Stroke.Side },
    };
}

/// <summary>A layout that is asked for by name, with parameters.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Parameters">What can be set.</param>
/// <param name="Lay">Lays it; the values are complete and within their ranges.</param>
public sealed record Preset(string Id, IReadOnlyList<PresetParameter> Parameters, Func<PresetValues, BallGauge, PresetLayout> Lay);

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
    /// <param name="wrong">What is wrong: parameters whose value is out of range, and names that are none.</param>
    /// <returns>The values, or null when something is wrong.</returns>
    public static PresetValues? Read(Preset preset, IReadOnlyDictionary<string, double> given, out IReadOnlyList<string> wrong)
    {
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(given);
        var found = given.Keys.Where(id => preset.Parameters.All(parameter => parameter.Id != id)).ToList();
        var values = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var parameter in preset.Parameters)
        {
            var value = given.TryGetValue(parameter.Id, out var wanted) ? wanted : parameter.Default;
            if (!IsIn(parameter, value)) found.Add(parameter.Id);
            values[parameter.Id] = value;
        }

        wrong = found;
        return found.Count == 0 ? new PresetValues(values) : null;
    }

    /// <summary>The value as a whole number.</summary>
    public int Count(string id) => (int)_values[id];

    private static bool IsIn(PresetParameter parameter, double value) =>
        double.IsFinite(value) && value >= parameter.Least && value <= parameter.Most
        && (parameter.Kind != ParameterKind.Count || value == Math.Floor(value));
}
