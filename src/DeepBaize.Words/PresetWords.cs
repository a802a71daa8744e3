using System.Globalization;
using DeepBaize.Table.Presets;

namespace DeepBaize.Words;

/// <summary>What a preset and its parameters are called, and what it is for.</summary>
public static class PresetWords
{
    private static readonly Dictionary<string, Texts> Known = new(StringComparer.Ordinal)
    {
        ["full-frame"] = new("Full frame", "All balls as the frame begins, the white in hand in the D."),
        ["break-off"] = new("Break-off", "Where in the D does the white stand best? Try it from both sides of the brown.",
            ("across", "From the middle of the D"),
            ("behind", "Behind the baulk line")),
        ["line-up"] = new("Line-up", "All colours on their spots, the reds on the line between them: clear it red, colour, red.",
            ("reds", "Reds"),
            ("gap", "Gap between reds")),
        ["cross"] = new("Cross round the blue", "Four arms of reds round the blue: the blue again and again, from every side.",
            ("each", "Reds in each arm"),
            ("first", "From the blue to the first red"),
            ("step", "From red to red")),
        ["fan"] = new(
            "Fan",
            "The pink to the top pocket and the white through a gate: the first on the stun line, each next one asks for more screw.",
            ("gate", "Gate, from stun to screw"),
            ("cut", "Cut"),
            ("away", "From the white to the pink")),
        ["gap"] = new("Through the gap", "Pot the black and bring the white back between two reds: a gate for height and pace.",
            ("width", "Room between the reds"),
            ("up", "Gate, from the baulk cushion"),
            ("across", "Middle of the gate, from the yellow side")),
        ["rail"] = new("Along the cushion", "Reds along a side cushion: meet cushion and ball together, or roll it along.",
            ("reds", "Reds"),
            ("off", "Gap to the cushion"),
            ("step", "From red to red")),
        ["up-and-down"] = new(
            "Up and down",
            "Over the spots to the top cushion and back to where it came from: nothing but a straight cue.",
            ("band", "Half the width of the way")),
        ["respotted-black"] = new("Re-spotted black", "The black on its spot, the white in hand: which first shot do you trust?",
            ("across", "From the middle of the D")),
        ["crescent"] = new("Crescent", "Reds on an arc round the black: pot each with the black after it and stay inside.",
            ("reds", "Reds"),
            ("radius", "From the black")),
        ["stairs"] = new("Stairs to the corner", "The same cut from nearer and farther: reds in steps towards a top pocket.",
            ("reds", "Reds"),
            ("step", "From step to step")),
        ["two-sides"] = new("Both sides of the pink", "A red each side of the pink: leave the white so that both are on.",
            ("apart", "From the pink to each red")),
    };

    /// <summary>What the preset is called.</summary>
    public static string Name(Preset preset) => Known[preset.Id].Name;

    /// <summary>What it is for, in one sentence.</summary>
    public static string About(Preset preset) => Known[preset.Id].About;

    /// <summary>What a parameter of it is called.</summary>
    public static string Name(Preset preset, PresetParameter parameter) =>
        Known[preset.Id].Parameters.Single(known => known.Id == parameter.Id).Name;

    /// <summary>What is wrong with a value that was given for a parameter.</summary>
    /// <param name="preset">The preset.</param>
    /// <param name="id">The parameter, or what was taken for one.</param>
    public static string Flaw(Preset preset, string id)
    {
        if (preset.Parameters.FirstOrDefault(known => known.Id == id) is not { } parameter)
            return $"{Name(preset)} has nothing called \"{id}\" to set.";
        var (factor, unit, whole) = parameter.Kind switch
        {
            ParameterKind.Distance => (1000.0, " mm", ""),
            ParameterKind.Angle => (1.0, " degrees", ""),
            _ => (1.0, "", "a whole number, "),
        };
        return string.Create(CultureInfo.InvariantCulture,
            $"{Name(preset, parameter)}: {whole}from {parameter.Least * factor:0.#}{unit} to {parameter.Most * factor:0.#}{unit}.");
    }

    private sealed record Texts(string Name, string About, params (string Id, string Name)[] Parameters);
}
