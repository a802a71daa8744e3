namespace DeepBaize.Words.Refusals;

/// <summary>Why marks, states of play and what else lies on a sheet are refused.</summary>
public static class SheetRefusals
{
    /// <summary>Impossible marks.</summary>
    public const string Marks = "Impossible marks";

    /// <summary>A state of play that is none.</summary>
    public const string NoState = "No state of play";

    /// <summary>A state of play that these balls do not allow.</summary>
    public const string CannotBeOn = "This cannot be on";

    /// <summary>A kind of mark that is none.</summary>
    public const string MarkKind = "A mark is a whitePlace, a target, a gate or a zone.";

    /// <summary>What is on, when it is nothing of the kind.</summary>
    public const string On = "On is a red, a colour, or one of the six colours.";

    /// <summary>A nominated ball that is no colour.</summary>
    public const string Nominated = "A colour is nominated.";

    /// <summary>A mark that a list lacks.</summary>
    /// <param name="number">Its place in the list, from 1.</param>
    public static string MissingMark(int number) => $"Mark {number} is missing.";

    /// <summary>Points out of range.</summary>
    public static string Points(int most) => $"Points lie between 0 and {most}.";

    /// <summary>Misses out of range.</summary>
    public static string Misses(int most) => $"Misses are counted from 0 to {most}.";

    /// <summary>A preset that there is not.</summary>
    public const string NoPreset = "There is no such preset.";

    /// <summary>A value that a preset does not take.</summary>
    public const string PresetValue = "Not a value";

    /// <summary>Regions that cannot be used.</summary>
    public const string Regions = "Regions cannot be used";
}
