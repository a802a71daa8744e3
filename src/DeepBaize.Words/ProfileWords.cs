using DeepBaize.Physics.Profiles;

namespace DeepBaize.Words;

/// <summary>What the tables of the house are called.</summary>
public static class ProfileWords
{
    private static readonly Dictionary<string, (string Name, string About)> Known = new(StringComparer.Ordinal)
    {
        ["club"] = ("club table", "An ordinary club table, not measured."),
        ["match"] = ("match table", "Fresh fine cloth, tight pockets, clean balls."),
        ["slow-old-cloth"] =
            ("slow old cloth", "Worn heavy cloth, tired cushions (the green side most), unpolished balls, generous pockets."),
        ["lively"] = ("lively", "New cushions on a heated bed: everything runs."),
    };

    /// <summary>What players call it.</summary>
    public static string Name(ConditionProfile profile) => Known[profile.Id].Name;

    /// <summary>What it is like, in a sentence.</summary>
    public static string About(ConditionProfile profile) => Known[profile.Id].About;

    /// <summary>The profile with an id or a name, in capitals or not; null when there is none.</summary>
    public static ConditionProfile? Find(string idOrName) => HouseProfiles.Find(idOrName)
        ?? HouseProfiles.All.FirstOrDefault(profile => string.Equals(Name(profile), idOrName, StringComparison.OrdinalIgnoreCase));
}
