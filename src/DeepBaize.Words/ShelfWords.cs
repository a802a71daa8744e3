using DeepBaize.Planning.Players;

namespace DeepBaize.Words;

/// <summary>What stands on the shelf of the house, and what was taken on it.</summary>
public static class ShelfWords
{
    /// <summary>What the cue of the house is called.</summary>
    public const string HouseCue = "house cue";

    /// <summary>What it is like.</summary>
    public const string AboutHouseCue = "An ordinary snooker cue.";

    /// <summary>What a player of the house is like.</summary>
    public static string About(PlayerProfile player) => player?.Name switch
    {
        "starter" => "Plays now and then.",
        "club" => "A regular of a club.",
        "league" => "A good league player.",
        _ => "A very strong player.",
    };

    /// <summary>What was taken from a file.</summary>
    public static string Taken(int players, int tables, int cues) =>
        $"Taken from the file: {Counted(players, "player")}, {Counted(tables, "table")} and {Counted(cues, "cue")}.";

    private static string Counted(int count, string what) => count == 1 ? $"1 {what}" : $"{count} {what}s";
}
