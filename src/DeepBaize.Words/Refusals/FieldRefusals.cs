namespace DeepBaize.Words.Refusals;

/// <summary>Why fields that many requests have are refused.</summary>
public static class FieldRefusals
{
    /// <summary>A number out of range.</summary>
    public static Refused Range(string field, double least, double most) =>
        new("Out of range", $"{field} lies between {least} and {most}.");

    /// <summary>Units that are none.</summary>
    public static Refused Units { get; } = new("Unknown units", "Distances are put in metric or imperial units.");

    /// <summary>A pocket that is none.</summary>
    /// <param name="known">The ids of all pockets.</param>
    public static Refused Pocket(IEnumerable<string> known) =>
        new("Unknown pocket", $"There is no such pocket; there are {string.Join(", ", known)}.");

    /// <summary>A part of a pocket that is none.</summary>
    public static Refused Part { get; } = new("Unknown part", "A pocket's part is opening, middle, nearJaw or farJaw.");

    /// <summary>A table that is not known.</summary>
    /// <param name="known">The names of all.</param>
    public static Refused Profile(IEnumerable<string> known) =>
        new("Unknown profile", $"There is no profile of that name; there are {string.Join(", ", known)}.");

    /// <summary>Coefficients that cannot be simulated.</summary>
    public const string Coefficients = "Coefficients outside their range";

    /// <summary>Paces that make no scale.</summary>
    public const string Paces = "Paces that make no scale";

    /// <summary>Strokes that make no scale.</summary>
    public const string Strokes = "Strokes that make no scale";

    /// <summary>An impossible player.</summary>
    public const string Player = "An impossible player";

    /// <summary>A player to begin with that is none.</summary>
    public const string PlayerPreset = "A preset is starter, club, league or expert.";

    /// <summary>A hand that is none.</summary>
    public const string Hand = "A player is right- or left-handed: hand is right or left.";

    /// <summary>A use of side that is none.</summary>
    public const string SidePolicy = "Side is avoided, used sparingly or used as a help: avoid, sparing or helping.";
}
